/** Rebuilding a class: blocks and moves put elsewhere, other shapes, several at once, the clipboard. */
import { By, Key } from "selenium-webdriver";
import { describe, expect, test } from "vitest";
import { slotsOf } from "../../src/core/class/document";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import { scoreOf } from "../../src/core/score/score";
import { clockText } from "../../src/core/units";
import { accessible, named, open, press, read, reload, see, seeText } from "../shared/app";
import { demoBrowser } from "../shared/demo-browser";
import { dragTo, drawnLabels, placeOfSecond } from "../shared/score";

const { click, driver, openDesk, stored, totalIsTheCores } = demoBrowser();

const titles = async () => (await stored()).blocks.map(({ title }) => title);
const movesIn = async (at: number) => slotsOf((await stored()).blocks[at] as never).map(({ move }) => move);
const becomes = (what: string, look: () => Promise<unknown>, value: unknown) =>
  see(driver(), what, async () => JSON.stringify(await look()) === JSON.stringify(value));
const held = (keys: readonly string[], key: string) =>
  keys
    .reduce((now, own) => now.keyDown(own), driver().actions())
    .sendKeys(key)
    .perform()
    .then(() => driver().actions().clear());
const undo = () => held([Key.CONTROL], "z");

describe("blocks and moves", () => {
  test("go earlier and later, are done twice, cut in two and joined, by key; each is one step back", async () => {
    await openDesk("Gale warning");
    const before = await titles();
    const moves = await movesIn(1);
    await held([Key.ALT, Key.SHIFT], Key.ARROW_DOWN);
    const later = before.with(1, before[2] as string).with(2, before[1] as string);
    await becomes("the circuit later", titles, later);
    await undo();
    await becomes("as it was", titles, before);
    await held([Key.SHIFT], "D");
    await becomes("it twice", titles, before.toSpliced(2, 0, before[1] as string));
    await totalIsTheCores();
    await undo();
    // Until then the other of the two has moves of the same names.
    await becomes("once again", titles, before);
    await click("[data-move-name]", "Skater hop");
    await press(driver(), Key.ESCAPE);
    await press(driver(), "s");
    await becomes("two halves", () => movesIn(1), moves.slice(0, 2));
    await becomes("the other half", () => movesIn(2), moves.slice(2));
    await press(driver(), Key.ARROW_LEFT);
    await press(driver(), "j");
    await becomes("one again", () => movesIn(1), moves);
    await totalIsTheCores();
    // Over a reload what was done can still be taken back, step by step.
    await reload(driver());
    await click("button", "Undo");
    await becomes("two halves", () => movesIn(1), moves.slice(0, 2));
    await click("button", "Redo");
    await becomes("one again", () => movesIn(1), moves);
  });

  test("a move goes over the edge of its block, and a block into another shape and back", async () => {
    await openDesk("Gale warning");
    const [moves, next] = [await movesIn(1), await movesIn(2)];
    await click("[data-move-name]", "Backpack hinge");
    await press(driver(), Key.ESCAPE);
    await held([Key.ALT], Key.ARROW_DOWN);
    await becomes("it in the next block", () => movesIn(2), [moves.at(-1), ...next]);
    await undo();
    await becomes("it back", () => movesIn(1), moves);
    const before = await stored();
    await click("button", "Turn it into: Quay circuit");
    await accessible(driver());
    await click("[role=menuitem]", "Supersets");
    await becomes("pairs", () => movesIn(1), moves.slice(0, 2));
    await totalIsTheCores();
    await click("button", "Turn it into: Quay circuit");
    await click("[role=menuitem]", "A circuit");
    await becomes("the circuit", () => movesIn(1), moves);
    const after = await stored();
    expect(after.blocks.map(({ id: _id, ...rest }) => rest)).toEqual(
      before.blocks.map(({ id: _id, ...rest }) => rest),
    );
    await click("button", "This block: Quay circuit");
    await click("[role=menuitem]", "Earlier");
    await becomes("it first", async () => (await titles())[0], "Quay circuit");
    await undo();
  });
});

test("a move that is removed by key hands the focus on to the next", async () => {
  await openDesk("Gale warning");
  const moves = await movesIn(1);
  const name = await named(driver(), "[data-move-name]", "Towel row");
  await driver().executeScript("arguments[0].focus()", name);
  await press(driver(), Key.DELETE);
  await becomes("one less", () => movesIn(1), moves.toSpliced(1, 1));
  await see(driver(), "the focus on the next", async () =>
    (
      await driver().executeScript<string>("return document.activeElement.getAttribute('aria-label') ?? ''")
    ).startsWith("Skater hop"),
  );
  await undo();
  await becomes("as it was", () => movesIn(1), moves);
});

