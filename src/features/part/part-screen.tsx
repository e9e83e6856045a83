"use client";
import Link from "next/link";
import type { Person } from "@/core/homes/home";
import { kitText } from "@/core/homes/kit";
import { FollowClass } from "./follow-class";
import type { OpenRun } from "./open-run";
import { StopWords } from "./stop-words";
import { useOtherClass } from "./use-other-class";

interface Props {
  readonly token: string;
  readonly studio: string;
  readonly person: Person;
  readonly run: OpenRun | null;
}

/** A participant's own page, by personal link: before, during and after a class. */
export function PartScreen(props: Props) {
  const { token, studio, person, run } = props;
  if (run) return <FollowClass key={run.id} token={token} studio={studio} person={person} run={run} />;
  return <NoClass {...props} />;
}

function NoClass({ token, studio, person }: Props) {
  useOtherClass(token, null, true);
  const kit = person.kit;
  return (
    <main className="mx-auto max-w-md px-5 py-6 text-lg">
      <p className="text-quiet">{studio}</p>
      <h1 className="text-3xl font-bold leading-tight">{person.name}</h1>
      <p className="mt-4">
        No class is going on. When your instructor opens one, this page shows your own version of it: leave it
        open.
      </p>
      <h2 className="mt-6 text-xl font-bold">What you have said that you have</h2>
      <p>
        {kit === undefined
          ? "Nothing yet: only a floor is counted on."
          : kit.length === 0
            ? "Nothing, and that is fine."
            : kit.map((item) => kitText(item, item.count, person.units)).join(", ")}
      </p>
      <p className="mt-2">
        <Link className="font-bold underline underline-offset-4" href={`/p/${token}/home`}>
          Change it
        </Link>
      </p>
      <StopWords />
    </main>
  );
}
