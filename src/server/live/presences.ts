/**
 * Whose screens are gone without a word: a battery that ran out, a page that was killed. A page says itself when
 * it is closed; where none of somebody's screens follows a class any more for a while, the server says it
 * for them, once. Whoever is back says by themselves that they are here.
 */
import { endOf, type SessionEvent } from "../../core/live/events";
import { journal } from "../journal";
import { takeEntry } from "../session-entries";

/** Without any screen for so long somebody has left, ms: longer than a reload, a lift, or another process takes. */
export const GONE_MS = 20_000;

export interface Follower {
  readonly session: string;
  /** Row id: what other processes are told. */
  readonly id: string;
  /** Roster id. */
  readonly person: string;
}

const keyOf = ({ session, id }: Follower): string => `${session} ${id}`;

/** Whether somebody has come, as the events tell, and hasn't left, in a class that isn't over. */
export function isHere(events: readonly SessionEvent[], person: string): boolean {
  if (endOf(events)) return false;
  const last = events.findLast(
    ({ kind, payload }) => (kind === "join" || kind === "leave") && payload.person === person,
  );
  return last?.kind === "join";
}

export class Presences {
  private readonly screens = new Map<string, number>();
  private readonly leaving = new Map<string, NodeJS.Timeout>();

  /** `leave` writes that somebody has left. */
  constructor(
    private readonly eventsOf: (session: string) => readonly SessionEvent[],
    private readonly leave: (follower: Follower) => Promise<void> = leaveNow,
  ) {}

  /** One more screen of somebody's. */
  came(follower: Follower): void {
    const key = keyOf(follower);
    this.screens.set(key, (this.screens.get(key) ?? 0) + 1);
    this.elsewhere(key);
  }

  /** One screen less. */
  gone(follower: Follower): void {
    const key = keyOf(follower);
    const left = (this.screens.get(key) ?? 1) - 1;
    if (left > 0) {
      this.screens.set(key, left);
      return;
    }
    this.screens.delete(key);
    clearTimeout(this.leaving.get(key));
    const timer = setTimeout(() => {
      this.leaving.delete(key);
      if (isHere(this.eventsOf(follower.session), follower.person)) void this.leave(follower);
    }, GONE_MS);
    this.leaving.set(key, timer.unref());
  }

  /** A screen of theirs is open, here or in another process. */
  elsewhere(key: string): void {
    clearTimeout(this.leaving.get(key));
    this.leaving.delete(key);
  }

  /** The process ends: its streams end because of that, and nobody has left. */
  stop(): void {
    for (const timer of this.leaving.values()) clearTimeout(timer);
    this.leaving.clear();
    this.screens.clear();
  }
}

async function leaveNow({ session, person }: Follower): Promise<void> {
  try {
    await takeEntry(session, { id: crypto.randomUUID(), kind: "leave", payload: { person } }, null);
  } catch (error) {
    journal.warn("leave-not-written", error);
  }
}
