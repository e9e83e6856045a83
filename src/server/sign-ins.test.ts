import { expect, test } from "vitest";
import { deviceOf } from "./sign-ins";

test("a browser is told in a few words, and what says nothing as a program", () => {
  const chrome =
    "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/156.0 Safari/537.36";
  expect(deviceOf(chrome)).toBe("Chrome on Linux");
  expect(deviceOf("Mozilla/5.0 (Macintosh; Intel Mac OS X 15_1) Version/18 Safari/605.1")).toBe(
    "Safari on Mac",
  );
  expect(deviceOf(`${chrome} Edg/156.0`.replace("Chrome/156.0 Safari/537.36 ", ""))).toBe("Edge on Linux");
  expect([deviceOf(null), deviceOf("node")]).toEqual(["a program", "a program"]);
});
