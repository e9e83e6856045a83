/** An instructor's language: chosen for an account, and what the server itself says to them is in it. */
import { beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import { ADDRESS, type Asker, ask, NOBODY, newStudio } from "../shared/http";

let owner: Asker;
let other: Asker;
let classId = "";

const page = async (asker: Asker, path: string, asks = "en-GB") =>
  (
    await fetch(`${ADDRESS}${path}`, {
      headers: { "accept-language": asks, ...(asker.cookie ? { cookie: asker.cookie } : {}) },
    })
  ).text();
const choose = (asker: Asker, language: unknown) => ask(asker, "PUT", "/api/account", { language });

beforeAll(async () => {
  owner = await newStudio("Lenguas");
  other = await newStudio("Tongues");
  const plain = newClass("Storm legs", "density");
  const slots = [{ id: "s4", move: "press-up", dose: { seconds: 40 } }];
  // One block, so that it is the one that the Desk opens with.
  const doc = { ...plain, blocks: plain.blocks.flatMap((b) => (b.id === "b2" ? [{ ...b, slots }] : [])) };
  const made = await ask(owner, "POST", "/api/classes", { doc });
  classId = made.json.id;
});

describe("the language of an account", () => {
  test("is nobody's to choose but one's own, and one of those that instructors read in", async () => {
    expect((await choose(NOBODY, "es")).status).toBe(401);
    for (const odd of ["de", "xx", 7, undefined, ["es"]]) {
      const reply = await choose(owner, odd);
      expect([reply.status, reply.json.error], String(odd)).toEqual([400, "malformed"]);
    }
    expect((await choose(owner, "es")).status).toBe(200);
    expect(await page(owner, "/classes")).toMatch(/<html lang="es"/);
    expect(await page(other, "/classes")).toMatch(/<html lang="en"/);
  });

  test("puts its pages, their titles and their moves into it", async () => {
    const classes = await page(owner, "/classes");
    expect(classes).toContain("<title>Clases · Brontle</title>");
    expect(classes).toContain("Clase nueva");
    expect(classes).not.toContain("New class");
    const desk = await page(owner, `/classes/${classId}`);
    expect(desk).toContain("Quién hace qué");
    expect(desk).toContain("Flexión");
    expect(desk).not.toMatch(/>Press-up</);
  });

  test("holds over what the browser asks for; where none is chosen the browser decides", async () => {
    expect(await page(owner, "/classes", "en-US,en")).toContain("Clase nueva");
    expect(await page(other, "/classes", "es-AR,es;q=0.9")).toContain("Dónde das clase");
    expect(await page(NOBODY, "/sign-in", "es")).toContain("Iniciar sesión");
    expect(await page(NOBODY, "/sign-in", "de")).toContain("I forgot the password");
    expect((await choose(other, "es")).status).toBe(200);
    expect((await choose(other, null)).status).toBe(200);
    expect(await page(other, "/classes", "en")).toContain("Where you teach");
  });

  test("is what is refused in, with what stands in the sentence", async () => {
    const missing = await ask(owner, "GET", `/api/classes/${crypto.randomUUID()}/file`);
    expect([missing.status, missing.json.error, missing.json.message]).toEqual([
      404,
      "not-found",
      "Aquí no hay tal clase.",
    ]);
    const plain = await ask(other, "GET", `/api/classes/${crypto.randomUUID()}/file`);
    expect(plain.json.message).toBe("There is no such class here.");
    // What a schema says of a field has no sentence of ours: its code has.
    const odd = await choose(owner, "xx");
    expect(odd.json.message).toBe("Hay algo que no se puede leer.");
  });

  test("is not what a participant's page is refused in: that says each code in its own words", async () => {
    const person = { name: "Quay Walker", kit: [] };
    const { json } = await ask(owner, "POST", "/api/people", { person });
    const made = await ask(owner, "POST", `/api/people/${json.id}/link`, {});
    const token = String(made.json.address).split("/p/")[1];
    const reply = await fetch(`${ADDRESS}/api/part/${token}/content?session=${crypto.randomUUID()}`, {
      headers: { "accept-language": "es" },
    });
    expect(((await reply.json()) as { message: string }).message).toBe("There is no such class here.");
  });

  test("is what another class of the same kind is called in", async () => {
    const made = await ask(owner, "POST", `/api/classes/${classId}/copy`, {});
    const { json } = await ask(owner, "GET", `/api/classes/${made.json.id}`);
    expect(JSON.stringify(json)).toContain("Storm legs, otra vez");
  });
});
