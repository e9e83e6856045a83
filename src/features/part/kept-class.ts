"use client";
/** What a phone keeps of the class that it follows, for a page that is opened again without network; eight hours. */
import { KEEP_MS } from "@/browser/kept-page";
import { deviceNowMs } from "@/browser/now";
import { keep, kept } from "@/browser/store";
import type { SessionEvent } from "@/core/live/events";
import type { OwnSession } from "@/core/live/own-part";

/** One class at a time: nobody is in two at once. */
interface Kept {
  readonly events: readonly SessionEvent[];
  readonly content: OwnSession;
}

interface Dated<T> {
  readonly atMs: number;
  readonly session: string;
  /** Whose: a device may be handed on. */
  readonly person: string;
  readonly value: T;
}

const keyOf = (what: keyof Kept) => `brontle.own-class.${what}`;

/** What is kept of somebody's session, where it isn't older than eight hours; what is older is forgotten. */
export function keptOf<K extends keyof Kept>(what: K, session: string, person: string): Kept[K] | null {
  const there = kept<Dated<Kept[K]>>(keyOf(what));
  if (there && deviceNowMs() - there.atMs > KEEP_MS) keep(keyOf(what), null);
  else if (there?.session === session && there.person === person) return there.value;
  return null;
}

/** Keeps it as it is now. */
export function keepOf<K extends keyof Kept>(what: K, session: string, person: string, value: Kept[K]): void {
  keep(keyOf(what), { atMs: deviceNowMs(), session, person, value } satisfies Dated<Kept[K]>);
}
