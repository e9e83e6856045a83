/**
 * How long a press takes to reach everybody: many event streams on one class of the demo that runs
 * (`./brontle demo`), and the time from sending a command to its arrival on each stream.
 */
import { setTimeout as sleep } from "node:timers/promises";
import { DEMO_SIGN_IN } from "../ops/seed";

const ADDRESS = process.env.BRONTLE_TEST_ADDRESS ?? "http://127.0.0.1:4173";
const STREAMS = Number(process.argv[2] ?? 100);
const PRESSES = 40;

const headers = { "content-type": "application/json", origin: ADDRESS };
const signedIn = await fetch(`${ADDRESS}/api/auth/sign-in/email`, {
  method: "POST",
  headers,
  body: JSON.stringify({ email: DEMO_SIGN_IN.email, password: DEMO_SIGN_IN.password }),
});
const cookie = signedIn.headers
  .getSetCookie()
  .map((line) => line.split(";")[0])
  .join("; ");
const ask = async (method: string, path: string, body?: unknown) =>
  (
    await fetch(`${ADDRESS}${path}`, {
      method,
      headers: { ...headers, cookie },
      ...(body ? { body: JSON.stringify(body) } : {}),
    })
  ).json();

const classes = await fetch(`${ADDRESS}/classes`, { headers: { cookie } }).then((reply) => reply.text());
const classId = /\/classes\/([0-9a-f-]{36})/.exec(classes)?.[1];
const { id: run } = (await ask("POST", "/api/runs", { classId })) as { id: string };
const arrived = new Map<string, number[]>();
const stop = new AbortController();

async function follow(): Promise<void> {
  const reply = await fetch(`${ADDRESS}/api/runs/${run}/stream`, {
    headers: { cookie },
    signal: stop.signal,
  });
  const decoder = new TextDecoder();
  let held = "";
  for await (const chunk of reply.body as unknown as AsyncIterable<Uint8Array>) {
    held += decoder.decode(chunk, { stream: true });
    const parts = held.split("\n\n");
    held = parts.pop() ?? "";
    const at = performance.now();
    for (const part of parts)
      for (const [, id] of part.matchAll(/"id":"([0-9a-f-]{36})"/g))
        if (id) arrived.set(id, [...(arrived.get(id) ?? []), at]);
  }
}

const streams = Array.from({ length: STREAMS }, () => follow().catch(() => undefined));
await sleep(2000);
const late: number[] = [];
let missed = 0;
let seen = 0;
for (let i = 0; i < PRESSES; i += 1) {
  const id = crypto.randomUUID();
  const sent = performance.now();
  const kind = i === 0 ? "start" : i % 2 ? "pause" : "resume";
  const reply = (await ask("POST", `/api/runs/${run}/events`, { id, kind, payload: {}, seen })) as {
    events: { seq: number }[];
  };
  seen = reply.events.at(-1)?.seq ?? seen;
  await sleep(300);
  const times = arrived.get(id) ?? [];
  missed += STREAMS - times.length;
  late.push(...times.map((at) => at - sent));
}
await ask("POST", `/api/runs/${run}/events`, { id: crypto.randomUUID(), kind: "end", payload: {}, seen });
stop.abort();
await Promise.all(streams);
late.sort((a, b) => a - b);
const at = (share: number) => Math.round(late[Math.floor(share * (late.length - 1))] ?? Number.NaN);
console.log(
  `${STREAMS} streams, ${PRESSES} presses: p50 ${at(0.5)} ms, p95 ${at(0.95)} ms, most ${at(1)} ms, missed ${missed}`,
);
