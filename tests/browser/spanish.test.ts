/** An instructor's screens in Spanish, each of them, before, while and after a class is taught. */
import { By, Key } from "selenium-webdriver";
import { afterAll, afterEach, beforeAll, describe, expect, test } from "vitest";
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
import { type Browser, openBrowser } from "../shared/browser";
import { leftInEnglish } from "../shared/left-in-english";

let browser: Browser;
let studio: DemoStudio;
const driver = () => browser.driver;

beforeAll(async () => {
  browser = await openBrowser();
  studio = await demoStudio();
  await useSession(driver(), studio.cookie);
});
afterAll(() => browser?.close());

/** Tags that the demo's classes have, which are English words of Brontle's too. */
const TAGS = ["circuit", "strength"];

/** All of it is told at once: one by one would take a run each. */
const left: string[] = [];
const nothingLeft = async (where: string) => {
  for (const text of await leftInEnglish(driver(), TAGS)) left.push(`${where}: ${text}`);
};
afterEach(() => expect(left.splice(0)).toEqual([]));

/** The address of the first link of a page that begins like this and has these words. */
const linkOn = (path: string, start: string, words = "") =>
  see(driver(), `a link to ${start}`, async () => {
    const links = await driver().findElements(By.css(`main a[href^="${start}"]:not([href$="/new"])`));
    for (const link of links)
      if ((await link.getText()).includes(words))
        return new URL((await link.getAttribute("href")) ?? path).pathname;
    return null;
  });

describe("an instructor who reads Spanish", () => {
  test("chooses it on the account's page, which is in it at once", async () => {
    await open(driver(), "/account");
    await driver().findElement(By.css("select[aria-labelledby=language] option[value=es]")).click();
    await seeText(driver(), "Dónde tienes la sesión abierta");
    expect(await driver().executeScript("return document.documentElement.lang")).toBe("es");
    await nothingLeft("/account");
    await accessible(driver());
  });

  test.each([
    "/classes",
    "/classes/new",
    "/sessions",
    "/seasons",
    "/seasons/new",
    "/people",
    "/people/new",
    "/next",
    "/moves",
    "/moves/goblet-squat",
    "/moves/new",
    "/outbox",
    "/settings",
    "/trail",
  ])("finds nothing in English on %s", async (path) => {
    await open(driver(), path);
    await nothingLeft(path);
  });

  test("designs in it: the Desk, all that it opens, and the room", async () => {
    await open(driver(), "/classes");
    const desk = await linkOn("/classes", "/classes/", "Gale warning");
    await open(driver(), desk);
    await seeText(driver(), "Sentadilla con peso al pecho");
    await nothingLeft("desk");
    await accessible(driver());
    for (const name of ["Lectura", "Esfuerzo", "Decir", "Quién hace qué"]) {
      await click(driver(), "[role=tab]", name);
      await see(driver(), name, () => driver().findElement(By.css("[role=tabpanel]")));
      await nothingLeft(name);
    }
    const dialogs = { "?": "Teclas", x: "La clase como tabla", h: "Versiones", l: "Ajustar a una duración" };
    for (const [key, title] of Object.entries({ ...dialogs, p: "Pegar un plan", a: "Elegir un ejercicio" })) {
      await press(driver(), key);
      await see(driver(), title, async () =>
        (await (await driver().findElement(By.css("[role=dialog] h2"))).getText()).includes(title),
      );
      await nothingLeft(title);
      await press(driver(), Key.ESCAPE);
      await see(
        driver(),
        "no dialog",
        async () => (await driver().findElements(By.css("[role=dialog]"))).length === 0,
      );
    }
    await press(driver(), "m");
    await seeText(driver(), "En el orden");
    await nothingLeft("more of the move");
    await press(driver(), "r");
    await see(driver(), "the room", () => driver().findElement(By.css("section[aria-label='La sala']")));
    await nothingLeft("room");
    await press(driver(), "r");
    await open(driver(), `${desk}/sheet`);
    await seeText(driver(), "Volver a la mesa");
    await nothingLeft("sheet");
    await open(driver(), desk.replace("/classes/", "/rehearse/"));
    await seeText(driver(), "Ensayar la clase");
    await nothingLeft("rehearsal");
  });

  test("reads a plan in its names and types loads in its words", async () => {
    await open(driver(), "/classes");
    await click(driver(), "button", "Pegar un plan");
    const field = await see(driver(), "the plan", () => driver().findElement(By.css("textarea")));
    await field.sendKeys("3 rounds 40/20: flexión, remo con toalla, bisagra con mochila");
    await seeText(driver(), "Se entiende todo.");
    await click(driver(), "button", "Hacer de ello una clase");
    await seeText(driver(), "Quién hace qué");
    expect(await pageText(driver())).toContain("Flexión");
    const load = await named(driver(), "input", "Carga de Bisagra con mochila");
    await load.click();
    await load.sendKeys(Key.chord(Key.CONTROL, "a"), "pesada", Key.TAB);
    await see(driver(), "the load", async () => (await load.getAttribute("value")) === "pesada");
    await seeText(driver(), "guardado");
    await nothingLeft("a pasted class");
  });

  test("teaches in it, and writes up what was done", async () => {
    await open(driver(), "/classes");
    await open(driver(), await linkOn("/classes", "/classes/", "Gale warning"));
    await seeText(driver(), "Quién hace qué");
    await press(driver(), "t");
    await click(driver(), "button", "Abrir la sala");
    await see(driver(), "ready", () => driver().findElement(By.css("main[data-phase=ready]")));
    await nothingLeft("ready");
    await press(driver(), Key.ENTER);
    await see(driver(), "running", () => driver().findElement(By.css("main[data-phase=running]")), 9000);
    await see(
      driver(),
      "its move",
      async () => (await driver().findElement(By.css("[data-testid=headline]")).getText()).length > 0,
    );
    for (let at = 0; at < 6; at++) {
      await nothingLeft(`taught, ${at}`);
      await press(driver(), Key.ARROW_RIGHT);
    }
    await accessible(driver());
    for (const [key, title] of Object.entries({ f: "Terminar a tiempo", p: "Quién está", n: "Una nota" })) {
      await press(driver(), key);
      await seeText(driver(), title);
      await nothingLeft(title);
      await press(driver(), Key.ESCAPE);
      await see(
        driver(),
        "no dialog",
        async () => (await driver().findElements(By.css("[role=dialog]"))).length === 0,
      );
    }
    const id = (await driver().getCurrentUrl()).split("/").at(-1);
    await press(driver(), "e");
    await click(driver(), "button", "Terminarla");
    await seeText(driver(), "La clase ha terminado");
    await nothingLeft("ended");
    // The log is there once the end is stored.
    await see(
      driver(),
      "the log",
      async () => {
        await open(driver(), `/sessions/${id}`);
        return (await pageText(driver())).includes("Quién hizo qué");
      },
      30_000,
    );
    await nothingLeft("log");
    await accessible(driver());
  });
});
