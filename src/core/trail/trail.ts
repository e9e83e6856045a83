/** What is written down of who did what with people's things, and its words for the owner. */

/** Every kind there is, with what it says of an actor and, where it is about somebody, of whom. */
export const TRAIL = {
  "link-made": "made a personal link for {person}",
  "link-ended": "ended the personal links of {person}",
  "own-links-ended": "{person} ended the other links to their page",
  "invitations-written": "wrote invitations",
  "message-read": "opened a message to {person} in the outbox",
  "whereabouts-read": "opened where {person} is and whom to call",
  "answers-kept": "{person} answered the readiness check",
  "answers-opened": "{person} opened their health answers",
  "answers-deleted": "{person} deleted their health answers",
  "data-exported": "took out everything kept of {person}",
  "roster-exported": "took out the roster",
  "log-exported": "took out the log of a session",
  "person-erased": "removed a person and all that was kept of them",
  "coach-asked": "made a link for a coach to join",
  "coach-joined": "joined as a coach",
  "coach-removed": "took a coach out of the studio",
  "coach-left": "left the studio",
  "signed-in": "signed in",
  "password-replaced": "replaced a forgotten password by mail",
  "second-factor-on": "turned a second factor on",
  "second-factor-off": "turned the second factor off",
} as const;
export type TrailKind = keyof typeof TRAIL;
export const TRAIL_KINDS = Object.keys(TRAIL) as TrailKind[];

/** Who acts where a person acts for themselves. */
export const BY_PERSON = "self";

/** A line for the owner: `Maren opened where Gil is and whom to call`. `person` null: since removed. */
export function trailText(kind: TrailKind, actor: string, person: string | null): string {
  const text = TRAIL[kind].replace("{person}", person ?? "somebody since removed");
  return TRAIL[kind].startsWith("{person}") ? text : `${actor} ${text}`;
}

/** Days that a line is kept. */
export const TRAIL_DAYS = 365;
