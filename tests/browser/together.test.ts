import { afterAll, beforeAll, describe, expect, test } from "vitest";
import {
  accessible,
  click,
  type DemoStudio,
  demoStudio,
  named,
  open,
  pageText,
  press,
  read,
  see,
  seeText,
  useSession,
} from "../shared/app";
import { type Browser, openBrowser, setSize } from "../shared/browser";
import {
  eventsOf,
  openClass,
  partPath,
  phaseOf,
  sameSecond,
  secondOf,
  secondsSeen,
  skipTo,
} from "../shared/live";

let teacher: Browser;
let gil: Browser;
let petra: Browser;
let studio: DemoStudio;
let session = "";
let begunAt = 0;

beforeAll(async () => {
  studio = await demoStudio();
  teacher = await openBrowser();
  gil = await openBrowser(390, 844);
  petra = await openBrowser(390, 844);
  for (const phone of [gil, petra]) await setSize(phone.driver, 390, 844);
  await useSession(teacher.driver, studio.cookie);
  session = await openClass(teacher, "Quay intervals");
  await open(gil.driver, await partPath(studio.cookie, session, "Gil Sorrento-Bay"));
  await open(petra.driver, await partPath(studio.cookie, session, "Petra Voss-Hale"));
  await seeText(teacher.driver, "2 here");
  await press(teacher.driver, " ");
  for (const browser of [teacher, gil, petra]) await phaseOf(browser, "running", 20_000);
  begunAt = Date.now();
});
afterAll(async () => {
  for (const browser of [teacher, gil, petra]) await browser?.close();
});

const page = (browser: Browser) => pageText(browser.driver);

