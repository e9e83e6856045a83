/**
 * How long a press takes to reach everybody: many phones on one class of the demo, and the time from sending
 * a command to its arrival on each stream. All come from one address, so the demo is started with room for
 * them: `BRONTLE_STREAMS_PER_ADDRESS=5000 ./brontle demo`, then `node --import tsx bench/live.ts 100`.
 */
import { setTimeout as sleep } from "node:timers/promises";
import { DEMO_SIGN_IN } from "../ops/seed";

const ADDRESS = process.env.BRONTLE_TEST_ADDRESS ?? "http://127.0.0.1:4173";
const STREAMS = Number(process.argv[2] ?? 100);
const PRESSES = 40;
/** A link has twelve streams at most; ten leave room for those that are just going. */
const STREAMS_OF_ONE = 10;

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
const links: string[] = [];
for (let i = 0; i < Math.ceil(STREAMS / STREAMS_OF_ONE); i += 1) {
  const { id } = (await ask("POST", "/api/people", { person: { name: `Phone ${i}`, kit: [] } })) as {
    id: string;
  };
  const { address } = (await ask("POST", `/api/people/${id}/link`, {})) as { address: string };
  links.push(address.replace(/^.*\/p\//, ""));
}
const { id: session } = (await ask("POST", "/api/sessions/now", { classId })) as { id: string };
const arrived = new Map<string, number[]>();
const stop = new AbortController();

async function follow(i: number): Promise<void> {
  const link = links[Math.floor(i / STREAMS_OF_ONE)];
  const reply = await fetch(`${ADDRESS}/api/part/${link}/stream?session=${session}`, { signal: stop.signal });
  if (!reply.ok) throw new Error(`a stream was refused: ${reply.status}`);
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

const streams = Array.from({ length: STREAMS }, (_, i) =>
  follow(i).catch((error: Error) => {
    if (!stop.signal.aborted) console.error(error.message);
  }),
);
await sleep(3000);
const late: number[] = [];
const pressed: { readonly id: string; readonly sent: number }[] = [];
let seen = 0;
for (let i = 0; i < PRESSES; i += 1) {
  const id = crypto.randomUUID();
  const sent = performance.now();
  const kind = i === 0 ? "start" : i % 2 ? "pause" : "resume";
  const reply = (await ask("POST", `/api/sessions/${session}/events`, { id, kind, payload: {}, seen })) as {
    events: { seq: number }[];
  };
  seen = reply.events.at(-1)?.seq ?? seen;
  await sleep(300);
  pressed.push({ id, sent });
}
await ask("POST", `/api/sessions/${session}/events`, {
  id: crypto.randomUUID(),
  kind: "end",
  payload: {},
  seen,
});
// What is late arrives all the same; what hasn't by now is missed.
await sleep(3000);
let missed = 0;
for (const { id, sent } of pressed) {
  const times = arrived.get(id) ?? [];
  missed += STREAMS - times.length;
  late.push(...times.map((when) => when - sent));
}
stop.abort();
await Promise.all(streams);
late.sort((a, b) => a - b);
const at = (share: number) => Math.round(late[Math.floor(share * (late.length - 1))] ?? Number.NaN);
console.log(
  `${STREAMS} streams, ${PRESSES} presses: p50 ${at(0.5)} ms, p95 ${at(0.95)} ms, most ${at(1)} ms, missed ${missed}`,
);
