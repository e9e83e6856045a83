"use client";
/** Everyone's parts, worked out in a worker: the last ones are shown until the next are there. */
import { type Remote, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import type { Person } from "@/core/homes/home";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { CHANGE_OVER, type ChangeOverTable } from "@/core/parts/change-over";
import type { Part } from "@/core/parts/part";
import { partsFor } from "@/core/parts/parts";
import type { NextThings, PartsWorker } from "@/workers/parts.worker";

function useWorker(): { readonly current: Remote<PartsWorker> | null } {
  const remote = useRef<Remote<PartsWorker> | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL("../../workers/parts.worker.ts", import.meta.url), { type: "module" });
    remote.current = wrap<PartsWorker>(worker);
    return () => {
      remote.current = null;
      worker.terminate();
    };
  }, []);
  return remote;
}

export interface Room {
  readonly parts: readonly Part[];
  readonly people: readonly Person[];
  /** The class that the parts are of. */
  readonly doc: ClassDoc;
  readonly explain: (person: Person) => Promise<Part | null>;
  readonly next: () => Promise<NextThings | null>;
}

/** The first parts are worked out with the page; each later edit goes to the worker, the newest only. */
export function useParts(
  doc: ClassDoc,
  people: readonly Person[],
  table: ChangeOverTable = CHANGE_OVER,
): Room {
  const worker = useWorker();
  const [made, setMade] = useState(() => ({
    doc,
    people,
    parts: partsFor(doc, people, LIBRARY_BOOK, { table }),
  }));
  const busy = useRef(false);
  const wanted = useRef({ doc, people, table });
  wanted.current = { doc, people, table };
  const latest = useRef(made);
  latest.current = made;
  useEffect(() => {
    const run = async () => {
      const remote = worker.current;
      if (busy.current || !remote) return;
      busy.current = true;
      for (
        let asked = wanted.current;
        asked.doc !== latest.current.doc || asked.people !== latest.current.people;
        asked = wanted.current
      ) {
        const parts = await remote.parts(asked.doc, asked.people, asked.table);
        const next = { doc: asked.doc, people: asked.people, parts };
        latest.current = next;
        setMade(next);
      }
      busy.current = false;
    };
    if (doc !== latest.current.doc || people !== latest.current.people) void run();
  }, [doc, people, worker]);
  const explain = async (person: Person) =>
    (await worker.current?.explained(wanted.current.doc, person, table)) ?? null;
  const next = async () => {
    const { current } = worker;
    if (!current) return null;
    await current.parts(wanted.current.doc, wanted.current.people, table);
    return current.next();
  };
  return { ...made, explain, next };
}
