"use client";
import { useMemo } from "react";
import { type ClassDoc, slotsOf } from "@/core/class/document";
import { bookFor, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { scoreOf } from "@/core/score/score";
import type { Adapted } from "@/core/starting/adapt";
import { clockText } from "@/core/units";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { MiniScore, shortOf } from "@/features/score/mini-score";
import { cx } from "@/ui/cx";
import { blockName, goesRound } from "@/words/block-words";
import { shownDoses } from "@/words/dose-words";
import { lineText } from "@/words/finding-words";

/** What comes of a choice: its length and score, its blocks with how many follow each move, what was changed, what is left. */
export function MadePreview({
  about,
  made,
  isNow,
  people,
}: {
  readonly about: string | null;
  readonly made: Adapted | null;
  /** Whether it is of what is chosen now. */
  readonly isNow: boolean;
  readonly people: number;
}) {
  const t = useTexts("starting");
  const words = useWords();
  if (!made) return <p className="mt-4 text-quiet">{t("oneMomentMadeThese")}</p>;
  const { doc, seconds, says, left } = made;
  return (
    <section
      aria-label={t("whatComes")}
      aria-busy={!isNow}
      className={cx("mt-3 border-t-2 border-ink pt-2", isNow ? "" : "opacity-60")}
    >
      <p className="flex items-baseline gap-4">
        <span data-testid="made-length" className="font-clock text-4xl font-bold leading-none">
          {clockText(seconds)}
        </span>
        {about && <span className="text-quiet">{about}</span>}
        <span role="status" className="ml-auto whitespace-nowrap">
          {isNow ? "" : people === 0 ? t("making") : t("making2", { people })}
        </span>
      </p>
      <div className="mt-2">
        <Drawn doc={doc} />
      </div>
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)_19rem] gap-x-6">
        <Blocks doc={doc} followed={new Map(made.followed)} people={people} />
        <div>
          <h2 className="font-bold">{t("leftYou")}</h2>
          {left.length === 0 ? (
            <p className="text-quiet">{t("nothing")}</p>
          ) : (
            <ul>
              {left.map((line) => (
                <li key={line.fingerprint} className="border-b border-hairline py-1">
                  {lineText(line, words)}
                </li>
              ))}
            </ul>
          )}
          <h2 className="mt-3 font-bold">{t("made")}</h2>
          {says.length === 0 ? (
            <p className="text-quiet">{t("nothingHadBeChanged")}</p>
          ) : (
            <ul>
              {says.map((reason) => {
                const text = words.say("start", reason);
                return (
                  <li key={text} className="border-b border-hairline py-1">
                    {text}
                  </li>
                );
              })}
            </ul>
          )}
        </div>
      </div>
    </section>
  );
}

function Drawn({ doc }: { readonly doc: ClassDoc }) {
  const short = useMemo(() => shortOf(doc, scoreOf(doc, LIBRARY_BOOK)), [doc]);
  return <MiniScore {...short} longestSeconds={short.seconds} />;
}

function Blocks({
  doc,
  followed,
  people,
}: {
  readonly doc: ClassDoc;
  readonly followed: ReadonlyMap<string, number>;
  readonly people: number;
}) {
  const library = useLibrary();
  const t = useTexts("starting");
  const words = useWords();
  const book = bookFor(doc, library);
  return (
    <ol className="space-y-2">
      {doc.blocks.map((block) => (
        <li key={block.id}>
          <p>
            <b>{blockName(block, book, words)}</b>{" "}
            <span className="text-quiet">{goesRound(block, words)}</span>
          </p>
          <ul>
            {slotsOf(block).map((slot) => (
              <li key={slot.id} className="grid grid-cols-[minmax(0,1fr)_11rem_4.5rem] gap-x-3">
                <span className="truncate pl-3">{resolveMove(slot.move, book).name}</span>
                <span className="text-quiet">{shownDoses(slot.dose, words, book)}</span>
                {people > 0 && (
                  <span className="text-right text-quiet" title={t("howManyDoWhat")}>
                    {t("getOf", { get: followed.get(slot.id) ?? 0, people })}
                  </span>
                )}
              </li>
            ))}
          </ul>
        </li>
      ))}
    </ol>
  );
}
