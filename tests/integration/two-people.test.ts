/** Two people at one thing: nothing of either is lost unsaid, and what is pressed twice counts once. */
import { describe, expect, test } from "vitest";
import { cautious, invert } from "../../src/core/class/edits";
import { newClass } from "../../src/core/class/new-class";
import { type Merged, settled } from "../../src/core/merge";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import type { Move } from "../../src/core/moves/move";
import { startingMove } from "../../src/core/moves/starting-move";
import { applyEdits, createClass, findClass } from "../../src/server/classes";
import { createMove, listMoves, updateMove } from "../../src/server/moves";
import { findPerson, updateOwnHome, updatePerson } from "../../src/server/people";
import type { Refused } from "../../src/server/refused";
import { teachNow } from "../../src/server/session-changes";
import { takeEntry } from "../../src/server/session-entries";
import { eventsAfter, substituteMove, takeCommand } from "../../src/server/session-events";
import { saveSettings, storedSettings } from "../../src/server/studios";
import {
  client,
  command,
  mine,
  newSession,
  rosterId,
  someone,
  squats,
  withStudios,
} from "../shared/sessions";

withStudios();

const home = async (id: string) => (await findPerson(mine, id))?.doc as unknown as Record<string, unknown>;

describe("a record that two have open", () => {
  test("keeps the limits that a participant adds while the instructor's form is open", async () => {
    const ada = await someone("Ada", { limits: ["no-jumping"], kit: [{ id: "k", type: "chair" }] });
    const opened = await home(ada);
    await updateOwnHome(mine, ada, { ...opened, limits: ["no-jumping", "no-overhead"] }, opened);
    await updatePerson(
      mine,
      ada,
      {
        ...opened,
        mark: "flat",
        kit: [
          { id: "k", type: "chair" },
          { id: "t", type: "towel" },
        ],
      },
      opened,
    );
    expect(await home(ada)).toMatchObject({
      limits: ["no-jumping", "no-overhead"],
      mark: "flat",
      kit: [{ id: "k" }, { id: "t" }],
    });
    // And the other way round: what the instructor keeps about them isn't theirs to lose.
    const later = await home(ada);
    await updatePerson(mine, ada, { ...later, always: { "press-up": "plank" } }, later);
    await updateOwnHome(mine, ada, { ...opened, limits: [] }, later);
    const after = await home(ada);
    expect(after).toMatchObject({ always: { "press-up": "plank" }, limits: [] });
  });

  test("shows both versions where they meet, stores neither's loss, and takes the choice", async () => {
    const bea = await someone("Bea", { space: { lengthM: 3 } });
    const opened = await home(bea);
    await updateOwnHome(mine, bea, { ...opened, space: { lengthM: 2 } }, opened);
    const change = { before: opened, mine: { ...opened, name: "Bea Two", space: { lengthM: 4 } } };
    const failure = (await updatePerson(mine, bea, change.mine, change.before).catch(
      (error: Refused) => error,
    )) as Refused;
    expect(failure).toMatchObject({
      code: "conflict",
      met: { meets: [{ path: ["space", "lengthM"], before: 3, mine: 4, theirs: 2 }] },
    });
    expect(await home(bea)).toMatchObject({ name: "Bea", space: { lengthM: 2 } });
    const again = settled(change, failure.met as Merged<Record<string, unknown>>, "mine");
    await updatePerson(mine, bea, again.mine, again.before);
    expect(await home(bea)).toMatchObject({ name: "Bea Two", space: { lengthM: 4 } });
  });

  test("is a studio's settings or an own move likewise", async () => {
    await saveSettings(mine, { teaching: { units: "kg" } });
    const opened = await storedSettings(mine);
    await saveSettings(mine, { ...opened, thresholds: { wordsPerSecond: 2 } }, opened);
    await saveSettings(mine, { teaching: { units: "lb" } }, opened);
    expect(await storedSettings(mine)).toEqual({
      teaching: { units: "lb" },
      thresholds: { wordsPerSecond: 2 },
    });
    await expect(
      saveSettings(mine, { teaching: { units: "kg" } }, { teaching: { units: "st" } }),
    ).rejects.toMatchObject({
      code: "conflict",
    });
    const move = {
      ...startingMove(LIBRARY_BOOK.get("low-step-up") as Move),
      id: "pier-step",
      name: "Pier step",
    };
    const id = await createMove(mine, move);
    await updateMove(mine, id, { ...move, name: "Pier stair" }, move as never);
    await updateMove(mine, id, { ...move, demoSeconds: 25 }, move as never);
    const stored = (await listMoves(mine)).find((row) => row.id === id)?.doc;
    expect(stored).toMatchObject({ name: "Pier stair", demoSeconds: 25 });
  });
});

