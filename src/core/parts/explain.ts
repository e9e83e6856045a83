/** The reasons of a part: why this way, what else was open, and what is missing where there is none. */
import type { ClassDoc, Slot } from "../class/document";
import { doseAt } from "../class/document";
import { hasFor } from "../homes/fillings";
import type { Person } from "../homes/home";
import { homeIndex } from "../homes/home-index";
import type { KnownMove, MoveBook } from "../moves/book";
import type { Need } from "../moves/move";
import { heldBy } from "../reasons/held";
import { named } from "../reasons/named";
import type { Adjust, Dearer, LoadReason, Why, WhyNot } from "../reasons/part-reasons";
import { spanTriple } from "../values/span";
import { parseTempo } from "../values/tempo";
import { changeOverSeconds } from "./change-over";
import { COST_TERMS } from "./costs";
import type { Instead, Predicted, Status } from "./part";
import type { Wanted } from "./plan";
import { changeOverPoints, type PartProblem, standOf } from "./problem";
import { reachableFrom } from "./reach";
import { meansOf, type OpenWay, obstacle, openWays } from "./ways";

/** Why a move can't be done by this person here: a limit, the room, or the kit. Null where it can. */
export function whyNot(move: KnownMove, person: Person): WhyNot | null {
  const stop = obstacle(move, person);
  if (stop === "ceiling" || stop === "length" || stop === "jumping") return { code: stop };
  if (stop !== null) return { code: "limit", limit: { limits: [stop] } };
  if (meansOf(homeIndex(person), move).fillings.length > 0) return null;
  if (person.kit === undefined) return { code: "home-unknown" };
  const { needs, together } = missingNeeds(move, person);
  return { code: together ? "not-at-once" : "no-kit", needs: { needs } };
}

/** What the alternative that lacks least still needs; together: each thing is there, and not all at once. */
function missingNeeds(move: KnownMove, person: Person): { needs: readonly Need[]; together: boolean } {
  const lists = (move.needs ?? []).map((alternative) => alternative.filter((need) => !hasFor(need, person)));
  const [least] = lists.filter((list) => list.length > 0).sort((a, b) => a.length - b.length);
  return least ? { needs: least, together: false } : { needs: move.needs?.[0] ?? [], together: true };
}

/** What is known of the load that a way has. */
export function loadReason(way: OpenWay, predicted: Predicted | null, person: Person): LoadReason | null {
  const { goal } = way;
  if (goal.kind === "feel" && way.kg !== null) return { code: "start-light" };
  if (goal.kind !== "predicted") return null;
  const known = { mass: { kg: goal.from.kg, units: person.units ?? "kg" } };
  if (!predicted) return { code: "unpredicted", known, reps: goal.from.reps };
  const { reps, rir, rough } = predicted;
  return {
    code: "predicted",
    reps,
    rir,
    rough: rough ? "yes" : "no",
    known,
    knownReps: goal.from.reps,
  };
}

const because = (reason: WhyNot) => ({ topic: "whyNot" as const, reasons: [reason] });

/** Why the chosen way. */
export function whyOf(way: OpenWay, wanted: Wanted, status: Status, person: Person, overruled: boolean): Why {
  const held = heldBy(person, way.uses);
  if (overruled) return { code: "chosen", move: named(way.move), held };
  if (status === "as-set") {
    return wanted.targetLevel === 0
      ? { code: "as-set", held }
      : { code: "as-set-level", mark: { mark: wanted.mark }, held };
  }
  return {
    code: "instead",
    move: named(way.move),
    held,
    set: named(wanted.target),
    because: because(whyNot(wanted.target, person) ?? { code: "saves-changing" }),
  };
}

/** What stands in the way of every way within reach, the set one first, and what would help. */
export function whyUnmet(wanted: Wanted, person: Person, book: MoveBook): Why {
  const helped = reachableFrom(wanted.base, book)
    .filter((entry) => obstacle(entry.move, person) === null && !entry.move.gym)
    .map((entry) => missingNeeds(entry.move, person).needs)
    .filter((needs) => needs.length > 0);
  return {
    code: "unmet",
    because: because(whyNot(wanted.target, person) ?? { code: "not-here" }),
    help: { needs: helped[0] ?? [] },
  };
}

