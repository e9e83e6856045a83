import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { DrizzleQueryError } from "drizzle-orm/errors";
import { afterAll, describe, expect, test } from "vitest";
import { fileOf, scrubbed, told } from "./journal";

const folder = mkdtempSync(`${tmpdir()}/brontle-journal-`);
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const until = async (look: () => boolean) => {
  for (let i = 0; i < 200 && !look(); i += 1) await new Promise((resolve) => setTimeout(resolve, 10));
  expect(look()).toBe(true);
};

describe("what is told of an error", () => {
  test("is its class, code and place: no statement, no parameter, no words of its own", () => {
    const cause = Object.assign(new Error('duplicate key: (email)=(pia@quay.example) "Pia"'), {
      code: "23505",
      table: "user",
      constraint: "user_email_unique",
      detail: "Key (email)=(pia@quay.example) already exists.",
    });
    const error = new DrizzleQueryError(
      "insert into person values ($1)",
      ["Pia Ørland", "secret-token"],
      cause,
    );
    const fields = told(error);
    expect(fields).toMatchObject({ code: "23505", table: "user", constraint: "user_email_unique" });
    expect(JSON.stringify(fields)).not.toMatch(/Pia|quay|secret|insert into/);
    expect(fields.at).toContain("journal.test");
  });

  test("of the language's own errors has the words, which name code", () => {
    const reading = () => (undefined as unknown as { doc: { title: string } }).doc.title;
    let error: unknown;
    try {
      reading();
    } catch (reason) {
      error = reason;
    }
    expect(told(error)).toMatchObject({ error: "TypeError", says: expect.stringContaining("Cannot read") });
    expect(told("Pia")).toEqual({ error: "string" });
    try {
      JSON.parse('{"name": Pia');
    } catch (reason) {
      expect(JSON.stringify(told(reason))).not.toContain("Pia");
    }
  });
});

describe("what others say", () => {
  test("loses parameters, tokens, addresses and whatever stands in quotes", () => {
    const said =
      'GET /p/TitxiquWjmRKnEm0Av54_hCznn0L5exnNVrVdU3Z8TY by pia@quay.example "Pia" postgres://brontle:pw@127.0.0.1/x Failed query\nparams: Pia,12';
    expect(scrubbed(said)).not.toMatch(/Titxiq|pia|Pia|pw|12/);
    expect(scrubbed(said)).toContain("Failed query");
  });
});

describe("the file", () => {
  test("is readable by its owner alone", async () => {
    const path = `${folder}/journal.log`;
    fileOf(path).write("one\n");
    await until(() => existsSync(path) && readFileSync(path, "utf8") === "one\n");
    expect(statSync(path).mode & 0o777).toBe(0o600);
  });

  test("that can't be written stops nobody, and is written again when it can", async () => {
    const path = `${folder}/later/journal.log`;
    // A file stands where the folder should be.
    writeFileSync(`${folder}/later`, "in the way");
    const file = fileOf(path, 20);
    file.write("lost\n");
    await new Promise((resolve) => setTimeout(resolve, 60));
    rmSync(`${folder}/later`);
    mkdirSync(`${folder}/later`);
    await until(() => {
      file.write("again\n");
      return existsSync(path) && readFileSync(path, "utf8").includes("again");
    });
    expect(readFileSync(path, "utf8")).not.toContain("lost");
  });
});
