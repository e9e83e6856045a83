/**
 * The state of a Desk: a class with its undo and redo, what is selected, and what isn't saved yet. Pure: what was
 * done goes in, with its id; sending is done elsewhere.
 */
import type { MoveBook } from "../moves/book";
import { type ClassDoc, findSlot, slotsOf } from "./document";
import type { Edit } from "./edits";
import { applyChecked, edited, type History, type Refusal, redone, startHistory, undone } from "./history";
import { isEdit } from "./read-edit";

export interface Selection {
  readonly block: string;
  readonly slot: string | null;
}

export interface PendingEdit {
  readonly id: string;
  readonly edit: Edit;
}

/**
 * waiting: not taken just now, tried again by itself. sign-in: goes on after signing in. stopped: the server
 * will not take it as it is, and the person is told what they can do.
 */
export type SaveState = "saved" | "saving" | "waiting" | "sign-in" | "stopped";
export type Unsaved = Extract<SaveState, "waiting" | "sign-in" | "stopped">;
const UNSAVED: readonly SaveState[] = ["waiting", "sign-in", "stopped"];

export interface DeskState {
  readonly history: History;
  readonly selection: Selection;
  readonly pending: readonly PendingEdit[];
  readonly revision: number;
  readonly save: SaveState;
  /** Why it isn't saved, in a sentence. */
  readonly saveTrouble: string;
  /** Why the last change wasn't taken. */
  readonly trouble: Refusal | null;
}

/** Steps to take back and to do again, the last one last; of the class at a revision. */
export interface Steps {
  readonly revision: number;
  readonly undo: readonly Edit[];
  readonly redo: readonly Edit[];
}

/** So many steps are remembered over a reload. */
const MOST_STEPS = 300;

/** What is to be remembered; null while something isn't saved, since that is done anew by itself. */
export function stepsOf({
  history,
  pending,
  revision,
}: Pick<DeskState, "history" | "pending" | "revision">): Steps | null {
  if (pending.length > 0) return null;
  const last = (list: readonly Edit[]) => list.slice(-MOST_STEPS);
  return { revision, undo: last(history.undo), redo: last(history.redo) };
}

/** Steps that were kept somewhere, where they are such; others are as good as none. */
export function soundSteps(value: unknown): Steps | null {
  const { revision, undo, redo } = (value ?? {}) as Partial<Steps>;
  const isList = (list: unknown): list is readonly Edit[] => Array.isArray(list) && list.every(isEdit);
  return typeof revision === "number" && isList(undo) && isList(redo) ? { revision, undo, redo } : null;
}

export type DeskAction =
  /** `id`: under which the edit goes to the server. `join`: it goes on with the last one. */
  | { readonly do: "edit"; readonly edit: Edit; readonly join: boolean; readonly id: string }
  | { readonly do: "undo" | "redo"; readonly id: string }
  | { readonly do: "select"; readonly selection: Selection }
  | { readonly do: "restore"; readonly pending: readonly PendingEdit[] }
  /** What could be undone and done again before the page was opened anew. */
  | { readonly do: "remember"; readonly steps: Steps }
  | { readonly do: "saving" }
  | { readonly do: "unsaved"; readonly save: Unsaved; readonly why: string }
  | {
      readonly do: "saved";
      readonly sent: readonly string[];
      readonly revision: number;
      readonly doc: ClassDoc | null;
    }
  /** The class as it stands on the server, heard of without anything being sent. */
  | { readonly do: "stands"; readonly revision: number; readonly doc: ClassDoc };

/**
 * A selection that points at something that is there: the slot wherever it stands now, else its block, else the block
 * that stood before that one.
 */
function soundSelection(doc: ClassDoc, wanted: Selection, before: ClassDoc): Selection {
  const found = wanted.slot === null ? null : findSlot(doc, wanted.slot);
  if (found) return { block: found.block.id, slot: found.slot.id };
  const at = before.blocks.findIndex(({ id }) => id === wanted.block);
  const near = before.blocks
    .slice(0, Math.max(0, at))
    .reverse()
    .flatMap(({ id }) => doc.blocks.find((block) => block.id === id) ?? []);
  const block = doc.blocks.find(({ id }) => id === wanted.block) ?? near[0] ?? doc.blocks[0];
  return { block: block?.id ?? "", slot: null };
}

