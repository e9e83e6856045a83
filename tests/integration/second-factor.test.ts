/** A second factor: without its code a password opens nothing, and the database gives neither away. */
import { Client } from "pg";
import { describe, expect, test } from "vitest";
import { cookieOf } from "../../ops/sign-up";
import { hashOf } from "../../src/server/tokens";
import { ADDRESS, type Asker, ask, NOBODY, newStudio } from "../shared/http";
import { totp } from "../shared/totp";

const isIn = async (who: Asker) => (await ask(who, "GET", "/api/people/export")).status === 200;
const asker = (headers: Headers): Asker => ({
  cookie: cookieOf({ headers } as Response),
  origin: ADDRESS,
});

/** A studio whose owner has turned a second factor on. */
async function guarded() {
  const me = await newStudio("Two keys");
  const begun = await ask(me, "POST", "/api/auth/two-factor/enable", { password: me.password });
  expect(begun.status, begun.text).toBe(200);
  const secret = new URL(String(begun.json.totpURI)).searchParams.get("secret") ?? "";
  const on = await ask(me, "POST", "/api/auth/two-factor/verify-totp", { code: totp(secret, Date.now()) });
  expect(on.status, on.text).toBe(200);
  return { ...me, ...asker(on.headers), secret, spare: begun.json.backupCodes as string[] };
}
async function firstStep(who: { email: string; password: string }) {
  const { email, password } = who;
  const reply = await ask(NOBODY, "POST", "/api/auth/sign-in/email", { email, password });
  return { ...reply, who: asker(reply.headers) };
}

describe("with a second factor", () => {
  test("the password alone opens nothing; the six digits or a spare code do, that code once", async () => {
    const me = await guarded();
    expect(await isIn(me)).toBe(true);
    const half = await firstStep(me);
    expect([half.status, half.json.twoFactorRedirect]).toEqual([200, true]);
    expect(await isIn(half.who)).toBe(false);
    const wrong = await ask(half.who, "POST", "/api/auth/two-factor/verify-totp", { code: "000000" });
    expect([wrong.status, wrong.json.message]).toEqual([401, "That isn't the code."]);
    const digits = await ask(half.who, "POST", "/api/auth/two-factor/verify-totp", {
      code: totp(me.secret, Date.now()),
    });
    expect(digits.status, digits.text).toBe(200);
    expect(await isIn(asker(digits.headers))).toBe(true);

    const code = me.spare[0];
    const spare = async () => {
      const { who } = await firstStep(me);
      return ask(who, "POST", "/api/auth/two-factor/verify-backup-code", { code });
    };
    const first = await spare();
    expect(first.status, first.text).toBe(200);
    expect(await isIn(asker(first.headers))).toBe(true);
    expect((await spare()).status).toBe(401);
  });

  test("codes can't be tried on and on", { timeout: 30_000 }, async () => {
    const me = await guarded();
    const { who } = await firstStep(me);
    const statuses = [];
    for (let n = 0; n < 7; n += 1) {
      const code = String(n).padStart(6, "0");
      statuses.push((await ask(who, "POST", "/api/auth/two-factor/verify-totp", { code })).status);
    }
    expect(statuses.slice(0, 5)).toEqual([401, 401, 401, 401, 401]);
    // The right one comes too late: that step is over.
    const late = await ask(who, "POST", "/api/auth/two-factor/verify-totp", {
      code: totp(me.secret, Date.now()),
    });
    expect(late.status).toBeGreaterThanOrEqual(400);
    expect(await isIn(asker(late.headers))).toBe(false);
  });

  test("it goes only with the password, and the trail says on, off and who came in", async () => {
    const me = await guarded();
    const off = (password: string) => ask(me, "POST", "/api/auth/two-factor/disable", { password });
    expect((await off("not the password")).status).toBe(400);
    const half = await firstStep(me);
    expect((await ask(half.who, "GET", "/trail")).status).toBe(307);
    const gone = await off(me.password);
    expect(gone.status, gone.text).toBe(200);
    const whole = await firstStep(me);
    expect(await isIn(whole.who)).toBe(true);
    const { text } = await ask(whole.who, "GET", "/trail");
    expect(text).toContain("turned a second factor on");
    expect(text).toContain("turned the second factor off");
    // Half a sign-in is none: two stand there, that of the beginning and that without the factor.
    const shown = text.replaceAll(/<script[\s\S]*?<\/script>/g, "");
    expect(shown.match(/Two keys signed in/g)?.length).toBe(2);
  });
});

describe("the database", () => {
  test("has neither what signs in nor what makes codes", async () => {
    const me = await guarded();
    const token = decodeURIComponent(/session_token=([^;]+)/.exec(me.cookie)?.[1] ?? "").split(".")[0] ?? "";
    expect(token.length).toBeGreaterThan(20);
    const url = process.env.BRONTLE_DATABASE_URL?.replace(/\/integration$/, "/browser");
    const client = new Client({ connectionString: url });
    await client.connect();
    try {
      const tables = await client.query<{ name: string }>(
        "select table_name as name from information_schema.tables where table_schema = 'public'",
      );
      for (const { name } of tables.rows) {
        const { rows } = await client.query<{ line: string }>(
          `select row_to_json(t)::text as line from ${client.escapeIdentifier(name)} t`,
        );
        for (const secret of [token, me.secret, ...me.spare])
          expect(
            rows.some(({ line }) => line.includes(secret)),
            name,
          ).toBe(false);
      }
      const kept = await client.query("select 1 from sign_in where token = $1", [hashOf(token)]);
      expect(kept.rowCount).toBe(1);
    } finally {
      await client.end();
    }
  });
});
