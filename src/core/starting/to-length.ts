/** A class at another length: blocks left out or put in where it is far off, then fitted at the least change. */
import { addBlock, removeBlock, together } from "../class/commands";
import type { Block, ClassDoc } from "../class/document";
import { applyEdit } from "../class/edits";
import { expandedSeconds } from "../class/expand";
import { isMain } from "../effort/hard";
import type { Thresholds } from "../effort/thresholds";
import type { Person } from "../homes/home";
import type { MoveBook } from "../moves/book";
import type { Part } from "../parts/part";
import type { StartReason } from "../reasons/start-reasons";
import { scoreOf } from "../score/score";
import { fitClass } from "../shape/fit";
import { fitEdit } from "../shape/fit-change";
import type { Seconds } from "../units";

/** A class with what was changed of it. */
export interface Changed {
  readonly doc: ClassDoc;
  readonly says: readonly StartReason[];
}

export interface LengthInput {
  readonly library: MoveBook;
  readonly people: readonly Person[];
  readonly thresholds: Thresholds;
  readonly partsOf: (doc: ClassDoc) => readonly Part[];
  /** Numbers that stay as they are everywhere: see `fitClass`. */
  readonly kept?: readonly string[];
}

/** Nearer than this share a class is brought there by its numbers alone. */
const BY_NUMBERS = 0.2;
/** Blocks that are put in at most. */
const MOST_BLOCKS_IN = 3;

export const applied = (doc: ClassDoc, edit: Parameters<typeof applyEdit>[1]): ClassDoc => {
  const next = applyEdit(doc, edit);
  if (!next.ok) throw new Error(`a step of a starting point does not apply: ${next.error.code}`);
  return next.value;
};

/** Choices of blocks to leave out that are looked at. */
const MOST_CHOICES = 3;

/**
 * The blocks that could be left out so that the class is near to a length, the nearest choice first, one main block at
 * least staying. Nothing left out is one of them; of a class that isn't much too long the only one.
 */
export function choicesOut(
  doc: ClassDoc,
  library: MoveBook,
  seconds: Seconds,
): readonly (readonly Block[])[] {
  const { plan } = scoreOf(doc, library).seconds;
  const main = doc.blocks.filter(isMain);
  if (plan <= seconds * (1 + BY_NUMBERS) || main.length > 10) return [[]];
  const lengths = main.map((block) => expandedSeconds({ ...doc, blocks: [block] }, library, "plan"));
  const choices = Array.from({ length: 2 ** main.length - 1 }, (_, set) => {
    // The first block has the highest bit: of two choices alike the one that leaves out later ones comes first.
    const isOut = (i: number) => (set & (1 << (main.length - 1 - i))) !== 0;
    const left = lengths.reduce((sum, length, i) => sum + (isOut(i) ? length : 0), 0);
    return { out: main.filter((_block, i) => isOut(i)), off: Math.abs(plan - left - seconds) };
  });
  return choices
    .filter(({ out }) => !out.some(({ heart }) => heart))
    .sort((a, b) => a.off - b.off)
    .slice(0, MOST_CHOICES)
    .map(({ out }) => out);
}

function fitted(
  doc: ClassDoc,
  input: LengthInput,
  seconds: Seconds,
): { doc: ClassDoc; done: boolean; more: Block | null; before: string | null } {
  const { library, people, thresholds, partsOf, kept } = input;
  const { options, proposals } = fitClass({
    doc,
    library,
    seconds,
    within: 20,
    parts: partsOf(doc),
    people,
    thresholds,
    ...(kept ? { kept } : {}),
  });
  const [best] = options;
  const [more] = proposals;
  return {
    doc: best ? applied(doc, fitEdit(doc, best.changes)) : doc,
    done: best !== undefined,
    more: more?.block ?? null,
    before: more?.before ?? null,
  };
}

/** The class at a length, without these blocks; as near as it gets where that isn't in reach. */
export function toLength(
  doc: ClassDoc,
  input: LengthInput,
  seconds: Seconds,
  out: readonly Block[] = [],
): Changed {
  const { library } = input;
  const from = scoreOf(doc, library).seconds.plan;
  const says: StartReason[] = out.map(({ title }) => ({ code: "block-out", block: { block: title } }));
  let now = applied(doc, together(out.map((block) => removeBlock(doc, block))));
  for (let n = 0; n <= MOST_BLOCKS_IN; n += 1) {
    const lacks = seconds - scoreOf(now, library).seconds.plan;
    const next = fitted(now, input, seconds);
    const isFar = lacks > seconds * BY_NUMBERS;
    if (!next.more || n === MOST_BLOCKS_IN || (next.done && !isFar)) {
      now = next.doc;
      break;
    }
    now = applied(now, addBlock(next.more, next.before));
    says.push({ code: "block-in", block: { block: next.more.title } });
  }
  const to = scoreOf(now, library).seconds.plan;
  return {
    doc: now,
    says: to === from ? says : [...says, { code: "length", from: { clock: from }, to: { clock: to } }],
  };
}
