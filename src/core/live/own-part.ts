/** What a participant is given of a class: their own parts, and a document without anybody else in it. */
import type { ClassDoc } from "../class/document";
import { MARKS, type Mark } from "../homes/home";
import type { Part } from "../parts/part";

/** The class without what concerns single people or is the instructor's own business. */
export function publicDoc(doc: ClassDoc): ClassDoc {
  const { overruled: _choices, acknowledged: _reasons, promise: _promise, ...rest } = doc;
  return rest;
}

export interface OwnParts {
  /** At the person's usual marks. */
  readonly usual: Part;
  readonly byMark: Readonly<Record<Mark, Part>>;
}

/** One person's parts of a frozen class, or null for somebody who wasn't on the list when it began. */
export function ownParts(
  person: string,
  parts: readonly Part[],
  byMark: Readonly<Record<Mark, readonly Part[]>> | null,
): OwnParts | null {
  const usual = parts.find((part) => part.person === person);
  if (!usual) return null;
  const at = (mark: Mark) => byMark?.[mark].find((part) => part.person === person) ?? usual;
  return {
    usual,
    byMark: Object.fromEntries(MARKS.map((mark) => [mark, at(mark)])) as Record<Mark, Part>,
  };
}
