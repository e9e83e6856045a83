/** Sessions on a real database: what they are taught from, who may know what, what is written, what is erased. */
import ICAL from "ical.js";
import { Client } from "pg";
import PostalMime from "postal-mime";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import type { CommandKind, RunPayload } from "../../src/core/live/events";
import { applyEdits, createClass, findClass } from "../../src/server/classes";
import {
  emptyOutbox,
  invite,
  listOutbox,
  outboxFile,
  sessionCalendar,
  sessionLink,
} from "../../src/server/invitations";
import { participantOf } from "../../src/server/links";
import { historyOf, ownLog, sessionLog, write } from "../../src/server/log";
import { ownRun } from "../../src/server/own-run";
import { createPerson, findPerson } from "../../src/server/people";
import { erasePerson, personData } from "../../src/server/person-data";
import { answerReadiness, forgetReadiness, ownReadiness, readinessSeen } from "../../src/server/readiness";
import { eventsAfter, swapMove, takeCommand, takeEntry } from "../../src/server/run-events";
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
import { leaveWhereabouts, ownWhereabouts, whereaboutsOf } from "../../src/server/whereabouts";

let client: Client;
let mine = "";
let theirs = "";
beforeAll(async () => {
  client = new Client({ connectionString: process.env.BRONTLE_DATABASE_URL });
  await client.connect();
  const make = async (name: string) =>
    (await client.query("insert into studio (name) values ($1) returning id", [name])).rows[0].id;
  mine = await make("Sessions");
  theirs = await make("Elsewhere");
});
afterAll(() => client.end());

const squats = (title = "Squats") => {
  const doc = newClass(title, "density");
  return {
    ...doc,
    blocks: doc.blocks.map((block) =>
      block.id === "b2"
        ? { ...block, slots: [{ id: "s4", move: "goblet-squat", dose: { seconds: 40 } }] }
        : block,
    ),
  };
};
const kettlebell = { kit: [{ id: "kb", type: "kettlebell", kg: 12 }] };

async function session(people: readonly string[], state: "planned" | "open" = "open") {
  const classId = await createClass(mine, squats());
  return planSession(mine, { classId, startsAt: new Date(), timeZone: "Atlantic/Reykjavik", people, state });
}
const someone = (name: string, more: object = {}) => createPerson(mine, { name, ...more });
const command = (run: string, kind: CommandKind, payload: RunPayload = {}, seen = 1e6) =>
  takeCommand(mine, run, { id: crypto.randomUUID(), kind, payload }, seen, null);
const rosterId = async (id: string) => (await findPerson(mine, id))?.doc.id ?? "";
async function slotOf(run: string, person: string, slot = "s4") {
  const { content } = await sessionContent(mine, run);
  const id = await rosterId(person);
  return content.parts.find((part) => part.person === id)?.slots.find((entry) => entry.slot === slot);
}

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
    expect((await sessionContent(mine, run)).content.version).toBe(event?.payload.version);
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
    await answerReadiness(mia, answers);
    expect(await ownReadiness(mia)).toMatchObject({ due: false, answers });
    const { rows } = await client.query("select * from readiness where person_id = $1", [mia]);
    expect(JSON.stringify(rows)).not.toContain("chest");
    const seen = async () => readinessSeen(mine, [mia, nat]);
    expect((await seen()).get(mia)).toEqual({ due: false, askFirst: false });
    expect((await seen()).get(nat)).toEqual({ due: true, askFirst: false });
    await answerReadiness(mia, { ...answers, shareAskFirst: true });
    expect((await seen()).get(mia)).toEqual({ due: false, askFirst: true });
    expect((await readinessSeen(theirs, [mia])).size).toBe(0);
    await client.query("update readiness set answered_at = now() - interval '85 days' where person_id = $1", [
      mia,
    ]);
    expect((await seen()).get(mia)?.due).toBe(true);
    await forgetReadiness(mia);
    expect(await ownReadiness(mia)).toEqual({ due: true, answeredAtMs: null, answers: null });
  });

  test("where somebody is reaches that class's instructor alone, and is gone when the class is over", async () => {
    const ole = await someone("Ole");
    const run = await session([ole]);
    const left = { place: "Third floor, the pilot's house", contact: "Sister, 555 0142" };
    await leaveWhereabouts(mine, run, ole, left);
    const { rows } = await client.query("select sealed from whereabouts where run_id = $1", [run]);
    expect(JSON.stringify(rows)).not.toContain("pilot");
    expect(await whereaboutsOf(mine, run, await rosterId(ole))).toEqual(left);
    expect(await ownWhereabouts(run, ole)).toEqual(left);
    await expect(whereaboutsOf(theirs, run, await rosterId(ole))).rejects.toMatchObject({
      code: "not-found",
    });
    await command(run, "start");
    await command(run, "end");
    expect(await whereaboutsOf(mine, run, await rosterId(ole))).toBeNull();
    expect((await client.query("select 1 from whereabouts where run_id = $1", [run])).rowCount).toBe(0);
    await expect(leaveWhereabouts(mine, run, ole, left)).rejects.toMatchObject({ code: "conflict" });
  });
});

