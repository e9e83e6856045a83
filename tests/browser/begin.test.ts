/** Beginning: a new studio's first steps, people by name and by taps, a class from something, the list of many. */
import { By, Key } from "selenium-webdriver";
import { beforeAll, describe, expect, test } from "vitest";
import { checkClass } from "../../src/core/class/check-class";
import { slotsOf } from "../../src/core/class/document";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import { scoreOf } from "../../src/core/score/score";
import { clockText } from "../../src/core/units";
import { accessible, named, open, pageText, press, read, see, seeText, useSession } from "../shared/app";
import { demoBrowser } from "../shared/demo-browser";
import { ask, newStudio } from "../shared/http";

const { asker, click, driver, studio } = demoBrowser({ signedIn: false });

const made = () =>
  see(
    driver(),
    "what comes of it",
    async () => (await read(driver(), "section[aria-busy]", "aria-busy")) === "false",
  );
const length = async () => (await read(driver(), "[data-testid=made-length]", "text")) ?? "";
const desk = () =>
  see(
    driver(),
    "the Desk",
    async () => (await driver().findElements(By.css("[data-testid=total]"))).length > 0,
  );
const classHere = async () => {
  const id = (await driver().getCurrentUrl()).split("/classes/")[1] ?? "";
  const reply = await ask(asker(), "GET", `/api/classes/${id}/file`);
  const doc = checkClass(reply.json, LIBRARY_BOOK);
  if (!doc.ok) throw new Error(reply.text);
  return doc.value;
};

describe("a studio that begins", () => {
  test("is led from its time zone to people and a class, each a press away", async () => {
    const fresh = await newStudio("Fresh quay");
    await useSession(driver(), fresh.cookie);
    await open(driver(), "/classes");
    await seeText(driver(), "Where you teach");
    await accessible(driver());
    await click("button", "That is right");
    await see(driver(), "the zone said", async () => !(await pageText(driver())).includes("That is right"));
    await click("button", "Paste names");
    const names = await driver().findElement(By.css("textarea[aria-label=Names]"));
    await names.sendKeys("1. Una Brack, una@quay.example\nKit Orrin\n12345\nUna Brack");
    await seeText(driver(), "“12345” has no name in it");
    await seeText(driver(), "is in the list already");
    await accessible(driver());
    await click("[role=dialog] button", "Add 2 people");
    await see(
      driver(),
      "people there",
      async () => !(await pageText(driver())).includes("Their names are enough"),
    );
    await click("button", "Paste a plan");
    await (await driver().findElement(By.css("textarea"))).sendKeys("3 rounds 40/20: squat, gobet sqat holt");
    await see(driver(), "an underline", async () =>
      (await read(driver(), "[data-note=unknown-move]", "text"))?.includes("gobet sqat holt"),
    );
    await click("button", "Use as typed");
    await see(
      driver(),
      "no underline",
      async () => (await driver().findElements(By.css("[data-note=unknown-move]"))).length === 0,
    );
    await click("button", "Make it a class");
    await desk();
    await open(driver(), "/classes");
    await seeText(driver(), "Choose a date");
    expect(await pageText(driver())).not.toContain("Their names are enough");
  });
});

describe("a class from something", () => {
  beforeAll(() => useSession(driver(), studio().cookie));

  test("a starting point is made for everybody, for a length and a kit, as the core makes it", async () => {
    await open(driver(), "/classes/new");
    await made();
    await accessible(driver());
    await click("button", "20 min");
    await made();
    await see(driver(), "the lunch class", async () => /^2[01]:|^19:/.test(await length()));
    await click("form button", "30");
    await see(driver(), "half an hour", async () => /^(29|30|31):/.test(await length()));
    await click("button", "what every home has");
    await made();
    await click("button", "Choose");
    await click("button", "Nobody");
    await see(
      driver(),
      "no counts",
      async () => !/of 24/.test((await read(driver(), "section[aria-busy=false] ol", "text")) ?? "of 24"),
    );
    await accessible(driver());
    const shown = await length();
    await click("button", "Make the class");
    await desk();
    const doc = await classHere();
    expect(clockText(scoreOf(doc, LIBRARY_BOOK).seconds.plan)).toBe(shown);
    expect(doc.title).toBe("Twenty at lunch");
    expect(doc.promise?.minutes).toBe(30);
    expect(await driver().getTitle()).toContain("Twenty at lunch");
  });

  test("an earlier class a step up, with only some of its blocks", async () => {
    await open(driver(), "/classes");
    await click("button", "What to do with Quay intervals");
    await click("[role=menuitem]", "Begin another from it");
    await seeText(driver(), "a step up from it");
    await made();
    await click("form button", "a step up from it");
    await seeText(driver(), "5 s more work in Down the stairs");
    await click("label", "Every minute");
    await made();
    await see(driver(), "a title that says so", async () =>
      (await read(driver(), "form input[maxlength='120']", "value"))?.includes("a step up"),
    );
    await click("button", "Make the class");
    await desk();
    const doc = await classHere();
    expect(doc.blocks.map(({ title }) => title)).not.toContain("Every minute");
    const stairs = doc.blocks.find(({ title }) => title === "Down the stairs");
    expect(stairs && slotsOf(stairs)[0]?.dose).toEqual([{ seconds: 50 }, { seconds: 40 }, { seconds: 30 }]);
  });

  test("choosing a move shows what it would do here, and leads to what is easier and harder", async () => {
    await press(driver(), "a");
    await seeText(driver(), "of 24 as set");
    await press(driver(), "towel row");
    await seeText(driver(), "do it as it is set, at their own level");
    await seeText(driver(), "The class gets");
    await accessible(driver());
    const moves = async () => (await classHere()).blocks.flatMap(slotsOf).map(({ move }) => move);
    const before = await moves();
    await click("aside button", "Elbow press to the wall");
    await see(driver(), "one more", async () => (await moves()).length === before.length + 1);
    expect(await moves()).toContain("wall-elbow-press");
  });
});

