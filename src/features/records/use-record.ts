"use client";
/** Storing a record that others may change at the same time: what met is shown, and sent again as it was chosen. */
import { useState } from "react";
import { type ApiFailure, type ApiResult, api } from "@/browser/api";
import { type Change, type Meeting, type Merged, settled } from "@/core/merge";

export interface RecordKeeper<T> {
  readonly meets: readonly Meeting[];
  /** The record as it was opened or last stored from here. */
  readonly now: T;
  /** Another number whenever a choice between two versions was stored: forms begin anew with `now`. */
  readonly turn: number;
  /** Stores `mine`; the failure where it wasn't, null where it was or where two versions met. */
  readonly store: (mine: T) => Promise<ApiFailure | null | "met">;
  /** Stores it once it was chosen what holds. */
  readonly choose: (holds: "mine" | "theirs") => Promise<ApiFailure | null | "met">;
}

/**
 * @param path where the record is stored
 * @param key its name in the request
 * @param opened the record as the form was opened with it
 */
export function useRecord<T extends object>(path: string, key: string, opened: T): RecordKeeper<T> {
  const [before, setBefore] = useState(opened);
  const [turn, setTurn] = useState(0);
  const [met, setMet] = useState<{ readonly change: Change<T>; readonly found: Merged<T> } | null>(null);
  const send = async (change: Change<T>) => {
    const reply: ApiResult<unknown> = await api("PUT", path, { [key]: change.mine, before: change.before });
    const found = reply.ok ? null : (reply.failure.met as Merged<T> | null);
    setMet(found ? { change, found } : null);
    if (reply.ok) setBefore(change.mine);
    return reply.ok ? null : found ? ("met" as const) : reply.failure;
  };
  return {
    meets: met?.found.meets ?? [],
    now: before,
    turn,
    store: (mine) => send({ before, mine }),
    choose: async (holds) => {
      if (!met) return null;
      const trouble = await send(settled(met.change, met.found, holds));
      if (trouble === null) setTurn((last) => last + 1);
      return trouble;
    },
  };
}
