/** Many at the same moment, on one class: everybody gets an answer, and nobody waits for ever. */
import { Client } from "pg";
import { beforeAll, describe, expect, test } from "vitest";
import { db, MOST_CONNECTIONS, PATIENCE, pool, transaction } from "../../src/server/db/client";
import { databaseCode, troubleOf } from "../../src/server/db/trouble";
import { sessionLog, write } from "../../src/server/log";
import { takeEntry } from "../../src/server/session-entries";
import { eventsAfter, takeCommand } from "../../src/server/session-events";
import { sessionContent } from "../../src/server/sessions";
import { ADDRESS, type Asker, ask, newStudio } from "../shared/http";
import {
  command,
  kettlebell,
  mine,
  newSession,
  rosterId,
  someone,
  squats,
  withStudios,
} from "../shared/sessions";

withStudios();

const entry = (kind: "join" | "hurt" | "done", person: string) => ({
  id: crypto.randomUUID(),
  kind,
  payload: { person },
});

/** Everything answered within the time, or a failure that says how much wasn't. */
async function answered<T>(all: readonly Promise<T>[], ms = 20_000): Promise<PromiseSettledResult<T>[]> {
  let left = all.length;
  for (const one of all) void one.catch(() => undefined).then(() => (left -= 1));
  const late = new Promise<never>((_, reject) =>
    setTimeout(() => reject(new Error(`${left} of ${all.length} have no answer`)), ms).unref(),
  );
  return Promise.race([Promise.allSettled(all), late]);
}

describe("at the same moment", () => {
  test("a hundred corrections of one class are all kept", { timeout: 60_000 }, async () => {
    const people = await Promise.all(Array.from({ length: 20 }, (_, i) => someone(`Kept ${i}`)));
    const session = await newSession(people);
    await command(session, "start", { countInMs: 0 });
    await command(session, "end");
    const all = Array.from({ length: 100 }, (_, i) =>
      write(mine, session, people[i % 20] as string, "self", [{ field: "effort", value: 1 + (i % 9) }]),
    );
    const results = await answered(all);
    expect(results.filter(({ status }) => status === "rejected")).toEqual([]);
    const log = await sessionLog(mine, session);
    for (const person of log.people) expect(typeof person.kept.effort?.value).toBe("number");
  });

  test("a class starts amid sixty people who come in, and one who hurts is heard", {
    timeout: 60_000,
  }, async () => {
    const people = await Promise.all(Array.from({ length: 30 }, (_, i) => someone(`Here ${i}`, kettlebell)));
    const session = await newSession(people);
    const ids = await Promise.all(people.map(rosterId));
    const joins = Array.from({ length: 60 }, (_, i) =>
      takeEntry(session, entry("join", ids[i % 30] as string), null),
    );
    const start = takeCommand(
      mine,
      session,
      { id: crypto.randomUUID(), kind: "start", payload: { countInMs: 0 } },
      0,
      null,
    );
    const hurt = takeEntry(session, entry("hurt", ids[3] as string), null);
    const looks = Array.from({ length: 20 }, () => sessionContent(mine, session));
    const results = await answered<unknown>([...joins, start, hurt, ...looks]);
    expect(results.filter(({ status }) => status === "rejected")).toEqual([]);
    const events = await eventsAfter(session, 0);
    expect(events.map(({ seq }) => seq)).toEqual(events.map((_, i) => i + 1));
    const kinds = events.map(({ kind }) => kind);
    expect([
      kinds.filter((kind) => kind === "join").length,
      kinds.includes("start"),
      kinds.includes("hurt"),
    ]).toEqual([60, true, true]);
    expect((await sessionContent(mine, session)).content.frozen).toBe(true);
  });

  test("two that lock the same rows in opposite orders both come to an end", {
    timeout: 60_000,
  }, async () => {
    const [a, b] = await Promise.all([newSession([]), newSession([])]);
    const touch = async (first: string, then: string) =>
      transaction(async (tx) => {
        await tx.execute(`update session set version = version + 1 where id = '${first}'`);
        await new Promise((resolve) => setTimeout(resolve, 100));
        await tx.execute(`update session set version = version + 1 where id = '${then}'`);
      });
    const results = await answered([touch(a, b), touch(b, a)]);
    expect(results.map(({ status }) => status)).toEqual(["fulfilled", "fulfilled"]);
  });
});

