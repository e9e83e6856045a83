/**
 * One row a kind of dose: how it is checked, how long it takes, how it is written and read, and what others
 * may do with it. A kind that is added to `Amounts` doesn't compile until it has its row.
 */
import { flatTriple, mapTriple, type Triple } from "../units";
import {
  type Bounds,
  checkDecimal,
  checkKey,
  checkObject,
  checkOneOf,
  checkSpan,
  checkWhole,
  type Faults,
  TIME,
} from "../values/check-values";
import { at } from "../values/faults";
import { parseSpan, type Span, spanText, spanTriple } from "../values/span";
import { centiseconds, parseTempo } from "../values/tempo";
import type { Sides } from "./document";
import type { Amounts, Dose, DoseKind, DoseOf, Ladder, SequenceEntry, Then } from "./dose";

/** One side's share of a piece: how long, and the reps where it is counted. */
export interface PieceDose {
  readonly seconds: Triple;
  readonly reps?: Triple;
}

/** How a dose is done: on which sides, counted how, and how long a rep takes. */
export interface Doing {
  readonly sides: Sides;
  readonly count: "each" | "total";
  readonly repSeconds: number;
  readonly dose: Dose;
  /** Seconds of a rep of the moves of a sequence. */
  readonly repSecondsOf: (move: string) => number;
}

export interface DoseRow<K extends DoseKind> {
  /** Whether the piece lasts as long as the dose says, at most so long, or as long as what is counted takes. */
  readonly lasts: "as-said" | "at-most" | "as-counted";
  /** Reps are counted, and a level may count others. */
  readonly reps: boolean;
  /** Takes a tempo, or seconds for a rep. */
  readonly paced: boolean;
  /** May be started every so many seconds. */
  readonly windows: boolean;
  /** The number of a block's sentence that it stands in, which a fit may move where it is seconds. */
  readonly number: "work" | "reps" | null;
  /** Whether a set of it is hard: always, by what is left in reserve, or by the effort of its move alone. */
  readonly hard: "always" | "by-reserve" | "by-effort";
  /** `least`: of a total over both sides in turn each side must get one. */
  readonly check: (
    faults: Faults,
    path: string,
    value: unknown,
    least: number,
    checkMove: (path: string, value: unknown) => void,
  ) => void;
  /** The pieces of one appearance, before its window is applied. */
  readonly pieces: (amount: Amounts[K], doing: Doing) => readonly PieceDose[];
  /** As people read and type it; `pace` is what stands beside it. */
  readonly text: (amount: Amounts[K], dose: DoseOf<K>, pace: string) => string;
  /** How it is typed, and what is read of that. */
  readonly form: RegExp;
  readonly read: (match: RegExpExecArray) => Dose | null;
}

export const REPS: Bounds = { least: 1, most: 1000 };
const AMOUNT: Bounds = { least: 1, most: TIME.most };
const RUNG: Bounds = { least: 1, most: 100 };
const RESERVE: Bounds = { least: 0, most: 10 };
/** Moves of a sequence. */
const SEQUENCE = { least: 2, most: 4 } as const;

const spanCheck = (bounds: Bounds) => (faults: Faults, path: string, value: unknown, least: number) => {
  checkSpan(faults, path, value, { ...bounds, least: Math.max(bounds.least, least) });
};

function checkLadder(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  for (const key of ["from", "to"])
    checkKey(faults, path, value, key, (p, v) => checkWhole(faults, p, v, RUNG), true);
  checkKey(faults, path, value, "step", (p, v) => checkWhole(faults, p, v, RUNG));
  checkKey(faults, path, value, "hold", (p, v) => checkDecimal(faults, p, v, { least: 0, most: 60 }));
  checkKey(faults, path, value, "holdOn", (p, v) => checkOneOf(faults, p, v, ["rung", "rep"]));
}

/** The rungs from `from` towards `to`, none past it. */
export function rungs(ladder: Ladder): number[] {
  const step = ladder.step ?? 1;
  const out: number[] = [];
  if (ladder.from <= ladder.to) for (let k = ladder.from; k <= ladder.to; k += step) out.push(k);
  else for (let k = ladder.from; k >= ladder.to; k -= step) out.push(k);
  return out;
}

