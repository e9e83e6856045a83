/** Files of a class and of a session, as they come over the wire, read by programs that aren't ours. */
import ICAL from "ical.js";
import { beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import { MADE_FORMATS } from "../../src/files/ask";
import { factsOfFormat } from "../../src/files/formats";
import { ADDRESS, type Asker, ask, newStudio } from "../shared/http";
import { readPdf } from "../shared/pdf";

let owner: Asker;
const ids = { class: "", open: "", ended: "", person: "", token: "" };
const doc = newClass("Storm legs", "density");

async function bytes(path: string, asker: Asker = owner) {
  const response = await fetch(`${ADDRESS}${path}`, { headers: { cookie: asker.cookie, origin: ADDRESS } });
  return { response, content: new Uint8Array(await response.arrayBuffer()) };
}
const textAt = async (path: string) => new TextDecoder().decode((await bytes(path)).content);

beforeAll(async () => {
  owner = await newStudio("Files");
  ids.class = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
  for (const name of ["Elin Brandt", "Kai Morrow"]) {
    const person = { name, kit: [], ...(name === "Kai Morrow" ? { limits: ["no-jumping"] } : {}) };
    ids.person = (await ask(owner, "POST", "/api/people", { person })).json.id;
  }
  const link = await ask(owner, "POST", `/api/people/${ids.person}/link`, {});
  ids.token = /\/p\/([\w-]+)/.exec(String(link.json.address))?.[1] ?? "";
  ids.open = (await ask(owner, "POST", "/api/sessions/now", { classId: ids.class })).json.id;
  const taught = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
  ids.ended = (await ask(owner, "POST", "/api/sessions/now", { classId: taught })).json.id;
  for (const kind of ["start", "skip", "skip", "skip", "end"]) {
    const command = {
      id: crypto.randomUUID(),
      kind,
      payload: kind === "start" ? { countInMs: 0 } : {},
      seen: 1e6,
    };
    await ask(owner, "POST", `/api/sessions/${ids.ended}/events`, command);
  }
});

describe("files", () => {
  test("of each format come from a class and from a session, as what they are", async () => {
    for (const as of MADE_FORMATS) {
      const facts = factsOfFormat(as);
      for (const path of [`/api/classes/${ids.class}`, `/api/sessions/${ids.open}`]) {
        const { response, content } = await bytes(`${path}/export?as=${as}`);
        if (facts.dated && path.startsWith("/api/classes")) {
          expect(response.status).toBe(422);
          continue;
        }
        expect(response.status, `${as} ${new TextDecoder().decode(content).slice(0, 200)}`).toBe(200);
        expect(response.headers.get("content-type")).toBe(facts.media);
        expect(response.headers.get("cache-control")).toContain("no-store");
        expect(response.headers.get("content-disposition")).toMatch(new RegExp(`\\.${facts.ending}"$`));
        expect(content.length).toBeGreaterThan(20);
      }
    }
  });

  test("say what is wrong with what is asked for", async () => {
    for (const query of [
      "",
      "as=track",
      "as=tape",
      "as=sheet&paper=A3",
      "as=sheet&offset=-1",
      "as=picture&minutes=3",
    ]) {
      const { response } = await bytes(`/api/classes/${ids.class}/export?${query}`);
      expect(response.status, query).toBe(400);
    }
  });

  test("of a session are for those who are asked, with its own identity in calendars", async () => {
    const sheet = await readPdf((await bytes(`/api/sessions/${ids.open}/export?as=people`)).content);
    expect(
      sheet.pages.map(({ text }) => ["Elin Brandt", "Kai Morrow"].filter((name) => text.includes(name))),
    ).toEqual([["Elin Brandt"], ["Kai Morrow"]]);
    const text = await textAt(`/api/sessions/${ids.open}/export?as=calendar`);
    const part = new ICAL.Component(ICAL.parse(text)).getFirstSubcomponent("vevent");
    expect(new ICAL.Event(part as never).uid).toContain(ids.open);
  });

  test("of one that was taught have its chapters where they truly began", async () => {
    const planned = await textAt(`/api/classes/${ids.class}/export?as=chapters`);
    const taught = await textAt(`/api/sessions/${ids.ended}/export?as=chapters`);
    expect(planned.split("\n").length).toBeGreaterThan(3);
    // It was gone through in a moment, and ended before its end.
    expect(taught).toMatch(/^0:00 /);
    expect(taught.split("\n").length).toBeLessThan(planned.split("\n").length);
    for (const line of taught.trimEnd().split("\n")) expect(line).toMatch(/^0:0\d /);
  });
});

test("a participant's own sheet has their name on it and nobody else's", async () => {
  const { response, content } = await bytes(`/api/part/${ids.token}/sheet?session=${ids.open}&paper=Letter`, {
    cookie: "",
    origin: ADDRESS,
  });
  expect(response.status).toBe(200);
  const pdf = await readPdf(content);
  expect(pdf.pages[0]?.width).toBe(612);
  const text = pdf.pages.map((page) => page.text).join("\n");
  expect(text).toContain("Kai Morrow");
  expect(text).not.toContain("Elin");
});

test("busy times are kept for whoever took them in, the same calendar in place of what it said", async () => {
  const take = (calendar: string, ...starts: readonly number[]) =>
    ask(owner, "POST", "/api/busy", {
      calendar,
      times: starts.map((startMs) => ({ startMs, endMs: startMs + 3_600_000 })),
    });
  const first = Date.now() + 86_400_000;
  expect((await take("Work", first, first + 7_200_000)).status).toBe(200);
  expect((await take("Work", first)).status).toBe(200);
  expect((await take("Home", first)).status).toBe(200);
  const { text } = await ask(owner, "GET", "/settings");
  expect(text).toMatch(/Work.{0,200}one time ahead/s);
  expect(text).toMatch(/Home.{0,200}one time ahead/s);
  expect(
    (await ask(owner, "POST", "/api/busy", { calendar: "Work", times: [{ startMs: 5, endMs: 5 }] })).status,
  ).toBe(400);
  expect((await ask(owner, "DELETE", "/api/busy", { calendar: "Work" })).status).toBe(200);
  expect((await ask(owner, "GET", "/settings")).text).not.toMatch(/Work.{0,200}one time ahead/s);
  const stranger = await newStudio("Elsewhere");
  expect((await ask(stranger, "GET", "/settings")).text).not.toContain("one time ahead");
});
