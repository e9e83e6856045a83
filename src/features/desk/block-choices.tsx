"use client";
import { X } from "lucide-react";
import { setBlock, together } from "@/core/class/commands";
import { type Block, slotsOf } from "@/core/class/document";
import { bookFor, resolveMove } from "@/core/moves/book";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { lowerFirst } from "@/words/letters";
import type { Desk } from "./use-desk";

const SELECT = "appearance-none [field-sizing:content] border-b-2 border-pine bg-transparent font-bold";
/** A cap begins with ten minutes. */
const FIRST_CAP_SECONDS = 600;

/** In which rests something easy goes on. */
export type Filler = "restMove" | "longRestMove";

/** An easy move that goes on in the rests, which takes no time of its own; or nothing. */
function FillerChoice(props: {
  readonly desk: Desk;
  readonly block: Block;
  readonly of: Filler;
  readonly onPick: (what: Filler) => void;
}) {
  const library = useLibrary();
  const t = useTexts("slots");
  const { desk, block, of, onPick } = props;
  const where = of === "restMove" ? t("rests") : t("betweenRounds");
  const move = block[of];
  const name =
    move === undefined ? t("nothing") : lowerFirst(resolveMove(move, bookFor(desk.doc, library)).name);
  return (
    <>
      <button
        type="button"
        aria-label={t("whatDone", { where, name })}
        className={SELECT}
        onClick={() => onPick(of)}
      >
        {name}
      </button>
      {move !== undefined && (
        <button
          type="button"
          aria-label={t("doNothing", { where })}
          className="mx-0.5 inline-grid size-[24px] place-items-center align-middle"
          onClick={() => desk.edit(setBlock(block, of, undefined))}
        >
          <X size={14} aria-hidden />
        </button>
      )}
    </>
  );
}

/** How a block goes round, shows its moves and ends its counted pieces. */
export function BlockChoices({
  desk,
  block,
  onPick,
}: {
  readonly desk: Desk;
  readonly block: Block;
  /** Chooses what is done easily in its rests. */
  readonly onPick: (what: Filler) => void;
}) {
  const t = useTexts("slots");
  if (slotsOf(block).length === 0) return null;
  const set = (key: keyof Block, to: unknown) => desk.edit(setBlock(block, key, to as never));
  const way = block.cap !== undefined ? "cap" : (block.loop ?? "lap");
  const goRound = (to: string) => {
    desk.edit(
      together([
        setBlock(block, "loop", to === "station" ? "station" : undefined),
        setBlock(block, "cap", to === "cap" ? (block.cap ?? FIRST_CAP_SECONDS) : undefined),
      ]),
    );
  };
  return (
    <p className="text-base leading-7">
      {t("goes")}{" "}
      <select
        aria-label={t("howBlockGoesRound")}
        className={SELECT}
        value={way}
        onChange={(event) => goRound(event.target.value)}
      >
        <option value="lap">{t("onceThroughAllMoves")}</option>
        <option value="station">{t("throughAllSetsMove")}</option>
        <option value="cap">{t("roundOftenPossibleFixed")}</option>
      </select>
      {t("showsMoves")}{" "}
      <select
        aria-label={t("whenMovesShown")}
        className={SELECT}
        value={block.demoAt ?? "block"}
        onChange={(event) => set("demoAt", event.target.value)}
      >
        <option value="block">{t("allBeforeBlock")}</option>
        <option value="slot">{t("eachItsTurn")}</option>
      </select>
      {t("endCountedReps")}{" "}
      <select
        aria-label={t("endCountedReps2")}
        className={SELECT}
        value={block.atEnd ?? "run"}
        onChange={(event) => set("atEnd", event.target.value)}
      >
        <option value="run">{t("goesByItself")}</option>
        <option value="wait">{t("waitsNext")}</option>
      </select>
      {block.cap === undefined && (
        <>
          {t("done")}{" "}
          <select
            aria-label={t("whosePaceDone")}
            className={SELECT}
            value={block.pace ?? "clock"}
            onChange={(event) => set("pace", event.target.value === "own" ? "own" : undefined)}
          >
            <option value="clock">{t("togetherByClock")}</option>
            <option value="own">{t("byEverybodyTheirOwn")}</option>
          </select>
        </>
      )}
      {t("itsRestsPeopleDo")} <FillerChoice desk={desk} block={block} of="restMove" onPick={onPick} />
      {block.cap === undefined && (
        <>
          {t("betweenRounds2")} <FillerChoice desk={desk} block={block} of="longRestMove" onPick={onPick} />
        </>
      )}
      .
    </p>
  );
}
