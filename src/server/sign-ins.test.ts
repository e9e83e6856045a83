import { expect, test } from "vitest";
import { deviceOf } from "./sign-ins";

test("a browser is told in a few words, and what says nothing as none", () => {
  const chrome =
    "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/156.0 Safari/537.36";
  expect(deviceOf(chrome)).toEqual({ browser: "Chrome", system: "Linux" });
  expect(deviceOf("Mozilla/5.0 (Macintosh; Intel Mac OS X 15_1) Version/18 Safari/605.1")).toEqual({
    browser: "Safari",
    system: "Mac",
  });
  expect(deviceOf(`${chrome} Edg/156.0`.replace("Chrome/156.0 Safari/537.36 ", ""))).toEqual({
    browser: "Edge",
    system: "Linux",
  });
  expect([deviceOf(null), deviceOf("node")]).toEqual([
    { browser: "none", system: "none" },
    { browser: "none", system: "none" },
  ]);
});
