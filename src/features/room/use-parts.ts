"use client";
import { type Remote, wrap } from "comlink";
import { type RefObject, startTransition, useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import { type About, Engine, type NextThings } from "@/core/engine/engine";
import type { Person } from "@/core/homes/home";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Part } from "@/core/parts/part";
import type { Line } from "@/core/review/line";
import type { Settings } from "@/core/settings/settings";
import { keepSame } from "@/core/values/same";
import { useMoveTexts } from "@/features/language/use-library";
/** Everyone's parts and the read-through, worked out in a worker: the last ones are shown until the next are there. */
import { englishSentence } from "@/words/finding-words";
import { onceEach, partWith, reasonWith } from "@/words/moves/moves-with";
import type { DeskWorker } from "@/workers/desk.worker";

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

type Made = About & Pick<Room, "parts" | "findings">;

/** What was tried is shown so often while more is being tried. */
const SHOWN_EVERY_MS = 120;

/** Every line's fixes are tried on a copy, the gravest first, until the class changes. */
async function tryFixes(
  remote: Remote<DeskWorker>,
  wanted: RefObject<About>,
  latest: RefObject<Made>,
  show: (made: Made) => void,
): Promise<void> {
  const { findings: lines, parts: _known, ...asked } = latest.current;
  const isNow = () => wanted.current.doc === asked.doc && wanted.current.people === asked.people;
  let shownAt = performance.now();
  for (const [i, { fingerprint }] of lines.entries()) {
    if (!isNow()) return;
    const line = await remote.tried(asked, fingerprint);
    if (!line || !isNow()) continue;
    const findings = latest.current.findings.map((each) => (each.fingerprint === fingerprint ? line : each));
    latest.current = { ...latest.current, findings };
    // Some at a time: each showing draws the read-through anew.
    if (i < lines.length - 1 && performance.now() - shownAt < SHOWN_EVERY_MS) continue;
    show(latest.current);
    shownAt = performance.now();
  }
}

/** A line with the moves that it tells of; the same for the same line. */
const lineWith = onceEach((line: Line, texts) => reasonWith(line, texts));

/** Told to whoever measures, and kept by nobody. */
function note(what: "parts" | "findings"): void {
  performance.mark(`brontle ${what}`);
  performance.clearMarks(`brontle ${what}`);
}

/** What comes from the worker never holds up a key. */
function useShown(setMade: (made: Made) => void) {
  return useCallback((made: Made) => startTransition(() => setMade(made)), [setMade]);
}

/** The first look is worked out with the page; each later edit goes to the worker, the newest only. */
function useWorkedOut(doc: ClassDoc, people: readonly Person[], settings: Settings, on: string): Room {
  const worker = useRef<Remote<DeskWorker> | null>(null);
  const [made, setMade] = useState(() => lookNow({ doc, people, settings, on }));
  const show = useShown(setMade);
  const busy = useRef(false);
  const wanted = useRef({ doc, people, settings, on });
  wanted.current = { doc, people, settings, on };
  const latest = useRef(made);
  latest.current = made;

  const run = useCallback(async () => {
    const remote = worker.current;
    if (busy.current || !remote) return;
    busy.current = true;
    try {
      for (
        let asked = wanted.current;
        asked.doc !== latest.current.doc || asked.people !== latest.current.people;
        asked = wanted.current
      ) {
        const parts = await remote.parts(asked);
        const { findings: before, parts: last } = latest.current;
        latest.current = { ...asked, parts: keepSame(last, parts), findings: before };
        note("parts");
        show(latest.current);
        // The room is there; the read-through follows, unless the class has changed again meanwhile.
        if (wanted.current.doc !== asked.doc || wanted.current.people !== asked.people) continue;
        const findings = await remote.findings(asked);
        latest.current = { ...latest.current, findings: keepSame(latest.current.findings, findings) };
        note("findings");
        show(latest.current);
        await tryFixes(remote, wanted, latest, show);
      }
    } finally {
      busy.current = false;
    }
  }, [show]);

  useEffect(() => {
    const own = new Worker(new URL("../../workers/desk.worker.ts", import.meta.url), { type: "module" });
    worker.current = wrap<DeskWorker>(own);
    // What was asked for before the worker was there, and its memory of the first look.
    const remote = worker.current;
    void remote
      .parts(wanted.current)
      .then(run)
      .then(() => tryFixes(remote, wanted, latest, show));
    return () => {
      worker.current = null;
      own.terminate();
    };
  }, [run, show]);
  useEffect(() => {
    if (doc === latest.current.doc && people === latest.current.people) return;
    // Once the score is drawn: a worker that begins before takes a core from what draws it.
    const timer = setTimeout(() => void run(), 0);
    return () => clearTimeout(timer);
  }, [doc, people, run]);

  const ask = useCallback(
    async <T>(task: (remote: Remote<DeskWorker>, about: About) => Promise<T>): Promise<T | null> => {
      const remote = worker.current;
      return remote ? task(remote, wanted.current) : null;
    },
    [],
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
