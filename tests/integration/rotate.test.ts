/** New secrets: everything private opens as before, under another key; sign-ins end; nothing is lost half-way. */
import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { afterAll, expect, test } from "vitest";
import { cookieOf } from "../../ops/sign-up";
import { DEMO_PASSWORD, demoSignIn, ownCommands } from "../shared/commands";
import { totp } from "../shared/totp";

const own = ownCommands("rotate");
const folder = mkdtempSync(`${tmpdir()}/brontle-rotated-`);
afterAll(() => {
  own.end();
  rmSync(folder, { recursive: true, force: true });
});

const file = () => `${own.data}/demo/secrets.json`;
const secrets = () => JSON.parse(readFileSync(file(), "utf8")) as Record<string, string>;

/** Starts the demo and opens one person's answers with their code. */
async function opened() {
  const { stdout, stderr } = own.brontle("demo");
  // Connections to the one before it are seen to be closed only once this process gets a turn.
  await new Promise((resolve) => setTimeout(resolve, 50));
  const address = /Brontle is at (\S+)/.exec(stdout)?.[1];
  const token = /own page: \S+\/p\/(\S+)/.exec(stdout)?.[1];
  expect(address, stderr).toBeTruthy();
  const reply = await fetch(`${address}/api/part/${token}/readiness`, {
    method: "POST",
    headers: { origin: String(address), "content-type": "application/json" },
    body: JSON.stringify({ code: "2468" }),
  });
  const { answers } = (await reply.json()) as { answers?: object };
  return { address: String(address), token, answers };
}

const posted = (who: { cookie: string; address: string }, way: string, body: object) =>
  fetch(`${who.address}/api/auth/${way}`, {
    method: "POST",
    headers: { origin: who.address, "content-type": "application/json", cookie: who.cookie },
    body: JSON.stringify(body),
  });
const peopleAs = async (address: string, cookie: string) =>
  (await fetch(`${address}/api/people/export`, { headers: { cookie } })).status;

test("a key is changed and all that was sealed under it opens, now, after a crash on either side, or not at all", {
  timeout: 240_000,
}, async () => {
  const before = await opened();
  expect(before.answers).toBeTruthy();
  const cookie = await demoSignIn(before.address);
  expect(await peopleAs(before.address, cookie)).toBe(200);
  const as = { cookie, address: before.address };
  const begun = await posted(as, "two-factor/enable", { password: DEMO_PASSWORD });
  const secret = new URL(String(((await begun.json()) as { totpURI: string }).totpURI)).searchParams.get(
    "secret",
  );
  const digits = () => ({ code: totp(String(secret), Date.now()) });
  expect((await posted(as, "two-factor/verify-totp", digits())).status).toBe(200);
  expect(own.brontle("rotate", "--demo").stderr).toContain("stop first");
  own.brontle("stop");
  const backup = `${folder}/before`;
  expect(own.brontle("backup", backup, "--demo").status).toBe(0);
  const old = secrets();

  const rotated = own.brontle("rotate", "--demo");
  expect(rotated.status, rotated.stderr).toBe(0);
  const fresh = secrets();
  expect(Object.keys(fresh).sort()).toEqual(Object.keys(old).sort());
  expect(fresh.sealSecret).not.toBe(old.sealSecret);
  expect(statSync(file()).mode & 0o777).toBe(0o600);
  // The former key is named and kept in a file that only its owner reads: old backups need it.
  const former = /it is in (\S+)\. Keep/.exec(rotated.stderr)?.[1] ?? "";
  expect([readFileSync(former, "utf8"), statSync(former).mode & 0o777]).toEqual([old.sealSecret, 0o600]);
  const to = /under the key ([0-9a-f]{16}) now/.exec(rotated.stderr)?.[1] ?? "";
  const refused = own.brontle("restore", backup, "--demo");
  expect(refused.stderr).toMatch(/sealed under the key [0-9a-f]{16}; this installation has the key/);
  const after = await opened();
  expect([after.token, after.answers]).toEqual([before.token, before.answers]);
  expect(await peopleAs(after.address, cookie)).toBe(401);
  const half = { cookie: await demoSignIn(after.address), address: after.address };
  expect(await peopleAs(after.address, half.cookie)).toBe(401);
  const whole = await posted(half, "two-factor/verify-totp", digits());
  expect(await peopleAs(after.address, cookieOf(whole))).toBe(200);
  own.brontle("stop");

  // Broken off before the data was sealed anew, and after it.
  const other = "n".repeat(43);
  const settled = (half: Record<string, string>, name: string) => {
    writeFileSync(file(), JSON.stringify(half));
    const { status, stderr } = own.brontle("backup", `${folder}/${name}`, "--demo");
    expect([status, stderr]).toEqual([0, expect.stringContaining(`with the key ${to}`)]);
    expect(secrets()).toEqual(fresh);
  };
  settled({ ...fresh, nextSealSecret: other }, "early");
  settled({ ...fresh, sealSecret: other, nextSealSecret: String(fresh.sealSecret) }, "late");

  // A key that opens nothing changes nothing.
  writeFileSync(file(), JSON.stringify({ ...fresh, sealSecret: other }));
  const unable = own.brontle("rotate", "--demo");
  expect([unable.status, unable.stderr]).toEqual([1, expect.stringContaining("Nothing was changed")]);
  expect(secrets().sealSecret).toBe(other);
  writeFileSync(file(), JSON.stringify(fresh));
  expect((await opened()).answers).toEqual(before.answers);
  expect(existsSync(`${file()}.half`)).toBe(false);

  // Phone and spare codes lost: the one who runs it lets the password alone do.
  own.brontle("stop");
  expect(own.brontle("second-factor-off", "nobody@harboursteps.example", "--demo").stderr).toContain(
    "no account",
  );
  expect(own.brontle("second-factor-off", "coach@harboursteps.example", "--demo").status).toBe(0);
  const { address } = await opened();
  expect(await peopleAs(address, await demoSignIn(address))).toBe(200);
});
