import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import type { ClassDoc } from "../../src/core/class/document";
import { newClass } from "../../src/core/class/new-class";
import {
  accessible,
  chord,
  click,
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
import { ADDRESS, ask } from "../shared/http";
import { partPath, phaseOf } from "../shared/live";

let desk: Browser;
let phone: Browser;
let asker: { cookie: string; origin: string };
let classId = "";

const doc = () => ({
  ...newClass("Other ways", "form"),
  blocks: [
    {
      id: "b",
      title: "Knots",
      rounds: 3,
      rest: 20,
      slots: [
        { id: "a", move: "bodyweight-squat", dose: { reps: 12 } },
        { id: "k", move: "slider-knee-tuck", dose: { seconds: 40 } },
        { id: "j", move: "squat-jump", dose: { seconds: 60 } },
      ],
    },
  ],
});

beforeAll(async () => {
  const studio = await demoStudio();
  asker = { cookie: studio.cookie, origin: ADDRESS };
  desk = await openBrowser();
  await useSession(desk.driver, studio.cookie);
  classId = String((await ask(asker, "POST", "/api/classes", { doc: doc() })).json.id);
  await open(desk.driver, `/classes/${classId}`);
});
afterAll(async () => {
  for (const browser of [desk, phone]) await browser?.close();
});

/** The class as the server has it. */
async function stored(): Promise<ClassDoc> {
  await see(
    desk.driver,
    "saved",
    async () => (await read(desk.driver, "header [role=status]", "text")) === "saved",
  );
  return JSON.parse((await ask(asker, "GET", `/api/classes/${classId}/file`)).text) as ClassDoc;
}
const slots = async () => (await stored()).blocks[0]?.slots ?? [];

async function fill(label: string, text: string): Promise<void> {
  const field = await named(desk.driver, "input", label);
  await field.click();
  await field.sendKeys(Key.chord(Key.CONTROL, "a"), text, Key.ENTER);
}

/** Selects a slot's line without opening the list of moves. */
async function line(id: string): Promise<void> {
  await desk.driver.findElement(By.css(`[data-slot-line="${id}"] td:nth-child(2)`)).click();
  // The list follows the score a moment later.
  await see(
    desk.driver,
    "it selected",
    async () =>
      (await desk.driver.findElements(By.css(`[data-slot-line="${id}"][aria-selected]`))).length > 0,
  );
}

describe("the Desk", () => {
  test("writes a level's own reps, tempo, load and rounds, and says what can't be", async () => {
    await line("a");
    await press(desk.driver, "m");
    await fill("♭ easier: reps", "6–8");
    await fill("♭ easier: tempo", "4-0-1-0");
    await fill("♭ easier: rounds", "2");
    await (await named(desk.driver, "select", "♭ easier: load")).sendKeys("light");
    // What isn't one stays as it was typed, marked and answered, and isn't taken.
    await fill("♯ harder: tempo", "slow");
    await seeText(desk.driver, "such as 3-0-1-0 or 3010");
    await accessible(desk.driver);
    const tempo = await named(desk.driver, "input", "♯ harder: tempo");
    expect(await tempo.getAttribute("aria-invalid")).toBe("true");
    expect(await tempo.getAttribute("value")).toBe("slow");
    expect((await slots())[0]?.marks).toEqual({
      flat: { reps: { min: 6, max: 8 }, tempo: "4-0-1-0", rounds: 2, load: { target: "light" } },
    });
    await seeText(desk.driver, "6–8 reps · at 4-0-1-0 · light · first 2 rounds");
    await line("k");
    await fill("♭ easier: seconds", "50");
    await fill("♭ easier: seconds", "25");
    expect((await slots())[1]?.marks).toEqual({ flat: { seconds: 25 } });
  });

  test("says another way for who can't, and who does it then", async () => {
    await line("k");
    await click(desk.driver, "button", "Say another way yourself");
    const find = await desk.driver.findElement(By.css("[role=dialog] input"));
    await find.sendKeys("dead bug");
    await find.sendKeys(Key.ENTER);
    await named(desk.driver, "select", "Who does the other ways");
    await fill("What to say of Dead bug", "No sliders");
    await accessible(desk.driver);
    expect((await slots())[1]?.alternatives).toEqual([{ move: "dead-bug", note: "No sliders" }]);
    await seeText(desk.driver, "this class’s own way where sliding knee tuck isn’t possible");
    await seeText(desk.driver, "You say: No sliders");
  });

  test("leaves a choice of equals", async () => {
    await line("j");
    for (const name of ["skater hop", "squat"]) {
      const more = name === "squat" ? "One more way" : "Say another way yourself";
      await click(desk.driver, "button", more);
      const find = await desk.driver.findElement(By.css("[role=dialog] input"));
      await find.sendKeys(name);
      await find.sendKeys(Key.ENTER);
      await see(desk.driver, "the dialog shut", async () =>
        (await desk.driver.findElements(By.css("[role=dialog]"))).length === 0 ? true : null,
      );
    }
    await click(desk.driver, "button", "Squat one up");
    await (await named(desk.driver, "select", "Who does the other ways")).sendKeys("Whoever");
    expect((await slots())[2]).toMatchObject({
      choice: true,
      alternatives: [{ move: "bodyweight-squat" }, { move: "skater-hop" }],
    });
  });

  test("eases a block in one press, and one undo takes it back", async () => {
    const before = await slots();
    await click(desk.driver, "button", "Ease this block");
    const eased = await slots();
    expect(eased.map(({ marks }) => marks?.flat !== undefined)).toEqual([true, true, true]);
    expect(eased[0]?.marks).toEqual(before[0]?.marks);
    expect(await (await named(desk.driver, "button", "Ease this block")).isEnabled()).toBe(false);
    await chord(desk.driver, Key.CONTROL, "z");
    expect(await slots()).toEqual(before);
  });

  test("does two moves in turn, by a press and a name, and one again", async () => {
    await line("a");
    await click(desk.driver, "button", "Do another in turn with it");
    await (await named(desk.driver, "[role=dialog] input", "")).sendKeys("push up", Key.ENTER);
    await seeText(desk.driver, "Called “Squat and press-up”");
    await fill("Reps of Press-up in each turn", "0");
    await fill("Reps of Press-up in each turn", "6");
    await accessible(desk.driver);
    expect((await slots())[0]).toMatchObject({
      move: { name: "Squat and press-up" },
      dose: {
        sequence: [
          { move: "bodyweight-squat", reps: 12 },
          { move: "press-up", reps: 6 },
        ],
      },
    });
    await click(desk.driver, "button", "Leave Press-up out of the turn");
    await seeText(desk.driver, "It is one move.");
    expect((await slots())[0]).toMatchObject({ move: "bodyweight-squat", dose: { reps: 12 } });
  });

  test("puts all of it on the sheet", async () => {
    await open(desk.driver, `/classes/${classId}/sheet`);
    await seeText(desk.driver, "who can’t: Dead bug (No sliders)");
    await seeText(desk.driver, "or as you like: Squat or Skater hop");
  });
});

describe("a phone", () => {
  test("offers the equals, takes the one that is pressed, and the instructor sees it", async () => {
    const session = String((await ask(asker, "POST", "/api/sessions/now", { classId })).json.id);
    phone = await openBrowser(390, 844);
    await setSize(phone.driver, 390, 844);
    await open(desk.driver, `/teach/${session}`);
    await open(phone.driver, await partPath(asker.cookie, session, "Jory Tannock"));
    await seeText(desk.driver, "1 here");
    await press(desk.driver, " ");
    await phaseOf(phone, "running", 20_000);
    const now = async () => (await read(desk.driver, "[data-testid=headline]", "text")) ?? "";
    for (let i = 0; i < 8 && !(await now()).startsWith("Squat jump"); i += 1) {
      await press(desk.driver, Key.ARROW_RIGHT);
      await new Promise((resolve) => setTimeout(resolve, 500));
    }
    await seeText(phone.driver, "Your choice");
    await accessible(phone.driver);
    await click(phone.driver, "button", "Skater hop");
    await see(phone.driver, "the way that was picked", async () =>
      (await read(phone.driver, "h1", "text")) === "Skater hop" ? true : null,
    );
    await seeText(desk.driver, "skater hop");
    expect(await pageText(phone.driver)).toContain("Your choice");
    await click(phone.driver, "button", "Squat jump");
    await see(phone.driver, "what was set again", async () =>
      (await read(phone.driver, "h1", "text")) === "Squat jump" ? true : null,
    );
  });
});
