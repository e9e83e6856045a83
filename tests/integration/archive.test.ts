/** A whole studio as one file, and taken in again: all of it or nothing, and never twice. */
import { strToU8, unzipSync, zipSync } from "fflate";
import { beforeAll, describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import type { Move } from "../../src/core/moves/move";
import { startingMove } from "../../src/core/moves/starting-move";
import { doneAlone, setAlone } from "../../src/server/alone";
import { surveyArchive, takeArchive } from "../../src/server/archive/put-in";
import { archiveFiles } from "../../src/server/archive/take-out";
import { MOST_ENTRIES, openZip, zipStream } from "../../src/server/archive/zip";
import { shelve } from "../../src/server/class-shelf";
import { createClass, deleteClass, findClass, listClasses } from "../../src/server/classes";
import { participantOf, renewLink } from "../../src/server/links";
import { sessionLog } from "../../src/server/log";
import { createMove, listMoves } from "../../src/server/moves";
import { findPerson, listPeople } from "../../src/server/people";
import { decide, progressOf } from "../../src/server/progress";
import { answerReadiness } from "../../src/server/readiness";
import { createSeason, listSeasons, seasonOf } from "../../src/server/seasons";
import { saveSettings, storedSettings } from "../../src/server/studios";
import { nameVersion } from "../../src/server/versions";
import { client, mine, someone, theirs, userId, withStudios } from "../shared/sessions";
import { rack, squat, squatDoc, taughtSquats } from "../shared/taught-squats";

withStudios();

const HEALTH = {
  askFirst: ["chest" as const],
  adapt: ["joint" as const],
  shareAskFirst: false,
  guardian: "Runa Hollis",
};
const who = { studioId: "", userId: "", name: "Maren" };
const planIn = (classId: string) => ({
  from: "2027-03-08",
  weeks: 2,
  timeZone: "Europe/Madrid",
  lines: [{ weekday: 2, time: "19:00", classId, focus: "legs" }],
  growEvery: 1,
  easierEvery: 0,
  off: [],
  says: "",
});

/** All bytes of a studio's archive. */
async function archiveOf(studioId: string): Promise<Uint8Array> {
  const pieces: Uint8Array[] = [];
  const reader = zipStream(archiveFiles(studioId)).getReader();
  for (let read = await reader.read(); !read.done; read = await reader.read()) pieces.push(read.value);
  return new Uint8Array(Buffer.concat(pieces));
}

/** Every file of an archive, as another program's reader gives it. */
const filesOf = (bytes: Uint8Array): Readonly<Record<string, unknown>> =>
  Object.fromEntries(
    Object.entries(unzipSync(bytes)).map(([name, text]) => [name, JSON.parse(Buffer.from(text).toString())]),
  );
const zipOf = (files: Readonly<Record<string, unknown>>) =>
  zipSync(
    Object.fromEntries(Object.entries(files).map(([name, value]) => [name, strToU8(JSON.stringify(value))])),
  );

const count = async (table: string) =>
  Number((await client.query(`select count(*) as n from ${table}`)).rows[0].n);
const TABLES = ["class", "class_version", "person", "own_move", "session", "session_person", "session_event"];
const MORE_TABLES = ["log_entry", "season", "season_class", "progress_decision", "alone_plan"];
const rows = async () => {
  const counts: Record<string, number> = {};
  for (const table of [...TABLES, ...MORE_TABLES]) counts[table] = await count(table);
  return counts;
};

let made: Uint8Array;
let classId = "";
let personId = "";

beforeAll(async () => {
  Object.assign(who, { studioId: mine, userId });
  await saveSettings(mine, { teaching: { timeZone: "Europe/Lisbon", units: "kg" } });
  await createMove(mine, {
    ...startingMove(LIBRARY_BOOK.get("low-step-up") as Move),
    id: "quay-step",
    name: "Quay step",
  });
  personId = await someone("Elin Brandt", { ...rack, limits: ["no-jumping"] });
  await someone("Kai", { kit: [] });
  classId = await createClass(mine, squatDoc());
  await shelve(mine, classId, { tags: ["winter"] });
  await nameVersion({ studioId: mine, userId }, classId, "As taught in November");
  for (const daysAgo of [9, 2])
    await taughtSquats({
      people: [personId],
      daysAgo,
      said: squat({ sets: 3, reps: 12, eachKg: 12 }),
      classId,
    });
  await client.query("update session set call_link = 'https://call.example/secret-room'");
  const [next] = await progressOf(mine, personId);
  if (!next) throw new Error("nothing is proposed");
  const { move, step } = next.proposal;
  await decide(who, personId, [{ move, verdict: "accepted", step }]);
  await createSeason(mine, "Spring", planIn(classId), [personId]);
  const [plan = ""] = await setAlone(mine, {
    people: [personId],
    classId,
    day: "2027-02-01",
    note: "Slowly.",
  });
  const token = await renewLink(mine, personId, null);
  const participant = await participantOf(token);
  if (!participant) throw new Error("no participant");
  await answerReadiness(participant, HEALTH, "2468");
  await doneAlone(participant, plan, { slots: { s: { sets: 3, reps: 8 } }, effort: 6, note: "", hurt: [] });
  made = await archiveOf(mine);
});

describe("an archive", () => {
  test("holds everything of a studio, and no health answers, whereabouts, links, letters or masses", () => {
    const files = filesOf(made);
    const folders = Object.keys(files).map((name) => name.split("/")[0]);
    for (const folder of [
      "studio.json",
      "moves.json",
      "roster.json",
      "classes",
      "sessions",
      "seasons",
      "steps.json",
      "plans",
    ])
      expect(folders).toContain(folder);
    const text = JSON.stringify(files);
    expect(text).toContain("Elin Brandt");
    for (const secret of ["secret-room", "bodyKg", "tokenHash", "sealed", "Runa Hollis", "password"])
      expect(text).not.toContain(secret);
  });

  test("is looked at without anything being stored, comes into another studio whole, and again makes no doubles", async () => {
    const before = await rows();
    const survey = await surveyArchive(theirs, made);
    expect(survey).toMatchObject({
      studio: "Sessions",
      goingOn: 0,
      counts: {
        moves: { comes: 1, here: 0 },
        people: { comes: 2, here: 0 },
        classes: { comes: 3, here: 0 },
        sessions: { comes: 4, here: 0 },
        seasons: { comes: 1, here: 0 },
        steps: { comes: 1, here: 0 },
        plans: { comes: 1, here: 0 },
      },
    });
    expect(await rows()).toEqual(before);
    expect(await takeArchive(theirs, made, "Maren")).toEqual(survey);
    const after = await rows();
    for (const table of Object.keys(before))
      expect(after[table], table).toBeGreaterThan(before[table] as number);
    // Whoever holds the link of one studio isn't known by it in the other.
    const again = await takeArchive(theirs, made, "Maren");
    for (const { comes } of Object.values(again.counts)) expect(comes).toBe(0);
    expect(await rows()).toEqual(after);
    // Nor does the studio that it was made of take anything of its own twice.
    const own = await takeArchive(mine, made, "Maren");
    for (const { comes } of Object.values(own.counts)) expect(comes).toBe(0);
    expect(await rows()).toEqual(after);
  });

  test("says the same once it was taken in: classes, homes, logs, seasons, steps, plans, settings", async () => {
    const [here, there] = [filesOf(made), filesOf(await archiveOf(theirs))];
    const texts = (files: Readonly<Record<string, unknown>>) => {
      const ids = new Map<string, string>();
      // Ids differ, since the other studio of this house has them: each by the place at which it first stands.
      const named = (text: string) =>
        text.replace(/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g, (id) => {
          if (!ids.has(id)) ids.set(id, `#${ids.size}`);
          return ids.get(id) as string;
        });
      return Object.entries(files)
        .filter(([name]) => name !== "studio.json")
        .map(([, value]) => named(JSON.stringify(value)).replaceAll(/#\d+/g, "#"))
        .sort();
    };
    expect(texts(there)).toEqual(texts(here));
    expect((await listMoves(theirs)).map(({ doc }) => doc.id)).toEqual(["quay-step"]);
    expect(await storedSettings(theirs)).toEqual(await storedSettings(mine));
    const [elin] = (await listPeople(theirs)).filter(({ doc }) => doc.name === "Elin Brandt");
    expect(elin?.doc.goals).toEqual((await findPerson(mine, personId))?.doc.goals);
    expect(elin?.doc.bodyKg).toBeUndefined();
    const session = await client.query(
      "select id from session where studio_id = $1 and state = 'ended' limit 1",
      [theirs],
    );
    const log = await sessionLog(theirs, session.rows[0].id);
    expect(log.people[0]?.kept["slot:s"]?.value).toMatchObject({ sets: 3, reps: 12 });
    const [season] = await listSeasons(theirs);
    const { classes } = await seasonOf(theirs, season?.id ?? "");
    expect(classes).toHaveLength(2);
    expect(classes.every(({ edited, people }) => !edited && people.length === 1)).toBe(true);
  });

  test("brings back what was removed here, and leaves as it is what was changed", async () => {
    const [first] = await listClasses(theirs);
    if (!first) throw new Error("no class");
    await deleteClass(theirs, first.id);
    const survey = await takeArchive(theirs, made, "Maren");
    expect(survey.counts.classes.comes).toBe(1);
    expect((await findClass(theirs, first.id))?.doc).toEqual(first.doc);
  });
});

describe("an archive from anywhere", () => {
  const refused = async (bytes: Uint8Array, sentence: RegExp) => {
    const before = await rows();
    await expect(takeArchive(theirs, bytes, "Maren")).rejects.toMatchObject({
      code: "invalid",
      message: expect.stringMatching(sentence),
    });
    expect(await rows()).toEqual(before);
  };
  const changed = (name: string, change: (value: never) => unknown) => {
    const files = filesOf(made);
    const key = Object.keys(files).find((each) => each.startsWith(name)) as string;
    return zipOf({ ...files, [key]: change(files[key] as never) });
  };

  test("that is none, is damaged or torn, is refused with a sentence", async () => {
    await refused(strToU8("PK no zip at all"), /no archive of Brontle/);
    await refused(new Uint8Array(0), /no archive of Brontle/);
    await refused(made.slice(0, made.length / 2), /no archive of Brontle/);
    const flipped = made.slice();
    for (let i = 2000; i < 3000; i += 1) flipped[i] = (flipped[i] ?? 0) ^ 0x5a;
    await refused(flipped, /damaged|no JSON|isn't text|archive/);
  });

  test("that holds other things, too many or too large ones, isn't unpacked", async () => {
    const files = filesOf(made);
    for (const name of ["../studio.json", "/etc/hosts.json", "notes.txt", "classes/x.json", "extra.json"])
      await refused(zipOf({ ...files, [name]: {} }), /archive/);
    const many = Object.fromEntries(
      Array.from({ length: MOST_ENTRIES + 1 }, (_, i) => [
        `classes/00000000-0000-0000-0000-${String(i).padStart(12, "0")}.json`,
        {},
      ]),
    );
    await refused(zipOf(many), /more than 5000 files/);
    const zeros = zipSync({ "studio.json": new Uint8Array(64_000_000) });
    expect(zeros.length).toBeLessThan(100_000);
    await refused(zeros, /larger than any studio's/);
    // One that says it is small: what comes is held against that.
    const lying = zipSync({ "studio.json": new Uint8Array(15_000_000) });
    const view = new DataView(lying.buffer, lying.byteOffset, lying.byteLength);
    const directory = lying.findLastIndex(
      (_, i) => i + 4 <= lying.length && view.getUint32(i) === 0x504b0102,
    );
    view.setUint32(directory + 24, 100, true);
    await expect((await openZip(lying)).text("studio.json")).rejects.toMatchObject({ code: "invalid" });
  });

  test("whose files aren't what Brontle would have written, is refused by the file and what is wrong in it", async () => {
    await refused(
      changed("studio.json", (value: object) => ({ ...value, version: 2 })),
      /studio\.json: version/,
    );
    await refused(
      changed("studio.json", (value: object) => ({
        ...value,
        settings: { thresholds: { wordsPerSecond: -1 } },
      })),
      /studio\.json/,
    );
    await refused(
      changed("classes/", (value: object) => ({ ...value, doc: {} })),
      /classes\/.*: /,
    );
    await refused(
      changed("classes/", (value: object) => ({ ...value, id: crypto.randomUUID() })),
      /is called/,
    );
    await refused(
      changed("roster.json", (value: { people: object[] }) => ({ ...value, people: [{ id: "x" }] })),
      /roster\.json/,
    );
    await refused(
      changed("roster.json", (value: object) => ({ ...value, secret: 1 })),
      /roster\.json/,
    );
    await refused(
      changed("sessions/", (value: object) => ({ ...value, callLink: "https://call.example" })),
      /sessions\//,
    );
    await refused(
      changed("sessions/", (value: object) => ({
        ...value,
        events: [{ id: crypto.randomUUID(), kind: "explode", payload: {}, at: new Date().toISOString() }],
      })),
      /sessions\//,
    );
    await refused(
      changed("seasons/", (value: { plan: object }) => ({ ...value, plan: { ...value.plan, weeks: 500 } })),
      /seasons\//,
    );
    let deep: unknown = 1;
    for (let i = 0; i < 200; i += 1) deep = [deep];
    await refused(
      changed("moves.json", () => ({ moves: [deep] })),
      /moves\.json/,
    );
    await refused(zipOf({ "studio.json": filesOf(made)["studio.json"] }), /steps\.json is missing/);
  });
});