describe("three browsers in one class", () => {
  test("change to the same second within a quarter of one", async () => {
    await see(
      teacher.driver,
      "a minute to count",
      async () => Number(await secondOf(teacher)) > 12 || (await press(teacher.driver, "+")),
    );
    const seen = await Promise.all([teacher, gil, petra].map(({ driver }) => secondsSeen(driver, 6000)));
    const [first, ...others] = seen as [Record<string, number>, ...Record<string, number>[]];
    const shared = Object.keys(first).filter((second) => others.every((other) => second in other));
    expect(shared.length).toBeGreaterThanOrEqual(3);
    const spreads = shared.map((second) => {
      const times = seen.map((own) => own[second] as number);
      return Math.max(...times) - Math.min(...times);
    });
    // The typical change; one that a busy machine draws late is not the clocks'.
    expect(spreads.sort((a, b) => a - b)[Math.floor(spreads.length / 2)]).toBeLessThan(250);
  });

  test("pause, and go on, together; a changed level is seen by the instructor", async () => {
    await press(teacher.driver, " ");
    for (const browser of [gil, petra]) await phaseOf(browser, "paused");
    await press(teacher.driver, " ");
    for (const browser of [gil, petra]) await phaseOf(browser, "running");
    await click(petra.driver, "button", "easier");
    await press(teacher.driver, "p");
    await seeText(teacher.driver, "Petra Voss-Hale ♭");
    await seeText(teacher.driver, "Not yet");
    await accessible(teacher.driver);
    await press(teacher.driver, "\uE00C");
  });

  test("that somebody hurts is seen by the instructor alone, with place and contact one key away", async () => {
    await open(gil.driver, await gil.driver.getCurrentUrl().then((url) => new URL(url).pathname));
    await phaseOf(gil, "running");
    await click(gil.driver, "button", "Hurts");
    await seeText(gil.driver, "Stop. Your instructor is told.");
    await seeText(teacher.driver, "Gil Sorrento-Bay hurts.");
    await press(teacher.driver, "c");
    await seeText(teacher.driver, "Left no place or contact.");
    await accessible(teacher.driver);
    expect(await page(petra)).not.toContain("hurts");
    expect(await petra.driver.getPageSource()).not.toContain("Gil");
    const tab = await teacher.driver.getWindowHandle();
    await teacher.driver.switchTo().newWindow("tab");
    await setSize(teacher.driver, 1280, 720);
    await open(teacher.driver, `/stage/${session}`);
    await phaseOf(teacher, "running");
    await accessible(teacher.driver);
    const stage = await teacher.driver.getPageSource();
    for (const word of ["Gil", "Petra", "hurt", "Sorrento"]) expect(stage).not.toContain(word);
    await setSize(teacher.driver, 390, 844);
    await open(teacher.driver, `/remote/${session}`);
    await seeText(teacher.driver, "Gil Sorrento-Bay hurts.");
    await accessible(teacher.driver);
    await click(teacher.driver, "button", "Answered");
    await seeText(teacher.driver, "The last was Gil Sorrento-Bay, answered.");
    await teacher.driver.close();
    await teacher.driver.switchTo().window(tab);
  });

  test("a phone whose network is cut for ten seconds goes on counting, and is right when it is back", async () => {
    const chrome = petra.driver as unknown as { setNetworkConditions(c: object): Promise<void> };
    const net = (offline: boolean) =>
      chrome.setNetworkConditions({
        offline,
        latency: 0,
        download_throughput: offline ? 0 : -1,
        upload_throughput: offline ? 0 : -1,
      });
    await net(true);
    const cutAt = Date.now();
    await click(petra.driver, "button", "harder");
    await seeText(petra.driver, "no connection");
    const before = await read(petra.driver, "main", "data-index");
    await press(teacher.driver, "\uE014");
    while (Date.now() - cutAt < 10_000) {
      const one = await secondOf(petra);
      await see(petra.driver, "the clock going on", async () => (await secondOf(petra)) !== one, 5000);
    }
    await net(false);
    await see(
      petra.driver,
      "the place to which the instructor went",
      async () => {
        const [a, b] = await Promise.all(
          [teacher, petra].map(({ driver }) => read(driver, "main", "data-index")),
        );
        return a === b && b !== before;
      },
      15_000,
    );
    await sameSecond(teacher, petra);
    await see(
      petra.driver,
      "the entry on the server",
      async () =>
        (await eventsOf(studio.cookie, session)).some(
          ({ kind, payload }) => kind === "mark" && payload.person === "petra" && payload.mark === "sharp",
        ),
      15_000,
    );
  });

  test("ten tabs of one browser share a stream: none of them blocks, and all of them hear", async () => {
    const first = await gil.driver.getWindowHandle();
    const path = new URL(await gil.driver.getCurrentUrl()).pathname;
    for (let i = 0; i < 9; i += 1) {
      await gil.driver.switchTo().newWindow("tab");
      await open(gil.driver, path);
      await phaseOf(gil, "running");
    }
    await press(teacher.driver, " ");
    const tabs = await gil.driver.getAllWindowHandles();
    expect(tabs).toHaveLength(10);
    for (const tab of [tabs[9], tabs[4], tabs[0]]) {
      await gil.driver.switchTo().window(tab as string);
      await phaseOf(gil, "paused");
    }
    // The one that reads is closed: another goes on.
    await press(teacher.driver, " ");
    await gil.driver.switchTo().window(first);
    await gil.driver.close();
    await gil.driver.switchTo().window(tabs[5] as string);
    await phaseOf(gil, "running");
    await press(teacher.driver, " ");
    await phaseOf(gil, "paused");
    await press(teacher.driver, " ");
    for (const tab of tabs.slice(1, 9)) {
      await gil.driver.switchTo().window(tab as string);
      await gil.driver.close();
    }
    await gil.driver.switchTo().window(tabs[9] as string);
    await phaseOf(gil, "running");
  });

  test("who comes late is told what to do first, and joins at the easier way", async () => {
    await skipTo(teacher, "Fast feet");
    // Late is who comes more than a minute after the beginning.
    await see(teacher.driver, "a minute gone", async () => Date.now() - begunAt > 62_000, 70_000);
    const path = await partPath(studio.cookie, session, "Wren Aldous");
    await open(petra.driver, path);
    await phaseOf(petra, "warm-up");
    await seeText(petra.driver, "First a warm-up of your own, 1 of 3.");
    await accessible(petra.driver);
    await press(teacher.driver, "p");
    await seeText(teacher.driver, "late)");
    await press(teacher.driver, "\uE00C");
    await click(petra.driver, "button", "I am warm: join");
    await phaseOf(petra, "running");
    await seeText(petra.driver, "Easier for this round, since you came late.");
    expect(await (await named(petra.driver, "button", "easier")).getDomAttribute("aria-pressed")).toBe(
      "true",
    );
  });

  test("a round is dropped once, ends the class when it was shown to, and is so on a second screen", async () => {
    const tab = await teacher.driver.getWindowHandle();
    const ends = async () => (await page(teacher)).match(/ends\s+(\d+:\d\d)/)?.[1];
    await press(teacher.driver, "f");
    await seeText(teacher.driver, "Finish on time");
    await accessible(teacher.driver);
    const way = await named(teacher.driver, "button", "Drop a round");
    const shown = (await way.getText()).match(/ends (\d+:\d\d)/)?.[1];
    await way.click();
    await press(teacher.driver, "\uE00C");
    await see(teacher.driver, "the end that was shown", async () => {
      const [h, m] = ((await ends()) ?? "").split(":").map(Number);
      const [sh, sm] = (shown ?? "").split(":").map(Number);
      return Math.abs((h ?? 0) * 60 + (m ?? 0) - (sh ?? 0) * 60 - (sm ?? 0)) <= 1;
    });
    await teacher.driver.switchTo().newWindow("tab");
    await setSize(teacher.driver, 1280, 800);
    await open(teacher.driver, `/teach/${session}`);
    await phaseOf(teacher, "running");
    const minutes = (text = "") => {
      const [h, m] = text.split(":").map(Number);
      return (h ?? 0) * 60 + (m ?? 0);
    };
    const other = minutes(await ends());
    await teacher.driver.close();
    await teacher.driver.switchTo().window(tab);
    expect(Math.abs(other - minutes(await ends()))).toBeLessThanOrEqual(1);
    expect((await eventsOf(studio.cookie, session)).filter(({ kind }) => kind === "drop-round")).toHaveLength(
      1,
    );
  });
});
