"use client";
import { dosesOf, LOAD_TARGETS, type Load, type Slot, type Way } from "@/core/class/document";
import { DOSES, doseKind, REPS, spanOf } from "@/core/class/dose-kinds";
import type { Edit } from "@/core/class/edits";
import { setLevel } from "@/core/class/other-ways";
import { type KnownMove, type MoveBook, resolveMove } from "@/core/moves/book";
import { type Span, spanText, spanTriple } from "@/core/values/span";
import { parseTempo } from "@/core/values/tempo";
import { secondsIn, typedCount, typedSeconds } from "@/core/values/typed-number";
import { useWords } from "@/features/language/use-words";
import { numberAnswer } from "@/words/sentence-words";
import { loadText } from "@/words/way-words";
import { IN_SENTENCE, TextCell } from "./text-cell";

export const LEVELS = ["flat", "sharp"] as const;
/** Chosen in a list of moves, it opens the choice of any. */
const ANOTHER = "another";

export type SetKey = (key: keyof Slot, to: unknown) => void;

const TEMPO = "Lower-pause-lift-pause, such as 3-0-1-0 or 3010";
const ROUNDS = { least: 1, most: 99 };

/** The answer where one number is wanted and a range was typed. */
export function oneNumber(typed: Span | null): string | null {
  return typeof typed === "number" ? null : "One number, and no range";
}

/** The levels a move is linked to that way, then its swaps. */
function linked(move: KnownMove, kind: "easier" | "harder", book: MoveBook): KnownMove[] {
  const to = (wanted: string) =>
    (move.links ?? []).filter((link) => link.kind === wanted).map((link) => book.get(link.to));
  return [...to(kind), ...to("swap")].filter((entry): entry is KnownMove => entry !== undefined);
}

const isEmpty = (text: string) => /^\s*(as set|all|—|-)?\s*$/i.test(text);

/** One level: its move, its own numbers, and what to do differently. */
export function LevelLine(props: {
  readonly mark: "flat" | "sharp";
  readonly slot: Slot;
  readonly book: MoveBook;
  readonly edit: (edit: Edit) => void;
  readonly onPick: () => void;
}) {
  const { mark, slot, book, edit, onPick } = props;
  const move = resolveMove(slot.move, book);
  const way = slot.marks?.[mark];
  const words = useWords();
  const word = mark === "flat" ? "♭ easier" : "♯ harder";
  const put = (part: Partial<Way>) => edit(setLevel(slot, mark, part));
  const chosen = typeof way?.move === "string" ? way.move : "";
  const offered = linked(move, mark === "flat" ? "easier" : "harder", book);
  const others = chosen && !offered.some((entry) => entry.id === chosen) ? [resolveMove(chosen, book)] : [];
  return (
    <p>
      {word}:{" "}
      <select
        aria-label={`${word}: move`}
        className={IN_SENTENCE}
        value={chosen}
        onChange={(event) =>
          event.target.value === ANOTHER ? onPick() : put({ move: event.target.value || undefined })
        }
      >
        <option value="">the same move</option>
        {[...offered, ...others].map((entry) => (
          <option key={entry.id} value={entry.id ?? ""}>
            {entry.name}
          </option>
        ))}
        <option value={ANOTHER}>another move…</option>
      </select>
      <Amount word={word} slot={slot} way={way} put={put} />
      <LevelLoad word={word} way={way} put={put} />, in{" "}
      <TextCell
        label={`${word}: rounds`}
        inSentence
        value={way?.rounds === undefined ? "all" : String(way.rounds)}
        answer={(text) =>
          isEmpty(text) ? null : (numberAnswer(text, "rounds", ROUNDS, words) ?? oneNumber(typedCount(text)))
        }
        onTake={(text) => put({ rounds: isEmpty(text) ? undefined : Number(typedCount(text)) })}
      />{" "}
      rounds,{" "}
      <TextCell
        label={`${word}: what to do differently`}
        inSentence
        placeholder="what to do differently"
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
  const { word, slot, way, put } = props;
  const doses = dosesOf(slot);
  const rows = doses.map((dose) => DOSES[doseKind(dose)]);
  const most = Math.min(...doses.map((dose) => spanTriple(spanOf(dose) ?? 0).plan));
  const words = useWords();
  const stops = (text: string) =>
    numberAnswer(text, "seconds", { least: 1, most }, words) ?? oneNumber(typedSeconds(text));
  return (
    <>
      {rows.every(({ reps }) => reps) && (
        <>
          ,{" "}
          <TextCell
            label={`${word}: reps`}
            inSentence
            value={way?.reps === undefined ? "as set" : spanText(way.reps)}
            answer={(text) => (isEmpty(text) ? null : numberAnswer(text, "reps", REPS, words))}
            onTake={(text) => put({ reps: isEmpty(text) ? undefined : (typedCount(text) ?? undefined) })}
          />{" "}
          reps
        </>
      )}
      {rows.every(({ lasts }) => lasts !== "as-counted") && (
        <>
          , stops after{" "}
          <TextCell
            label={`${word}: seconds`}
            title={`Up to ${most} s`}
            inSentence
            value={way?.seconds === undefined ? "all" : String(way.seconds)}
            answer={(text) => (isEmpty(text) ? null : stops(text))}
            onTake={(text) => put({ seconds: isEmpty(text) ? undefined : (secondsIn(text) ?? undefined) })}
          />{" "}
          s
        </>
      )}
      {rows.every(({ paced }) => paced) && (
        <>
          {" "}
          at{" "}
          <TextCell
            label={`${word}: tempo`}
            title={TEMPO}
            inSentence
            value={way?.tempo ?? "as set"}
            answer={(text) => (isEmpty(text) || parseTempo(text.trim()) ? null : TEMPO)}
            onTake={(text) => put({ tempo: isEmpty(text) ? undefined : text.trim() })}
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
  const words = useWords();
  const { word, way, put } = props;
  const load: Load | undefined = way?.load;
  return (
    <>
      ,{" "}
      <select
        aria-label={`${word}: load`}
        className={IN_SENTENCE}
        value={load?.target ?? (load ? "other" : "")}
        onChange={(event) =>
          put({
            load: LOAD_TARGETS.flatMap((target) => (target === event.target.value ? [{ target }] : []))[0],
          })
        }
      >
        <option value="">load as set</option>
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
