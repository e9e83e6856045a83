"use client";
import Link from "next/link";
import type { OwnSession } from "@/core/live/own-part";
import { OwnLanguage } from "@/features/language/own-language";
import { useWords } from "@/features/language/use-words";
import { kitText } from "@/words/kit-words";
import { AfterClass } from "./after-class";
import { BeforeClass } from "./before-class";
import { FollowClass } from "./follow-class";
import { OtherClasses } from "./other-classes";
import { OwnAhead } from "./own-ahead";
import type { OwnEntries, OwnPage, OwnWhereabouts } from "./own-page";
import { Readiness } from "./readiness-form";
import { StopWords } from "./stop-words";
import { useOtherClass } from "./use-other-class";
import { YourData } from "./your-data";

interface Props extends OwnPage {
  readonly session: OwnSession | null;
  readonly whereabouts: OwnWhereabouts | null;
  readonly tonightSaid: boolean;
  readonly entries: OwnEntries | null;
}

/** A participant's own page, by personal link: before, during and after a class. */
export function PartScreen(props: Props) {
  return (
    <OwnLanguage person={props.person}>
      <Page {...props} />
    </OwnLanguage>
  );
}

function Page(props: Props) {
  const { session, entries, ...page } = props;
  if (!session?.parts) return <NoClass {...page} />;
  const parts = session.parts;
  if (session.state === "ended" && entries)
    return <AfterClass key={session.id} {...page} session={session} part={parts.usual} entries={entries} />;
  if (session.state === "planned") return <Planned {...page} session={session} />;
  return <FollowClass key={session.id} {...page} session={session} parts={parts} />;
}

function Planned(props: Omit<Props, "session" | "entries"> & { readonly session: OwnSession }) {
  useOtherClass(props.token, { session: props.session.id, state: props.session.state }, !props.pinned);
  return props.session.parts && <BeforeClass {...props} part={props.session.parts.usual} />;
}

function NoClass(props: OwnPage) {
  const words = useWords();
  const { token, studio, person, readiness } = props;
  useOtherClass(token, { session: null, state: null }, true);
  const kit = person.kit;
  return (
    <main className="mx-auto max-w-md px-5 py-6 text-lg">
      <p className="text-quiet">{studio}</p>
      <h1 className="text-3xl font-bold leading-tight">{person.name}</h1>
      <p className="mt-4">{words.phrase("part", "noClass")}</p>
      <Readiness token={token} person={person} readiness={readiness} />
      <h2 className="mt-6 text-xl font-bold">{words.phrase("part", "saidYouHave")}</h2>
      <p>
        {kit === undefined
          ? words.phrase("part", "saidNothingYet")
          : kit.length === 0
            ? words.phrase("part", "saidNothing")
            : kit.map((item) => kitText(item, words, person.units)).join(", ")}
      </p>
      <p className="mt-2">
        <Link className="font-bold underline underline-offset-4" href={`/p/${token}/home`}>
          {words.phrase("part", "changeIt")}
        </Link>
      </p>
      <OwnAhead {...props} />
      <OtherClasses {...props} />
      <StopWords country={person.country} />
      <YourData {...props} />
    </main>
  );
}
