"use client";
import Link from "next/link";
import { useMemo } from "react";
import { moveEffort } from "@/core/effort/demand";
import { excludes, LIMITS } from "@/core/homes/limits";
import { bookWith } from "@/core/moves/book";
import { ladderOf } from "@/core/moves/ladder";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Move, Muscle, Skill } from "@/core/moves/move";
import { USUAL_BODY_KG } from "@/core/strength/load";
import { useWords } from "@/features/language/use-words";
import { ButtonLink } from "@/ui/button";
import { PLACES, TopLine } from "@/ui/top-line";
import { needsText } from "@/words/need-words";
import { LadderDrawing } from "./ladder-drawing";

function energyText(energy: Move["energy"]): string {
  return energy.category === null
    ? `${energy.met} MET, an estimate of ours`
    : `${energy.met} MET (${energy.category}; 2011 Compendium)`;
}

const PRACTICE: Readonly<Record<Skill, string>> = {
  1: "at the first try",
  2: "once it was shown",
  3: "a class or two",
  4: "weeks",
  5: "months",
};

const PHASES = ["lower", "pause", "lift", "pause"] as const;

/** How long a rep takes and what it is made of: `2.5 s: lower 1.5, lift 1; begins by lowering`. */
function repText({ repSeconds, isometric, phases, tempo }: Move): string {
  const whole = `${repSeconds} s${isometric ? ", or held" : ""}`;
  if (!phases) return tempo ? `${whole} (tempo ${tempo})` : whole;
  const parts = PHASES.flatMap((name, i) => (phases.seconds[i] ? [`${name} ${phases.seconds[i]}`] : []));
  return `${whole}: ${parts.join(", ")}; begins by ${phases.begins === "lift" ? "lifting" : "lowering"}`;
}

/** What is moved, and what a natural person of 72 kg moves once or holds; estimates. */
function loadText({ strength, holdSeconds }: Move): string {
  if (holdSeconds !== undefined) return `held ${holdSeconds} s at the limit by a natural person`;
  if (!strength) return "none that could be chosen";
  const { body, maximum, held } = strength;
  const share = body > 0 ? `${Math.round(body * 100)} % of the body` : "";
  const things = held > 0 ? `${held} ${held === 1 ? "thing" : "things"} held` : "";
  const once = Math.round(maximum * USUAL_BODY_KG);
  return `${[share, things].filter(Boolean).join(" and ")}; ${once} kg in all once by a natural person of ${USUAL_BODY_KG} kg`;
}

/** One move: its chain from easiest to hardest, what it needs and loads, what to say and to mind. */
export function MovePage({ id, own }: { readonly id: string; readonly own: readonly Move[] }) {
  const words = useWords();
  const book = useMemo(() => bookWith(LIBRARY_BOOK, own), [own]);
  const move = book.get(id) as Move;
  const mine = own.some((entry) => entry.id === id);
  const ladder = useMemo(() => ladderOf(move, book), [move, book]);
  const swaps = move.links.filter((link) => link.kind === "swap");
  const limits = LIMITS.filter((limit) => excludes(limit, move));
  const muscles = (list: readonly Muscle[]) => list.map((muscle) => words.name("muscle", muscle)).join(", ");
  const facts: readonly (readonly [string, string])[] = [
    ["Also called", move.aliases?.join(", ") || "nothing else"],
    ["Needs", needsText(move.needs, words)],
    ["Trains first", muscles(move.muscles.primary) || "nothing in particular"],
    ["and also", muscles(move.muscles.secondary) || "—"],
    ["Sides", words.name("sides", move.sides)],
    ["One rep", repText(move)],
    ["Load", loadText(move)],
    ["Practice", move.skill ? `${PRACTICE[move.skill]} (${move.skill} of 5)` : "not said"],
    ["Impact, noise", `${words.name("impact", move.impact)}, ${words.name("noise", move.noise)}`],
    ["Energy", `${energyText(move.energy)}: effort about ${Math.round(moveEffort(move))} of 10`],
    ["Asks of the body", move.loads.map((load) => words.name("asks", load)).join(", ") || "nothing special"],
    ["Ruled out by", limits.map((limit) => words.name("limit", limit)).join(", ") || "no limit"],
    ["Room", `${move.room.lengthM} m long, ${move.room.heightCm} cm high`],
    ["To show, to set up", `${move.demoSeconds} s, ${move.setupSeconds} s`],
    ["To the limit", move.stable ? "stable: may be taken there" : "not stable: never to the limit"],
  ];
  return (
    <>
      <TopLine here="Moves" places={PLACES} />
      <main className="mx-auto max-w-6xl px-6 py-5">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">
            {move.name}{" "}
            <span className="text-base font-normal text-quiet">
              {words.name("pattern", move.pattern)}, {words.name("position", move.position)}
              {mine && ", yours"}
              {move.gym && ", a way of the gym"}
            </span>
          </h1>
          <div className="flex gap-2">
            {mine && <ButtonLink href={`/moves/${id}/edit`}>Change</ButtonLink>}
            <ButtonLink href={`/moves/new?from=${id}`}>Make your own from it</ButtonLink>
          </div>
        </div>
        <section aria-labelledby="ladder" className="mt-4">
          <h2 id="ladder" className="mb-2 text-lg font-bold">
            From easiest to hardest
          </h2>
          <LadderDrawing ladder={ladder} here={id} />
          {swaps.length > 0 && (
            <p className="mt-2">
              <b>The same job otherwise:</b>{" "}
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
            <Sentences title="Say" list={move.cues} />
            {move.steps && <Sentences title="Step by step" list={move.steps} />}
            <Sentences title="Watch for" list={move.faults} />
            <Sentences title="Take care" list={move.cautions} />
            <p className="text-sm text-quiet">
              Cautions are the usual ones and clear nobody. Local rules and licensed practice come first.
            </p>
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
