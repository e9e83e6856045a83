/** A document with its undo and redo, without limit. Undo takes back one's own edits only. */
import type { MoveBook } from "../moves/book";
import { err, ok, type Result } from "../result";
import type { Fault } from "../values/faults";
import { checkClass, SoundBlocks } from "./check-class";
import type { ClassDoc } from "./document";
import { applyEdit, cautious, type Edit, type EditRefusal, invert, squash } from "./edits";

export type Refusal = EditRefusal | { readonly code: "invalid"; readonly faults: readonly Fault[] };

export interface History {
  readonly doc: ClassDoc;
  readonly undo: readonly Edit[];
  readonly redo: readonly Edit[];
  /** What stood before the last own step (what undo takes back at once); null where nothing can be compared. */
  readonly before: ClassDoc | null;
}

/** A document nobody has edited yet. */
export function startHistory(doc: ClassDoc): History {
  return { doc, undo: [], redo: [], before: null };
}

/** An edit leaves most blocks as they are: these needn't be checked with every key. */
const SOUND = new SoundBlocks();

/** Applies an edit and checks that what comes out is a valid class. */
export function applyChecked(doc: ClassDoc, edit: Edit, library: MoveBook): Result<ClassDoc, Refusal> {
  const next = applyEdit(doc, edit);
  if (!next.ok) return next;
  if (next.value === doc) return ok(doc);
  const checked = checkClass(next.value, library, SOUND);
  return checked.ok ? ok(next.value) : err({ code: "invalid", faults: checked.error });
}

/**
 * The history after an edit. `join`: the edit goes on with the last one (an arrow key held down),
 * so that undo takes both back at once where they can be squashed.
 */
export function edited(
  history: History,
  edit: Edit,
  library: MoveBook,
  join = false,
): Result<History, Refusal> {
  const next = applyChecked(history.doc, edit, library);
  if (!next.ok) return next;
  if (next.value === history.doc) return ok(history);
  const last = history.undo.at(-1);
  const joined = join && last ? squash(last, edit) : null;
  const undo = joined ? [...history.undo.slice(0, -1), joined] : [...history.undo, edit];
  return ok({ doc: next.value, undo, redo: [], before: joined ? history.before : history.doc });
}

/** Takes the last own edit back; gives the edit that did it, for the server. Null where there is none. */
export function undone(
  history: History,
  library: MoveBook,
): Result<{ history: History; edit: Edit }, Refusal> | null {
  const last = history.undo.at(-1);
  if (!last) return null;
  const edit = cautious(invert(last));
  const next = applyChecked(history.doc, edit, library);
  if (!next.ok) return next;
  return ok({
    edit,
    history: {
      doc: next.value,
      undo: history.undo.slice(0, -1),
      redo: [...history.redo, last],
      before: history.doc,
    },
  });
}

/** Does the last undone edit again, as cautiously. Null where there is none. */
export function redone(
  history: History,
  library: MoveBook,
): Result<{ history: History; edit: Edit }, Refusal> | null {
  const last = history.redo.at(-1);
  if (!last) return null;
  const edit = cautious(last);
  const next = applyChecked(history.doc, edit, library);
  if (!next.ok) return next;
  return ok({
    edit,
    history: {
      doc: next.value,
      undo: [...history.undo, last],
      redo: history.redo.slice(0, -1),
      before: history.doc,
    },
  });
}
