/**
 * A dose as a short line that people read and type: `40 s`, `hold 30 s`, `8–12 reps at 3-0-1-0`,
 * `10 reps of 2.5 s in 60 s`, `to limit 40 s`, `ladder 1–6 by 1 hold 2 s a rung`.
 * A list of doses, one for each appearance, is joined with slashes.
 */
import type { Seconds, Triple } from "../units";
import type { Dose, Ladder } from "./document";
import { parseSpan, type Span, spanText } from "./span";
import { parseTempo } from "./tempo";

function ladderText(ladder: Ladder): string {
  const step = ladder.step === undefined || ladder.step === 1 ? "" : ` by ${ladder.step}`;
  const hold = ladder.hold ? ` hold ${ladder.hold} s a ${ladder.holdOn ?? "rung"}` : "";
  return `ladder ${ladder.from}–${ladder.to}${step}${hold}`;
}

/** One dose in words. */
export function doseText(dose: Dose): string {
  const pace =
    dose.repSeconds !== undefined ? ` of ${dose.repSeconds} s` : dose.tempo ? ` at ${dose.tempo}` : "";
  if (dose.hold !== undefined) return `hold ${spanText(dose.hold)} s`;
  if (dose.toLimit !== undefined) return `to limit ${spanText(dose.toLimit)} s`;
  if (dose.ladder !== undefined) return `${ladderText(dose.ladder)}${pace}`;
  if (dose.reps !== undefined) {
    const unit = dose.reps === 1 ? "rep" : "reps";
    return `${spanText(dose.reps)} ${unit}${pace}${dose.within === undefined ? "" : ` in ${dose.within} s`}`;
  }
  return `${spanText(dose.seconds ?? 0)} s`;
}

/** A slot's dose or doses in words. */
export function dosesText(dose: Dose | readonly Dose[]): string {
  return Array.isArray(dose) ? dose.map(doseText).join(" / ") : doseText(dose as Dose);
}

/** Where somebody stops before a piece is over: `8 s, then rest`; empty where they don't. */
export function stopText(seconds: Seconds | null | undefined): string {
  return seconds === null || seconds === undefined ? "" : `${seconds} s, then rest`;
}

/** What is counted in a piece, in words: `8–12 reps`, `ladder 1–6`, `to the limit`; empty where only time is. */
export function amountText(dose: Dose, reps: Triple | null): string {
  if (dose.toLimit !== undefined) return "to the limit";
  if (dose.ladder !== undefined) return ladderText(dose.ladder);
  if (dose.reps === undefined || !reps) return "";
  const { min, max } = reps;
  return max === 1 ? "1 rep" : `${min === max ? max : `${min}–${max}`} reps`;
}

const SPAN = String.raw`(\d{1,5}(?:\s*(?:–|-|to)\s*\d{1,5}){0,2})`;
const SECONDS = String.raw`\s*(?:s|sec|secs|seconds)?`;
const PACE = String.raw`(?:\s+(?:at|@)\s*(\S+)|\s+of\s+(\d{1,3}(?:\.\d{1,2})?)${SECONDS})?`;
const FORMS = {
  hold: new RegExp(`^hold\\s+${SPAN}${SECONDS}$`, "i"),
  toLimit: new RegExp(`^(?:to\\s+)?(?:the\\s+)?limit\\s+${SPAN}${SECONDS}$`, "i"),
  reps: new RegExp(`^${SPAN}\\s*(?:reps?|x|×)${PACE}(?:\\s+in\\s+(\\d{1,5})${SECONDS})?$`, "i"),
  ladder: new RegExp(
    `^ladder\\s+(\\d{1,3})\\s*(?:–|-|to)\\s*(\\d{1,3})(?:\\s+by\\s+(\\d{1,3}))?` +
      `(?:\\s+hold\\s+(\\d{1,2}(?:\\.\\d{1,2})?)${SECONDS}\\s+a\\s+(rung|rep))?${PACE}$`,
    "i",
  ),
  seconds: new RegExp(`^${SPAN}${SECONDS}$`, "i"),
};

function pace(tempo: string | undefined, repSeconds: string | undefined): Partial<Dose> | null {
  if (tempo !== undefined) return parseTempo(tempo) ? { tempo } : null;
  return repSeconds === undefined ? {} : { repSeconds: Number(repSeconds) };
}

/** Reads one dose; null where it can't be read. Whether its numbers are allowed is for the check of the class. */
export function parseDose(text: string): Dose | null {
  const line = text.trim();
  const spanOf = (part: string | undefined): Span | null => (part === undefined ? null : parseSpan(part));
  const hold = FORMS.hold.exec(line);
  if (hold) return only("hold", spanOf(hold[1]));
  const limit = FORMS.toLimit.exec(line);
  if (limit) return only("toLimit", spanOf(limit[1]));
  const reps = FORMS.reps.exec(line);
  if (reps) {
    const span = spanOf(reps[1]);
    const speed = pace(reps[2], reps[3]);
    if (span === null || speed === null) return null;
    return { reps: span, ...speed, ...(reps[4] === undefined ? {} : { within: Number(reps[4]) }) };
  }
  const ladder = FORMS.ladder.exec(line);
  if (ladder) {
    const speed = pace(ladder[6], ladder[7]);
    if (speed === null) return null;
    const [, from, to, step, held, on] = ladder;
    const rungs: Ladder = {
      from: Number(from),
      to: Number(to),
      ...(step === undefined ? {} : { step: Number(step) }),
      ...(held === undefined ? {} : { hold: Number(held), holdOn: on?.toLowerCase() as "rung" | "rep" }),
    };
    return { ladder: rungs, ...speed };
  }
  const seconds = FORMS.seconds.exec(line);
  return seconds ? only("seconds", spanOf(seconds[1])) : null;
}

function only(kind: "seconds" | "hold" | "toLimit", span: Span | null): Dose | null {
  return span === null ? null : { [kind]: span };
}

/** Reads a dose or a list of doses joined with slashes. */
export function parseDoses(text: string): Dose | readonly Dose[] | null {
  const doses = text.split("/").map(parseDose);
  if (doses.some((dose) => dose === null)) return null;
  return doses.length === 1 ? (doses[0] as Dose) : (doses as Dose[]);
}
