"use client";
import { type Remote, wrap } from "comlink";
import { startTransition, useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import { type About, Engine, type NextThings } from "@/core/engine/engine";
import type { Person } from "@/core/homes/home";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Part } from "@/core/parts/part";
import type { Line } from "@/core/review/line";
import type { Settings } from "@/core/settings/settings";
import { useMoveTexts } from "@/features/language/use-library";
/** Everyone's parts and the read-through, worked out in a worker: the last ones are shown until the next are there. */
import { englishSentence } from "@/words/finding-words";
import { onceEach, partWith, reasonWith } from "@/words/moves/moves-with";
import type { DeskWorker } from "@/workers/desk.worker";
import { Following, type Made } from "./following";

export interface Room {
  readonly parts: readonly Part[];
  readonly findings: readonly Line[];
  readonly people: readonly Person[];
  /** The class that the parts are of. */
  readonly doc: ClassDoc;
  readonly settings: Settings;
  readonly explain: (person: Person) => Promise<Part | null>;
  readonly next: () => Promise<NextThings | null>;
  /** Asks the worker something about the class and the room as they are now; null before it is there. */
  readonly ask: <T>(run: (worker: Remote<DeskWorker>, about: About) => Promise<T>) => Promise<T | null>;
}

function lookNow(about: About): Made {
  const engine = new Engine(LIBRARY_BOOK, englishSentence);
  return { ...about, parts: engine.parts(about), findings: engine.findings(about) };
}

/** A line with the moves that it tells of; the same for the same line. */
const lineWith = onceEach((line: Line, texts) => reasonWith(line, texts));

/** Told to whoever measures, and kept by nobody. */
function note(what: "parts" | "findings"): void {
  performance.mark(`brontle ${what}`);
  performance.clearMarks(`brontle ${what}`);
}

/** The first look is worked out with the page; each later edit goes to the worker, the newest only. */
function useWorkedOut(doc: ClassDoc, people: readonly Person[], settings: Settings, on: string): Room {
  const worker = useRef<Remote<DeskWorker> | null>(null);
  const [made, setMade] = useState(() => lookNow({ doc, people, settings, on }));
  const [following] = useState(
    () =>
      new Following(made, (now, what) => {
        if (what !== "tried") note(what);
        // What comes from the worker never holds up a key.
        startTransition(() => setMade(now));
      }),
  );
  const about = useMemo(() => ({ doc, people, settings, on }), [doc, people, settings, on]);
  // Before any effect asks something of the worker: that is about what is wanted now.
  useLayoutEffect(() => {
    if (!following.want(about)) return;
    // Once the score is drawn: a worker that begins before takes a core from what draws it.
    const timer = setTimeout(() => worker.current && void following.follow(worker.current), 0);
    return () => clearTimeout(timer);
  }, [about, following]);

  useEffect(() => {
    const own = new Worker(new URL("../../workers/desk.worker.ts", import.meta.url), { type: "module" });
    const remote = wrap<DeskWorker>(own);
    worker.current = remote;
    // What was asked for before the worker was there, and its memory of the first look.
    void remote
      .parts(following.wanted)
      .then(() => following.follow(remote))
      .then(() => following.tryFixes(remote));
    return () => {
      worker.current = null;
      own.terminate();
    };
  }, [following]);

  const ask = useCallback(
    async <T>(task: (remote: Remote<DeskWorker>, about: About) => Promise<T>): Promise<T | null> => {
      const remote = worker.current;
      return remote ? task(remote, following.wanted) : null;
    },
    [following],
  );
  const explain = useCallback(
    (person: Person) => ask((remote, about) => remote.explained(about, person)),
    [ask],
  );
  const next = useCallback(() => ask((remote, about) => remote.next(about)), [ask]);
  return { ...made, settings, explain, next, ask };
}

/** The same, its moves named in the language of the screen: what is worked out is language-free but for names. */
export function useParts(doc: ClassDoc, people: readonly Person[], settings: Settings, on: string): Room {
  const room = useWorkedOut(doc, people, settings, on);
  const { ask, explain } = room;
  const texts = useMoveTexts();
  const parts = useMemo(
    () => (texts ? room.parts.map((part) => partWith(part, texts)) : room.parts),
    [room.parts, texts],
  );
  const findings = useMemo(
    () => (texts ? room.findings.map((line) => lineWith(line, texts)) : room.findings),
    [room.findings, texts],
  );
  const asking = useCallback(
    async <T>(task: (remote: Remote<DeskWorker>, about: About) => Promise<T>) => {
      const answer = await ask(task);
      return texts && answer ? reasonWith(answer, texts) : answer;
    },
    [ask, texts],
  );
  const explained = useCallback(
    async (person: Person) => {
      const part = await explain(person);
      return texts && part ? partWith(part, texts) : part;
    },
    [explain, texts],
  );
  return { ...room, parts, findings, explain: explained, ask: asking };
}
