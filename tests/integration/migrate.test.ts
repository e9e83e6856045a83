/** A database of an earlier version, with rows that its search for text in JSON could not read, is brought up to date. */
import { readFileSync } from "node:fs";
import { Client } from "pg";
import { afterAll, beforeAll, expect, test } from "vitest";
import { migrateDatabase } from "../../src/server/db/migrate";

const ROOT = new URL("../../", import.meta.url).pathname;
const NAME = `older_${process.pid}`;
const admin = new Client({ connectionString: process.env.BRONTLE_TEST_ADMIN_URL });
const address = new URL(process.env.BRONTLE_TEST_ADMIN_URL ?? "");
address.pathname = `/${NAME}`;
const older = new Client({ connectionString: address.toString() });

beforeAll(async () => {
  await admin.connect();
  await admin.query(`create database ${NAME}`);
  await older.connect();
});
afterAll(async () => {
  await older.end();
  await admin.query(`drop database ${NAME}`);
  await admin.end();
});

interface Entry {
  readonly tag: string;
  readonly when: number;
}

test("titles and persons get columns of their own, from torn rows too, and stay found", async () => {
  const { entries } = JSON.parse(readFileSync(`${ROOT}drizzle/meta/_journal.json`, "utf8")) as {
    entries: Entry[];
  };
  const before = entries.slice(0, 5);
  await older.query("create schema drizzle");
  await older.query(
    "create table drizzle.__drizzle_migrations (id serial primary key, hash text not null, created_at bigint)",
  );
  for (const { tag, when } of before) {
    for (const statement of readFileSync(`${ROOT}drizzle/${tag}.sql`, "utf8").split(
      "--> statement-breakpoint",
    ))
      await older.query(statement);
    await older.query("insert into drizzle.__drizzle_migrations (hash, created_at) values ($1, $2)", [
      tag,
      when,
    ]);
  }
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
  const [run] = (
    await older.query("insert into run (studio_id, class_id, doc) values ($1, $2, $3) returning id", [
      studio.id,
      whole.id,
      torn,
    ])
  ).rows;
  const event = (seq: number, payload: string) =>
    older.query(
      "insert into run_event (run_id, seq, command_id, kind, payload, at) values ($1, $2, gen_random_uuid(), 'done', $3, now())",
      [run.id, seq, payload],
    );
  await event(1, '{"person":"pia"}');
  await event(2, '{"person":"rolf","slot":"\\ud83d"}');
  await event(3, "{}");

  await migrateDatabase(address.toString(), `${ROOT}drizzle`);

  const titles = (await older.query("select id, title from class order by title")).rows;
  expect(titles).toEqual([
    { id: broken.id, title: "Torn" },
    { id: whole.id, title: 'Whole "é"' },
  ]);
  expect((await older.query("select title from run")).rows).toEqual([{ title: "Torn" }]);
  expect(
    (await older.query("select person from run_event order by seq")).rows.map((row) => row.person),
  ).toEqual(["pia", "rolf", null]);
  // A second process that starts finds nothing to do.
  await migrateDatabase(address.toString(), `${ROOT}drizzle`);
});
