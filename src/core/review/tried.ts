/**
 * Fixes tried on a copy of the class: one that leads to a class that can't be stored, or to something new to
 * mend, isn't offered. What makes a class too long is offered with what takes the time back.
 */
import { orderSlots, together } from "../class/commands";
import { type ClassDoc, slotsOf } from "../class/document";
import { whereKey } from "../class/keyed";
import type { Part } from "../parts/part";
import { scoreOf } from "../score/score";
import { orderStations } from "../shape/order";
import { after, staysValid } from "./edits";
import type { Finding, Fix } from "./finding";
import type { Line } from "./line";
import { type ReviewInput, readThrough } from "./read-through";

/** Everyone's parts in another version of the class. */
export type PartsOf = (doc: ClassDoc) => readonly Part[];

/** Offers of a line at most. */
const MOST_FIXES = 3;
/** Laps that are looked through for a better order. */
const ORDERED = { least: 3, most: 8 };

const keyOf = ({ code, where }: Finding) => `${code} ${whereKey(where)}`;
const isGrave = ({ severity, acknowledged }: Finding) => severity !== "consider" && acknowledged === null;

interface Trial {
  readonly input: ReviewInput;
  readonly partsOf: PartsOf;
  /** What there is to mend without the fix. */
  readonly before: ReadonlySet<string>;
}

interface Outcome {
  readonly fix: Fix;
  readonly findings: readonly Finding[];
  /** What there is to mend only because of it. */
  readonly worse: readonly Finding[];
}

/** What a fix leads to; null where that couldn't be stored. */
function outcomeOf(fix: Fix, { input, partsOf, before }: Trial): Outcome | null {
  const { doc, library } = input;
  if (!staysValid(doc, fix.edit, library, scoreOf(doc, library).seconds)) return null;
  const next = after(doc, fix.edit);
  if (!next) return null;
  const findings = readThrough({ ...input, doc: next, parts: partsOf(next) });
  const worse = findings.filter((finding) => isGrave(finding) && !before.has(keyOf(finding)));
  return { fix: { ...fix, takes: scoreOf(next, library).seconds.plan }, findings, worse };
}

/** The fix with the change of one number that takes back the time it costs; null where none does. */
function withTimeBack({ fix, worse }: Outcome, trial: Trial): Fix | null {
  if (!worse.every(({ code }) => code === "length-over")) return null;
  for (const back of worse.flatMap(({ fixes }) => fixes)) {
    const both: Fix = {
      says: {
        code: "and",
        first: { topic: "fix", reasons: [fix.says] },
        second: { topic: "fix", reasons: [back.says] },
      },
      edit: together([fix.edit, back.edit]),
    };
    const outcome = outcomeOf(both, trial);
    if (outcome?.worse.length === 0) return outcome.fix;
  }
  return null;
}

/** A fix as it may be offered, or null. */
function sound(fix: Fix, trial: Trial): Fix | null {
  const outcome = outcomeOf(fix, trial);
  if (!outcome) return null;
  return outcome.worse.length === 0 ? outcome.fix : withTimeBack(outcome, trial);
}

/** Another order of the block's moves in which its gaps are long enough as they are; nothing where there is none. */
function orderFix(line: Line, trial: Trial): readonly Fix[] {
  const { doc, library, parts = [] } = trial.input;
  const { block: id } = line.where;
  const block = doc.blocks.find((each) => each.id === id);
  if (line.code !== "gap-short" || !block) return [];
  const { length } = slotsOf(block);
  if (length < ORDERED.least || length > ORDERED.most) return [];
  const result = orderStations({ doc, library, block: block.id, parts });
  if (typeof result === "string") return [];
  const places = result.order.map((slot) => slotsOf(block).findIndex((each) => each.id === slot) + 1);
  if (places.every((place, i) => place === i + 1)) return [];
  const fix: Fix = {
    says: { code: "order", places: places.join("–"), block: { block: block.title } },
    edit: orderSlots(block, result.order),
  };
  const outcome = outcomeOf(fix, trial);
  const isShort = outcome?.findings.some(
    ({ code, where }) => code === "gap-short" && where.block === block.id,
  );
  return outcome && outcome.worse.length === 0 && !isShort ? [outcome.fix] : [];
}

/** A line with the fixes that hold, each with what the class then takes. */
export function triedLine(line: Line, input: ReviewInput, partsOf: PartsOf): Line {
  if (line.settled || line.acknowledged !== null) return { ...line, fixes: [], tried: true };
  const before = new Set(readThrough(input).filter(isGrave).map(keyOf));
  const trial = { input, partsOf, before };
  const fixes = line.fixes.flatMap((fix) => sound(fix, trial) ?? []);
  return { ...line, fixes: [...fixes, ...orderFix(line, trial)].slice(0, MOST_FIXES), tried: true };
}
