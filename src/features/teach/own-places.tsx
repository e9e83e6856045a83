"use client";
import type { ClassDoc } from "@/core/class/document";
import { findSlot } from "@/core/class/document";
import type { LiveScore } from "@/core/live/live-score";
import { allThrough, type OwnPlace, ownPlace, pressesOf } from "@/core/live/own-pace";
import type { Presence } from "@/core/live/presence";
import { type MoveBook, resolveMove } from "@/core/moves/book";
import type { Part } from "@/core/parts/part";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import type { Lead } from "@/features/live/lead";
import { lowerFirst } from "@/words/letters";
import type { Words } from "@/words/words";

interface Line {
  readonly part: Part;
  readonly place: OwnPlace;
}

/** Columns and letters for so many people: larger letters where there are few. */
function layoutOf(people: number): string {
  if (people <= 6) return "grid-cols-2 text-[length:calc(32*var(--t))]";
  if (people <= 15) return "grid-cols-3 text-[length:calc(25*var(--t))]";
  return people <= 27
    ? "grid-cols-3 text-[length:calc(21*var(--t))]"
    : "grid-cols-4 text-[length:calc(17*var(--t))]";
}

/** Where somebody is: which set of how many, of what, or how long they rest. */
function placeText({ place, part }: Line, doc: ClassDoc, book: MoveBook, words: Words): string {
  const { sets, at, doing, leftMs } = place;
  const set = sets[at];
  if (!set) return words.phrase("live", "placeThrough");
  const [n, of] = [at + 1, sets.length];
  if (doing === "rest")
    return words.phrase("live", "placeRest", { n, of, left: clockText(Math.ceil(leftMs / 1000)) });
  const slot = findSlot(doc, set.slot)?.slot;
  const own = part.slots.find((each) => each.slot === set.slot)?.name;
  const move = lowerFirst(own ?? (slot ? resolveMove(slot.move, book).name : ""));
  return words.phrase("live", "place", { n, of, move });
}

/** What of somebody wants a look: sets that won't fit, or that nothing was pressed. */
function flagText({ cut, silentMs }: OwnPlace, words: Words): string {
  if (silentMs > 0) return words.phrase("live", "placeSilent", { minutes: Math.floor(silentMs / 60_000) });
  return cut > 1 ? words.phrase("live", "placeCut", { n: cut }) : "";
}

/** Where each of those who are here is in a block at one's own pace: in roster order, nobody before anybody. */
export function OwnPlaces(props: {
  readonly score: LiveScore;
  readonly doc: ClassDoc;
  readonly book: MoveBook;
  readonly parts: readonly Part[];
  readonly presence: Presence;
  readonly lead: Lead;
  /** What there is to do, move by move. */
  readonly lines: readonly string[];
}) {
  const t = useTexts("teach");
  const words = useWords();
  const { score, doc, book, parts, presence, lead } = props;
  const presses = pressesOf(score, lead.events, lead.now());
  const here = new Set(presence.here.map(({ rosterId }) => rosterId));
  const lines = parts.flatMap((part): Line[] => {
    const place = here.has(part.person) ? ownPlace(score, lead.state, presses, part.person, part) : null;
    return place ? [{ part, place }] : [];
  });
  const through = lines.filter(({ place }) => place.doing === "all-done").length;
  const all = allThrough(lines.map(({ place }) => place));
  return (
    <section className="mt-2 px-8" aria-label={t("whereEverybody")} data-testid="places">
      <p className="text-[length:calc(30*var(--t))] leading-tight">{props.lines.join(" · ")}</p>
      {lines.length > 0 && (
        <p className="mt-2 text-[length:calc(30*var(--t))] font-bold leading-tight" data-testid="through">
          {words.phrase("live", "placesThrough", { all: all ? "yes" : "no", n: through, of: lines.length })}
        </p>
      )}
      <ul className={`mt-1 grid gap-x-6 leading-tight ${layoutOf(lines.length)}`}>
        {lines.map((line) => {
          const flag = flagText(line.place, words);
          return (
            <li
              key={line.part.person}
              className="flex justify-between gap-2 border-t border-night-line py-0.5"
            >
              <b className="whitespace-nowrap">{line.part.name}</b>
              <span className={`min-w-0 truncate text-right ${flag ? "font-bold" : "text-night-quiet"}`}>
                {flag || placeText(line, doc, book, words)}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
