/** Databases of earlier versions, with rows that they could not read themselves, are brought up to date. */
import { readFileSync } from "node:fs";
import { Client } from "pg";
import { afterAll, beforeAll, expect, test } from "vitest";
import { migrateDatabase } from "../../src/server/db/migrate";

const ROOT = new URL("../../", import.meta.url).pathname;
const admin = new Client({ connectionString: process.env.BRONTLE_TEST_ADMIN_URL });
const made: string[] = [];

beforeAll(() => admin.connect());
afterAll(async () => {
  for (const name of made) await admin.query(`drop database ${name}`);
  await admin.end();
});

interface Entry {
  readonly tag: string;
  readonly when: number;
}

/** A database as the first `count` migrations left it. */
async function databaseOf(count: number): Promise<{ older: Client; address: string }> {
  const name = `older_${count}_${process.pid}`;
  await admin.query(`create database ${name}`);
  made.push(name);
  const url = new URL(process.env.BRONTLE_TEST_ADMIN_URL ?? "");
  url.pathname = `/${name}`;
  const older = new Client({ connectionString: url.toString() });
  await older.connect();
  const { entries } = JSON.parse(readFileSync(`${ROOT}drizzle/meta/_journal.json`, "utf8")) as {
    entries: Entry[];
  };
  await older.query("create schema drizzle");
  await older.query(
    "create table drizzle.__drizzle_migrations (id serial primary key, hash text not null, created_at bigint)",
  );
  for (const { tag, when } of entries.slice(0, count)) {
    const statements = readFileSync(`${ROOT}drizzle/${tag}.sql`, "utf8").split("--> statement-breakpoint");
    for (const statement of statements) await older.query(statement);
    await older.query("insert into drizzle.__drizzle_migrations (hash, created_at) values ($1, $2)", [
      tag,
      when,
    ]);
  }
  return { older, address: url.toString() };
}

test("titles and persons get columns of their own, from torn rows too, and stay found", async () => {
  const { older, address } = await databaseOf(5);
  const [studio] = (await older.query("insert into studio (name) values ('Older') returning id")).rows;
  const [whole] = (
    await older.query("insert into class (studio_id, doc) values ($1, $2) returning id", [
      studio.id,
      '{"title":"Whole \\"é\\""}',
    ])
  ).rows;
  const torn = '{"note":"\\ud83d","title":"Torn"}';
  const [broken] = (
    await older.query("insert into class (studio_id, doc) values ($1, $2) returning id", [studio.id, torn])
  ).rows;
  const [session] = (
    await older.query("insert into run (studio_id, class_id, doc) values ($1, $2, $3) returning id", [
      studio.id,
      whole.id,
      torn,
    ])
  ).rows;
  const event = (seq: number, payload: string) =>
    older.query(
      "insert into run_event (run_id, seq, command_id, kind, payload, at) values ($1, $2, gen_random_uuid(), 'done', $3, now())",
      [session.id, seq, payload],
    );
  await event(1, '{"person":"pia"}');
  await event(2, '{"person":"rolf","slot":"\\ud83d"}');
  await event(3, "{}");

  await migrateDatabase(address, `${ROOT}drizzle`);

  const titles = (await older.query("select id, title from class order by title")).rows;
  expect(titles).toEqual([
    { id: broken.id, title: "Torn" },
    { id: whole.id, title: 'Whole "é"' },
  ]);
  expect((await older.query("select title from session")).rows).toEqual([{ title: "Torn" }]);
  expect(
    (await older.query("select person from session_event order by seq")).rows.map((row) => row.person),
  ).toEqual(["pia", "rolf", null]);
  // A second process that starts finds nothing to do.
  await migrateDatabase(address, `${ROOT}drizzle`);
  await older.end();
});

test("sessions keep their people, events, messages and parts under their new names, with sentences as they were", async () => {
  const { older, address } = await databaseOf(8);
  const first = async (text: string, values: unknown[] = []) =>
    (await older.query(text, values)).rows[0] as { id: string };
  const studio = await first("insert into studio (name) values ('Older') returning id");
  await older.query("insert into \"user\" (id, name, email) values ('u', 'Maren', 'maren@example.test')");
  await older.query(
    "insert into session (id, expires_at, token, user_id) values ('s', now() + interval '1 day', 'hash', 'u')",
  );
  const person = await first(
    "insert into person (studio_id, roster_id, doc) values ($1, 'pia', '{}') returning id",
    [studio.id],
  );
  const slot = (more: object) => ({
    slot: "a",
    status: "swapped",
    why: "Wall sit instead of squat: asked for no jumping.",
    adjust: ["Two at once.", "Pause two counts at the hardest point."],
    instead: [{ move: "plank", name: "Plank", cost: 3, whyNot: "another position" }],
    ...more,
  });
  const parts = [
    { person: "pia", name: "Pia", slots: [slot({}), slot({ slot: "b", why: "As set." })] },
    { person: "rolf", name: "Rolf", slots: [] },
  ];
  // Half of a character in a name, which an earlier version took.
  const torn = JSON.stringify(parts).replace('"Rolf"', '"\\ud83d Rolf"');
  const run = await first(
    "insert into run (studio_id, parts, parts_by_mark, swaps) values ($1, $2, $3, $4) returning id",
    [studio.id, torn, `{"flat":${JSON.stringify(parts)},"sharp":[]}`, '[{"slot":"a","move":"plank"}]'],
  );
  const plain = await first("insert into run (studio_id) values ($1) returning id", [studio.id]);
  await older.query("insert into run_person (run_id, person_id) values ($1, $2)", [run.id, person.id]);
  await older.query(
    "insert into run_event (run_id, seq, command_id, kind, payload, at) values ($1, 1, gen_random_uuid(), 'swap', '{}', now())",
    [run.id],
  );
  await older.query(
    "insert into outbox (run_id, studio_id, person_id, recipient, subject, sealed) values ($1, $2, $3, 'Pia', 'On', '')",
    [run.id, studio.id, person.id],
  );

  await migrateDatabase(address, `${ROOT}drizzle`);

  const rows = async (text: string) => (await older.query(text)).rows;
  expect(await rows("select id from sign_in")).toEqual([{ id: "s" }]);
  expect(await rows("select session_id from session_person")).toEqual([{ session_id: run.id }]);
  expect(await rows("select session_id from outbox")).toEqual([{ session_id: run.id }]);
  expect(await rows("select kind from session_event")).toEqual([{ kind: "substitute" }]);
  const [kept] = await rows(`select * from session where id = '${run.id}'`);
  expect(kept.substitutes).toEqual([{ slot: "a", move: "plank" }]);
  const said = {
    slot: "a",
    status: "swapped",
    why: { code: "written", text: "Wall sit instead of squat: asked for no jumping." },
    loadReason: null,
    adjust: [
      { code: "written", text: "Two at once." },
      { code: "written", text: "Pause two counts at the hardest point." },
    ],
    instead: [],
  };
  const [pia, rolf] = kept.parts;
  expect(pia.slots).toEqual([said, { ...said, slot: "b", why: { code: "written", text: "As set." } }]);
  expect(rolf).toEqual({ person: "rolf", name: "\ufffd Rolf", slots: [] });
  expect(kept.parts_by_mark.flat[0].slots[0]).toEqual(said);
  expect(kept.parts_by_mark.sharp).toEqual([]);
  expect((await rows(`select parts from session where id = '${plain.id}'`))[0].parts).toBeNull();
  // What it is held to goes by its new names too: a session that goes takes its people along.
  await older.query("delete from session");
  expect(await rows("select 1 from session_person")).toEqual([]);
  await older.end();
});
