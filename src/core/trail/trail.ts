/** What is written down of who did what with people's things. Its words are in `src/words`. */
export const TRAIL_KINDS = [
  "link-made",
  "link-ended",
  "own-links-ended",
  "invitations-written",
  "afterwords-written",
  "message-read",
  "whereabouts-read",
  "answers-kept",
  "answers-opened",
  "answers-deleted",
  "data-exported",
  "roster-exported",
  "log-exported",
  "studio-exported",
  "studio-imported",
  "person-erased",
  "coach-asked",
  "coach-joined",
  "coach-removed",
  "coach-left",
  "signed-in",
  "password-replaced",
  "second-factor-on",
  "second-factor-off",
] as const;
export type TrailKind = (typeof TRAIL_KINDS)[number];

/** Who acts where a person acts for themselves. */
export const BY_PERSON = "self";

/** Days that a line is kept. */
export const TRAIL_DAYS = 365;
