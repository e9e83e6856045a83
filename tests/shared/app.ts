/** The application in a browser: signing in, waiting for what a person sees, and checking access. */
import AxeBuilder from "@axe-core/webdriverjs";
import { error, Key, type WebDriver, type WebElement } from "selenium-webdriver";
import { expect } from "vitest";
import { importDemo } from "../../ops/seed";
import { ADDRESS, MAIL } from "./http";

export interface DemoStudio {
  readonly email: string;
  readonly password: string;
  readonly cookie: string;
}

/** A studio of its own with the demo's people and classes. */
export async function demoStudio(): Promise<DemoStudio> {
  const signIn = {
    name: "Harbour Steps",
    email: `${crypto.randomUUID()}@studio.example`,
    password: "a-long-enough-password",
  };
  return { ...signIn, cookie: await importDemo(ADDRESS, signIn, MAIL) };
}

/** Puts a session into the browser: sign-in is limited, and tested where it belongs. */
export async function useSession(driver: WebDriver, cookie: string): Promise<void> {
  await driver.get(`${ADDRESS}/sign-in`);
  for (const pair of cookie.split("; ")) {
    const at = pair.indexOf("=");
    await driver
      .manage()
      .addCookie({ name: pair.slice(0, at), value: decodeURIComponent(pair.slice(at + 1)), path: "/" });
  }
}

/** Whether the page is all there and listens: its text and buttons stand, hidden or deaf, a moment before. */
const LISTENS = `
  if (document.querySelector('div[hidden][id^="S:"], template[id^="B:"]')) return false;
  return [...document.querySelectorAll("button, input, select, textarea")].every((element) =>
    Object.keys(element).some((key) => key.startsWith("__reactProps$")));`;

/** Opens a page and waits until it listens. */
export async function open(driver: WebDriver, path: string): Promise<void> {
  await driver.get(`${ADDRESS}${path}`);
  await see(driver, `${path} listening`, () => driver.executeScript<boolean>(LISTENS));
}

/** Loads the open page once more and waits until it listens. */
export async function reload(driver: WebDriver): Promise<void> {
  await driver.navigate().refresh();
  await see(driver, "the page listening again", () => driver.executeScript<boolean>(LISTENS));
}

/** How often is looked, ms. */
const EVERY_MS = 40;

/** Waits until `look` gives something that isn't null, undefined or false. */
export async function see<T>(
  driver: WebDriver,
  what: string,
  look: () => Promise<T | null | undefined | false>,
  ms = 10_000,
): Promise<T> {
  const found = await driver.wait(
    async () => {
      try {
        return (await look()) || null;
      } catch {
        // The page is being redrawn; look again.
        return null;
      }
    },
    ms,
    `did not see ${what}`,
    EVERY_MS,
  );
  return found as T;
}

/** Looks in the page itself: one question instead of one for every element and its name. */
const FIND = `
  const [css, name] = arguments;
  for (const element of document.querySelectorAll(css)) {
    const label = element.getAttribute("aria-label") ?? element.innerText ?? element.textContent;
    if (!label.trim().startsWith(name)) continue;
    const seen = element.checkVisibility({ opacityProperty: true, visibilityProperty: true });
    if (seen && element.getClientRects().length > 0) return element;
  }
  return null;`;

/** The element with this name for a screen reader, or this text, once it is there. */
export function named(driver: WebDriver, css: string, name: string): Promise<WebElement> {
  return see(driver, `${css} "${name}"`, () => driver.executeScript<WebElement | null>(FIND, css, name));
}

/** Presses it once it is there: found again where the page was redrawn between finding and pressing. */
export async function click(driver: WebDriver, css: string, name: string): Promise<void> {
  for (let redrawn = 0; ; redrawn += 1) {
    const element = await named(driver, css, name);
    try {
      return await element.click();
    } catch (cause) {
      // Anything else, such as something that lies over it, is what a person would meet too.
      if (!(cause instanceof error.StaleElementReferenceError) || redrawn === 5) throw cause;
    }
  }
}

