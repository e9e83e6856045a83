"use client";
import { setSlot } from "@/core/class/commands";
import { allWords, type Sides, type Slot, slotsOf } from "@/core/class/document";
import { slotSides } from "@/core/class/expand";
import { bookFor, type MoveBook, resolveMove } from "@/core/moves/book";
import { secondsIn, typedSeconds } from "@/core/values/typed-number";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { numberAnswer } from "@/words/sentence-words";
import { AlternativeLines } from "./alternative-lines";
import { CombinationLine } from "./combination-line";
import { LEVELS, LevelLine, oneNumber, type SetKey } from "./level-line";
import { IN_SENTENCE, TextCell } from "./text-cell";
import type { Desk } from "./use-desk";

/** Seconds to change sides. */
const CHANGE = { least: 0, most: 7200 };

/** Round numbers as they are typed, `1, 3`; empty for all; null where it can't be read. */
function roundsOf(text: string): readonly number[] | "all" | null {
  if (/^\s*(all|todas)?\s*$/i.test(text)) return "all";
  const parts = text.split(/[\s,]+/).filter(Boolean);
  return parts.every((part) => /^\d{1,3}$/.test(part)) ? parts.map(Number) : null;
}

/** What the line of a slot doesn't show: its sides in detail, its rounds, its levels, its words. */
export function SlotDetails({
  desk,
  slot,
  onPick,
}: {
  readonly desk: Desk;
  readonly slot: Slot;
  /** Chooses a move for a level, or one more alternative. */
  readonly onPick: (what: "flat" | "sharp" | "alternative" | "combine") => void;
}) {
  const library = useLibrary();
  const t = useTexts("slots");
  const book = bookFor(desk.doc, library);
  const move = resolveMove(slot.move, book);
  const sides = slotSides(slot, book);
  const owner = desk.doc.blocks.find((block) => slotsOf(block).some((other) => other.id === slot.id));
  const neighbours = (owner ? slotsOf(owner) : []).filter((other) => other.id !== slot.id);
  const set: SetKey = (key, to) => desk.edit(setSlot(slot, key, to as never));
  return (
    <section
      aria-label={t("more", { name: move.name })}
      className="mt-2 space-y-1.5 border-t border-hairline pt-2"
    >
      <p>
        <b>{move.name}</b>
        {sides !== "both" && <SidesInDetail slot={slot} sides={sides} set={set} />}
        {t("detailsIn")}{" "}
        <TextCell
          label={t("roundsWhichAppears")}
          inSentence
          value={slot.rounds ? `${slot.rounds.join(", ")}` : t("all")}
          answer={(text) => (roundsOf(text) === null ? t("theirNumbersSuch1") : null)}
          onTake={(text) => {
            const rounds = roundsOf(text);
            set("rounds", rounds === "all" || rounds === null ? undefined : rounds);
          }}
        />{" "}
        {t("rounds3")}
      </p>
      <CombinationLine slot={slot} book={book} edit={desk.edit} onPick={() => onPick("combine")} />
      {LEVELS.map((mark) => (
        <LevelLine
          key={mark}
          mark={mark}
          slot={slot}
          book={book}
          edit={desk.edit}
          onPick={() => onPick(mark)}
        />
      ))}
      <AlternativeLines slot={slot} book={book} set={set} onPick={() => onPick("alternative")} />
      <PlaceLine slot={slot} neighbours={neighbours} book={book} set={set} />
      <p>
        {t("sayBefore")}{" "}
        <TextCell
          label={t("saidBeforeStarts")}
          inSentence
          placeholder={t("kitSetUpCaution")}
          title={t("eachRoundItsOwn")}
          value={allWords(slot, "call").join(" / ")}
          onTake={(text) => set("call", wordsTyped(text))}
        />
        {t("whileWorking")}{" "}
        <TextCell
          label={t("saidWhileWorked")}
          inSentence
          placeholder={move.cues?.[0] ?? t("cue")}
          value={allWords(slot, "cue").join(" / ")}
          onTake={(text) => set("cue", wordsTyped(text))}
        />
        {t("stepByStep")}{" "}
        <TextCell
          label={t("stepsEachToldIts")}
          inSentence
          placeholder={move.steps?.join(" / ") ?? t("none")}
          title={t("withSlashesBetweenThey")}
          value={(slot.steps ?? []).join(" / ")}
          onTake={(text) => set("steps", stepsTyped(text))}
        />
      </p>
    </section>
  );
}

