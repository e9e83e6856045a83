/** What a class was, and who else is at it. */
import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import {
  accessible,
  click as clickIn,
  named,
  open,
  pageText,
  press,
  useSession as putSession,
  see,
  seeText,
} from "../shared/app";
import { type Browser, openBrowser } from "../shared/browser";
import { demoBrowser } from "../shared/demo-browser";

const { click, driver, openDesk, classId, stored, studio, totalIsTheCores } = demoBrowser();
let other: Browser;
beforeAll(async () => {
  other = await openBrowser();
});
afterAll(() => other?.close());

describe("versions", () => {
  test("get a name, are compared on two scores with what differs in words, and are put back", async () => {
    await openDesk("Gale warning");
    const before = await stored();
    await press(driver(), "h");
    await seeText(driver(), "None yet");
    await accessible(driver());
    await (await driver().findElement(By.css("[role=dialog] form input"))).sendKeys(
      "Before the storm",
      Key.ENTER,
    );
    await seeText(driver(), "Before the storm");
    await press(driver(), Key.ESCAPE);
    await press(driver(), "n", Key.ARROW_UP);
    await see(driver(), "a round more", async () => (await stored()).blocks[1]?.rounds === 5);
    await click("[data-slot-line] input", "Dose of Towel row");
    await (await named(driver(), "input", "Dose of Towel row")).sendKeys(
      Key.chord(Key.CONTROL, "a"),
      "50 s",
      Key.ENTER,
    );
    await click("button", "Versions");
    await click("[role=dialog] ol button", "Before the storm");
    await seeText(driver(), "As it was");
    const text = await pageText(driver());
    expect(text).toContain("Rounds of Quay circuit: 4 → 5");
    expect(text).toContain("Dose of Towel row: 40 s → 50 s");
    await accessible(driver());
    await click("[role=dialog] button", "Put it back");
    await see(driver(), "as it was", async () => JSON.stringify(await stored()) === JSON.stringify(before));
    await totalIsTheCores();
    // It is one step, and can be undone.
    await click("button", "Undo: an earlier version put back");
    await see(driver(), "five rounds again", async () => (await stored()).blocks[1]?.rounds === 5);
    await click("button", "Versions");
    await seeText(driver(), "Before changes by");
    await click("[role=dialog] button", "Take away the version Before the storm");
    await see(driver(), "one less", async () => !(await pageText(driver())).includes("Before the storm"));
    await press(driver(), Key.ESCAPE);
  });
});

describe("two at one class", () => {
  test("see in words where the other is, and what they change, without doing anything", async () => {
    await openDesk("Quay intervals");
    const path = `/classes/${await classId()}`;
    await putSession(other.driver, studio().cookie);
    await open(other.driver, path);
    await seeText(driver(), "is here too");
    await seeText(other.driver, "is here too");
    await accessible(driver());
    const title = await named(other.driver, "input", "Title of the class");
    await title.sendKeys(Key.chord(Key.CONTROL, "a"), "Quay intervals, longer");
    await see(
      driver(),
      "their title",
      async () =>
        (await (await named(driver(), "input", "Title of the class")).getAttribute("value")) ===
        "Quay intervals, longer",
    );
    // Where they went is told by the names of the block and the move.
    const last = (await stored()).blocks.at(-1);
    await clickIn(other.driver, "[data-block-word]", last?.title ?? "");
    await seeText(driver(), `is here too, at ${last?.title}, `);
    // Opened again in the same tab one's own page of a moment ago is nobody else.
    await open(other.driver, path);
    await seeText(other.driver, "is here too");
    expect((await pageText(other.driver)).split("is here too")).toHaveLength(2);
    await open(other.driver, "/classes");
    await see(
      driver(),
      "alone again",
      async () => !(await pageText(driver())).includes("is here too"),
      30_000,
    );
  });
});
