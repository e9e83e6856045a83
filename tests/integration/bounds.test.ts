/** The largest and oddest requests that anybody can send: small answers, at once, and nobody else waits. */
import { readFileSync } from "node:fs";
import { beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import { ADDRESS, type Asker, ask, newStudio } from "../shared/http";

let owner: Asker;
let classId = "";
let person = "";
let link = "";

beforeAll(async () => {
  owner = await newStudio("Bounds");
  classId = (await ask(owner, "POST", "/api/classes", { doc: newClass("Small", "form") })).json.id;
  person = (await ask(owner, "POST", "/api/people", { person: { name: "Somebody" } })).json.id;
  const made = await ask(owner, "POST", `/api/people/${person}/link`, {});
  link = String(made.json.address).split("/p/")[1] ?? "";
});

/** Sends, and holds the answer to a second and 100 kB. */
async function soon(method: string, path: string, body: unknown, asker = owner) {
  const text = typeof body === "string" ? body : JSON.stringify(body);
  const from = performance.now();
  const reply = await ask(asker, method, path, text);
  expect(performance.now() - from, path).toBeLessThan(1500);
  // A class may come back whole; a refusal is short.
  expect(reply.text.length).toBeLessThan(reply.status === 200 ? 1_100_000 : 100_000);
  return reply;
}

const many = <T>(count: number, make: (i: number) => T) => Array.from({ length: count }, (_, i) => make(i));
const slot = (i: number) => ({ id: `s${i}`, move: `no-such-move-${i}`, dose: { seconds: 20 } });
const small = newClass("Small", "form");

describe("one request", () => {
  test("with three thousand dumbbells is refused, with a hundred taken", async () => {
    const kit = (count: number) => many(count, (i) => ({ id: `k${i}`, type: "dumbbell", kg: 1 + i / 100 }));
    const path = `/api/people/${person}`;
    expect((await soon("PUT", path, { person: { name: "Much", kit: kit(3000) } })).status).toBe(400);
    const over = await soon("PUT", path, { person: { name: "Much", kit: kit(101) } });
    expect([over.status, over.json.message]).toEqual([422, expect.stringContaining("0 to 100 kinds of kit")]);
    expect((await soon("PUT", path, { person: { name: "Much", kit: kit(100) } })).status).toBe(200);
    const own = { person: { name: "Much", kit: kit(3000) } };
    expect((await soon("PUT", `/api/part/${link}/home`, own, { cookie: "", origin: ADDRESS })).status).toBe(
      400,
    );
  });

  test("with thousands of unknown moves is told the first fifty and how many more", async () => {
    const blocks = many(50, (b) => ({ id: `b${b}`, title: "", slots: many(40, (i) => slot(b * 40 + i)) }));
    const reply = await soon("POST", "/api/classes", { doc: { ...small, blocks } });
    expect(reply.status).toBe(422);
    const faults = reply.json.faults as { path: string; code: string; count?: number; near?: string[] }[];
    expect(faults).toHaveLength(51);
    expect(faults.at(-1)).toEqual({ path: "$", code: "more", count: 1950 });
    expect(
      (await soon("POST", "/api/classes", { doc: { ...small, blocks: many(28_000, slot) } })).status,
    ).toBe(413);
  });

  test("with a list of zeros as long as a body may be brings a short answer", async () => {
    const doc = { ...small, blocks: many(500_000, () => 0) };
    expect((await soon("POST", "/api/classes", { doc })).status).toBe(400);
    const edits = { base: 1, edits: many(300_000, () => 0) };
    expect((await soon("POST", `/api/classes/${classId}/edits`, edits)).status).toBe(400);
    const people = {
      people: many(20_000, () => 0),
      classId,
      startsAt: "2027-01-04T19:00:00Z",
      timeZone: "UTC",
    };
    expect((await soon("POST", "/api/sessions", people)).status).toBe(400);
  });

  test("never makes a class larger than a document may be", async () => {
    const edit = (n: number) => ({
      id: crypto.randomUUID(),
      edit: { op: "set", target: { in: "class" }, key: `note${n}`, to: "x".repeat(200_000) },
    });
    for (let n = 0; n < 8; n += 1) {
      const reply = await soon("POST", `/api/classes/${classId}/edits`, { base: 1, edits: [edit(n)] });
      expect(reply.status).toBe(200);
      const refused = (reply.json.refused as unknown[]).length;
      expect(refused).toBe(n < 4 ? 0 : 1);
    }
    expect((await ask(owner, "GET", `/api/classes/${classId}/file`)).text.length).toBeLessThan(1_000_000);
  });

  test("with hundreds of edits to a large class takes some and says which are left", async () => {
    const edits = many(120, (i) => ({
      id: crypto.randomUUID(),
      edit: { op: "set", target: { in: "class" }, key: "mark", to: i },
    }));
    const reply = await soon("POST", `/api/classes/${classId}/edits`, { base: 1, edits });
    const left = reply.json.left as string[];
    expect(left.length).toBeGreaterThan(50);
    expect(left).toEqual(edits.slice(edits.length - left.length).map(({ id }) => id));
    const rest = edits.filter(({ id }) => left.includes(id));
    expect((await soon("POST", `/api/classes/${classId}/edits`, { base: 1, edits: rest })).status).toBe(200);
  });

  test("with NUL, half a character, deep JSON, an impossible time or one edit twice is a 400 with a sentence", async () => {
    const edit = {
      id: crypto.randomUUID(),
      edit: { op: "set", target: { in: "class" }, key: "title", to: "T" },
    };
    const plan = { classId, timeZone: "UTC", people: null };
    const cases: readonly [method: string, path: string, body: unknown, words: string][] = [
      ["POST", "/api/people", '{"person":{"name":"a\\u0000b"}}', "NUL"],
      ["POST", "/api/people", '{"person":{"name":"\\ud83d"}}', "half of a character"],
      [
        "POST",
        "/api/people",
        `{"person":{"name":"P","aside":${"[".repeat(5000)}${"]".repeat(5000)}}}`,
        "nested deeper",
      ],
      ["POST", "/api/sessions", { ...plan, startsAt: "2027-01-04T19:00:00+99:99" }, "no such time"],
      ["POST", "/api/sessions", { ...plan, startsAt: "9999-12-31T23:59:59Z" }, "years ahead"],
      ["POST", `/api/classes/${classId}/edits`, { base: 1, edits: [edit, edit] }, "twice"],
      ["POST", "/api/sessions/now", { classId: "\u0000" }, "NUL"],
      ["POST", "/api/people", "\u0000", "not JSON"],
      [
        "POST",
        "/api/auth/sign-up/email",
        '{"name":"\\ud83d","email":"torn@studio.example","password":"long-enough-password"}',
        "half of a character",
      ],
      [
        "POST",
        "/api/auth/sign-up/email",
        '{"name":"a\\u0000","email":"nul@studio.example","password":"long-enough-password"}',
        "NUL",
      ],
      [
        "PUT",
        `/api/part/${link}/whereabouts`,
        { session: crypto.randomUUID(), place: "\udc00", contact: "" },
        "half of a character",
      ],
    ];
    for (const [method, path, body, words] of cases) {
      const reply = await soon(method, path, body);
      expect([path, reply.status], reply.text).toEqual([path, 400]);
      expect(String(reply.json.message)).toContain(words);
    }
    const torn = await fetch(`${ADDRESS}/api/people`, {
      method: "POST",
      headers: { cookie: owner.cookie, origin: ADDRESS, "content-type": "application/json" },
      body: Buffer.from([0x22, 0xff, 0xfe, 0x22]),
    });
    expect(torn.status).toBe(400);
    expect(
      (await ask(owner, "GET", `/api/sessions/${crypto.randomUUID()}/whereabouts?person=%00`)).status,
    ).toBe(400);
  });

  test("asks for no more seconds than its command may take", async () => {
    const session = (await ask(owner, "POST", "/api/sessions/now", { classId })).json.id;
    const press = (kind: string, seconds: number) =>
      ask(owner, "POST", `/api/sessions/${session}/events`, {
        id: crypto.randomUUID(),
        kind,
        payload: { seconds },
        seen: 0,
      });
    expect((await press("extend", 601)).status).toBe(400);
    expect((await press("extend", 600)).status).toBe(200);
    expect((await press("shorten-rests", 3600)).status).toBe(200);
    expect((await press("skip", 1)).status).toBe(400);
  });
});

describe("a body without an end", () => {
  const memoryKb = (pid: number) =>
    Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))?.[1] ?? 0);
  const pid = Number(process.env.BRONTLE_TEST_APP_PID);

  /** Sends zeros until it is answered or so many MB are gone; gives the status and how many went. */
  async function pour(method: string, path: string, megabytes: number) {
    let sent = 0;
    const block = new Uint8Array(1_000_000).fill(48);
    const body = new ReadableStream<Uint8Array>({
      pull(controller) {
        if (sent >= megabytes) return controller.close();
        sent += 1;
        controller.enqueue(block);
      },
    });
    const init = {
      method,
      headers: { origin: ADDRESS, cookie: owner.cookie, "content-type": "application/json" },
      body,
      duplex: "half",
    };
    const status = await fetch(`${ADDRESS}${path}`, init as RequestInit).then(
      (reply) => reply.status,
      // Answered and closed while it was still being sent.
      () => 413,
    );
    return { status, sent };
  }

  test("is cut off, signing in and elsewhere, and never held in memory", { timeout: 60_000 }, async () => {
    const before = memoryKb(pid);
    for (const path of ["/api/auth/sign-in/email", "/api/classes", `/api/part/${link}/home`, "/sign-in"]) {
      const { status } = await pour(path.endsWith("/home") ? "PUT" : "POST", path, 200);
      expect(path === "/sign-in" ? status < 500 : status === 413, `${path} ${status}`).toBe(true);
    }
    expect(memoryKb(pid) - before).toBeLessThan(250_000);
    expect((await fetch(`${ADDRESS}/api/health`)).status).toBe(200);
  });
});

describe("streams", () => {
  test("of one link are at most twelve, and those that end make room", { timeout: 60_000 }, async () => {
    const classes = (await ask(owner, "POST", "/api/classes", { doc: newClass("Followed", "form") })).json.id;
    const session = (await ask(owner, "POST", "/api/sessions/now", { classId: classes })).json.id;
    const open = async () => {
      const stop = new AbortController();
      const reply = await fetch(`${ADDRESS}/api/part/${link}/stream?session=${session}`, {
        signal: stop.signal,
      });
      return { status: reply.status, stop };
    };
    const all = [];
    for (let i = 0; i < 13; i += 1) all.push(await open());
    expect(all.map(({ status }) => status)).toEqual([...many(12, () => 200), 429]);
    all[0]?.stop.abort();
    const again = async (tries: number): Promise<number> => {
      const next = await open();
      all.push(next);
      return next.status === 200 || tries === 0 ? next.status : again(tries - 1);
    };
    expect(await again(20)).toBe(200);
    for (const { stop } of all) stop.abort();
  });
});