function ladderPieces(ladder: Ladder, { sides, repSeconds }: Doing): readonly PieceDose[] {
  const rep = centiseconds(repSeconds);
  const hold = centiseconds(ladder.hold ?? 0);
  let reps = 0;
  let total = 0;
  for (const k of rungs(ladder)) {
    reps += k;
    total += k * rep + (ladder.holdOn === "rep" ? k * k * hold : k * hold);
  }
  const one = { seconds: flatTriple(Math.ceil(total / 100)), reps: flatTriple(reps) };
  return sides === "inTurn" ? [one, one] : [one];
}

/**
 * Sizes follow `count`: halves are rounded up for the first side and down for the other, at min, plan and max
 * by themselves; reps that alternate are doubled where counted each.
 */
function spanPieces(piece: (size: Triple, doing: Doing) => PieceDose, doubles: boolean) {
  return (amount: Span, doing: Doing): readonly PieceDose[] => {
    const size = spanTriple(amount);
    const of = (change: (n: number) => number) => piece(mapTriple(size, change), doing);
    const { sides, count } = doing;
    if (sides === "inTurn" && count === "total")
      return [of((n) => Math.ceil(n / 2)), of((n) => Math.floor(n / 2))];
    if (sides === "inTurn") return [of((n) => n), of((n) => n)];
    return [sides === "alternating" && doubles && count === "each" ? of((n) => n * 2) : of((n) => n)];
  };
}

const timedPieces = spanPieces((seconds) => ({ seconds }), false);
/** Sums are in hundredths of a second, so that 100 reps of 1.1 s are 110 s; a piece is rounded up once. */
const countedPieces = spanPieces((reps, { repSeconds, dose }) => {
  const rep = centiseconds(repSeconds);
  const more = 100 * thenSeconds(dose);
  return { seconds: mapTriple(reps, (n) => Math.ceil((n * rep + more) / 100)), reps };
}, true);

/** Seconds that come after the last rep: a pulse takes one. */
export function thenSeconds({ then }: Dose): number {
  return then ? (then.pulses ?? then.hold ?? 0) : 0;
}

function checkSequence(
  faults: Faults,
  path: string,
  value: unknown,
  _least: number,
  checkMove: (path: string, value: unknown) => void,
): void {
  if (!Array.isArray(value) || value.length < SEQUENCE.least || value.length > SEQUENCE.most) {
    faults.add(path, { code: "length", ...SEQUENCE, what: "moves" });
    return;
  }
  for (const [i, entry] of value.entries()) {
    const where = at(path, i);
    if (!checkObject(faults, where, entry)) continue;
    checkKey(faults, where, entry, "move", checkMove, true);
    checkKey(faults, where, entry, "reps", (p, v) => checkWhole(faults, p, v, REPS), true);
  }
}

/** Once through, by the moves' own rep times, rounded up once; side by side each side does all of it. */
function sequencePieces(entries: readonly SequenceEntry[], doing: Doing): readonly PieceDose[] {
  const { dose, repSecondsOf, sides } = doing;
  if (dose.seconds !== undefined) return timedPieces(dose.seconds, doing);
  const total = entries.reduce((sum, { move, reps }) => sum + reps * centiseconds(repSecondsOf(move)), 0);
  const one = { seconds: flatTriple(Math.ceil(total / 100)) };
  return sides === "inTurn" ? [one, one] : [one];
}

function readSequence([, list, seconds]: RegExpExecArray): Dose | null {
  const entries = (list ?? "").split("+").map((part) => {
    const [, reps, move] = /^\s*(\d{1,4})\s+(\S+)\s*$/.exec(part) ?? [];
    return { move: move ?? "", reps: Number(reps) };
  });
  const span = seconds === undefined ? undefined : parseSpan(seconds);
  if (span === null) return null;
  return { sequence: entries, ...(span === undefined ? {} : { seconds: span }) };
}

/** The span of a dose that stops at a reserve stands beside it. */
function readReserve([, left, amount]: RegExpExecArray): Dose | null {
  const allow = parseSpan(amount ?? "");
  return allow === null ? null : { reserve: Number(left), allow };
}

function ladderText(ladder: Ladder): string {
  const step = ladder.step === undefined || ladder.step === 1 ? "" : ` by ${ladder.step}`;
  const hold = ladder.hold ? ` hold ${ladder.hold} s a ${ladder.holdOn ?? "rung"}` : "";
  return `ladder ${ladder.from}–${ladder.to}${step}${hold}`;
}

