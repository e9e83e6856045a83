/** What a participant is given of a class: their own parts, and a document without anybody else in it. */
import type { ClassDoc } from "../class/document";
import { MARKS, type Mark } from "../homes/home";
import type { KnownMove } from "../moves/book";
import type { Part } from "../parts/part";
import type { Ms } from "../units";
import type { SessionEvent } from "./events";
import type { SessionState } from "./session";
import type { Substitute } from "./substitutes";

/** The class without what concerns single people or is the instructor's own business. */
export function publicDoc(doc: ClassDoc): ClassDoc {
  const { overruled: _choices, acknowledged: _reasons, promise: _promise, ...rest } = doc;
  return rest;
}

/** A session as far as one participant may see it. */
export interface OwnSession {
  readonly id: string;
  readonly state: SessionState;
  readonly startsAtMs: Ms;
  readonly timeZone: string;
  readonly endedAtMs: Ms | null;
  /** Of the video call; null where none was said. */
  readonly callLink: string | null;
  readonly version: number;
  /** The class that gives the times. */
  readonly doc: ClassDoc;
  readonly substitutes: readonly Substitute[];
  readonly moves: readonly KnownMove[];
  /** null only for an instant, where somebody was taken off the list. */
  readonly parts: OwnParts | null;
  readonly events: readonly SessionEvent[];
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
