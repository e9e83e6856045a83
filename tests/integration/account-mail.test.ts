/** Accounts by mail: an address is proven, a forgotten password replaced, and nobody learns which are known. */
import { readdirSync, statSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { linkInMail, readMail } from "../../ops/mail";
import { ADDRESS, ask, MAIL, NOBODY, newStudio } from "../shared/http";

const PASSWORD = "kelp granite owl seven";
const newAddress = () => `${crypto.randomUUID()}@studio.example`;
const signUp = (email: string, name = "Lantern Yard") =>
  ask(NOBODY, "POST", "/api/auth/sign-up/email", { name, email, password: PASSWORD });
const signIn = (email: string, password = PASSWORD) =>
  ask(NOBODY, "POST", "/api/auth/sign-in/email", { email, password });
const shapeOf = (json: unknown): unknown =>
  json !== null && typeof json === "object"
    ? Object.entries(json).map(([key, value]) => [key, shapeOf(value)])
    : typeof json;
const pathOf = (link: string) => link.slice(new URL(link).origin.length);

describe("signing up", () => {
  test("answers alike for an address that is known and one that isn't; only its mail tells which", async () => {
    const me = await newStudio("Already here");
    const [known, fresh] = [await signUp(me.email), await signUp(newAddress())];
    expect([known.status, fresh.status]).toEqual([200, 200]);
    expect(shapeOf(known.json)).toEqual(shapeOf(fresh.json));
    expect(known.headers.getSetCookie()).toEqual([]);
    await linkInMail(MAIL, me.email, "You have an account");
    // Nothing changed for whoever has it.
    expect((await signIn(me.email, me.password)).status).toBe(200);
    expect((await signIn(me.email)).status).toBe(401);
  });

  test("is written about in the language that the browser asks for", async () => {
    const email = newAddress();
    const headers = { "content-type": "application/json", origin: ADDRESS, "accept-language": "es-CL,es" };
    const body = JSON.stringify({ name: "Taller del Faro", email, password: PASSWORD });
    const reply = await fetch(`${ADDRESS}/api/auth/sign-up/email`, { method: "POST", headers, body });
    expect(reply.status).toBe(200);
    expect(await linkInMail(MAIL, email, "Tu dirección")).toContain("http");
    const wrong = await fetch(`${ADDRESS}/api/auth/sign-in/email`, {
      method: "POST",
      headers,
      body: JSON.stringify({ email, password: "not the one at all" }),
    });
    expect(((await wrong.json()) as { message: string }).message).toBe(
      "Ninguna cuenta tiene esta dirección con esta contraseña.",
    );
  });

  test("lets in only who opened the link, and the link alone signs nobody in", async () => {
    const email = newAddress();
    await signUp(email);
    const link = await linkInMail(MAIL, email, "Your address");
    const early = await signIn(email);
    expect([early.status, early.json.message]).toEqual([403, expect.stringContaining("isn't proven yet")]);
    const opened = await ask(NOBODY, "GET", pathOf(link));
    expect(opened.status).toBeLessThan(400);
    expect(opened.headers.getSetCookie()).toEqual([]);
    expect((await signIn(email)).status).toBe(200);
    // A link that was changed proves nothing.
    const other = newAddress();
    await signUp(other);
    const torn = (await linkInMail(MAIL, other, "Your address")).replace(
      /token=(.{40})(.)/,
      // Another character than the one that is there.
      (_, before: string, one: string) => `token=${before}${one === "x" ? "y" : "x"}`,
    );
    await ask(NOBODY, "GET", pathOf(torn));
    expect((await signIn(other)).status).toBe(403);
  });

  test("sends so many messages to one address and no more", async () => {
    const email = newAddress();
    const statuses = [];
    for (let n = 0; n < 7; n += 1) statuses.push((await signUp(email)).status);
    expect(statuses).toEqual([200, 200, 200, 200, 200, 429, 429]);
  });

  test("writes files that only whoever runs this can read, and none of their names has an address", async () => {
    const { email } = await newStudio("Kept apart");
    await linkInMail(MAIL, email, "Your address");
    expect(statSync(MAIL).mode & 0o777).toBe(0o700);
    for (const name of readdirSync(MAIL)) {
      expect(name).not.toContain("@");
      expect(statSync(`${MAIL}/${name}`).mode & 0o777, name).toBe(0o600);
    }
  });
});

describe("a forgotten password", () => {
  const forget = (email: string) => ask(NOBODY, "POST", "/api/auth/request-password-reset", { email });
  const reset = (token: string, newPassword: string) =>
    ask(NOBODY, "POST", "/api/auth/reset-password", { token, newPassword });

  test("is replaced with the link, once; every sign-in ends, the trail and a second mail say so", async () => {
    const me = await newStudio("Forgetful");
    expect((await forget(me.email)).status).toBe(200);
    const token = (await linkInMail(MAIL, me.email, "Another password")).split("/reset/")[1] ?? "";
    const page = await ask(NOBODY, "GET", `/reset/${token}`);
    expect([page.status, page.text.includes("Another password")]).toEqual([200, true]);
    expect((await reset(token, "password123")).json.message).toContain("tried first");
    expect((await reset(token, PASSWORD)).status).toBe(200);
    expect((await ask(me, "GET", "/api/people/export")).status).toBe(401);
    expect((await signIn(me.email, me.password)).status).toBe(401);
    const inside = await signIn(me.email);
    expect(inside.status).toBe(200);
    const again = await reset(token, "another long enough one");
    expect([again.status, again.json.message]).toEqual([
      400,
      expect.stringContaining("opens nothing any more"),
    ]);
    const cookie = inside.headers.getSetCookie().map((line) => line.split(";")[0]);
    const trail = await ask({ ...me, cookie: cookie.join("; ") }, "GET", "/trail");
    expect(trail.text).toContain("replaced a forgotten password by mail");
    const subjects = (await readMail(MAIL, me.email)).map(({ subject }) => subject);
    expect(subjects[0]).toContain("was replaced");
  });

  test("is asked for alike where there is no such account, and nothing is written", async () => {
    const me = await newStudio("Known");
    const nobody = newAddress();
    const [known, unknown] = [await forget(me.email), await forget(nobody)];
    expect([unknown.status, unknown.json]).toEqual([known.status, known.json]);
    await linkInMail(MAIL, me.email, "Another password");
    expect(await readMail(MAIL, nobody)).toEqual([]);
  });

  test("proves the address of an account that somebody else made with it, and shuts them out", async () => {
    const email = newAddress();
    await signUp(email, "Squatter");
    await forget(email);
    const token = (await linkInMail(MAIL, email, "Another password")).split("/reset/")[1] ?? "";
    expect((await reset(token, "mine and long enough")).status).toBe(200);
    expect((await signIn(email)).status).toBe(401);
    expect((await signIn(email, "mine and long enough")).status).toBe(200);
  });
});
