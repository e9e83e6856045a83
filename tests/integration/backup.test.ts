/** All data as a folder and back, also in another installation: whole, checked, and never silently unreadable. */
import { cpSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { afterAll, expect, test } from "vitest";
import { ownCommands } from "../shared/commands";

const here = ownCommands("backup");
const there = ownCommands("restored");
const folder = mkdtempSync(`${tmpdir()}/brontle-backups-`);
afterAll(() => {
  here.end();
  there.end();
  rmSync(folder, { recursive: true, force: true });
});

const addressOf = (text: string) => /Brontle is at (http:\/\/127\.0\.0\.1:\d+)/.exec(text)?.[1] ?? "";

/** A participant's own page of the demo, by the link that it prints. */
const tokenOf = (text: string) => /own page: \S+\/p\/(\S+)/.exec(text)?.[1] ?? "";
async function answersAt(address: string, token: string) {
  const reply = await fetch(`${address}/api/part/${token}/readiness`, {
    method: "POST",
    headers: { origin: address, "content-type": "application/json" },
    body: JSON.stringify({ code: "2468" }),
  });
  return { status: reply.status, json: (await reply.json()) as { answers?: { adapt: string[] } } };
}

test("a backup is written while the application runs, read back, and restored in another installation", {
  timeout: 240_000,
}, async () => {
  const demo = here.brontle("demo");
  const token = tokenOf(demo.stdout);
  expect((await answersAt(addressOf(demo.stdout), token)).status).toBe(200);
  const to = `${folder}/evening`;
  const written = here.brontle("backup", to, "--demo");
  expect(written.status, written.stderr).toBe(0);
  const manifest = JSON.parse(readFileSync(`${to}/manifest.json`, "utf8"));
  expect(manifest).toMatchObject({
    format: "brontle.backup",
    rows: { person: 24, class: 20, session: 32, studio: 1 },
  });
  expect(written.stderr).toContain(manifest.sealKey);
  expect(statSync(to).mode & 0o777).toBe(0o700);
  const { sealSecret } = JSON.parse(readFileSync(`${here.data}/demo/secrets.json`, "utf8"));
  expect(readFileSync(`${to}/database.dump`).includes(sealSecret)).toBe(false);
  // Not over one that is there, not while the application runs.
  expect(here.brontle("backup", to, "--demo").stderr).toContain("is there already");
  expect(here.brontle("restore", to, "--demo").stderr).toContain("stop first");

  // Elsewhere, with a key of its own: an error that names both, and nothing has changed.
  const own = there.brontle("demo");
  there.brontle("stop");
  const other = there.brontle("restore", to, "--demo");
  expect(other.status).toBe(1);
  expect(other.stderr).toContain(manifest.sealKey);
  expect(other.stderr).toContain("Nothing was changed");
  const same = there.brontle("demo");
  expect((await answersAt(addressOf(same.stdout), tokenOf(own.stdout))).status).toBe(200);
  there.brontle("stop");

  // A damaged one, and one of a later version, likewise.
  cpSync(to, `${folder}/damaged`, { recursive: true });
  const bytes = readFileSync(`${folder}/damaged/database.dump`);
  bytes[Math.floor(bytes.length / 2)] = (bytes[Math.floor(bytes.length / 2)] ?? 0) ^ 0xff;
  writeFileSync(`${folder}/damaged/database.dump`, bytes);
  expect(there.brontle("restore", `${folder}/damaged`, "--demo").stderr).toContain("checksum differs");
  cpSync(to, `${folder}/later`, { recursive: true });
  writeFileSync(`${folder}/later/manifest.json`, JSON.stringify({ ...manifest, migration: "9999_later" }));
  expect(there.brontle("restore", `${folder}/later`, "--demo").stderr).toContain("of a later version");

  // With the key of the first it opens. (The demo makes its printed link anew where it doesn't know it.)
  const secrets = `${there.data}/demo/secrets.json`;
  writeFileSync(secrets, JSON.stringify({ ...JSON.parse(readFileSync(secrets, "utf8")), sealSecret }));
  const restored = there.brontle("restore", to, "--demo");
  expect(restored.status, restored.stderr).toBe(0);
  const again = there.brontle("demo");
  const opened = await answersAt(addressOf(again.stdout), tokenOf(again.stdout));
  expect([opened.status, Array.isArray(opened.json.answers?.adapt)]).toEqual([200, true]);
});
