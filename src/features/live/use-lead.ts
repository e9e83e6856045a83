"use client";
import { useCallback, useMemo, useRef, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { renameKept } from "@/browser/store";
import type { CommandKind } from "@/core/live/event-kinds";
import { happening, movesClock, type Said, type SessionEvent } from "@/core/live/events";
import { clockState } from "@/core/live/fold";
import type { LiveScore } from "@/core/live/live-score";
/** A taught class as this device sees it: the events that are known, the clock, and commands on their way. */
import { useTexts } from "@/features/language/use-texts";
import { type Outgoing, useOutbox } from "@/features/sending/use-outbox";
import type { Lead } from "./lead";
import { useServerClock } from "./use-server-clock";
import { joinEvents, useStream } from "./use-stream";
import { useTicking } from "./use-ticking";

/** A command that the server hasn't confirmed. */
interface Waiting extends Outgoing {
  readonly event: SessionEvent;
  readonly seen: number;
}

interface Answer {
  readonly taken: boolean;
  readonly events: readonly SessionEvent[];
}

/**
 * A command that waited behind this device's own earlier ones has seen those: it was pressed after
 * them. Somebody else's in between it has not.
 */
function sawOwn(entry: Waiting, events: readonly SessionEvent[], mine: ReadonlySet<string>): Waiting {
  const since = events.filter((event) => event.seq > entry.seen && movesClock(event));
  const last = since.at(-1);
  return last && since.every((event) => mine.has(event.id)) ? { ...entry, seen: last.seq } : entry;
}

export function useLead(id: string, score: LiveScore, first: readonly SessionEvent[]): Lead {
  const t = useTexts("live");
  const { now, estimate } = useServerClock();
  const [confirmed, setConfirmed] = useState(first);
  useTicking(now);
  const mine = useRef(new Set<string>());
  // What is known counts from the moment it comes in: a command that is pressed before the screen has drawn it has
  // seen it all the same, and isn't refused as made on something older.
  const latest = useRef(confirmed);
  const learn = useCallback((events: readonly SessionEvent[]) => {
    latest.current = joinEvents(latest.current, events);
    setConfirmed((before) => joinEvents(before, events));
  }, []);
  const storeKey = `brontle.session.${id}`;
  // Pressed before an update of the server and not sent yet: it waits under the key of that time.
  useState(() => typeof window !== "undefined" && renameKept(`brontle.run.${id}`, storeKey));
  const outbox = useOutbox<Waiting, Answer>(storeKey, {
    send: ({ event: { id: command, kind, payload, atMs }, seen, offline }) =>
      api("POST", `/api/sessions/${id}/events`, {
        id: command,
        kind,
        payload,
        seen,
        ...(offline ? { offlineAtMs: atMs } : {}),
      }),
    onTaken: (_entry, { taken, events }) => {
      learn(events);
      if (!taken) toast(t("anotherScreenMovedClass"));
      return (left) => sawOwn(left, events, mine.current);
    },
    onRefused: (_entry, { message }) => toast.error(t("notDone", { message })),
  });
  const { waiting, add, held, reached, setReached } = outbox;

  // Another tab may lead, and people enter things: follow what happens.
  useStream(`/api/sessions/${id}/stream`, `/api/sessions/${id}/events`, confirmed, learn, setReached);

  const command = useCallback(
    (...said: Said<CommandKind>) => {
      const command = { id: crypto.randomUUID(), ...happening(said) };
      mine.current.add(command.id);
      add((list) => {
        const known = latest.current;
        const last = list.at(-1)?.event ?? known.at(-1);
        const event: SessionEvent = {
          ...command,
          seq: (last?.seq ?? 0) + 1,
          atMs: Math.max(now(), last?.atMs ?? 0),
        };
        return { id: event.id, event, seen: known.at(-1)?.seq ?? 0, offline: false };
      });
    },
    [now, add],
  );
  const events = useMemo(() => {
    // One of ours that has come back by the stream already is no longer on its way.
    const taken = new Set(confirmed.map((event) => event.id));
    return [...confirmed, ...waiting.map((entry) => entry.event).filter((event) => !taken.has(event.id))];
  }, [confirmed, waiting]);
  const state = clockState(score, events, now());
  const within = estimate?.uncertaintyMs ?? null;
  return { state, events, now, synced: within !== null, within, reached, held, command };
}
