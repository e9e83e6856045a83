"use client";
/** What a phone keeps of the class that it follows, for a page that is opened again without network; eight hours. */
import { KEEP_MS } from "@/browser/kept-page";
import { keep, kept } from "@/browser/store";
import type { SessionEvent } from "@/core/live/events";
import type { OwnSession } from "@/core/live/own-part";

interface KeptClass {
  readonly atMs: number;
  readonly session: string;
  /** Whose: a device may be handed on. */
  readonly person: string;
  readonly events: readonly SessionEvent[];
  readonly content: OwnSession | null;
}

/** One at a time: nobody is in two classes at once. */
const KEY = "brontle.own-class";

/** What is kept of somebody's session, where it isn't older than eight hours; what is older is forgotten. */
export function keptClass(session: string, person: string): KeptClass | null {
  const there = kept<KeptClass>(KEY);
  if (!there) return null;
  if (Date.now() - there.atMs > KEEP_MS) {
    keep(KEY, null);
    return null;
  }
  return there.session === session && there.person === person ? there : null;
}

/** Keeps what has changed of a session. */
export function keepClass(
  session: string,
  person: string,
  change: Partial<Pick<KeptClass, "events" | "content">>,
): void {
  const { events = [], content = null } = keptClass(session, person) ?? {};
  keep(KEY, { session, person, events, content, ...change, atMs: Date.now() } satisfies KeptClass);
}
