import { readdirSync, readFileSync } from "node:fs";
import { beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import type { Move } from "../../src/core/moves/move";
import { idOf, startingMove } from "../../src/features/moves/starting-move";
import { ADDRESS, type Asker, ask, NOBODY, newStudio } from "../shared/http";

let owner: Asker;
let stranger: Asker;
let coach: Asker & { readonly email: string };
const ids = {
  studio: "",
  class: "",
  person: "",
  extra: "",
  run: "",
  ended: "",
  session: "",
  outbox: "",
  move: "",
  coach: "",
  invitation: "",
};
const ownMove = (name: string) => ({
  ...startingMove(LIBRARY_BOOK.get("low-step-up") as Move),
  id: idOf(name),
  name,
});
const doc = newClass("Mine alone", "form");
const eventBody = () => ({ id: crypto.randomUUID(), kind: "pause", payload: {}, seen: 0 });
const editsBody = () => ({
  base: 1,
  edits: [
    { id: crypto.randomUUID(), edit: { op: "set", target: { in: "class" }, key: "title", to: "Hers" } },
  ],
});

/** Every route that an instructor may ask, with a request that its owner may send. `own`: names a thing of a studio's. */
const ROUTES: readonly {
  route: string;
  method: string;
  path: () => string;
  body?: () => unknown;
  own: boolean;
  /** What its owner gets; 200 where left out. */
  answer?: number;
}[] = [
  {
    route: "studios",
    method: "PUT",
    path: () => "/api/studios",
    body: () => ({ studioId: ids.studio }),
    own: false,
  },
  {
    route: "studios",
    method: "DELETE",
    path: () => "/api/studios",
    body: () => ({ studioId: ids.studio }),
    own: false,
    // One's own studio can't be left.
    answer: 409,
  },
  { route: "clock", method: "GET", path: () => "/api/clock", own: false },
  { route: "classes", method: "POST", path: () => "/api/classes", body: () => ({ doc }), own: false },
  { route: "classes/[id]/file", method: "GET", path: () => `/api/classes/${ids.class}/file`, own: true },
  {
    route: "classes/[id]/edits",
    method: "POST",
    path: () => `/api/classes/${ids.class}/edits`,
    body: editsBody,
    own: true,
  },
  {
    route: "people",
    method: "POST",
    path: () => "/api/people",
    body: () => ({ person: { name: "Somebody" } }),
    own: false,
  },
  {
    route: "people/import",
    method: "POST",
    path: () => "/api/people/import",
    body: () => ({ roster: { format: "brontle.roster", version: 1, people: [] } }),
    own: false,
  },
  {
    route: "people/[id]/link",
    method: "POST",
    path: () => `/api/people/${ids.person}/link`,
    body: () => ({}),
    own: true,
  },
  { route: "people/[id]/link", method: "DELETE", path: () => `/api/people/${ids.person}/link`, own: true },
  { route: "people/export", method: "GET", path: () => "/api/people/export?form=csv", own: false },
  {
    route: "people/[id]/always",
    method: "PUT",
    path: () => `/api/people/${ids.person}/always`,
    body: () => ({ from: "press-up", to: "wall-press-up" }),
    own: true,
  },
  {
    route: "moves",
    method: "POST",
    path: () => "/api/moves",
    body: () => ({ move: ownMove("Quay step") }),
    own: false,
  },
  {
    route: "moves/[id]",
    method: "PUT",
    path: () => `/api/moves/${ids.move}`,
    body: () => ({ move: ownMove("Pier step") }),
    own: true,
  },
  { route: "moves/[id]", method: "DELETE", path: () => `/api/moves/${ids.move}`, own: true },
  {
    route: "people/[id]",
    method: "PUT",
    path: () => `/api/people/${ids.person}`,
    body: () => ({ person: { name: "Changed" } }),
    own: true,
  },
  { route: "runs", method: "POST", path: () => "/api/runs", body: () => ({ classId: ids.class }), own: true },
  { route: "runs/[id]/events", method: "GET", path: () => `/api/runs/${ids.run}/events`, own: true },
  {
    route: "runs/[id]/events",
    method: "POST",
    path: () => `/api/runs/${ids.run}/events`,
    body: eventBody,
    own: true,
  },
  {
    route: "settings",
    method: "PUT",
    path: () => "/api/settings",
    body: () => ({ settings: { thresholds: { upAndDown: 14 } } }),
    own: false,
  },
  { route: "people/[id]/data", method: "GET", path: () => `/api/people/${ids.person}/data`, own: true },
  { route: "runs/[id]/content", method: "GET", path: () => `/api/runs/${ids.run}/content`, own: true },
  { route: "runs/[id]/stage", method: "GET", path: () => `/api/runs/${ids.run}/stage`, own: true },
  {
    route: "runs/[id]/swap",
    method: "POST",
    path: () => `/api/runs/${ids.run}/swap`,
    body: () => ({ id: crypto.randomUUID(), slot: "s4", move: "split-squat" }),
    own: true,
  },
  {
    route: "runs/[id]/whereabouts",
    method: "GET",
    path: () => `/api/runs/${ids.run}/whereabouts?person=somebody`,
    // The class isn't running, and nobody hurts.
    answer: 409,
    own: true,
  },
  { route: "runs/[id]/log", method: "GET", path: () => `/api/runs/${ids.ended}/log?form=csv`, own: true },
  {
    route: "runs/[id]/log",
    method: "POST",
    path: () => `/api/runs/${ids.ended}/log`,
    body: () => ({ person: ids.person, entries: [{ field: "effort", value: 6 }] }),
    own: true,
  },
  {
    route: "sessions",
    method: "POST",
    path: () => "/api/sessions",
    body: () => ({
      classId: ids.class,
      startsAt: "2027-01-04T19:00:00Z",
      timeZone: "Europe/Lisbon",
      people: null,
    }),
    own: true,
  },
  {
    route: "sessions/[id]",
    method: "PUT",
    path: () => `/api/sessions/${ids.session}`,
    body: () => ({ startsAt: "2027-01-05T19:00:00Z", timeZone: "Europe/Lisbon" }),
    own: true,
  },
  {
    route: "sessions/[id]/people",
    method: "POST",
    path: () => `/api/sessions/${ids.session}/people`,
    body: () => ({ person: ids.extra }),
    own: true,
  },
  {
    route: "sessions/[id]/link",
    method: "POST",
    path: () => `/api/sessions/${ids.session}/link`,
    body: () => ({ person: ids.extra }),
    own: true,
  },
  {
    route: "sessions/[id]/people",
    method: "DELETE",
    path: () => `/api/sessions/${ids.session}/people`,
    body: () => ({ person: ids.extra }),
    own: true,
  },
  {
    route: "sessions/[id]/invitations",
    method: "POST",
    path: () => `/api/sessions/${ids.session}/invitations`,
    body: () => ({ people: null }),
    own: true,
  },
  {
    route: "sessions/[id]/state",
    method: "PUT",
    path: () => `/api/sessions/${ids.session}/state`,
    body: () => ({ state: "cancelled" }),
    own: true,
  },
  { route: "outbox/[id]", method: "GET", path: () => `/api/outbox/${ids.outbox}`, own: true },
  { route: "outbox", method: "DELETE", path: () => "/api/outbox", own: false },
  { route: "members", method: "POST", path: () => "/api/members", own: false },
  {
    route: "members",
    method: "DELETE",
    path: () => "/api/members",
    body: () => ({ userId: ids.coach }),
    own: true,
  },
  {
    route: "join",
    method: "POST",
    path: () => "/api/join",
    body: () => ({ token: ids.invitation }),
    own: false,
  },
  { route: "people/[id]", method: "DELETE", path: () => `/api/people/${ids.person}`, own: true },
  { route: "classes/[id]", method: "DELETE", path: () => `/api/classes/${ids.class}`, own: true },
];
/** Streams go on for ever and are asked for by themselves; the routes of personal links have a table of their own. */
const STREAM = "runs/[id]/stream";
const OPEN_ROUTES = ["auth/[...all]", "health", STREAM];
const PAGES = [
  "/classes",
  "/sessions",
  "/outbox",
  "/people",
  "/people/new",
  "/moves",
  "/moves/press-up",
  "/moves/new",
  "/settings",
  "/trail",
  "/account",
];
const OWN_PAGES = [
  () => `/classes/${ids.class}`,
  () => `/classes/${ids.class}/sheet`,
  () => `/people/${ids.person}`,
  () => "/moves/harbour-step",
  () => "/moves/harbour-step/edit",
  () => `/teach/${ids.run}`,
  () => `/stage/${ids.run}`,
  () => `/remote/${ids.run}`,
  () => `/sessions/${ids.session}`,
  () => `/sessions/${ids.ended}`,
];
/** Pages that are found without signing in: the way in, and what a secret link leads to. */
const OPEN_PAGES = ["/", "/sign-in", "/join/[token]", "/p/[token]", "/p/[token]/home"];

beforeAll(async () => {
  owner = await newStudio("Owner's studio");
  stranger = await newStudio("Stranger's studio");
  ids.studio =
    /"studioId\\?":\\?"([0-9a-f-]{36})/.exec((await ask(owner, "GET", "/account")).text)?.[1] ?? "";
  ids.class = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
  ids.person = (await ask(owner, "POST", "/api/people", { person: { name: "Private Person" } })).json.id;
  ids.move = (await ask(owner, "POST", "/api/moves", { move: ownMove("Harbour step") })).json.id;
  ids.extra = (await ask(owner, "POST", "/api/people", { person: { name: "Extra Person" } })).json.id;
  ids.run = (await ask(owner, "POST", "/api/runs", { classId: ids.class })).json.id;
  const taught = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
  ids.ended = (await ask(owner, "POST", "/api/runs", { classId: taught })).json.id;
  for (const kind of ["start", "end"]) {
    const command = { id: crypto.randomUUID(), kind, payload: {}, seen: 9 };
    await ask(owner, "POST", `/api/runs/${ids.ended}/events`, command);
  }
  ids.session = (
    await ask(owner, "POST", "/api/sessions", {
      classId: ids.class,
      startsAt: "2027-01-04T19:00:00Z",
      timeZone: "Europe/Lisbon",
      people: [ids.person],
    })
  ).json.id;
  await ask(owner, "POST", `/api/sessions/${ids.session}/invitations`, { people: null });
  ids.outbox = /api\/outbox\/([0-9a-f-]{36})/.exec((await ask(owner, "GET", "/outbox")).text)?.[1] ?? "";
  const invitation = async () =>
    String((await ask(owner, "POST", "/api/members", {})).json.address).split("/join/")[1] ?? "";
  coach = await newStudio("Coach's own studio");
  await ask(coach, "POST", "/api/join", { token: await invitation() });
  ids.invitation = await invitation();
  const session = (await ask(coach, "GET", "/api/auth/get-session")).json as unknown as {
    user: { id: string };
  };
  ids.coach = session.user.id;
});

describe("a coach of the studio", () => {
  test("sees and teaches what is the studio's, and leaves alone what is the owner's", async () => {
    expect((await ask(coach, "GET", `/classes/${ids.class}`)).status).toBe(200);
    expect((await ask(coach, "GET", `/api/runs/${ids.run}/events`)).status).toBe(200);
    expect((await ask(coach, "POST", `/api/runs/${ids.run}/events`, eventBody())).status).toBe(200);
    expect((await ask(coach, "PUT", "/api/settings", { settings: {} })).status).toBe(403);
    expect((await ask(coach, "POST", "/api/members", {})).status).toBe(403);
    expect((await ask(coach, "DELETE", "/api/members", { userId: ids.coach })).status).toBe(403);
    expect((await ask(coach, "DELETE", `/api/people/${ids.person}`, {})).status).toBe(403);
    expect((await ask(coach, "GET", `/api/people/${ids.person}/data`)).status).toBe(403);
  });

  test("came by a link that is used up", async () => {
    const late = await newStudio("Late");
    const token = String((await ask(owner, "POST", "/api/members", {})).json.address).split("/join/")[1];
    expect((await ask(NOBODY, "GET", `/join/${token}`)).status).toBe(200);
    expect((await ask(coach, "POST", "/api/join", { token })).status).toBe(200);
    expect((await ask(late, "POST", "/api/join", { token })).status).toBe(404);
    expect((await ask(NOBODY, "GET", `/join/${token}`)).status).toBe(404);
    expect((await ask(NOBODY, "GET", `/join/${"A".repeat(43)}`)).status).toBe(404);
  });
});

test("the lists of pages know every page that there is", () => {
  const root = new URL("../../src/app/", import.meta.url).pathname;
  const found = readdirSync(root, { recursive: true, encoding: "utf8" }).flatMap((file) =>
    file.endsWith("page.tsx") ? [`/${file.replace(/\/?page\.tsx$/, "")}`] : [],
  );
  const known = [...PAGES, ...OWN_PAGES.map((own) => own())];
  // A page with a parameter is known by any address that fits it.
  const fits = (page: string) => {
    const pattern = new RegExp(`^${page.replaceAll(/\[\w+\]/g, "[^/]+")}$`);
    return OPEN_PAGES.includes(page) || known.some((path) => pattern.test(path));
  };
  expect(found.filter((page) => !fits(page))).toEqual([]);
  expect(found.length).toBeGreaterThan(18);
});

test("the table knows every route and method that there is", () => {
  const root = new URL("../../src/app/api/", import.meta.url).pathname;
  const found = readdirSync(root, { recursive: true, encoding: "utf8" }).flatMap((file) => {
    if (!file.endsWith("/route.ts")) return [];
    const route = file.replace("/route.ts", "");
    if (OPEN_ROUTES.includes(route) || route.startsWith("part/")) return [];
    const methods = [
      ...readFileSync(root + file, "utf8").matchAll(/export const (GET|POST|PUT|DELETE|PATCH)\b/g),
    ];
    return methods.map(([, method]) => `${method} ${route}`);
  });
  expect(found.sort()).toEqual(ROUTES.map(({ method, route }) => `${method} ${route}`).sort());
});

describe("every route", () => {
  test.each(ROUTES.map((entry) => [`${entry.method} ${entry.route}`, entry] as const))(
    "%s",
    async (_name, { method, path, body, own, answer = 200 }) => {
      expect((await ask(NOBODY, method, path(), body?.())).status).toBe(401);
      if (own) expect((await ask(stranger, method, path(), body?.())).status).toBe(404);
      if (method !== "GET") {
        const elsewhere = { ...owner, origin: "http://elsewhere.example" };
        expect((await ask(elsewhere, method, path(), body?.())).status).toBe(403);
        if (body) {
          expect((await ask(owner, method, path(), "{not json")).status).toBe(400);
          expect((await ask(owner, method, path(), { nonsense: true })).status).toBe(400);
        }
      }
      // The removals come last in the table, so that everything is still there for its owner.
      const reply = await ask(owner, method, path(), body?.());
      expect(reply.status, reply.text).toBe(answer);
    },
  );
});

describe("every page", () => {
  test("sends nobody to the sign-in", async () => {
    for (const path of [...PAGES, ...OWN_PAGES.map((own) => own())]) {
      const reply = await ask(NOBODY, "GET", path);
      expect([307, 308], path).toContain(reply.status);
      expect(reply.headers.get("location")).toContain("/sign-in");
    }
  });

  test("of one studio is not there for another, nor is anything under a made-up id", async () => {
    for (const own of OWN_PAGES) expect((await ask(stranger, "GET", own())).status, own()).toBe(404);
    for (const path of [
      "/classes/1",
      "/people/x",
      "/teach/0'; drop table run; --",
      `/classes/${crypto.randomUUID()}`,
    ]) {
      expect((await ask(owner, "GET", path)).status, path).toBe(404);
    }
  });

  test("has headers that keep strangers' frames and scripts out", async () => {
    const { headers } = await ask(NOBODY, "GET", "/sign-in");
    expect(headers.get("content-security-policy")).toContain("frame-ancestors 'none'");
    expect(headers.get("x-content-type-options")).toBe("nosniff");
    expect(headers.get("x-powered-by")).toBeNull();
  });
});

describe("a personal link", () => {
  const part = { home: "", other: "" };
  const token = (address: unknown) => String(address).split("/p/")[1] ?? "";
  const PART_ROUTES: readonly { route: string; method: string; body?: () => unknown }[] = [
    { route: "clock", method: "GET" },
    { route: "stream", method: "GET" },
    {
      route: "events",
      method: "POST",
      body: () => ({ id: crypto.randomUUID(), run: crypto.randomUUID(), kind: "join" }),
    },
    { route: "home", method: "PUT", body: () => ({ person: { name: "Private Person", kit: [] } }) },
    { route: "events", method: "GET" },
    { route: "content", method: "GET" },
    { route: "calendar", method: "GET" },
    { route: "data", method: "GET" },
    {
      route: "tonight",
      method: "PUT",
      body: () => ({ run: ids.run, limits: ["no-twisting"], without: [], mark: null }),
    },
    {
      route: "readiness",
      method: "PUT",
      body: () => ({ askFirst: [], adapt: ["joint"], shareAskFirst: false, code: "2468" }),
    },
    { route: "readiness", method: "POST", body: () => ({ code: "2468" }) },
    { route: "data", method: "POST", body: () => ({ code: "2468" }) },
    { route: "links", method: "DELETE", body: () => ({}) },
    { route: "readiness", method: "DELETE", body: () => ({}) },
    { route: "whereabouts", method: "PUT", body: () => ({ run: ids.run, place: "Quay 3", contact: "" }) },
    {
      route: "log",
      method: "PUT",
      body: () => ({ run: ids.ended, entries: [{ field: "effort", value: 5 }] }),
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
    ids.run = (await ask(owner, "POST", "/api/runs", { classId: cls })).json.id;
    const taught = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
    ids.ended = (await ask(owner, "POST", "/api/runs", { classId: taught })).json.id;
    for (const kind of ["start", "end"]) {
      const command = { id: crypto.randomUUID(), kind, payload: {}, seen: 9 };
      await ask(owner, "POST", `/api/runs/${ids.ended}/events`, command);
    }
  });

  test("takes what a person says of themselves, and only in sessions that they are asked to", async () => {
    const late = (await ask(owner, "POST", "/api/people", { person: { name: "Not Asked" } })).json.id;
    const unasked = token((await ask(owner, "POST", `/api/people/${late}/link`, {})).json.address);
    for (const { route, method, body } of PART_ROUTES) {
      if (route === "home" || route === "stream" || (route === "events" && method === "POST")) continue;
      const needsRun = method === "GET" && ["events", "content", "calendar"].includes(route);
      const path = (own: string) => `/api/part/${own}/${route}${needsRun ? `?run=${ids.run}` : ""}`;
      expect(await status(method, path(part.home), body?.()), `${method} ${route}`).toBe(200);
      if (method !== "GET") {
        expect(await status(method, path(part.home), body?.(), "http://elsewhere.example")).toBe(403);
        expect(await status(method, path(part.home), { nonsense: true })).toBe(400);
      }
      const ofSession = needsRun || ["tonight", "whereabouts", "log"].includes(route);
      for (const other of [part.other, unasked])
        if (ofSession) expect(await status(method, path(other), body?.()), route).toBe(404);
    }
    const presence = { run: ids.ended, entries: [{ field: "present", value: true }] };
    expect(await status("PUT", `/api/part/${part.home}/log`, presence)).toBe(422);
    const wild = { run: ids.ended, entries: [{ field: "effort", value: 11 }] };
    expect(await status("PUT", `/api/part/${part.home}/log`, wild)).toBe(400);
  });

  test("of health answers nothing reaches an instructor's pages, files or the logs", async () => {
    const answers = { askFirst: ["condition"], adapt: ["medication"], shareAskFirst: false, code: "2468" };
    expect(await status("PUT", `/api/part/${part.home}/readiness`, answers)).toBe(200);
    const people = (await ask(owner, "GET", "/people")).text;
    const id = /\/people\/([0-9a-f-]{36})[^>]*>Link Holder/.exec(people)?.[1];
    expect(id).toBeDefined();
    for (const path of [
      `/people/${id}`,
      `/sessions/${ids.run}`,
      `/teach/${ids.run}`,
      `/api/people/${id}/data`,
    ]) {
      const reply = await ask(owner, "GET", path);
      expect(reply.status, path).toBe(200);
      for (const word of ["medication", "asks a professional first", '"condition"'])
        expect(reply.text, path).not.toContain(word);
    }
    // The link alone, which an instructor can make, opens none of them: not the page, not the file.
    for (const path of [`/p/${part.home}`, `/api/part/${part.home}/data`])
      expect((await ask(NOBODY, "GET", path)).text, path).not.toMatch(/"medication"|"condition"/);
    const data = (code: string) => ask(NOBODY, "POST", `/api/part/${part.home}/data`, { code });
    expect((await data("1357")).status).toBe(403);
    expect((await data("2468")).text).toContain("medication");
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
    expect(await status("GET", `/api/part/${part.home}/clock`)).toBe(200);
    expect(await status("GET", `/api/part/${part.home}/stream?run=${ids.run}`)).toBe(200);
    expect(await status("GET", `/api/part/${part.home}/stream`)).toBe(404);
    expect(await status("GET", `/api/part/${part.other}/stream?run=${ids.run}`)).toBe(404);
    const entry = { id: crypto.randomUUID(), run: ids.run, kind: "join" };
    expect(await status("POST", `/api/part/${part.home}/events`, entry)).toBe(200);
    expect(await status("POST", `/api/part/${part.other}/events`, entry)).toBe(404);
    expect((await ask(NOBODY, "GET", `/api/runs/${ids.run}/events`)).status).toBe(401);
    expect(await status("GET", `/api/runs/${ids.run}/stream`)).toBe(401);
  });

  test("that is unknown, revoked or renewed opens nothing", async () => {
    const person = (await ask(owner, "POST", "/api/people", { person: { name: "Leaver" } })).json.id;
    const path = `/api/people/${person}/link`;
    const first = token((await ask(owner, "POST", path, {})).json.address);
    const second = token((await ask(owner, "POST", path, {})).json.address);
    expect(await status("GET", `/api/part/${second}/clock`)).toBe(200);
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
    const entry = { id: crypto.randomUUID(), run: ids.run, kind: "hurt" };
    const path = `/api/part/${part.home}/events`;
    expect(await status("POST", path, entry, "http://elsewhere.example")).toBe(403);
    expect(await status("POST", path, { ...entry, kind: "end" })).toBe(400);
    expect(await status("POST", path, { ...entry, person: "somebody-else" })).toBe(400);
    expect(await status("POST", path, { ...entry, id: crypto.randomUUID(), slot: "s1" })).toBe(200);
    const { events } = (await ask(owner, "GET", `/api/runs/${ids.run}/events`)).json as unknown as {
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
    const run = (await ask(owner, "POST", "/api/runs", { classId: cls })).json.id;
    const enter = (kind: string) =>
      status("POST", `/api/part/${own}/events`, { id: crypto.randomUUID(), run, kind });
    const replies: number[] = [];
    for (let i = 0; i < 80 && replies.at(-1) !== 429; i += 1) replies.push(await enter("join"));
    expect(replies.at(-1)).toBe(429);
    const next = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
    await ask(owner, "POST", "/api/runs", { classId: next });
    expect(await enter("hurt")).toBe(200);
    expect(await enter("hurt")).toBe(200);
    const { events } = (await ask(owner, "GET", `/api/runs/${run}/events`)).json as unknown as {
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
    last = (await ask(NOBODY, "GET", `/api/part/${"B".repeat(43)}/clock`)).status;
  expect(last).toBe(429);
  expect((await ask(NOBODY, "GET", `/api/part/${token}/clock`)).status).toBe(200);
  expect((await ask(NOBODY, "GET", `/p/${"B".repeat(43)}`)).status).toBe(404);
});

test("a broken document is told with the path of every fault and stored nowhere", async () => {
  const reply = await ask(owner, "POST", "/api/classes", { doc: { ...doc, title: "", stance: 3 } });
  expect(reply.status).toBe(422);
  expect((reply.json.faults as { path: string }[]).map((fault) => fault.path)).toEqual(["title", "stance"]);
});

test("a wrong password is refused, and a session ends with its sign-out", async () => {
  const me = await newStudio("Leaving");
  const wrong = await ask(NOBODY, "POST", "/api/auth/sign-in/email", {
    email: me.email,
    password: "not-the-password",
  });
  expect(wrong.status).toBe(401);
  expect((await ask(me, "GET", "/api/clock")).status).toBe(200);
  await ask(me, "POST", "/api/auth/sign-out");
  expect((await ask(me, "GET", "/api/clock")).status).toBe(401);
});

test("a class that was exported and imported again is the same class", async () => {
  const id = (await ask(owner, "POST", "/api/classes", { doc: { ...doc, own: { kept: [1, 2] } } })).json.id;
  const file = await ask(owner, "GET", `/api/classes/${id}/file`);
  expect(file.headers.get("content-disposition")).toContain("mine-alone.brontle.json");
  const again = (await ask(owner, "POST", "/api/classes", { doc: JSON.parse(file.text) })).json.id;
  expect((await ask(owner, "GET", `/api/classes/${again}/file`)).text).toBe(file.text);
});

test("a coach who was taken out sees nothing of the studio any more", async () => {
  expect((await ask(coach, "GET", `/api/runs/${ids.run}/events`)).status).toBe(404);
  expect((await ask(coach, "GET", "/classes")).status).toBe(200);
});

test("the tests only ever talk to this machine", () => {
  expect(new URL(ADDRESS).hostname).toBe("127.0.0.1");
});
