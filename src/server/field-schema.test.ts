import fc from "fast-check";
import { expect, test } from "vitest";
import { object } from "yup";
import { COMMAND_KINDS, ENTRY_KINDS, factsOf, SESSION_EVENT_KINDS } from "../core/live/event-kinds";
import { happening } from "../core/live/events";
import { arbSaid } from "../core/testing/events";
import { entryOf, happeningFields } from "./field-schema";

const schema = object(happeningFields(COMMAND_KINDS)).noUnknown();
const takes = (value: unknown) => schema.isValidSync(value, { strict: true });
/** Without what only the server sets. */
const sent = (kind: (typeof SESSION_EVENT_KINDS)[number], payload: object) =>
  Object.fromEntries(Object.entries(payload).filter(([name]) => !factsOf(kind).payload[name]?.ours));

test("every command is taken as its row says, and with one field more, less or of another kind it isn't", () => {
  fc.assert(
    fc.property(arbSaid(...COMMAND_KINDS), fc.nat(9), (said, n) => {
      const { kind, payload } = happening(said);
      const fine = { kind, payload: sent(kind, payload) };
      // The few values of the tests may lie outside a row's bounds: those are for the row to refuse.
      const { countInMs, seconds } = fine.payload as { countInMs?: number; seconds?: number };
      const bound = seconds === undefined || seconds >= 1;
      expect(takes(fine), JSON.stringify(fine)).toBe(bound && (countInMs ?? 0) >= 0);
      expect(takes({ kind, payload: { ...fine.payload, version: 1 } })).toBe(false);
      expect(takes({ kind, payload: { ...fine.payload, more: 1 } })).toBe(false);
      const needed = Object.entries(factsOf(kind).payload).filter(([, field]) => !field.optional);
      const [name] = needed[n % Math.max(1, needed.length)] ?? [];
      if (name === undefined) return;
      const { [name]: _gone, ...less } = fine.payload;
      expect(takes({ kind, payload: less })).toBe(false);
      expect(takes({ kind, payload: { ...fine.payload, [name]: [] } })).toBe(false);
    }),
  );
});

test("what only the server or a participant makes is no command", () => {
  for (const kind of SESSION_EVENT_KINDS.filter((each) => factsOf(each).sender !== "instructor"))
    expect(takes({ kind, payload: { person: "a", slot: "s", version: 1, move: "m" } }), kind).toBe(false);
  expect(takes({ kind: "constructor", payload: {} })).toBe(false);
});

test("an entry is its sender's, carries what its kind does and no more, and lacks nothing", () => {
  fc.assert(
    fc.property(arbSaid(...ENTRY_KINDS), (said) => {
      const { kind, payload } = happening(said);
      const { person: _whose, ...own } = payload as { person?: string };
      const more = { ...own, mark: "flat", slot: "s1" };
      const entry = entryOf(kind as (typeof ENTRY_KINDS)[number], "me", more);
      expect(entry?.payload.person).toBe("me");
      const names = Object.keys(factsOf(kind).payload);
      for (const name of Object.keys(entry?.payload ?? {})) expect(names).toContain(name);
    }),
  );
  expect(entryOf("mark", "me", {})).toBeNull();
  expect(entryOf("mark", "me", { mark: "loud" })).toBeNull();
});
