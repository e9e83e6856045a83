/** A class of about 90 minutes and 600 segments, for measuring. */
import type { ClassDoc } from "../src/core/class/document";
import { LIBRARY } from "../src/core/moves/library";

const BLOCKS = 5;
const SLOTS = 10;
const ROUNDS = 6;

/** 5 blocks × 6 rounds × 10 moves of 10–12 s with 8 s between: 300 pieces and 299 gaps, and a little talk. */
export function longClass(): ClassDoc {
  const blocks = Array.from({ length: BLOCKS }, (_, b) => ({
    id: `b${b}`,
    title: `Block ${b + 1}`,
    rounds: ROUNDS,
    rest: 8,
    longRest: 8,
    ...(b < BLOCKS - 1 ? { after: 20 } : {}),
    slots: Array.from({ length: SLOTS }, (_, s) => {
      const move = LIBRARY[(b * SLOTS + s) % LIBRARY.length];
      return { id: `b${b}s${s}`, move: move?.id ?? "plank", sides: "both" as const, dose: { seconds: 10 } };
    }),
  }));
  return { format: "brontle.class", version: 1, title: "Ninety minutes", stance: "density", blocks };
}
