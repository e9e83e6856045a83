/** What goes by itself when its time is over, on a real database. */
import { mkdtempSync, readdirSync, rmSync, utimesSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { describe, expect, test } from "vitest";
import { scoreOfKept } from "../../src/core/live/live-score";
import { OPEN_HOURS } from "../../src/core/live/session";
import { applyEdits, createClass } from "../../src/server/classes";
import { sessionLog } from "../../src/server/log";
import { moveSession } from "../../src/server/session-changes";
import { eventsAfter } from "../../src/server/session-events";
import { findSession, sessionContent, sessionShownTo } from "../../src/server/sessions";
import { tidy } from "../../src/server/tidy";
import { leaveWhereabouts, ownWhereabouts, whereaboutsOf } from "../../src/server/whereabouts";
import {
  client,
  command,
  newSession,
  rosterId,
  someone,
  squats,
  mine as studio,
  withStudios,
} from "../shared/sessions";

withStudios();

const LEFT = { place: "Boat shed", contact: "Brother, 555 0107" };

async function withSomeone() {
  const person = await someone("Asa");
  const session = await newSession([person]);
  await leaveWhereabouts(studio, session, person, { ...LEFT, anyTime: true });
  return { session, person, rosterId: await rosterId(person) };
}

const start = (session: string) => command(session, "start", { countInMs: 0 });

/** Lets time go by: everything of a session lies so many minutes longer ago. */
async function pass(session: string, minutes: number) {
  const by = [session, minutes];
  await client.query(
    "update session set starts_at = starts_at - make_interval(mins => $2), started_at = started_at - make_interval(mins => $2) where id = $1",
    by,
  );
  await client.query(
    "update session_event set at = at - make_interval(mins => $2) where session_id = $1",
    by,
  );
}

describe("when its time is over", () => {
  test("a class that nobody ended is taught, and was over when its score had run out", async () => {
    const { session } = await withSomeone();
    await start(session);
    await pass(session, OPEN_HOURS * 60 - 1);
    await tidy();
    expect((await findSession(studio, session))?.state).toBe("running");
    await pass(session, 1);
    await tidy();
    const row = await findSession(studio, session);
    const { content } = await sessionContent(studio, session);
    expect(row?.state).toBe("ended");
    const tookMs = (row?.endedAt?.getTime() ?? 0) - (row?.startedAt?.getTime() ?? 0);
    expect(tookMs).toBe(scoreOfKept(content).totalMs);
    expect((await eventsAfter(session, 0)).map(({ kind }) => kind)).toEqual(["start", "end"]);
    const { record } = await sessionLog(studio, session);
    expect(record.segments.length).toBeGreaterThan(0);
    expect(record.segments.map((segment) => segment.tookSeconds)).toEqual(
      record.segments.map((segment) => segment.planSeconds),
    );
    await tidy();
    expect(await eventsAfter(session, 0)).toHaveLength(2);
  });

  test("where somebody was can't be read any more, and is deleted, though the class was left open", async () => {
    const { session, person, rosterId } = await withSomeone();
    await tidy();
    expect(await ownWhereabouts(session, person)).toMatchObject(LEFT);
    await pass(session, OPEN_HOURS * 60);
    await expect(whereaboutsOf(studio, session, rosterId, "Maren")).rejects.toMatchObject({
      code: "conflict",
    });
    await expect(leaveWhereabouts(studio, session, person, LEFT)).rejects.toMatchObject({ code: "conflict" });
    await tidy();
    expect(await ownWhereabouts(session, person)).toBeNull();
    expect((await findSession(studio, session))?.state).toBe("open");
    // Nobody's page shows such a class any more: it has to be moved before it is started.
    expect(await sessionShownTo(studio, person)).toBeNull();
    await expect(start(session)).rejects.toMatchObject({ code: "conflict" });
    await moveSession(studio, session, new Date(), "Atlantic/Reykjavik");
    expect((await start(session)).taken).toBe(true);
  });

  test("a class that was started late counts from its start", async () => {
    const { session, person, rosterId } = await withSomeone();
    await pass(session, (OPEN_HOURS - 1) * 60);
    await start(session);
    await pass(session, 120);
    await tidy();
    expect((await findSession(studio, session))?.state).toBe("running");
    expect(await whereaboutsOf(studio, session, rosterId, "Maren")).toEqual(LEFT);
    expect((await sessionShownTo(studio, person))?.id).toBe(session);
  });
});

describe("ids of edits that were taken", () => {
  const edit = () => ({
    id: crypto.randomUUID(),
    edit: { op: "set", target: { in: "class" }, key: "title", to: `T ${Math.random()}` } as const,
  });
  const who = () => ({ studioId: studio, userId: "somebody" });

  test("go after two months, and of a class that is saved without end the oldest; others stay", async () => {
    const [old, busy] = [await createClass(studio, squats()), await createClass(studio, squats())];
    const [first, second] = [edit(), edit()];
    for (const id of [old, busy]) {
      await applyEdits(who(), id, 1, [id === old ? first : { ...first, id: crypto.randomUUID() }]);
      await applyEdits(who(), id, 2, [id === old ? second : { ...second, id: crypto.randomUUID() }]);
    }
    await client.query("update class_edit set at = now() - interval '61 days' where edit_id = $1", [
      first.id,
    ]);
    await client.query("update class set revision = 20002 where id = $1", [busy]);
    await tidy();
    const left = async (id: string) =>
      (
        await client.query("select revision from class_edit where class_id = $1 order by revision", [id])
      ).rows.map((row) => row.revision);
    expect(await left(old)).toEqual([3]);
    expect(await left(busy)).toEqual([3]);
    // The one that is still known counts once.
    const again = await applyEdits(who(), old, 3, [second]);
    expect(again.revision).toBe(3);
  });
});

describe("accounts", () => {
  const made = async (email: string, days: number, proven: boolean) => {
    const id = crypto.randomUUID();
    await client.query(
      `insert into "user" (id, name, email, email_verified, created_at) values ($1, $2, $2, $3, now() - make_interval(days => $4))`,
      [id, email, proven, days],
    );
    const { rows } = await client.query("insert into studio (name) values ($1) returning id", [email]);
    await client.query("insert into member (studio_id, user_id, role) values ($1, $2, 'owner')", [
      rows[0].id,
      id,
    ]);
    return rows[0].id as string;
  };
  const left = async () => {
    const users = await client.query(`select email from "user" where email like '%@tidy.example' order by 1`);
    const studios = await client.query("select name from studio where name like '%@tidy.example' order by 1");
    return [users.rows.map(({ email }) => email), studios.rows.map(({ name }) => name)];
  };

  test("that nobody proved within a week go with their studio; others stay", async () => {
    await made("new@tidy.example", 6, false);
    await made("old@tidy.example", 8, false);
    await made("proven@tidy.example", 800, true);
    // Somebody else works in the studio of one that goes: it stays theirs.
    const shared = await made("shared@tidy.example", 8, false);
    await client.query(
      `insert into member (studio_id, user_id, role) select $1, id, 'coach' from "user" where email = 'proven@tidy.example'`,
      [shared],
    );
    await tidy();
    expect(await left()).toEqual([
      ["new@tidy.example", "proven@tidy.example"],
      ["new@tidy.example", "proven@tidy.example", "shared@tidy.example"],
    ]);
  });

  test("have messages for a day, whatever else lies in the folder stays", async () => {
    const folder = mkdtempSync(`${tmpdir()}/brontle-mail-`);
    process.env.BRONTLE_MAIL_FOLDER = folder;
    const aged = (name: string, hours: number) => {
      writeFileSync(`${folder}/${name}`, "");
      const at = Date.now() / 1000 - hours * 3600;
      utimesSync(`${folder}/${name}`, at, at);
    };
    aged("tidy-old.eml", 25);
    aged("tidy-half.eml.half", 25);
    aged("tidy-new.eml", 23);
    aged("tidy-readme.txt", 9999);
    await tidy();
    const names = readdirSync(folder).filter((name) => name.startsWith("tidy-"));
    expect(names.sort()).toEqual(["tidy-new.eml", "tidy-readme.txt"]);
    rmSync(folder, { recursive: true, force: true });
  });
});