describe("invitations", () => {
  test("are mail files that a foreign reader opens, with a link that works and a calendar entry", async () => {
    await emptyOutbox(mine);
    const pia = await someone("Pia Ørland", { email: "pia@harboursteps.example", timeZone: "Europe/Lisbon" });
    const run = await session([pia], "planned");
    await moveSession(mine, run, new Date("2027-07-05T19:00:00Z"), "Atlantic/Reykjavik");
    expect(await invite(mine, run, null)).toBe(1);
    const [line] = await listOutbox(mine);
    expect(line?.recipient).toBe("Pia Ørland, pia@harboursteps.example");
    const { rows } = await client.query("select sealed from outbox where id = $1", [line?.id]);
    expect(rows[0].sealed).not.toContain("/p/");
    const mail = await PostalMime.parse(await outboxFile(mine, line?.id ?? ""));
    expect(mail.to?.[0]).toMatchObject({ name: "Pia Ørland", address: "pia@harboursteps.example" });
    expect(mail.subject).toContain("Squats");
    // Written in the person's own zone: seven in Reykjavik is eight in Lisbon's summer.
    expect(mail.text).toContain("20:00");
    const token = /\/p\/([A-Za-z0-9_-]{43})/.exec(mail.text ?? "")?.[1] ?? "";
    expect((await participantOf(token))?.personId).toBe(pia);
    const file = mail.attachments.find(({ mimeType }) => mimeType.includes("calendar"));
    const text =
      typeof file?.content === "string"
        ? file.content
        : new TextDecoder().decode(file?.content as ArrayBuffer | undefined);
    const entry = new ICAL.Event(
      new ICAL.Component(ICAL.parse(text)).getFirstSubcomponent("vevent") as never,
    );
    expect(entry.uid).toBe(`${run}@brontle`);
    expect(entry.startDate.toJSDate().toISOString()).toBe("2027-07-05T19:00:00.000Z");
    expect(entry.sequence).toBe(1);
    await expect(outboxFile(theirs, line?.id ?? "")).rejects.toMatchObject({ code: "not-found" });
  });

  test("take no line that a name would add to them", async () => {
    await emptyOutbox(mine);
    const eve = await someone('Eve"\r\nBcc: all@quay.example\r\n\r\nBody', { email: "eve@quay.example" });
    await invite(mine, await session([eve], "planned"), null);
    const [line] = await listOutbox(mine);
    const mail = await PostalMime.parse(await outboxFile(mine, line?.id ?? ""));
    expect(mail.bcc ?? []).toEqual([]);
    expect(mail.to?.map((entry) => entry.address)).toEqual(["eve@quay.example"]);
    expect(mail.text).toContain("Your own page");
    await expect(someone("Mal", { email: "a@b.example\r\nBcc: x@y.example" })).rejects.toMatchObject({
      code: "invalid",
    });
  });

  test("of a cancelled session take the same entry out of the calendar, with no link in them", async () => {
    await emptyOutbox(mine);
    const run = await session([await someone("Quin")], "planned");
    await setSessionState(mine, run, "cancelled");
    await invite(mine, run, null);
    const [line] = await listOutbox(mine);
    const mail = await PostalMime.parse(await outboxFile(mine, line?.id ?? ""));
    expect(mail.text).toContain("cancelled");
    expect(mail.text).not.toContain("/p/");
    const row = await findSession(mine, run);
    if (!row) throw new Error("no session");
    const calendar = await sessionCalendar(row, "Sessions", null);
    expect(calendar).toContain("METHOD:CANCEL");
    expect(calendar).toContain("STATUS:CANCELLED");
    expect(calendar).toContain("SEQUENCE:1");
  });

  test("links in them end a week after the class", async () => {
    const rae = await someone("Rae");
    const run = await session([rae]);
    const token = await sessionLink(mine, run, rae);
    expect(await participantOf(token)).not.toBeNull();
    await client.query(
      "update person_link set expires_at = now() - interval '1 second' where person_id = $1",
      [rae],
    );
    expect(await participantOf(token)).toBeNull();
  });
});

