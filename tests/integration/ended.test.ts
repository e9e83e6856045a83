/** Starting beside another, and ending under load: within five seconds, with all that was acknowledged kept. */
import { afterAll, expect, test } from "vitest";
import { demoSignIn, ownCommands, runs } from "../shared/commands";

const own = ownCommands("ended");
afterAll(own.end);

const PATIENCE_MS = 5000;
const STREAMS = 10;
const WRITERS = 4;
const MOST_WRITES = 100;

/** Resolves when the other end closes the stream, however it does. */
async function untilClosed(reply: Response): Promise<void> {
  const reader = reply.body?.getReader();
  try {
    while (reader && !(await reader.read()).done);
  } catch {
    // Cut off is closed too.
  }
}

test("with open streams and writes under way the application ends by itself, and no acknowledged write is lost", {
  timeout: 120_000,
}, async () => {
  const { stdout } = own.brontle("demo");
  const address = /Brontle is at (\S+)/.exec(stdout)?.[1] ?? "";
  const token = /own page: \S+\/p\/(\S+)/.exec(stdout)?.[1] ?? "";
  const cookie = await demoSignIn(address);
  const sessions = await fetch(`${address}/sessions`, { headers: { cookie } }).then((reply) => reply.text());
  const session = /\/sessions\/([0-9a-f-]{36})/.exec(sessions)?.[1] ?? "";
  const paths = [`/api/part/${token}/stream?session=${session}`, `/api/sessions/${session}/stream`];
  const streams = await Promise.all(
    paths.flatMap((path) =>
      Array.from({ length: STREAMS }, () => fetch(`${address}${path}`, { headers: { cookie } })),
    ),
  );
  expect(streams.map(({ status }) => status)).toEqual(streams.map(() => 200));
  const closed = Promise.all(streams.map(untilClosed));

  const acknowledged: string[] = [];
  const other: number[] = [];
  const write = async (writer: number) => {
    for (let n = 0; n < MOST_WRITES; n += 1) {
      const name = `Writer ${writer} number ${n}`;
      const reply = await fetch(`${address}/api/people`, {
        method: "POST",
        headers: { cookie, origin: address, "content-type": "application/json" },
        body: JSON.stringify({ person: { name } }),
      }).catch(() => null);
      if (reply === null) return;
      if (reply.status === 200) acknowledged.push(name);
      else other.push(reply.status);
    }
  };
  const writers = Promise.all(Array.from({ length: WRITERS }, (_, writer) => write(writer)));
  while (acknowledged.length < 10) await new Promise((resolve) => setTimeout(resolve, 10));
  const pid = own.appPid("demo");
  const asked = Date.now();
  process.kill(pid, "SIGTERM");
  while (runs(pid) && Date.now() - asked < 2 * PATIENCE_MS)
    await new Promise((resolve) => setTimeout(resolve, 20));
  expect(Date.now() - asked).toBeLessThan(PATIENCE_MS);
  await closed;
  await writers;
  expect(other).toEqual([]);

  // The port may have gone to a test beside this one meanwhile; what was written is the same at the next.
  const again = /Brontle is at (\S+)/.exec(own.brontle("demo").stdout)?.[1] ?? "";
  // What this test still held open to the one that ended has to be noticed first.
  await new Promise((resolve) => setTimeout(resolve, 50));
  const kept = await fetch(`${again}/api/people/export`, { headers: { cookie } }).then((reply) =>
    reply.text(),
  );
  expect(acknowledged.filter((name) => !kept.includes(`${name},`) && !kept.includes(`${name}"`))).toEqual([]);
  expect(acknowledged.length).toBeGreaterThanOrEqual(10);
});

test("two that start at the same moment get an address each, and each is its own", {
  timeout: 120_000,
}, async () => {
  const other = ownCommands("beside");
  own.brontle("stop");
  try {
    const both = await Promise.all([own.stay("demo"), other.stay("start")]);
    expect(new Set(both.map(({ address }) => address)).size).toBe(2);
    const pages = await Promise.all(
      both.map(({ address }) => fetch(`${address}/sign-in`).then((reply) => reply.text())),
    );
    expect(pages.map((page) => page.includes("Harbour Steps"))).toEqual([true, false]);
    for (const { child } of both) child.kill("SIGINT");
    expect(await Promise.all(both.map(({ ended }) => ended))).toEqual([0, 0]);
  } finally {
    other.end();
  }
});
