/** Classes of many segments, for measuring. */
import type { ClassDoc } from "../src/core/class/document";
import { LIBRARY } from "../src/core/moves/library";

const SLOTS = 10;
const ROUNDS = 6;

/** So many blocks × 6 rounds × 10 moves of 10–12 s with 8 s between, and a little talk: about 120 segments a block. */
export function longClass(count = 5): ClassDoc {
  const blocks = Array.from({ length: count }, (_, b) => ({
    id: `b${b}`,
    title: `Block ${b + 1}`,
    rounds: ROUNDS,
    rest: 8,
    longRest: 8,
    ...(b < count - 1 ? { after: 20 } : {}),
    slots: Array.from({ length: SLOTS }, (_, s) => {
      const move = LIBRARY[(b * SLOTS + s) % LIBRARY.length];
      return { id: `b${b}s${s}`, move: move?.id ?? "plank", sides: "both" as const, dose: { seconds: 10 } };
    }),
  }));
  return { format: "brontle.class", version: 1, title: "Ninety minutes", stance: "density", blocks };
}
