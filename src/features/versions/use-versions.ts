"use client";
/** The versions of a class, asked when they are looked at; what each was, once. */
import { useCallback, useEffect, useState } from "react";
import { api } from "@/browser/api";
import type { ClassDoc } from "@/core/class/document";

export interface VersionLine {
  readonly id: string;
  readonly atMs: number;
  readonly name: string | null;
  readonly by: string | null;
}

export function useVersions(classId: string, open: boolean) {
  const [list, setList] = useState<readonly VersionLine[] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [chosen, setChosen] = useState<{ readonly id: string; readonly doc: ClassDoc } | null>(null);
  const path = `/api/classes/${classId}/versions`;
  const load = useCallback(async () => {
    const reply = await api<{ versions: readonly VersionLine[] }>("GET", path);
    setTrouble(reply.ok ? null : reply.failure.message);
    if (reply.ok) setList(reply.value.versions);
  }, [path]);
  useEffect(() => {
    if (open) void load();
    else setChosen(null);
  }, [open, load]);
  const after = async (reply: Awaited<ReturnType<typeof api>>) => {
    setTrouble(reply.ok ? null : reply.failure.message);
    if (reply.ok) await load();
    return reply.ok;
  };
  return {
    list,
    trouble,
    chosen,
    choose: async (id: string) => {
      const reply = await api<{ doc: ClassDoc }>("GET", `${path}/${id}`);
      setTrouble(reply.ok ? null : reply.failure.message);
      if (reply.ok) setChosen({ id, doc: reply.value.doc });
    },
    keep: async (name: string) => after(await api("POST", path, { name })),
    drop: async (id: string) => {
      if (chosen?.id === id) setChosen(null);
      return after(await api("DELETE", `${path}/${id}`, {}));
    },
  };
}
