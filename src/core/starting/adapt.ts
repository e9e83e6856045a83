/**
 * A class made ready for the people who come, the kit that is to be used and the time there is: moves that most can
 * do, the length, and what the read-through would say of it mended. A class that is begun has no findings of its own.
 */
import { setClass } from "../class/commands";
import { type ClassDoc, slotsOf } from "../class/document";
import type { Edit } from "../class/edits";
import { isMain } from "../effort/hard";
import { THRESHOLDS, type Thresholds } from "../effort/thresholds";
import type { Person } from "../homes/home";
import type { MoveBook } from "../moves/book";
import type { ChangeOverTable } from "../parts/change-over";
import { partsFor } from "../parts/everyone";
import { follows, inSlot, type Part } from "../parts/part";
import type { StartReason } from "../reasons/start-reasons";
import type { Fix, Sentence } from "../review/finding";
import type { Line } from "../review/line";
import { isOpen } from "../review/ranked";
import { type ReviewInput, readLines } from "../review/read-through";
import { triedLine } from "../review/tried";
import { scoreOf } from "../score/score";
import type { Seconds } from "../units";
import { type ChosenKit, movesForRoom, peopleWith, someoneWith } from "./room-moves";
import { applied, type Changed, choicesOut, type LengthInput, toLength } from "./to-length";

export interface AdaptInput {
  readonly library: MoveBook;
  readonly people: readonly Person[];
  /** The length that is promised, minutes; null leaves the class as long as it is. */
  readonly minutes: number | null;
  readonly kit?: ChosenKit;
  /** Numbers that stay as they are everywhere when the length is fitted: see `fitClass`. */
  readonly kept?: readonly string[];
  /** Leaves the moves as they are. */
  readonly keepsMoves?: boolean;
  readonly thresholds?: Thresholds;
  readonly table?: ChangeOverTable;
  /** The day of today, `YYYY-MM-DD`: known sets have an age. */
  readonly on?: string;
  /** For what was acknowledged before reasons were data. */
  readonly sentence?: Sentence;
}

export interface Adapted extends Changed {
  readonly seconds: Seconds;
  /** What of the read-through is left to decide, the gravest first. */
  readonly left: readonly Line[];
  /** Of each slot how many of the people do what is set, at their own level. */
  readonly followed: readonly (readonly [slot: string, people: number])[];
}

/** Findings that are mended at most: each is read through again. */
const MOST_MENDED = 24;

function reviewOf(doc: ClassDoc, input: AdaptInput, parts: readonly Part[]): ReviewInput {
  const { library, people, thresholds = THRESHOLDS, sentence } = input;
  return { doc, library, people, parts, thresholds, ...(sentence ? { sentence } : {}) };
}

const keyOf = ({ code, where }: Line) => `${code} ${JSON.stringify(where)}`;

function saysMended({ several, says }: Line, fix: Fix): StartReason {
  const done = { topic: "fix", reasons: [fix.says] } as const;
  return several
    ? { code: "mended-several", of: { topic: "several", reasons: [several] }, fix: done }
    : { code: "mended", of: { topic: "finding", reasons: [says] }, fix: done };
}

/** Whether an edit leaves the numbers alone that are to stay as they are in the main blocks. */
function leaves(doc: ClassDoc, edit: Edit, kept: readonly string[]): boolean {
  if (kept.length === 0) return true;
  const told = (own: ClassDoc) =>
    JSON.stringify(
      own.blocks
        .filter(isMain)
        .map((block) => [
          ...(["rounds", "rest", "longRest"] as const)
            .filter((key) => kept.includes(key))
            .map((key) => block[key]),
          ...(kept.includes("dose") ? slotsOf(block).map(({ dose }) => dose) : []),
        ]),
    );
  return told(applied(doc, edit)) === told(doc);
}

/** What the read-through says mended, one line after the other, by the first of its fixes that leads to nothing new. */
function mended(
  doc: ClassDoc,
  input: AdaptInput,
  partsOf: LengthInput["partsOf"],
): Changed & Pick<Adapted, "left"> {
  const says: StartReason[] = [];
  const tried = new Set<string>();
  let now = doc;
  for (;;) {
    const review = reviewOf(now, input, partsOf(now));
    const open = readLines(review).filter(isOpen);
    const next = says.length < MOST_MENDED ? open.find((line) => !tried.has(keyOf(line))) : undefined;
    if (!next) return { doc: now, says, left: open };
    tried.add(keyOf(next));
    const fix = triedLine(next, review, partsOf).fixes.find(({ edit }) =>
      leaves(now, edit, input.kept ?? []),
    );
    if (!fix) continue;
    now = applied(now, fix.edit);
    says.push(saysMended(next, fix));
  }
}

/** What is of one person and their home, and no fault of the class. */
const OF_PEOPLE: readonly Line["code"][] = ["home-unknown", "load-jump", "unmet", "limit", "room"];

/** What is left to decide of the class itself: what it is to be measured by. */
export function ownLines(lines: readonly Line[]): readonly Line[] {
  return lines.filter(({ code }) => !OF_PEOPLE.includes(code));
}

/** The class at its length with what can be mended: of several choices of blocks the one that leaves least to decide. */
function atLength(doc: ClassDoc, input: AdaptInput, partsOf: LengthInput["partsOf"], minutes: number) {
  const { library, people, thresholds = THRESHOLDS, kept } = input;
  const seconds = minutes * 60;
  const promised = applied(doc, setClass(doc, "promise", { ...doc.promise, minutes }));
  let best: (Changed & Pick<Adapted, "left">) | null = null;
  for (const out of choicesOut(promised, library, seconds)) {
    const length = toLength(promised, { library, people, thresholds, partsOf, kept }, seconds, out);
    const end = mended(length.doc, input, partsOf);
    if (best && ownLines(end.left).length >= ownLines(best.left).length) continue;
    best = { ...end, says: [...length.says, ...end.says] };
    if (ownLines(end.left).length === 0) break;
  }
  return best ?? mended(promised, input, partsOf);
}

function followedIn(doc: ClassDoc, parts: readonly Part[]): Adapted["followed"] {
  return doc.blocks.flatMap(slotsOf).map(({ id }) => {
    return [id, inSlot(parts, id).filter(follows).length];
  });
}

/** The class for this room. Deterministic; the document must be valid. */
export function adaptClass(doc: ClassDoc, input: AdaptInput): Adapted {
  const { library, people, minutes, kit = null, table, on } = input;
  const partsOf = (own: ClassDoc) => partsFor(own, people, library, { table, on });
  const room = people.length === 0 && kit ? [someoneWith(kit)] : peopleWith(people, kit);
  const moves = input.keepsMoves
    ? null
    : movesForRoom(doc, library, room, partsFor(doc, room, library, { table, on }), kit);
  const now = moves ? applied(doc, moves.edit) : doc;
  const end = minutes === null ? mended(now, input, partsOf) : atLength(now, input, partsOf, minutes);
  return {
    doc: end.doc,
    says: [...(moves?.says ?? []), ...end.says],
    seconds: scoreOf(end.doc, library).seconds.plan,
    left: end.left,
    followed: followedIn(end.doc, partsOf(end.doc)),
  };
}
