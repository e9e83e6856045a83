import { readdirSync, readFileSync } from "node:fs";
import { beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import type { Move } from "../../src/core/moves/move";
import { idOf, startingMove } from "../../src/core/moves/starting-move";
import { ADDRESS, type Asker, ask, NOBODY, newStudio } from "../shared/http";

let owner: Asker;
let stranger: Asker;
let coach: Asker & { readonly email: string };
const ids = {
  studio: "",
  class: "",
  version: "",
  person: "",
  extra: "",
  open: "",
  ended: "",
  session: "",
  outbox: "",
  move: "",
  coach: "",
  invitation: "",
  season: "",
  /** One that isn't removed by the table of routes. */
  standing: "",
  alone: "",
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

const seasonBody = () => ({
  title: "Storms",
  plan: {
    from: "2027-02-01",
    weeks: 2,
    timeZone: "Europe/Lisbon",
    lines: [{ weekday: 2, time: "19:00", classId: ids.class, focus: "" }],
    growEvery: 1,
    easierEvery: 4,
    off: [],
    says: "once a week",
  },
  people: [ids.person],
});
const aloneBody = () => ({ people: [ids.person], classId: ids.class, day: "2027-02-01", note: "" });

interface AskedRoute {
  readonly route: string;
  readonly method: string;
  readonly path: () => string;
  readonly body?: () => unknown;
  readonly own: boolean;
  /** What its owner gets; 200 where left out. */
  readonly answer?: number;
}

/** What lies ahead of people: their next steps, seasons, plans by themselves, calendars. */
const NEXT_ROUTES: readonly AskedRoute[] = [
  {
    route: "next",
    method: "POST",
    path: () => "/api/next",
    body: () => ({
      decisions: [{ person: ids.person, move: "plank", verdict: "accepted", step: { do: "same" } }],
    }),
    own: true,
    // Nothing was confirmed, so nothing is proposed.
    answer: 409,
  },
  {
    route: "next/class",
    method: "POST",
    path: () => "/api/next/class",
    body: () => ({ classId: ids.class, block: "b1", kind: "another-round" }),
    own: true,
    answer: 409,
  },
  {
    route: "people/[id]/sets",
    method: "POST",
    path: () => `/api/people/${ids.person}/sets`,
    body: () => ({ sets: [{ move: "plank", seconds: 30, date: "2026-10-01" }] }),
    own: true,
  },
  { route: "seasons", method: "POST", path: () => "/api/seasons", body: seasonBody, own: true },
  {
    route: "seasons/[id]/follow",
    method: "POST",
    path: () => `/api/seasons/${ids.season}/follow`,
    body: () => ({}),
    own: true,
  },
  {
    route: "seasons/[id]",
    method: "DELETE",
    path: () => `/api/seasons/${ids.season}`,
    body: () => ({}),
    own: true,
  },
  { route: "alone", method: "POST", path: () => "/api/alone", body: aloneBody, own: true },
  {
    route: "alone/[id]",
    method: "DELETE",
    path: () => `/api/alone/${ids.alone}`,
    body: () => ({}),
    own: true,
  },
  {
    route: "feeds",
    method: "POST",
    path: () => "/api/feeds",
    body: () => ({ person: ids.person }),
    own: true,
  },
  {
    route: "feeds",
    method: "DELETE",
    path: () => "/api/feeds",
    body: () => ({ person: ids.person }),
    own: true,
  },
];

/** What goes out and comes in as files. */
const FILE_ROUTES: readonly AskedRoute[] = [
  {
    route: "classes/[id]/export",
    method: "GET",
    path: () => `/api/classes/${ids.class}/export?as=sheet&paper=Letter`,
    own: true,
  },
  {
    route: "sessions/[id]/export",
    method: "GET",
    path: () => `/api/sessions/${ids.ended}/export?as=chapters`,
    own: true,
  },
  { route: "archive", method: "GET", path: () => "/api/archive", own: false },
  // Neither of them is an archive.
  { route: "archive/look", method: "POST", path: () => "/api/archive/look", own: false, answer: 422 },
  { route: "archive", method: "POST", path: () => "/api/archive", own: false, answer: 422 },
  {
    route: "busy",
    method: "POST",
    path: () => "/api/busy",
    body: () => ({ calendar: "Mine", times: [{ startMs: 1_800_000_000_000, endMs: 1_800_003_600_000 }] }),
    own: false,
  },
  {
    route: "busy",
    method: "DELETE",
    path: () => "/api/busy",
    body: () => ({ calendar: "Mine" }),
    own: false,
  },
];

/** Every route that an instructor may ask, with a request that its owner may send. `own`: names a thing of a studio's. */
const ROUTES: readonly AskedRoute[] = [
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
  { route: "sign-ins", method: "DELETE", path: () => "/api/sign-ins", own: false },
  {
    route: "account",
    method: "PUT",
    path: () => "/api/account",
    body: () => ({ language: "en" }),
    own: false,
  },
  { route: "classes", method: "POST", path: () => "/api/classes", body: () => ({ doc }), own: false },
  { route: "classes/[id]/file", method: "GET", path: () => `/api/classes/${ids.class}/file`, own: true },
  { route: "classes/[id]", method: "GET", path: () => `/api/classes/${ids.class}`, own: true },
  {
    route: "classes/[id]",
    method: "PUT",
    path: () => `/api/classes/${ids.class}`,
    body: () => ({ tags: ["quay"] }),
    own: true,
  },
  {
    route: "classes/[id]/copy",
    method: "POST",
    path: () => `/api/classes/${ids.class}/copy`,
    body: () => ({}),
    own: true,
  },
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
    route: "classes/[id]/versions",
    method: "GET",
    path: () => `/api/classes/${ids.class}/versions`,
    own: true,
  },
  {
    route: "classes/[id]/versions",
    method: "POST",
    path: () => `/api/classes/${ids.class}/versions`,
    body: () => ({ name: "Before the storm" }),
    own: true,
  },
  {
    route: "classes/[id]/versions/[version]",
    method: "GET",
    path: () => `/api/classes/${ids.class}/versions/${ids.version}`,
    own: true,
  },
  {
    route: "classes/[id]/versions/[version]",
    method: "DELETE",
    path: () => `/api/classes/${ids.class}/versions/${ids.version}`,
    own: true,
  },
  {
    route: "classes/[id]/here",
    method: "POST",
    path: () => `/api/classes/${ids.class}/here`,
    body: () => ({ tab: crypto.randomUUID(), block: "b1", slot: null, revision: 1 }),
    own: true,
  },
  {
    route: "people/ask",
    method: "POST",
    path: () => "/api/people/ask",
    body: () => ({ people: [ids.person] }),
    own: true,
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
  {
    route: "sessions/now",
    method: "POST",
    path: () => "/api/sessions/now",
    body: () => ({ classId: ids.class }),
    own: true,
  },
  {
    route: "sessions/now",
    method: "GET",
    path: () => `/api/sessions/now?class=${ids.class}`,
    own: true,
  },
  {
    route: "sessions/[id]/call",
    method: "PUT",
    path: () => `/api/sessions/${ids.open}/call`,
    body: () => ({ link: "https://call.osmay.example/harbour" }),
    own: true,
  },
  { route: "sessions/[id]/show", method: "GET", path: () => `/api/sessions/${ids.open}/show`, own: true },
  { route: "sessions/[id]/text", method: "GET", path: () => `/api/sessions/${ids.ended}/text`, own: true },
  {
    route: "sessions/[id]/text",
    method: "POST",
    path: () => `/api/sessions/${ids.ended}/text`,
    body: () => ({ text: "Thank you." }),
    own: true,
  },
  {
    route: "sessions/[id]/ways",
    method: "GET",
    path: () => `/api/sessions/${ids.open}/ways?slot=s4`,
    own: true,
  },
  { route: "sessions/[id]/events", method: "GET", path: () => `/api/sessions/${ids.open}/events`, own: true },
  {
    route: "sessions/[id]/events",
    method: "POST",
    path: () => `/api/sessions/${ids.open}/events`,
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
  {
    route: "sessions/[id]/content",
    method: "GET",
    path: () => `/api/sessions/${ids.open}/content`,
    own: true,
  },
  { route: "sessions/[id]/stage", method: "GET", path: () => `/api/sessions/${ids.open}/stage`, own: true },
  {
    route: "sessions/[id]/substitute",
    method: "POST",
    path: () => `/api/sessions/${ids.open}/substitute`,
    body: () => ({ id: crypto.randomUUID(), slot: "s4", move: "split-squat" }),
    own: true,
  },
  {
    route: "sessions/[id]/whereabouts",
    method: "GET",
    path: () => `/api/sessions/${ids.open}/whereabouts?person=somebody`,
    // The class isn't running, and nobody hurts.
    answer: 409,
    own: true,
  },
  {
    route: "sessions/[id]/log",
    method: "GET",
    path: () => `/api/sessions/${ids.ended}/log?form=csv`,
    own: true,
  },
  {
    route: "sessions/[id]/log",
    method: "POST",
    path: () => `/api/sessions/${ids.ended}/log`,
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
  ...NEXT_ROUTES,
  ...FILE_ROUTES,
  { route: "people/[id]", method: "DELETE", path: () => `/api/people/${ids.person}`, own: true },
  { route: "classes/[id]", method: "DELETE", path: () => `/api/classes/${ids.class}`, own: true },
];
/** Streams go on for ever and are asked for by themselves; the routes of personal links have a table of their own. */
const STREAM = "sessions/[id]/stream";
const OPEN_ROUTES = ["auth/[...all]", "health", "clock", "metrics", "calendar/[token]", STREAM];
const PAGES = [
  "/classes",
  "/classes/new",
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
  "/next",
  "/seasons",
  "/seasons/new",
];
const OWN_PAGES = [
  () => `/classes/${ids.class}`,
  () => `/classes/${ids.class}/sheet`,
  () => `/rehearse/${ids.class}`,
  () => `/people/${ids.person}`,
  () => "/moves/harbour-step",
  () => "/moves/harbour-step/edit",
  () => `/teach/${ids.open}`,
  () => `/stage/${ids.open}`,
  () => `/remote/${ids.open}`,
  () => `/sessions/${ids.session}`,
  () => `/sessions/${ids.ended}`,
  () => `/seasons/${ids.standing}`,
];
/** Pages that are found without signing in: the way in, and what a secret link leads to. */
const OPEN_PAGES = [
  "/",
  "/sign-in",
  "/reset/[token]",
  "/join/[token]",
  "/p/[token]",
  "/p/[token]/home",
  "/p/[token]/alone/[id]",
  "/p/kept",
];

beforeAll(async () => {
  owner = await newStudio("Owner's studio");
  stranger = await newStudio("Stranger's studio");
  ids.studio =
    /"studioId\\?":\\?"([0-9a-f-]{36})/.exec((await ask(owner, "GET", "/account")).text)?.[1] ?? "";
  ids.class = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
  ids.version = (await ask(owner, "POST", `/api/classes/${ids.class}/versions`, { name: "Mine" })).json.id;
  ids.person = (await ask(owner, "POST", "/api/people", { person: { name: "Private Person" } })).json.id;
  ids.move = (await ask(owner, "POST", "/api/moves", { move: ownMove("Harbour step") })).json.id;
  ids.extra = (await ask(owner, "POST", "/api/people", { person: { name: "Extra Person" } })).json.id;
  ids.open = (await ask(owner, "POST", "/api/sessions/now", { classId: ids.class })).json.id;
  const taught = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
  ids.ended = (await ask(owner, "POST", "/api/sessions/now", { classId: taught })).json.id;
  for (const kind of ["start", "end"]) {
    const command = { id: crypto.randomUUID(), kind, payload: {}, seen: 9 };
    await ask(owner, "POST", `/api/sessions/${ids.ended}/events`, command);
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
  ids.season = (await ask(owner, "POST", "/api/seasons", seasonBody())).json.id;
  ids.standing = (await ask(owner, "POST", "/api/seasons", seasonBody())).json.id;
  ids.alone = String(((await ask(owner, "POST", "/api/alone", aloneBody())).json.ids as string[])[0]);
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
    expect((await ask(coach, "GET", `/api/sessions/${ids.open}/events`)).status).toBe(200);
    expect((await ask(coach, "POST", `/api/sessions/${ids.open}/events`, eventBody())).status).toBe(200);
    expect((await ask(coach, "PUT", "/api/settings", { settings: {} })).status).toBe(403);
    expect((await ask(coach, "POST", "/api/members", {})).status).toBe(403);
    expect((await ask(coach, "DELETE", "/api/members", { userId: ids.coach })).status).toBe(403);
    expect((await ask(coach, "DELETE", `/api/people/${ids.person}`, {})).status).toBe(403);
    expect((await ask(coach, "GET", `/api/people/${ids.person}/data`)).status).toBe(403);
    expect((await ask(coach, "GET", "/api/archive")).status).toBe(403);
    expect((await ask(coach, "POST", "/api/archive", {})).status).toBe(403);
    expect((await ask(coach, "POST", "/api/archive/look", {})).status).toBe(403);
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
      "/teach/0'; drop table session; --",
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
  expect((await ask(me, "GET", "/api/people/export")).status).toBe(200);
  await ask(me, "POST", "/api/auth/sign-out");
  expect((await ask(me, "GET", "/api/people/export")).status).toBe(401);
});

test("a class that was exported and imported again is the same class", async () => {
  const id = (await ask(owner, "POST", "/api/classes", { doc: { ...doc, own: { kept: [1, 2] } } })).json.id;
  const file = await ask(owner, "GET", `/api/classes/${id}/file`);
  expect(file.headers.get("content-disposition")).toContain("mine-alone.brontle.json");
  const again = (await ask(owner, "POST", "/api/classes", { doc: JSON.parse(file.text) })).json.id;
  expect((await ask(owner, "GET", `/api/classes/${again}/file`)).text).toBe(file.text);
});

test("a coach who was taken out sees nothing of the studio any more", async () => {
  expect((await ask(coach, "GET", `/api/sessions/${ids.open}/events`)).status).toBe(404);
  expect((await ask(coach, "GET", "/classes")).status).toBe(200);
});

test("the tests only ever talk to this machine", () => {
  expect(new URL(ADDRESS).hostname).toBe("127.0.0.1");
});
