/**
 * How long a press takes to reach everybody, in one run: 20, 100 and 1,000 streams of one class, and 50 classes of 20,
 * beside a plain server that writes the same bytes to as many connections from memory, read by the same clients.
 * All come from one address, so the demo is started with room for them:
 * `BRONTLE_STREAMS_PER_ADDRESS=6000 ./brontle demo`, then
 * `BRONTLE_MAIL_FOLDER=.data/demo/mail node --import tsx bench/live.ts [address] [idle streams]`.
 */
import { readFileSync } from "node:fs";
import { Agent, createServer, get, type IncomingMessage, type ServerResponse } from "node:http";
import type { AddressInfo } from "node:net";
import { setTimeout as sleep } from "node:timers/promises";
import { demoFile } from "../ops/seed";

const address = process.argv[2] ?? "http://127.0.0.1:4173";
const IDLE = Number(process.argv[3] ?? 0);
process.env.BRONTLE_TEST_ADDRESS = address;
const { ask: askOnce, newStudio } = await import("../tests/shared/http");

const PRESSES = 200;
const APART_MS = 120;
/** A link has twelve streams at most; ten leave room for those that are just going. */
const STREAMS_OF_ONE = 10;
const agent = new Agent({ keepAlive: false, maxSockets: Number.POSITIVE_INFINITY });

/** Asks, and waits where it was too often: an instructor changes so many things a minute. */
async function ask(...said: Parameters<typeof askOnce>): ReturnType<typeof askOnce> {
  for (;;) {
    const reply = await askOnce(...said);
    if (reply.status !== 429) return reply;
    await sleep(3000);
  }
}

/** Processor time of a process so far, ms, and its memory now, MB. */
function costOf(pid: number): { readonly cpuMs: number; readonly mb: number } {
  const stat = readFileSync(`/proc/${pid}/stat`, "utf8").split(") ")[1]?.split(" ") ?? [];
  const pages = Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))?.[1]);
  return { cpuMs: (Number(stat[11]) + Number(stat[12])) * 10, mb: Math.round(pages / 1024) };
}

/** When which mark came in on any stream. */
const arrived = new Map<string, number[]>();

/** Follows a stream; gives what ends it. Marks are looked for in the bytes as they come. */
function follow(url: string, marks: () => readonly string[]): Promise<() => void> {
  return new Promise((resolve, reject) => {
    const request = get(url, { agent }, (response: IncomingMessage) => {
      if (response.statusCode !== 200)
        return reject(new Error(`a stream was refused: ${response.statusCode}`));
      response.on("data", (chunk: Buffer) => {
        const at = performance.now();
        for (const mark of marks()) if (chunk.includes(mark)) arrived.get(mark)?.push(at);
      });
      response.on("error", () => undefined);
      resolve(() => request.destroy());
    });
    request.on("error", reject);
  });
}

/** Streams opened some at a time, as people come. */
async function followAll(urls: readonly string[], marks: () => readonly string[]): Promise<() => void> {
  const ends: (() => void)[] = [];
  for (let i = 0; i < urls.length; i += 40)
    ends.push(...(await Promise.all(urls.slice(i, i + 40).map((url) => follow(url, marks)))));
  return () => {
    for (const end of ends) end();
  };
}

interface Lateness {
  readonly p50: number;
  readonly p99: number;
  readonly most: number;
  readonly missed: number;
}

function latenessOf(
  pressed: ReadonlyMap<string, { readonly sent: number; readonly readers: number }>,
): Lateness {
  let missed = 0;
  const late: number[] = [];
  for (const [mark, { sent, readers }] of pressed) {
    const times = arrived.get(mark) ?? [];
    missed += readers - times.length;
    late.push(...times.map((when) => when - sent));
  }
  late.sort((a, b) => a - b);
  const at = (share: number) => late[Math.floor(share * (late.length - 1))] ?? Number.NaN;
  return { p50: at(0.5), p99: at(0.99), most: at(1), missed };
}

const studio = await newStudio("Bench");
const pid = Number(process.env.BRONTLE_BENCH_PID ?? (await pidOf()));

/** The web process that listens there: the one that a state file beside the mail folder names. */
async function pidOf(): Promise<number> {
  const folder = (process.env.BRONTLE_MAIL_FOLDER ?? "").replace(/\/mail$/, "");
  return (JSON.parse(readFileSync(`${folder}/app.json`, "utf8")) as { pid: number }).pid;
}

