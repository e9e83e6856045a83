/**
 * Speeds of the interface in headless Chromium against a running ./brontle demo.
 * Lead: node --import tsx bench/screen.ts [address]
 */
import { By, Key } from "selenium-webdriver";
import { demoFile } from "../ops/seed";
import type { ClassDoc } from "../src/core/class/document";
import { openBrowser } from "../tests/shared/browser";
import { longClass } from "./long-class";

const address = process.argv[2] ?? "http://127.0.0.1:4173";
process.env.BRONTLE_TEST_ADDRESS = address;
const { ask, newStudio } = await import("../tests/shared/http");
const { useSession: putSession } = await import("../tests/shared/app");

const RUNS = 25;

/** When the score is there and painted, ms since the navigation began; 0 before. */
const SHOWN = `const paint = performance.getEntriesByName("first-contentful-paint")[0];
  const nav = performance.getEntriesByType("navigation")[0];
  return document.querySelector("[data-total]") && paint ? Math.max(paint.startTime, nav.loadEventEnd) : 0;`;

const median = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1] ?? 0;
const line = (name: string, values: number[]) => {
  const sorted = values.sort((a, b) => a - b);
  console.log(
    `${name.padEnd(58)} median ${median(values).toFixed(1)} ms, slowest ${sorted.at(-1)?.toFixed(1)} ms (${values.length} sessions)`,
  );
};

/** From the key to the frame after the score has changed: listens once for both. */
const WATCH = `
  window.redraws = [];
  let pressed = 0;
  addEventListener("keydown", (event) => { pressed = event.timeStamp; }, true);
  new MutationObserver(() => {
    const from = pressed;
    requestAnimationFrame(() => {
      const channel = new MessageChannel();
      channel.port1.onmessage = () => window.redraws.push(performance.now() - from);
      channel.port2.postMessage(0);
    });
  }).observe(document.querySelector("svg[data-total]"), { attributes: true, attributeFilter: ["data-total"] });`;

const studio = await newStudio("Bench");
const { driver, close } = await openBrowser();

async function measure(name: string, doc: ClassDoc): Promise<void> {
  const { id } = (await ask(studio, "POST", "/api/classes", { doc })).json;
  const loads: number[] = [];
  for (let i = 0; i < 9; i += 1) {
    await driver.get("about:blank");
    await driver.get(`${address}/classes/${id}`);
    loads.push((await driver.wait(() => driver.executeScript(SHOWN), 10_000)) as number);
  }
  console.log(`${name}: first load of the Desk ${loads[0]?.toFixed(0)} ms`);
  line(`${name}: later loads of the Desk`, loads.slice(1));
  await driver.executeScript(WATCH);
  const number = await driver.findElement(By.css("[data-number=rest]"));
  await number.click();
  for (let i = 0; i < RUNS; i += 1) {
    await driver
      .actions()
      .sendKeys(i % 2 ? Key.ARROW_DOWN : Key.ARROW_UP)
      .perform();
    await driver.wait(
      async () => ((await driver.executeScript("return window.redraws.length")) as number) > i,
      5000,
    );
  }
  line(
    `${name}: number typed to score redrawn`,
    (await driver.executeScript("return window.redraws")) as number[],
  );
}

try {
  await putSession(driver, studio.cookie);
  await measure("43-minute class", demoFile("classes/1-gale-warning.json") as ClassDoc);
  await measure("600 segments", longClass());
} finally {
  await close();
}
