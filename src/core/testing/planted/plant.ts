/** A fault put into a good class: what the read-through must find there, and not before. */
import type { Block, ClassDoc, Slot } from "../../class/document";
import type { Person } from "../../homes/home";
import type { FindingCode } from "../../review/finding";
import type { Season } from "../../review/season";
import { GOOD_CLASSES } from "../good";

export interface Planted {
  readonly name: string;
  readonly code: FindingCode;
  readonly before: ClassDoc;
  readonly doc: ClassDoc;
  /** Who comes, where it isn't the room of the good classes; `before` is judged with the first, `doc` with the second. */
  readonly people?: readonly [before: readonly Person[], after: readonly Person[]];
  readonly season?: Season;
}

export function goodClass(title: string): ClassDoc {
  const found = GOOD_CLASSES.find(({ doc }) => doc.title === title);
  if (!found) throw new Error(`no class ${title}`);
  return found.doc;
}

/** A class with something of its own changed. */
export const classWith =
  (patch: Partial<ClassDoc>) =>
  (doc: ClassDoc): ClassDoc => ({ ...doc, ...patch });

/** A class with one of its blocks changed; null leaves it out. */
export const blockWith =
  (id: string, patch: Partial<Block> | null) =>
  (doc: ClassDoc): ClassDoc => ({
    ...doc,
    blocks: doc.blocks.flatMap((block) => {
      if (block.id !== id) return [block];
      return patch === null ? [] : [{ ...block, ...patch }];
    }),
  });

/** A class with one of its slots changed. */
export const slotWith =
  (id: string, patch: Partial<Slot>) =>
  (doc: ClassDoc): ClassDoc => ({
    ...doc,
    blocks: doc.blocks.map((block) => ({
      ...block,
      ...(block.slots
        ? { slots: block.slots.map((slot) => (slot.id === id ? { ...slot, ...patch } : slot)) }
        : {}),
    })),
  });

/** A class with one more slot at the end of a block. */
export const slotAdded =
  (blockId: string, slot: Omit<Slot, "id">) =>
  (doc: ClassDoc): ClassDoc => ({
    ...doc,
    blocks: doc.blocks.map((block) =>
      block.id === blockId ? { ...block, slots: [...(block.slots ?? []), { ...slot, id: "added" }] } : block,
    ),
  });

type Change = (doc: ClassDoc) => ClassDoc;

/** Changes of a good class by which one code comes up. */
export function plant(
  code: FindingCode,
  title: string,
  changes: readonly Change[],
  more: Pick<Planted, "people" | "season"> = {},
): Planted {
  const before = goodClass(title);
  return {
    name: `${code} in ${title}`,
    code,
    before,
    doc: changes.reduce((doc, change) => change(doc), before),
    ...more,
  };
}
