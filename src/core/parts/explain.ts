/** The sentences of a part: why this way, what else was open, and what is missing where there is none. */
import type { ClassDoc, Slot } from "../class/document";
import { doseAt } from "../class/document";
import { hasFor } from "../homes/fillings";
import { MARK_WORD, type Person } from "../homes/home";
import { homeIndex } from "../homes/home-index";
import { LIMIT_WORDS, type Limit } from "../homes/limits";
import { needText, usesText } from "../homes/need-words";
import type { KnownMove, MoveBook } from "../moves/book";
import { massText } from "../units";
import { spanTriple } from "../values/span";
import { parseTempo } from "../values/tempo";
import { changeOverSeconds } from "./change-over";
import { COST_TERMS, type CostName } from "./costs";
import type { Instead, Predicted, Status } from "./part";
import type { Wanted } from "./plan";
import { changeOverPoints, type PartProblem, standOf } from "./problem";
import { reachableFrom } from "./reach";
import { meansOf, type OpenWay, obstacle, openWays } from "./ways";

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
  if (meansOf(homeIndex(person), move).fillings.length > 0) return null;
  const missing = missingNeeds(move, person);
  const home = person.kit === undefined ? "home not said yet, so nothing is counted on" : null;
  return home ?? `no ${missing.replaceAll(/(^| or )(?:a|an) /g, "$1")} at home`;
}

/** What the alternative that lacks least still needs, in words. */
function missingNeeds(move: KnownMove, person: Person): string {
  const lists = (move.needs ?? []).map((alternative) =>
    alternative.filter((need) => !hasFor(need, person)).map(needText),
  );
  // Every need by itself may be met and not all at once: then the whole alternative is what lacks.
  const [least] = lists.filter((list) => list.length > 0).sort((a, b) => a.length - b.length);
  return least ? least.join(" or ") : (move.needs?.[0] ?? []).map(needText).join(" together with ");
}

/** `about 14 reps (rough) with 2 in reserve, from 9 kg × 10`; empty where nothing is predicted. */
function loadText(way: OpenWay, predicted: Predicted | null, person: Person): string {
  const { goal } = way;
  if (goal.kind === "feel" && way.kg !== null) {
    return " Start light: the last two reps should be slow, not shaky; then say how it went.";
  }
  if (goal.kind !== "predicted") return "";
  const known = `${massText(goal.from.kg, person.units)} × ${goal.from.reps}`;
  if (!predicted) return ` Too light or too long a set to predict reps from the known ${known}.`;
  const rough = predicted.rough ? "roughly" : "about";
  return ` ${rough === "about" ? "About" : "Roughly"} ${predicted.reps} reps with ${predicted.rir} in reserve, from the known ${known}.`;
}

/** One sentence on the chosen way, and what the load means where it is known. */
export function whyText(
  way: OpenWay,
  wanted: Wanted,
  status: Status,
  person: Person,
  more: {
    readonly overruled: boolean;
    readonly predicted: Predicted | null;
    readonly adjust: readonly string[];
  },
): string {
  const kit = usesText(way.uses, person.kit ?? [], person.units);
  const by = kit === "" ? "" : ` with ${kit}`;
  const load = loadText(way, more.predicted, person);
  const adjust = more.adjust[0] ? ` ${more.adjust[0]}` : "";
  const tail = `${load}${adjust}`;
  if (more.overruled) return `${way.move.name}${by}: your choice.${tail}`;
  if (status === "as-set") {
    if (wanted.targetLevel === 0) return `${kit === "" ? "As set; needs nothing" : `As set${by}`}.${tail}`;
    return `As set for ${MARK_WORD[wanted.mark]}${by}.${tail}`;
  }
  const reason = whyNot(wanted.target, person) ?? "saves changing kit or position between moves";
  return `${way.move.name}${by} instead of ${lowerFirst(wanted.target.name)}: ${reason}.${tail}`;
}

/** What stands in the way of every way within reach, the set one first, and what would help. */
export function unmetReason(wanted: Wanted, person: Person, book: MoveBook): string {
  const reason = whyNot(wanted.target, person) ?? "not possible here";
  const helped = reachableFrom(wanted.base, book)
    .filter((entry) => obstacle(entry.move, person) === null && !entry.move.gym)
    .map((entry) => missingNeeds(entry.move, person))
    .filter((text) => text !== "");
  const help = helped[0] ? ` It would take ${helped[0]}.` : "";
  return `No way found: ${reason}.${help}`;
}

/** Why a cell that the instructor chose can't be done as chosen. */
export function overruledTrouble(moveId: string, person: Person, book: MoveBook): string {
  const move = book.get(moveId);
  if (!move) return `You chose ${moveId}, which the library doesn't have.`;
  return `You chose ${lowerFirst(move.name)}: ${whyNot(move, person) ?? "not possible here"}.`;
}

/** A weight further from what is wanted than this counts as too light or too heavy. */
const TOO_FAR = 0.1;

