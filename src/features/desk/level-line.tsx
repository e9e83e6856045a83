"use client";
import { dosesOf, LOAD_TARGETS, type Load, type Slot, type Way } from "@/core/class/document";
import { DOSES, doseKind, REPS, spanOf } from "@/core/class/dose-kinds";
import type { Edit } from "@/core/class/edits";
import { setLevel } from "@/core/class/other-ways";
import { type KnownMove, type MoveBook, resolveMove } from "@/core/moves/book";
import { type Span, spanText, spanTriple } from "@/core/values/span";
import { parseTempo } from "@/core/values/tempo";
import { secondsIn, typedCount, typedSeconds } from "@/core/values/typed-number";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import type { Say } from "@/words/screens/screens";
import { numberAnswer } from "@/words/sentence-words";
import { loadText } from "@/words/way-words";
import { IN_SENTENCE, TextCell } from "./text-cell";

export const LEVELS = ["flat", "sharp"] as const;
/** Chosen in a list of moves, it opens the choice of any. */
const ANOTHER = "another";

export type SetKey = (key: keyof Slot, to: unknown) => void;

const ROUNDS = { least: 1, most: 99 };

/** The answer where one number is wanted and a range was typed. */
export function oneNumber(typed: Span | null, t: Say<"slots">): string | null {
  return typeof typed === "number" ? null : t("oneNumberNoRange");
}

/** The levels a move is linked to that way, then its swaps. */
function linked(move: KnownMove, kind: "easier" | "harder", book: MoveBook): KnownMove[] {
  const to = (wanted: string) =>
    (move.links ?? []).filter((link) => link.kind === wanted).map((link) => book.get(link.to));
  return [...to(kind), ...to("swap")].filter((entry): entry is KnownMove => entry !== undefined);
}

/** What says that nothing is other than in the slot: nothing at all, or the words that stand there then. */
const isEmpty = (text: string, t: Say<"slots">) =>
  /^\s*(as set|all|—|-)?\s*$/i.test(text) ||
  [t("asSet"), t("all"), t("allTime")].some((word) => word === text.trim().toLowerCase());

/** One level: its move, its own numbers, and what to do differently. */
export function LevelLine(props: {
  readonly mark: "flat" | "sharp";
  readonly slot: Slot;
  readonly book: MoveBook;
  readonly edit: (edit: Edit) => void;
  readonly onPick: () => void;
}) {
  const t = useTexts("slots");
  const { mark, slot, book, edit, onPick } = props;
  const move = resolveMove(slot.move, book);
  const way = slot.marks?.[mark];
  const words = useWords();
  const word = mark === "flat" ? t("easierMark") : t("harderMark");
  const put = (part: Partial<Way>) => edit(setLevel(slot, mark, part));
  const chosen = typeof way?.move === "string" ? way.move : "";
  const offered = linked(move, mark === "flat" ? "easier" : "harder", book);
  const others = chosen && !offered.some((entry) => entry.id === chosen) ? [resolveMove(chosen, book)] : [];
  return (
    <p>
      {word}:{" "}
      <select
        aria-label={t("wordMove", { word })}
        className={IN_SENTENCE}
        value={chosen}
        onChange={(event) =>
          event.target.value === ANOTHER ? onPick() : put({ move: event.target.value || undefined })
        }
      >
        <option value="">{t("sameMove")}</option>
        {[...offered, ...others].map((entry) => (
          <option key={entry.id} value={entry.id ?? ""}>
            {entry.name}
          </option>
        ))}
        <option value={ANOTHER}>{t("anotherMove")}</option>
      </select>
      <Amount word={word} slot={slot} way={way} put={put} />
      <LevelLoad word={word} way={way} put={put} />
      {t("in")}{" "}
      <TextCell
        label={t("wordRounds", { word })}
        inSentence
        value={way?.rounds === undefined ? t("all") : String(way.rounds)}
        answer={(text) =>
          isEmpty(text, t)
            ? null
            : (numberAnswer(text, "rounds", ROUNDS, words) ?? oneNumber(typedCount(text), t))
        }
        onTake={(text) => put({ rounds: isEmpty(text, t) ? undefined : Number(typedCount(text)) })}
      />{" "}
      {t("rounds2")}{" "}
      <TextCell
        label={t("wordDifferent", { word })}
        inSentence
        placeholder={t("whatDoDifferently2")}
        value={way?.note ?? ""}
        onTake={(note) => put({ note })}
      />
    </p>
  );
}