function withEdit(state: DeskState, history: History, edit: Edit, id: string): DeskState {
  const pending = [...state.pending, { id, edit }];
  return {
    ...state,
    history,
    pending,
    save: UNSAVED.includes(state.save) ? state.save : "saving",
    trouble: null,
    selection: soundSelection(history.doc, state.selection, state.history.doc),
  };
}

/** With the edits that this browser had kept, as far as they still apply. */
function restored(state: DeskState, kept: readonly PendingEdit[], library: MoveBook): DeskState {
  const pending: PendingEdit[] = [];
  let { history } = state;
  for (const entry of kept) {
    const next = edited(history, entry.edit, library);
    if (!next.ok) continue;
    history = next.value;
    pending.push(entry);
  }
  return pending.length > 0 ? { ...state, history, pending, save: "saving" } : state;
}

/** With the steps of before, where they are of the class as it stands and nothing was done since. */
function remembered(state: DeskState, { revision, undo, redo }: Steps): DeskState {
  const isFresh = state.history.undo.length === 0 && revision === state.revision;
  return isFresh ? { ...state, history: { ...state.history, undo, redo } } : state;
}

/** After the server has taken some edits. Where others edited too, what isn't sent yet goes on top of theirs. */
function saved(state: DeskState, action: Extract<DeskAction, { do: "saved" }>, library: MoveBook): DeskState {
  const pending = state.pending.filter((entry) => !action.sent.includes(entry.id));
  const save: SaveState = pending.length > 0 ? "saving" : "saved";
  const now = { ...state, pending, save, saveTrouble: "", revision: action.revision };
  if (!action.doc) return now;
  const doc = pending.reduce((before, { edit }) => {
    const next = applyChecked(before, edit, library);
    return next.ok ? next.value : before;
  }, action.doc);
  // Others changed it too: how much longer it is isn't this person's doing.
  return {
    ...now,
    history: { ...state.history, doc, before: null },
    selection: soundSelection(doc, state.selection, state.history.doc),
  };
}

/**
 * What stands on the server, where it is newer. While something is on its way its answer brings what others did: in
 * between it could be in there already.
 */
function stands(
  state: DeskState,
  { revision, doc }: Extract<DeskAction, { do: "stands" }>,
  library: MoveBook,
): DeskState {
  if (state.pending.length > 0 || revision <= state.revision) return state;
  return saved(state, { do: "saved", sent: [], revision, doc }, library);
}

/** The state after something was done at the Desk, or was heard from the server. */
export function deskAfter(state: DeskState, action: DeskAction, library: MoveBook): DeskState {
  switch (action.do) {
    case "edit": {
      const next = edited(state.history, action.edit, library, action.join);
      if (!next.ok) return { ...state, trouble: next.error };
      return next.value === state.history
        ? { ...state, trouble: null }
        : withEdit(state, next.value, action.edit, action.id);
    }
    case "undo":
    case "redo": {
      const next = (action.do === "undo" ? undone : redone)(state.history, library);
      if (!next) return state;
      if (!next.ok) return { ...state, trouble: next.error };
      return withEdit(state, next.value.history, next.value.edit, action.id);
    }
    case "select":
      return {
        ...state,
        selection: soundSelection(state.history.doc, action.selection, state.history.doc),
        trouble: null,
      };
    case "restore":
      return restored(state, action.pending, library);
    case "remember":
      return remembered(state, action.steps);
    case "saving":
      // Told until it is over: a try that goes on says nothing new.
      return UNSAVED.includes(state.save) ? state : { ...state, save: "saving" };
    case "unsaved":
      return { ...state, save: action.save, saveTrouble: action.why };
    case "saved":
      return saved(state, action, library);
    case "stands":
      return stands(state, action, library);
  }
}

/** Where a Desk begins: the first main block is selected, and its first slot. */
export function openDesk(doc: ClassDoc, revision: number): DeskState {
  const first = doc.blocks.find((block) => (block.role ?? "main") === "main") ?? doc.blocks[0];
  return {
    history: startHistory(doc),
    selection: { block: first?.id ?? "", slot: first ? (slotsOf(first)[0]?.id ?? null) : null },
    pending: [],
    revision,
    save: "saved",
    saveTrouble: "",
    trouble: null,
  };
}

/** Whether what isn't saved waits for something. */
export const isUnsaved = (save: SaveState): boolean => UNSAVED.includes(save);