/** Why a cell that the instructor chose can't be done as chosen. */
export function whyChosenUnmet(moveId: string, person: Person, book: MoveBook): Why {
  const move = book.get(moveId);
  if (!move) return { code: "chosen-unknown", id: moveId };
  return {
    code: "chosen-unmet",
    move: named(move),
    because: because(whyNot(move, person) ?? { code: "not-here" }),
  };
}

/** A weight further from what is wanted than this counts as too light or too heavy. */
const TOO_FAR = 0.1;

/** The first move that a link leads to which this person can do. */
function linkedTo(
  { move }: OpenWay,
  person: Person,
  book: MoveBook,
  kind: "easier" | "harder",
  how?: string,
): KnownMove | undefined {
  return (move.links ?? [])
    .filter((link) => link.kind === kind && (how === undefined || link.how === how))
    .map((link) => book.get(link.to))
    .find((to) => to !== undefined && whyNot(to, person) === null);
}

function forTooLight(
  way: OpenWay,
  slot: Slot,
  predicted: Predicted | null,
  limb: KnownMove | undefined,
): readonly Adjust[] {
  const dose = doseAt(slot, 0);
  const tempo = dose.tempo === undefined ? null : parseTempo(dose.tempo);
  const most = dose.reps === undefined ? null : spanTriple(dose.reps).max;
  const more = most !== null && predicted && predicted.reps > most ? predicted.reps : null;
  return [
    ...(way.filling.doubled ? [{ code: "two-at-once" } as const] : []),
    ...(limb ? [{ code: "one-limb", move: named(limb) } as const] : []),
    ...(tempo || dose.reps !== undefined ? [{ code: "slower" } as const] : []),
    { code: "pause" },
    { code: "one-and-a-half" },
    ...(more === null ? [] : [{ code: "more-reps", reps: more } as const]),
  ];
}

/** What to do about a load that is too light or too heavy, in the order in which it is offered. */
export function adjustments(
  way: OpenWay,
  slot: Slot,
  predicted: Predicted | null,
  person: Person,
  book: MoveBook,
): readonly Adjust[] {
  const { kg, wantedKg, goal } = way;
  if (kg === null || wantedKg === null || goal.kind === "feel" || goal.kind === "none") return [];
  // Where nothing is wanted in the hand, any weight is too heavy.
  const over = kg > 0 ? 1 : 0;
  const off = wantedKg > 0 ? (kg - wantedKg) / wantedKg : over;
  if (Math.abs(off) <= TOO_FAR) return [];
  if (off < 0) return forTooLight(way, slot, predicted, linkedTo(way, person, book, "harder", "limbs"));
  const both = linkedTo(way, person, book, "easier", "limbs");
  const lever = linkedTo(way, person, book, "easier", "lever");
  const easier = linkedTo(way, person, book, "easier");
  return [
    ...(both ? [{ code: "both-hands", move: named(both) } as const] : []),
    ...(lever ? [{ code: "lever", move: named(lever) } as const] : []),
    { code: "smaller-range" },
    ...(easier ? [{ code: "easier", move: named(easier) } as const] : []),
  ];
}

/** Points of changing to and from a way of one slot, with the others as chosen. */
function changingPoints(
  slot: string,
  way: OpenWay,
  chosen: readonly (OpenWay | null)[],
  { cells, sequence, kit, table }: PartProblem,
): number {
  const chosenFor = (id: string) => chosen[cells.findIndex((cell) => cell.slot.id === id)] ?? null;
  let points = 0;
  for (const { from, to, times } of sequence.pairs) {
    if (from !== slot && to !== slot) continue;
    const [a, b] = [from, to].map((id) => (id === slot ? way : chosenFor(id)));
    if (a && b) points += times * changeOverPoints(changeOverSeconds(standOf(a), standOf(b), kit, table));
  }
  return points;
}

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
  const changing = (way: OpenWay) => changingPoints(cell.slot.id, way, chosen, problem);
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

function whyNotTaken(way: OpenWay, now: OpenWay, moreChanging: number): readonly Dearer[] {
  const worse: { code: Dearer["code"]; by: number }[] = COST_TERMS.map((code) => ({
    code,
    by: way.cost[code] - now.cost[code],
  }));
  worse.push({ code: "changing", by: moreChanging });
  const reasons = worse
    .filter((term) => term.by > 0)
    .sort((a, b) => b.by - a.by)
    .slice(0, 2)
    .map(({ code }) => ({ code }));
  return reasons.length > 0 ? reasons : [{ code: "same" }];
}