/** Steps with slashes between; nothing where there are none. */
function stepsTyped(text: string): readonly string[] | undefined {
  const steps = text
    .split("/")
    .map((step) => step.trim())
    .filter(Boolean);
  return steps.length > 0 ? steps : undefined;
}

/** Words for all rounds, or for each of them with slashes between; nothing where all are empty. */
function wordsTyped(text: string): string | readonly string[] | undefined {
  const said = text.split(" / ").map((part) => part.trim());
  if (said.every((part) => part === "")) return undefined;
  return said.length === 1 ? said[0] : said;
}

/** How both sides are counted, which begins, and how long changing takes. */
function SidesInDetail({
  slot,
  sides,
  set,
}: {
  readonly slot: Slot;
  readonly sides: Sides;
  readonly set: SetKey;
}) {
  const t = useTexts("slots");
  const words = useWords();
  return (
    <>
      {" "}
      {t("counted")}{" "}
      <select
        aria-label={t("howNumbersCounted")}
        className={IN_SENTENCE}
        value={slot.count ?? "each"}
        onChange={(event) => set("count", event.target.value)}
      >
        <option value="each">{t("eachSide")}</option>
        <option value="total">{t("total")}</option>
      </select>
      {t("beginning")}{" "}
      <select
        aria-label={t("firstSide")}
        className={IN_SENTENCE}
        value={slot.firstSide ?? "left"}
        onChange={(event) => set("firstSide", event.target.value)}
      >
        <option value="left">{t("left")}</option>
        <option value="right">{t("right")}</option>
      </select>
      {sides === "inTurn" && (
        <>
          {t("with")}{" "}
          <TextCell
            label={t("secondsChangeSides")}
            inSentence
            value={String(slot.sideChange ?? 0)}
            answer={(text) =>
              numberAnswer(text, "seconds", CHANGE, words) ?? oneNumber(typedSeconds(text), t)
            }
            onTake={(text) => set("sideChange", secondsIn(text) ?? 0)}
          />
          {t("sChangeSides")}
        </>
      )}
    </>
  );
}

/** What an order and a fit may do with it. */
function PlaceLine({
  slot,
  neighbours,
  book,
  set,
}: {
  readonly slot: Slot;
  readonly neighbours: readonly Slot[];
  readonly book: MoveBook;
  readonly set: SetKey;
}) {
  const t = useTexts("slots");
  return (
    <p>
      {t("order")}{" "}
      <select
        aria-label={t("placeOrder")}
        className={IN_SENTENCE}
        value={slot.pinned ? "pinned" : "free"}
        onChange={(event) => set("pinned", event.target.value === "pinned" ? true : undefined)}
      >
        <option value="free">{t("mayMove")}</option>
        <option value="pinned">{t("keepsItsPlace")}</option>
      </select>
      {t("beside")}{" "}
      <select
        aria-label={t("staysBeside")}
        className={IN_SENTENCE}
        value={slot.together ?? ""}
        onChange={(event) => set("together", event.target.value || undefined)}
      >
        <option value="">{t("anything")}</option>
        {neighbours.map((other) => (
          <option key={other.id} value={other.id}>
            {resolveMove(other.move, book).name.toLowerCase()}
          </option>
        ))}
      </select>
      {t("fit")}{" "}
      <select
        aria-label={t("fitMayChange")}
        className={IN_SENTENCE}
        value={slot.locked ? "locked" : "free"}
        onChange={(event) => set("locked", event.target.value === "locked" ? true : undefined)}
      >
        <option value="free">{t("mayChangeItsSeconds")}</option>
        <option value="locked">{t("leavesAlone")}</option>
      </select>
    </p>
  );
}
