"use client";
import { type Remote, wrap } from "comlink";
import { useEffect, useState } from "react";
import type { Person } from "@/core/homes/home";
import type { Settings } from "@/core/settings/settings";
import type { Adapted, AdaptInput } from "@/core/starting/adapt";
import type { Source } from "@/core/starting/started";
import { useMoveTexts } from "@/features/language/use-library";
import { useWords } from "@/features/language/use-words";
import { type MoveTexts, reasonWith } from "@/words/moves/moves-with";
import { blocksRenamed, startingIn, titlesIn } from "@/words/starting/starting-in";
import type { DeskWorker } from "@/workers/desk.worker";

/** What a class is begun from and for. */
export interface Wish extends Pick<AdaptInput, "minutes" | "kit"> {
  readonly source: Source;
  readonly people: readonly Person[];
}

export interface Started {
  readonly wish: Wish;
  readonly made: Adapted;
}

/** A worker that answers one wish at a time; one that is no longer wanted is broken off with its worker. */
class Maker {
  private worker: { readonly thread: Worker; readonly remote: Remote<DeskWorker> } | null = null;
  private busy = false;
  private turn = 0;

  private ready(): Remote<DeskWorker> {
    if (this.busy) this.end();
    if (!this.worker) {
      const thread = new Worker(new URL("../../workers/desk.worker.ts", import.meta.url), { type: "module" });
      this.worker = { thread, remote: wrap<DeskWorker>(thread) };
    }
    return this.worker.remote;
  }

  /** The class of a wish; null where another one came before it was there. */
  async make(wish: Wish, settings: Settings, on: string): Promise<Adapted | null> {
    const remote = this.ready();
    this.turn += 1;
    const mine = this.turn;
    this.busy = true;
    const { source, people, minutes, kit = null } = wish;
    const made = await remote.start(source, { people, settings, on }, { minutes, kit });
    if (mine !== this.turn) return null;
    this.busy = false;
    return made;
  }

  end(): void {
    this.worker?.thread.terminate();
    this.worker = null;
    this.busy = false;
    this.turn += 1;
  }
}

/** What was made, in the language of the screen: titles of ours, and the moves that its changes tell of. */
function inTheirs(made: Adapted, { source }: Wish, tag: string, texts: MoveTexts | null): Adapted {
  if (!texts) return made;
  // Of an instructor's own class only the blocks that were put in are ours to name.
  const theirs = "doc" in source ? new Set(source.doc.blocks.map(({ id }) => id)) : undefined;
  const doc = titlesIn(made.doc, tag, theirs);
  const named = new Set(theirs && "doc" in source ? source.doc.blocks.map(({ title }) => title) : []);
  const said = <R>(reason: R): R =>
    blocksRenamed(reasonWith(reason, texts), (title) => (named.has(title) ? title : startingIn(title, tag)));
  return { ...made, doc, says: made.says.map(said), left: made.left.map(said) };
}

/** Waits so long for the next letter or tap, ms, before a class is made. */
const PAUSE_MS = 60;

/** The class that comes of a wish: the last one stays until the next is there. */
export function useStarted(wish: Wish | null, settings: Settings, today: string): Started | null {
  const [started, setStarted] = useState<Started | null>(null);
  const words = useWords();
  const texts = useMoveTexts();
  const [maker] = useState(() => new Maker());
  useEffect(() => () => maker.end(), [maker]);
  useEffect(() => {
    if (!wish) return;
    const timer = setTimeout(async () => {
      const made = await maker.make(wish, settings, today);
      if (made) setStarted({ wish, made: inTheirs(made, wish, words.language, texts) });
    }, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [wish, settings, today, maker, words, texts]);
  return started;
}