describe("the log", () => {
  test("keeps what the clock says, what people say, and every correction; it can't be written before", async () => {
    const sol = await someone("Sol", kettlebell);
    const run = await session([sol]);
    const person = await rosterId(sol);
    await expect(write(mine, run, sol, "self", [{ field: "effort", value: 6 }])).rejects.toMatchObject({
      code: "conflict",
    });
    await takeEntry(run, { id: crypto.randomUUID(), kind: "join", payload: { person } }, null);
    await command(run, "start");
    await command(run, "end");
    await write(mine, run, sol, "self", [{ field: "effort", value: 6 }]);
    await write(mine, run, sol, "self", [{ field: "effort", value: 6 }]);
    await write(mine, run, sol, "Coach", [
      { field: "effort", value: 7 },
      { field: "slot:s4", value: { sets: 2, reps: 9, kg: 12 } },
    ]);
    const log = await sessionLog(mine, run);
    const own = log.people.find((entry) => entry.person === person);
    expect(own?.present).toBe(true);
    expect(own?.kept.get("effort")).toMatchObject({
      value: 7,
      by: "Coach",
      earlier: [{ value: 6, by: "self" }],
    });
    const row = await findSession(mine, run);
    if (!row) throw new Error("no session");
    expect((await ownLog(row, person))?.kept.get("slot:s4")?.value).toEqual({ sets: 2, reps: 9, kg: 12 });
    const [line] = await historyOf(mine, sol, person);
    expect(line).toMatchObject({ title: "Squats", effort: 7, present: true });
    expect(line?.done.map(({ text }) => text)).toContain("2 × 9, 12 kg");
    await expect(sessionLog(theirs, run)).rejects.toMatchObject({ code: "not-found" });
    await expect(
      write(mine, run, await someone("Stray"), "Coach", [{ field: "effort", value: 1 }]),
    ).rejects.toMatchObject({ code: "not-found" });
  });
});

describe("a person", () => {
  test("gets everything that is kept of them, their answers only for themselves; erased, nothing of them is left", async () => {
    const name = "Erasable Unmistakable";
    const tor = await createPerson(mine, { id: "roster-erasable", name, ...kettlebell });
    const una = await someone("Una Stays");
    const classId = await createClass(mine, {
      ...squats("Erased"),
      overruled: [{ slot: "s4", person: "roster-erasable", move: "split-squat" }],
    });
    await applyEdits({ studioId: mine, userId: "u" }, classId, 1, [
      {
        id: crypto.randomUUID(),
        edit: {
          op: "set",
          target: { in: "class" },
          key: "overruled",
          to: [{ slot: "s4", person: "roster-erasable", move: "bodyweight-squat" }],
        },
      },
    ]);
    const run = await planSession(mine, {
      classId,
      startsAt: new Date(),
      timeZone: "UTC",
      people: [tor, una],
      state: "open",
    });
    await answerReadiness(tor, { askFirst: ["faint"], adapt: [], shareAskFirst: true });
    await leaveWhereabouts(mine, run, tor, { place: "Unmistakable house", contact: "" });
    await invite(mine, run, [tor]);
    await setTonight(mine, run, tor, { limits: ["no-twisting"] });
    await takeEntry(
      run,
      { id: crypto.randomUUID(), kind: "hurt", payload: { person: "roster-erasable", slot: "s4" } },
      null,
    );
    await command(run, "start");
    await command(run, "end");
    await write(mine, run, tor, "self", [{ field: "note", value: "Unmistakable note" }]);
    const own = JSON.stringify(await personData(mine, tor, true));
    const coach = JSON.stringify(await personData(mine, tor, false));
    for (const text of ["no-twisting", "Unmistakable note", '"hurt"', "kettlebell"]) {
      expect(own).toContain(text);
      expect(coach).toContain(text);
    }
    expect(own).toContain("faint");
    expect(coach).not.toContain("faint");
    await expect(personData(theirs, tor, true)).rejects.toMatchObject({ code: "not-found" });
    await expect(erasePerson(theirs, tor)).rejects.toMatchObject({ code: "not-found" });
    const count = (await eventsAfter(run, 0)).length;
    await erasePerson(mine, tor);
    // Nothing in any table speaks of them.
    const tables = await client.query(
      "select table_name from information_schema.tables where table_schema = 'public'",
    );
    for (const { table_name: table } of tables.rows) {
      const { rows } = await client.query(
        `select count(*)::int as n from "${table}" as t where t::text like '%roster-erasable%' or t::text like '%Unmistakable%' or t::text like '%' || $1 || '%'`,
        [tor],
      );
      expect(rows[0].n, table).toBe(0);
    }
    // What is left of the class still adds up.
    const events = await eventsAfter(run, 0);
    expect(events.map(({ seq }) => seq)).toEqual(Array.from({ length: count }, (_, i) => i + 1));
    expect((await sessionLog(mine, run)).people.map((entry) => entry.name)).toEqual(["Una Stays"]);
    expect((await findClass(mine, classId))?.doc.overruled).toEqual([]);
  });
});
