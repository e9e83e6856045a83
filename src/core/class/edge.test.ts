import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { hasEdge, moveEdge } from "./edge";
import { applyChecked } from "./history";

const doc = classOf([
  {
    id: "b",
    title: "Main",
    brief: 30,
    rounds: 3,
    rest: 15,
    longRest: 45,
    after: 60,
    slots: [
      { id: "a", move: "goblet-squat", dose: { reps: 10, tempo: "2-0-1-0" } },
      { id: "p", move: "side-plank-knees", dose: { hold: 30 }, sides: "inTurn", count: "total" },
      { id: "w", move: "goblet-squat", dose: { reps: 8, repSeconds: 3, within: 60 }, rest: 20 },
      { id: "l", move: "march-on-the-spot", dose: [{ seconds: 30 }, { seconds: 40 }, { seconds: 50 }] },
    ],
  },
]);
const { segments } = scoreOf(doc, LIBRARY_BOOK);
const at = (kind: string, slot: string | null, round: number | null, nth = 0) =>
  segments.indexOf(
    segments.filter((each) => each.kind === kind && each.slot === slot && each.round === round)[nth] as never,
  );

/** The lengths of all that is at a place after its end was moved. */
function moved(index: number, by: number) {
  const made = moveEdge(doc, segments, index, by, LIBRARY_BOOK);
  if (!made) return null;
  const next = applyChecked(doc, made.edit, LIBRARY_BOOK);
  if (!next.ok) throw new Error("an edit that doesn't fit");
  const after = scoreOf(next.value, LIBRARY_BOOK).segments;
  return { ...made, block: next.value.blocks[0], after };
}

describe("the end of a segment", () => {
  test("moves the number that it hangs on: rests, talk, water", () => {
    expect(moved(at("rest", "a", 1), 5)).toMatchObject({ seconds: 20, block: { rest: 20 } });
    expect(moved(at("long-rest", "l", 1), -10)).toMatchObject({ seconds: 35, block: { longRest: 35 } });
    expect(moved(at("brief", null, null), -30)).toMatchObject({ seconds: 0, block: { brief: 0 } });
    expect(moved(at("after", null, null), 1)).toMatchObject({ seconds: 61, block: { after: 61 } });
  });

  test("of counted work moves by whole reps, of a total over both sides by two seconds for one", () => {
    const reps = moved(at("work", "a", 2), 7);
    expect(reps).toMatchObject({ seconds: 36, reps: 12 });
    expect(moved(at("work", "a", 1), 1)).toBeNull();
    expect(moved(at("work", "p", 1), 5)?.block?.slots?.[1]?.dose).toEqual({ hold: 40 });
  });

  test("of what is left of a window moves the window, of the gap after it the slot's own rest", () => {
    expect(moved(at("rest", "w", 1, 0), 10)?.block?.slots?.[2]?.dose).toMatchObject({ within: 70 });
    expect(moved(at("rest", "w", 1, 1), 10)?.block?.slots?.[2]?.rest).toBe(30);
  });

  test("of one round's own dose moves that round alone", () => {
    const made = moved(at("work", "l", 2), 5);
    expect(made?.block?.slots?.[3]?.dose).toEqual([{ seconds: 30 }, { seconds: 45 }, { seconds: 50 }]);
  });

  test("never goes the other way: of a second side that its window cuts", () => {
    const reach = {
      id: "r",
      move: { name: "Reach", repSeconds: 3 },
      dose: { reps: 15, within: 37 },
      sides: "inTurn" as const,
      count: "total" as const,
      sideChange: 1,
    };
    const cut = classOf([{ id: "b", title: "Main", slots: [reach] }]);
    const all = scoreOf(cut, LIBRARY_BOOK).segments;
    const right = all.findIndex(({ side }) => side === "right");
    expect(all[right]).toMatchObject({ reps: { plan: 7 } });
    expect(moveEdge(cut, all, right, -1, LIBRARY_BOOK)).toBeNull();
  });

  test("is moved in every class to a class, by just so much where it is timed", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(), fc.integer({ min: -40, max: 40 }), (own, pick, by) => {
        const score = scoreOf(own, LIBRARY_BOOK);
        fc.pre(score.segments.length > 0 && score.segments.length < 1500);
        const index = pick % score.segments.length;
        const here = score.segments[index];
        const made = moveEdge(own, score.segments, index, by, LIBRARY_BOOK);
        if (!hasEdge(own, score.segments, index)) expect(made).toBeNull();
        if (!made || !here) return;
        const next = applyChecked(own, made.edit, LIBRARY_BOOK);
        expect(next.ok).toBe(true);
        if (!next.ok) return;
        const length = here.end - here.start;
        // It goes the way that is wanted, and never further but for a whole rep.
        expect(Math.sign(made.seconds - length)).not.toBe(-Math.sign(by));
        if (here.kind !== "work" && here.kind !== "side-change") {
          expect(Math.abs(made.seconds - length)).toBeLessThanOrEqual(Math.abs(by));
          if (by > 0)
            expect(scoreOf(next.value, LIBRARY_BOOK).segments[index]).toMatchObject({ kind: here.kind });
        }
      }),
      { numRuns: 300 },
    );
  });
});
