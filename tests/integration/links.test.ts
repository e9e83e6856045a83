/** Who can open a person's page, who is told of it, and what ends with whom. */
import { beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import { ADDRESS, type Asker, ask, NOBODY, newStudio } from "../shared/http";

let owner: Asker;
let coach: Asker & { readonly email: string };
let coachId = "";
let person = "";
const tokenOf = (address: unknown) => String(address).split("/p/")[1] ?? "";
const opens = async (token: string) => (await ask(NOBODY, "GET", `/api/part/${token}/shown`)).status === 200;
const make = async (by: Asker) =>
  tokenOf((await ask(by, "POST", `/api/people/${person}/link`, {})).json.address);

async function join(who: Asker): Promise<void> {
  const address = String((await ask(owner, "POST", "/api/members", {})).json.address);
  const reply = await ask(who, "POST", "/api/join", { token: address.split("/join/")[1] });
  expect(reply.status).toBe(200);
}

beforeAll(async () => {
  owner = await newStudio("Links");
  coach = await newStudio("Coach Maren");
  await join(coach);
  const session = (await ask(coach, "GET", "/api/auth/get-session")).json as unknown as {
    user: { id: string };
  };
  coachId = session.user.id;
  const doc = { person: { name: "Gil Linked", email: "gil@linked.example" } };
  person = (await ask(owner, "POST", "/api/people", doc)).json.id;
});

describe("a link that an instructor makes", () => {
  test("is told to its person, on their page and in the outbox, without being in the message", async () => {
    const first = await make(owner);
    const classId = (await ask(owner, "POST", "/api/classes", { doc: newClass("Linked", "form") })).json.id;
    const plan = { classId, startsAt: "2027-01-04T19:00:00Z", timeZone: "UTC", people: [person] };
    const session = (await ask(owner, "POST", "/api/sessions", plan)).json.id;
    const second = tokenOf(
      (await ask(coach, "POST", `/api/sessions/${session}/link`, { person })).json.address,
    );
    const page = (await ask(NOBODY, "GET", `/p/${first}`)).text;
    expect(page).toContain("This page also opens with");
    expect(page).toContain("Coach Maren");
    const outbox = (await ask(owner, "GET", "/outbox")).text;
    expect(outbox).toContain("A new link to your page was made");
    const ids = [...outbox.matchAll(/api\/outbox\/([0-9a-f-]{36})/g)].map(([, id]) => id);
    const messages = await Promise.all(
      ids.map(async (id) => (await ask(owner, "GET", `/api/outbox/${id}`)).text),
    );
    const told = messages.filter((text) => text.includes("gil@linked.example"));
    expect(told.length).toBeGreaterThanOrEqual(2);
    for (const text of told) expect(text).not.toContain(second);
    // The person puts an end to it, and keeps the one that they use.
    expect(await opens(second)).toBe(true);
    expect((await ask(NOBODY, "DELETE", `/api/part/${first}/links`, {})).status).toBe(200);
    expect([await opens(first), await opens(second)]).toEqual([true, false]);
  });

  test("ends with the coach who made it; the owner's goes on", async () => {
    const theirs = await make(coach);
    expect(await opens(theirs)).toBe(true);
    const classId = (await ask(owner, "POST", "/api/classes", { doc: newClass("Linked", "form") })).json.id;
    const plan = { classId, startsAt: "2027-01-04T19:00:00Z", timeZone: "UTC", people: [person] };
    const session = (await ask(owner, "POST", "/api/sessions", plan)).json.id;
    const owners = tokenOf(
      (await ask(owner, "POST", `/api/sessions/${session}/link`, { person })).json.address,
    );
    expect((await ask(owner, "DELETE", "/api/members", { userId: coachId })).status).toBe(200);
    expect([await opens(theirs), await opens(owners)]).toEqual([false, true]);
    await join(coach);
    expect(await opens(theirs)).toBe(false);
  });
});

describe("the trail", () => {
  test("tells the owner who did what with whose things, and nobody else", async () => {
    await ask(owner, "GET", `/api/people/${person}/data`);
    await ask(owner, "GET", "/api/people/export?form=csv");
    const page = await ask(owner, "GET", "/trail");
    for (const text of [
      "Coach Maren made a personal link for Gil Linked",
      "Gil Linked ended the other links to their page",
      "Links took out everything kept of Gil Linked",
      "Links took out the roster",
      "Links took a coach out of the studio",
      "Coach Maren joined as a coach",
      "Links opened a message to Gil Linked in the outbox",
    ])
      expect(page.text).toContain(text);
    expect((await ask(coach, "GET", "/trail")).status).toBe(404);
    expect((await ask(NOBODY, "GET", "/trail")).status).toBe(307);
    // Once somebody is erased their lines no longer name them.
    const gone = (await ask(owner, "POST", "/api/people", { person: { name: "Soon Gone" } })).json.id;
    await ask(owner, "POST", `/api/people/${gone}/link`, {});
    expect((await ask(owner, "GET", "/trail")).text).toContain("Soon Gone");
    await ask(owner, "DELETE", `/api/people/${gone}`, {});
    const after = (await ask(owner, "GET", "/trail")).text;
    expect(after).not.toContain("Soon Gone");
    expect(after).toContain("Links removed a person and all that was kept of them");
  });
});

describe("an open stream", () => {
  /** Opens a stream; it ends so many ms from now. */
  async function follow(path: string, asker: Asker): Promise<{ readonly ended: Promise<number> }> {
    const reply = await fetch(`${ADDRESS}${path}`, { headers: { cookie: asker.cookie } });
    expect(reply.status).toBe(200);
    const from = performance.now();
    const reader = reply.body?.getReader();
    const untilEnd = async () => {
      while (!(await reader?.read())?.done);
      return performance.now() - from;
    };
    return { ended: untilEnd() };
  }

  test("ends within fifteen seconds after its link, or its instructor's place in the studio", {
    timeout: 60_000,
  }, async () => {
    const classId = (await ask(owner, "POST", "/api/classes", { doc: newClass("Watched", "form") })).json.id;
    const session = (await ask(owner, "POST", "/api/sessions/now", { classId })).json.id;
    const link = await make(owner);
    const phone = await follow(`/api/part/${link}/stream?session=${session}`, NOBODY);
    const teach = await follow(`/api/sessions/${session}/stream`, coach);
    const stays = await follow(`/api/sessions/${session}/stream`, owner);
    await ask(owner, "DELETE", `/api/people/${person}/link`, {});
    await ask(owner, "DELETE", "/api/members", { userId: coachId });
    expect(await phone.ended).toBeLessThan(15_000);
    expect(await teach.ended).toBeLessThan(15_000);
    const open = await Promise.race([
      stays.ended.then(() => false),
      new Promise((resolve) => setTimeout(() => resolve(true), 500)),
    ]);
    expect(open).toBe(true);
  });
});
