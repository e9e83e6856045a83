/** A taught class in browsers: what second they show, and when each showed it. */
import { By, type WebDriver } from "selenium-webdriver";
import { accessible, click, open, press, read, see } from "./app";
import type { Browser } from "./browser";
import { ADDRESS, ask } from "./http";

/** The remaining seconds that a screen shows. */
export const secondOf = (browser: Browser) => read(browser.driver, "[data-testid=left]", "text");

/** Waits until a screen is in a phase. */
export const phaseOf = (browser: Browser, name: string, ms?: number) =>
  see(
    browser.driver,
    `the phase ${name}`,
    async () => (await read(browser.driver, "main[data-phase]", "data-phase")) === name,
    ms,
  );

/** Waits until two screens show the same second, read as near to each other as two browsers allow. */
export const sameSecond = (a: Browser, b: Browser, ms = 5000) =>
  see(
    a.driver,
    "the same second on both",
    async () => {
      const [one, two] = await Promise.all([secondOf(a), secondOf(b)]);
      return one !== null && one !== "" && one === two;
    },
    ms,
  );

const WATCH = `
  const done = arguments[arguments.length - 1];
  const left = document.querySelector("[data-testid=left]");
  const seen = {};
  const look = () => { const text = left.textContent; if (!(text in seen)) seen[text] = Date.now(); };
  const first = left.textContent;
  const watcher = new MutationObserver(look);
  watcher.observe(left, { childList: true, characterData: true, subtree: true });
  setTimeout(() => { watcher.disconnect(); delete seen[first]; done(seen); }, arguments[0]);
`;

/** When each new second appeared on a screen, ms since 1970 by this machine's clock, over a while. */
export function secondsSeen(driver: WebDriver, forMs: number): Promise<Record<string, number>> {
  return driver.executeAsyncScript(WATCH, forMs) as Promise<Record<string, number>>;
}

export interface AnEvent {
  readonly id: string;
  readonly kind: string;
  readonly payload: { readonly person?: string; readonly mark?: string; readonly text?: string };
}

/** The events of a session, by its instructor. */
export async function eventsOf(cookie: string, session: string): Promise<readonly AnEvent[]> {
  const reply = await ask({ cookie, origin: ADDRESS }, "GET", `/api/sessions/${session}/events`);
  return (reply.json as unknown as { events: AnEvent[] }).events;
}

/** Opens a class of the demo for everybody and gives its id; Teach shows it, not yet started. */
export async function openClass(teacher: Browser, title: string): Promise<string> {
  await open(teacher.driver, "/classes");
  await click(teacher.driver, "a", title);
  await click(teacher.driver, "button", "Teach");
  await click(teacher.driver, "button", "Open the room");
  await phaseOf(teacher, "ready");
  return (await teacher.driver.getCurrentUrl()).split("/teach/")[1] ?? "";
}

/** Steps on with the keyboard until a running piece of this name is on. */
export async function skipTo(teacher: Browser, headline: string): Promise<void> {
  for (let i = 0; i < 50; i += 1) {
    const at = await teacher.driver.findElement(By.css("[data-testid=headline]")).getText();
    const phase = await read(teacher.driver, "main", "data-phase");
    if (at === headline && phase === "running") return;
    await press(teacher.driver, "\uE014");
    await teacher.driver.sleep(150);
  }
  throw new Error(`no way to ${headline}`);
}

/** Makes a new personal link of somebody on the roster, as their instructor does; gives its path. */
export async function newLink({ driver }: Browser, name: string): Promise<string> {
  await open(driver, "/people");
  await click(driver, "a", name);
  await click(driver, "button", "Make a link");
  const shown = await see(driver, "the link", () =>
    driver.findElement(By.css("[data-testid=personal-link]")).getText(),
  );
  await accessible(driver);
  return shown.replace(ADDRESS, "");
}

/** The path of somebody's own page, by a link that is made for it. `rosterId` as in the demo's roster. */
export async function partPath(cookie: string, session: string, name: string): Promise<string> {
  const asker = { cookie, origin: ADDRESS };
  const page = (await ask(asker, "GET", "/people")).text;
  const id = new RegExp(`/people/([0-9a-f-]{36})[^>]*>${name}`).exec(page)?.[1];
  const reply = await ask(asker, "POST", `/api/sessions/${session}/link`, { person: id });
  return String(reply.json.address).replace(ADDRESS, "");
}