describe("inside a transaction", () => {
  test("asking the pool is an error at once, not a wait", async () => {
    for (const door of [db, pool, () => transaction(async () => undefined)])
      await expect(transaction(async () => void (await door()))).rejects.toThrow("inside a transaction");
    // And outside nothing has changed.
    expect((await db().execute("select 1 as one")).rows).toEqual([{ one: 1 }]);
  });

  test("every wait has an end, told in words", async () => {
    const settings = await db().execute<{ name: string; setting: string }>(
      "select name, setting from pg_settings where name in ('lock_timeout', 'statement_timeout', 'idle_in_transaction_session_timeout')",
    );
    expect(Object.fromEntries(settings.rows.map(({ name, setting }) => [name, Number(setting)]))).toEqual({
      lock_timeout: PATIENCE.lockMs,
      statement_timeout: PATIENCE.statementMs,
      idle_in_transaction_session_timeout: PATIENCE.idleInTransactionMs,
    });
    const error = await transaction(async (tx) => {
      await tx.execute("set local statement_timeout = 50");
      await tx.execute("select pg_sleep(5)");
    }).catch((reason: unknown) => reason);
    expect(databaseCode(error)).toBe("57014");
    expect(troubleOf(error)).toMatchObject({ code: "busy" });
  });
});

describe("the running application, while somebody holds a class", () => {
  let owner: Asker;
  let session = "";
  let outside: Client;

  beforeAll(async () => {
    owner = await newStudio("Held");
    const classId = (await ask(owner, "POST", "/api/classes", { doc: squats() })).json.id;
    session = (await ask(owner, "POST", "/api/sessions/now", { classId })).json.id;
    const url = new URL(process.env.BRONTLE_TEST_ADMIN_URL ?? "");
    url.pathname = "/browser";
    outside = new Client({ connectionString: url.toString() });
    await outside.connect();
  });

  test("says so within two seconds, refuses what can't be done, and goes on when it is let go", {
    timeout: 60_000,
  }, async () => {
    await outside.query("begin");
    await outside.query("select 1 from session where id = $1 for update", [session]);
    const press = (kind: string) =>
      ask(owner, "POST", `/api/sessions/${session}/events`, {
        id: crypto.randomUUID(),
        kind,
        payload: {},
        seen: 0,
      });
    // As many as there are connections wait for that row; the others for a connection.
    const waiting = Array.from({ length: MOST_CONNECTIONS + 4 }, () => press("pause"));
    const held = async () => {
      const { rows } = await outside.query(
        "select count(distinct pid)::int as n from pg_locks where not granted",
      );
      return rows[0].n as number;
    };
    const until = performance.now() + 3000;
    while ((await held()) < MOST_CONNECTIONS && performance.now() < until)
      await new Promise((resolve) => setTimeout(resolve, 20));
    const from = performance.now();
    const health = await fetch(`${ADDRESS}/api/health`);
    expect(performance.now() - from).toBeLessThan(2000);
    expect([health.status, await health.json()]).toEqual([503, { ok: false }]);
    const refused = await answered(waiting, 15_000);
    for (const result of refused) {
      if (result.status === "rejected") throw result.reason;
      expect(result.value.status).toBe(503);
      expect(result.value.json).toMatchObject({ error: "busy" });
      expect(result.value.headers.get("x-request-id")).toBe(result.value.json.request);
    }
    await outside.query("rollback");
    expect((await press("start")).status).toBe(200);
    expect((await fetch(`${ADDRESS}/api/health`)).status).toBe(200);
    await outside.end();
  });
});
