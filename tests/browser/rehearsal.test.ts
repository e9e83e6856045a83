/** A class rehearsed with simulated people, from the Desk to what it showed. */
import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import {
  accessible,
  click,
  type DemoStudio,
  demoStudio,
  open,
  pageText,
  press,
  read,
  see,
  seeText,
  useSession,
} from "../shared/app";
import { type Browser, openBrowser } from "../shared/browser";
import { ADDRESS, ask } from "../shared/http";

let browser: Browser;
let studio: DemoStudio;
const driver = () => browser.driver;

beforeAll(async () => {
  browser = await openBrowser();
  studio = await demoStudio();
  await useSession(driver(), studio.cookie);
});
afterAll(() => browser?.close());

const phase = (name: string, ms?: number) =>
  see(driver(), name, async () => (await read(driver(), "main", "data-phase")) === name, ms);
const index = async () => Number(await read(driver(), "main", "data-index"));

describe("a rehearsal", () => {
  test("is a press away from the Desk, and says what it is", async () => {
    await open(driver(), "/classes");
    await click(driver(), "a", "Stairwell strength");
    await click(driver(), "button", "Teach");
    await click(driver(), "a", "Rehearse it first, simulated");
    await seeText(driver(), "Nothing of it is stored, and nobody is told.");
    await accessible(driver());
    await click(driver(), "button", "60 times as fast");
    await click(driver(), "button", "Begin the rehearsal");
  });

  test("goes as fast as it is told on the screen on which a class is taught, by the same keys, labelled as simulated", async () => {
    await phase("running", 20_000);
    await seeText(driver(), "Simulated");
    await see(driver(), "the class getting on", async () => (await index()) > 3, 20_000);
    await see(driver(), "everybody here", async () => (await pageText(driver())).includes("here"));
    expect(await read(driver(), "[data-testid=pulse]", "text")).toMatch(/^hearts \d+ \(\d+–\d+\)$/);
    await accessible(driver());
    await press(driver(), " ");
    await phase("paused");
    const held = await index();
    await driver().sleep(400);
    expect(await index()).toBe(held);
    await press(driver(), Key.ARROW_RIGHT);
    await see(driver(), "a piece on", async () => (await index()) > held);
    // The phone of one of them, and back; what is typed into the list is no key of Teach.
    const screens = await driver().findElement(By.css("select"));
    await screens.sendKeys("Phone of Gil");
    await seeText(driver(), "Another way");
    expect(await pageText(driver())).toContain("Hurts");
    await accessible(driver());
    await screens.sendKeys(Key.HOME);
    await phase("paused");
    await see(driver(), "Teach again", async () => !(await pageText(driver())).includes("Another way"));
    await driver().executeScript("document.activeElement.blur()");
    await press(driver(), " ");
    await phase("running");
  });

  test("ends with what it showed: who was late where, what there was no time to say, hearts, everybody", async () => {
    await click(driver(), "button", "To the end");
    await seeText(driver(), "What the rehearsal of Stairwell strength showed", 60_000);
    const summary = await read(driver(), "[data-testid=summary]", "text");
    expect(summary).toMatch(/^24 of 24 came/);
    expect(summary).toMatch(/It was hardest at \d+:\d\d, with hearts at \d+ in the middle\./);
    for (const title of ["Not ready in time", "No time to say", "Hearts, simulated", "Everybody"])
      await seeText(driver(), title);
    await see(driver(), "the chart", () =>
      driver().executeScript<boolean>(
        "return document.querySelectorAll('[data-testid=pulse-chart] path').length > 2",
      ),
    );
    expect((await driver().findElements(By.css("tbody tr th"))).length).toBe(24);
    await accessible(driver());
    // Another evening begins with other people.
    await click(driver(), "button", "Another evening");
    await seeText(driver(), "Rehearse the class");
  });

  test("has left nothing behind: no session, no message", async () => {
    const asker = { cookie: studio.cookie, origin: ADDRESS };
    expect((await ask(asker, "GET", "/sessions")).text).not.toContain("/teach/");
    expect((await ask(asker, "GET", "/outbox")).text).not.toContain("Stairwell strength");
  });
});
