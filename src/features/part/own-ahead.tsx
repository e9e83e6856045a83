"use client";
/** What lies ahead of somebody besides the class that is shown: plans by themselves, and a calendar that follows. */
import Link from "next/link";
import { useWords } from "@/features/language/use-words";
import { FeedAddress } from "@/features/season/feed-address";
import { dayText, shortWhen } from "@/words/when-words";
import type { OwnPage } from "./own-page";

export function OwnAhead({ token, studio, alone, feedSinceMs, person, words: said }: OwnPage) {
  const words = useWords();
  const open = alone.filter(({ done }) => !done);
  return (
    <>
      {said.trim() !== "" && (
        <section
          aria-label={words.phrase("part", "from", { studio })}
          className="mt-6 whitespace-pre-line border-l-4 border-pine pl-3"
        >
          {said}
        </section>
      )}
      {open.length > 0 && (
        <section aria-labelledby="alone" className="mt-6">
          <h2 id="alone" className="text-xl font-bold">
            {words.phrase("part", "byYourself")}
          </h2>
          <ul>
            {open.map(({ id, title, day }) => (
              <li key={id} className="border-b border-hairline py-1.5">
                <Link className="font-bold underline underline-offset-4" href={`/p/${token}/alone/${id}`}>
                  {title}
                </Link>{" "}
                <span className="text-quiet">{dayText(day, words)}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="mt-6">
        <FeedAddress
          person={null}
          route={`/api/part/${token}/feed`}
          since={feedSinceMs === null ? null : shortWhen(feedSinceMs, person.timeZone, words).day}
          about={words.phrase("part", "calendarAbout")}
        />
      </div>
    </>
  );
}
