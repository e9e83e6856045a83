/** What the running application writes down when something fails: the number that the person sees, and nobody's data. */
import { existsSync, readdirSync, readFileSync, statSync } from "node:fs";
import { Client } from "pg";
import { afterAll, beforeAll, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import { type Asker, ask, newStudio } from "../shared/http";

const folder = process.env.BRONTLE_TEST_FOLDER ?? "";
let owner: Asker & { readonly email: string };
let admin: Client;
let token = "";
let session = "";

beforeAll(async () => {
  const url = new URL(process.env.BRONTLE_TEST_ADMIN_URL ?? "");
  url.pathname = "/browser";
  admin = new Client({ connectionString: url.toString() });
  await admin.connect();
  owner = await newStudio("Lantern Yard");
  const classId = (await ask(owner, "POST", "/api/classes", { doc: newClass("Secret title", "form") })).json
    .id;
  const person = { name: "Sunniva Skerry", email: "sunniva@private.example" };
  const id = (await ask(owner, "POST", "/api/people", { person })).json.id;
  token = String((await ask(owner, "POST", `/api/people/${id}/link`, {})).json.address).split("/p/")[1] ?? "";
  session = (await ask(owner, "POST", "/api/sessions/now", { classId })).json.id;
});
afterAll(() => admin.end());

/** Every file of words that the test's servers have, with what is in it. */
function words(): { file: string; mode: number; text: string }[] {
  const files: string[] = [];
  const walk = (path: string) => {
    for (const entry of readdirSync(path, { withFileTypes: true })) {
      const inner = `${path}/${entry.name}`;
      if (entry.isDirectory() && entry.name === "log") walk(inner);
      else if (entry.isFile() && /\.log(\.\d+)?$/.test(entry.name)) files.push(inner);
      else if (entry.isDirectory() && entry.name === "postgres") walk(inner);
    }
  };
  walk(folder);
  return files.map((file) => ({
    file,
    mode: statSync(file).mode & 0o777,
    text: readFileSync(file, "utf8"),
  }));
}

test("a request that fails is answered with a number, and the journal has it with the route and no more", async () => {
  await admin.query("alter table whereabouts rename to whereabouts_away");
  try {
    const body = { session, place: "Boat shed nine", contact: "Sister, 555 0188" };
    const failed = await ask(owner, "PUT", `/api/part/${token}/whereabouts`, body);
    expect(failed.status).toBe(500);
    expect(failed.json).toMatchObject({ error: "failed", request: expect.stringMatching(/^[0-9a-f]{8}$/) });
    expect(failed.text).not.toMatch(/whereabouts_away|relation|select|insert/i);
    const page = await ask(owner, "GET", `/p/${token}`);
    expect(page.status).toBe(500);
    const line = () =>
      words()
        .flatMap(({ text }) => text.split("\n"))
        .find((entry) => entry.includes(String(failed.json.request)));
    for (let i = 0; i < 100 && !line(); i += 1) await new Promise((resolve) => setTimeout(resolve, 20));
    expect(JSON.parse(line() ?? "{}")).toMatchObject({
      level: "error",
      event: "request-failed",
      route: "/api/part/…/whereabouts",
      method: "PUT",
      status: 500,
      code: "42P01",
      time: expect.stringMatching(/^\d{4}-\d\d-\d\dT/),
    });
  } finally {
    await admin.query("alter table whereabouts_away rename to whereabouts");
  }
});

test("no file of words holds anybody's name, address, token, place or title, and each is its owner's alone", async () => {
  const signIn = { email: owner.email, password: "not-the-right-one" };
  await ask(owner, "POST", "/api/auth/sign-in/email", signIn);
  await ask(owner, "GET", `/api/part/${token}x/shown`);
  const all = words();
  expect(all.map(({ file }) => file.split("/").at(-1))).toEqual(
    expect.arrayContaining(["app.log", "journal.log"]),
  );
  for (const { file, mode, text } of all) {
    for (const secret of [
      "Sunniva",
      "private.example",
      token,
      "Boat shed",
      "555 0188",
      "Secret title",
      owner.email,
      "Lantern Yard",
    ])
      expect(text.includes(secret), `${secret} in ${file}`).toBe(false);
    expect(text, file).not.toMatch(/params|[A-Za-z0-9_-]{43}/);
    expect(mode, file).toBe(0o600);
  }
  expect(existsSync(`${folder}/postgres.log`)).toBe(true);
});
