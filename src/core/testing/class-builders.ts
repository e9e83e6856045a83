/** What the cases of the read-through are built of: slots, blocks, classes, people. */
import type { Block, ClassDoc, Dose, MoveRef, Slot } from "../class/document";
import type { Person } from "../homes/home";
import type { KitItem } from "../homes/kit";
import type { Season } from "../review/season";

export interface Case {
  readonly doc: ClassDoc;
  readonly people?: readonly Person[];
  readonly season?: Season;
}

/** A class in which a code fires, and one in which it is quiet. */
export interface Pair {
  readonly fires: Case;
  readonly quiet: Case;
}

let ids = 0;
export const slot = (
  move: Slot["move"],
  dose: Dose | readonly Dose[] = { seconds: 40 },
  more: Partial<Slot> = {},
): Slot => {
  ids += 1;
  return { id: `s${ids}`, move, dose, ...more };
};
export const block = (slots: readonly Slot[], more: Partial<Block> = {}): Block => {
  ids += 1;
  return { id: `b${ids}`, title: "", role: "main", slots, ...more };
};
export const doc = (blocks: readonly Block[], more: Partial<ClassDoc> = {}): ClassDoc => ({
  format: "brontle.class",
  version: 1,
  title: "Test",
  stance: "strength",
  blocks,
  ...more,
});
/** Of which only what it needs is known: nothing leads away from it. */
export const ROPE_CLIMB: MoveRef = { name: "Rope climb", needs: [[{ as: "bar" }]] };

export const kit = (...items: Omit<KitItem, "id">[]): KitItem[] =>
  items.map((item, i) => ({ ...item, id: `k${i}` }));
export const person = (more: Partial<Person> = {}): Person => ({
  id: "p",
  name: "Piet Skerry",
  kit: [],
  ...more,
});
export const warmup = (seconds: number) =>
  block([slot("march-on-the-spot", { seconds })], { role: "warmup" });
export const cooldown = (seconds: number) =>
  block([slot("slow-breathing", { seconds })], { role: "cooldown" });
export const main = (seconds: number, more: Partial<Block> = {}) =>
  block([slot("bodyweight-squat", { seconds })], more);
export const rounds = (n: number, slots: readonly Slot[], more: Partial<Block> = {}) =>
  block(slots, { rounds: n, rest: 15, longRest: 60, ...more });
export const words = (n: number) => Array.from({ length: n }, () => "word").join(" ");
export const HOUR = 3_600_000;
export const AT = Date.parse("2026-11-25T18:00:00Z");
export const hardSquats = (sets: number) =>
  doc([rounds(sets, [slot("goblet-squat", { reps: 8 }, { load: { rir: 2 } })], { longRest: 120 })]);
