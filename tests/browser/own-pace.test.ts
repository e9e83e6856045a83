/** A block at one's own pace: led by each phone, watched on Teach, ended when all are through. */
import { Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import {
  accessible,
  click,
  demoStudio,
  open,
  pageText,
  press,
  read,
  reload,
  see,
  seeText,
  useSession,
} from "../shared/app";
import { type Browser, openBrowser, setSize } from "../shared/browser";
import { ADDRESS, ask } from "../shared/http";
import { eventsOf, partPath, phaseOf } from "../shared/live";

let teacher: Browser;
let phone: Browser;
let cookie = "";
let session = "";

const doc = () => ({
  ...newClass("Own sets", "strength"),
  blocks: [
    {
      id: "b",
      title: "Own sets",
      pace: "own",
      loop: "station",
      rounds: 2,
      rest: 20,
      longRest: 12,
      slots: [
        { id: "squat", move: "goblet-squat", dose: { reps: 40, repSeconds: 3 } },
        { id: "hold", move: "plank", dose: { hold: 6 } },
      ],
    },
    { id: "c", title: "Then", slots: [{ id: "walk", move: "march-on-the-spot", dose: { seconds: 120 } }] },
  ],
});

beforeAll(async () => {
  const studio = await demoStudio();
  cookie = studio.cookie;
  const asker = { cookie, origin: ADDRESS };
  teacher = await openBrowser();
  phone = await openBrowser(390, 844);
  await setSize(phone.driver, 390, 844);
  await useSession(teacher.driver, cookie);
  const { id: classId } = (await ask(asker, "POST", "/api/classes", { doc: doc() })).json;
  session = (await ask(asker, "POST", "/api/sessions/now", { classId })).json.id;
  await open(teacher.driver, `/teach/${session}`);
  await open(phone.driver, await partPath(cookie, session, "Gil Sorrento-Bay"));
  await seeText(teacher.driver, "1 here");
  await press(teacher.driver, " ");
  await phaseOf(phone, "running", 20_000);
});
afterAll(async () => {
  for (const browser of [teacher, phone]) await browser?.close();
});

const doing = (what: string, ms?: number) =>
  see(phone.driver, what, async () => (await read(phone.driver, "main", "data-own")) === what, ms);
const place = () => read(teacher.driver, "[data-testid=places] li", "text");

describe("a block at one's own pace", () => {
  test("leads each through their own sets: done, own rest, the next, what is timed by itself", async () => {
    await doing("set");
    await seeText(phone.driver, "set 1 of 4");
    await seeText(teacher.driver, "2 × Goblet squat, 40 reps");
    await see(teacher.driver, "where Gil is", async () => (await place())?.includes("1/4 "));
    await accessible(phone.driver);
    await click(phone.driver, "button", "Done: rest 20 s");
    await doing("rest");
    await seeText(phone.driver, "How many more could you have done?");
    await see(teacher.driver, "that Gil rests", async () => /2\/4 rest 0:\d\d/.test((await place()) ?? ""));
    await accessible(phone.driver);
    // Pressed by mistake: taken back, and pressed again.
    await click(phone.driver, "button", "Not done yet");
    await doing("set");
    await seeText(phone.driver, "set 1 of 4");
    await click(phone.driver, "button", "Done: rest 20 s");
    // A set may begin before its rest is over.
    await doing("rest");
    await click(phone.driver, "button", "Done: rest 12 s");
    await seeText(phone.driver, "set 3 of 4");
    await doing("rest");
    await doing("set", 20_000);
    // The hold ends by itself after its six seconds.
    await see(
      phone.driver,
      "the next hold",
      async () => (await pageText(phone.driver)).includes("set 4 of 4"),
      20_000,
    );
  });

  test("a reload is where it was, and the instructor sees who is through", async () => {
    await reload(phone.driver);
    await seeText(phone.driver, "set 4 of 4");
    await click(phone.driver, "button", "Done: that was the last set");
    await doing("all-done");
    await seeText(phone.driver, "All your sets are done.");
    await seeText(teacher.driver, "All are through");
    await accessible(teacher.driver);
    await accessible(phone.driver);
    const kinds = (await eventsOf(cookie, session)).map(({ kind }) => kind);
    expect(kinds.filter((kind) => kind === "done")).toHaveLength(4);
    expect(kinds.filter((kind) => kind === "not-done")).toHaveLength(1);
  });

  test("one press goes past the whole block, for everybody", async () => {
    await press(teacher.driver, Key.ARROW_RIGHT);
    await seeText(phone.driver, "March on the spot");
    expect(await read(phone.driver, "main", "data-own")).toBeNull();
    expect(
      await teacher.driver.executeScript("return document.querySelector('[data-testid=places]')"),
    ).toBeNull();
  });
});