/** What to do about a load that is too light or too heavy, in the order in which it is offered. */
export function adjustments(
  way: OpenWay,
  slot: Slot,
  predicted: Predicted | null,
  person: Person,
  book: MoveBook,
): readonly string[] {
  const { kg, wantedKg, goal } = way;
  if (kg === null || wantedKg === null || goal.kind === "feel" || goal.kind === "none") return [];
  const off = wantedKg > 0 ? (kg - wantedKg) / wantedKg : kg > 0 ? 1 : 0;
  if (Math.abs(off) <= TOO_FAR) return [];
  const linked = (kind: "easier" | "harder", how: string) =>
    (way.move.links ?? [])
      .filter((link) => link.kind === kind && link.how === how)
      .map((link) => book.get(link.to))
      .find((move) => move !== undefined && whyNot(move, person) === null);
  if (off < 0) {
    const dose = doseAt(slot, 0);
    const tempo = dose.tempo === undefined ? null : parseTempo(dose.tempo);
    const limb = linked("harder", "limbs");
    const most = dose.reps === undefined ? null : spanTriple(dose.reps).max;
    return [
      ...(way.filling.doubled ? ["Two at once."] : []),
      ...(limb ? [`One limb instead of two: ${lowerFirst(limb.name)}.`] : []),
      ...(tempo || dose.reps !== undefined ? ["Lower two counts slower."] : []),
      "Pause two counts at the hardest point.",
      "One and a half reps each.",
      ...(most !== null && predicted && predicted.reps > most ? [`More reps: up to ${predicted.reps}.`] : []),
    ];
  }
  const both = linked("easier", "limbs");
  const lever = linked("easier", "lever");
  const easier = (way.move.links ?? [])
    .filter((link) => link.kind === "easier")
    .map((link) => book.get(link.to))
    .find((move) => move !== undefined && whyNot(move, person) === null);
  return [
    ...(both ? [`Both hands on one weight: ${lowerFirst(both.name)}.`] : []),
    ...(lever ? [`A shorter lever: ${lowerFirst(lever.name)}.`] : []),
    "A smaller range.",
    ...(easier ? [`An easier way: ${lowerFirst(easier.name)}.`] : []),
  ];
}

const TERM_WORDS: Record<CostName, string> = {
  leave: "not what was set",
  mark: "further from the level that is wanted",
  link: "further from what was set",
  pattern: "another movement pattern",
  muscles: "trains other muscles first",
  position: "another position",
  impact: "another impact",
  load: "the load is further off",
  sidedness: "one side against two",
};

/** The best two other moves for a slot with all else as chosen, and why each was not taken. */
export function insteadOf(
  index: number,
  chosen: readonly (OpenWay | null)[],
  problem: PartProblem,
  doc: ClassDoc,
  book: MoveBook,
  cost: number,
): readonly Instead[] {
  const cell = problem.cells[index];
  const now = chosen[index] ?? null;
  if (!cell || !now) return [];
  const at = new Map(problem.cells.map((other, i) => [other.slot.id, i]));
  const changing = (way: OpenWay) => {
    let points = 0;
    for (const { from, to, times } of problem.sequence.pairs) {
      if (from !== cell.slot.id && to !== cell.slot.id) continue;
      const other = chosen[at.get(from === cell.slot.id ? to : from) ?? -1];
      if (!other) continue;
      const [a, b] = from === cell.slot.id ? [way, other] : [other, way];
      points +=
        times * changeOverPoints(changeOverSeconds(standOf(a), standOf(b), problem.kit, problem.table));
    }
    return points;
  };
  const nowChanging = changing(now);
  const best = new Map<string, { way: OpenWay; total: number; changing: number }>();
  for (const way of openWays(cell.slot, cell.wanted, problem.person, book, doc.stance)) {
    const id = way.move.id;
    if (id === null || id === now.move.id) continue;
    const points = changing(way);
    const total = cost - now.total - nowChanging + way.total + points;
    const known = best.get(id);
    if (!known || total < known.total) best.set(id, { way, total, changing: points });
  }
  return [...best.entries()]
    .sort(([a, x], [b, y]) => x.total - y.total || (a < b ? -1 : 1))
    .slice(0, 2)
    .map(([move, { way, total, changing: points }]) => ({
      move,
      name: way.move.name,
      cost: total,
      whyNot: whyNotTaken(way, now, points - nowChanging),
    }));
}

function whyNotTaken(way: OpenWay, now: OpenWay, moreChanging: number): string {
  const worse = COST_TERMS.map((term) => ({ words: TERM_WORDS[term], by: way.cost[term] - now.cost[term] }));
  worse.push({ words: "more changing between moves", by: moreChanging });
  const reasons = worse
    .filter((term) => term.by > 0)
    .sort((a, b) => b.by - a.by)
    .slice(0, 2)
    .map((term) => term.words);
  return reasons.length > 0 ? reasons.join(", ") : "costs the same; the first was taken";
}

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
