"use client";
import { X } from "lucide-react";
import { setBlock, together } from "@/core/class/commands";
import { type Block, slotsOf } from "@/core/class/document";
import { bookFor, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
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
  const { desk, block, of, onPick } = props;
  const where = of === "restMove" ? "in the rests" : "between rounds";
  const move = block[of];
  const name =
    move === undefined ? "nothing" : lowerFirst(resolveMove(move, bookFor(desk.doc, LIBRARY_BOOK)).name);
  return (
    <>
      <button
        type="button"
        aria-label={`What is done ${where}: ${name}`}
        className={SELECT}
        onClick={() => onPick(of)}
      >
        {name}
      </button>
      {move !== undefined && (
        <button
          type="button"
          aria-label={`Do nothing ${where}`}
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
      It goes{" "}
      <select
        aria-label="How the block goes round"
        className={SELECT}
        value={way}
        onChange={(event) => goRound(event.target.value)}
      >
        <option value="lap">once through all moves, then the next round</option>
        <option value="station">through all sets of a move, then the next move</option>
        <option value="cap">round as often as possible in a fixed time</option>
      </select>
      , shows moves{" "}
      <select
        aria-label="When moves are shown"
        className={SELECT}
        value={block.demoAt ?? "block"}
        onChange={(event) => set("demoAt", event.target.value)}
      >
        <option value="block">all before the block</option>
        <option value="slot">each at its turn</option>
      </select>
      , and at the end of counted reps{" "}
      <select
        aria-label="At the end of counted reps"
        className={SELECT}
        value={block.atEnd ?? "run"}
        onChange={(event) => set("atEnd", event.target.value)}
      >
        <option value="run">goes on by itself</option>
        <option value="wait">waits for “next”</option>
      </select>
      {block.cap === undefined && (
        <>
          , and is done{" "}
          <select
            aria-label="At whose pace it is done"
            className={SELECT}
            value={block.pace ?? "clock"}
            onChange={(event) => set("pace", event.target.value === "own" ? "own" : undefined)}
          >
            <option value="clock">together, by the clock</option>
            <option value="own">by everybody at their own pace</option>
          </select>
        </>
      )}
      . In its rests people do <FillerChoice desk={desk} block={block} of="restMove" onPick={onPick} />
      {block.cap === undefined && (
        <>
          , between rounds <FillerChoice desk={desk} block={block} of="longRestMove" onPick={onPick} />
        </>
      )}
      .
    </p>
  );
}
