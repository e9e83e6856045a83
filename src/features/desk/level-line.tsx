"use client";
import { dosesOf, LOAD_TARGETS, type Load, type Slot, type Way } from "@/core/class/document";
import { DOSES, doseKind, spanOf } from "@/core/class/dose-kinds";
import type { Edit } from "@/core/class/edits";
import { setLevel } from "@/core/class/other-ways";
import { type KnownMove, type MoveBook, resolveMove } from "@/core/moves/book";
import { parseSpan, spanText, spanTriple } from "@/core/values/span";
import { parseTempo } from "@/core/values/tempo";
import { useWords } from "@/features/language/use-words";
import { loadText } from "@/words/way-words";
import { IN_SENTENCE, TextCell } from "./text-cell";

export const LEVELS = ["flat", "sharp"] as const;
/** Chosen in a list of moves, it opens the choice of any. */
const ANOTHER = "another";

export type SetKey = (key: keyof Slot, to: unknown) => void;

/** Whole seconds in a text, or null. */
export function secondsIn(text: string): number | null {
  const span = parseSpan(text);
  return typeof span === "number" && span <= 7200 ? span : null;
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
        fits={(text) => isEmpty(text) || /^\s*[1-9]\d?\s*$/.test(text)}
        onTake={(text) => put({ rounds: isEmpty(text) ? undefined : Number(text) })}
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
  const stops = (text: string) => {
    const seconds = secondsIn(text);
    return seconds !== null && seconds >= 1 && seconds <= most;
  };
  return (
    <>
      {rows.every(({ reps }) => reps) && (
        <>
          ,{" "}
          <TextCell
            label={`${word}: reps`}
            inSentence
            value={way?.reps === undefined ? "as set" : spanText(way.reps)}
            fits={(text) => isEmpty(text) || parseSpan(text) !== null}
            onTake={(text) => put({ reps: isEmpty(text) ? undefined : (parseSpan(text) ?? undefined) })}
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
            fits={(text) => isEmpty(text) || stops(text)}
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
            title="Lower-pause-lift-pause, such as 3-0-1-0"
            inSentence
            value={way?.tempo ?? "as set"}
            fits={(text) => isEmpty(text) || parseTempo(text.trim()) !== null}
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
