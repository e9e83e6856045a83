/** A plan that somebody does by themselves: their own sets one after the other, and what they did of it. */
import { type ClassDoc, findSlot } from "../class/document";
import { expand, type Segment } from "../class/expand";
import type { SlotDone } from "../log/entries";
import type { MoveBook } from "../moves/book";
import type { Part, PartSet, PartSlot } from "../parts/part";
import type { Seconds } from "../units";

export interface AloneDone {
  /** By slot id. */
  readonly slots: Readonly<Record<string, SlotDone>>;
  /** 0–10; null where it wasn't said. */
  readonly effort: number | null;
  readonly note: string;
  /** Slots in which it hurt. */
  readonly hurt: readonly string[];
  /** What they did it from, as it was then. */
  readonly part: Part;
}

/** One set, and the rest after it. */
export interface AloneSet {
  readonly slot: string;
  readonly own: PartSlot;
  readonly set: PartSet | null;
  /** Set number of this slot, from 1, and of how many. */
  readonly nth: number;
  readonly of: number;
  readonly side: Segment["side"];
  /** Of timed work and holds; null where reps are counted. */
  readonly seconds: Seconds | null;
  /** Planned reps; null where nothing is counted. */
  readonly reps: number | null;
  /** Until the next set; 0 after the last. */
  readonly restSeconds: Seconds;
}

/** Between two things that aren't the same, somebody alone needs at least this. */
const LEAST_REST = 5;

/** Nobody talks or shows anything to somebody who is alone. */
const SPOKEN: readonly Segment["kind"][] = ["brief", "demo"];

function setOf(own: PartSlot, { round }: Segment): PartSet | null {
  return own.sets?.find((set) => set.round === round) ?? own.sets?.[0] ?? null;
}

/** Whether somebody does a set: not where nothing can be done, nor beyond the sets that are theirs. */
function isTheirs(own: PartSlot | undefined, nth: number): own is PartSlot {
  return own !== undefined && own.status !== "unmet" && (own.rounds === undefined || nth <= own.rounds);
}

type Made = { -readonly [K in keyof AloneSet]: AloneSet[K] };

/** One set of a piece; null where it isn't theirs. */
function madeOf(segment: Segment, own: PartSlot | undefined, nth: number): Made | null {
  const { slot, side, start, end } = segment;
  if (slot === null || !isTheirs(own, nth)) return null;
  const set = setOf(own, segment);
  const isCounted = segment.reps !== undefined || Boolean(set?.reps);
  const seconds = set?.seconds ?? own.seconds ?? (isCounted ? null : end - start);
  const reps = seconds === null ? (set?.reps?.plan ?? segment.reps?.plan ?? null) : null;
  return { slot, own, set, nth, of: 0, side, seconds, reps, restSeconds: 0 };
}

/** Tells which of its slot's appearances a piece is, from 1; both sides are of one. */
function appearances(): (segment: Segment) => number {
  const seen = new Map<string, { readonly n: number; readonly round: number | null }>();
  return ({ slot, round }) => {
    const last = seen.get(slot ?? "");
    const n = last === undefined ? 1 : last.round === round ? last.n : last.n + 1;
    seen.set(slot ?? "", { n, round });
    return n;
  };
}

/** All sets of a plan in order, as this part does them; a block against a cap is once through its moves. */
export function aloneSets(doc: ClassDoc, part: Part, book: MoveBook): readonly AloneSet[] {
  const byId = new Map(part.slots.map((own) => [own.slot, own]));
  const nthOf = appearances();
  const made: Made[] = [];
  for (const segment of capped(doc, book)) {
    const { kind, slot, start, end } = segment;
    const last = made.at(-1);
    if (kind === "work" && slot !== null) {
      const one = madeOf(segment, byId.get(slot), nthOf(segment));
      if (one) made.push(one);
    } else if (last && !SPOKEN.includes(kind)) last.restSeconds += end - start;
  }
  const all = new Map<string, number>();
  for (const { slot, nth } of made) all.set(slot, Math.max(all.get(slot) ?? 0, nth));
  return made.map((each, i) => ({
    ...each,
    of: all.get(each.slot) ?? 1,
    restSeconds: restAfter(each, made[i + 1]),
  }));
}

/** To go over to something else takes a moment. */
function restAfter(each: Made, next: Made | undefined): Seconds {
  if (next === undefined) return 0;
  const changes = next.slot !== each.slot || next.side !== each.side;
  return changes ? Math.max(LEAST_REST, each.restSeconds) : each.restSeconds;
}

/** The segments of a plan, with each capped block once through its moves. */
function capped(doc: ClassDoc, book: MoveBook): readonly Segment[] {
  if (doc.blocks.every(({ cap }) => cap === undefined)) return expand(doc, book);
  const blocks = doc.blocks.map(({ cap, ...block }) =>
    cap === undefined ? { ...block } : { ...block, rounds: 1 },
  );
  return expand({ ...doc, blocks }, book);
}

/** What is prefilled of a plan that was done to the end: every slot as it was meant. */
export function aloneMeant(sets: readonly AloneSet[]): Readonly<Record<string, SlotDone>> {
  const made: Record<string, SlotDone> = {};
  for (const { slot, of, set, seconds, reps } of sets) {
    const eachKg = set?.load && "kg" in set.load ? { eachKg: set.load.kg } : {};
    made[slot] = {
      sets: of,
      ...(reps === null ? {} : { reps }),
      ...(seconds === null ? {} : { seconds }),
      ...eachKg,
    };
  }
  return made;
}

/** The name of a slot's move as it is done. */
export function slotTitle(doc: ClassDoc, part: Part, slot: string): string {
  return part.slots.find((own) => own.slot === slot)?.name ?? (findSlot(doc, slot) ? slot : "");
}
