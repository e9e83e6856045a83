"use client";
import Link from "next/link";
import { useMemo } from "react";
import { moveEffort } from "@/core/effort/demand";
import { excludes, LIMITS } from "@/core/homes/limits";
import { bookWith } from "@/core/moves/book";
import { ladderOf } from "@/core/moves/ladder";
import type { Move, Muscle, Skill } from "@/core/moves/move";
import { USUAL_BODY_KG } from "@/core/strength/load";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { ButtonLink } from "@/ui/button";
import { needsText } from "@/words/need-words";
import type { PlainKey, Say } from "@/words/screens/screens";
import { LadderDrawing } from "./ladder-drawing";

function energyText(energy: Move["energy"], t: Say<"moves">): string {
  return energy.category === null
    ? t("metEstimateOurs", { met: energy.met })
    : t("metCompendium", { met: energy.met, category: energy.category });
}

const PRACTICE: Readonly<Record<Skill, PlainKey<"moves">>> = {
  1: "firstTry",
  2: "onceWasShown",
  3: "classOrTwo",
  4: "weeks",
  5: "months",
};

/** How long a rep takes and what it is made of: `2.5 s: lower 1.5, lift 1; begins by lowering`. */
function repText({ repSeconds, isometric, phases, tempo }: Move, t: Say<"moves">): string {
  const whole = `${repSeconds} s${isometric ? t("orHeld") : ""}`;
  if (!phases) return tempo ? t("withTempo", { whole, tempo }) : whole;
  const parts = phases.seconds.flatMap((seconds, which) => (seconds ? [t("phase", { which, seconds })] : []));
  return t("phasesOf", { whole, parts: parts.join(", "), begins: phases.begins });
}

/** What is moved, and what a natural person of 72 kg moves once or holds; estimates. */
function loadText({ strength, holdSeconds }: Move, t: Say<"moves">): string {
  if (holdSeconds !== undefined) return t("heldSLimitBy", { holdSeconds });
  if (!strength) return t("noneCouldBeChosen");
  const { body, maximum, held } = strength;
  const share = body > 0 ? t("bodyShare", { body: Math.round(body * 100) }) : "";
  const things = held > 0 ? t("thingsHeld", { held }) : "";
  const once = Math.round(maximum * USUAL_BODY_KG);
  return t("loadOnce", { what: [share, things].filter(Boolean).join(" + "), once, body: USUAL_BODY_KG });
}

/** One move: its chain from easiest to hardest, what it needs and loads, what to say and to mind. */
export function MovePage({ id, own }: { readonly id: string; readonly own: readonly Move[] }) {
  const library = useLibrary();
  const t = useTexts("moves");
  const words = useWords();
  const book = useMemo(() => bookWith(library, own), [library, own]);
  const move = book.get(id) as Move;
  const mine = own.some((entry) => entry.id === id);
  const ladder = useMemo(() => ladderOf(move, book), [move, book]);
  const swaps = move.links.filter((link) => link.kind === "swap");
  const limits = LIMITS.filter((limit) => excludes(limit, move));
  const muscles = (list: readonly Muscle[]) => list.map((muscle) => words.name("muscle", muscle)).join(", ");
  const facts: readonly (readonly [string, string])[] = [
    [t("alsoCalled"), move.aliases?.join(", ") || t("nothingElse")],
    [t("needs"), needsText(move.needs, words)],
    [t("trainsFirst"), muscles(move.muscles.primary) || t("nothingParticular")],
    [t("also"), muscles(move.muscles.secondary) || "—"],
    [t("sides"), words.name("sides", move.sides)],
    [t("oneRep"), repText(move, t)],
    [t("load"), loadText(move, t)],
    [
      t("practice"),
      move.skill ? t("practiceOf", { practice: t(PRACTICE[move.skill]), skill: move.skill }) : t("notSaid"),
    ],
    [t("impactNoise"), `${words.name("impact", move.impact)}, ${words.name("noise", move.noise)}`],
    [
      t("energy"),
      t("energyEffort", { energy: energyText(move.energy, t), effort: Math.round(moveEffort(move)) }),
    ],
    [t("asksBody"), move.loads.map((load) => words.name("asks", load)).join(", ") || t("nothingSpecial")],
    [t("ruledOutBy"), limits.map((limit) => words.name("limit", limit)).join(", ") || t("noLimit")],
    [t("room"), t("roomOf", { lengthM: move.room.lengthM, heightCm: move.room.heightCm })],
    [t("showSetUp"), `${move.demoSeconds} s, ${move.setupSeconds} s`],
    [t("limit"), move.stable ? t("stableMayBeTaken") : t("notStableNeverLimit")],
  ];
  return (
    <>
      <TopLine here="moves" places={PLACES} />
      <main className="mx-auto max-w-6xl px-6 py-5">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">
            {move.name}{" "}
            <span className="text-base font-normal text-quiet">
              {words.name("pattern", move.pattern)}, {words.name("position", move.position)}
              {mine && t("yours")}
              {move.gym && t("wayGym")}
            </span>
          </h1>
          <div className="flex gap-2">
            {mine && <ButtonLink href={`/moves/${id}/edit`}>{t("change2")}</ButtonLink>}
            <ButtonLink href={`/moves/new?from=${id}`}>{t("makeYourOwnFrom")}</ButtonLink>
          </div>
        </div>
        <section aria-labelledby="ladder" className="mt-4">
          <h2 id="ladder" className="mb-2 text-lg font-bold">
            {t("fromEasiestHardest")}
          </h2>
          <LadderDrawing ladder={ladder} here={id} />
          {swaps.length > 0 && (
            <p className="mt-2">
              <b>{t("sameJobOtherwise")}</b>{" "}
              {swaps.map((link, i) => (
                <span key={link.to}>
                  {i > 0 && ", "}
                  <Link href={`/moves/${link.to}`} prefetch={false} className="underline underline-offset-2">
                    {book.get(link.to)?.name}
                  </Link>{" "}
                  <span className="text-quiet">({words.name("how", link.how)})</span>
                </span>
              ))}
            </p>
          )}
        </section>
        <div className="mt-5 grid gap-10 md:grid-cols-2">
          <dl className="grid grid-cols-[9rem_1fr] content-start">
            {facts.map(([name, value]) => (
              <div key={name} className="contents">
                <dt className="border-t border-hairline py-1 text-quiet">{name}</dt>
                <dd className="border-t border-hairline py-1">{value}</dd>
              </div>
            ))}
          </dl>
          <div className="space-y-4">
            <Sentences title={t("say")} list={move.cues} />
            {move.steps && <Sentences title={t("stepByStep")} list={move.steps} />}
            <Sentences title={t("watch")} list={move.faults} />
            <Sentences title={t("takeCare")} list={move.cautions} />
            <p className="text-sm text-quiet">{t("cautionsUsualOnesClear")}</p>
          </div>
        </div>
      </main>
    </>
  );
}

function Sentences({ title, list }: { readonly title: string; readonly list: readonly string[] }) {
  return (
    <section>
      <h2 className="font-bold">{title}</h2>
      <ul>
        {list.map((sentence) => (
          <li key={sentence} className="border-t border-hairline py-1">
            {sentence}
          </li>
        ))}
      </ul>
    </section>
  );
}
