/** What belongs to a participant: answers behind their code, and a home that two change at once. */
import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import type { Person } from "../../src/core/homes/home";
import { accessible, click, demoStudio, named, open, see, seeText, useSession } from "../shared/app";
import { type Browser, openBrowser, setSize } from "../shared/browser";
import { ADDRESS, type Asker, ask } from "../shared/http";
import { partPath } from "../shared/live";

const WHO = "Gil Sorrento-Bay";
let teacher: Browser;
let phone: Browser;
let path = "";
let asker: Asker;

beforeAll(async () => {
  const studio = await demoStudio();
  asker = { cookie: studio.cookie, origin: ADDRESS };
  teacher = await openBrowser();
  phone = await openBrowser(390, 844);
  await setSize(phone.driver, 390, 844);
  await useSession(teacher.driver, studio.cookie);
  const doc = {
    ...newClass("Steps", "form"),
    blocks: [
      {
        id: "b",
        title: "Steps",
        rounds: 1,
        slots: [{ id: "a", move: "march-on-the-spot", dose: { seconds: 60 } }],
      },
    ],
  };
  const { id: classId } = (await ask(asker, "POST", "/api/classes", { doc })).json as { id: string };
  const session = ((await ask(asker, "POST", "/api/sessions/now", { classId })).json as { id: string }).id;
  path = await partPath(studio.cookie, session, WHO);
});
afterAll(async () => {
  for (const browser of [teacher, phone]) await browser?.close();
});

const code = () =>
  see(phone.driver, "the box for the code", async () => {
    for (const box of await phone.driver.findElements(By.css("input[type=password]")))
      if (await box.isDisplayed()) return box;
    return null;
  });
const ticked = async () => {
  const out: string[] = [];
  for (const box of await phone.driver.findElements(By.css("input[type=checkbox]:checked")))
    out.push(await (await box.findElement(By.xpath("ancestor::label"))).getText());
  return out;
};
const tick = async (words: string) => click(phone.driver, "label", words);

/** The person as the studio has them stored, and where. */
const stored = async () => {
  const page = (await ask(asker, "GET", "/people")).text;
  const id = new RegExp(`/people/([0-9a-f-]{36})[^>]*>${WHO}`).exec(page)?.[1] ?? "";
  const { person } = (await ask(asker, "GET", `/api/people/${id}/data`)).json as unknown as {
    person: Person;
  };
  return { id, person };
};

test("answering adds limits to the home as it stands, whatever the instructor changed meanwhile", async () => {
  await open(phone.driver, path);
  await seeText(phone.driver, "First: a few questions");
  const { id, person } = await stored();
  const changed = { ...person, space: { ...person.space, lengthM: 4.5 } };
  expect((await ask(asker, "PUT", `/api/people/${id}`, { person: changed, before: person })).status).toBe(
    200,
  );
  await tick("A sore joint or a sore back");
  await tick("nothing overhead");
  await (await code()).sendKeys("gull-7");
  await click(phone.driver, "button", "Keep my answers");
  await seeText(phone.driver, "Your health answers");
  const after = (await stored()).person;
  expect(after.limits).toEqual(expect.arrayContaining([...(person.limits ?? []), "no-overhead"]));
  expect(after.space?.lengthM).toBe(4.5);
});

test("health answers open with their code alone, and without it can only be deleted", async () => {
  // Whoever opens the link anew has no answer on the page, and none with another code.
  await open(phone.driver, path);
  await click(phone.driver, "summary", "Your health answers");
  await accessible(phone.driver);
  expect(await phone.driver.getPageSource()).not.toContain("sore joint");
  await (await code()).sendKeys("gull-8");
  await click(phone.driver, "button", "Open my answers");
  await seeText(phone.driver, "not the code");
  expect(await phone.driver.getPageSource()).not.toContain("sore joint");
  await (await code()).sendKeys(Key.BACK_SPACE, "7");
  await click(phone.driver, "button", "Open my answers");
  await seeText(phone.driver, "A sore joint or a sore back");
  expect(await ticked()).toContain("A sore joint or a sore back");
  await accessible(phone.driver);

  await open(phone.driver, path);
  await click(phone.driver, "summary", "Your health answers");
  await click(phone.driver, "button", "Delete my answers");
  await seeText(phone.driver, "First: a few questions");
  await see(phone.driver, "questions without an answer", async () => (await ticked()).length === 0);
});

const ceilingOf = async (browser: Browser) =>
  (await browser.driver.findElement(By.css("input[name=ceiling]"))).getAttribute("value");
const setCeiling = async (browser: Browser, cm: string) => {
  const field = await browser.driver.findElement(By.css("input[name=ceiling]"));
  await field.sendKeys(Key.chord(Key.CONTROL, "a"), cm);
  await click(browser.driver, "button", "Save");
};
const openHome = async () => {
  await open(teacher.driver, "/people");
  await click(teacher.driver, "a", WHO);
  await seeText(teacher.driver, "Ceiling, cm");
};

test("a home that both have open shows both versions where they meet, and holds what is chosen", async () => {
  await openHome();
  await open(phone.driver, `${path.split("?")[0]}/home`);
  await seeText(phone.driver, "What you have at home");
  await setCeiling(phone, "231");
  await seeText(phone.driver, "It counts from the next class on");
  // The instructor's form is older: what the participant said isn't written over.
  await setCeiling(teacher, "251");
  await seeText(teacher.driver, "Somebody else changed the same");
  await accessible(teacher.driver);
  expect(await (await named(teacher.driver, "section", "Two versions")).getText()).toMatch(/231\s+251/);
  await click(teacher.driver, "button", "Keep yours");
  await seeText(teacher.driver, `${WHO} is saved.`);
  // Now the phone's is the older one. It takes theirs, shows it, and doesn't send its own again.
  await setCeiling(phone, "222");
  await seeText(phone.driver, "Somebody else changed the same");
  await accessible(phone.driver);
  const box = await (await named(phone.driver, "section", "Two versions")).getRect();
  const scrolled = Number(await phone.driver.executeScript("return window.scrollY"));
  expect(box.y + 1).toBeGreaterThanOrEqual(scrolled);
  await click(phone.driver, "button", "Keep theirs");
  await see(phone.driver, "their ceiling in the form", async () => (await ceilingOf(phone)) === "251");
  await click(phone.driver, "button", "Save");
  await seeText(phone.driver, "It counts from the next class on");
  await openHome();
  expect(await ceilingOf(teacher)).toBe("251");
});