const SPAN = String.raw`(\d{1,5}(?:\s*(?:–|-|to)\s*\d{1,5}){0,2})`;
const SECONDS = String.raw`\s*(?:s|sec|secs|seconds)?`;
const PACE = String.raw`(?:\s+(?:at|@)\s*(\S+)|\s+of\s+(\d{1,3}(?:\.\d{1,2})?)${SECONDS})?`;

function readPace(tempo: string | undefined, repSeconds: string | undefined) {
  if (tempo !== undefined) return parseTempo(tempo) ? { tempo } : null;
  return repSeconds === undefined ? {} : { repSeconds: Number(repSeconds) };
}

const readSpan = (make: (span: Span) => Dose) => (match: RegExpExecArray) => {
  const span = parseSpan(match[1] ?? "");
  return span === null ? null : make(span);
};

function readTimed([, amount, tempo, repSeconds]: RegExpExecArray): Dose | null {
  const seconds = parseSpan(amount ?? "");
  const pace = readPace(tempo, repSeconds);
  return seconds === null || pace === null ? null : { seconds, ...pace };
}

function readReps([, amount, tempo, repSeconds, within, pulses, hold]: RegExpExecArray): Dose | null {
  const span = parseSpan(amount ?? "");
  const pace = readPace(tempo, repSeconds);
  if (span === null || pace === null) return null;
  const then =
    pulses !== undefined ? { pulses: Number(pulses) } : hold !== undefined ? { hold: Number(hold) } : null;
  return {
    reps: span,
    ...pace,
    ...(within === undefined ? {} : { within: Number(within) }),
    ...(then ? { then } : {}),
  };
}

function thenText(then: Then | undefined): string {
  if (!then) return "";
  return then.pulses === undefined ? ` then hold ${then.hold} s` : ` then ${then.pulses} pulses`;
}

function readLadder(match: RegExpExecArray): Dose | null {
  const [, from, to, step, held, on] = match;
  const pace = readPace(match[6], match[7]);
  if (pace === null) return null;
  const ladder: Ladder = {
    from: Number(from),
    to: Number(to),
    ...(step === undefined ? {} : { step: Number(step) }),
    ...(held === undefined ? {} : { hold: Number(held), holdOn: on?.toLowerCase() as "rung" | "rep" }),
  };
  return { ladder, ...pace };
}

const timed = {
  reps: false,
  paced: false,
  windows: false,
  check: spanCheck(AMOUNT),
  pieces: timedPieces,
} as const;

