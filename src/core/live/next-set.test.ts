import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Person } from "../homes/home";
import { ownAtLevel, saidSet } from "../log/said-sets";
import { withTaught } from "../log/working-sets";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import type { Part } from "../parts/part";
import { scoreOf } from "../score/score";
import { MORE, type More } from "../strength/more";
import { arbPerson } from "../testing/arb-roster";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { events, T0 } from "../testing/events";
import { clockState } from "./fold";
import { liveScore } from "./live-score";
import { changeOf, followed, setAfter, setToAsk } from "./next-set";
import { withPicks } from "./picks";

const DAY = "2026-11-27";
const weights = Array.from({ length: 24 }, (_, i) => i + 3).map((kg, i) => ({
  id: `k${i}`,
  type: "dumbbell",
  count: 2,
  kg,
}));
const person = { id: "p", name: "Piet Skerry", kit: weights } as unknown as Person;
const squats = classOf([
  {
    id: "b",
    title: "",
    rounds: 3,
    rest: 30,
    longRest: 60,
    slots: [
      { id: "s", move: "floor-press", dose: { reps: 10 }, load: { rir: 2 } },
      { id: "t", move: "plank", dose: { hold: 30 } },
    ],
  },
  {
    id: "c",
    title: "",
    rounds: 2,
    rest: 60,
    slots: [{ id: "u", move: "floor-press", dose: { reps: 10 }, load: { rir: 2 } }],
  },
]);
const partOf = (of: Person) => partsFor(squats, [of], LIBRARY_BOOK, { on: DAY })[0] as Part;

/** What becomes of somebody's part after an answer to a set. */
function answered(part: Part, slot: string, round: number, more: More, of = person): Part {
  const fresh = [false, true].map((trusting) => {
    const set = saidSet(part, { slot, round, more }, (id) => LIBRARY_BOOK.get(id), DAY, trusting);
    return partOf({ ...of, workingSets: withTaught(of.workingSets ?? [], set ? [set] : []) });
  });
  return followed(part, fresh, squats, { slot, round });
}
const kgOf = (part: Part, slot: string, round: number) => {
  const load = part.slots.find((own) => own.slot === slot)?.sets?.find((set) => set.round === round)?.load;
  return load && "kg" in load ? load.kg : null;
};

