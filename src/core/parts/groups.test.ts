import { describe, expect, test } from "vitest";
import { slotsOf } from "../class/document";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { block, doc, kit, person, slot } from "../testing/class-builders";
import { partsFor } from "./everyone";
import { canDo, groupsOf, mostCan } from "./groups";
import type { Status } from "./part";

const own = doc([block([slot("goblet-squat"), slot("bodyweight-squat")])]);
const [goblet = "", squat = ""] = own.blocks.flatMap(slotsOf).map(({ id }) => id);
const named = (id: string, more: Partial<Person>): Person => ({ ...person(more), id, name: id });
const people = [
  named("ada", { kit: kit({ type: "kettlebell", kg: 8 }) }),
  named("bo", { kit: kit({ type: "dumbbell", kg: 10, count: 1 }) }),
  named("cy", {}),
  named("di", {}),
  named("ed", { mark: "flat", kit: kit({ type: "kettlebell", kg: 8 }) }),
];
const parts = partsFor(own, people, LIBRARY_BOOK);
const ORDER: readonly Status[] = ["unmet", "swapped", "eased", "raised", "as-set"];

test("everybody is in one group of a slot, with those who do the same for the same reason", () => {
  for (const id of [goblet, squat]) {
    const groups = groupsOf(parts, id);
    expect(groups.flatMap(({ names }) => names).sort()).toEqual(people.map(({ name }) => name));
    const ofName = (name: string) => groups.find(({ names }) => names.includes(name))?.key;
    for (const a of parts) {
      for (const b of parts) {
        const [one, other] = [a, b].map((part) => part.slots.find((entry) => entry.slot === id));
        const plain = one?.status === "as-set" && one.mark === "natural";
        const alike =
          one?.status === other?.status &&
          one?.mark === other?.mark &&
          (plain || (one?.move === other?.move && JSON.stringify(one?.why) === JSON.stringify(other?.why)));
        expect(ofName(a.name) === ofName(b.name), `${a.name} ${b.name}`).toBe(alike);
      }
    }
  }
});

test("who does just what was set is one group whatever they hold; what differs most stands first", () => {
  const groups = groupsOf(parts, goblet);
  expect(groups.find(({ key }) => key === "plain")?.names).toEqual(["ada", "bo"]);
  const at = groups.map(({ slot: { status } }) => ORDER.indexOf(status));
  expect(at).toEqual([...at].sort((a, b) => a - b));
  expect(groups[0]?.names).toEqual(["cy", "di"]);
});

test("a slot that is in nobody's part has no groups", () => {
  expect(groupsOf(parts, "gone")).toEqual([]);
});

test("how many can: who does it as set, and has left in it what was meant", () => {
  const { can, of } = canDo(parts, squat);
  expect(of).toBe(people.length);
  const asSet = parts.filter((part) =>
    part.slots.some((entry) => entry.slot === squat && entry.status === "as-set"),
  );
  expect(can).toBeGreaterThan(0);
  expect(can).toBeLessThanOrEqual(asSet.length);
  expect(canDo(parts, "gone")).toEqual({ can: 0, of: 0 });
  // A press-up for sixty is for nobody.
  const sixty = doc([block([{ ...slot("press-up"), dose: { reps: 60 } }])]);
  const id = sixty.blocks.flatMap(slotsOf)[0]?.id ?? "";
  expect(canDo(partsFor(sixty, people, LIBRARY_BOOK), id)).toEqual({ can: 0, of: people.length });
});

describe("what most can", () => {
  test("is the dose that more than half do, in the unit of most", () => {
    const own = doc([block([slot("press-up", { reps: 30 }), slot("plank", { hold: 20 })])]);
    const people = ["a", "b", "c"].map((id) => person({ id, name: id }));
    const parts = partsFor(own, people, LIBRARY_BOOK);
    const [press, plank] = own.blocks[0]?.slots ?? [];
    const most = mostCan(parts, press?.id ?? "");
    expect(most?.unit).toBe("reps");
    expect(most?.amount).toBeLessThan(30);
    expect(canDo(parts, press?.id ?? "").can).toBe(0);
    expect(mostCan(parts, plank?.id ?? "")).toEqual({ unit: "seconds", amount: 20 });
    expect(mostCan([], press?.id ?? "")).toBeNull();
  });
});
