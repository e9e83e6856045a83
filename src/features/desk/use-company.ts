"use client";
/** Who else has the class open: asked every few seconds while it is looked at; what they change comes with it. */
import { useEffect, useRef, useState } from "react";
import { api } from "@/browser/api";
import type { ClassDoc } from "@/core/class/document";
import type { Desk } from "./use-desk";

export interface Companion {
  readonly name: string;
  readonly block: string;
  readonly slot: string | null;
}

interface Reply {
  readonly others: readonly Companion[];
  readonly revision: number;
  readonly doc: ClassDoc | null;
}

const EVERY_MS = 4000;
/** After another move is selected, so that holding a key asks once. */
const SETTLED_MS = 600;
const NOBODY: readonly Companion[] = [];

export function useCompany(id: string, { selection, revision, stands }: Desk): readonly Companion[] {
  const [others, setOthers] = useState(NOBODY);
  const now = useRef({ selection, revision });
  now.current = { selection, revision };
  const tab = useRef("");
  const ask = useRef(async () => undefined as undefined);
  ask.current = async () => {
    if (document.hidden) return;
    tab.current ||= crypto.randomUUID();
    const { selection: at, revision: known } = now.current;
    const reply = await api<Reply>("POST", `/api/classes/${id}/here`, {
      tab: tab.current,
      block: at.block,
      slot: at.slot,
      revision: known,
    });
    // Without the server nobody is known to be there; saving says that it is away.
    const company = reply.ok ? reply.value.others : NOBODY;
    setOthers((before) => (JSON.stringify(before) === JSON.stringify(company) ? before : company));
    if (reply.ok && reply.value.doc) stands(reply.value.revision, reply.value.doc);
  };
  useEffect(() => {
    const beat = setInterval(() => void ask.current(), EVERY_MS);
    return () => clearInterval(beat);
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another place is told
  useEffect(() => {
    const settled = setTimeout(() => void ask.current(), SETTLED_MS);
    return () => clearTimeout(settled);
  }, [selection.block, selection.slot]);
  return others;
}
