import { Client } from "pg";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import type { Edit } from "../../src/core/class/edits";
import { newClass } from "../../src/core/class/new-class";
import type { CommandKind } from "../../src/core/live/event-kinds";
import type { SessionCommand } from "../../src/core/live/events";
import { applyEdits, createClass, deleteClass, findClass, listClasses } from "../../src/server/classes";
import { createPerson, findPerson, importRoster, listPeople, updatePerson } from "../../src/server/people";
import { teachNow } from "../../src/server/session-changes";
import { eventsAfter, takeCommand } from "../../src/server/session-events";
import { findSession } from "../../src/server/sessions";

let client: Client;
let mine = "";
let theirs = "";
const user = { userId: "u1" };

beforeAll(async () => {
  client = new Client({ connectionString: process.env.BRONTLE_DATABASE_URL });
  await client.connect();
  const make = async (name: string) =>
    (await client.query("insert into studio (name) values ($1) returning id", [name])).rows[0].id;
  mine = await make("Mine");
  theirs = await make("Theirs");
});
afterAll(() => client.end());

const setTitle = (to: string): Edit => ({ op: "set", target: { in: "class" }, key: "title", to });
const setRest = (to: number): Edit => ({ op: "set", target: { in: "block", id: "b2" }, key: "rest", to });
const sent = (edit: Edit, id = crypto.randomUUID()) => ({ id, edit });

describe("classes", () => {
  test("are stored as they came: unknown keys, their order and odd characters survive", async () => {
    const doc = { zebra: { deep: [1, null, "\u0001 é 𝄞"] }, ...newClass("Kept", "form"), aardvark: 1.5 };
    const id = await createClass(mine, doc);
    expect(JSON.stringify((await findClass(mine, id))?.doc)).toBe(JSON.stringify(doc));
  });

  test("with a NUL or half of a character anywhere are refused with its place", async () => {
    for (const text of ["a\u0000b", "\ud83d", "\udc00 x"]) {
      const doc = { ...newClass("Torn", "form"), aside: { deep: [text] } };
      await expect(createClass(mine, doc)).rejects.toMatchObject({
        code: "invalid",
        faults: [{ path: "aside.deep[0]", code: "unsound-text" }],
      });
    }
  });

  test("with faults are not stored, and every fault is told", async () => {
    const before = (await listClasses(mine)).length;
    const bad = { ...newClass("", "form"), stance: "hard" };
    await expect(createClass(mine, bad)).rejects.toMatchObject({
      code: "invalid",
      faults: [{ path: "title" }, { path: "stance" }],
    });
    expect(await listClasses(mine)).toHaveLength(before);
  });

  test("belong to their studio alone", async () => {
    const id = await createClass(mine, newClass("Private", "form"));
    expect(await findClass(theirs, id)).toBeNull();
    await expect(
      applyEdits({ studioId: theirs, ...user }, id, 1, [sent(setTitle("x"))]),
    ).rejects.toMatchObject({ code: "not-found" });
    await expect(deleteClass(theirs, id)).rejects.toMatchObject({ code: "not-found" });
    await expect(teachNow(theirs, id)).rejects.toMatchObject({ code: "not-found" });
    expect((await listClasses(theirs)).map((row) => row.id)).not.toContain(id);
  });

  test("edits sent twice count once, and the revision counts batches", async () => {
    const who = { studioId: mine, ...user };
    const id = await createClass(mine, newClass("Twice", "form"));
    const slot = { id: "extra", move: "plank", dose: { hold: 20 } };
    const edit = sent({ op: "insert-slot", block: "b2", slot, before: null });
    expect(await applyEdits(who, id, 1, [edit])).toMatchObject({ revision: 2, doc: null, refused: [] });
    expect(await applyEdits(who, id, 1, [edit])).toMatchObject({ revision: 2, refused: [] });
    expect((await findClass(mine, id))?.doc.blocks[1]?.slots).toHaveLength(2);
  });

  test("two editors at once: both edits are in, and the later one gets the whole document", async () => {
    const who = { studioId: mine, ...user };
    const id = await createClass(mine, newClass("Both", "form"));
    await applyEdits(who, id, 1, [sent(setRest(33))]);
    const second = await applyEdits(who, id, 1, [sent(setTitle("Both of us"))]);
    expect(second.doc).toMatchObject({ title: "Both of us", blocks: [{}, { rest: 33 }, {}] });
  });

  test("an edit that no longer fits is refused with a reason, and the others are taken", async () => {
    const who = { studioId: mine, ...user };
    const id = await createClass(mine, newClass("Some", "form"));
    const lost = sent({ op: "set", target: { in: "slot", id: "gone" }, key: "cue", to: "x" });
    const wrong = sent(setRest(-4));
    const outcome = await applyEdits(who, id, 1, [lost, wrong, sent(setTitle("Taken"))]);
    expect(outcome.refused.map((entry) => entry.why.code)).toEqual(["gone", "invalid"]);
    expect((await findClass(mine, id))?.doc.title).toBe("Taken");
  });

  test("many batches at once are applied one after the other, none lost", async () => {
    const who = { studioId: mine, ...user };
    const id = await createClass(mine, newClass("Crowd", "form"));
    const slots = Array.from({ length: 12 }, (_, i) => ({ id: `x${i}`, move: "plank", dose: { hold: 20 } }));
    await Promise.all(
      slots.map((slot) =>
        applyEdits(who, id, 1, [sent({ op: "insert-slot", block: "b2", slot, before: null })]),
      ),
    );
    const stored = await findClass(mine, id);
    expect(stored?.doc.blocks[1]?.slots).toHaveLength(13);
    expect(stored?.revision).toBe(13);
  });
});

