import { describe, expect, test } from "vitest";
import { contentVersion } from "../../src/core/live/events";
import { applyEdits, createClass } from "../../src/server/classes";
import { sessionLink } from "../../src/server/invitations";
import { participantOf } from "../../src/server/links";
import { ownRun } from "../../src/server/own-run";
import { createPerson } from "../../src/server/people";
import {
  answerReadiness,
  forgetReadiness,
  openReadiness,
  ownReadiness,
  readinessSeen,
} from "../../src/server/readiness";
import type { Refused } from "../../src/server/refused";
import { eventsAfter, swapMove, takeEntry } from "../../src/server/run-events";
import { seal, unseal } from "../../src/server/seal";
import {
  addToSession,
  moveSession,
  planSession,
  removeFromSession,
  setSessionState,
  setTonight,
  teachNow,
} from "../../src/server/session-changes";
import { askedTo, findSession, sessionContent, sessionShownTo } from "../../src/server/sessions";
import { stageContent } from "../../src/server/stage";
import { readTrail } from "../../src/server/trail";
import { leaveWhereabouts, ownWhereabouts, whereaboutsOf } from "../../src/server/whereabouts";

import {
  client,
  command,
  kettlebell,
  mine,
  rosterId,
  session,
  slotOf,
  someone,
  squats,
  theirs,
  withStudios,
} from "../shared/sessions";

withStudios();

