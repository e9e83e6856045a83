import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type ClassDoc, slotsOf } from "../class/document";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import type { SessionEventKind } from "./event-kinds";
import { contentVersion, type SessionEvent, seenBy, seenByAll } from "./events";
import { withSubstitutes } from "./substitutes";
import { threeWays } from "./three-ways";

const doc = {
  format: "brontle.class",
  version: 1,
  title: "T",
  stance: "density",
  overruled: [{ slot: "a", person: "p", move: "wall-sit" }],
  blocks: [
    {
      id: "m",
      title: "",
      rounds: 2,
      slots: [
        {
          id: "a",
          move: "bodyweight-squat",
          dose: { seconds: 40 },
          cue: "Sit.",
          marks: { flat: { note: "to a chair" }, sharp: { move: "squat-jump" } },
        },
        { id: "b", move: "plank", dose: { hold: 30 } },
      ],
    },
  ],
} as unknown as ClassDoc;

describe("another move while teaching", () => {
  test("keeps every slot's time, whatever is put in for what", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(), fc.constantFrom(...LIBRARY), (any, n, move) => {
        const slots = any.blocks.flatMap((block) => slotsOf(block));
        const slot = slots[n % Math.max(1, slots.length)];
        // A rep's own length goes with the move, so counted doses are left to the score that was frozen.
        if (!slot || Array.isArray(slot.dose) || JSON.stringify(slot.dose).includes("reps")) return;
        if (JSON.stringify(slot.dose).match(/ladder|toLimit/)) return;
        const swapped = withSubstitutes(any, [{ slot: slot.id, move: move.id }], LIBRARY_BOOK);
        expect(scoreOf(swapped, LIBRARY_BOOK).segments).toEqual(scoreOf(any, LIBRARY_BOOK).segments);
      }),
      { numRuns: 150 },
    );
  });

  test("for all takes what was chosen for one with it; for one leaves all others; the last one holds", () => {
    const all = withSubstitutes(doc, [{ slot: "a", move: "lunge" }], LIBRARY_BOOK);
    expect(slotsOf(all.blocks[0] as never)[0]).toMatchObject({ id: "a", move: "lunge", sides: "both" });
    expect(slotsOf(all.blocks[0] as never)[0]).not.toHaveProperty("cue");
    expect(all.overruled).toEqual([]);
    const one = withSubstitutes(
      doc,
      [
        { slot: "a", move: "lunge", person: "p" },
        { slot: "a", move: "sit-to-stand", person: "p" },
        { slot: "b", move: "wall-sit", person: "q" },
      ],
      LIBRARY_BOOK,
    );
    expect(one.overruled).toEqual([
      { slot: "a", person: "p", move: "sit-to-stand" },
      { slot: "b", person: "q", move: "wall-sit" },
    ]);
    const parts = partsFor(
      one,
      [
        { id: "p", name: "P", kit: [{ id: "c", type: "chair", sturdy: true }] },
        { id: "r", name: "R", kit: [] },
      ],
      LIBRARY_BOOK,
    );
    expect(parts[0]?.slots[0]?.move).toBe("sit-to-stand");
    expect(parts[1]?.slots[0]?.move).toBe("bodyweight-squat");
    expect(withSubstitutes(doc, [], LIBRARY_BOOK)).toBe(doc);
  });

  test("the three ways say what the class says, else the nearest of the library, and name nobody", () => {
    const ways = threeWays(doc, LIBRARY_BOOK);
    expect(ways.a).toMatchObject({
      flat: { note: "to a chair" },
      natural: { name: "Squat" },
      sharp: { move: { name: "Squat jump" } },
    });
    expect(ways.b?.natural.name).toBe("Plank");
    expect(ways.b?.flat).toHaveProperty("move");
  });
});

describe("what is seen of the events", () => {
  const event = (kind: SessionEventKind, payload: object, seq: number) =>
    ({ id: String(seq), seq, atMs: seq, kind, payload }) as SessionEvent;
  const events = [
    event("start", { version: 2 }, 1),
    event("note", { text: "P limps" }, 2),
    event("hurt", { person: "p" }, 3),
    event("hurt-seen", { person: "p" }, 4),
    event("substitute", { slot: "a", move: "lunge", version: 3 }, 5),
    event("substitute", { slot: "a", move: "lunge", person: "p", version: 4 }, 6),
    event("part", { person: "q", version: 5 }, 7),
    event("land-at", { finishAtMs: 99 }, 8),
    event("erased", {}, 9),
  ];
  const seqs = (list: readonly SessionEvent[]) => list.map(({ seq }) => seq);
  test("by one person: the clock, moves changed for all, and their own; never a note", () => {
    expect(seqs(seenBy(events, "p"))).toEqual([1, 3, 4, 5, 6, 8]);
    expect(seqs(seenBy(events, "q"))).toEqual([1, 5, 7, 8]);
  });
  test("by all: the clock and moves changed for all", () => {
    expect(seqs(seenByAll(events))).toEqual([1, 5, 8]);
  });
  test("the newest content is the one of the highest number", () => {
    expect(contentVersion(events)).toBe(5);
    expect(contentVersion([])).toBe(0);
  });
});
