/** The sentences of a part: why this way, and what is missing where there is none. */
import { MARK_WORD, type Person } from "../homes/home";
import { LIMIT_WORDS, type Limit } from "../homes/limits";
import { fillMove, fillNeeds } from "../homes/match";
import { needText, usesText } from "../homes/need-words";
import type { KnownMove, MoveBook } from "../moves/book";
import { type Candidate, obstacle, type Wanted } from "./candidates";
import type { Status } from "./part";
import { reachableFrom } from "./reach";

const SPACE_WORDS = {
  ceiling: "the ceiling is too low for it",
  length: "there isn't room enough for it",
  jumping: "there is no jumping at home",
} as const;

/** Why a move can't be done by this person here: a limit, the room, or the kit. Null where it can. */
export function whyNot(move: KnownMove, person: Person): string | null {
  const stop = obstacle(move, person);
  if (stop === "ceiling" || stop === "length" || stop === "jumping") return SPACE_WORDS[stop];
  if (stop !== null) return `asked for ${LIMIT_WORDS[stop as Limit]}`;
  if (fillMove(move.needs, person)) return null;
  const missing = missingNeeds(move, person);
  const home = person.kit === undefined ? "home not said yet, so nothing is counted on" : null;
  return home ?? `no ${missing.replaceAll(/(^| or )(?:a|an) /g, "$1")} at home`;
}

/** What the alternative that lacks least still needs, in words. */
function missingNeeds(move: KnownMove, person: Person): string {
  const lists = (move.needs ?? []).map((alternative) =>
    alternative.filter((need) => fillNeeds([need], person) === null).map(needText),
  );
  // Every need by itself may be met and not all at once: then the whole alternative is what lacks.
  const [least] = lists.filter((list) => list.length > 0).sort((a, b) => a.length - b.length);
  return least ? least.join(" or ") : (move.needs?.[0] ?? []).map(needText).join(" together with ");
}

/** One sentence on the chosen way. */
export function whyText(best: Candidate, wanted: Wanted, status: Status, person: Person): string {
  const kit = usesText(best.uses, person.kit ?? []);
  const by = kit === "" ? "" : ` with ${kit}`;
  if (status === "as-set") {
    if (wanted.targetLevel === 0) return kit === "" ? "As set; needs nothing." : `As set${by}.`;
    return `As set for ${MARK_WORD[wanted.mark]}${by}.`;
  }
  const reason = whyNot(wanted.target, person);
  return `${best.move.name}${by} instead of ${lowerFirst(wanted.target.name)}: ${reason ?? "nearest to what was set"}.`;
}

/** What stands in the way of every way within reach, the set one first, and what would help. */
export function unmetReason(wanted: Wanted, person: Person, book: MoveBook): string {
  const reason = whyNot(wanted.target, person) ?? "not possible here";
  const helped = reachableFrom(wanted.base, book)
    .filter((entry) => obstacle(entry.move, person) === null)
    .map((entry) => missingNeeds(entry.move, person))
    .filter((text) => text !== "");
  const help = helped[0] ? ` It would take ${helped[0]}.` : "";
  return `No way found: ${reason}.${help}`;
}

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
