import { describe, expect, test } from "vitest";
import { contentVersion } from "../../src/core/live/events";
import { applyEdits, createClass } from "../../src/server/classes";
import { sessionLink } from "../../src/server/invitations";
import { participantOf } from "../../src/server/links";
import { ownSession } from "../../src/server/own-session";
import { createPerson } from "../../src/server/people";
import {
  answerReadiness,
  forgetReadiness,
  openReadiness,
  ownReadiness,
  readinessSeen,
} from "../../src/server/readiness";
import type { Refused } from "../../src/server/refused";
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
import { takeEntry } from "../../src/server/session-entries";
import { eventsAfter, substituteMove } from "../../src/server/session-events";
import { askedTo, findSession, sessionContent, sessionShownTo } from "../../src/server/sessions";
import { stageContent } from "../../src/server/stage";
import { readTrail } from "../../src/server/trail";
import { leaveWhereabouts, ownWhereabouts, whereaboutsOf } from "../../src/server/whereabouts";

import {
  client,
  command,
  kettlebell,
  mine,
  newSession,
  rosterId,
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
    const session = await newSession([bo]);
    expect((await slotOf(session, bo))?.move).toBe("goblet-squat");
    await setTonight(mine, session, bo, { without: ["kb"] });
    expect((await slotOf(session, bo))?.move).not.toBe("goblet-squat");
    await setTonight(mine, session, bo, null);
    await command(session, "start");
    const frozen = await sessionContent(mine, session);
    expect(frozen.row.state).toBe("running");
    expect(frozen.content.frozen).toBe(true);
    await applyEdits({ studioId: mine, userId: "u" }, frozen.row.classId ?? "", 1, [
      { id: crypto.randomUUID(), edit: { op: "set", target: { in: "class" }, key: "title", to: "Changed" } },
    ]);
    expect((await sessionContent(mine, session)).content.doc.title).toBe("Squats");
    // New limits while it runs: this person's part alone is worked out anew, and an event says so.
    const before = await eventsAfter(session, 0);
    await setTonight(mine, session, bo, { limits: ["shallow-knees", "no-gripping"] });
    const [event] = await eventsAfter(session, before.length);
    expect(event).toMatchObject({ kind: "part", payload: { person: await rosterId(bo) } });
    expect((await sessionContent(mine, session)).content.version).toBe(contentVersion(event ? [event] : []));
    expect((await slotOf(session, bo))?.move).not.toBe("goblet-squat");
  });

  test("lets somebody in at the door, before and after the start, and nobody off the list after it", async () => {
    const [ann, ben, cas] = await Promise.all([someone("Ann"), someone("Ben"), someone("Cas")]);
    const session = await newSession([ann]);
    await addToSession(mine, session, ben);
    await addToSession(mine, session, ben);
    expect((await askedTo(mine, session)).map(({ name }) => name)).toEqual(["Ann", "Ben"]);
    await removeFromSession(mine, session, ben);
    await command(session, "start");
    await addToSession(mine, session, cas);
    const { content } = await sessionContent(mine, session);
    expect(content.parts.map((part) => part.name)).toEqual(["Ann", "Cas"]);
    expect(content.partsByMark.sharp.map((part) => part.name)).toEqual(["Ann", "Cas"]);
    await expect(removeFromSession(mine, session, ann)).rejects.toMatchObject({ code: "conflict" });
    const outsider = await createPerson(theirs, { name: "Outsider" });
    await expect(addToSession(mine, session, outsider)).rejects.toMatchObject({ code: "not-found" });
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
    const session = await planSession(mine, {
      classId,
      startsAt: new Date(),
      timeZone: "UTC",
      people: [eli, una],
      state: "open",
    });
    await command(session, "start");
    const who = await participantOf(await sessionLink(mine, session, eli));
    if (!who) throw new Error("no participant");
    const own = await ownSession(who, session);
    const given = own.moves.map((move) => move.id);
    expect(given).toContain("goblet-squat");
    expect(given).not.toContain("burpee");
    expect(given).not.toContain("press-up");
    // What only the other one does isn't told either.
    const hers = (await slotOf(session, una))?.move;
    expect(hers).not.toBe("goblet-squat");
    expect(given).not.toContain(hers);
  });

  test("takes another move in a slot, for the room or one person, at the same time of the score", async () => {
    const [ida, jon] = await Promise.all([someone("Ida", kettlebell), someone("Jon", kettlebell)]);
    const session = await newSession([ida, jon]);
    await command(session, "start");
    const id = crypto.randomUUID();
    await substituteMove(mine, session, id, {
      slot: "s4",
      move: "bodyweight-squat",
      person: await rosterId(ida),
    });
    await substituteMove(mine, session, id, {
      slot: "s4",
      move: "bodyweight-squat",
      person: await rosterId(ida),
    });
    expect((await slotOf(session, ida))?.move).toBe("bodyweight-squat");
    expect((await slotOf(session, jon))?.move).toBe("goblet-squat");
    expect((await eventsAfter(session, 0)).filter(({ kind }) => kind === "substitute")).toHaveLength(1);
    const times = (await sessionContent(mine, session)).content.doc;
    await substituteMove(mine, session, crypto.randomUUID(), { slot: "s4", move: "split-squat" });
    expect((await slotOf(session, jon))?.move).toBe("split-squat");
    const { content } = await sessionContent(mine, session);
    expect(content.doc).toEqual(times);
    const stage = await stageContent(mine, session);
    expect(stage.ways.s4?.natural.name).toContain("plit squat");
    expect(JSON.stringify(stage)).not.toContain("Ida");
    expect(JSON.stringify(stage)).not.toContain(await rosterId(ida));
  });

  test("moves and is cancelled only before it starts, and its steps are the known ones", async () => {
    const session = await newSession([], "planned");
    await expect(moveSession(mine, session, new Date(), "Atlantic/Nowhere")).rejects.toMatchObject({
      code: "invalid",
    });
    await moveSession(mine, session, new Date("2027-01-05T19:00:00Z"), "Europe/Lisbon");
    expect(await findSession(mine, session)).toMatchObject({ sequence: 1, timeZone: "Europe/Lisbon" });
    await setSessionState(mine, session, "open");
    await command(session, "start");
    await expect(setSessionState(mine, session, "cancelled")).rejects.toMatchObject({ code: "conflict" });
    await expect(moveSession(mine, session, new Date(), "UTC")).rejects.toMatchObject({ code: "conflict" });
    const off = await newSession([], "planned");
    await setSessionState(mine, off, "cancelled");
    await expect(command(off, "start")).rejects.toMatchObject({ code: "conflict" });
    await expect(setSessionState(mine, off, "open")).rejects.toMatchObject({ code: "conflict" });
    await expect(moveSession(theirs, session, new Date(), "UTC")).rejects.toMatchObject({
      code: "not-found",
    });
  });

  test("is the one that is meant when its class is taught around its time", async () => {
    const classId = await createClass(mine, squats("Meant"));
    const soon = new Date(Date.now() + 3_600_000);
    const plan = { classId, startsAt: soon, timeZone: "UTC", people: [], state: "planned" as const };
    const session = await planSession(mine, plan);
    expect(await teachNow(mine, classId)).toBe(session);
    expect((await findSession(mine, session))?.state).toBe("open");
    expect(await teachNow(mine, classId)).toBe(session);
    await command(session, "start");
    expect(await teachNow(mine, classId)).not.toBe(session);
  });

  test("drops one round where several devices ask for it at once", async () => {
    const session = await newSession([]);
    await command(session, "start");
    const replies = await Promise.all(Array.from({ length: 5 }, () => command(session, "drop-round", {}, 1)));
    expect(replies.filter(({ taken }) => taken)).toHaveLength(1);
    expect((await eventsAfter(session, 0)).filter(({ kind }) => kind === "drop-round")).toHaveLength(1);
  });

  test("takes no entry before the room is open, and shows each person only their own", async () => {
    const [kim, lea] = await Promise.all([someone("Kim"), someone("Xanthe Unseen")]);
    const session = await newSession([kim, lea], "planned");
    const entry = async (id: string, kind: "join" | "hurt") => ({
      id: crypto.randomUUID(),
      kind,
      payload: { person: await rosterId(id) },
    });
    await expect(takeEntry(session, await entry(kim, "join"), null)).rejects.toMatchObject({
      code: "conflict",
    });
    await setSessionState(mine, session, "open");
    await takeEntry(session, await entry(kim, "join"), null);
    await takeEntry(session, await entry(lea, "hurt"), null);
    await command(session, "note", { text: "Xanthe limps" });
    const who = await participantOf(await sessionLink(mine, session, kim));
    if (!who) throw new Error("the link opens nothing");
    const seen = JSON.stringify(await ownSession(who, session));
    expect(seen).not.toContain("Xanthe");
    expect(seen).not.toContain(await rosterId(lea));
    expect(seen).toContain('"join"');
    expect((await sessionShownTo(mine, kim))?.id).toBe(session);
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
    expect((await seen()).get(mia)).toEqual({ due: false, askFirst: false, minor: false });
    expect((await seen()).get(nat)).toEqual({ due: true, askFirst: false, minor: false });
    await answerReadiness(whose, { ...answers, shareAskFirst: true }, "storm-4");
    expect((await seen()).get(mia)).toEqual({ due: false, askFirst: true, minor: false });
    expect((await readinessSeen(theirs, [mia])).size).toBe(0);
    // Under 18 it is seen that a guardian agrees, never who.
    await answerReadiness(whose, { ...answers, guardian: "Runa Hollis" }, "storm-4");
    expect((await seen()).get(mia)).toEqual({ due: false, askFirst: false, minor: true });
    const kept = await client.query("select * from readiness where person_id = $1", [mia]);
    expect(JSON.stringify(kept.rows)).not.toContain("Runa");
    // What was asked in other words before is asked again.
    const old = { askFirst: ["condition"], adapt: ["medication"], shareAskFirst: true } as never;
    await answerReadiness(whose, old, "storm-4");
    expect((await ownReadiness(mia)).due).toBe(true);
    expect(await openReadiness(whose, "storm-4")).toEqual({ askFirst: [], adapt: [], shareAskFirst: true });
    await answerReadiness(whose, answers, "storm-4");
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
    const session = await newSession([ole]);
    const left = { place: "Third floor, the pilot's house", contact: "Sister, 555 0142" };
    await leaveWhereabouts(mine, session, ole, left);
    const { rows } = await client.query("select sealed from whereabouts where session_id = $1", [session]);
    expect(JSON.stringify(rows)).not.toContain("pilot");
    const id = await rosterId(ole);
    const read = (studio = mine) => whereaboutsOf(studio, session, id, "Maren");
    const hurt = () =>
      takeEntry(session, { id: crypto.randomUUID(), kind: "hurt", payload: { person: id } }, null);
    expect(await ownWhereabouts(session, ole)).toEqual({ ...left, anyTime: false });
    await expect(read(theirs)).rejects.toMatchObject({ code: "not-found" });
    // Not before the class runs, not while all is well, and not once they were answered.
    await expect(read()).rejects.toMatchObject({ code: "conflict" });
    await command(session, "start");
    await expect(read()).rejects.toMatchObject({ code: "conflict" });
    await hurt();
    expect(await read()).toEqual(left);
    await command(session, "hurt-seen", { person: id });
    await expect(read()).rejects.toMatchObject({ code: "conflict" });
    await leaveWhereabouts(mine, session, ole, { ...left, anyTime: true });
    expect(await read()).toEqual(left);
    const lines = (await readTrail(mine)).filter(({ kind }) => kind === "whereabouts-read");
    expect(lines).toMatchObject(Array.from({ length: 2 }, () => ({ actor: "Maren", person: "Ole" })));
    await command(session, "end");
    await expect(read()).rejects.toMatchObject({ code: "conflict" });
    expect((await client.query("select 1 from whereabouts where session_id = $1", [session])).rowCount).toBe(
      0,
    );
    await expect(leaveWhereabouts(mine, session, ole, left)).rejects.toMatchObject({ code: "conflict" });
  });

  test("where somebody is goes with them when they are taken off the list", async () => {
    const ode = await someone("Ode");
    const session = await newSession([ode]);
    await leaveWhereabouts(mine, session, ode, { place: "Attic", contact: "" });
    await removeFromSession(mine, session, ode);
    expect((await client.query("select 1 from whereabouts where session_id = $1", [session])).rowCount).toBe(
      0,
    );
  });
});
