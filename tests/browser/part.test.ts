import { By, Key } from "selenium-webdriver";
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
  see,
  seeText,
  useSession,
} from "../shared/app";
import { type Browser, openBrowser, setSize } from "../shared/browser";
import { ADDRESS, ask } from "../shared/http";
import { newLink, openClass, phaseOf, sameSecond, secondOf, skipTo } from "../shared/live";

let teacher: Browser;
let phone: Browser;
let studio: DemoStudio;
const asker = () => ({ cookie: studio.cookie, origin: ADDRESS });

beforeAll(async () => {
  teacher = await openBrowser();
  phone = await openBrowser(390, 844);
  await setSize(phone.driver, 390, 844);
  studio = await demoStudio();
  await useSession(teacher.driver, studio.cookie);
});
afterAll(async () => {
  await teacher?.close();
  await phone?.close();
});

describe("a participant's phone", () => {
  test("follows the class to the second, pauses with it, changes level, and tells only the instructor that it hurts", async () => {
    const path = await newLink(teacher, "Gil Sorrento-Bay");
    await open(phone.driver, path);
    await seeText(phone.driver, "No class is going on");
    await accessible(phone.driver);
    await openClass(teacher, "Stairwell strength");
    // The page that was left open finds the class by itself.
    await seeText(phone.driver, "Have ready, in this order");
    await accessible(phone.driver);
    await seeText(teacher.driver, "1 here");
    await press(teacher.driver, " ");
    await phaseOf(phone, "count-in");
    // Skip to the first main piece: the floor press, which Gil does at the counter.
    await skipTo(teacher, "Floor press");
    await seeText(phone.driver, "Counter press-up");
    await accessible(phone.driver);
    // The same second on both, read as near to each other as two browsers allow.
    await sameSecond(teacher, phone);
    await press(teacher.driver, " ");
    await phaseOf(phone, "paused");
    await press(teacher.driver, " ");
    await phaseOf(phone, "running");
    await click(phone.driver, "button", "Hurts");
    await seeText(phone.driver, "Stop. Your instructor is told.");
    await seeText(teacher.driver, "Gil Sorrento-Bay hurts.");
    await press(teacher.driver, "h");
    await see(teacher.driver, "the answer", async () => !(await pageText(teacher.driver)).includes("hurts."));
    await click(phone.driver, "button", "harder");
    const atSharp = () =>
      see(
        phone.driver,
        "the level",
        async () =>
          (await (await named(phone.driver, "button", "harder")).getDomAttribute("aria-pressed")) === "true",
      );
    await atSharp();
    // A reload comes back to the right second and the same level.
    await open(phone.driver, path);
    await phaseOf(phone, "running");
    await atSharp();
    await sameSecond(teacher, phone);
  });

  test("keeps Hurts, Done, another way, how many and what is next in sight, whichever way it lies, at 200 % too", async () => {
    await skipTo(teacher, "Floor press");
    // Over talk and getting ready to the work itself: before that there is nothing to be done with.
    await see(phone.driver, "the work", async () => {
      const label = await (await phone.driver.findElement(By.css("[role=timer]"))).getDomAttribute(
        "aria-label",
      );
      if (label?.startsWith("Work")) return true;
      await press(teacher.driver, Key.ARROW_RIGHT);
      await phone.driver.sleep(400);
      return false;
    });
    await press(teacher.driver, " ");
    await phaseOf(phone, "paused");
    for (const [width, height, least] of [
      [390, 844, 24],
      [844, 390, 24],
      // The same two at 200 %: what is pressed stays, and the numbers are a stroke away.
      [195, 422, 13],
      [422, 195, 12],
    ] as const) {
      await setSize(phone.driver, width, height);
      const seen = await phone.driver.executeScript<{ missing: string[]; wide: number; small: string[] }>(
        `const [least] = arguments;
         const all = [...document.querySelectorAll("main button, main p, main span, main b")].filter((each) => each.checkVisibility());
         const find = (text) => all.filter((each) => each.innerText.trim().startsWith(text)).at(-1);
         const inSight = (each) => { const { top, bottom, left, right } = each.getBoundingClientRect();
           return top >= -1 && left >= -1 && bottom <= innerHeight + 1 && right <= innerWidth + 1; };
         const wanted = ["Hurts", "Done with the reps", "Another way", "8–12 reps", "next"];
         return { missing: wanted.filter((text) => !find(text) || !inSight(find(text))), wide: document.documentElement.scrollWidth,
           small: ["8–12 reps", "next"].filter((text) => find(text) && parseFloat(getComputedStyle(find(text)).fontSize) < least) };`,
        least,
      );
      const size = `${width} × ${height}`;
      expect(seen.small, size).toEqual([]);
      expect(seen.wide, size).toBeLessThanOrEqual(width);
      const isLarge = least < 24;
      expect(
        seen.missing.filter((text) => !isLarge || (text !== "8–12 reps" && text !== "next")),
        size,
      ).toEqual([]);
      await accessible(phone.driver);
    }
    await setSize(phone.driver, 390, 844);
    await press(teacher.driver, " ");
    await phaseOf(phone, "running");
  });

  test("answers to another way: what it is, and at one's easiest that there is none and what to do", async () => {
    await click(phone.driver, "button", "as set");
    await click(phone.driver, "button", "Another way");
    await seeText(phone.driver, "Your instructor sees it.");
    await seeText(phone.driver, "You go on with");
    await click(phone.driver, "button", "Another way");
    await seeText(phone.driver, "There is no other way with what is there");
    await accessible(phone.driver);
  });

  test("of another person sees nothing of it, late as it comes", async () => {
    const tab = await teacher.driver.getWindowHandle();
    await teacher.driver.switchTo().newWindow("tab");
    const path = await newLink(teacher, "Petra Voss-Hale");
    await teacher.driver.close();
    await teacher.driver.switchTo().window(tab);
    await open(phone.driver, path);
    await phaseOf(phone, "running");
    const page = await phone.driver.getPageSource();
    expect(page).not.toContain("Gil Sorrento");
    expect(page).not.toContain('"hurt"');
    // The page of the one before was left for this one. A page that ends under load may not get to say so: then
    // the server does, a while after its stream has ended.
    await seeText(teacher.driver, "1 here", 45_000);
  });

  test("loses the connection for a while, goes on counting, and what was pressed arrives afterwards", async () => {
    const chrome = phone.driver as unknown as { setNetworkConditions(c: object): Promise<void> };
    await chrome.setNetworkConditions({
      offline: true,
      latency: 0,
      download_throughput: 0,
      upload_throughput: 0,
    });
    const before = await secondOf(phone);
    await see(phone.driver, "the clock going on", async () => (await secondOf(phone)) !== before);
    await click(phone.driver, "button", "easier");
    await seeText(phone.driver, "no connection");
    await chrome.setNetworkConditions({
      offline: false,
      latency: 0,
      download_throughput: -1,
      upload_throughput: -1,
    });
    const url = await teacher.driver.getCurrentUrl();
    const session = url.split("/teach/")[1];
    await see(
      phone.driver,
      "the entry on the server",
      async () => {
        const { events } = (await ask(asker(), "GET", `/api/sessions/${session}/events`)).json as unknown as {
          events: { kind: string; payload: { person?: string; mark?: string } }[];
        };
        return events.some(
          ({ kind, payload }) => kind === "mark" && payload.person === "petra" && payload.mark === "flat",
        );
      },
      15_000,
    );
  });

  test("is told of another class, and not taken away from the one that goes on", async () => {
    const classId = /\/classes\/([0-9a-f-]{36})/.exec((await ask(asker(), "GET", "/classes")).text)?.[1];
    expect((await ask(asker(), "POST", "/api/sessions/now", { classId })).status).toBe(200);
    await seeText(phone.driver, "Another class was opened: go to it");
    await phaseOf(phone, "running");
    await accessible(phone.driver);
  });

  test("lets people change their own home", async () => {
    const path = await phone.driver.getCurrentUrl();
    await open(phone.driver, `${path.replace(ADDRESS, "")}/home`);
    await seeText(phone.driver, "What you have at home");
    await accessible(phone.driver);
    await click(phone.driver, "button", "stability ball");
    await click(phone.driver, "button", "Save");
    await seeText(phone.driver, "It counts from the next class on");
    const file = await ask(asker(), "GET", "/api/people/export");
    expect(file.text).toContain('"ball"');
  });
});
