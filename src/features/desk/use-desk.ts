"use client";
/** The Desk's state: the class with undo and redo, what is selected, and what isn't saved yet. */
import { useCallback, useEffect, useMemo, useReducer, useRef } from "react";
import { toast } from "sonner";
import { againAfterMs } from "@/browser/again";
import { type ApiFailure, api } from "@/browser/api";
import { keep, kept } from "@/browser/store";
import {
  type DeskAction,
  type DeskState,
  deskAfter,
  isUnsaved,
  openDesk,
  type PendingEdit,
  refusalText,
  type Unsaved,
} from "@/core/class/desk-state";
import type { ClassDoc } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import type { Refusal } from "@/core/class/history";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { scoreOf } from "@/core/score/score";

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
  const [state, dispatch] = useReducer(
    (now: DeskState, action: DeskAction) => deskAfter(now, action, LIBRARY_BOOK),
    null,
    () => openDesk(doc, revision),
  );
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
      if (!over && isUnsaved(latest.current.save)) wait();
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
      if (isUnsaved(latest.current.save)) event.preventDefault();
    };
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, [state.pending, send]);

  const score = useMemo(() => scoreOf(state.history.doc, LIBRARY_BOOK), [state.history.doc]);
  const edit = useCallback(
    (change: Edit, join = false) => dispatch({ do: "edit", edit: change, join, id: crypto.randomUUID() }),
    [],
  );
  const undo = useCallback(() => dispatch({ do: "undo", id: crypto.randomUUID() }), []);
  const redo = useCallback(() => dispatch({ do: "redo", id: crypto.randomUUID() }), []);
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
