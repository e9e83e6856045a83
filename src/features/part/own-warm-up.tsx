"use client";
import type { Person } from "@/core/homes/home";
import type { LateStart } from "@/core/live/late";
import type { Part } from "@/core/parts/part";
import { useWords } from "@/features/language/use-words";
import { Bar } from "@/features/live/bar";
import { bringTexts, type HurtState, hurtButton, hurtLine } from "@/words/own-words";
import { StopWords } from "./stop-words";

const HEIGHT = 176;

/** Without a warm-up in the class: what anybody can do on a floor. */
const PLAIN = ["plainMarch", "plainArms", "plainSquats"] as const;

/** Who comes late: a short warm-up of their own, what to fetch, and then into the class at the easier way. */
export function OwnWarmUp(props: {
  readonly late: LateStart;
  readonly nowMs: number;
  readonly part: Part;
  readonly person: Person;
  readonly onWarm: () => void;
  readonly onHurt: () => void;
  readonly hurt: HurtState;
}) {
  const words = useWords();
  const { late, nowMs, part, person } = props;
  const index = late.pieces.findIndex((piece) => nowMs < piece.toMs);
  const piece = late.pieces[index];
  const own = part.slots.find((slot) => slot.slot === piece?.slot);
  const left = piece ? Math.ceil((piece.toMs - nowMs) / 1000) : 0;
  const done = piece ? (nowMs - piece.fromMs) / (piece.toMs - piece.fromMs) : 1;
  const bring = bringTexts(part, person, words);
  return (
    <main
      className="night flex min-h-screen flex-col bg-night px-5 py-4 text-night-text"
      data-phase="warm-up"
    >
      <p className="text-lg text-night-quiet">
        {words.phrase("part", "lateBegun", { n: index + 1, of: late.pieces.length })}
      </p>
      <div className="relative mt-2 h-44" role="timer" aria-label={words.phrase("part", "ownWarmUp")}>
        <Bar width={350} height={HEIGHT} lean={0} side={null} working={false} done={done} />
        <p
          className="absolute inset-0 flex items-end justify-end pb-2 pr-4 font-clock text-[168px] font-extrabold leading-[0.84] tabular-nums"
          data-testid="left"
        >
          {left}
        </p>
      </div>
      <h1 className="mt-2 text-[40px] font-extrabold leading-none">
        {own && own.status !== "unmet" ? own.name : words.phrase("part", PLAIN[index] ?? PLAIN[0])}
      </h1>
      {props.hurt.pressed ? (
        <p className="mt-3 border-l-[10px] border-stop pl-3 text-2xl font-bold leading-snug" role="alert">
          {hurtLine(props.hurt, words)}
        </p>
      ) : (
        <p className="mt-3 text-2xl leading-snug">{words.phrase("part", "easyLoose")}</p>
      )}
      {bring.length > 0 && (
        <p className="mt-3 text-lg text-night-quiet">
          {words.phrase("part", "atHand", { things: bring.join(", ") })}
        </p>
      )}
      <div className="mt-auto grid grid-cols-2 gap-2.5 pt-4">
        <button
          type="button"
          className="border-l-[10px] border-stop bg-night-text py-4 text-lg font-bold text-night"
          onClick={props.onHurt}
        >
          {hurtButton(props.hurt, words)}
        </button>
        <button
          type="button"
          className="border-2 border-night-text py-4 text-lg font-bold"
          onClick={props.onWarm}
        >
          {words.phrase("part", "amWarm")}
        </button>
      </div>
      <StopWords country={person.country} />
    </main>
  );
}
