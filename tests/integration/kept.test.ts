/** What is written of sessions on a real database: invitations, the log, everything of one person, and its end. */

import ICAL from "ical.js";
import PostalMime from "postal-mime";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../../src/core/class/document";
import type { Edit } from "../../src/core/class/edits";
import { dropEntry, keyOf, putEntry } from "../../src/core/class/keyed";
import type { Written } from "../../src/core/log/entries";
import { applyEdits, createClass, findClass } from "../../src/server/classes";
import { invite, sessionCalendar, sessionLink } from "../../src/server/invitations";
import { participantOf } from "../../src/server/links";
import { historyOf, ownLog, sessionLog, write } from "../../src/server/log";
import { emptyOutbox, listOutbox, outboxFile } from "../../src/server/outbox";
import { createPerson, findPerson } from "../../src/server/people";
import { type DataAsker, erasePerson, personData } from "../../src/server/person-data";
import { answerReadiness, openReadiness } from "../../src/server/readiness";
import {
  moveSession,
  planSession,
  removeFromSession,
  setSessionState,
  setTonight,
} from "../../src/server/session-changes";
import { takeEntry } from "../../src/server/session-entries";
import { eventsAfter } from "../../src/server/session-events";
import { findSession } from "../../src/server/sessions";
import { leaveWhereabouts } from "../../src/server/whereabouts";
import { wordsIn } from "../../src/words/languages";
import { doneText } from "../../src/words/log-words";
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

describe("invitations", () => {
  test("are mail files that a foreign reader opens, with a link that works and a calendar entry", async () => {
    await emptyOutbox(mine);
    const pia = await someone("Pia Ørland", { email: "pia@harboursteps.example", timeZone: "Europe/Lisbon" });
    const session = await newSession([pia], "planned");
    await moveSession(mine, session, new Date("2027-07-05T19:00:00Z"), "Atlantic/Reykjavik");
    expect(await invite(mine, session, null)).toBe(1);
    const [line] = await listOutbox(mine);
    expect(line?.recipient).toBe("Pia Ørland, pia@harboursteps.example");
    const { rows } = await client.query("select sealed from outbox where id = $1", [line?.id]);
    // Neither sign is in the alphabet that sealed text is written in.
    expect(rows[0].sealed).not.toMatch(/@|\./);
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
    expect(entry.uid).toBe(`${session}@brontle`);
    expect(entry.startDate.toJSDate().toISOString()).toBe("2027-07-05T19:00:00.000Z");
    expect(entry.sequence).toBe(1);
    await expect(outboxFile(theirs, line?.id ?? "")).rejects.toMatchObject({ code: "not-found" });
  });

  test("take no line that a name would add to them", async () => {
    await emptyOutbox(mine);
    const eve = await someone('Eve"\r\nBcc: all@quay.example\r\n\r\nBody', { email: "eve@quay.example" });
    await invite(mine, await newSession([eve], "planned"), null);
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
    const session = await newSession([await someone("Quin")], "planned");
    await setSessionState(mine, session, "cancelled");
    await invite(mine, session, null);
    const [line] = await listOutbox(mine);
    const mail = await PostalMime.parse(await outboxFile(mine, line?.id ?? ""));
    expect(mail.text).toContain("cancelled");
    expect(mail.text).not.toContain("/p/");
    const row = await findSession(mine, session);
    if (!row) throw new Error("no session");
    const calendar = await sessionCalendar(row, "Sessions", null, wordsIn("en"));
    expect(calendar).toContain("METHOD:CANCEL");
    expect(calendar).toContain("STATUS:CANCELLED");
    expect(calendar).toContain("SEQUENCE:1");
  });

  test("links in them end a week after the class", async () => {
    const rae = await someone("Rae");
    const session = await newSession([rae]);
    const token = await sessionLink(mine, session, rae);
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
    const session = await newSession([sol]);
    const person = await rosterId(sol);
    await expect(write(mine, session, sol, "self", [{ field: "effort", value: 6 }])).rejects.toMatchObject({
      code: "conflict",
    });
    await takeEntry(session, { id: crypto.randomUUID(), kind: "join", payload: { person } }, null);
    await command(session, "start");
    await command(session, "end");
    await write(mine, session, sol, "self", [{ field: "effort", value: 6 }]);
    await write(mine, session, sol, "self", [{ field: "effort", value: 6 }]);
    await write(mine, session, sol, "Coach", [
      { field: "effort", value: 7 },
      { field: "slot:s4", value: { sets: 2, reps: 9, kg: 12 } },
    ]);
    const log = await sessionLog(mine, session);
    const own = log.people.find((entry) => entry.person === person);
    expect(own?.present).toBe(true);
    expect(own?.kept.effort).toMatchObject({
      value: 7,
      by: "Coach",
      earlier: [{ value: 6, by: "self" }],
    });
    const row = await findSession(mine, session);
    if (!row) throw new Error("no session");
    expect((await ownLog(row, person))?.kept["slot:s4"]?.value).toEqual({ sets: 2, reps: 9, kg: 12 });
    const [line] = await historyOf(mine, sol, person);
    expect(line).toMatchObject({ title: "Squats", effort: 7, present: true });
    expect(line?.done.map(({ what }) => doneText(what, wordsIn("en")))).toContain("2 × 9, 12 kg each");
    await expect(sessionLog(theirs, session)).rejects.toMatchObject({ code: "not-found" });
    await expect(
      write(mine, session, await someone("Stray"), "Coach", [{ field: "effort", value: 1 }]),
    ).rejects.toMatchObject({ code: "not-found" });
  });
});

