import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import type { Person } from "../../src/core/homes/home";
import {
  accessible,
  click,
  demoStudio,
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
import { partPath, phaseOf, secondOf } from "../shared/live";

let teacher: Browser;
let phone: Browser;
let asker: { cookie: string; origin: string };

const doc = () => ({
  ...newClass("Hinges", "form"),
  blocks: [
    {
      id: "b",
      title: "Hinges",
      rounds: 1,
      slots: [
        {
          id: "a",
          move: "good-morning",
          dose: { seconds: 24 },
          marks: { flat: { seconds: 8 }, sharp: { move: "single-leg-hinge" } },
        },
        { id: "s", move: "goblet-squat", dose: { reps: 4 } },
        { id: "z", move: "march-on-the-spot", dose: { seconds: 60 } },
      ],
    },
  ],
});

beforeAll(async () => {
  const studio = await demoStudio();
  asker = { cookie: studio.cookie, origin: ADDRESS };
  teacher = await openBrowser();
  phone = await openBrowser(390, 844);
  await setSize(phone.driver, 390, 844);
  await useSession(teacher.driver, studio.cookie);
  const made = await ask(asker, "POST", "/api/classes", { doc: doc() });
  const { id: classId } = made.json as { id: string };
  const session = ((await ask(asker, "POST", "/api/sessions/now", { classId })).json as { id: string }).id;
  await open(teacher.driver, `/teach/${session}`);
  await open(phone.driver, await partPath(studio.cookie, session, "Gil Sorrento-Bay"));
  await seeText(teacher.driver, "1 here");
  await press(teacher.driver, " ");
  await phaseOf(phone, "running", 20_000);
});
afterAll(async () => {
  for (const browser of [teacher, phone]) await browser?.close();
});

const text = () => pageText(phone.driver);
const side = async () => (await read(phone.driver, "[role=timer]", "aria-label")) ?? "";

describe("a phone", () => {
  test("at a level that stops early says when, and then to rest", async () => {
    await click(phone.driver, "button", "easier");
    await seeText(phone.driver, "8 s, then rest");
    await seeText(phone.driver, "Enough at your level: rest until the time is over.", 12_000);
    expect(Number(await secondOf(phone))).toBeLessThanOrEqual(16);
    await accessible(phone.driver);
  });

  test("with a one-sided way in a two-sided piece says when to change, and to which side", async () => {
    await press(teacher.driver, "r");
    await click(phone.driver, "button", "harder");
    await seeText(phone.driver, "12 s a side");
    await see(phone.driver, "the first side", async () => (await side()).includes("left"), 4000);
    expect(await text()).toContain("then right");
    await seeText(phone.driver, "Change to your right in", 12_000);
    expect(Number(await secondOf(phone))).toBeGreaterThanOrEqual(12);
    await see(phone.driver, "the other side", async () => (await side()).includes("right"), 8000);
    expect(Number(await secondOf(phone))).toBeLessThanOrEqual(12);
    expect(await text()).not.toContain("then right");
  });

  test("asks how many more there were, and the set is known from then on", async () => {
    const now = async () => (await read(teacher.driver, "[data-testid=headline]", "text")) ?? "";
    for (let i = 0; i < 6 && !(await now()).includes("Goblet squat"); i += 1) {
      await press(teacher.driver, Key.ARROW_RIGHT);
      await new Promise((resolve) => setTimeout(resolve, 500));
    }
    await see(teacher.driver, "the squats over", async () => !(await now()).includes("Goblet squat"), 30_000);
    await press(teacher.driver, "e");
    await click(teacher.driver, "button", "End it");
    await phaseOf(phone, "after", 20_000);
    const asked = await see(phone.driver, "what asks", () =>
      phone.driver.findElement(By.xpath("//fieldset[legend[.='Goblet squat: how many more?']]")),
    );
    await asked.findElement(By.xpath(".//button[normalize-space(.)='2–3']")).click();
    // Of a march nobody is asked.
    expect(await text()).not.toContain("March on the spot: how many more?");
    await accessible(phone.driver);
    await click(phone.driver, "button", "Keep it");
    await seeText(phone.driver, "Kept. Thank you.");
    const { people } = (await ask(asker, "GET", "/api/people/export")).json as unknown as {
      people: Person[];
    };
    const sets = people.find(({ name }) => name === "Gil Sorrento-Bay")?.workingSets;
    expect(sets).toContainEqual(expect.objectContaining({ move: "goblet-squat", reps: 4, rir: 2.5 }));
  });
});
