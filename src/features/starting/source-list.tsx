"use client";
import { useState } from "react";
import type { Outline } from "@/core/effort/outline";
import { PURPOSES, type Purpose, type StartingPoint } from "@/core/starting/template";
import { useTexts } from "@/features/language/use-texts";
import { MiniScore } from "@/features/score/mini-score";
import { useFound } from "@/features/search/use-found";
import { Button } from "@/ui/button";
import { cx } from "@/ui/cx";
import { SearchField } from "@/ui/search-field";
import type { PlainKey } from "@/words/screens/screens";

/** An earlier class of the studio, in short. */
export type EarlierClass = Outline & { readonly id: string; readonly tags: readonly string[] };

/** What is chosen to begin from: one of ours, an earlier class, or nothing but a frame. */
export type Chosen =
  | { readonly from: "template"; readonly id: string }
  | { readonly from: "class"; readonly id: string }
  | { readonly from: "frame" };

export const isSame = (a: Chosen, b: Chosen) =>
  a.from === b.from && ("id" in a ? a.id : "") === ("id" in b ? b.id : "");

const PURPOSE_WORDS: Readonly<Record<Purpose, PlainKey<"starting">>> = {
  strength: "strength",
  endurance: "byClock",
  mixed: "mixedRoom",
  gentle: "gentle",
  flow: "flowing",
};

/** All that each is looked for by. */
const earlierTexts = ({ title, tags, moves }: EarlierClass) => [title, ...tags, ...moves];
const pointTexts = ({ outline, purpose, about }: StartingPoint) => [
  outline.title,
  about,
  purpose,
  ...outline.moves,
];

/** Earlier classes that stand before ours: the last ones. */
const FEW = 5;

/** Everything that a class can be begun from, to one scale: an earlier class first, where there are any. */
export function SourceList({
  points,
  earlier,
  chosen,
  onChoose,
}: {
  readonly points: readonly StartingPoint[];
  readonly earlier: readonly EarlierClass[];
  readonly chosen: Chosen;
  readonly onChoose: (chosen: Chosen) => void;
}) {
  const t = useTexts("starting");
  const [typed, setTyped] = useState("");
  const [all, setAll] = useState(false);
  const found = useFound(earlier, typed, earlierTexts);
  const ours = useFound(points, typed, pointTexts);
  const row = (
    own: Chosen,
    outline: Pick<Outline, "bars" | "seconds" | "pieces" | "title">,
    minutes: number,
    about: string,
  ) => (
    <li key={"id" in own ? own.id : own.from}>
      <button
        type="button"
        aria-pressed={isSame(own, chosen)}
        className={cx(
          "grid w-full grid-cols-[3.6rem_minmax(0,1fr)_7rem] items-center gap-x-3 border-b border-hairline px-1 py-1 text-left hover:bg-white",
          isSame(own, chosen) ? "bg-marker hover:bg-marker" : "",
        )}
        title={about}
        onClick={() => onChoose(own)}
      >
        <span className="whitespace-nowrap text-right">
          <b className="font-clock text-xl leading-none">{minutes}</b>{" "}
          <span className="text-sm">{t("min")}</span>
        </span>
        <span className="truncate font-semibold">{outline.title}</span>
        <MiniScore {...outline} longestSeconds={3700} low />
      </button>
    </li>
  );
  return (
    <>
      <SearchField
        label={t("lookSomethingBeginFrom")}
        placeholder={t("titleMoveOrPurpose")}
        className="w-full"
        value={typed}
        onChange={setTyped}
      />
      {found.length > 0 && (
        <section aria-label={t("yourOwnClasses")} className="mt-2">
          <h2 className="px-1 text-sm text-quiet">{t("yourOwnClasses")}</h2>
          <ul>
            {found
              .slice(0, all || typed !== "" ? found.length : FEW)
              .map((own) => row({ from: "class", id: own.id }, own, Math.round(own.seconds / 60), own.title))}
          </ul>
          {!all && typed === "" && found.length > FEW && (
            <Button look="bare" className="px-1 py-1" onClick={() => setAll(true)}>
              {t("allOf", { found: found.length })}
            </Button>
          )}
        </section>
      )}
      {PURPOSES.map((purpose) => {
        const own = ours.filter((point) => point.purpose === purpose);
        return own.length === 0 ? null : (
          <section key={purpose} aria-label={t(PURPOSE_WORDS[purpose])} className="mt-2">
            <h2 className="px-1 text-sm text-quiet">{t(PURPOSE_WORDS[purpose])}</h2>
            <ul>
              {own.map(({ id, outline, minutes, about }) =>
                row({ from: "template", id }, outline, minutes, about),
              )}
            </ul>
          </section>
        );
      })}
      <section aria-label={t("frame")} className="mt-2">
        <h2 className="px-1 text-sm text-quiet">{t("nothing2")}</h2>
        <ul>
          {row(
            { from: "frame" },
            { bars: [], seconds: 0, pieces: 0, title: t("warmUpOneBlock") },
            10,
            t("fillByYourself"),
          )}
        </ul>
      </section>
    </>
  );
}