/** The text that is seen on the page. */
export function pageText(driver: WebDriver): Promise<string> {
  return driver.executeScript<string>("return document.body.innerText");
}

/** An attribute, or the text, of the first element for a selector, asked of the page itself; null where it isn't there. */
export function read(driver: WebDriver, css: string, what: string): Promise<string | null> {
  return driver.executeScript<string | null>(
    `const element = document.querySelector(arguments[0]);
     if (!element) return null;
     return arguments[1] === "text" ? element.innerText : element.getAttribute(arguments[1]);`,
    css,
    what,
  );
}

/** Waits until the page's text holds `text`. */
export function seeText(driver: WebDriver, text: string, ms = 10_000): Promise<true> {
  return see(
    driver,
    `the text "${text}"`,
    async () => (await pageText(driver)).includes(text),
    ms,
  ) as Promise<true>;
}

/** Keys sent to whatever has the focus. */
export async function press(driver: WebDriver, ...keys: string[]): Promise<void> {
  for (const key of keys) await driver.actions().sendKeys(key).perform();
}

/** A key held together with another. */
export async function chord(driver: WebDriver, held: string, key: string): Promise<void> {
  await driver.actions().keyDown(held).sendKeys(key).keyUp(held).perform();
}

/** Tabs on until the element with the focus has this text (or, of a list, this line in it), as somebody without a mouse would. */
export async function tabTo(driver: WebDriver, text: string): Promise<void> {
  for (let i = 0; i < 60; i += 1) {
    const active = await driver.switchTo().activeElement();
    const lines = (await active.getText()).split("\n").map((line) => line.trim());
    // Before anything has the focus the whole page has it.
    if (lines.includes(text) && (await active.getTagName()) !== "body") return;
    await press(driver, Key.TAB);
  }
  throw new Error(`no way to "${text}" with the Tab key`);
}

/** What the content policy has refused since the page was opened: styles and scripts that stood in its text. */
export function refusedByPolicy(driver: WebDriver): Promise<string[]> {
  return driver.executeAsyncScript(`
    const done = arguments[0];
    const seen = [];
    const take = (reports) => seen.push(...reports.map(({ body }) =>
      body.effectiveDirective + " " + body.blockedURL + " " + (body.sample || "") + " " + body.sourceFile));
    const watcher = new ReportingObserver(take, { types: ["csp-violation"], buffered: true });
    watcher.observe();
    setTimeout(() => { take(watcher.takeRecords()); done(seen); }, 50);`);
}

/** Beyond what axe looks at by itself: what is pressed is 24 px high and wide or stands apart, and is named as it reads. */
const STRICT = {
  rules: { "target-size": { enabled: true }, "label-content-name-mismatch": { enabled: true } },
};

/** What axe finds on the page once whatever fades or slides in has come to rest. */
async function foundByAxe(driver: WebDriver): Promise<string[]> {
  await driver.executeAsyncScript(`
    const done = arguments[0];
    const ends = document.getAnimations()
      .filter((each) => each.effect?.getComputedTiming().endTime < 2000)
      .map((each) => each.finished.catch(() => undefined));
    Promise.all(ends).then(() => done());`);
  // No frames here: so axe needs no window of its own to put its findings together in.
  const { violations } = await new AxeBuilder(driver).setLegacyMode(true).options(STRICT).analyze();
  return violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map((node) => node.html.slice(0, 140)).join(" | ")}`,
  );
}

/** No finding of axe on the page as it is now, and nothing that the content policy refused. */
export async function accessible(driver: WebDriver): Promise<void> {
  expect(await refusedByPolicy(driver)).toEqual([]);
  // A message that faded while axe measured it is pale for that moment: what is wrong is so twice.
  if ((await foundByAxe(driver)).length > 0) expect(await foundByAxe(driver)).toEqual([]);
}
