/**
 * How the reps of a piece are counted, to the millisecond: which rep begins when, in which phases, on which side,
 * and what of it is said differently. Pure arithmetic from an anchor (the piece's first second): nothing adds up errors.
 */
import { appearanceIndex, type Dose, doseAt, type Slot } from "../class/document";
import type { SequenceEntry } from "../class/dose";
import { rungs } from "../class/dose-kinds";
import { repSecondsOf } from "../class/dose-time";
import { type Segment, slotSides } from "../class/expand";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Phases } from "../moves/move";
import { type Ms, otherSide, type Side } from "../units";
import { centiseconds, parseTempo, type Tempo } from "../values/tempo";

/** What one does in a part of a rep; `rep` where a move has no phases of its own: steps, jumps. */
export type PhaseKind = "lower" | "bottom" | "lift" | "top" | "rep";

/** A part of a rep, in ms after the rep's beginning. */
export interface RepPhase {
  readonly kind: PhaseKind;
  readonly fromMs: Ms;
  readonly toMs: Ms;
}

export interface Rep {
  /** After the piece's first second. */
  readonly startMs: Ms;
  readonly lastsMs: Ms;
  /** The number that is said. */
  readonly n: number;
  /** How many there are to count; null where the time alone ends it. */
  readonly of: number | null;
  /** Pulses are counted after the last rep. */
  readonly what: "rep" | "pulse";
  /** Of moves whose sides take turns rep by rep. */
  readonly side: Side | null;
  /** Its number is that of a pair, one on each side. */
  readonly each: boolean;
  /** Of several moves in turn, or of a ladder: what this count is of. */
  readonly part: { readonly move: string } | { readonly rung: number; readonly rungs: number } | null;
  /** When in the rep its number falls: with the effort, which is the lift. */
  readonly saidAfterMs: Ms;
  readonly phases: readonly RepPhase[];
}

/** What is known of a way for its count. */
export interface Counted {
  readonly dose: Dose;
  /** Reps of this piece, as the score has counted them; null where none are. */
  readonly reps: number | null;
  readonly repSeconds: number;
  /** Lower-pause-lift-pause, where one is set. */
  readonly tempo: string | null;
  readonly phases: Phases | undefined;
  /** The side of the first rep where sides take turns within the piece, else null. */
  readonly alternates: Side | null;
  /** Reps that alternate are counted for each side, not altogether. */
  readonly each: boolean;
}

/** Reps counted of a piece at most: of the fastest feet for two hours more than anybody counts. */
const MOST_REPS = 1000;

/** Centiseconds as whole ms. */
const ms = (centi: number): Ms => centi * 10;

/** The phases in the order in which they come, as shares of a rep that lasts so long; `rep` where it has none. */
export function phasesOf(
  begins: Phases["begins"],
  seconds: Tempo | Phases["seconds"] | null,
  lastsMs: Ms,
): readonly RepPhase[] {
  const [lower, bottom, lift, top] = seconds ?? [0, 0, 0, 0];
  const sum = lower + bottom + lift + top;
  if (seconds === null || sum <= 0) return [{ kind: "rep", fromMs: 0, toMs: lastsMs }];
  const down = [
    { kind: "lower", share: lower },
    { kind: "bottom", share: bottom },
  ] as const;
  const up = [
    { kind: "lift", share: lift },
    { kind: "top", share: top },
  ] as const;
  const order = begins === "lift" ? [...up, ...down] : [...down, ...up];
  let before = 0;
  return order.flatMap(({ kind, share }) => {
    const fromMs = Math.round((before / sum) * lastsMs);
    before += share;
    return share > 0 ? [{ kind, fromMs, toMs: Math.round((before / sum) * lastsMs) }] : [];
  });
}

function phasesIn({ tempo, phases }: Pick<Counted, "tempo" | "phases">, lastsMs: Ms): readonly RepPhase[] {
  const set = tempo === null ? null : parseTempo(tempo);
  return phasesOf(phases?.begins ?? "lower", set ?? phases?.seconds ?? null, lastsMs);
}

/** A number falls on the lift; where there is none, on the beginning. */
function saidAfter(phases: readonly RepPhase[]): Ms {
  return phases.find(({ kind }) => kind === "lift")?.fromMs ?? 0;
}

/** Reps in a row, one after the other. */
function row(
  count: number,
  lastsMs: Ms,
  startMs: Ms,
  phases: readonly RepPhase[],
  of: number | null,
): readonly Rep[] {
  const saidAfterMs = saidAfter(phases);
  return Array.from({ length: Math.min(count, MOST_REPS) }, (_, i) => ({
    startMs: startMs + i * lastsMs,
    lastsMs,
    n: i + 1,
    of,
    what: "rep",
    side: null,
    each: false,
    part: null,
    saidAfterMs,
    phases,
  }));
}

