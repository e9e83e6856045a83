"use client";
import { type RefObject, useCallback, useEffect, useMemo, useReducer, useRef, useState } from "react";
import { toast } from "sonner";
import { type ApiFailure, api } from "@/browser/api";
import { keep, keepHere, kept, keptHere } from "@/browser/store";
import {
  type DeskAction,
  type DeskState,
  deskAfter,
  isUnsaved,
  openDesk,
  type PendingEdit,
  soundSteps,
  stepsOf,
  type Unsaved,
} from "@/core/class/desk-state";
import type { ClassDoc } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import { applyChecked, type Refusal } from "@/core/class/history";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { scoreOf } from "@/core/score/score";
/** The Desk's state: the class with undo and redo, what is selected, and what isn't saved yet. */
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { useSending } from "@/features/sending/use-sending";
import { refusalText } from "@/words/edit-refusal";

interface EditsReply {
  readonly revision: number;
  readonly doc: ClassDoc | null;
  readonly refused: readonly { readonly id: string; readonly why: Refusal }[];
  readonly left: readonly string[];
}

/** Quiet time after an edit before it is sent. */
const SEND_AFTER_MS = 350;
/** Edits that are sent together at most. */
const MOST_EDITS = 200;

function unsavedState({ code, passing }: ApiFailure): Unsaved {
  return passing ? "waiting" : code === "signed-out" ? "sign-in" : "stopped";
}

/** Whoever leaves with something unsaved is asked first, and it is sent meanwhile. */
function useWarning({ pending, save }: DeskState, sendNow: () => Promise<unknown>) {
  const unsaved = useRef(save);
  unsaved.current = save;
  // Not again with every key: to listen for this is told to the whole browser.
  const waits = pending.length > 0;
  useEffect(() => {
    if (!waits) return;
    const warn = (event: BeforeUnloadEvent) => {
      void sendNow();
      if (isUnsaved(unsaved.current)) event.preventDefault();
    };
    // Once the page is drawn: what is typed is seen before.
    const timer = setTimeout(() => window.addEventListener("beforeunload", warn), 0);
    return () => {
      clearTimeout(timer);
      window.removeEventListener("beforeunload", warn);
    };
  }, [waits, sendNow]);
}

/** Runs something once the page is drawn; at once where the page is left before. The latest of several is enough. */
function useAfterwards(run: () => void): void {
  /** What is still to come. */
  const due = useRef<(() => void) | null>(null);
  const [now] = useState(() => () => {
    due.current?.();
    due.current = null;
  });
  useEffect(() => {
    due.current = run;
    const timer = setTimeout(now, 0);
    return () => clearTimeout(timer);
  }, [run, now]);
  useEffect(() => {
    window.addEventListener("pagehide", now);
    return () => {
      window.removeEventListener("pagehide", now);
      now();
    };
  }, [now]);
}

/** What this browser keeps of a class: what isn't sent yet, and for this tab the steps that can be taken back. */
function useKept(
  id: string,
  { history, pending, revision }: DeskState,
  dispatch: (action: DeskAction) => void,
) {
  const [storeKey, stepsKey] = [`brontle.unsaved.${id}`, `brontle.steps.${id}`];
  useEffect(() => {
    const steps = soundSteps(keptHere(stepsKey));
    if (steps) dispatch({ do: "remember", steps });
    const left = kept<PendingEdit[]>(storeKey);
    if (left && left.length > 0) dispatch({ do: "restore", pending: left });
  }, [storeKey, stepsKey, dispatch]);
  // Right after the score is drawn: what a key has done is written down then, and not while it is waited for.
  useAfterwards(
    useCallback(() => {
      keep(storeKey, pending.length > 0 ? pending : null);
      const any = history.undo.length + history.redo.length > 0;
      const steps = any ? stepsOf({ history, pending, revision }) : null;
      if (steps) keepHere(stepsKey, steps);
    }, [history, pending, revision, storeKey, stepsKey]),
  );
}

/** What can be done with the class: the same functions throughout. */
function useDoing(latest: RefObject<DeskState>, dispatch: (action: DeskAction) => void) {
  const words = useWords();
  return useMemo(
    () => ({
      edit: (change: Edit, join = false) =>
        dispatch({ do: "edit", edit: change, join, id: crypto.randomUUID() }),
      /** Why an edit wouldn't be taken, in a sentence; null where it would. */
      refuses: (change: Edit) => {
        const next = applyChecked(latest.current.history.doc, change, LIBRARY_BOOK);
        return next.ok ? null : refusalText(next.error, words);
      },
      undo: () => dispatch({ do: "undo", id: crypto.randomUUID() }),
      redo: () => dispatch({ do: "redo", id: crypto.randomUUID() }),
      select: (block: string, slot: string | null) => dispatch({ do: "select", selection: { block, slot } }),
      stands: (revision: number, doc: ClassDoc) => dispatch({ do: "stands", revision, doc }),
    }),
    [latest, dispatch, words],
  );
}

export function useDesk(id: string, doc: ClassDoc, revision: number) {
  const t = useTexts("desk");
  const words = useWords();
  const [state, dispatch] = useReducer(
    (now: DeskState, action: DeskAction) => deskAfter(now, action, LIBRARY_BOOK),
    null,
    () => openDesk(doc, revision),
  );
  const latest = useRef(state);
  latest.current = state;
  useKept(id, state, dispatch);

  const { sendNow } = useSending<PendingEdit, EditsReply>({
    waiting: state.pending,
    most: MOST_EDITS,
    quietMs: SEND_AFTER_MS,
    send: (edits) => api("POST", `/api/classes/${id}/edits`, { base: latest.current.revision, edits }),
    onSending: () => dispatch({ do: "saving" }),
    onTaken: (batch, { left, refused, revision: now, doc: stands }) => {
      for (const { why } of refused)
        toast.error(t("changeNoLongerFits", { refusal: refusalText(why, words) }));
      const sent = batch.map((entry) => entry.id).filter((sentId) => !left.includes(sentId));
      dispatch({ do: "saved", sent, revision: now, doc: stands });
    },
    onFailed: (_batch, failure) => {
      const save = unsavedState(failure);
      dispatch({ do: "unsaved", save, why: failure.message });
      return save;
    },
  });

  useWarning(state, sendNow);

  const score = useMemo(() => scoreOf(state.history.doc, LIBRARY_BOOK), [state.history.doc]);
  const done = useDoing(latest, dispatch);
  return useMemo(
    () => ({
      revision: state.revision,
      doc: state.history.doc,
      score,
      selection: state.selection,
      save: state.save,
      saveTrouble: state.saveTrouble,
      trouble: state.trouble && refusalText(state.trouble, words),
      undoes: state.history.undo.at(-1) ?? null,
      redoes: state.history.redo.at(-1) ?? null,
      saveNow: sendNow,
      /** What stood before the last step; null where nothing can be compared. */
      before: state.history.before,
      ...done,
    }),
    [state, score, sendNow, done, words],
  );
}

export type Desk = ReturnType<typeof useDesk>;
