/** The library is fetched once: one file of its own beside the pages', named by what is in it, and kept. */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, test } from "vitest";
import { LIBRARY } from "../../src/core/moves/library";
import { ADDRESS } from "../shared/http";

const CHUNKS = join(import.meta.dirname, "../../.next/static/chunks");

function filesIn(folder: string): readonly string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && entry.name.endsWith(".js"))
    .map((entry) => join(entry.parentPath, entry.name));
}

test("all moves stand in one file of the pages, which browsers keep for as long as it is the same", async () => {
  const names = LIBRARY.filter(({ name }) => name.length > 25).map(({ name }) => name);
  expect(names.length).toBeGreaterThan(100);
  const holding = filesIn(CHUNKS).filter((file) => {
    const text = readFileSync(file, "utf8");
    return names.some((name) => text.includes(`"${name}"`));
  });
  expect(holding).toHaveLength(1);
  const [file = ""] = holding;
  const text = readFileSync(file, "utf8");
  for (const name of names) expect(text, name).toContain(name);
  const reply = await fetch(`${ADDRESS}/_next/static/chunks/${file.slice(CHUNKS.length + 1)}`);
  expect(reply.status).toBe(200);
  expect(reply.headers.get("cache-control")).toMatch(/immutable/);
  await reply.text();
});
