/**
 * Blocks that are done at each one's own pace: from the first piece to the last the clock of the class shows how much
 * time the block has left, and doesn't lead from piece to piece.
 */
import { type Block, type ClassDoc, slotsOf } from "../class/document";
import type { Segment } from "../class/expand";
import type { Ms } from "../units";
import type { ClockState } from "./clock-state";

export interface OwnRun {
  /** Id of the block. */
  readonly block: string;
  /** Indexes of its first and its last piece. */
  readonly from: number;
  readonly to: number;
}

/** Before the end of a run: the set that is on is the last. */
export const WARNING_MS = 60_000;

/** Whether everybody does a block at their own pace. Against a cap everybody does so anyway, by rounds. */
export function isOwnPaced(block: Block): boolean {
  return block.pace === "own" && block.cap === undefined && slotsOf(block).length > 0;
}

/** The runs of a class, in their order. */
export function runsOf(doc: ClassDoc, segments: readonly Segment[]): readonly OwnRun[] {
  return doc.blocks.filter(isOwnPaced).flatMap(({ id }) => {
    const pieces = segments.flatMap((segment, i) =>
      segment.block === id && segment.kind === "work" ? [i] : [],
    );
    const [from, to] = [pieces[0], pieces.at(-1)];
    return from === undefined || to === undefined ? [] : [{ block: id, from, to }];
  });
}

/** The run that a segment lies in; null where the clock leads. */
export function runAt(runs: readonly OwnRun[], index: number): OwnRun | null {
  return runs.find(({ from, to }) => index >= from && index <= to) ?? null;
}

/** How much of a run is over and how much is left, by what is planned of it and what was added to the present segment. */
export interface RunTime {
  readonly run: OwnRun;
  readonly intoMs: Ms;
  readonly lengthMs: Ms;
  readonly leftMs: Ms;
}

/** The time of the run in which a class is; null where it is in none, or counts in. */
export function runTime(runs: readonly OwnRun[], state: ClockState): RunTime | null {
  const run = state.phase === "count-in" ? null : runAt(runs, state.index);
  if (!run) return null;
  const sum = (from: number, to: number) =>
    state.lengths.slice(from, to + 1).reduce((all, length) => all + length, 0);
  const before = sum(run.from, state.index - 1);
  const after = sum(state.index + 1, run.to);
  const intoMs = before + state.intoMs;
  const lengthMs = before + state.lengthMs + after;
  return { run, intoMs, lengthMs, leftMs: Math.max(0, lengthMs - intoMs) };
}

/** The state as screens show it: in a run the time of the run stands in place of the segment's. */
export function shownState(runs: readonly OwnRun[], state: ClockState): ClockState {
  const time = runTime(runs, state);
  if (!time) return state;
  const { intoMs, lengthMs, leftMs } = time;
  return { ...state, intoMs, lengthMs, leftMs };
}
