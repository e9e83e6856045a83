/** Accounts: which passwords are taken, how often they are tried, and ending sign-ins elsewhere. */
import { describe, expect, test } from "vitest";
import { ADDRESS, type Asker, ask, NOBODY, newStudio } from "../shared/http";

type Account = Awaited<ReturnType<typeof newStudio>>;

async function signIn({
  email,
  password,
}: Pick<Account, "email" | "password">): Promise<Asker & { status: number }> {
  const reply = await ask(NOBODY, "POST", "/api/auth/sign-in/email", { email, password });
  const cookie = reply.headers
    .getSetCookie()
    .map((line) => line.split(";")[0])
    .join("; ");
  return { cookie, origin: ADDRESS, status: reply.status };
}
const isIn = async (who: Asker) => (await ask(who, "GET", "/api/people/export")).status === 200;

describe("a password", () => {
  test("that is tried first is refused with a sentence, when signing up and when it is changed", async () => {
    for (const password of ["password123", "lanternyard1"]) {
      const body = { name: "Lantern Yard", email: `${crypto.randomUUID()}@studio.example`, password };
      const reply = await ask(NOBODY, "POST", "/api/auth/sign-up/email", body);
      expect([reply.status, reply.json.message]).toEqual([400, expect.stringContaining("tried first")]);
    }
    const me = await newStudio("Lantern Yard");
    const change = { currentPassword: me.password, newPassword: "lanternyard1" };
    expect((await ask(me, "POST", "/api/auth/change-password", change)).status).toBe(400);
    expect((await signIn(me)).status).toBe(200);
  });

  test("is tried so often on one account, wherever from, and no other account is held up", {
    timeout: 60_000,
  }, async () => {
    const [tried, other] = [await newStudio("Tried"), await newStudio("Other")];
    const wrong = (n: number) =>
      signIn({ email: tried.email.toUpperCase(), password: `not-the-right-one-${n}` });
    // A right one starts anew.
    for (let n = 0; n < 12; n += 1) expect((await wrong(n)).status).toBe(401);
    expect((await signIn(tried)).status).toBe(200);
    const statuses = [];
    for (let n = 0; n < 24; n += 1) statuses.push((await wrong(n)).status);
    expect(statuses.filter((status) => status === 401)).toHaveLength(20);
    expect(statuses.slice(20)).toEqual([429, 429, 429, 429]);
    expect((await signIn(tried)).status).toBe(429);
    expect((await signIn(other)).status).toBe(200);
    // Who is in stays in.
    expect(await isIn(tried)).toBe(true);
  });
});

describe("somebody with two studios", () => {
  test("works in either, leaves the one where they are a coach, and stays with their own", async () => {
    const [host, me] = [await newStudio("Host studio"), await newStudio("My own studio")];
    const address = String((await ask(host, "POST", "/api/members", {})).json.address);
    expect((await ask(me, "POST", "/api/join", { token: address.split("/join/")[1] })).status).toBe(200);
    const page = async () => (await ask(me, "GET", "/account")).text;
    const works = async () =>
      /<b>([^<]+)<\/b>[^b]*<span[^>]*>(?:owner|coach)<\/span>/.exec(await page())?.[1];
    expect(await works()).toBe("Host studio");
    const ids = [...(await page()).matchAll(/"studioId\\?":\\?"([0-9a-f-]{36})/g)].map(([, id]) => id);
    const [hosts, own] = [...new Set(ids)];
    expect((await ask(me, "PUT", "/api/studios", { studioId: own })).status).toBe(200);
    expect(await works()).toBe("My own studio");
    expect((await ask(me, "DELETE", "/api/studios", { studioId: own })).status).toBe(409);
    expect((await ask(me, "DELETE", "/api/studios", { studioId: hosts })).status).toBe(200);
    expect((await ask(me, "PUT", "/api/studios", { studioId: hosts })).status).toBe(404);
    expect(await page()).not.toContain("Host studio");
    expect((await ask(host, "GET", "/trail")).text).toContain("My own studio left the studio");
  });
});

describe("sign-ins", () => {
  test("are listed, and the others end with one press, the one that asks stays", async () => {
    const me = await newStudio("Many screens");
    const [second, third] = [await signIn(me), await signIn(me)];
    const page = (await ask(third, "GET", "/account")).text;
    expect(page).toContain("End the other 2");
    // The library's own way would have to know tokens that the database doesn't have.
    expect((await ask(third, "POST", "/api/auth/revoke-other-sessions", {})).status).toBe(404);
    expect((await ask(third, "DELETE", "/api/sign-ins", {})).status).toBe(200);
    expect([await isIn(me), await isIn(second), await isIn(third)]).toEqual([false, false, true]);
  });

  test("elsewhere end when the password is changed, and the old one opens nothing", async () => {
    const me = await newStudio("Changed");
    const second = await signIn(me);
    const change = {
      currentPassword: me.password,
      newPassword: "kelp granite owl seven",
      revokeOtherSessions: true,
    };
    const reply = await ask(second, "POST", "/api/auth/change-password", change);
    expect(reply.status, reply.text).toBe(200);
    expect(await isIn(me)).toBe(false);
    expect((await signIn(me)).status).toBe(401);
    expect((await signIn({ ...me, password: change.newPassword })).status).toBe(200);
  });
});
