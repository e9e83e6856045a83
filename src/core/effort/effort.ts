/**
 * How hard a class is felt over its time, and how tired each muscle gets locally: labelled estimates
 * for a level or for one person's part, never a heart rate and never energy. The model, its constants
 * and their sources are in `docs/effort.md`.
 */
import { type ClassDoc, findSlot, type Slot } from "../class/document";
import { expand, type Segment } from "../class/expand";
import type { Mark } from "../homes/home";
import { bookFor, type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import { MUSCLES, type Muscle } from "../moves/move";
import type { Part, PartSlot } from "../parts/part";
import type { Seconds } from "../units";
import { moveEffort, reserveEffort, slotEffort } from "./demand";
import { leftAt } from "./left";

/** Constants of the model; see `docs/effort.md`. */
export const EFFORT_MODEL = {
  /** Time constants of the response, up and down, seconds (oxygen uptake kinetics: Poole & Jones 2012). */
  upSeconds: 40,
  downSeconds: 70,
  /** Effort of standing about, of talk and of shaking out. */
  restEffort: 1,
  /** What a level adds to a piece's demand. */
  level: { flat: -1, natural: 0, sharp: 1 } as Readonly<Record<Mark, number>>,
  /** Half the width of the band: what the estimate doesn't know. */
  band: 1,
  /** Effort that counts as high. */
  high: 7,
  /** Local fatigue: seconds of all-out work that fill a muscle to 63 %, and that empty it by as much. */
  fillSeconds: 60,
  emptySeconds: 90,
  /** Share of a secondary muscle. */
  secondary: 0.5,
} as const;

export const SAMPLE_SECONDS: Seconds = 5;

export interface EffortCurve {
  readonly stepSeconds: Seconds;
  /** Effort 0–10 at 0, 5, 10 … seconds; the band lies one to either side. */
  readonly effort: readonly number[];
  readonly peak: number;
  readonly mean: number;
  readonly minutesHigh: number;
  /** Expected effort of the whole class, 0–10, and × minutes (Foster 2001). */
  readonly sessionEffort: number;
  readonly sessionLoad: number;
  /** Local fatigue 0–1 at the same instants, for the muscles that are worked. */
  readonly fatigue: ReadonlyMap<Muscle, readonly number[]>;
}

export interface Demand {
  readonly effort: number;
  readonly primary: readonly Muscle[];
  readonly secondary: readonly Muscle[];
}

export const RESTING: Demand = { effort: EFFORT_MODEL.restEffort, primary: [], secondary: [] };

/** The level to draw: as set at a mark, or one person's part with its own marks and moves. */
export type Whose = { readonly mark: Mark } | { readonly part: Part };

function demandOf(doc: ClassDoc, book: MoveBook, slotId: string, whose: Whose): Demand {
  const found = findSlot(doc, slotId);
  if (!found) return RESTING;
  const base = resolveMove(found.slot.move, book);
  const own = "part" in whose ? whose.part.slots.find((entry) => entry.slot === slotId) : undefined;
  if (own?.status === "unmet") return RESTING;
  const move = own?.move ? (book.get(own.move) ?? base) : base;
  const mark = "part" in whose ? "natural" : whose.mark;
  return {
    effort: own
      ? ownEffort(found.slot, own, move, book, doc)
      : clamp(slotEffort(found.slot, book, doc.stance) + EFFORT_MODEL.level[mark]),
    primary: move.muscles?.primary ?? [],
    secondary: move.muscles?.secondary ?? [],
  };
}

/** What one's own version asks for: by the energy of the move that is done, or by what is left in its sets. */
function ownEffort(slot: Slot, own: PartSlot, move: KnownMove, book: MoveBook, { stance }: ClassDoc): number {
  if (!own.sets || own.sets.length === 0) return clamp(slotEffort(slot, book, stance));
  const felt = own.sets.map((_, i) => reserveEffort(leftAt(slot, i, book, stance, own), move));
  const mean = felt.reduce((sum, n) => sum + n, 0) / felt.length;
  return clamp(Math.max(moveEffort(move), mean));
}

function clamp(effort: number): number {
  return Math.min(10, Math.max(0, effort));
}

/** Mean of the slots of a capped block: its one piece is all of them in turn. */
function cappedDemand(doc: ClassDoc, book: MoveBook, segment: Segment, whose: Whose): Demand {
  const block = doc.blocks.find((entry) => entry.id === segment.block);
  const all = (block?.slots ?? []).map((slot) => demandOf(doc, book, slot.id, whose));
  if (all.length === 0) return RESTING;
  return {
    effort: all.reduce((sum, demand) => sum + demand.effort, 0) / all.length,
    primary: [],
    secondary: [...new Set(all.flatMap((demand) => demand.primary))],
  };
}

/** First-order response towards a demand after `seconds`. */
export function towards(now: number, demand: number, seconds: Seconds): number {
  const constant = demand > now ? EFFORT_MODEL.upSeconds : EFFORT_MODEL.downSeconds;
  return demand + (now - demand) * Math.exp(-seconds / constant);
}

function tired(now: number, share: number, effort: number, seconds: Seconds): number {
  if (share <= 0) return now * Math.exp(-seconds / EFFORT_MODEL.emptySeconds);
  // Filling and emptying at once: towards their balance, at the sum of their rates.
  const fill = (share * effort) / 10 / EFFORT_MODEL.fillSeconds;
  const empty = 1 / EFFORT_MODEL.emptySeconds;
  const balance = fill / (fill + empty);
  return balance + (now - balance) * Math.exp(-seconds * (fill + empty));
}

const tenth = (n: number) => Math.round(n * 10) / 10;

/** What each segment asks of a body; a slot is worked out once. */
export function demandsOf(doc: ClassDoc, library: MoveBook, whose: Whose): (segment: Segment) => Demand {
  const book = bookFor(doc, library);
  const known = new Map<string, Demand>();
  return (segment) => {
    if (segment.kind !== "work") return RESTING;
    const key = segment.slot ?? `cap ${segment.block}`;
    const made =
      known.get(key) ??
      (segment.slot === null
        ? cappedDemand(doc, book, segment, whose)
        : demandOf(doc, book, segment.slot, whose));
    known.set(key, made);
    return made;
  };
}

/** Tires and rests every muscle over so many seconds of one demand. */
export function tireMuscles(muscles: Map<Muscle, number>, demand: Demand, seconds: Seconds): void {
  for (const muscle of MUSCLES) {
    const helps = demand.secondary.includes(muscle) ? EFFORT_MODEL.secondary : 0;
    const share = demand.primary.includes(muscle) ? 1 : helps;
    const now = muscles.get(muscle) ?? 0;
    if (share > 0 || now > 0) muscles.set(muscle, tired(now, share, demand.effort, seconds));
  }
}

/** The curve of a valid class. */
export function effortCurve(doc: ClassDoc, library: MoveBook, whose: Whose): EffortCurve {
  const segments = expand(doc, library);
  const total = segments.at(-1)?.end ?? 0;
  const demandAt = demandsOf(doc, library, whose);
  let effort: number = EFFORT_MODEL.restEffort;
  const muscles = new Map<Muscle, number>();
  const points: number[] = [effort];
  const series = new Map<Muscle, number[]>(MUSCLES.map((muscle) => [muscle, [0]]));
  let index = 0;
  for (let t = 0; t < total; t += SAMPLE_SECONDS) {
    // Between two samples a segment may end: each stretch by itself, exactly.
    for (let from = t; from < Math.min(total, t + SAMPLE_SECONDS); ) {
      while ((segments[index] as Segment).end <= from) index += 1;
      const segment = segments[index] as Segment;
      const to = Math.min(segment.end, t + SAMPLE_SECONDS, total);
      const demand = demandAt(segment);
      effort = towards(effort, demand.effort, to - from);
      tireMuscles(muscles, demand, to - from);
      from = to;
    }
    points.push(tenth(effort));
    for (const [muscle, list] of series) list.push(Math.round((muscles.get(muscle) ?? 0) * 100) / 100);
  }
  const mean = points.reduce((sum, n) => sum + n, 0) / points.length;
  const peak = Math.max(...points);
  // A whole class is remembered between how it was on the whole and how it was at its worst.
  const sessionEffort = tenth((mean + peak) / 2);
  return {
    stepSeconds: SAMPLE_SECONDS,
    effort: points,
    peak: tenth(peak),
    mean: tenth(mean),
    minutesHigh: tenth((points.filter((n) => n >= EFFORT_MODEL.high).length * SAMPLE_SECONDS) / 60),
    sessionEffort,
    sessionLoad: Math.round((sessionEffort * total) / 60),
    fatigue: new Map([...series].filter(([, list]) => list.some((n) => n > 0))),
  };
}
