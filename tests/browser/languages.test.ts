/** Each participant's page in their own language beside the instructor's in hers, in one class. */
import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import {
  accessible,
  click,
  type DemoStudio,
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
import { newLink, openClass, phaseOf, sameSecond, skipTo } from "../shared/live";

let teacher: Browser;
let phone: Browser;
let studio: DemoStudio;

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

describe("a page in its person's language", () => {
  test("leads a Spanish and a German page through the class that is taught in English", async () => {
    const spanish = await newLink(teacher, "Ysolde Crane");
    const german = await newLink(teacher, "Liesl Varga");
    await openClass(teacher, "Stairwell strength");
    await open(phone.driver, german);
    await seeText(phone.driver, "Bereitlegen, in dieser Reihenfolge");
    expect(await read(phone.driver, "[lang]:not(html)", "lang")).toBe("de");
    await accessible(phone.driver);
    await open(phone.driver, spanish);
    await seeText(phone.driver, "Ten preparado, en este orden");
    await press(teacher.driver, " ");
    await phaseOf(phone, "count-in");
    await skipTo(teacher, "Floor press");
    await seeText(phone.driver, "Flexión de rodillas");
    await seeText(phone.driver, "Una línea de la rodilla a la cabeza.");
    await seeText(phone.driver, "en lugar de press de suelo");
    await accessible(phone.driver);
    await sameSecond(teacher, phone);
    const taught = await pageText(teacher.driver);
    expect(taught).toContain("Floor press");
    expect(taught).not.toMatch(/Flexión|Press de suelo/);
    await click(phone.driver, "button", "Me duele");
    await seeText(teacher.driver, "Ysolde Crane hurts.");
    // The same class on another's phone, in the middle of it.
    await open(phone.driver, german);
    await seeText(phone.driver, "Band nach vorn drücken");
    await seeText(phone.driver, "Band hinter den Schulterblättern");
    await accessible(phone.driver);
    // The screen that is shared into the call, chosen in a third.
    const id = (await teacher.driver.getCurrentUrl()).split("/").at(-1);
    await open(teacher.driver, `/stage/${id}?language=fr`);
    await seeText(teacher.driver, "Développé au sol");
    expect(await pageText(teacher.driver)).not.toContain("Floor press");
    await seeText(teacher.driver, "arrêtez.");
    await accessible(teacher.driver);
  });

  test("is chosen on the page about one's home, and holds from then on", async () => {
    const path = await newLink(teacher, "Petra Voss-Hale");
    await open(phone.driver, `${path}/home`);
    const french = await see(phone.driver, "its own name", () =>
      phone.driver.findElement(By.css("option[value=fr][lang=fr]")),
    );
    expect(await french.getAttribute("textContent")).toBe("français");
    await french.click();
    await click(phone.driver, "button", "Save");
    await seeText(phone.driver, "Ce que vous avez chez vous");
    await open(phone.driver, path);
    await see(
      phone.driver,
      "French",
      async () => (await read(phone.driver, "[lang]:not(html)", "lang")) === "fr",
    );
    await accessible(phone.driver);
  });
});
