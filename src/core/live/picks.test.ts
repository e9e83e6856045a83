import { describe, expect, test } from "vitest";
import { homeWith } from "../homes/example-kits";
import { LIBRARY_BOOK } from "../moves/library";
import { partFor } from "../parts/parts";
import { classOf } from "../testing/classes";
import type { SessionEvent } from "./events";
import { peopleNow } from "./people-now";
import { equalsOf, withPicks } from "./picks";

const doc = classOf([
  {
    id: "b",
    title: "",
    slots: [
      {
        id: "a",
        move: "squat-jump",
        dose: { seconds: 30 },
        choice: true,
        alternatives: [{ move: "skater-hop" }, { move: "bodyweight-squat" }],
      },
      { id: "c", move: "press-up", dose: { reps: 8 } },
    ],
  },
]);
const part = partFor(doc, homeWith("nothing"), LIBRARY_BOOK);
const chose = (seq: number, person: string, slot: string, move: string) =>
  ({ id: `e${seq}`, seq, atMs: seq * 1000, kind: "choose", payload: { person, slot, move } }) as SessionEvent;

describe("what somebody picks of equals", () => {
  test("stands in the place of what stood there, which can be picked again; the last pick holds", () => {
    const { picks } = peopleNow([chose(1, "p", "a", "skater-hop"), chose(2, "p", "a", "bodyweight-squat")]);
    const now = withPicks(part, picks.get("p"));
    expect(now.slots.map(({ move }) => move)).toEqual(["bodyweight-squat", "press-up"]);
    const back = withPicks(now, new Map([["a", "squat-jump"]]));
    expect(back.slots[0]?.move).toBe("squat-jump");
    const names = (own: (typeof part.slots)[number] | undefined) => equalsOf(own).map(({ move }) => move);
    expect(names(now.slots[0])).toEqual(names(part.slots[0]));
    expect(names(part.slots[0])).toHaveLength(3);
    expect(names(part.slots[1])).toEqual([]);
  });

  test("changes nothing where it isn't offered, nor for anybody else", () => {
    const { picks } = peopleNow([chose(1, "q", "a", "skater-hop"), chose(2, "p", "c", "plank")]);
    expect(withPicks(part, picks.get("p"))).toEqual(part);
    expect(withPicks(part, picks.get("nobody"))).toBe(part);
  });
});