/** Its reps and tempo, or when it stops: as the slot is counted or timed. */
function Amount(props: {
  readonly word: string;
  readonly slot: Slot;
  readonly way: Way | undefined;
  readonly put: (part: Partial<Way>) => void;
}) {
  const t = useTexts("slots");
  const { word, slot, way, put } = props;
  const doses = dosesOf(slot);
  const rows = doses.map((dose) => DOSES[doseKind(dose)]);
  const most = Math.min(...doses.map((dose) => spanTriple(spanOf(dose) ?? 0).plan));
  const words = useWords();
  const stops = (text: string) =>
    numberAnswer(text, "seconds", { least: 1, most }, words) ?? oneNumber(typedSeconds(text), t);
  return (
    <>
      {rows.every(({ reps }) => reps) && (
        <>
          ,{" "}
          <TextCell
            label={t("wordReps", { word })}
            inSentence
            value={way?.reps === undefined ? t("asSet") : spanText(way.reps)}
            answer={(text) => (isEmpty(text, t) ? null : numberAnswer(text, "reps", REPS, words))}
            onTake={(text) => put({ reps: isEmpty(text, t) ? undefined : (typedCount(text) ?? undefined) })}
          />{" "}
          {t("reps2")}
        </>
      )}
      {rows.every(({ lasts }) => lasts !== "as-counted") && (
        <>
          {t("stopsAfter")}{" "}
          <TextCell
            label={t("wordSeconds", { word })}
            title={t("upS", { most })}
            inSentence
            value={way?.seconds === undefined ? t("allTime") : String(way.seconds)}
            answer={(text) => (isEmpty(text, t) ? null : stops(text))}
            onTake={(text) => put({ seconds: isEmpty(text, t) ? undefined : (secondsIn(text) ?? undefined) })}
          />{" "}
          s
        </>
      )}
      {rows.every(({ paced }) => paced) && (
        <>
          {" "}
          {t("at")}{" "}
          <TextCell
            label={t("wordTempo", { word })}
            title={t("tempoSuch")}
            inSentence
            value={way?.tempo ?? t("asSet")}
            answer={(text) => (isEmpty(text, t) || parseTempo(text.trim()) ? null : t("tempoSuch"))}
            onTake={(text) => put({ tempo: isEmpty(text, t) ? undefined : text.trim() })}
          />
        </>
      )}
    </>
  );
}

/** Its load in words; one that was written in kilograms or reserve stays until another is chosen. */
function LevelLoad(props: {
  readonly word: string;
  readonly way: Way | undefined;
  readonly put: (part: Partial<Way>) => void;
}) {
  const t = useTexts("slots");
  const words = useWords();
  const { word, way, put } = props;
  const load: Load | undefined = way?.load;
  return (
    <>
      ,{" "}
      <select
        aria-label={t("wordLoad", { word })}
        className={IN_SENTENCE}
        value={load?.target ?? (load ? "other" : "")}
        onChange={(event) =>
          put({
            load: LOAD_TARGETS.flatMap((target) => (target === event.target.value ? [{ target }] : []))[0],
          })
        }
      >
        <option value="">{t("loadSet")}</option>
        {load && !load.target && <option value="other">{loadText(load, words)}</option>}
        {LOAD_TARGETS.map((target) => (
          <option key={target} value={target}>
            {loadText({ target }, words)}
          </option>
        ))}
      </select>
    </>
  );
}
