import { By, Key } from "selenium-webdriver";
import { describe, expect, test } from "vitest";
import { demoClassNames, demoFile } from "../../ops/seed";
import type { ClassDoc } from "../../src/core/class/document";
import type { Person } from "../../src/core/homes/home";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import { partsFor } from "../../src/core/parts/everyone";
import { isOpen } from "../../src/core/review/ranked";
import { readLines } from "../../src/core/review/read-through";
import { scoreOf } from "../../src/core/score/score";
import { clockText, dayOf } from "../../src/core/units";
import { lineText } from "../../src/words/finding-words";
import { wordsIn } from "../../src/words/languages";
import { accessible, click, named, open, press, see, seeText } from "../shared/app";
import { demoBrowser } from "../shared/demo-browser";

const { driver, openDesk, stored, total } = demoBrowser();

const { people } = demoFile("roster.json") as { people: Person[] };
const classNamed = (title: string) =>
  demoClassNames()
    .map((name) => demoFile(`classes/${name}`) as ClassDoc)
    .find((doc) => doc.title.startsWith(title)) as ClassDoc;

const openLines = (doc: ClassDoc) =>
  readLines({
    doc,
    library: LIBRARY_BOOK,
    people,
    parts: partsFor(doc, people, LIBRARY_BOOK, { on: dayOf(Date.now()) }),
  }).filter(isOpen);

describe("the read-through at the Desk", () => {
  test("counts what the core finds; a fix is tried on the score, taken, and taken back", async () => {
    await openDesk("Gale warning");
    const doc = classNamed("Gale warning");
    const count = openLines(doc).length;
    expect(count).toBeGreaterThan(7);
    await click(driver(), "[role=tab]", `Read-through ${count}`);
    await seeText(driver(), "3:09 more than the 40 minutes");
    // Seven at first sight, the gravest first; the rest by a press.
    const lines = () => driver().findElements(By.css("aside ol > li"));
    expect(await lines()).toHaveLength(7);
    await accessible(driver());
    await click(driver(), "aside button", `${count - 7} more`);
    expect(await lines()).toHaveLength(count);
    await seeText(driver(), "What limits ask for is taken care of");
    await accessible(driver());
    const before = await total();
    await click(driver(), "aside button", "Announce 8 moves");
    await seeText(driver(), "Shown above: Announce 8 moves");
    await accessible(driver());
    await click(driver(), "button", "Take it");
    await named(driver(), "[role=tab]", `Read-through ${count - 1}`);
    expect((await stored()).promise?.moves).toBe(8);
    // Fixes are tried one by one in the worker, which on a busy machine takes its time.
    const rest = "20 s rest after rear-foot-up";
    await see(driver(), "its fix tried", () => named(driver(), "aside button", rest), 40_000);
    await click(driver(), "aside button", rest);
    await seeText(driver(), "instead of 43:09");
    expect(await total()).toBe(before);
    await click(driver(), "button", "Leave it");
    await driver().actions().keyDown(Key.CONTROL).sendKeys("z").keyUp(Key.CONTROL).perform();
    await named(driver(), "[role=tab]", `Read-through ${count}`);
  });

  test("goes from finding to finding by key, and keeps a reason", async () => {
    await openDesk("Stairwell strength");
    await press(driver(), "f", "f");
    await see(
      driver(),
      "the second finding",
      async () => (await driver().findElements(By.css("aside li[aria-current=true]"))).length === 1,
    );
    const words = await driver().findElement(By.css("aside li[aria-current=true]")).getText();
    const finding = openLines(classNamed("Stairwell strength"))[1];
    expect(words).toContain(finding && lineText(finding, wordsIn("en")));
    await driver()
      .findElement(By.xpath("//aside//li[@aria-current='true']//button[contains(., 'because')]"))
      .click();
    await (await named(driver(), "input", "Reason")).sendKeys("Said at the start", Key.ENTER);
    await seeText(driver(), "1 acknowledged");
    expect((await stored()).acknowledged).toMatchObject([
      { code: finding?.code, reason: "Said at the start" },
    ]);
  });
});

describe("shaping at the Desk", () => {
  test("fits to a length with one press", async () => {
    await openDesk("Gale warning");
    await press(driver(), "l");
    await seeText(driver(), "Fit to a length");
    await see(
      driver(),
      "options",
      async () => (await driver().findElements(By.css("ol[aria-label='Ways to fit'] li"))).length > 1,
    );
    await accessible(driver());
    const said = await driver().findElement(By.css("ol[aria-label='Ways to fit'] b")).getText();
    await click(driver(), "[role=dialog] button", "Take it");
    await see(driver(), "the new length", async () => (await total()) === said);
    const doc = await stored();
    expect(clockText(scoreOf(doc, LIBRARY_BOOK).seconds.plan)).toBe(said);
  });

  test("compares orders and takes the better one", async () => {
    await openDesk("Quay intervals");
    const doc = await stored();
    const warmup = doc.blocks.find((block) => (block.slots?.length ?? 0) >= 3);
    expect(warmup).toBeDefined();
    await click(driver(), "button", "Best order");
    await seeText(driver(), "points");
    await accessible(driver());
    await click(driver(), "[role=dialog] button", "Leave it");
  });

  test("shows effort over the score for everybody and for one person, and what to say", async () => {
    await openDesk("Stairwell strength");
    await click(driver(), "[role=tab]", "Effort");
    await seeText(driver(), "Hard sets by muscle");
    await see(
      driver(),
      "the chart",
      async () => (await driver().findElements(By.css("aside svg"))).length > 0,
    );
    await accessible(driver());
    await (await named(driver(), "select", "Whose effort")).sendKeys("Oskar Pell");
    await seeText(driver(), "over everybody");
    await click(driver(), "[role=tab]", "Say");
    await seeText(driver(), "Your own words before it");
    await seeText(driver(), "Half-way.");
    await accessible(driver());
    const field = await driver().findElement(By.css("aside textarea"));
    await field.clear();
    await field.sendKeys("Lie down with me");
    await (await driver().findElements(By.css("aside textarea")))[1]?.click();
    await seeText(driver(), "Lie down with me");
    expect(JSON.stringify(await stored())).toContain("Lie down with me");
  });

  test("goes by the studio's own numbers", async () => {
    await open(driver(), "/settings");
    await seeText(driver(), "What a stance keeps to");
    await accessible(driver());
    const field = await named(driver(), "input", "Changes between standing and floor");
    await field.sendKeys(Key.chord(Key.CONTROL, "a"), "0");
    await click(driver(), "button", "Save");
    await seeText(driver(), "The settings are saved");
    await openDesk("Stairwell strength");
    await click(driver(), "[role=tab]", "Read-through");
    // The last of the list, behind the first seven where there are so many.
    await see(
      driver(),
      "the list",
      async () => (await driver().findElements(By.css("aside ol li"))).length > 0,
    );
    for (const more of await driver().findElements(By.css("aside ol + button"))) await more.click();
    await seeText(driver(), "more than 0 loses rests");
  });
});
