import Link from "next/link";
import { type ClassDoc, slotsOf } from "@/core/class/document";
import { blockShape } from "@/core/class/sentence";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { scoreOf } from "@/core/score/score";
import type { Teaching } from "@/core/settings/settings";
import { clockText } from "@/core/units";
import { SignOut } from "@/features/account/sign-out";
import { HOUSE_LANGUAGE } from "@/features/language/house";
import { MiniScore } from "@/features/score/mini-score";
import { PLACES, TopLine } from "@/ui/top-line";
import { wordsIn } from "@/words/languages";
import type { Words } from "@/words/words";
import { ImportClass } from "./import-class";
import { NewClass } from "./new-class";
import { PastePlan } from "./paste-plan";
import { RemoveClass } from "./remove-class";

export interface ListedClass {
  readonly id: string;
  readonly doc: ClassDoc;
  readonly updatedAt: string;
}

/** What a class is made of, in a line: `Quay circuit: circuit of 5 · Bollard pair: superset`. */
function shapeLine(doc: ClassDoc, words: Words): string {
  return doc.blocks
    .filter(
      (block) =>
        slotsOf(block).length > 0 && (block.role ?? "main") !== "warmup" && block.role !== "cooldown",
    )
    .map(
      (block) =>
        `${block.title || "Block"}: ${words.name("shape", blockShape(block))}${slotsOf(block).length > 3 ? ` of ${slotsOf(block).length}` : ""}`,
    )
    .join(" · ");
}

/** How the timed length stands against the promised one; more than a minute over is a finding. */
function Promised({ minutes, seconds }: { readonly minutes: number | undefined; readonly seconds: number }) {
  if (minutes === undefined) return null;
  const spare = minutes * 60 - seconds;
  if (spare < -60) {
    return (
      <span className="block font-bold text-rust">
        {clockText(-spare)} over {minutes} min
      </span>
    );
  }
  return <span className="block text-quiet">of {minutes} min</span>;
}

/** All classes, each with its length and a small score; all to one scale, so that lengths compare by eye. */
export function ClassList({
  studio,
  classes,
  teaching,
}: {
  readonly teaching: Teaching;
  readonly studio: string;
  readonly classes: readonly ListedClass[];
}) {
  const words = wordsIn(HOUSE_LANGUAGE);
  const scored = classes.map((entry) => ({ ...entry, score: scoreOf(entry.doc, LIBRARY_BOOK) }));
  const longest = Math.max(1800, ...scored.map(({ score }) => score.seconds.plan));
  return (
    <>
      <TopLine here="Classes" places={PLACES}>
        <SignOut name={studio} />
      </TopLine>
      <main className="mx-auto max-w-5xl px-6 py-6">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">Classes</h1>
          <div className="flex gap-2">
            <PastePlan stance={teaching.stance} />
            <ImportClass />
            <NewClass teaching={teaching} />
          </div>
        </div>
        {scored.length === 0 ? (
          <p className="max-w-lg py-10 text-lg">
            No class yet. Paste a plan that you have, from a message, a document or a gym: it becomes a class,
            timed to the second, with everybody's own version for what they have at home. Or make a new one
            from a warm-up, one block and a cool-down.
          </p>
        ) : (
          <ul>
            {scored.map(({ id, doc, score }) => (
              <li
                key={id}
                className="grid grid-cols-[7rem_1fr_auto] items-center gap-x-5 border-b border-hairline py-4"
              >
                <p className="text-right">
                  <span className="font-clock text-4xl font-bold leading-none">
                    {clockText(score.seconds.plan)}
                  </span>
                  <Promised minutes={doc.promise?.minutes} seconds={score.seconds.plan} />
                </p>
                <div className="min-w-0">
                  <Link
                    href={`/classes/${id}`}
                    className="text-lg font-bold underline decoration-hairline underline-offset-4 hover:decoration-ink"
                  >
                    {doc.title}
                  </Link>
                  <p className="mb-2 truncate text-quiet">{shapeLine(doc, words)}</p>
                  <MiniScore doc={doc} score={score} longestSeconds={longest} />
                </div>
                <RemoveClass id={id} title={doc.title} />
              </li>
            ))}
          </ul>
        )}
      </main>
    </>
  );
}
