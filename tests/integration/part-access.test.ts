/** What a personal link opens and takes: that person's own, and nothing else. */
import { readdirSync } from "node:fs";
import { beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import { ADDRESS, type Asker, ask, NOBODY, newStudio } from "../shared/http";

let owner: Asker;
let stranger: Asker;
const ids = { session: "", ended: "", alone: "" };
const doc = newClass("Mine alone", "form");

beforeAll(async () => {
  owner = await newStudio("Link makers");
  stranger = await newStudio("Link strangers");
});

describe("a personal link", () => {
  const part = { home: "", other: "" };
  const token = (address: unknown) => String(address).split("/p/")[1] ?? "";
  const PART_ROUTES: readonly { route: string; method: string; body?: () => unknown }[] = [
    { route: "shown", method: "GET" },
    { route: "stream", method: "GET" },
    {
      route: "events",
      method: "POST",
      body: () => ({ id: crypto.randomUUID(), session: crypto.randomUUID(), kind: "join" }),
    },
    { route: "home", method: "PUT", body: () => ({ person: { name: "Private Person", kit: [] } }) },
    { route: "events", method: "GET" },
    { route: "content", method: "GET" },
    { route: "calendar", method: "GET" },
    { route: "sheet", method: "GET" },
    { route: "data", method: "GET" },
    {
      route: "tonight",
      method: "PUT",
      body: () => ({ session: ids.session, limits: ["no-twisting"], without: [], mark: null }),
    },
    {
      route: "readiness",
      method: "PUT",
      body: () => ({ askFirst: [], adapt: ["joint"], shareAskFirst: false, code: "2468" }),
    },
    { route: "readiness", method: "POST", body: () => ({ code: "2468" }) },
    { route: "data", method: "POST", body: () => ({ code: "2468" }) },
    { route: "links", method: "DELETE", body: () => ({}) },
    { route: "feed", method: "POST", body: () => ({}) },
    { route: "feed", method: "DELETE", body: () => ({}) },
    {
      route: "alone/[id]",
      method: "PUT",
      body: () => ({ slots: {}, effort: 5, note: "", hurt: [] }),
    },
    { route: "readiness", method: "DELETE", body: () => ({}) },
    {
      route: "whereabouts",
      method: "PUT",
      body: () => ({ session: ids.session, place: "Quay 3", contact: "" }),
    },
    {
      route: "log",
      method: "PUT",
      body: () => ({ session: ids.ended, entries: [{ field: "effort", value: 5 }] }),
    },
  ];
  /** The status of a request, without waiting for a stream to end. */
  const status = async (method: string, path: string, body?: unknown, origin = ADDRESS) => {
    const stop = new AbortController();
    const response = await fetch(`${ADDRESS}${path}`, {
      method,
      signal: stop.signal,
      headers: { origin, "content-type": "application/json" },
      ...(method === "GET" ? {} : { body: JSON.stringify(body ?? {}) }),
    });
    stop.abort();
    return response.status;
  };

  beforeAll(async () => {
    const made = (await ask(owner, "POST", "/api/people", { person: { name: "Link Holder" } })).json.id;
    part.home = token((await ask(owner, "POST", `/api/people/${made}/link`, {})).json.address);
    const theirs = (await ask(stranger, "POST", "/api/people", { person: { name: "Elsewhere" } })).json.id;
    part.other = token((await ask(stranger, "POST", `/api/people/${theirs}/link`, {})).json.address);
    const cls = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
    ids.session = (await ask(owner, "POST", "/api/sessions/now", { classId: cls })).json.id;
    const plan = { people: [made], classId: cls, day: "2027-02-01", note: "" };
    ids.alone = String(((await ask(owner, "POST", "/api/alone", plan)).json.ids as string[])[0]);
    const taught = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
    ids.ended = (await ask(owner, "POST", "/api/sessions/now", { classId: taught })).json.id;
    for (const kind of ["start", "end"]) {
      const command = { id: crypto.randomUUID(), kind, payload: {}, seen: 9 };
      await ask(owner, "POST", `/api/sessions/${ids.ended}/events`, command);
    }
  });

  test("takes what a person says of themselves, and only in sessions that they are asked to", async () => {
    const late = (await ask(owner, "POST", "/api/people", { person: { name: "Not Asked" } })).json.id;
    const unasked = token((await ask(owner, "POST", `/api/people/${late}/link`, {})).json.address);
    for (const { route, method, body } of PART_ROUTES) {
      if (route === "home" || route === "stream" || (route === "events" && method === "POST")) continue;
      const needsSession = method === "GET" && ["events", "content", "calendar", "sheet"].includes(route);
      const path = (own: string) =>
        `/api/part/${own}/${route.replace("[id]", ids.alone)}${needsSession ? `?session=${ids.session}` : ""}`;
      expect(await status(method, path(part.home), body?.()), `${method} ${route}`).toBe(200);
      if (method !== "GET") {
        expect(await status(method, path(part.home), body?.(), "http://elsewhere.example")).toBe(403);
        expect(await status(method, path(part.home), { nonsense: true })).toBe(400);
      }
      const ofSession = needsSession || ["tonight", "whereabouts", "log", "alone/[id]"].includes(route);
      for (const other of [part.other, unasked])
        if (ofSession) expect(await status(method, path(other), body?.()), route).toBe(404);
    }
    const presence = { session: ids.ended, entries: [{ field: "present", value: true }] };
    expect(await status("PUT", `/api/part/${part.home}/log`, presence)).toBe(422);
    const wild = { session: ids.ended, entries: [{ field: "effort", value: 11 }] };
    expect(await status("PUT", `/api/part/${part.home}/log`, wild)).toBe(400);
  });

  test("of health answers nothing reaches an instructor's pages, files or the logs", async () => {
    const plain = { askFirst: ["palpitations"], adapt: ["hernia"], shareAskFirst: false, code: "2468" };
    const answers = {
      ...plain,
      activity: "not-regular",
      intended: "hard",
      guardian: "Runa Hollis",
      consents: true,
    };
    // Under 18 nobody answers without a guardian who agrees.
    for (const wrong of [{ consents: false }, { consents: undefined }, { guardian: "R" }])
      expect(await status("PUT", `/api/part/${part.home}/readiness`, { ...answers, ...wrong })).toBe(400);
    expect(await status("PUT", `/api/part/${part.home}/readiness`, answers)).toBe(200);
    const people = (await ask(owner, "GET", "/people")).text;
    const id = /\/people\/([0-9a-f-]{36})[^>]*>Link Holder/.exec(people)?.[1];
    expect(id).toBeDefined();
    for (const path of [
      `/people/${id}`,
      `/sessions/${ids.session}`,
      `/teach/${ids.session}`,
      `/api/people/${id}/data`,
    ]) {
      const reply = await ask(owner, "GET", path);
      expect(reply.status, path).toBe(200);
      for (const word of ["hernia", "palpitations", "asks a professional first", "Runa", "not-regular"])
        expect(reply.text, path).not.toContain(word);
    }
    // The link alone, which an instructor can make, opens none of them: not the page, not the file.
    for (const path of [`/p/${part.home}`, `/api/part/${part.home}/data`])
      expect((await ask(NOBODY, "GET", path)).text, path).not.toMatch(/hernia"|palpitations"|Runa/);
    const data = (code: string) => ask(NOBODY, "POST", `/api/part/${part.home}/data`, { code });
    expect((await data("1357")).status).toBe(403);
    expect((await data("2468")).text).toMatch(/hernia.*Runa Hollis/s);
    await status("DELETE", `/api/part/${part.home}/readiness`, {});
    expect((await data("2468")).status).toBe(404);
  });

  test("the table of its routes knows every one", () => {
    const root = new URL("../../src/app/api/part/[token]/", import.meta.url).pathname;
    const found = readdirSync(root, { recursive: true, encoding: "utf8" })
      .filter((file) => file.endsWith("/route.ts"))
      .map((file) => file.replace("/route.ts", ""));
    expect(found.sort()).toEqual([...new Set(PART_ROUTES.map((entry) => entry.route))].sort());
  });

  test("opens its own pages, and nothing of an instructor's", async () => {
    expect((await ask(NOBODY, "GET", `/p/${part.home}`)).status).toBe(200);
    expect((await ask(NOBODY, "GET", `/p/${part.home}/home`)).status).toBe(200);
    expect(await status("GET", `/api/part/${part.home}/shown`)).toBe(200);
    expect(await status("GET", `/api/part/${part.home}/stream?session=${ids.session}`)).toBe(200);
    expect(await status("GET", `/api/part/${part.home}/stream`)).toBe(404);
    expect(await status("GET", `/api/part/${part.other}/stream?session=${ids.session}`)).toBe(404);
    const entry = { id: crypto.randomUUID(), session: ids.session, kind: "join" };
    expect(await status("POST", `/api/part/${part.home}/events`, entry)).toBe(200);
    expect(await status("POST", `/api/part/${part.other}/events`, entry)).toBe(404);
    expect((await ask(NOBODY, "GET", `/api/sessions/${ids.session}/events`)).status).toBe(401);
    expect(await status("GET", `/api/sessions/${ids.session}/stream`)).toBe(401);
  });

  test("that is unknown, revoked or renewed opens nothing", async () => {
    const person = (await ask(owner, "POST", "/api/people", { person: { name: "Leaver" } })).json.id;
    const path = `/api/people/${person}/link`;
    const first = token((await ask(owner, "POST", path, {})).json.address);
    const second = token((await ask(owner, "POST", path, {})).json.address);
    expect(await status("GET", `/api/part/${second}/shown`)).toBe(200);
    await ask(owner, "DELETE", path, {});
    const made = "A".repeat(43);
    for (const gone of [first, second, made, "short", "..%2f"]) {
      for (const { route, method, body } of PART_ROUTES) {
        // After many wrong addresses from one place the answer is to wait; it never opens anything.
        expect([404, 429], route).toContain(await status(method, `/api/part/${gone}/${route}`, body?.()));
      }
      expect((await ask(NOBODY, "GET", `/p/${gone}`)).status).toBe(404);
      expect((await ask(NOBODY, "GET", `/p/${gone}/home`)).status).toBe(404);
    }
  });

  test("takes nothing from another site, nothing unknown, and nothing of anybody else's", async () => {
    const entry = { id: crypto.randomUUID(), session: ids.session, kind: "hurt" };
    const path = `/api/part/${part.home}/events`;
    expect(await status("POST", path, entry, "http://elsewhere.example")).toBe(403);
    expect(await status("POST", path, { ...entry, kind: "end" })).toBe(400);
    expect(await status("POST", path, { ...entry, person: "somebody-else" })).toBe(400);
    expect(await status("POST", path, { ...entry, id: crypto.randomUUID(), slot: "s1" })).toBe(200);
    const { events } = (await ask(owner, "GET", `/api/sessions/${ids.session}/events`)).json as unknown as {
      events: { kind: string; payload: { person?: string } }[];
    };
    const hurt = events.filter((event) => event.kind === "hurt");
    expect(hurt).toHaveLength(1);
    expect(hurt[0]?.payload.person).toMatch(/^p-/);
  });

  test("always takes that it hurts: after too many other entries, and though another class was opened", async () => {
    const person = (await ask(owner, "POST", "/api/people", { person: { name: "In Pain" } })).json.id;
    const own = token((await ask(owner, "POST", `/api/people/${person}/link`, {})).json.address);
    const cls = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
    const session = (await ask(owner, "POST", "/api/sessions/now", { classId: cls })).json.id;
    const enter = (kind: string) =>
      status("POST", `/api/part/${own}/events`, { id: crypto.randomUUID(), session, kind });
    const replies: number[] = [];
    for (let i = 0; i < 80 && replies.at(-1) !== 429; i += 1) replies.push(await enter("join"));
    expect(replies.at(-1)).toBe(429);
    const next = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
    await ask(owner, "POST", "/api/sessions/now", { classId: next });
    expect(await enter("hurt")).toBe(200);
    expect(await enter("hurt")).toBe(200);
    const { events } = (await ask(owner, "GET", `/api/sessions/${session}/events`)).json as unknown as {
      events: { kind: string }[];
    };
    expect(events.filter((event) => event.kind === "hurt")).toHaveLength(1);
  });

  test("stores what a person says of their home, and keeps what is the instructor's", async () => {
    const person = (await ask(owner, "POST", "/api/people", { person: { name: "Home Body" } })).json.id;
    await ask(owner, "PUT", `/api/people/${person}/always`, { from: "press-up", to: "wall-press-up" });
    const own = token((await ask(owner, "POST", `/api/people/${person}/link`, {})).json.address);
    const said = { name: "Home Body", kit: [{ id: "k", type: "towel" }], always: {}, id: "else" };
    expect(await status("PUT", `/api/part/${own}/home`, { person: said })).toBe(200);
    const file = await ask(owner, "GET", "/api/people/export");
    const stored = (file.json.people as unknown as { name: string; id: string }[]).find(
      (entry) => entry.name === "Home Body",
    );
    expect(stored).toMatchObject({ kit: [{ type: "towel" }], always: { "press-up": "wall-press-up" } });
    expect(stored?.id).not.toBe("else");
    const bad = await ask(owner, "GET", `/p/${own}`);
    expect(bad.text).not.toContain("wall-press-up");
  });
});

test("addresses that open nothing are answered for a while, then with a wait; those that do go on", async () => {
  const person = (await ask(owner, "POST", "/api/people", { person: { name: "Patient" } })).json.id;
  const own = String((await ask(owner, "POST", `/api/people/${person}/link`, {})).json.address);
  const token = own.split("/p/")[1];
  let last = 0;
  for (let i = 0; i < 60 && last !== 429; i += 1)
    last = (await ask(NOBODY, "GET", `/api/part/${"B".repeat(43)}/shown`)).status;
  expect(last).toBe(429);
  expect((await ask(NOBODY, "GET", `/api/part/${token}/shown`)).status).toBe(200);
  expect((await ask(NOBODY, "GET", `/p/${"B".repeat(43)}`)).status).toBe(404);
});
