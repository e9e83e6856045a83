/** A browser and a studio with the demo's people and classes, for a whole file of tests. */
import { afterAll, beforeAll, expect } from "vitest";
import type { ClassDoc } from "../../src/core/class/document";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import { scoreOf } from "../../src/core/score/score";
import { clockText } from "../../src/core/units";
import { click, type DemoStudio, demoStudio, open, useSession as putSession, read, see } from "./app";
import { type Browser, openBrowser } from "./browser";
import { ADDRESS, type Asker, ask } from "./http";

/** Opens both before the file's tests and closes them after; `signedIn`: the browser has the studio's session. */
export function demoBrowser({ signedIn = true } = {}) {
  let browser: Browser | undefined;
  let studio: DemoStudio | undefined;
  const isThere = <T>(made: T | undefined): T => {
    if (!made) throw new Error("it is made before the first test");
    return made;
  };
  const driver = () => isThere(browser).driver;
  const asker = (): Asker => ({ cookie: isThere(studio).cookie, origin: ADDRESS });
  beforeAll(async () => {
    browser = await openBrowser();
    studio = await demoStudio();
    if (signedIn) await putSession(driver(), studio.cookie);
  });
  afterAll(() => browser?.close());
  /** The id of the class whose Desk is open. */
  const classId = async () => (await driver().getCurrentUrl()).split("/classes/")[1] ?? "";
  const saved = () =>
    see(driver(), "saved", async () => (await read(driver(), "header [role=status]", "text")) === "saved");
  /** The class of the open Desk as the server has it, once all is saved. */
  const stored = async (): Promise<ClassDoc> => {
    await saved();
    return JSON.parse((await ask(asker(), "GET", `/api/classes/${await classId()}/file`)).text);
  };
  const clickHere = (css: string, name: string) => click(driver(), css, name);
  const total = async () => (await read(driver(), "[data-testid=total]", "text")) ?? "";
  return {
    driver,
    asker,
    studio: () => isThere(studio),
    /** Folder into which files come that a page hands over. */
    downloads: () => isThere(browser).downloads,
    /** Presses on what has this name. */
    click: clickHere,
    classId,
    saved,
    stored,
    /** The length that the open Desk shows. */
    total,
    /** What is shown is what the core says of what is stored. */
    totalIsTheCores: async () => {
      const { plan } = scoreOf(await stored(), LIBRARY_BOOK).seconds;
      expect(await total()).toBe(clockText(plan));
    },
    /** Opens the Desk of a class by the beginning of its title, from the list. */
    openDesk: async (title: string) => {
      await open(driver(), "/classes");
      await clickHere("main a", title);
      await see(driver(), "the Desk", async () => (await total()) !== "");
      // The page listens once its score is drawn: its text is there before.
      await see(driver(), "the score drawn", () =>
        driver().executeScript<boolean>(
          "return document.querySelector('[data-score] canvas')?.drawn !== undefined",
        ),
      );
    },
  };
}