describe("what was done", () => {
  const taught = async (name: string) => {
    const id = await someone(name, kettlebell);
    const session = await newSession([id]);
    await command(session, "start");
    await command(session, "end");
    return { id, session, day: new Date().toISOString().slice(0, 10) };
  };
  const known = async (id: string) => (await findPerson(mine, id))?.doc.workingSets ?? [];
  const squat = (value: object) => [{ field: "slot:s4", value } as Written];

  test("is known of a person at once, as they confirm it, and said again it is the same set", async () => {
    const { id, session, day } = await taught("Lee");
    await write(mine, session, id, "self", squat({ sets: 3, reps: 12, eachKg: 12, more: "0-1" }));
    expect(await known(id)).toEqual([{ move: "goblet-squat", kg: 12, reps: 12, rir: 0.5, date: day }]);
    await write(mine, session, id, "self", squat({ sets: 3, reps: 12, eachKg: 12, more: "4-or-more" }));
    expect(await known(id)).toEqual([{ move: "goblet-squat", kg: 12, reps: 12, rir: 4, date: day }]);
    await write(mine, session, id, "self", [{ field: "effort", value: 7 }]);
    expect(await known(id)).toHaveLength(1);
  });

  test("of before each was asked for is the sum, and is read as each", async () => {
    const { id, session, day } = await taught("Moss");
    await write(mine, session, id, "Coach", squat({ sets: 2, reps: 9, kg: 12 }));
    expect(await known(id)).toEqual([{ move: "goblet-squat", kg: 12, reps: 9, date: day }]);
  });

  test("decides the next weight", async () => {
    const kit = [{ id: "d", type: "adjustable-dumbbell", count: 2, minKg: 2, maxKg: 32, stepKg: 2 }];
    const id = await someone("Ash", { kit });
    const kgAsked = async () => {
      const load = (await slotOf(await newSession([id]), id))?.load;
      return load && "kg" in load ? load.kg : 0;
    };
    const before = await kgAsked();
    const session = await newSession([id]);
    await command(session, "start");
    await command(session, "end");
    await write(mine, session, id, "self", squat({ sets: 3, reps: 15, eachKg: 30, more: "2-3" }));
    expect(await kgAsked()).toBeGreaterThan(before);
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
    // Entries by their key: put, taken away, one beside which somebody else's stands, and a finding about them.
    const doc = async () => (await findClass(mine, classId))?.doc as ClassDoc;
    const key = (person: string) => keyOf("overruled", { slot: "s4", person, move: "" });
    const made: readonly ((now: ClassDoc) => Edit)[] = [
      (now) => dropEntry(now, "overruled", key("roster-erasable")),
      (now) => putEntry(now, "overruled", { slot: "s4", person: "roster-erasable", move: "plank" }),
      () => ({ op: "put", list: "overruled", key: key("una"), before: key("roster-erasable") }),
      (now) => dropEntry(now, "overruled", key("roster-erasable")),
      () => dropEntry(squats(), "overruled", key("roster-erasable")),
      () => ({
        op: "put",
        list: "acknowledged",
        key: keyOf("acknowledged", { code: "c", where: { person: "roster-erasable" }, reason: "", of: "" }),
        before: null,
      }),
      (now) => putEntry(now, "overruled", { slot: "s4", person: "roster-erasable", move: "plank" }),
    ];
    for (const make of made) {
      const edit = { id: crypto.randomUUID(), edit: make(await doc()) };
      const { revision } = (await findClass(mine, classId)) as { revision: number };
      const { refused } = await applyEdits({ studioId: mine, userId: "u" }, classId, revision, [edit]);
      expect(refused).toEqual([]);
    }
    const session = await planSession(mine, {
      classId,
      startsAt: new Date(),
      timeZone: "UTC",
      people: [tor, una],
      state: "open",
    });
    const whose = { personId: tor, studioId: mine };
    await answerReadiness(whose, { askFirst: ["faint"], adapt: [], shareAskFirst: true }, "2468");
    // A session that they were taken off again still has what they pressed in it.
    const other = await newSession([tor, una]);
    await takeEntry(
      other,
      { id: crypto.randomUUID(), kind: "uncomfortable", payload: { person: "roster-erasable", slot: "s4" } },
      null,
    );
    await removeFromSession(mine, other, tor);
    await leaveWhereabouts(mine, session, tor, { place: "Unmistakable house", contact: "" });
    await invite(mine, session, [tor]);
    await setTonight(mine, session, tor, { limits: ["no-twisting"] });
    await takeEntry(
      session,
      { id: crypto.randomUUID(), kind: "hurt", payload: { person: "roster-erasable", slot: "s4" } },
      null,
    );
    await command(session, "start");
    await command(session, "end");
    await write(mine, session, tor, "self", [{ field: "note", value: "Unmistakable note" }]);
    const file = async (asker: DataAsker) => JSON.stringify(await personData(mine, tor, asker));
    const own = await file({ own: true, answers: await openReadiness(whose, "2468") });
    const coach = await file({ own: false, name: "Maren" });
    expect(await file({ own: true, answers: null })).not.toContain("faint");
    for (const text of [
      "no-twisting",
      "Unmistakable note",
      '"hurt"',
      "kettlebell",
      "uncomfortable",
      "answers-kept",
      other,
      '"choices":[{',
    ]) {
      expect(own).toContain(text);
      expect(coach).toContain(text);
    }
    expect(own).toContain("faint");
    expect(coach).not.toContain("faint");
    await expect(personData(theirs, tor, { own: true, answers: null })).rejects.toMatchObject({
      code: "not-found",
    });
    await expect(erasePerson(theirs, tor)).rejects.toMatchObject({ code: "not-found" });
    const count = (await eventsAfter(session, 0)).length;
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
    const events = await eventsAfter(session, 0);
    expect(events.map(({ seq }) => seq)).toEqual(Array.from({ length: count }, (_, i) => i + 1));
    expect((await sessionLog(mine, session)).people.map((entry) => entry.name)).toEqual(["Una Stays"]);
    expect((await doc()).overruled).toEqual([]);
  });
});
