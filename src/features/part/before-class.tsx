"use client";
import Link from "next/link";
import type { OwnSession } from "@/core/live/own-part";
import { bookOf } from "@/core/moves/book";
import type { Part } from "@/core/parts/part";
import { scoreOf } from "@/core/score/score";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { bringTexts, whenText } from "@/words/own-words";
import { OtherClasses } from "./other-classes";
import { OwnAhead } from "./own-ahead";
import { OwnGoals, SharedRoom } from "./own-goals";
import type { OwnPage, OwnWhereabouts } from "./own-page";
import { Readiness } from "./readiness-form";
import { StopWords } from "./stop-words";
import { TonightForm } from "./tonight-form";
import { WhereaboutsForm } from "./whereabouts-form";
import { YourData } from "./your-data";

/** Where the call is, in a window of its own: this page stays open beside it. */
function CallLink({ link }: { readonly link: string | null }) {
  const words = useWords();
  if (link === null) return null;
  return (
    <p className="mt-3">
      <a
        className="inline-flex min-h-12 items-center border-2 border-ink px-4 font-bold"
        href={link}
        target="_blank"
        rel="noreferrer"
      >
        {words.phrase("part", "joinCall")}
      </a>
    </p>
  );
}

/** Before a class: when, what to have ready, and what the instructor should know today. */
export function BeforeClass(
  props: OwnPage & {
    readonly session: OwnSession;
    readonly part: Part;
    readonly whereabouts: OwnWhereabouts | null;
    readonly tonightSaid: boolean;
  },
) {
  const words = useWords();
  const { token, studio, person, session, part } = props;
  const bring = bringTexts(part, person, words);
  const book = bookOf(session.moves);
  const { seconds } = scoreOf(session.doc, book);
  const zone = person.timeZone;
  return (
    <main className="mx-auto max-w-md px-5 py-5 text-lg" data-phase="ready">
      <p className="text-quiet">{studio}</p>
      <h1 className="text-3xl font-bold leading-tight">{session.doc.title}</h1>
      <p className="mt-1 text-xl" suppressHydrationWarning>
        <b>{whenText(session.startsAtMs, zone, words)}</b>
        <span className="text-quiet">
          {" "}
          {words.phrase("part", "yourTime", { length: clockText(seconds.plan) })}
          {zone &&
            zone !== session.timeZone &&
            ` ${words.phrase("part", "atStudio", { when: whenText(session.startsAtMs, session.timeZone, words) })}`}
        </span>
      </p>
      <p className="mt-2" role="status">
        {words.phrase("part", session.state === "open" ? "roomOpen" : "roomNotYet")}
      </p>
      <CallLink link={session.callLink} />
      <Readiness token={token} person={person} readiness={props.readiness} />
      <h2 className="mt-5 text-xl font-bold">{words.phrase("part", "haveReady")}</h2>
      {bring.length === 0 ? (
        <p>{words.phrase("part", "onlyFloor")}</p>
      ) : (
        <ol className="list-inside list-decimal">
          {bring.map((text) => (
            <li key={text} className="border-b border-hairline py-1">
              {text}
            </li>
          ))}
        </ol>
      )}
      <SharedRoom part={part} doc={session.doc} />
      <OwnGoals part={part} />
      <p className="mt-2 flex flex-wrap justify-between gap-x-6 gap-y-1">
        <Link className="font-bold underline underline-offset-4" href={`/p/${token}/home`}>
          {words.phrase("part", "yourHome")}
        </Link>
        <a
          className="font-bold underline underline-offset-4"
          href={`/api/part/${token}/sheet?session=${session.id}`}
        >
          {words.phrase("own", "onPaper")}
        </a>
        {session.state === "planned" && (
          <a
            className="font-bold underline underline-offset-4"
            href={`/api/part/${token}/calendar?session=${session.id}`}
          >
            {words.phrase("part", "intoCalendar")}
          </a>
        )}
      </p>
      <TonightForm token={token} session={session.id} person={person} said={props.tonightSaid} />
      <WhereaboutsForm token={token} session={session.id} left={props.whereabouts} />
      <OwnAhead {...props} />
      <OtherClasses {...props} />
      <StopWords country={person.country} />
      <YourData {...props} />
    </main>
  );
}
