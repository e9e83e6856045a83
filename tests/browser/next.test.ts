/** What comes next: steps decided by key and at once, a season made and followed, a plan that the phone leads through. */
import { By, Key } from "selenium-webdriver";
import { beforeAll, describe, expect, test } from "vitest";
import { accessible, open, pageText, press, read, see, seeText } from "../shared/app";
import { setSize } from "../shared/browser";
import { demoBrowser } from "../shared/demo-browser";
import { ask } from "../shared/http";

const { asker, click, driver } = demoBrowser();

const squats = {
  format: "brontle.class",
  version: 1,
  title: "Quay squats",
  stance: "strength",
  blocks: [
    {
      id: "b",
      title: "Legs",
      rounds: 2,
      rest: 5,
      slots: [
        { id: "s", move: "bodyweight-squat", dose: { reps: { min: 8, max: 12 } } },
        { id: "p", move: "plank", dose: { hold: 5 } },
      ],
    },
  ],
};
const token = async (person: string) =>
  String((await ask(asker(), "POST", `/api/people/${person}/link`, {})).json.address).split("/p/")[1] ?? "";
const ids = { class: "", people: [] as string[] };

/** A class taught to these people, all of whom were at the top with enough left. */
async function taught(): Promise<void> {
  const people = ids.people;
  const session = (
    await ask(asker(), "POST", "/api/sessions", {
      classId: ids.class,
      startsAt: new Date().toISOString(),
      timeZone: "UTC",
      people,
    })
  ).json.id;
  await ask(asker(), "PUT", `/api/sessions/${session}/state`, { state: "open" });
  for (const kind of ["start", "end"])
    await ask(asker(), "POST", `/api/sessions/${session}/events`, {
      id: crypto.randomUUID(),
      kind,
      payload: {},
      seen: 1e6,
    });
  for (const person of people)
    await ask(asker(), "POST", `/api/sessions/${session}/log`, {
      person,
      entries: [
        { field: "slot:s", value: { sets: 2, reps: 12, more: "2-3" } },
        { field: "slot:p", value: { sets: 2, seconds: 5, more: "2-3" } },
      ],
    });
}

beforeAll(async () => {
  ids.class = (await ask(asker(), "POST", "/api/classes", { doc: squats })).json.id;
  for (const name of ["Ada Quill", "Bea Orrin", "Cai Tannock"])
    ids.people.push((await ask(asker(), "POST", "/api/people", { person: { name, kit: [] } })).json.id);
  await taught();
  await taught();
});

const open_ = () => driver().findElements(By.css("[data-next] button[aria-label^='Accept']"));

describe("what next", () => {
  test("is accepted by key, left, changed, and the rest at once", async () => {
    await open(driver(), "/next");
    await seeText(driver(), "Ada Quill");
    await accessible(driver());
    const before = (await open_()).length;
    expect(before).toBeGreaterThan(4);
    const row = await driver().findElement(By.css("[data-next]"));
    await driver().executeScript("arguments[0].focus()", row);
    await press(driver(), "a");
    await see(driver(), "accepted", async () => (await open_()).length === before - 1);
    await press(driver(), "d");
    await see(driver(), "left", async () => (await open_()).length === before - 2);
    await click("[data-next] button", "Change: Bea Orrin");
    await click("[role=menuitem]", "the same again");
    await see(driver(), "changed", async () => (await open_()).length === before - 3);
    await click("button", "Accept all");
    await seeText(driver(), "Nothing waits for you");
    await see(
      driver(),
      "all written down",
      async () => (await read(driver(), "main [role=status]", "text")) === "",
    );
    await open(driver(), "/next");
    await seeText(driver(), "Nothing waits for you");
    expect(await pageText(driver())).toContain("changed to the same again");
  });

  test("of the class itself is taken in one press", async () => {
    await seeText(driver(), "The classes themselves");
    await click("button", "Take the step of Quay squats");
    await seeText(driver(), "Quay squats has taken its step.");
    const doc = (await ask(asker(), "GET", `/api/classes/${ids.class}/file`))
      .json as unknown as typeof squats;
    expect(doc.blocks[0]?.rounds).toBe(3);
  });

  test("over time stands on the person's page, and an earlier log comes in from a table", async () => {
    await open(driver(), `/people/${ids.people[0]}`);
    await seeText(driver(), "Over time");
    await see(
      driver(),
      "a chart",
      async () => (await driver().findElements(By.css("[data-testid=move-chart] svg"))).length > 0,
    );
    await accessible(driver());
    await click("button", "Import an earlier log");
    const file = await driver().findElement(By.css("input[aria-label='Table of sets']"));
    const { writeFileSync } = await import("node:fs");
    writeFileSync("/tmp/brontle-sets.csv", "date,move,reps,rir\n2026-10-01,Push-up,10,2\nsoon,Plank,10,2\n");
    await file.sendKeys("/tmp/brontle-sets.csv");
    await seeText(driver(), "line 3, date");
    await seeText(driver(), "Store 1 set");
    await click("[role=dialog] button", "Store 1 set");
    await seeText(driver(), "1 set more is known");
  });
});

