import { describe, expect, test } from "vitest";
import { addressOf, isReadable } from "./address";

describe("an address that is asked for", () => {
  test("is read where it can be decoded and holds no NUL", () => {
    for (const url of ["/", "/p/abc?session=1", "/a%20b", "/%F0%9F%98%80", "/x?y=%2F"])
      expect(isReadable(url)).toBe(true);
    for (const url of ["/%ff", "/%", "/%00", "/x?y=%zz", "http://else/", undefined, `/${"x".repeat(5000)}`])
      expect(isReadable(url), url).toBe(false);
  });
});

describe("where a request comes from", () => {
  const forwarded = (list: string) => ({ "x-forwarded-for": list });

  test("is the other end of the connection, whatever the request says of itself", () => {
    expect(addressOf("203.0.113.9", forwarded("198.51.100.1"), [])).toBe("203.0.113.9");
    expect(addressOf("::ffff:203.0.113.9", {}, [])).toBe("203.0.113.9");
    expect(addressOf(undefined, forwarded("198.51.100.1"), [])).toBe("unknown");
  });

  test("behind a proxy of ours is the last that isn't one, whatever stands before it", () => {
    const proxies = ["127.0.0.1", "10.0.0.7"];
    expect(addressOf("127.0.0.1", forwarded("1.1.1.1, 198.51.100.1, 10.0.0.7"), proxies)).toBe(
      "198.51.100.1",
    );
    expect(addressOf("127.0.0.1", {}, proxies)).toBe("127.0.0.1");
    expect(addressOf("127.0.0.1", forwarded("<script>, 10.0.0.7"), proxies)).toBe("127.0.0.1");
  });
});
