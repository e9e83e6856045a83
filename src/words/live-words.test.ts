/** What Teach says of the present and the next. */

import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type ClassDoc, findSlot } from "../core/class/document";
import type { SessionEvent } from "../core/live/events";
import { clockState } from "../core/live/fold";
import { liveScore } from "../core/live/live-score";
import { callGroups, lineNow, nowNext } from "../core/live/now-next";
import { peopleNow } from "../core/live/people-now";
import { presenceOf } from "../core/live/presence";
import { bookFor } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library/index";
import { partsFor } from "../core/parts/everyone";
import { scoreOf } from "../core/score/score";
import { arbClass } from "../core/testing/arbitraries";
import { classOf } from "../core/testing/classes";
import { events, T0 } from "../core/testing/events";
import { wordsIn } from "./languages";
import { groupText, nowText, presenceText, sinceText } from "./live-words";
import type { SpokenLine } from "./shape-words";

const doc = classOf([
  {
    id: "m",
    title: "Main",
    rounds: 2,
    rest: 10,
    longRest: 20,
    slots: [
      { id: "a", move: "goblet-squat", dose: { seconds: 40 }, cue: "Tall", call: "Take the weight" },
      { id: "b", move: "side-plank-knees", dose: { seconds: 20 }, sideChange: 5 },
    ],
  },
  { id: "c", title: "Last", cap: 120, slots: [{ id: "d", move: "bodyweight-squat", dose: { reps: 5 } }] },
]);

const english = wordsIn("en");

function wordsAt(own: ClassDoc, afterMs: number, more: SessionEvent[] = []) {
  const book = bookFor(own, LIBRARY_BOOK);
  const score = liveScore(own, scoreOf(own, LIBRARY_BOOK));
  const list = [...events([0, "start", { countInMs: 5000 }]), ...more];
  const state = clockState(score, list, T0 + 5000 + afterMs);
  const now = nowNext(own, score, state, book);
  return { words: nowText(now, english), now, state, score };
}

describe("the present and the next", () => {
  test("before the first second the first move is next, with what to fetch", () => {
    const { words } = wordsAt(doc, -2000);
    expect(words).toMatchObject({ working: false, headline: "Goblet squat", cue: "Take the weight" });
    expect(words.fetch).toMatch(/^fetch /);
  });

  test("while working the cue, the round, and what follows", () => {
    const { words } = wordsAt(doc, 1000);
    expect(words).toMatchObject({
      working: true,
      headline: "Goblet squat",
      cue: "Tall",
      roundText: "round 1 of 2",
      otherSide: "",
      slotId: "a",
    });
    expect(words.next).toContain("plank");
    expect(words.fetch).toContain("down to the floor");
  });

  test("of a slot with sides the other one, and the move after both", () => {
    const { words } = wordsAt(doc, 55_000);
    expect(words).toMatchObject({ otherSide: "right", next: "Goblet squat" });
    expect(wordsAt(doc, 50_000 + 26_000).words.otherSide).toBe("");
  });

  test("what is counted and how slowly, of this round's dose", () => {
    const slow = {
      ...doc,
      blocks: [
        {
          id: "m",
          title: "Main",
          rounds: 2,
          longRest: 20,
          slots: [{ id: "a", move: "goblet-squat", dose: [{ reps: 10, tempo: "3-0-1-0" }, { reps: 6 }] }],
        },
      ],
    } as unknown as ClassDoc;
    expect(wordsAt(slow, 1000).words).toMatchObject({ amount: "10 reps", tempo: "lower 3 s, lift 1 s" });
    // In the rest what is shown is the round to come.
    expect(wordsAt(slow, 45_000).words).toMatchObject({ working: false, amount: "6 reps", tempo: "" });
    expect(wordsAt(doc, 1000).words).toMatchObject({ amount: "", tempo: "" });
    const loaded = (load: object) => {
      const [block] = slow.blocks;
      const slots = block?.slots?.map((slot) => ({ ...slot, load }));
      return wordsAt({ ...slow, blocks: [{ ...block, slots }] } as ClassDoc, 1000).words.tempo;
    };
    // The load of this very set stands beside its tempo.
    expect(loaded([{ kg: 8 }, { kg: 10 }])).toBe("lower 3 s, lift 1 s, 8 kg each");
    expect(loaded({ rir: 2 })).toBe("lower 3 s, lift 1 s, 2 in reserve");
    expect(loaded({ rpe: 8 })).toBe("lower 3 s, lift 1 s, effort 8 of 10");
    expect(loaded({ target: "heavy" })).toBe("lower 3 s, lift 1 s, heavy");
    expect(loaded({ target: "none" })).toBe("lower 3 s, lift 1 s");
  });

  test("a round that is dropped no longer counts", () => {
    const dropped = events([6000, "drop-round"]).map((event) => ({ ...event, seq: 2, id: "drop" }));
    const { words } = wordsAt(doc, 2000, dropped);
    expect(words.roundText).not.toContain("of 2");
  });

  test("a capped block is told as a whole", () => {
    const { words, score } = wordsAt(doc, 0);
    expect(words.headline).toBe("Goblet squat");
    const last = score.segments.find((segment) => segment.block === "c" && segment.kind === "work");
    const late = wordsAt(doc, (last?.start ?? 0) * 1000 + 1000).words;
    expect(late.headline).toBe("As many rounds as possible: Squat");
    expect(late.slotId).toBeNull();
  });

  test("at any second of any class there is a headline, and the slot that it is about", () => {
    fc.assert(
      fc.property(arbClass, fc.double({ min: -0.02, max: 1.02, noNaN: true }), (own, share) => {
        const total = scoreOf(own, LIBRARY_BOOK).seconds.plan * 1000;
        fc.pre(total < 7_200_000);
        const { words, state } = wordsAt(own, Math.round(total * share));
        expect(words.headline).not.toBe("");
        if (words.slotId !== null) expect(findSlot(own, words.slotId)).not.toBeNull();
        if (words.working) expect(state.phase).toBe("running");
        if (words.otherSide !== "") expect(words.otherSide).not.toBe(words.segment?.side);
      }),
      { numRuns: 150 },
    );
  });

  test("what is to be said now takes the place of the cue, and only for its time", () => {
    const { now, state } = wordsAt(doc, 3000);
    const line: SpokenLine = {
      kind: "cue",
      at: 2,
      room: 3,
      takes: 2,
      text: "Breathe out as you stand",
      block: "m",
      slot: "a",
      own: true,
    };
    const say = (lines: readonly SpokenLine[]) => nowText(now, english, lineNow(now, lines, state)?.text).cue;
    expect(say([line])).toBe("Breathe out as you stand");
    expect(say([{ ...line, at: 4 }])).toBe("Tall");
    expect(say([{ ...line, at: 1, room: 2 }])).toBe("Tall");
    expect(say([])).toBe("Tall");
  });
});