describe("the set after an answer", () => {
  const part = partOf(person);

  test("is heavier where four or more were left, and lighter or the same where hardly one was", () => {
    const first = kgOf(part, "s", 1) as number;
    const easy = answered(part, "s", 1, "4-or-more");
    const hard = answered(part, "s", 1, "0-1");
    expect(kgOf(easy, "s", 2)).toBeGreaterThan(first);
    expect(kgOf(hard, "s", 2)).toBeLessThan(first);
    expect(changeOf(part, easy, { slot: "s", round: 1 })).toBe("heavier");
    expect(changeOf(part, hard, { slot: "s", round: 1 })).toBe("lighter");
    // Two or three left is what was meant.
    expect(Math.abs((kgOf(answered(part, "s", 1, "2-3"), "s", 2) as number) - first)).toBeLessThanOrEqual(2);
  });

  test("leaves what was done as it was, follows in later blocks, and brings what is wanted now", () => {
    const easy = answered(part, "s", 1, "4-or-more");
    expect(kgOf(easy, "s", 1)).toBe(kgOf(part, "s", 1));
    expect(kgOf(easy, "u", 1)).toBe(kgOf(easy, "s", 2));
    const wanted = easy.slots.flatMap(({ sets = [] }) =>
      sets.flatMap(({ uses }) => uses.map(({ kit }) => kit)),
    );
    const brought = new Set(easy.bring.map(({ kit }) => kit));
    expect(wanted.filter((kit) => !brought.has(kit))).toEqual([]);
  });

  test("holds for what was picked of equals: its own set says it, and its own sets follow", () => {
    const doc = classOf([
      {
        id: "b",
        title: "",
        rounds: 3,
        longRest: 60,
        slots: [
          {
            id: "s",
            move: "floor-press",
            dose: { reps: 10 },
            load: { rir: 2 },
            choice: true,
            alternatives: [{ move: "goblet-squat" }],
          },
        ],
      },
    ]);
    const [before] = partsFor(doc, [person], LIBRARY_BOOK, { on: DAY });
    const other = before?.slots[0]?.choices?.[0]?.move as string;
    const pick = new Map([["s", other]]);
    const chose = events([0, "start"], [1, "choose", { person: "p", slot: "s", move: other }]);
    const own = ownAtLevel({ parts: [before as Part], partsByMark: null }, "p", chose) as Part;
    expect(own.slots[0]?.move).toBe(pick.get("s"));
    const set = saidSet(own, { slot: "s", round: 1, more: "0-1" }, (id) => LIBRARY_BOOK.get(id), DAY);
    expect(set?.move).toBe(pick.get("s"));
    const known = { ...person, workingSets: withTaught([], set ? [set] : []) };
    const [fresh] = partsFor(doc, [known], LIBRARY_BOOK, { on: DAY });
    const then = withPicks(followed(before as Part, [fresh as Part], doc, { slot: "s", round: 1 }), pick);
    expect(then.slots[0]?.sets?.[0]).toEqual(own.slots[0]?.sets?.[0]);
    const anew = withPicks(fresh as Part, pick).slots[0]?.sets?.[1]?.load;
    expect(then.slots[0]?.sets?.[1]?.load).toEqual(anew);
    expect(anew).not.toEqual(own.slots[0]?.sets?.[1]?.load);
  });

  test("changes nobody's move, level or number of sets, whatever the class, home and answer", () => {
    fc.assert(
      fc.property(arbClass, arbPerson, fc.constantFrom(...MORE), fc.nat(), (doc, own, more, n) => {
        const [before] = partsFor(doc, [own], LIBRARY_BOOK, { on: DAY });
        const asked = before?.slots[n % (before.slots.length || 1)];
        if (!before || !asked) return;
        const round = asked.sets?.[0]?.round ?? 1;
        const set = saidSet(before, { slot: asked.slot, round, more }, (id) => LIBRARY_BOOK.get(id), DAY);
        const known = { ...own, workingSets: withTaught(own.workingSets ?? [], set ? [set] : []) };
        const [fresh] = partsFor(doc, [known], LIBRARY_BOOK, { on: DAY });
        const then = followed(before, [fresh as Part], doc, { slot: asked.slot, round });
        const ways = ({ slots }: Part) =>
          slots.map(({ slot, move, mark, status, sets }) => [
            slot,
            move,
            mark,
            status,
            sets?.map((each) => each.round),
          ]);
        expect(ways(then)).toEqual(ways(before));
        const at = then.slots.find(({ slot }) => slot === asked.slot);
        expect(at?.sets?.filter((each) => each.round <= round)).toEqual(
          asked.sets?.filter((each) => each.round <= round),
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe("who is asked", () => {
  const score = liveScore(squats, scoreOf(squats, LIBRARY_BOOK), LIBRARY_BOOK);
  const part = partOf(person);
  const ask = (kind: string, n: number, own = part) => {
    const index = score.segments.flatMap((segment, i) => (segment.kind === kind ? [i] : []))[n] ?? -1;
    const at = (score.segments[index]?.start ?? 0) * 1000 + 500;
    const state = clockState(score, events([0, "start"]), T0 + at);
    expect(state.index).toBe(index);
    return setToAsk(score, state, own, LIBRARY_BOOK);
  };

  test("in the gap after the first set, and not while it is worked", () => {
    expect(ask("rest", 0)).toEqual({ slot: "s", round: 1 });
    expect(ask("work", 0)).toBeNull();
    // A hold isn't counted, and nothing of a second set is asked.
    expect(ask("long-rest", 0)).toBeNull();
    expect(ask("rest", 1)).toBeNull();
  });

  test("not where nothing can be done, and not where no set is to come", () => {
    const unmet = { ...part, slots: part.slots.map((own) => ({ ...own, status: "unmet" as const })) };
    expect(ask("rest", 0, unmet)).toBeNull();
    expect(setAfter(part, { slot: "s", round: 3 })).toBeUndefined();
  });
});
