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
import type { OwnPage, OwnWhereabouts } from "./own-page";
import { Readiness } from "./readiness-form";
import { StopWords } from "./stop-words";
import { TonightForm } from "./tonight-form";
import { WhereaboutsForm } from "./whereabouts-form";
import { YourData } from "./your-data";

/** Where the call is, in a window of its own: this page stays open beside it. */
function CallLink({ link }: { readonly link: string | null }) {
  if (link === null) return null;
  return (
    <p className="mt-3">
      <a
        className="inline-flex min-h-12 items-center border-2 border-ink px-4 font-bold"
        href={link}
        target="_blank"
        rel="noreferrer"
      >
        Join the call
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
          your time, {clockText(seconds.plan)}
          {zone &&
            zone !== session.timeZone &&
            ` (${whenText(session.startsAtMs, session.timeZone, words)} at the studio)`}
        </span>
      </p>
      <p className="mt-2" role="status">
        {session.state === "open"
          ? "The room is open. It begins by itself on this page: leave it open."
          : "When your instructor opens the room this page goes over to it by itself."}
      </p>
      <CallLink link={session.callLink} />
      <Readiness token={token} person={person} readiness={props.readiness} />
      <h2 className="mt-5 text-xl font-bold">Have ready, in this order</h2>
      {bring.length === 0 ? (
        <p>Nothing but a floor.</p>
      ) : (
        <ol className="list-inside list-decimal">
          {bring.map((text) => (
            <li key={text} className="border-b border-hairline py-1">
              {text}
            </li>
          ))}
        </ol>
      )}
      <p className="mt-2 flex justify-between">
        <Link className="font-bold underline underline-offset-4" href={`/p/${token}/home`}>
          Your home
        </Link>
        {session.state === "planned" && (
          <a
            className="font-bold underline underline-offset-4"
            href={`/api/part/${token}/calendar?session=${session.id}`}
          >
            Into your calendar
          </a>
        )}
      </p>
      <TonightForm token={token} session={session.id} person={person} said={props.tonightSaid} />
      <WhereaboutsForm token={token} session={session.id} left={props.whereabouts} />
      <OtherClasses {...props} />
      <StopWords country={person.country} />
      <YourData {...props} />
    </main>
  );
}