describe("groups to call", () => {
  const people = [
    { id: "p", name: "P", kit: [{ id: "kb", type: "kettlebell" as const, kg: 12 }] },
    { id: "q", name: "Q", kit: [] },
    { id: "r", name: "R", kit: [] },
    { id: "s", name: "S", kit: [{ id: "kb", type: "kettlebell" as const, kg: 12 }], mark: "flat" as const },
  ];
  const parts = partsFor(doc, people, LIBRARY_BOOK);

  test("are everybody, each once: as set, or in the group of their way, the largest first", () => {
    const { groups, asSet } = callGroups(parts, "a");
    const counts = groups.map(({ people: n }) => n);
    expect(asSet + counts.reduce((sum, n) => sum + n, 0)).toBe(people.length);
    expect(counts).toEqual([...counts].sort((x, y) => y - x));
    expect(asSet).toBe(1);
    expect(callGroups(parts, "nothing")).toEqual({ groups: [], asSet: 0 });
  });

  test("say where sides share the piece and where a level stops", () => {
    const one = parts.map((part) => ({
      ...part,
      slots: part.slots.map((slot) => ({
        ...slot,
        status: "swapped" as const,
        mark: "flat" as const,
        move: "single-leg-hinge",
        name: "Single-leg hinge",
        note: null,
        shares: [20, 20] as const,
        seconds: 30,
      })),
    }));
    expect(callGroups(one, "a").groups.map((group) => groupText(group, english))).toEqual([
      "4 ♭ single-leg hinge, half a side, 30 s, then rest",
    ]);
  });
});

describe("who is here", () => {
  const asked = ["ann", "bo", "cid", "dot"].map((id) => ({ id: `row-${id}`, rosterId: id, name: id }));
  const list = events(
    [-9000, "join", { person: "ann" }],
    [-8000, "join", { person: "cid" }],
    [0, "start", { countInMs: 0 }],
    [60_000, "leave", { person: "cid" }],
    [400_000, "join", { person: "bo" }],
  );

  test("is everyone who was asked, once: here, gone again, or not yet; late after the first minute", () => {
    const presence = presenceOf(asked, peopleNow(list), list);
    const names = (of: readonly { readonly name: string }[]) => of.map(({ name }) => name);
    expect(names(presence.here)).toEqual(["ann", "bo"]);
    expect(names(presence.left)).toEqual(["cid"]);
    expect(names(presence.notYet)).toEqual(["dot"]);
    expect([...presence.late]).toEqual([["bo", 400_000]]);
    expect(presenceText(presence, english)).toBe("2 here, 1 not yet, 1 late");
  });

  test("says nothing before anybody came", () => {
    expect(presenceText(presenceOf(asked, peopleNow([]), []), english)).toBe("");
  });
});

describe("what is different from the last set", () => {
  const since = {
    side: "left",
    reps: 8,
    load: { now: { kg: 14 }, change: "heavier" },
    tempo: "3-0-1-0",
  } as const;

  test("is said whole where there is room, the side first", () => {
    expect(sinceText(since, english)).toBe(
      "the other side: left, 8 reps now, heavier: 14 kg each, lower 3 s, lift 1 s",
    );
  });

  test("is never longer than there is room for, and gets no shorter with more", () => {
    const lengths = Array.from({ length: 30 }, (_, most) => {
      const text = sinceText(since, english, most);
      const said = text === "" ? 0 : text.split(" ").length;
      expect(said).toBeLessThanOrEqual(most);
      return said;
    });
    expect(lengths).toEqual([...lengths].sort((a, b) => a - b));
  });
});