/** In the order in which faults and screens name them. */
export const DOSES: { readonly [K in DoseKind]: DoseRow<K> } = {
  seconds: {
    ...timed,
    paced: true,
    lasts: "as-said",
    number: "work",
    hard: "by-effort",
    text: (span, _dose, pace) => `${spanText(span)} s${pace}`,
    form: new RegExp(`^${SPAN}${SECONDS}${PACE}$`, "i"),
    read: readTimed,
  },
  hold: {
    ...timed,
    lasts: "as-said",
    number: "work",
    hard: "by-effort",
    text: (span) => `hold ${spanText(span)} s`,
    form: new RegExp(`^hold\\s+${SPAN}${SECONDS}$`, "i"),
    read: readSpan((hold) => ({ hold })),
  },
  reps: {
    lasts: "as-counted",
    reps: true,
    paced: true,
    windows: true,
    number: "reps",
    hard: "by-reserve",
    check: spanCheck(REPS),
    pieces: countedPieces,
    text: (span, { within, then }, pace) => {
      const unit = span === 1 ? "rep" : "reps";
      const window = within === undefined ? "" : ` in ${within} s`;
      return `${spanText(span)} ${unit}${pace}${window}${thenText(then)}`;
    },
    form: new RegExp(
      `^${SPAN}\\s*(?:reps?|x|×)${PACE}(?:\\s+in\\s+(\\d{1,5})${SECONDS})?` +
        `(?:\\s+then\\s+(?:(\\d{1,3})\\s+pulses?|hold\\s+(\\d{1,3})${SECONDS}))?$`,
      "i",
    ),
    read: readReps,
  },
  ladder: {
    lasts: "as-counted",
    reps: false,
    paced: true,
    windows: false,
    number: null,
    hard: "by-reserve",
    check: checkLadder,
    pieces: ladderPieces,
    text: (ladder, _dose, pace) => `${ladderText(ladder)}${pace}`,
    form: new RegExp(
      `^ladder\\s+(\\d{1,3})\\s*(?:–|-|to)\\s*(\\d{1,3})(?:\\s+by\\s+(\\d{1,3}))?` +
        `(?:\\s+hold\\s+(\\d{1,2}(?:\\.\\d{1,2})?)${SECONDS}\\s+a\\s+(rung|rep))?${PACE}$`,
      "i",
    ),
    read: readLadder,
  },
  toLimit: {
    ...timed,
    lasts: "at-most",
    number: null,
    hard: "always",
    text: (span) => `to limit ${spanText(span)} s`,
    form: new RegExp(`^(?:to\\s+)?(?:the\\s+)?limit\\s+${SPAN}${SECONDS}$`, "i"),
    read: readSpan((toLimit) => ({ toLimit })),
  },
  reserve: {
    ...timed,
    lasts: "at-most",
    number: null,
    hard: "by-reserve",
    check: (faults, path, value) => checkWhole(faults, path, value, RESERVE),
    pieces: (_reserve, doing) => timedPieces(doing.dose.allow ?? 0, doing),
    text: (reserve, { allow }) => `stop with ${reserve} left ${spanText(allow)} s`,
    form: new RegExp(`^stop\\s+with\\s+(\\d{1,2})\\s+left,?\\s+${SPAN}${SECONDS}$`, "i"),
    read: readReserve,
  },
  sequence: {
    lasts: "as-counted",
    reps: false,
    paced: false,
    windows: false,
    number: null,
    hard: "by-effort",
    check: checkSequence,
    pieces: sequencePieces,
    text: (entries, { seconds }) =>
      entries.map(({ move, reps }) => `${reps} ${move}`).join(" + ") +
      (seconds === undefined ? "" : ` in ${spanText(seconds)} s`),
    form: new RegExp(
      `^(\\d{1,4}\\s+[a-z0-9-]+(?:\\s*\\+\\s*\\d{1,4}\\s+[a-z0-9-]+){1,3})(?:\\s+in\\s+${SPAN}${SECONDS})?$`,
      "i",
    ),
    read: readSequence,
  },
};

export const DOSE_KINDS = Object.keys(DOSES) as readonly DoseKind[];

/** The one kind that a valid dose has. */
export function doseKind(dose: Dose): DoseKind {
  // A sequence may have seconds beside it.
  if (dose.sequence !== undefined) return "sequence";
  return DOSE_KINDS.find((kind) => dose[kind] !== undefined) ?? "seconds";
}

/** A dose with its row, as one kind that isn't known which. */
export function rowOf(dose: Dose): { readonly row: DoseRow<DoseKind>; readonly amount: Amounts[DoseKind] } {
  const kind = doseKind(dose);
  return { row: DOSES[kind] as DoseRow<DoseKind>, amount: dose[kind] ?? 0 };
}

/** Whether a dose lasts as long as it says: it is timed, and the time isn't a limit. */
export function lastsAsSaid(dose: Dose): boolean {
  return rowOf(dose).row.lasts === "as-said" || isTimedSequence(dose);
}

/** Two or more moves over and over for so long. */
function isTimedSequence({ sequence, seconds }: Dose): boolean {
  return sequence !== undefined && seconds !== undefined;
}

/** Whether the clock ends it, at the latest: to the limit, or with some left. */
export function stopsBefore(dose: Dose): boolean {
  return rowOf(dose).row.lasts === "at-most";
}

/** The key under which a dose's time or count stands as a number or a range; null for one that is made of more. */
function spanKey(dose: Dose): "seconds" | "hold" | "reps" | "toLimit" | "allow" | null {
  const kind = doseKind(dose);
  if (kind === "reserve") return "allow";
  if (kind === "sequence") return dose.seconds === undefined ? null : "seconds";
  return kind === "ladder" ? null : kind;
}

/** The amount of a dose where it is a number or a range; null for one that is made of more. */
export function spanOf(dose: Dose): Span | null {
  const key = spanKey(dose);
  return key === null ? null : (dose[key] ?? null);
}

/** The same dose with another amount; one that isn't a number or a range stays as it is. */
export function withSpan(dose: Dose, change: (span: Span) => Span): Dose {
  const key = spanKey(dose);
  const span = spanOf(dose);
  return key === null || span === null ? dose : ({ ...dose, [key]: change(span) } as Dose);
}
