import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { classOf } from "../testing/classes";
import { type AnEvent, events, T0 } from "../testing/events";
import { easesIn, lateByMs, lateStart } from "./late";
import { liveScore } from "./live-score";

const slot = (id: string, seconds = 60) => ({ id, move: { name: id }, dose: { seconds } });
const doc = classOf([
  { id: "w", title: "", role: "warmup", slots: [slot("w1"), slot("w2"), slot("w3"), slot("w4")] },
  { id: "m", title: "", rounds: 3, longRest: 60, slots: [slot("a"), slot("b")] },
  { id: "c", title: "", role: "cooldown", slots: [slot("c1", 300)] },
]);
const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK));

const with_ = (
  ...list: (readonly [afterMs: number, "join" | "leave", string] | readonly [number, "start"])[]
) =>
  events(
    ...list.map((each): AnEvent => (each[1] === "start" ? each : [each[0], each[1], { person: each[2] }])),
  );

describe("who comes late", () => {
  test("is somebody who first joins more than a minute after the first second", () => {
    const events = with_(
      [0, "join", "early"],
      [0, "start"],
      [59_000, "join", "near"],
      [61_000, "join", "late"],
    );
    expect(lateByMs(events, "early")).toBeNull();
    expect(lateByMs(events, "near")).toBeNull();
    expect(lateByMs(events, "late")).toBe(61_000);
    expect(lateByMs(events, "nobody")).toBeNull();
    // Coming back is not coming late.
    expect(lateByMs([...events, ...with_([99_000, "join", "early"])], "early")).toBeNull();
  });

  test("joins the warm-up where enough of it is left, and has one of their own where it isn't", () => {
    expect(lateStart(doc, score, with_([0, "start"], [150_000, "join", "p"]), "p")).toBeNull();
    const late = lateStart(doc, score, with_([0, "start"], [200_000, "join", "p"]), "p");
    expect(late?.pieces.map(({ slot: id, toMs }) => [id, toMs - T0])).toEqual([
      ["w1", 230_000],
      ["w2", 260_000],
      ["w3", 290_000],
    ]);
    const none = { ...doc, blocks: doc.blocks.slice(1) };
    const bare = liveScore(none, scoreOf(none, LIBRARY_BOOK));
    expect(lateStart(none, bare, with_([0, "start"], [70_000, "join", "p"]), "p")?.pieces).toHaveLength(3);
    // Nobody warms up for a cool-down.
    expect(lateStart(doc, score, with_([0, "start"], [800_000, "join", "p"]), "p")).toBeNull();
  });

  test("takes it easier until the round is over into which the warm-up led", () => {
    const events = with_([0, "start"], [250_000, "join", "p"]);
    const late = lateStart(doc, score, events, "p");
    // Own warm-up until 340 s; round 1 of the main block is 240–360 s, then a rest until 420 s.
    expect(easesIn(score, events, late, T0 + 300_000)).toBe(true);
    expect(easesIn(score, events, late, T0 + 355_000)).toBe(true);
    expect(easesIn(score, events, late, T0 + 365_000)).toBe(false);
    expect(easesIn(score, events, null, T0)).toBe(false);
  });
});