describe("undo", () => {
  test("never takes back what somebody else set later, and says so", async () => {
    const id = await createClass(mine, newClass("First", "form"));
    const who = (userId: string) => ({ studioId: mine, userId });
    const title = (from: string, to: string) =>
      ({ op: "set", target: { in: "class" }, key: "title", from, to }) as const;
    const send = (userId: string, edit: Parameters<typeof invert>[0]) =>
      applyEdits(who(userId), id, 1, [{ id: crypto.randomUUID(), edit }]);
    const hers = title("First", "Hers");
    await send("her", hers);
    await send("him", title("Hers", "His"));
    const undone = await send("her", cautious(invert(hers)));
    expect(undone.refused).toMatchObject([{ why: { code: "changed-since", key: "title" } }]);
    expect((await findClass(mine, id))?.doc.title).toBe("His");
    // Where nobody came in between it is taken back.
    const again = title("His", "Hers again");
    await send("her", again);
    expect((await send("her", cautious(invert(again)))).refused).toEqual([]);
    expect((await findClass(mine, id))?.doc.title).toBe("His");
  });
});

describe("a number that comes again", () => {
  test("with the same counts once, with something else is refused", async () => {
    const cleo = await someone("Cleo");
    const session = await newSession([cleo]);
    const person = await rosterId(cleo);
    await command(session, "start");
    const id = crypto.randomUUID();
    const press = (seconds: number) =>
      takeCommand(mine, session, { id, kind: "extend", payload: { seconds } }, 1, null);
    await press(10);
    await press(10);
    await expect(press(20)).rejects.toMatchObject({ code: "conflict" });
    await expect(
      takeCommand(mine, session, { id, kind: "skip", payload: {} }, 1, null),
    ).rejects.toMatchObject({
      code: "conflict",
    });
    const entry = crypto.randomUUID();
    const enter = (slot: string) =>
      takeEntry(session, { id: entry, kind: "done", payload: { person, slot } }, null);
    await enter("s4");
    await enter("s4");
    await expect(enter("s5")).rejects.toMatchObject({ code: "conflict" });
    const change = crypto.randomUUID();
    await substituteMove(mine, session, change, { slot: "s4", move: "plank" });
    await substituteMove(mine, session, change, { slot: "s4", move: "plank" });
    await expect(
      substituteMove(mine, session, change, { slot: "s4", move: "press-up" }),
    ).rejects.toMatchObject({
      code: "conflict",
    });
    expect((await eventsAfter(session, 0)).map(({ kind }) => kind)).toEqual([
      "start",
      "extend",
      "done",
      "substitute",
    ]);
    const classId = await createClass(mine, newClass("Once", "form"));
    const editId = crypto.randomUUID();
    const edit = (to: string) => [
      { id: editId, edit: { op: "set", target: { in: "class" }, key: "title", to } as const },
    ];
    const who = { studioId: mine, userId: "her" };
    expect((await applyEdits(who, classId, 1, edit("Twice"))).refused).toEqual([]);
    expect((await applyEdits(who, classId, 2, edit("Twice"))).refused).toEqual([]);
    expect((await applyEdits(who, classId, 2, edit("Other"))).refused).toMatchObject([
      { why: { code: "taken", what: "edit" } },
    ]);
    expect((await findClass(mine, classId))?.doc.title).toBe("Twice");
  });

  test("doesn't let anybody enter more than their number by claiming other times", async () => {
    const dov = await someone("Dov");
    const session = await newSession([dov]);
    const person = await rosterId(dov);
    await command(session, "start", { countInMs: 0 });
    const before = Date.now() - 3_600_000;
    const results = await Promise.allSettled(
      Array.from({ length: 70 }, (_, i) =>
        takeEntry(
          session,
          { id: crypto.randomUUID(), kind: "done", payload: { person, slot: "s4" } },
          before - i * 90_000,
        ),
      ),
    );
    expect(results.filter(({ status }) => status === "fulfilled")).toHaveLength(60);
  });
});

describe("at the same moment", () => {
  test("Teach pressed five times is one session", async () => {
    const classId = await createClass(mine, squats("Five presses"));
    const ids = await Promise.all(Array.from({ length: 5 }, () => teachNow(mine, classId)));
    expect(new Set(ids).size).toBe(1);
    const { rows } = await client.query("select count(*)::int as n from session where class_id = $1", [
      classId,
    ]);
    expect(rows[0].n).toBe(1);
  });

  test("of two starts one is taken, by two instructors and by one that saw nothing", async () => {
    const session = await newSession([]);
    const start = () =>
      takeCommand(
        mine,
        session,
        { id: crypto.randomUUID(), kind: "start", payload: { countInMs: 0 } },
        0,
        null,
      );
    const outcomes = await Promise.all([start(), start()]);
    expect(outcomes.map(({ taken }) => taken).sort()).toEqual([false, true]);
    expect((await command(session, "start", { countInMs: 0 })).taken).toBe(false);
    expect((await eventsAfter(session, 0)).map(({ kind }) => kind)).toEqual(["start"]);
  });
});
