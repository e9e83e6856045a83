"use client";
/** The Desk's state: the class with undo and redo, what is selected, and what isn't saved yet. */
import { useCallback, useEffect, useMemo, useReducer, useRef } from "react";
import { toast } from "sonner";
import { againAfterMs } from "@/browser/again";
import { type ApiFailure, api } from "@/browser/api";
import { keep, kept } from "@/browser/store";
import { type ClassDoc, slotsOf } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import {
  applyChecked,
  edited,
  type History,
  type Refusal,
  redone,
  startHistory,
  undone,
} from "@/core/class/history";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { scoreOf } from "@/core/score/score";
import { faultLine } from "@/core/values/faults";

export interface Selection {
  readonly block: string;
  readonly slot: string | null;
}

interface PendingEdit {
  readonly id: string;
  readonly edit: Edit;
}

/**
 * waiting: not taken just now, tried again by itself. sign-in: goes on after signing in. stopped: the server
 * will not take it as it is, and the person is told what they can do.
 */
export type SaveState = "saved" | "saving" | "waiting" | "sign-in" | "stopped";
type Unsaved = Extract<SaveState, "waiting" | "sign-in" | "stopped">;
const UNSAVED: readonly SaveState[] = ["waiting", "sign-in", "stopped"];

interface State {
  readonly history: History;
  readonly selection: Selection;
  readonly pending: readonly PendingEdit[];
  readonly revision: number;
  readonly save: SaveState;
  /** Why it isn't saved, in a sentence. */
  readonly saveTrouble: string;
  readonly trouble: string | null;
}

type Action =
  | { readonly do: "edit"; readonly edit: Edit; readonly join: boolean }
  | { readonly do: "undo" | "redo" }
  | { readonly do: "select"; readonly selection: Selection }
  | { readonly do: "restore"; readonly pending: readonly PendingEdit[] }
  | { readonly do: "saving" }
  | { readonly do: "unsaved"; readonly save: Unsaved; readonly why: string }
  | {
      readonly do: "saved";
      readonly sent: readonly string[];
      readonly revision: number;
      readonly doc: ClassDoc | null;
    };

/** What a refusal says to the person. */
export function refusalText(refusal: Refusal): string {
  if (refusal.code === "invalid") return refusal.faults.map(faultLine).slice(0, 3).join("; ");
  if (refusal.code === "gone") return `That ${refusal.what} is not there any more.`;
  if (refusal.code === "taken") return `There is a ${refusal.what} with that id already.`;
  if (refusal.code === "changed-since")
    return `Somebody else changed ${refusal.key} after you: theirs stays, and there is nothing of yours to take back.`;
  return `${refusal.key} can't be changed.`;
}

/** A selection that points at something that is there. */
function soundSelection(doc: ClassDoc, wanted: Selection): Selection {
  const block = doc.blocks.find((entry) => entry.id === wanted.block) ?? doc.blocks[0];
  if (!block) return { block: "", slot: null };
  const slot = slotsOf(block).find((entry) => entry.id === wanted.slot);
  return { block: block.id, slot: slot?.id ?? null };
}

function withEdit(state: State, history: History, edit: Edit): State {
  const pending = [...state.pending, { id: crypto.randomUUID(), edit }];
  return {
    ...state,
    history,
    pending,
    save: UNSAVED.includes(state.save) ? state.save : "saving",
    trouble: null,
    selection: soundSelection(history.doc, state.selection),
  };
}

function reduce(state: State, action: Action): State {
  switch (action.do) {
    case "edit": {
      const next = edited(state.history, action.edit, LIBRARY_BOOK, action.join);
      if (!next.ok) return { ...state, trouble: refusalText(next.error) };
      return next.value === state.history
        ? { ...state, trouble: null }
        : withEdit(state, next.value, action.edit);
    }
    case "undo":
    case "redo": {
      const next = (action.do === "undo" ? undone : redone)(state.history, LIBRARY_BOOK);
      if (!next) return state;
      if (!next.ok) return { ...state, trouble: refusalText(next.error) };
      return withEdit(state, next.value.history, next.value.edit);
    }
    case "select":
      return { ...state, selection: soundSelection(state.history.doc, action.selection), trouble: null };
    case "restore": {
      const pending: PendingEdit[] = [];
      let { history } = state;
      for (const entry of action.pending) {
        const next = edited(history, entry.edit, LIBRARY_BOOK);
        if (!next.ok) continue;
        history = next.value;
        pending.push(entry);
      }
      return pending.length > 0 ? { ...state, history, pending, save: "saving" } : state;
    }
    case "saving":
      // Told until it is over: a try that goes on says nothing new.
      return UNSAVED.includes(state.save) ? state : { ...state, save: "saving" };
    case "unsaved":
      return { ...state, save: action.save, saveTrouble: action.why };
    case "saved": {
      const pending = state.pending.filter((entry) => !action.sent.includes(entry.id));
      const save: SaveState = pending.length > 0 ? "saving" : "saved";
      if (!action.doc) return { ...state, pending, save, saveTrouble: "", revision: action.revision };
      // Others edited too: what isn't sent yet goes on top of what the server has now.
      const doc = pending.reduce((now, { edit }) => {
        const next = applyChecked(now, edit, LIBRARY_BOOK);
        return next.ok ? next.value : now;
      }, action.doc);
      const selection = soundSelection(doc, state.selection);
      return {
        ...state,
        pending,
        save,
        saveTrouble: "",
        revision: action.revision,
        history: { ...state.history, doc },
        selection,
      };
    }
  }
}

