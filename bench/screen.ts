/**
 * Speeds of the interface in headless Chromium against a running ./brontle demo, told by the browser's own trace.
 * Lead: node --import tsx bench/screen.ts [address]
 */
import { By, Key } from "selenium-webdriver";
import { demoFile } from "../ops/seed";
import type { ClassDoc } from "../src/core/class/document";
import { openBrowser } from "../tests/shared/browser";
import { longClass } from "./long-class";
import { traceOf } from "./trace";

const address = process.argv[2] ?? "http://127.0.0.1:4173";
process.env.BRONTLE_TEST_ADDRESS = address;
const { ask, newStudio } = await import("../tests/shared/http");
const { useSession: putSession } = await import("../tests/shared/app");

/** Presses that are measured, after some that only warm up. */
const PRESSES = 40;
const WARM = 8;
/** Between two presses: what follows of one is over before the next. */
const APART_MS = 450;

/** When the score is there and painted, ms since the navigation began; 0 before. */
const SHOWN = `const paint = performance.getEntriesByName("first-contentful-paint")[0];
  const nav = performance.getEntriesByType("navigation")[0];
  return document.querySelector("[data-total]") && paint ? Math.max(paint.startTime, nav.loadEventEnd) : 0;`;

const share = (values: readonly number[], part: number) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * part))] ?? 0;
const line = (name: string, values: readonly number[]) =>
  console.log(
    `${name.padEnd(64)} median ${share(values, 0.5).toFixed(1)} ms, 95 % ${share(values, 0.95).toFixed(1)} ms (${values.length})`,
  );

const studio = await newStudio("Bench");
const { driver, close } = await openBrowser();
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

async function pressArrows(count: number): Promise<void> {
  for (let i = 0; i < count; i += 1) {
    await driver
      .actions()
      .sendKeys(i % 2 ? Key.ARROW_DOWN : Key.ARROW_UP)
      .perform();
    await pause(APART_MS);
  }
}

/** Drags the end of a rest to and fro in single pixels. */
async function dragAnEnd(): Promise<void> {
  const { x, y } = await driver.executeScript<{ x: number; y: number }>(
    `const canvas = document.querySelector("[data-score] canvas");
     const { left, top } = canvas.getBoundingClientRect();
     const label = canvas.drawn[1].face.marks.labels.find(({ text }) => /^[1-9]/.test(text));
     return { x: Math.round(left + 42 + label.x), y: Math.round(top + canvas.drawn[1].top + Number(canvas.dataset.base) - 4) };`,
  );
  const drag = driver
    .actions()
    .move({ x: x - 1, y })
    .press();
  for (let i = 0; i < 60; i += 1) drag.move({ x: x + ((i * 7) % 40), y, duration: 20 });
  await drag.release().perform();
  await driver.actions().clear();
}

async function measure(name: string, doc: ClassDoc): Promise<void> {
  const { id } = (await ask(studio, "POST", "/api/classes", { doc })).json;
  const loads: number[] = [];
  for (let i = 0; i < 5; i += 1) {
    await driver.get("about:blank");
    await driver.get(`${address}/classes/${id}`);
    loads.push((await driver.wait(() => driver.executeScript(SHOWN), 20_000)) as number);
  }
  console.log(`${name}: first load of the Desk ${loads[0]?.toFixed(0)} ms`);
  line(`${name}: later loads of the Desk`, loads.slice(1));
  const number = await driver.findElement(By.css("[data-number=rest]"));
  await number.click();
  await pressArrows(WARM);
  const typed = await traceOf(driver, () => pressArrows(PRESSES));
  line(`${name}: from a key to the score handed over to be shown`, typed.keyToFrameMs);
  line(`${name}: of that, what the page works`, typed.workMs);
  line(`${name}: the task that a key makes`, typed.keyTaskMs);
  console.log(
    `${name}: tasks over 50 ms while typing: ${typed.longTasks.map((ms) => ms.toFixed(0)).join(", ") || "none"}`,
  );
  const dragged = await traceOf(driver, dragAnEnd);
  console.log(
    `${name}: tasks over 50 ms while dragging: ${dragged.longTasks.map((ms) => ms.toFixed(0)).join(", ") || "none"}`,
  );
}

/** From a key to everybody's parts, and to the read-through, of 40 people. */
async function follow(doc: ClassDoc): Promise<void> {
  const roster = demoFile("roster.json") as {
    readonly people: readonly { readonly id: string; readonly name: string }[];
  };
  const people = Array.from({ length: 40 }, (_, i) => {
    const own = roster.people[i % roster.people.length] as { readonly id: string; readonly name: string };
    return { ...own, id: `${own.id}-${i}`, name: `${own.name} ${i}` };
  });
  await ask(studio, "POST", "/api/people/import", { roster: { ...roster, people } });
  const { id } = (await ask(studio, "POST", "/api/classes", { doc })).json;
  await driver.get(`${address}/classes/${id}`);
  await driver.wait(() => driver.executeScript(SHOWN), 20_000);
  await pause(4000);
  await driver.findElement(By.css("[data-number=rest]")).click();
  await pressArrows(4);
  await driver.executeScript(`window.followed = []; let from = 0;
    addEventListener("keydown", (event) => { from = event.timeStamp; }, true);
    new PerformanceObserver((list) => list.getEntries().forEach(({ name, startTime }) =>
      window.followed.push([name, startTime - from]))).observe({ type: "mark" });`);
  for (let i = 0; i < 20; i += 1) {
    await driver
      .actions()
      .sendKeys(i % 2 ? Key.ARROW_DOWN : Key.ARROW_UP)
      .perform();
    await pause(900);
  }
  const all = await driver.executeScript<[string, number][]>("return window.followed");
  for (const kind of ["brontle parts", "brontle findings"])
    line(
      `40 people: from a key to ${kind}`,
      all.filter(([own]) => own === kind).map(([, ms]) => ms),
    );
}

try {
  await putSession(driver, studio.cookie);
  const demo = demoFile("classes/1-gale-warning.json") as ClassDoc;
  await measure("43-minute class", demo);
  await measure("600 segments", longClass());
  await measure("2,000 segments", longClass(17));
  await follow(demo);
} finally {
  await close();
}
