"use client";
/** Who else has the class open: asked every few seconds while it is looked at; what they change comes with it. */
import { useCallback, useEffect, useRef, useState } from "react";
import { api } from "@/browser/api";
import { keepHere, keptHere } from "@/browser/store";
import type { ClassDoc } from "@/core/class/document";
import { isUuid } from "@/core/units";
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

const TAB_KEY = "brontle.tab";

/** This tab, the same over a reload: one's own page of a moment ago is nobody else. */
function ownTab(): string {
  const known = keptHere(TAB_KEY);
  if (typeof known === "string" && isUuid(known)) return known;
  const made = crypto.randomUUID();
  keepHere(TAB_KEY, made);
  return made;
}

export function useCompany(id: string, { selection, revision, stands }: Desk): readonly Companion[] {
  const [others, setOthers] = useState(NOBODY);
  const now = useRef({ selection, revision });
  now.current = { selection, revision };
  const ask = useCallback(async () => {
    if (document.hidden) return;
    const { selection: at, revision: known } = now.current;
    const reply = await api<Reply>("POST", `/api/classes/${id}/here`, {
      tab: ownTab(),
      block: at.block,
      slot: at.slot,
      revision: known,
    });
    // Without the server nobody is known to be there; saving says that it is away.
    const company = reply.ok ? reply.value.others : NOBODY;
    setOthers((before) => (JSON.stringify(before) === JSON.stringify(company) ? before : company));
    if (reply.ok && reply.value.doc) stands(reply.value.revision, reply.value.doc);
  }, [id, stands]);
  useEffect(() => {
    const beat = setInterval(() => void ask(), EVERY_MS);
    return () => clearInterval(beat);
  }, [ask]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another place is told
  useEffect(() => {
    const settled = setTimeout(() => void ask(), SETTLED_MS);
    return () => clearTimeout(settled);
  }, [ask, selection.block, selection.slot]);
  return others;
}
