import { readFileSync } from "node:fs";
import { expect, test } from "vitest";
import { templateClass } from "./template";
import { TEMPLATES } from "./templates";

test("the page on beginning lists every starting point as it is", () => {
  const page = readFileSync(new URL("../../../docs/beginning.md", import.meta.url), "utf8");
  for (const template of TEMPLATES) {
    const { id, minutes, stance, about } = template;
    const line = `| ${templateClass(template).title} (\`${id}\`) | ${minutes} | ${stance} | ${about} |`;
    expect(page).toContain(line);
  }
});
