import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type SessionEvent, seenBy, seenByAll } from "../../core/live/events";
import { type Eyes, Frames, seenWith } from "./frames";

const PEOPLE = ["ines", "gil", "petra"];
const person = fc.constantFrom(...PEOPLE);
const happening = fc.oneof(
  fc.constantFrom(
    { kind: "pause", payload: {} },
    { kind: "skip", payload: {} },
    { kind: "note", payload: { text: "Knees" } },
    { kind: "part", payload: { version: 2 } },
    { kind: "erased", payload: {} },
  ),
  person.map((who) => ({ kind: "hurt", payload: { person: who } })),
  person.map((who) => ({ kind: "hurt-seen", payload: { person: who } })),
  person.map((who) => ({
    kind: "substitute",
    payload: { version: 3, slot: "s1", move: "plank", person: who },
  })),
  fc.constant({ kind: "substitute", payload: { version: 3, slot: "s1", move: "plank" } }),
);
const batches = fc
  .array(happening, { minLength: 1, maxLength: 6 })
  .map((list) => list.map((each, i) => ({ ...each, seq: i + 5, id: `${i}`, atMs: i }) as SessionEvent));
const eyes: readonly Eyes[] = ["instructor", "stage", ...PEOPLE.map((who) => ({ person: who }))];

const read = (frame: Uint8Array | null): readonly SessionEvent[] =>
  frame ? JSON.parse(/data: (.*)\n\n$/.exec(new TextDecoder().decode(frame))?.[1] ?? "null") : [];

describe("what readers are sent", () => {
  test("is what each may see, and nothing else, also where bytes are shared", () => {
    fc.assert(
      fc.property(batches, fc.shuffledSubarray([...eyes], { minLength: eyes.length }), (events, order) => {
        const frames = new Frames(events);
        for (const each of order) {
          const sent = read(frames.for(each));
          expect(sent).toEqual(seenWith(each, events));
          if (each === "stage") expect(sent).toEqual(seenByAll(events));
          if (typeof each === "object") expect(sent).toEqual(seenBy(events, each.person));
        }
      }),
    );
  });

  test("is written once for all who aren't named in it, with the last number of the batch", () => {
    const events = [
      { kind: "pause", payload: {}, seq: 7, id: "a", atMs: 1 },
      { kind: "hurt", payload: { person: "gil" }, seq: 8, id: "b", atMs: 2 },
    ] as SessionEvent[];
    const frames = new Frames(events);
    expect(frames.for({ person: "ines" })).toBe(frames.for({ person: "petra" }));
    expect(frames.for({ person: "ines" })).toBe(frames.for("stage"));
    expect(frames.for({ person: "gil" })).not.toBe(frames.for("stage"));
    expect(new TextDecoder().decode(frames.for("stage") ?? new Uint8Array())).toMatch(/^id: 8\n/);
  });

  test("is nothing where nothing is to be seen", () => {
    const events = [{ kind: "hurt", payload: { person: "gil" }, seq: 8, id: "b", atMs: 2 }] as SessionEvent[];
    expect(new Frames(events).for({ person: "ines" })).toBeNull();
  });
});