describe("several moves at once", () => {
  test("chosen by Shift and by a stretch of time, changed in one step, and copied", async () => {
    await openDesk("Gale warning");
    const doses = async () => slotsOf((await stored()).blocks[1] as never).map(({ dose }) => dose);
    const before = await doses();
    await click("[data-slot-line] td:nth-child(2)", "1");
    for (let n = 0; n < 2; n += 1) await held([Key.SHIFT], Key.ARROW_DOWN);
    await seeText(driver(), "3 moves in 1 block");
    await accessible(driver());
    await click("button", "Work less: 5 s");
    await becomes("three shorter", async () => (await doses())[0], { seconds: 35 });
    expect((await doses()).slice(3)).toEqual(before.slice(3));
    await undo();
    await becomes("as it was", doses, before);
    const rest = await named(driver(), "input", "All rests");
    await rest.sendKeys("20s", Key.ENTER);
    await becomes(
      "their rests",
      async () =>
        slotsOf((await stored()).blocks[1] as never)
          .slice(0, 4)
          .map((slot) => slot.rest ?? null),
      [20, 20, 20, null],
    );
    await press(driver(), Key.TAB);
    await click("button", "Only one again");
    await seeText(driver(), "rounds of");
    // From the first piece of the third row to its end.
    await dragTo(driver(), await placeOfSecond(driver(), 720, 29), await placeOfSecond(driver(), 870, 29));
    await seeText(driver(), "moves in");
    await driver().actions().sendKeys(Key.ESCAPE).perform();
    await seeText(driver(), "rounds of");
    await totalIsTheCores();
  });

  test("the score is read where it is: no label is small or over another, and pointing says all", async () => {
    await openDesk("Gale warning");
    const drawn = await drawnLabels(driver());
    const meet = (a: (typeof drawn)[number], b: (typeof drawn)[number]) =>
      Math.abs(a.y - b.y) < 9 && a.x < b.x + b.width && b.x < a.x + a.width;
    expect(drawn.length).toBeGreaterThan(60);
    expect(drawn.filter(({ sizePx }) => sizePx < 11)).toEqual([]);
    expect(drawn.filter((one) => drawn.some((other) => other !== one && meet(one, other)))).toEqual([]);
    await driver()
      .actions()
      .move(await placeOfSecond(driver(), 700))
      .perform();
    await see(driver(), "words", async () => (await read(driver(), "[data-hint]", "text")) !== null);
    const { segments } = scoreOf(await stored(), LIBRARY_BOOK);
    const said = (await read(driver(), "[data-hint]", "text")) ?? "";
    const piece = segments.find(({ start }) => said.startsWith(`${clockText(start)}–`));
    expect(said).toContain(`, ${(piece?.end ?? 0) - (piece?.start ?? 0)} s: `);
    await driver().actions().move({ x: 5, y: 5 }).perform();
    await see(
      driver(),
      "no words",
      async () => (await driver().findElements(By.css("[data-hint]"))).length === 0,
    );
  });

  test("a block is copied as text and pasted into another class", async () => {
    await openDesk("Gale warning");
    await press(driver(), Key.ARROW_RIGHT);
    const text = await driver().executeScript<string>(
      `const data = new DataTransfer();
       document.body.dispatchEvent(new ClipboardEvent("copy", { clipboardData: data, bubbles: true, cancelable: true }));
       return data.getData("text/plain");`,
    );
    expect(text).toContain("## ");
    await openDesk("Quay intervals");
    const paste = (own: string) =>
      driver().executeScript(
        `const data = new DataTransfer();
         data.setData("text/plain", arguments[0]);
         document.body.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));`,
        own,
      );
    const before = (await stored()).blocks.length;
    await paste(text);
    await becomes("one more", async () => (await stored()).blocks.length, before + 1);
    await totalIsTheCores();
    // What isn't certain is looked at first.
    await paste("3 rounds 40/20: squat, gobet sqat holt");
    await seeText(driver(), "No move is called");
    expect((await stored()).blocks).toHaveLength(before + 1);
    await press(driver(), Key.ESCAPE);
  });
});

describe("reading it otherwise", () => {
  test("the whole class is a table, line by line to its end", async () => {
    await openDesk("Gale warning");
    await press(driver(), "x");
    await seeText(driver(), "Everything that the score draws");
    await accessible(driver());
    const rows = await driver().executeScript<string[][]>(
      "return [...document.querySelectorAll('[role=dialog] tbody tr')].map((row) => [...row.cells].map((cell) => cell.innerText));",
    );
    const score = scoreOf(await stored(), LIBRARY_BOOK);
    expect(rows).toHaveLength(score.segments.length);
    expect(rows.at(-1)?.[0]).toBe(clockText(score.segments.at(-1)?.start ?? 0));
    await press(driver(), Key.ESCAPE);
  });

  test("letters can be switched off, and are no keys then", async () => {
    await open(driver(), "/settings");
    await click("label", "Single letters are keys");
    await openDesk("Gale warning");
    await press(driver(), "x", "a");
    await driver().sleep(300);
    expect(await driver().findElements(By.css("[role=dialog]"))).toHaveLength(0);
    await open(driver(), "/settings");
    await click("label", "Single letters are keys");
  });
});
