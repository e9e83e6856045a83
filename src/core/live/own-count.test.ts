import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Slot } from "../class/document";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import type { Part, PartSlot } from "../parts/part";
import { scoreOf } from "../score/score";
import { arbPerson } from "../testing/arb-roster";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { flatTriple } from "../units";
import { liveScore, repsInPiece } from "./live-score";
import { ownCount } from "./own-count";

const someone: Person = { id: "p", name: "P", kit: [] };

/** What somebody counts in the first piece of a class of one slot, with their part as it is or changed. */
function counted(slot: Partial<Slot>, own: Partial<PartSlot> = {}) {
  const doc = classOf([{ id: "b", title: "", slots: [{ id: "s", move: "bodyweight-squat", ...slot }] }]);
  const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK), LIBRARY_BOOK);
  const [part] = partsFor(doc, [someone], LIBRARY_BOOK);
  const mine = { ...part, slots: part?.slots.map((each) => ({ ...each, ...own })) } as Part;
  const lengthMs = score.timings[0]?.lengthMs ?? 0;
  const { reps } = ownCount(doc, score, mine, 0, lengthMs, LIBRARY_BOOK);
  return reps.map(({ n, side, startMs }) => `${n}${side?.[0] ?? ""}@${startMs / 1000}`);
}

describe("one's own count", () => {
  test("is everybody's where one does what is set", () => {
    expect(counted({ dose: { reps: 3, repSeconds: 2 } })).toEqual(["1@0", "2@2", "3@4"]);
  });

  test("goes by one's own reps and tempo, and stops where one's level does", () => {
    const sets = [
      {
        round: 1,
        seconds: null,
        reps: flatTriple(2),
        limbReps: 2,
        uses: [],
        load: null,
        predicted: null,
        strain: null,
      },
    ];
    expect(counted({ dose: { reps: 3, repSeconds: 5 } }, { sets, tempo: "3-0-1-0" })).toEqual(["1@0", "2@4"]);
    expect(counted({ dose: { seconds: 20, repSeconds: 2 } }, { seconds: 6 })).toEqual(["1@0", "2@2", "3@4"]);
  });

  test("is nothing where one rests, holds, or has no way", () => {
    expect(counted({ dose: { reps: 3 } }, { status: "unmet" })).toEqual([]);
    expect(counted({ dose: { reps: 3 } }, { rounds: 0 })).toEqual([]);
    const held = [
      {
        round: 1,
        seconds: 20,
        reps: null,
        limbReps: null,
        uses: [],
        load: null,
        predicted: null,
        strain: null,
      },
    ];
    expect(counted({ dose: { reps: 8 } }, { sets: held, move: "plank" })).toEqual([]);
  });

  test("of any home in any class lies in its piece, in order, and is the common one where nothing differs", () => {
    fc.assert(
      fc.property(arbClass, arbPerson, (any, own) => {
        // At one's own pace there is no common count to compare with.
        const doc = { ...any, blocks: any.blocks.map((block) => ({ ...block, pace: "clock" as const })) };
        const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK), LIBRARY_BOOK);
        const [part] = partsFor(doc, [own], LIBRARY_BOOK);
        if (!part) return;
        for (const [i, { lengthMs, waits }] of score.timings.entries()) {
          const { reps } = ownCount(doc, score, part, i, lengthMs, LIBRARY_BOOK);
          let endMs = 0;
          for (const rep of reps) {
            expect(rep.startMs).toBeGreaterThanOrEqual(endMs);
            endMs = rep.startMs + rep.lastsMs;
          }
          if (!waits) expect(endMs).toBeLessThanOrEqual(lengthMs);
          const slot = part.slots.find((each) => each.slot === score.segments[i]?.slot);
          const asSet = slot?.status === "as-set" && slot.mark === "natural" && slot.tempo === undefined;
          const set = slot?.sets?.every(({ reps: own }) => own !== null);
          if (asSet && set && !slot.eachSide && slot.rounds === undefined && slot.adjust.length === 0)
            expect(reps.length).toBe(repsInPiece(score, i, lengthMs).length);
        }
      }),
      { numRuns: 80 },
    );
  });
});
