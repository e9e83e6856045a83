/** A class that is begun from something: a starting point, an earlier class or some of its blocks, a step further. */
import { type ClassDoc, slotsOf } from "../class/document";
import type { StartReason } from "../reasons/start-reasons";
import { type Adapted, type AdaptInput, adaptClass } from "./adapt";
import { stepUp } from "./step-up";
import { templateClass } from "./template";
import { TEMPLATES } from "./templates";

/** What a class is begun from. */
export type Source =
  | { readonly template: string }
  | {
      readonly doc: ClassDoc;
      /** The ids of the blocks that are taken; all where left out. */
      readonly blocks?: readonly string[];
      /** A step further than it is. */
      readonly step?: boolean;
    };

/** What a step was of stays when the length is fitted. */
const STEPPED = ["dose", "rounds", "rest", "moves"];

/** An earlier class with only these blocks, without what was promised of more, and only the choices for people and slots that are still there. */
export function onlyBlocks(doc: ClassDoc, ids: readonly string[], people: ReadonlySet<string>): ClassDoc {
  const blocks = doc.blocks.filter(({ id }) => ids.includes(id));
  const slots = new Set(blocks.flatMap(slotsOf).map(({ id }) => id));
  const overruled = doc.overruled?.filter(({ slot, person }) => slots.has(slot) && people.has(person));
  // What was promised of the whole isn't of a part.
  const { promise: _whole, ...rest } = doc;
  const own = blocks.length < doc.blocks.length ? rest : doc;
  return { ...own, blocks, ...(overruled ? { overruled } : {}) };
}

/**
 * The class that comes of it for these people, with what was changed.
 * @throws RangeError where there is no such starting point, or none of the blocks is there
 */
export function startedFrom(source: Source, input: AdaptInput): Adapted {
  if ("template" in source) {
    const template = TEMPLATES.find(({ id }) => id === source.template);
    if (!template) throw new RangeError(`there is no starting point ${source.template}`);
    return adaptClass(templateClass(template), { ...input, keepsMoves: template.keepsMoves ?? false });
  }
  const { doc, blocks = doc.blocks.map(({ id }) => id), step = false } = source;
  const own = onlyBlocks(doc, blocks, new Set(input.people.map(({ id }) => id)));
  if (own.blocks.length === 0) throw new RangeError("none of the blocks is there");
  const stepped = step ? stepUp(own, input.thresholds) : { doc: own, says: [] as readonly StartReason[] };
  const made = adaptClass(stepped.doc, step ? { ...input, kept: STEPPED } : input);
  return { ...made, says: [...stepped.says, ...made.says] };
}