interface EditsReply {
  readonly revision: number;
  readonly doc: ClassDoc | null;
  readonly refused: readonly { readonly id: string; readonly why: Refusal }[];
  readonly left: readonly string[];
}

/** Quiet time after an edit before it is sent. */
const SEND_AFTER_MS = 350;
/** Between looks whether somebody has signed in again, in this tab or another. */
const SIGNED_IN_MS = 8000;

function unsavedState({ code, passing }: ApiFailure): Unsaved {
  return passing ? "waiting" : code === "signed-out" ? "sign-in" : "stopped";
}

export function useDesk(id: string, doc: ClassDoc, revision: number) {
  const first = doc.blocks.find((block) => (block.role ?? "main") === "main") ?? doc.blocks[0];
  const [state, dispatch] = useReducer(reduce, {
    history: startHistory(doc),
    selection: { block: first?.id ?? "", slot: first ? (slotsOf(first)[0]?.id ?? null) : null },
    pending: [],
    revision,
    save: "saved",
    saveTrouble: "",
    trouble: null,
  });
  const latest = useRef(state);
  latest.current = state;
  const busy = useRef(false);
  const tries = useRef(0);
  const storeKey = `brontle.unsaved.${id}`;

  useEffect(() => {
    const left = kept<PendingEdit[]>(storeKey);
    if (left && left.length > 0) dispatch({ do: "restore", pending: left });
  }, [storeKey]);

  const send = useCallback(async () => {
    const { pending, revision: base } = latest.current;
    if (busy.current || pending.length === 0) return;
    busy.current = true;
    dispatch({ do: "saving" });
    const batch = pending.slice(0, 200);
    const result = await api<EditsReply>("POST", `/api/classes/${id}/edits`, { base, edits: batch });
    busy.current = false;
    if (!result.ok) {
      tries.current += 1;
      dispatch({ do: "unsaved", save: unsavedState(result.failure), why: result.failure.message });
      return;
    }
    tries.current = 0;
    const { left } = result.value;
    for (const { why } of result.value.refused) toast.error(`A change no longer fits: ${refusalText(why)}`);
    const sent = batch.map((entry) => entry.id).filter((sentId) => !left.includes(sentId));
    dispatch({ do: "saved", sent, ...result.value });
  }, [id]);

  useEffect(() => {
    keep(storeKey, state.pending.length > 0 ? state.pending : null);
  }, [state.pending, storeKey]);

  useEffect(() => {
    // What the server refuses as it is isn't sent again by itself.
    if (state.pending.length === 0 || state.save === "stopped") return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    const wait = () => {
      const { save } = latest.current;
      const ms =
        save === "waiting" ? againAfterMs(tries.current) : save === "sign-in" ? SIGNED_IN_MS : SEND_AFTER_MS;
      // A try that fails in the same way changes nothing here: so the next one is set from here.
      timer = setTimeout(() => void send().then(again), ms);
    };
    const again = () => {
      if (!over && UNSAVED.includes(latest.current.save)) wait();
    };
    wait();
    const back = () => void send();
    if (state.save === "sign-in") window.addEventListener("focus", back);
    return () => {
      over = true;
      clearTimeout(timer);
      window.removeEventListener("focus", back);
    };
  }, [state.pending, state.save, send]);

  useEffect(() => {
    if (state.pending.length === 0) return;
    const warn = (event: BeforeUnloadEvent) => {
      void send();
      if (UNSAVED.includes(latest.current.save)) event.preventDefault();
    };
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, [state.pending, send]);

  const score = useMemo(() => scoreOf(state.history.doc, LIBRARY_BOOK), [state.history.doc]);
  const edit = useCallback((change: Edit, join = false) => dispatch({ do: "edit", edit: change, join }), []);
  const undo = useCallback(() => dispatch({ do: "undo" }), []);
  const redo = useCallback(() => dispatch({ do: "redo" }), []);
  const select = useCallback(
    (block: string, slot: string | null) => dispatch({ do: "select", selection: { block, slot } }),
    [],
  );
  return {
    doc: state.history.doc,
    score,
    selection: state.selection,
    save: state.save,
    saveTrouble: state.saveTrouble,
    trouble: state.trouble,
    undoes: state.history.undo.at(-1) ?? null,
    redoes: state.history.redo.at(-1) ?? null,
    saveNow: send,
    edit,
    undo,
    redo,
    select,
  };
}

export type Desk = ReturnType<typeof useDesk>;