describe("a season", () => {
  test("is made of a pattern, says what doesn't fit, and follows its base but for what was edited", async () => {
    await open(driver(), "/seasons");
    await (await driver().findElement(By.css("textarea[aria-label='A plan in words']"))).sendKeys(
      "every other day: day 1 and 3 legs, day 5 and 7 push",
    );
    await seeText(driver(), "Day 7 and day 1 follow each other");
    await accessible(driver());
    await click("a", "Make a season");
    await seeText(driver(), "Days of a week");
    await accessible(driver());
    await click("button", "Make it");
    await seeText(driver(), "It needs a name.");
    const [name] = await driver().findElements(By.css("form input"));
    await name?.sendKeys("Storms");
    for (const n of [1, 2]) {
      const select = await driver().findElement(By.css(`select[aria-label='Class ${n}']`));
      await (await select.findElement(By.xpath("option[text()='Stairwell strength']"))).click();
    }
    const base = await driver().executeScript<string>(
      "return document.querySelector(\"select[aria-label='Class 1']\").value",
    );
    const day = await driver().findElement(By.css("select[aria-label='Weekday 2']"));
    await (await day.findElement(By.xpath("option[text()='Wednesday']"))).click();
    await click("button", "Make it");
    await see(driver(), "the season", async () =>
      /\/seasons\/[0-9a-f-]{36}/.test(await driver().getCurrentUrl()),
    );
    await seeText(driver(), "What doesn’t fit");
    await seeText(driver(), "work hard again after 24 h");
    await accessible(driver());
    const season = await driver().getCurrentUrl();
    const cells = await driver().findElements(By.css("a[href^='/classes/']"));
    expect(cells.length).toBeGreaterThanOrEqual(12);
    // One is edited by hand, then the class that all come from.
    const hand = (
      await driver().executeScript<string>(
        "return document.querySelector('main a[href^=\"/classes/\"]').getAttribute('href')",
      )
    )
      .split("/")
      .at(-1);
    const rename = async (id: string | undefined, from: string, to: string) =>
      ask(asker(), "POST", `/api/classes/${id}/edits`, {
        base: 1,
        edits: [
          { id: crypto.randomUUID(), edit: { op: "set", target: { in: "class" }, key: "title", from, to } },
        ],
      });
    await rename(hand, "Stairwell strength", "By hand");
    await rename(base, "Stairwell strength", "Pier strength");
    await driver().get(season);
    await seeText(driver(), "A class that this season is made from was changed.");
    await seeText(driver(), "they stay:");
    await click("button", "Bring it into");
    await seeText(driver(), "classes follow.");
    await see(driver(), "the new name", async () => (await pageText(driver())).includes("Pier strength"));
    expect(await pageText(driver())).toContain("By hand");
  });
});

describe("a plan by themselves", () => {
  test("is given, led by the phone set by set, and written down", async () => {
    const person = ids.people[1] ?? "";
    await open(driver(), `/people/${person}`);
    await click("button", "Give a plan");
    await seeText(driver(), "They do it alone");
    const select = await driver().findElement(By.css("[role=dialog] select"));
    await (await select.findElement(By.xpath("option[text()='Quay squats']"))).click();
    await click("[role=dialog] button", "Give it");
    await seeText(driver(), "not done yet");
    await setSize(driver(), 390, 844);
    await open(driver(), `/p/${await token(person)}`);
    await accessible(driver());
    await click("a", "Quay squats");
    await seeText(driver(), "pressing “Hurts” tells nobody");
    await accessible(driver());
    await click("button", "Begin");
    await seeText(driver(), "set 1 of 3");
    await accessible(driver());
    await click("button", "Hurts");
    await seeText(driver(), "Nobody is told");
    await see(driver(), "the way to another move", async () =>
      (await pageText(driver())).includes("Another move"),
    );
    await click("button", "It doesn’t hurt");
    await click("button", "Done");
    await see(driver(), "a rest", async () => (await read(driver(), "main", "data-doing")) === "rest");
    await click("button", "Go on now");
    await see(
      driver(),
      "ready for the hold",
      async () => (await read(driver(), "main", "data-doing")) === "ready",
    );
    await click("button", "Begin now");
    // A timed set ends by itself.
    await see(
      driver(),
      "the rest after it",
      async () => (await read(driver(), "main", "data-doing")) === "rest",
      15_000,
    );
    await click("button", "Stop here");
    await seeText(driver(), "What you did, as it was meant");
    await accessible(driver());
    await press(driver(), Key.TAB);
    await click("button", "Write it down");
    await seeText(driver(), "Done, and written down.");
    await setSize(driver(), 1280, 800);
    await open(driver(), `/people/${person}`);
    await seeText(driver(), "done ");
  });
});