/** Sides that take turns: counted for each, a pair has one number; altogether, every rep its own. */
function withSides(reps: readonly Rep[], first: Side, each: boolean): readonly Rep[] {
  return reps.map((rep, i) => ({
    ...rep,
    side: i % 2 === 0 ? first : otherSide(first),
    each,
    ...(each ? { n: Math.floor(i / 2) + 1, of: rep.of === null ? null : Math.ceil(rep.of / 2) } : {}),
  }));
}

/** Rungs, each counted by itself, with what is held after each rep or rung. */
function ladderReps({ dose, repSeconds, tempo, phases }: Counted): readonly Rep[] {
  const { ladder } = dose;
  if (!ladder) return [];
  const lasts = ms(centiseconds(repSeconds));
  const hold = ms(centiseconds(ladder.hold ?? 0));
  const shared = phasesIn({ tempo, phases }, lasts);
  const all = rungs(ladder);
  const reps: Rep[] = [];
  let at = 0;
  for (const [i, k] of all.entries()) {
    const part = { rung: i + 1, rungs: all.length };
    const after = ladder.holdOn === "rep" ? hold * k : 0;
    for (const rep of row(k, lasts, 0, shared, k)) {
      reps.push({ ...rep, startMs: at, part });
      at += lasts + after;
    }
    if (ladder.holdOn !== "rep") at += hold * k;
  }
  return reps;
}

/** Several moves in turn, each counted by itself; over and over where a time is set. */
function sequenceReps(entries: readonly SequenceEntry[], untilMs: Ms, over: boolean, book: MoveBook) {
  const parts = entries.map(({ move, reps }) => {
    const known = resolveMove(move, book);
    const lasts = ms(centiseconds(known.repSeconds));
    const phases = phasesIn({ tempo: null, phases: known.phases }, lasts);
    return { name: known.name, count: reps, lasts, reps: row(reps, lasts, 0, phases, reps) };
  });
  const reps: Rep[] = [];
  if (parts.every(({ lasts }) => lasts <= 0)) return reps;
  let at = 0;
  do {
    for (const { name, lasts, reps: own } of parts)
      for (const rep of own) {
        if (at + lasts > untilMs || reps.length >= MOST_REPS) return reps;
        reps.push({ ...rep, startMs: at, part: { move: name } });
        at += lasts;
      }
  } while (over);
  return reps;
}

/** What follows the last rep: pulses are counted, a second each; a hold isn't. */
function pulsesAfter(reps: readonly Rep[], { then }: Dose): readonly Rep[] {
  const last = reps.at(-1);
  if (!then?.pulses || !last) return reps;
  const from = last.startMs + last.lastsMs;
  const pulse: readonly RepPhase[] = [{ kind: "rep", fromMs: 0, toMs: 1000 }];
  return [
    ...reps,
    ...row(then.pulses, 1000, from, pulse, then.pulses).map((rep) => ({ ...rep, what: "pulse" as const })),
  ];
}

/**
 * The reps of a piece that lasts `lengthMs`: those that end within it. Empty where nothing is counted: holds,
 * to the limit, timed work without a pace. Timed work with a pace is counted as far as its time goes.
 */
export function repsOf(counted: Counted, lengthMs: Ms, book: MoveBook): readonly Rep[] {
  const { dose, reps, repSeconds } = counted;
  const inTime = (all: readonly Rep[]) => all.filter((rep) => rep.startMs + rep.lastsMs <= lengthMs);
  if (dose.sequence !== undefined)
    return sequenceReps(dose.sequence, lengthMs, dose.seconds !== undefined, book);
  if (dose.ladder !== undefined) return inTime(ladderReps(counted));
  const paced = dose.seconds !== undefined && (dose.tempo !== undefined || dose.repSeconds !== undefined);
  if ((dose.reps === undefined || reps === null) && !paced) return [];
  const lasts = ms(centiseconds(repSeconds));
  if (lasts <= 0) return [];
  const count = paced ? Math.floor(lengthMs / lasts) : (reps ?? 0);
  const plain = row(count, lasts, 0, phasesIn(counted, lasts), paced ? null : count);
  const sided = counted.alternates ? withSides(plain, counted.alternates, counted.each) : plain;
  return inTime(pulsesAfter(sided, dose));
}

/** What a slot's own way is counted by, in one of its pieces. */
export function countedOf(slot: Slot, segment: Segment, book: MoveBook): Counted {
  const dose = doseAt(slot, appearanceIndex(slot, segment.round));
  const move = resolveMove(slot.move, book);
  return {
    dose,
    reps: segment.reps?.plan ?? null,
    repSeconds: repSecondsOf(dose, move.repSeconds),
    tempo: dose.tempo ?? null,
    phases: phasesFor(move, dose),
    alternates: slotSides(slot, book) === "alternating" ? (slot.firstSide ?? "left") : null,
    each: (slot.count ?? "each") === "each",
  };
}

/** A move's own phases; of a class's own move what its tempo says. */
function phasesFor(move: KnownMove, { tempo }: Dose): Phases | undefined {
  if (move.phases || tempo !== undefined || move.tempo === undefined) return move.phases;
  const own = parseTempo(move.tempo);
  return own ? { begins: "lower", seconds: own } : undefined;
}