describe("the list of many", () => {
  test("is searched by what is in a class, tagged, put away and brought back, and one is duplicated", async () => {
    await open(driver(), "/classes");
    const search = await named(driver(), "input", "Look for a class");
    await search.sendKeys("towel stair");
    const titles = () =>
      driver().executeScript<string[]>(
        "return [...document.querySelectorAll('ul[aria-label=Classes] a')].map((a) => a.innerText)",
      );
    await see(driver(), "two classes", async () => (await titles()).length < 3);
    await search.sendKeys(Key.chord(Key.CONTROL, "a"), "gale");
    await see(driver(), "one class", async () => (await titles()).length === 1);
    await accessible(driver());
    await click("button", "What to do with Gale warning");
    await accessible(driver());
    await click("[role=menuitem]", "Change the tags");
    await (await driver().findElement(By.css("input[name=tags]"))).sendKeys(
      Key.chord(Key.CONTROL, "a"),
      "legs, winter",
      Key.ENTER,
    );
    await see(driver(), "the tag", async () => (await pageText(driver())).includes("winter"));
    await click("button", "What to do with Gale warning");
    await click("[role=menuitem]", "Duplicate");
    await see(driver(), "two", async () => (await titles()).length === 2);
    await click("button", "winter");
    await click("button", "What to do with Gale warning: legs and pull, again");
    await click("[role=menuitem]", "Put it away");
    await see(driver(), "one", async () => (await titles()).length === 1);
    await click("label", "put away (1)");
    await see(driver(), "the one put away", async () => (await titles())[0]?.endsWith("again"));
    await click("button", "What to do with Gale warning: legs and pull, again");
    await click("[role=menuitem]", "Remove");
    await click("[role=dialog] button", "Remove it");
    await seeText(driver(), "0 classes");
  });
});

describe("people", () => {
  test("homes are tapped at places that don't move, saved, and the next one is there", async () => {
    await open(driver(), "/people");
    const search = await named(driver(), "input", "Look for a person");
    await search.sendKeys("not said");
    await see(
      driver(),
      "who hasn't said",
      async () => (await driver().findElements(By.css("tbody tr"))).length === 1,
    );
    await click("button", "Ask them: Sunniva Dahl");
    await seeText(driver(), "is in the outbox");
    await accessible(driver());
    await click("main a", "Sunniva Dahl");
    const place = async (name: string) => (await named(driver(), "button", name)).getRect();
    const before = await place("mat");
    for (const thing of ["dumbbell", "towel", "chair", "door"]) await click("button", thing);
    expect(await place("mat")).toEqual(before);
    const kg = await named(driver(), "input", "dumbbells: each");
    await kg.sendKeys(Key.chord(Key.CONTROL, "a"), "7.5");
    // Taken away and said again it is what it was.
    await click("button", "dumbbell");
    await click("button", "dumbbell");
    expect(await (await named(driver(), "input", "dumbbells: each")).getAttribute("value")).toBe("7.5");
    await accessible(driver());
    await click("button", "Save, next: Teo Marchetti");
    await see(
      driver(),
      "the next",
      async () => (await read(driver(), "input[name=name]", "value")) === "Teo Marchetti",
    );
    const file = await ask(asker(), "GET", "/api/people/export");
    expect(file.text).toContain("7.5");
  });
});