describe("a session", () => {
  test("is taught from the class and the people as they are until it starts, then from what was frozen", async () => {
    const bo = await someone("Bo", kettlebell);
    const run = await session([bo]);
    expect((await slotOf(run, bo))?.move).toBe("goblet-squat");
    await setTonight(mine, run, bo, { without: ["kb"] });
    expect((await slotOf(run, bo))?.move).not.toBe("goblet-squat");
    await setTonight(mine, run, bo, null);
    await command(run, "start");
    const frozen = await sessionContent(mine, run);
    expect(frozen.row.state).toBe("running");
    expect(frozen.content.frozen).toBe(true);
    await applyEdits({ studioId: mine, userId: "u" }, frozen.row.classId ?? "", 1, [
      { id: crypto.randomUUID(), edit: { op: "set", target: { in: "class" }, key: "title", to: "Changed" } },
    ]);
    expect((await sessionContent(mine, run)).content.doc.title).toBe("Squats");
    // New limits while it runs: this person's part alone is worked out anew, and an event says so.
    const before = await eventsAfter(run, 0);
    await setTonight(mine, run, bo, { limits: ["shallow-knees", "no-gripping"] });
    const [event] = await eventsAfter(run, before.length);
    expect(event).toMatchObject({ kind: "part", payload: { person: await rosterId(bo) } });
    expect((await sessionContent(mine, run)).content.version).toBe(contentVersion(event ? [event] : []));
    expect((await slotOf(run, bo))?.move).not.toBe("goblet-squat");
  });

  test("lets somebody in at the door, before and after the start, and nobody off the list after it", async () => {
    const [ann, ben, cas] = await Promise.all([someone("Ann"), someone("Ben"), someone("Cas")]);
    const run = await session([ann]);
    await addToSession(mine, run, ben);
    await addToSession(mine, run, ben);
    expect((await askedTo(mine, run)).map(({ name }) => name)).toEqual(["Ann", "Ben"]);
    await removeFromSession(mine, run, ben);
    await command(run, "start");
    await addToSession(mine, run, cas);
    const { content } = await sessionContent(mine, run);
    expect(content.parts.map((part) => part.name)).toEqual(["Ann", "Cas"]);
    expect(content.partsByMark.sharp.map((part) => part.name)).toEqual(["Ann", "Cas"]);
    await expect(removeFromSession(mine, run, ann)).rejects.toMatchObject({ code: "conflict" });
    const outsider = await createPerson(theirs, { name: "Outsider" });
    await expect(addToSession(mine, run, outsider)).rejects.toMatchObject({ code: "not-found" });
  });

  test("gives a participant the moves of the class and of their own part, whatever its words name", async () => {
    const [eli, una] = await Promise.all([someone("Eli", kettlebell), someone("Una")]);
    const words = 'like "burpee" or a "press-up"';
    const doc = squats();
    const blocks = doc.blocks.map((block) => ({
      ...block,
      slots: block.slots?.map((slot) => ({ ...slot, cue: words })),
    }));
    const classId = await createClass(mine, { ...doc, title: words, blocks });
    const run = await planSession(mine, {
      classId,
      startsAt: new Date(),
      timeZone: "UTC",
      people: [eli, una],
      state: "open",
    });
    await command(run, "start");
    const who = await participantOf(await sessionLink(mine, run, eli));
    if (!who) throw new Error("no participant");
    const own = await ownRun(who, run);
    const given = own.moves.map((move) => move.id);
    expect(given).toContain("goblet-squat");
    expect(given).not.toContain("burpee");
    expect(given).not.toContain("press-up");
    // What only the other one does isn't told either.
    const hers = (await slotOf(run, una))?.move;
    expect(hers).not.toBe("goblet-squat");
    expect(given).not.toContain(hers);
  });

  test("takes another move in a slot, for the room or one person, at the same time of the score", async () => {
    const [ida, jon] = await Promise.all([someone("Ida", kettlebell), someone("Jon", kettlebell)]);
    const run = await session([ida, jon]);
    await command(run, "start");
    const id = crypto.randomUUID();
    await swapMove(mine, run, id, { slot: "s4", move: "bodyweight-squat", person: await rosterId(ida) });
    await swapMove(mine, run, id, { slot: "s4", move: "bodyweight-squat", person: await rosterId(ida) });
    expect((await slotOf(run, ida))?.move).toBe("bodyweight-squat");
    expect((await slotOf(run, jon))?.move).toBe("goblet-squat");
    expect((await eventsAfter(run, 0)).filter(({ kind }) => kind === "swap")).toHaveLength(1);
    const times = (await sessionContent(mine, run)).content.doc;
    await swapMove(mine, run, crypto.randomUUID(), { slot: "s4", move: "split-squat" });
    expect((await slotOf(run, jon))?.move).toBe("split-squat");
    const { content } = await sessionContent(mine, run);
    expect(content.doc).toEqual(times);
    const stage = await stageContent(mine, run);
    expect(stage.ways.s4?.natural).toContain("plit squat");
    expect(JSON.stringify(stage)).not.toContain("Ida");
    expect(JSON.stringify(stage)).not.toContain(await rosterId(ida));
  });

  test("moves and is cancelled only before it starts, and its steps are the known ones", async () => {
    const run = await session([], "planned");
    await expect(moveSession(mine, run, new Date(), "Atlantic/Nowhere")).rejects.toMatchObject({
      code: "invalid",
    });
    await moveSession(mine, run, new Date("2027-01-05T19:00:00Z"), "Europe/Lisbon");
    expect(await findSession(mine, run)).toMatchObject({ sequence: 1, timeZone: "Europe/Lisbon" });
    await setSessionState(mine, run, "open");
    await command(run, "start");
    await expect(setSessionState(mine, run, "cancelled")).rejects.toMatchObject({ code: "conflict" });
    await expect(moveSession(mine, run, new Date(), "UTC")).rejects.toMatchObject({ code: "conflict" });
    const off = await session([], "planned");
    await setSessionState(mine, off, "cancelled");
    await expect(command(off, "start")).rejects.toMatchObject({ code: "conflict" });
    await expect(setSessionState(mine, off, "open")).rejects.toMatchObject({ code: "conflict" });
    await expect(moveSession(theirs, run, new Date(), "UTC")).rejects.toMatchObject({ code: "not-found" });
  });

  test("is the one that is meant when its class is taught around its time", async () => {
    const classId = await createClass(mine, squats("Meant"));
    const soon = new Date(Date.now() + 3_600_000);
    const plan = { classId, startsAt: soon, timeZone: "UTC", people: [], state: "planned" as const };
    const run = await planSession(mine, plan);
    expect(await teachNow(mine, classId)).toBe(run);
    expect((await findSession(mine, run))?.state).toBe("open");
    expect(await teachNow(mine, classId)).toBe(run);
    await command(run, "start");
    expect(await teachNow(mine, classId)).not.toBe(run);
  });

  test("drops one round where several devices ask for it at once", async () => {
    const run = await session([]);
    await command(run, "start");
    const replies = await Promise.all(Array.from({ length: 5 }, () => command(run, "drop-round", {}, 1)));
    expect(replies.filter(({ taken }) => taken)).toHaveLength(1);
    expect((await eventsAfter(run, 0)).filter(({ kind }) => kind === "drop-round")).toHaveLength(1);
  });

  test("takes no entry before the room is open, and shows each person only their own", async () => {
    const [kim, lea] = await Promise.all([someone("Kim"), someone("Xanthe Unseen")]);
    const run = await session([kim, lea], "planned");
    const entry = async (id: string, kind: "join" | "hurt") => ({
      id: crypto.randomUUID(),
      kind,
      payload: { person: await rosterId(id) },
    });
    await expect(takeEntry(run, await entry(kim, "join"), null)).rejects.toMatchObject({ code: "conflict" });
    await setSessionState(mine, run, "open");
    await takeEntry(run, await entry(kim, "join"), null);
    await takeEntry(run, await entry(lea, "hurt"), null);
    await command(run, "note", { text: "Xanthe limps" });
    const who = await participantOf(await sessionLink(mine, run, kim));
    if (!who) throw new Error("the link opens nothing");
    const seen = JSON.stringify(await ownRun(who, run));
    expect(seen).not.toContain("Xanthe");
    expect(seen).not.toContain(await rosterId(lea));
    expect(seen).toContain('"join"');
    expect((await sessionShownTo(mine, kim))?.id).toBe(run);
  });
});

