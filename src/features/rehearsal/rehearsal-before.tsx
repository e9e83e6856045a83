"use client";
import Link from "next/link";
import { type FormEvent, useState } from "react";
import type { LiveScore } from "@/core/live/live-score";
import type { SessionContent } from "@/core/live/session";
import type { Evening } from "@/core/rehearsal/crowd";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Chip } from "@/ui/chip";
import type { PlainKey, Say } from "@/words/screens/screens";
import { SPEEDS, type Speed } from "./use-rehearsal";

const EVENING_WORDS: Readonly<Record<Evening, PlainKey<"rehearsal">>> = {
  calm: "everybodyTimeGoodConnections",
  usual: "mostlySomeLateSome",
  rough: "roughEveningManyLate",
};

/** Before a rehearsal: what it is, how the evening is to be, how fast. */
export function RehearsalBefore(props: {
  readonly classId: string;
  readonly content: SessionContent;
  readonly score: LiveScore;
  readonly onBegin: (evening: Evening, speed: Speed) => void;
}) {
  const t = useTexts("rehearsal");
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
      <h1 className="text-4xl font-extrabold leading-tight">{t("rehearseClass")}</h1>
      <p className="mt-3">{t("whatItIs", { clock: clockText(score.totalMs / 1000), homes: parts.length })}</p>
      {parts.length === 0 && (
        <p className="mt-3 font-bold">
          {t("thereNobodyYourList")}{" "}
          <Link className="underline" href="/people">
            {t("addPeople")}
          </Link>{" "}
          {t("first")}
        </p>
      )}
      <form onSubmit={submit} className="mt-6 space-y-6">
        <fieldset>
          <legend className="font-bold">{t("evening")}</legend>
          {(Object.keys(EVENING_WORDS) as Evening[]).map((each) => (
            <label key={each} className="flex min-h-9 items-center gap-3">
              <input
                type="radio"
                name="evening"
                className="size-5 accent-pine"
                checked={evening === each}
                onChange={() => setEvening(each)}
              />
              {t(EVENING_WORDS[each])}
            </label>
          ))}
        </fieldset>
        <SpeedChoice speed={speed} onSpeed={setSpeed} />
        <Button look="solid" type="submit" autoFocus disabled={parts.length === 0}>
          {t("beginRehearsal")}
        </Button>
      </form>
    </main>
  );
}

/** How fast a speed is, in words. */
export const speedText = (speed: Speed, t: Say<"rehearsal">): string =>
  speed === 1 ? t("earnest") : t("timesFast", { speed });

/** How much faster than in earnest; can be changed at any time. */
function SpeedChoice(props: { readonly speed: Speed; readonly onSpeed: (speed: Speed) => void }) {
  const t = useTexts("rehearsal");
  return (
    <fieldset className="flex flex-wrap items-center gap-2">
      <legend className="font-bold">{t("howFast")}</legend>
      {SPEEDS.map((each) => (
        <Chip key={each} pressed={props.speed === each} onPress={() => props.onSpeed(each)}>
          {speedText(each, t)}
        </Chip>
      ))}
    </fieldset>
  );
}
