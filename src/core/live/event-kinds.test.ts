import fc from "fast-check";
import { expect, test } from "vitest";
import { arbEvents } from "../testing/events";
import { COMMAND_KINDS, ENTRY_KINDS, factsOf, SESSION_EVENT_KINDS } from "./event-kinds";
import { mergeCommand } from "./merge";

test("every kind has a sender, words of its own, and names a person where one person sees it", () => {
  const words = SESSION_EVENT_KINDS.map((kind) => factsOf(kind).words);
  expect(new Set(words).size).toBe(words.length);
  for (const kind of SESSION_EVENT_KINDS) {
    const { seenBy, payload, clock, sender } = factsOf(kind);
    const ofSomebody = seenBy === "person" || seenBy === "person-or-all" || sender === "participant";
    expect("person" in payload, kind).toBe(ofSomebody);
    // Only the instructor moves the clock, and what moves it is everybody's to know.
    if (clock !== "nothing") expect([kind, sender, seenBy]).toEqual([kind, "instructor", "all"]);
  }
  expect(SESSION_EVENT_KINDS.filter((kind) => factsOf(kind).sender === "server")).toEqual([
    "part",
    "next-set",
    "substitute",
    "erased",
  ]);
  expect(COMMAND_KINDS.length + ENTRY_KINDS.length + 4).toBe(SESSION_EVENT_KINDS.length);
});

test("two commands made on one state: what jumps counts once, what cuts the same counts once, all else twice", () => {
  const kinds = COMMAND_KINDS.filter((kind) => kind !== "end");
  fc.assert(
    fc.property(
      arbEvents(kinds, { most: 8 }),
      arbEvents(kinds, { most: 1 }),
      fc.nat(8),
      (list, [late], seen) => {
        if (!late) return;
        const since = list.slice(seen);
        const { merges } = factsOf(late.kind);
        const expected =
          (merges === "unless-moved" && since.some(({ kind }) => factsOf(kind).clock === "jumps")) ||
          (merges === "unless-same" && since.some(({ kind }) => kind === late.kind))
            ? "refused"
            : "taken";
        expect(mergeCommand({ ...late, id: "late" }, list, seen)).toBe(expected);
        // What it saw it was meant after.
        expect(mergeCommand({ ...late, id: "late" }, list, list.length)).toBe("taken");
      },
    ),
  );
});
