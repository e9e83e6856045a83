import { describe, expect, test } from "vitest";
import { commonHeaders, isOurHost, makeNonce, mayBeKept, policyOf, readOrigin } from "./guard";

const at = (origin: string) => ({ origin: readOrigin(origin), local: "127.0.0.1:4173" });

describe("the origin", () => {
  test("is a scheme and a host, safe unless it is this machine", () => {
    for (const text of [
      "https://classes.example",
      "https://classes.example:8443",
      "http://127.0.0.1:4173",
      "http://localhost:1",
    ])
      expect(readOrigin(text).origin).toBe(text);
    for (const text of [
      "classes.example",
      "ftp://classes.example",
      "https://classes.example/brontle",
      "http://classes.example",
      "https://a@b.example",
    ])
      expect(() => readOrigin(text), text).toThrow("BRONTLE_ORIGIN");
  });
});

describe("a host", () => {
  test("is ours as people reach it and as this process listens, and no other", () => {
    const settings = at("https://classes.example");
    expect(["classes.example", "127.0.0.1:4173"].map((host) => isOurHost(host, settings))).toEqual([
      true,
      true,
    ]);
    for (const host of ["evil.example", "classes.example:80", "127.0.0.1", "", undefined])
      expect(isOurHost(host, settings)).toBe(false);
  });
});

describe("what answers say", () => {
  test("scripts run with the number of the answer alone, never because they stand in the page", () => {
    const [a, b] = [makeNonce(), makeNonce()];
    expect(a).not.toBe(b);
    const scripts = policyOf(a, at("https://classes.example"))
      .split("; ")
      .find((line) => line.startsWith("script-src"));
    expect(scripts).toBe(`script-src 'self' 'nonce-${a}' 'strict-dynamic'`);
  });

  test("styles too, and those of packages by their hash: none because it stands in the page", () => {
    const policy = policyOf("n", at("https://classes.example"), ["'sha256-abc='"]);
    expect(policy).toContain("style-src 'self' 'nonce-n' 'sha256-abc=';");
    expect(policy).not.toContain("unsafe");
  });

  test("a year of safe connections only where the address is one", () => {
    expect(commonHeaders(at("https://classes.example"))).toHaveProperty("strict-transport-security");
    expect(commonHeaders(at("http://127.0.0.1:4173"))).not.toHaveProperty("strict-transport-security");
    expect(policyOf("n", at("http://127.0.0.1:4173"))).not.toContain("upgrade-insecure");
  });

  test("only what ships may be kept", () => {
    expect(
      ["/_next/static/x.js", "/icon.svg", "/p/abc", "/api/people/export", "/classes"].map(mayBeKept),
    ).toEqual([true, true, false, false, false]);
  });
});
