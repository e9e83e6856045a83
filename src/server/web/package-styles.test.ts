import { expect, test } from "vitest";
import { hashSource, insertedStyles, packageStyles } from "./package-styles";

test("hashes as the policy's specification gives them", () => {
  // The example of CSP level 3.
  expect(hashSource("alert('Hello, world.');")).toBe("'sha256-qznLcsROx4GACP2dm0UCKCzCG+HiZ1guq6ZZDob/Tng='");
});

test("finds what a module inserts, with what is escaped in it", () => {
  expect(insertedStyles('function __insertCSS(code) {}\n__insertCSS("a{content:\\"b\\"}\\n");')).toEqual([
    'a{content:"b"}\n',
  ]);
});

test("the toasts' styles are found in the package that is installed", () => {
  expect(packageStyles(process.cwd())).toHaveLength(2);
});
