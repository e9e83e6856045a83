/** The application as it is reached from elsewhere: behind something that ends the encryption, under a name of its own. */
import { request } from "node:http";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { ownCommands } from "../shared/commands";
import { ADDRESS } from "../shared/http";

const ORIGIN = "https://classes.harboursteps.example";
const deployed = ownCommands("deployed", { BRONTLE_ORIGIN: ORIGIN, BRONTLE_TRUSTED_PROXIES: "127.0.0.1" });
let port = 0;

interface Reply {
  readonly status: number;
  readonly headers: Readonly<Record<string, string | string[] | undefined>>;
  readonly text: string;
}

/** A request as a proxy hands it on: to the port on loopback, with the name that was asked for. */
function ask(
  path: string,
  more: { method?: string; host?: string; origin?: string; body?: object; cookie?: string } = {},
) {
  const body = more.body ? JSON.stringify(more.body) : undefined;
  return new Promise<Reply>((resolve, reject) => {
    const sent = request(
      {
        host: "127.0.0.1",
        port,
        path,
        method: more.method ?? "GET",
        headers: {
          host: more.host ?? "classes.harboursteps.example",
          "x-forwarded-for": "203.0.113.7",
          ...(more.cookie ? { cookie: more.cookie } : {}),
          ...(body ? { "content-type": "application/json", "content-length": Buffer.byteLength(body) } : {}),
          ...(more.origin ? { origin: more.origin } : {}),
        },
      },
      (response) => {
        let text = "";
        response.on("data", (chunk) => (text += chunk));
        response.on("end", () =>
          resolve({ status: response.statusCode ?? 0, headers: response.headers, text }),
        );
      },
    );
    sent.on("error", reject);
    sent.end(body);
  });
}

beforeAll(async () => {
  const started = deployed.brontle("demo");
  expect(started.stdout).toContain(`Brontle is at ${ORIGIN}`);
  expect(started.stdout).toMatch(new RegExp(`own page: ${ORIGIN}/p/[A-Za-z0-9_-]{43}`));
  port = deployed.appPort("demo");
}, 120_000);
afterAll(deployed.end);

describe("reached under its own name", () => {
  test("signs in with a cookie that goes over safe connections alone, and takes changes from its own pages", async () => {
    const signIn = { email: "coach@harboursteps.example", password: "storm-lantern-42" };
    const path = "/api/auth/sign-in/email";
    const reply = await ask(path, { method: "POST", origin: ORIGIN, body: signIn });
    expect(reply.status, reply.text).toBe(200);
    const [cookie = ""] = (reply.headers["set-cookie"] ?? []) as string[];
    expect(cookie).toMatch(/; Secure/i);
    expect(cookie).toMatch(/; HttpOnly/i);
    const pair = cookie.split(";")[0] ?? "";
    const person = { method: "POST", cookie: pair, body: { person: { name: "New" } } };
    expect((await ask("/api/people", { ...person, origin: ORIGIN })).status).toBe(200);
    for (const origin of ["http://127.0.0.1:4173", "https://evil.example", undefined])
      expect((await ask("/api/people", { ...person, ...(origin ? { origin } : {}) })).status).toBe(403);
    expect((await ask("/classes", { cookie: pair })).text).toContain("Stairwell strength");
  });

  test("says to browsers what they are to keep to", async () => {
    const page = await ask("/sign-in");
    expect(page.headers["strict-transport-security"]).toContain("max-age=31536000");
    expect(page.headers["cache-control"]).toContain("no-store");
    const policy = String(page.headers["content-security-policy"]);
    expect(policy).toContain("upgrade-insecure-requests");
    const nonce = /'nonce-([^']+)'/.exec(policy)?.[1];
    const scripts = [...page.text.matchAll(/<script\b[^>]*>/g)].map(([tag]) => tag);
    expect(scripts.length).toBeGreaterThan(2);
    for (const tag of scripts) expect(tag).toContain(`nonce="${nonce}"`);
    expect((await ask("/sign-in")).headers["content-security-policy"]).not.toBe(policy);
  });

  test("answers to no other name", async () => {
    for (const host of ["evil.example", "classes.harboursteps.example.evil.example"])
      expect((await ask("/sign-in", { host })).status).toBe(421);
    expect((await ask("/api/health", { host: `127.0.0.1:${port}` })).status).toBe(200);
  });
});

test("on loopback, whoever asks directly can't say where they come from, and nothing private is kept by browsers", async () => {
  const reply = await fetch(`${ADDRESS}/api/health`);
  expect(reply.headers.get("strict-transport-security")).toBeNull();
  for (const path of ["/sign-in", "/api/health", "/p/x", "/api/people/export"])
    expect(
      (await fetch(`${ADDRESS}${path}`, { redirect: "manual" })).headers.get("cache-control"),
      path,
    ).toContain("no-store");
  const chunk = /\/_next\/static\/[^"]+\.js/.exec(await (await fetch(`${ADDRESS}/sign-in`)).text())?.[0];
  expect((await fetch(`${ADDRESS}${chunk}`)).headers.get("cache-control")).toContain("immutable");
});

test("an origin that would send links in the open is refused before anything starts", () => {
  const open = ownCommands("open", { BRONTLE_ORIGIN: "http://classes.harboursteps.example" });
  const { status, stderr } = open.brontle("start");
  open.end();
  expect([status, stderr]).toEqual([1, expect.stringContaining("BRONTLE_ORIGIN must be https")]);
}, 60_000);
