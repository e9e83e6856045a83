"use client";
/** What Teach shows of a class and its people, whether it is taught or rehearsed. */
import { useMemo, useState } from "react";
import type { ClockState } from "@/core/live/fold";
import { scoreOfKept } from "@/core/live/live-score";
import { peopleNow } from "@/core/live/people-now";
import { withPicks } from "@/core/live/picks";
import { type Asked, presenceOf } from "@/core/live/presence";
import type { SessionContent } from "@/core/live/session";
import { withSubstitutes } from "@/core/live/substitutes";
import { bookOf } from "@/core/moves/book";
import { callSheet } from "@/core/shape/call-sheet";
import { slotFaces } from "@/drawing/faces";
import { useWords } from "@/features/language/use-words";
import type { Lead } from "@/features/live/lead";
import { spokenLines } from "@/words/shape-words";

/** The class as it is done, with its calls and what is shown of its slots. */
export function useClassShown(
  { doc, parts, moves, substitutes }: Pick<SessionContent, "doc" | "parts" | "moves" | "substitutes">,
  wordsPerSecond: number,
) {
  const words = useWords();
  const book = useMemo(() => bookOf(moves), [moves]);
  const score = useMemo(() => scoreOfKept({ doc, moves }), [doc, moves]);
  const shown = useMemo(() => withSubstitutes(doc, substitutes, book), [doc, substitutes, book]);
  const lines = useMemo(
    () => spokenLines(callSheet(shown, book, parts), words, wordsPerSecond),
    [shown, book, parts, words, wordsPerSecond],
  );
  const faces = useMemo(() => slotFaces(shown, book), [shown, book]);
  return { book, score, shown, lines, faces };
}

/** Who is asked, who is here, and which part each of them does now. */
export function useTaughtPeople(
  first: readonly Asked[],
  { parts, partsByMark }: Pick<SessionContent, "parts" | "partsByMark">,
  lead: Pick<Lead, "events">,
) {
  const people = useMemo(() => peopleNow(lead.events), [lead.events]);
  const [added, setAdded] = useState<readonly Asked[]>([]);
  // Somebody whom another screen let in is known by their part.
  const asked = useMemo(() => {
    const list = [...first, ...added];
    const have = new Set(list.map((person) => person.rosterId));
    const more = parts.filter((part) => !have.has(part.person));
    return [...list, ...more.map((part) => ({ id: part.person, rosterId: part.person, name: part.name }))];
  }, [first, added, parts]);
  const presence = useMemo(() => presenceOf(asked, people, lead.events), [asked, people, lead.events]);
  // Who changed their level on the spot does the part of that level from then on.
  const now = useMemo(
    () =>
      parts.map((part) => {
        const mark = people.marks.get(part.person);
        const own = (mark && partsByMark[mark].find((other) => other.person === part.person)) ?? part;
        return withPicks(own, people.picks.get(part.person));
      }),
    [parts, partsByMark, people],
  );
  const add = (person: Asked) => setAdded((list) => [...list, person]);
  return { people, asked, presence, now, add };
}

/** How many words fit into the present segment. */
export const wordsIn = (wordsPerSecond: number, { lengthMs }: ClockState) =>
  Math.floor((lengthMs / 1000) * wordsPerSecond);