describe("what is private", () => {
  test("is sealed: bound to what it is about, and closed to another secret", () => {
    const sealed = seal({ a: "chest" }, "one");
    expect(sealed).not.toContain("chest");
    expect(unseal(sealed, "one")).toEqual({ a: "chest" });
    expect(unseal(sealed, "two")).toBeNull();
    expect(unseal(`${sealed.slice(0, -4)}AAAA`, "one")).toBeNull();
    const secret = process.env.BRONTLE_SEAL_SECRET;
    process.env.BRONTLE_SEAL_SECRET = "another-secret-another-secret-another";
    expect(unseal(sealed, "one")).toBeNull();
    process.env.BRONTLE_SEAL_SECRET = secret;
  });

  test("readiness answers are read by their person alone; the instructor learns only what they agreed to", async () => {
    const [mia, nat] = await Promise.all([someone("Mia"), someone("Nat")]);
    const answers = { askFirst: ["chest" as const], adapt: ["joint" as const], shareAskFirst: false };
    const whose = { personId: mia, studioId: mine };
    await answerReadiness(whose, answers, "storm-4");
    // What the page gets says that they answered, and when: not what.
    expect(await ownReadiness(mia)).toEqual({ due: false, answeredAtMs: expect.any(Number) });
    expect(await openReadiness(whose, "storm-4")).toEqual(answers);
    const { rows } = await client.query("select * from readiness where person_id = $1", [mia]);
    expect(JSON.stringify(rows)).not.toContain("chest");
    const seen = async () => readinessSeen(mine, [mia, nat]);
    expect((await seen()).get(mia)).toEqual({ due: false, askFirst: false });
    expect((await seen()).get(nat)).toEqual({ due: true, askFirst: false });
    await answerReadiness(whose, { ...answers, shareAskFirst: true }, "storm-4");
    expect((await seen()).get(mia)).toEqual({ due: false, askFirst: true });
    expect((await readinessSeen(theirs, [mia])).size).toBe(0);
    await client.query("update readiness set answered_at = now() - interval '85 days' where person_id = $1", [
      mia,
    ]);
    expect((await seen()).get(mia)?.due).toBe(true);
    await forgetReadiness(whose);
    expect(await ownReadiness(mia)).toEqual({ due: true, answeredAtMs: null });
  });

  test("without the code answers are neither shown nor changed, only deleted, and the code isn't guessed", async () => {
    const pat = await someone("Pat");
    const whose = { personId: pat, studioId: mine };
    const answers = { askFirst: [], adapt: ["balance" as const], shareAskFirst: false };
    await answerReadiness(whose, answers, "2468");
    const { rows } = await client.query("select sealed, code_hash from readiness where person_id = $1", [
      pat,
    ]);
    expect(JSON.stringify(rows)).not.toMatch(/2468|balance/);
    await expect(openReadiness(whose, "1357")).rejects.toMatchObject({ code: "not-yours" });
    await expect(answerReadiness(whose, { ...answers, adapt: [] }, "1357")).rejects.toMatchObject({
      code: "not-yours",
    });
    expect(await openReadiness(whose, "2468")).toEqual(answers);
    const tries = await Promise.all(
      Array.from({ length: 12 }, (_, i) =>
        openReadiness(whose, `${1000 + i}`).catch((error: Refused) => error.code),
      ),
    );
    expect(tries).toContain("too-often");
    // Then not even the right one for a while; deleting goes on, and a new code may be set.
    await expect(openReadiness(whose, "2468")).rejects.toMatchObject({ code: "too-often" });
    await forgetReadiness(whose);
    await answerReadiness(whose, answers, "9753");
    // Answers from before there were codes can only be deleted too.
    await client.query("update readiness set code_hash = null where person_id = $1", [pat]);
    await expect(openReadiness(whose, "9753")).rejects.toMatchObject({ code: "not-yours" });
    await expect(answerReadiness(whose, answers, "9753")).rejects.toMatchObject({ code: "not-yours" });
  });

  test("where somebody is reaches that class's instructor alone, and is gone when the class is over", async () => {
    const ole = await someone("Ole");
    const run = await session([ole]);
    const left = { place: "Third floor, the pilot's house", contact: "Sister, 555 0142" };
    await leaveWhereabouts(mine, run, ole, left);
    const { rows } = await client.query("select sealed from whereabouts where run_id = $1", [run]);
    expect(JSON.stringify(rows)).not.toContain("pilot");
    const id = await rosterId(ole);
    const read = (studio = mine) => whereaboutsOf(studio, run, id, "Maren");
    const hurt = () =>
      takeEntry(run, { id: crypto.randomUUID(), kind: "hurt", payload: { person: id } }, null);
    expect(await ownWhereabouts(run, ole)).toEqual({ ...left, anyTime: false });
    await expect(read(theirs)).rejects.toMatchObject({ code: "not-found" });
    // Not before the class runs, not while all is well, and not once they were answered.
    await expect(read()).rejects.toMatchObject({ code: "conflict" });
    await command(run, "start");
    await expect(read()).rejects.toMatchObject({ code: "conflict" });
    await hurt();
    expect(await read()).toEqual(left);
    await command(run, "hurt-seen", { person: id });
    await expect(read()).rejects.toMatchObject({ code: "conflict" });
    await leaveWhereabouts(mine, run, ole, { ...left, anyTime: true });
    expect(await read()).toEqual(left);
    const lines = (await readTrail(mine)).filter(({ kind }) => kind === "whereabouts-read");
    expect(lines).toMatchObject(Array.from({ length: 2 }, () => ({ actor: "Maren", person: "Ole" })));
    await command(run, "end");
    await expect(read()).rejects.toMatchObject({ code: "conflict" });
    expect((await client.query("select 1 from whereabouts where run_id = $1", [run])).rowCount).toBe(0);
    await expect(leaveWhereabouts(mine, run, ole, left)).rejects.toMatchObject({ code: "conflict" });
  });

  test("where somebody is goes with them when they are taken off the list", async () => {
    const ode = await someone("Ode");
    const run = await session([ode]);
    await leaveWhereabouts(mine, run, ode, { place: "Attic", contact: "" });
    await removeFromSession(mine, run, ode);
    expect((await client.query("select 1 from whereabouts where run_id = $1", [run])).rowCount).toBe(0);
  });
});