describe("people", () => {
  const roster = (name: string) => ({
    format: "brontle.roster",
    version: 1,
    people: [
      { id: "r1", name, kit: [] },
      { id: "r2", name: "Other" },
    ],
  });

  test("imported twice are updated, not doubled, and other studios see none of them", async () => {
    await importRoster(mine, roster("First"));
    await importRoster(mine, roster("Second"));
    const people = await listPeople(mine);
    expect(people.map((row) => row.doc.name)).toEqual(["Other", "Second"]);
    expect(await listPeople(theirs)).toEqual([]);
    const [row] = people;
    expect(row && (await findPerson(theirs, row.id))).toBeNull();
  });

  test("with a fault: nobody is stored", async () => {
    const bad = {
      ...roster("Third"),
      people: [
        { id: "r3", name: "Fine" },
        { id: "r4", name: "" },
      ],
    };
    await expect(importRoster(mine, bad)).rejects.toMatchObject({ code: "invalid" });
    expect((await listPeople(mine)).map((row) => row.doc.id)).not.toContain("r3");
  });

  test("keep their roster id when edited, and can't take another's", async () => {
    const id = await createPerson(mine, { name: "New" });
    const made = (await findPerson(mine, id))?.doc.id;
    await updatePerson(mine, id, { id: "r1", name: "Renamed", kit: [] });
    expect((await findPerson(mine, id))?.doc).toEqual({ id: made, name: "Renamed", kit: [] });
    await expect(createPerson(mine, { id: "r1", name: "Double" })).rejects.toMatchObject({
      code: "conflict",
    });
    await expect(updatePerson(theirs, id, { name: "Stolen" })).rejects.toMatchObject({ code: "not-found" });
  });
});

describe("taught classes", () => {
  const command = (kind: CommandKind, id = crypto.randomUUID()) =>
    ({ id, kind, payload: kind === "extend" ? { seconds: 10 } : {} }) as SessionCommand;
  const begin = async () => teachNow(mine, await createClass(mine, newClass("Taught", "density")));

  test("are frozen by their start: edits before it reach them, edits after it don't", async () => {
    const classId = await createClass(mine, newClass("First", "density"));
    const session = await teachNow(mine, classId);
    expect((await findSession(mine, session))?.doc).toBeNull();
    await applyEdits({ studioId: mine, ...user }, classId, 1, [sent(setTitle("Frozen"))]);
    await takeCommand(mine, session, command("start"), 0, null);
    await applyEdits({ studioId: mine, ...user }, classId, 2, [sent(setTitle("Changed"))]);
    const stored = await findSession(mine, session);
    expect(stored?.state).toBe("running");
    expect(stored?.doc?.title).toBe("Frozen");
    expect(stored?.parts?.length).toBe((await listPeople(mine)).length);
    expect(stored?.moves?.some((move) => move.id === "bodyweight-squat")).toBe(true);
    expect(await findSession(theirs, session)).toBeNull();
  });

  test("count events up without a gap when many come at once, with times that never go back", async () => {
    const session = await begin();
    await Promise.all(
      Array.from({ length: 25 }, () => takeCommand(mine, session, command("extend"), 0, null)),
    );
    const events = await eventsAfter(session, 0);
    expect(events.map((event) => event.seq)).toEqual(Array.from({ length: 25 }, (_, i) => i + 1));
    const times = events.map((event) => event.atMs);
    expect(times).toEqual([...times].sort((a, b) => a - b));
  });

  test("a command sent twice counts once; a second skip on an old state is refused", async () => {
    const session = await begin();
    await takeCommand(mine, session, command("start"), 0, null);
    const skip = command("skip");
    expect((await takeCommand(mine, session, skip, 1, null)).taken).toBe(true);
    const again = await takeCommand(mine, session, skip, 1, null);
    expect(again.taken).toBe(true);
    // Of the answer only what came after the number that the sender had seen.
    expect(again.events.map((event) => event.id)).toEqual([skip.id]);
    const refused = await takeCommand(mine, session, command("skip"), 1, null);
    expect(refused.taken).toBe(false);
    expect(refused.events.map((event) => event.seq)).toEqual([2]);
    expect(await eventsAfter(session, 0)).toHaveLength(2);
    await expect(takeCommand(theirs, session, command("end"), 2, null)).rejects.toMatchObject({
      code: "not-found",
    });
  });

  test("what was done without a connection keeps its time, between the last event and now", async () => {
    const session = await begin();
    const first = await takeCommand(mine, session, command("start"), 0, null);
    const startedAt = first.events[0]?.atMs ?? 0;
    const early = await takeCommand(mine, session, command("pause"), 1, startedAt - 60_000);
    expect(early.events.map((event) => event.atMs)).toEqual([startedAt]);
    const late = await takeCommand(mine, session, command("resume"), 2, startedAt + 9_000_000);
    expect(late.events).toHaveLength(1);
    expect(late.events[0]?.atMs).toBeLessThanOrEqual(late.nowMs);
  });

  test("an end is written on the session", async () => {
    const session = await begin();
    await takeCommand(mine, session, command("start"), 0, null);
    await takeCommand(mine, session, command("end"), 1, null);
    const { rows } = await client.query("select ended_at from session where id = $1", [session]);
    expect(rows[0].ended_at).not.toBeNull();
  });
});
