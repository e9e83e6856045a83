"use client";
import Link from "next/link";
import { type FormEvent, useState } from "react";
import type { LiveScore } from "@/core/live/live-score";
import type { SessionContent } from "@/core/live/session";
import type { Evening } from "@/core/rehearsal/crowd";
import { clockText } from "@/core/units";
import { Button } from "@/ui/button";
import { Chip } from "@/ui/chip";
import { SPEEDS, type Speed } from "./use-rehearsal";

const EVENING_WORDS: Readonly<Record<Evening, string>> = {
  calm: "Everybody in time, good connections",
  usual: "As it mostly is: some late, some silent, one or two lose the connection",
  rough: "A rough evening: many late, many silent, storms on the line",
};

/** Before a rehearsal: what it is, how the evening is to be, how fast. */
export function RehearsalBefore(props: {
  readonly classId: string;
  readonly content: SessionContent;
  readonly score: LiveScore;
  readonly onBegin: (evening: Evening, speed: Speed) => void;
}) {
  const { classId, content, score, onBegin } = props;
  const { doc, parts } = content;
  const [evening, setEvening] = useState<Evening>("usual");
  const [speed, setSpeed] = useState<Speed>(15);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onBegin(evening, speed);
  };
  return (
    <main className="mx-auto max-w-3xl px-6 py-10 text-lg leading-relaxed">
      <p className="text-base">
        <Link className="underline underline-offset-4" href={`/classes/${classId}`}>
          {doc.title}
        </Link>
      </p>
      <h1 className="text-4xl font-extrabold leading-tight">Rehearse the class</h1>
      <p className="mt-3">
        {clockText(score.totalMs / 1000)} with simulated people in the {parts.length} homes of your list: each
        at a pace of their own, with a connection and a chest strap that are made up. Teach it as you would,
        as fast as you like; at the end stands where people were late, which gaps were short, what there was
        no time to say, and where it was hardest. Nothing of it is stored, and nobody is told.
      </p>
      {parts.length === 0 && (
        <p className="mt-3 font-bold">
          There is nobody on your list yet:{" "}
          <Link className="underline" href="/people">
            add people
          </Link>{" "}
          first.
        </p>
      )}
      <form onSubmit={submit} className="mt-6 space-y-6">
        <fieldset>
          <legend className="font-bold">The evening</legend>
          {(Object.keys(EVENING_WORDS) as Evening[]).map((each) => (
            <label key={each} className="flex min-h-9 items-center gap-3">
              <input
                type="radio"
                name="evening"
                className="size-5 accent-pine"
                checked={evening === each}
                onChange={() => setEvening(each)}
              />
              {EVENING_WORDS[each]}
            </label>
          ))}
        </fieldset>
        <SpeedChoice speed={speed} onSpeed={setSpeed} />
        <Button look="solid" type="submit" autoFocus disabled={parts.length === 0}>
          Begin the rehearsal
        </Button>
      </form>
    </main>
  );
}

/** How fast a speed is, in words. */
export const speedText = (speed: Speed): string => (speed === 1 ? "in earnest" : `${speed} times as fast`);

/** How much faster than in earnest; can be changed at any time. */
function SpeedChoice(props: { readonly speed: Speed; readonly onSpeed: (speed: Speed) => void }) {
  return (
    <fieldset className="flex flex-wrap items-center gap-2">
      <legend className="font-bold">How fast</legend>
      {SPEEDS.map((each) => (
        <Chip key={each} pressed={props.speed === each} onPress={() => props.onSpeed(each)}>
          {speedText(each)}
        </Chip>
      ))}
    </fieldset>
  );
}