const doc = demoFile("classes/2-stairwell-strength.json");
const people: { readonly id: string; readonly link: string }[] = [];
async function needPeople(count: number): Promise<void> {
  while (people.length < count) {
    const person = { name: `Phone ${people.length}`, kit: [] };
    const { id } = (await ask(studio, "POST", "/api/people", { person })).json;
    const { address: link } = (await ask(studio, "POST", `/api/people/${id}/link`, {})).json as unknown as {
      address: string;
    };
    people.push({ id, link: link.replace(/^.*\/p\//, "") });
  }
}

/** Sessions with so many streams each, all open. */
async function open(sessions: number, streams: number) {
  const each = Math.ceil(streams / STREAMS_OF_ONE);
  // A link follows one class: nobody is in two at once.
  await needPeople(each * sessions);
  const made: { readonly id: string; readonly urls: readonly string[] }[] = [];
  for (let i = 0; i < sessions; i += 1) {
    const asked = people.slice(i * each, (i + 1) * each);
    const { id: classId } = (await ask(studio, "POST", "/api/classes", { doc })).json;
    const body = { classId, people: asked.map((person) => person.id) };
    const { id } = (await ask(studio, "POST", "/api/sessions/now", body)).json;
    const urls = Array.from(
      { length: streams },
      (_, n) => `${address}/api/part/${asked[Math.floor(n / STREAMS_OF_ONE)]?.link}/stream?session=${id}`,
    );
    made.push({ id, urls });
  }
  return made;
}

const cell = (value: number) => value.toFixed(1).padStart(7);
function line(name: string, ours: Lateness, plain: Lateness, cpuMs: number, mb: number): void {
  console.log(
    `${name.padEnd(16)} p50 ${cell(ours.p50)} p99 ${cell(ours.p99)} most ${cell(ours.most)} ms, missed ${ours.missed}; plain p50 ${cell(plain.p50)} p99 ${cell(plain.p99)}; ratio of p99 ${(ours.p99 / plain.p99).toFixed(1)}; ${Math.round(cpuMs)} ms of processor a press, ${mb} MB`,
  );
}

async function measure(name: string, sessions: number, streams: number): Promise<void> {
  let current: readonly string[] = [];
  const made = await open(sessions, streams);
  const end = await followAll(
    made.flatMap(({ urls }) => urls),
    () => current,
  );
  await sleep(1500);
  const seen = new Map<string, number>();
  // What freezes a class is done once, before.
  for (const { id } of made) seen.set(id, await press(id, "start", 0));
  await sleep(2000);
  const before = costOf(pid);
  const pressed = new Map<string, { sent: number; readers: number }>();
  for (let i = 0; i < PRESSES; i += 1) {
    const { id } = made[i % made.length] as (typeof made)[number];
    const mark = crypto.randomUUID();
    arrived.set(mark, []);
    current = [...current.slice(-7), mark];
    pressed.set(mark, { sent: performance.now(), readers: streams });
    const kind = Math.floor(i / made.length) % 2 ? "resume" : "pause";
    seen.set(id, await press(id, kind, seen.get(id) ?? 0, mark));
    await sleep(APART_MS);
  }
  await sleep(1500);
  const after = costOf(pid);
  end();
  const ours = latenessOf(pressed);
  line(name, ours, await plainly(streams, sessions), (after.cpuMs - before.cpuMs) / PRESSES, after.mb);
  for (const { id } of made) await press(id, "end", 0);
  await sleep(1000);
}

async function press(
  session: string,
  kind: string,
  seen: number,
  id: string = crypto.randomUUID(),
): Promise<number> {
  const reply = await ask(studio, "POST", `/api/sessions/${session}/events`, { id, kind, payload: {}, seen });
  const { events } = reply.json as unknown as { events: { seq: number }[] };
  return events.at(-1)?.seq ?? seen;
}

/** The same from a server that does nothing but write what it is told to all who follow. */
async function plainly(streams: number, sessions: number): Promise<Lateness> {
  const rooms = Array.from({ length: sessions }, () => new Set<ServerResponse>());
  const server = createServer((request, response) => {
    const room = rooms[Number(request.url?.slice(1).split("/")[0])];
    if (request.method === "POST") {
      let body = "";
      request.on("data", (chunk) => (body += chunk));
      request.on("end", () => {
        for (const each of room ?? []) each.write(`id: 1\ndata: ${body}\n\n`);
        response.end("{}");
      });
      return;
    }
    response.writeHead(200, { "content-type": "text/event-stream" });
    response.write("retry: 1000\n\n");
    room?.add(response);
  });
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  let current: readonly string[] = [];
  const urls = rooms.flatMap((_, room) => Array.from({ length: streams }, () => `${base}/${room}`));
  const end = await followAll(urls, () => current);
  const pressed = new Map<string, { sent: number; readers: number }>();
  for (let i = 0; i < PRESSES; i += 1) {
    const mark = crypto.randomUUID();
    arrived.set(mark, []);
    current = [...current.slice(-7), mark];
    pressed.set(mark, { sent: performance.now(), readers: streams });
    const event = [{ id: mark, kind: "pause", payload: {}, seq: i, atMs: 0 }];
    await fetch(`${base}/${i % sessions}`, { method: "POST", body: JSON.stringify(event) }).then((r) =>
      r.text(),
    );
    await sleep(30);
  }
  await sleep(300);
  end();
  server.closeAllConnections();
  server.close();
  return latenessOf(pressed);
}

/** Everybody at the door at once: forty pages of a class asked for in the same instant. */
async function atTheDoor(): Promise<void> {
  const [made] = await open(1, 400);
  const token = (i: number) => people[i]?.link;
  const from = performance.now();
  const times = await Promise.all(
    Array.from({ length: 40 }, async (_, i) => {
      await follow(`${address}/api/part/${token(i)}/stream?session=${made?.id}`, () => []);
      return performance.now() - from;
    }),
  );
  console.log(`40 streams at the door at once: the last after ${Math.max(...times).toFixed(0)} ms`);
  const started = performance.now();
  await press(made?.id ?? "", "start", 0);
  console.log(`a start with 40 people asked: ${(performance.now() - started).toFixed(0)} ms`);
}

async function idle(count: number): Promise<void> {
  const before = costOf(pid).mb;
  const made = await open(Math.ceil(count / 100), 100);
  const end = await followAll(
    made.flatMap(({ urls }) => urls),
    () => [],
  );
  await sleep(15_000);
  const from = costOf(pid);
  await sleep(10_000);
  const to = costOf(pid);
  console.log(
    `${count} idle streams: ${to.mb} MB (${before} MB before), ${((to.cpuMs - from.cpuMs) / 100).toFixed(1)} % of a processor`,
  );
  end();
}

await measure("20", 1, 20);
await measure("100", 1, 100);
await measure("1000", 1, 1000);
await measure("50 x 20", 50, 20);
await atTheDoor();
if (IDLE > 0) await idle(IDLE);
agent.destroy();
process.exit(0);
