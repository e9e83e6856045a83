/** The list of classes, asking people for their homes, and what a new studio is asked first. */
import { beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import { outlineOf } from "../../src/core/effort/outline";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import { listShelf } from "../../src/server/class-shelf";
import { applyEdits, createClass, listClasses } from "../../src/server/classes";
import { teachNow } from "../../src/server/session-changes";
import { saveSettings, zoneOf } from "../../src/server/studios";
import { type Asker, ask, NOBODY, newStudio } from "../shared/http";
import { command, mine, theirs, withStudios } from "../shared/sessions";

withStudios();

let owner: Asker;
beforeAll(async () => {
  owner = await newStudio("Shelf");
});

const make = async (title: string) =>
  (await ask(owner, "POST", "/api/classes", { doc: newClass(title, "density") })).json.id;
const page = async (path = "/classes") => (await ask(owner, "GET", path)).text;

describe("the list of classes", () => {
  test("has each in short as the core tells it, after an edit too, and of no other studio", async () => {
    const doc = newClass("Short", "strength");
    const id = await createClass(mine, doc);
    const [first] = await listShelf(mine);
    expect(first).toMatchObject({
      id,
      ...outlineOf(doc, LIBRARY_BOOK),
      tags: [],
      archived: false,
      taughtAtMs: null,
    });
    const rest = { op: "set", target: { in: "block", id: "b2" }, key: "longRest", to: 200 } as const;
    await applyEdits({ studioId: mine, userId: "u1" }, id, 1, [{ id: crypto.randomUUID(), edit: rest }]);
    expect((await listShelf(mine))[0]?.seconds).not.toBe(first?.seconds);
    expect(await listShelf(theirs)).toEqual([]);
  });

  test("says when a class was last taught to its end", async () => {
    const id = await createClass(mine, newClass("Taught", "form"));
    const session = await teachNow(mine, id);
    const taught = async () => (await listShelf(mine)).find((own) => own.id === id)?.taughtAtMs;
    await command(session, "start");
    expect(await taught()).toBeNull();
    await command(session, "end");
    expect(Math.abs(((await taught()) ?? 0) - Date.now())).toBeLessThan(60_000);
  });

  test("keeps tags tidy, puts away and brings back", async () => {
    const id = await make("Tagged quay");
    const put = (body: object) => ask(owner, "PUT", `/api/classes/${id}`, body);
    expect((await put({ tags: [" legs ", "Legs", "", "with  bands"] })).status).toBe(200);
    expect(await page()).toContain("with bands");
    expect((await put({ archived: true })).status).toBe(200);
    expect(await page()).toContain("put away");
    expect(await page("/sessions")).not.toContain("Tagged quay");
    expect((await put({})).status).toBe(200);
    expect((await put({ archived: false })).status).toBe(200);
    expect(await page("/sessions")).toContain("Tagged quay");
    for (const wrong of [{ tags: ["x".repeat(41)] }, { tags: Array(13).fill("x") }, { archived: "perhaps" }])
      expect((await put(wrong)).status).toBe(400);
  });

  test("a class that is put away can't be chosen for a date", async () => {
    const id = await createClass(mine, newClass("Away", "form"));
    expect((await listClasses(mine)).map((own) => own.id)).toContain(id);
    const { shelve } = await import("../../src/server/class-shelf");
    await shelve(mine, id, { archived: true });
    expect((await listClasses(mine)).map((own) => own.id)).not.toContain(id);
    await expect(shelve(theirs, id, { archived: false })).rejects.toMatchObject({ code: "not-found" });
  });

  test("a copy is another class with the same tags, under a title that says so", async () => {
    const id = await make("T".repeat(120));
    await ask(owner, "PUT", `/api/classes/${id}`, { tags: ["storm"] });
    const copied = await ask(owner, "POST", `/api/classes/${id}/copy`, {});
    const { doc } = (await ask(owner, "GET", `/api/classes/${copied.json.id}`)).json as unknown as {
      doc: { title: string; blocks: unknown };
    };
    expect(doc.title).toMatch(/^T{100,113}, again$/);
    expect(doc.blocks).toEqual(newClass("x", "density").blocks);
    expect((await page()).split("storm").length).toBeGreaterThan(2);
  });
});

describe("asking people what they have at home", () => {
  test("writes to each with a link that opens their own page for it, and to nobody of another studio", async () => {
    const add = async (name: string) =>
      (await ask(owner, "POST", "/api/people", { person: { name, email: "una@quay.example" } })).json.id;
    const people = [await add("Una Brack"), await add("Kit Orrin")];
    const reply = await ask(owner, "POST", "/api/people/ask", { people });
    expect(reply.json).toMatchObject({ count: 2 });
    const outbox = await page("/outbox");
    expect(outbox.split("What do you have at home?").length).toBeGreaterThan(2);
    const [id] = [...outbox.matchAll(/\/api\/outbox\/([0-9a-f-]{36})/g)].map((match) => match[1]);
    const mail = (await ask(owner, "GET", `/api/outbox/${id}`)).text
      .replace(/=\r?\n/g, "")
      .replaceAll("=3D", "=");
    const path = /\/p\/[A-Za-z0-9_-]+\/home/.exec(mail)?.[0];
    expect(path).toBeDefined();
    const own = await ask(NOBODY, "GET", path ?? "/nowhere");
    expect(own.status).toBe(200);
    expect(own.text).toMatch(/Una Brack|Kit Orrin/);
    const stranger = await newStudio("Strangers");
    expect((await ask(stranger, "POST", "/api/people/ask", { people })).status).toBe(404);
    expect((await ask(owner, "POST", "/api/people/ask", { people: ["nobody"] })).status).toBe(400);
    expect((await ask(owner, "POST", "/api/people/ask", { people: [] })).status).toBe(400);
  });

  test("the table leaves in the words of the pages", async () => {
    await ask(owner, "POST", "/api/people", {
      person: {
        name: "Jory Tannock",
        mark: "flat",
        limits: ["shallow-knees"],
        kit: [{ id: "d", type: "dumbbell", count: 2, kg: 6 }],
      },
    });
    const table = (await ask(owner, "GET", "/api/people/export?form=csv")).text;
    expect(table).toContain("easier");
    expect(table).toContain("shallow knees");
    expect(table).toContain("2 dumbbells 6 kg");
  });
});

describe("a studio that begins", () => {
  test("is asked for its time zone, also where that is what was taken so far", async () => {
    expect(await zoneOf(mine)).toBeNull();
    await saveSettings(mine, { teaching: { timeZone: "UTC" } }, {});
    expect(await zoneOf(mine)).toBe("UTC");
    const fresh = await newStudio("Fresh");
    const first = (await ask(fresh, "GET", "/classes")).text;
    for (const step of ["Where you teach", "The people you teach", "A class", "A date"])
      expect(first).toContain(step);
    await ask(fresh, "PUT", "/api/settings", { settings: { teaching: { timeZone: "UTC" } }, before: {} });
    expect((await ask(fresh, "GET", "/classes")).text).not.toContain(
      "Dates and times are said in this time zone",
    );
  });
});
