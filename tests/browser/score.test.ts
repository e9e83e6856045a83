/** The class changed where it stands: on the score, and by dragging blocks and moves. */
import { By, Key } from "selenium-webdriver";
import { afterAll, describe, expect, test } from "vitest";
import { type ClassDoc, slotsOf } from "../../src/core/class/document";
import type { Segment } from "../../src/core/class/expand";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import { scoreOf } from "../../src/core/score/score";
import { accessible, named, open, press, see, seeText } from "../shared/app";
import { setSize } from "../shared/browser";
import { demoBrowser } from "../shared/demo-browser";
import { dragTo, drawnLabels, placeOfSecond } from "../shared/score";

const { click, driver, openDesk, stored, totalIsTheCores } = demoBrowser();

const becomes = (what: string, look: () => Promise<unknown>, value: unknown) =>
  see(driver(), what, async () => JSON.stringify(await look()) === JSON.stringify(value));
const segmentsNow = async () => scoreOf(await stored(), LIBRARY_BOOK).segments;
const titles = async () => (await stored()).blocks.map(({ title }) => title);
const movesIn = async (at: number) =>
  slotsOf((await stored()).blocks[at] as ClassDoc["blocks"][number]).map(({ move }) => move);
const slotAt = async (block: number, slot: number) =>
  slotsOf((await stored()).blocks[block] as ClassDoc["blocks"][number])[slot];

/** The first piece of the n-th move of a block. */
async function pieceOf(block: number, slot: number): Promise<Segment> {
  const { id } = (await slotAt(block, slot)) ?? {};
  const piece = (await segmentsNow()).find((each) => each.kind === "work" && each.slot === id);
  if (!piece) throw new Error("no such piece");
  return piece;
}
const middle = async ({ start, end }: Segment, over?: number) =>
  placeOfSecond(driver(), (start + end) / 2, over);
const beside = (place: { x: number; y: number }, x: number, y = 0) => ({ x: place.x + x, y: place.y + y });
const undo = async () => {
  await click("button", "Undo");
};

describe("on the score", () => {
  test("the end of a piece and of a rest is dragged, in steps of five seconds and of one", async () => {
    await openDesk("Gale warning");
    const before = await slotAt(1, 0);
    const piece = await pieceOf(1, 0);
    const end = await placeOfSecond(driver(), piece.end);
    await dragTo(driver(), beside(end, -1), beside(end, 32));
    await becomes("ten seconds longer", async () => (await slotAt(1, 0))?.dose, { seconds: 50 });
    await totalIsTheCores();
    await undo();
    await becomes("as it was", () => slotAt(1, 0), before);
    // With Shift by single seconds; what it will be stands beside it while it is held, and Escape gives it up.
    await driver().actions().move(beside(end, -1)).press().move(beside(end, 20)).perform();
    await seeText(driver(), "Work 45 s · +0:20");
    await press(driver(), Key.ESCAPE);
    await driver().actions().release().perform();
    await becomes("as it was", () => slotAt(1, 0), before);
    const rest = (await segmentsNow()).find(({ kind, start }) => kind === "rest" && start === piece.end);
    const restEnd = await placeOfSecond(driver(), rest?.end ?? 0);
    await driver()
      .actions()
      .move(beside(restEnd, -2))
      .press()
      .keyDown(Key.SHIFT)
      .move(beside(restEnd, 7))
      .release()
      .keyUp(Key.SHIFT)
      .perform();
    await becomes("three seconds more", async () => (await stored()).blocks[1]?.rest, 18);
    await undo();
  });

  test("the top of a chosen bar is its load in words; the bar itself goes elsewhere", async () => {
    await openDesk("Gale warning");
    const before = await movesIn(1);
    const piece = await pieceOf(1, 0);
    await driver()
      .actions()
      .move(await middle(piece))
      .click()
      .perform();
    await see(driver(), "it chosen", async () =>
      (await driver().findElement(By.css("tr[aria-selected]")).getText()).includes("Goblet squat"),
    );
    const drawn = await drawnLabels(driver());
    const name = drawn.find(({ text }) => text === "1 Goblet squat");
    const top = { x: (await middle(piece)).x, y: Math.round((name?.y ?? 0) + 2) };
    await dragTo(driver(), top, beside(top, 0, 16));
    await see(driver(), "a lighter word", async () => {
      const { load } = (await slotAt(1, 0)) ?? {};
      return load && "target" in load && load.target !== "heavy";
    });
    await undo();
    const goal = await pieceOf(1, 2);
    await dragTo(driver(), await middle(piece), beside(await placeOfSecond(driver(), goal.start), 12));
    const moved = [before[1], before[0], ...before.slice(2)];
    await becomes("it behind the row", () => movesIn(1), moved);
    await undo();
    await becomes("as it was", () => movesIn(1), before);
    // Into the next block.
    const next = await pieceOf(2, 0);
    const own = await pieceOf(1, 0);
    await driver()
      .actions()
      .move(await middle(own))
      .click()
      .perform();
    await dragTo(driver(), await middle(own), beside(await placeOfSecond(driver(), next.start), 14));
    await becomes("it in the next block", async () => (await movesIn(2))[0], before[0]);
    await totalIsTheCores();
    await undo();
    await becomes("as it was", () => movesIn(1), before);
  });

  test("a name pressed twice is typed anew, a bar pressed twice gets another move", async () => {
    await openDesk("Gale warning");
    const title = (await drawnLabels(driver())).find(({ text }) => text === "Bollard pair");
    const place = { x: Math.round((title?.x ?? 0) + 8), y: Math.round((title?.y ?? 0) - 3) };
    await driver().actions().move(place).doubleClick().perform();
    const field = await named(driver(), "input", "Name of Bollard pair");
    await see(driver(), "the focus", async () =>
      driver().executeScript("return document.activeElement === arguments[0]", field),
    );
    await press(driver(), "Pair on the quay", Key.ENTER);
    await becomes("the new name", async () => (await titles())[2], "Pair on the quay");
    // The focus is back on the score, and the keys go from piece to piece.
    const said = () =>
      driver().executeScript<string>("return document.activeElement.getAttribute('aria-valuetext') ?? ''");
    const first = await said();
    await press(driver(), Key.ARROW_RIGHT);
    await see(driver(), "the next piece", async () => (await said()) !== first);
    await undo();
    await driver()
      .actions()
      .move(await middle(await pieceOf(1, 1)))
      .doubleClick()
      .perform();
    await seeText(driver(), "Choose a move");
    await press(driver(), Key.ESCAPE);
  });

  test("keys alone: piece by piece, longer and shorter, all of it told", async () => {
    await openDesk("Gale warning");
    await driver().executeScript("document.querySelector('[data-score]').focus()");
    await press(driver(), Key.HOME);
    await see(driver(), "the first piece", async () =>
      (await driver().findElement(By.css("[data-score]")).getAttribute("aria-valuetext"))?.startsWith(
        "0:00–",
      ),
    );
    await accessible(driver());
    const piece = await pieceOf(1, 0);
    const before = (await segmentsNow()).filter(({ start }) => start < piece.start);
    await press(driver(), ...before.map(() => Key.ARROW_RIGHT));
    const slider = await driver().findElement(By.css("[data-score]"));
    await see(driver(), "the squat", async () =>
      (await slider.getAttribute("aria-valuetext"))?.includes("Goblet squat"),
    );
    await driver().actions().keyDown(Key.ALT).sendKeys(Key.ARROW_RIGHT).keyUp(Key.ALT).perform();
    await becomes("five more", async () => (await slotAt(1, 0))?.dose, { seconds: 45 });
    await driver().actions().keyDown(Key.ALT).sendKeys(Key.ARROW_LEFT).keyUp(Key.ALT).perform();
    await becomes("as it was", async () => (await slotAt(1, 0))?.dose, { seconds: 40 });
  });

  test("two, five and ten minutes a row: rows grow, what is chosen stays in sight, and it is kept", async () => {
    await openDesk("Gale warning");
    await press(driver(), ...Array.from({ length: 9 }, () => Key.ARROW_RIGHT));
    const heights = async () =>
      driver().executeScript<number>(
        "const rows = document.querySelector('[data-score] canvas').drawn; return rows[1].top - rows[0].top;",
      );
    const choose = (minutes: number) =>
      driver().executeScript(`document.querySelector('[name=row-minutes][value="${minutes}"]').click()`);
    const inSight = () =>
      driver().executeScript<boolean>(
        "return document.querySelector('[data-score] canvas').drawn.some(({ face }) => face.marks.chosen !== '')",
      );
    await choose(2);
    await see(driver(), "the chosen piece in sight", inSight);
    const low = await heights();
    await choose(10);
    await see(driver(), "higher rows", async () => (await heights()) > low + 20);
    await open(driver(), new URL(await driver().getCurrentUrl()).pathname);
    await see(driver(), "ten minutes still", async () =>
      driver().executeScript(
        "return document.querySelector('[name=row-minutes][value=\"10\"]')?.checked === true",
      ),
    );
    await choose(5);
  });
});

describe("dragged in the list", () => {
  test("blocks by mouse, moves onto another block, and by keys with what is said", async () => {
    await openDesk("Gale warning");
    const [before, moves] = [await titles(), await movesIn(1)];
    const word = (title: string) => named(driver(), "[data-block-word]", title);
    const centre = async (title: string) => {
      const { x, y, width, height } = await (await word(title)).getRect();
      return { x: Math.round(x + width / 2), y: Math.round(y + height / 2) };
    };
    await dragTo(driver(), await centre("Bollard pair"), await centre("Quay circuit"));
    await becomes("the pair first", titles, before.with(1, before[2] as string).with(2, before[1] as string));
    await undo();
    await becomes("as it was", titles, before);
    await click("[data-block-word]", "Quay circuit");
    const grip = await named(driver(), "button", "Goblet squat, move 1 of");
    const { x, y, width, height } = await grip.getRect();
    const from = { x: Math.round(x + width / 2), y: Math.round(y + height / 2) };
    await dragTo(driver(), from, await centre("Spray"));
    await becomes("it at the end of the other block", async () => (await movesIn(3)).at(-1), moves[0]);
    await undo();
    await becomes("as it was", () => movesIn(1), moves);
    // By keys, told by the names of the things.
    await click("[data-block-word]", "Quay circuit");
    const again = await named(driver(), "button", "Goblet squat, move 1 of");
    await driver().executeScript("arguments[0].focus()", again);
    const told = () =>
      driver().executeScript<string>(
        "return document.querySelector('[id^=DndLiveRegion]')?.textContent ?? ''",
      );
    await press(driver(), " ");
    await see(
      driver(),
      "taken up",
      async () => (await told()) === "Goblet squat, move 1 of 5 in Quay circuit is taken up.",
    );
    await press(driver(), Key.ARROW_DOWN);
    await see(driver(), "over the next", async () => (await told()).includes("is over Towel row"));
    await press(driver(), " ");
    await becomes("it second", () => movesIn(1), [moves[1], moves[0], ...moves.slice(2)]);
    await accessible(driver());
    await undo();
  });
});

describe("rounds and rests of their own", () => {
  test("a load for each round is typed; an easy move fills the rests", async () => {
    await openDesk("Quay intervals");
    const type = async (label: string, text: string) => {
      const field = await named(driver(), "[data-slot-line] input", label);
      await field.click();
      await field.sendKeys(Key.chord(Key.CONTROL, "a"), text, Key.ENTER);
    };
    const { move } = (await slotAt(1, 0)) ?? {};
    expect(move).toBeDefined();
    const label = await driver().findElement(By.css("[data-slot-line] input[aria-label^='Load of']"));
    const name = (await label.getAttribute("aria-label")) ?? "";
    await type(name, "12/14/16 kg");
    await becomes("a load a round", async () => (await slotAt(1, 0))?.load, [
      { kg: 12 },
      { kg: 14 },
      { kg: 16 },
    ]);
    // One too many for its rounds is answered where it was typed, and not taken.
    await type(name, "12/14/16/18 kg");
    await see(driver(), "an answer", async () => (await label.getAttribute("aria-invalid")) === "true");
    await press(driver(), Key.ESCAPE);
    await type(name, "heavy");
    await becomes("one load", async () => (await slotAt(1, 0))?.load, { target: "heavy" });
    await click("button", "more of this block");
    await click("button", "What is done in the rests: nothing");
    await seeText(driver(), "Choose a move");
    await press(driver(), "march on the spot");
    await see(driver(), "it found", async () =>
      (await driver().findElement(By.css("[role=dialog] [role=option]")).getText()).includes(
        "March on the spot",
      ),
    );
    await press(driver(), Key.ENTER);
    await becomes("the filler", async () => (await stored()).blocks[1]?.restMove, "march-on-the-spot");
    await accessible(driver());
    await click("button", "Do nothing in the rests");
    await becomes("nothing again", async () => (await stored()).blocks[1]?.restMove ?? null, null);
  });
});

describe("on other screens", () => {
  afterAll(() => setSize(driver(), 1280, 800));

  test.each([
    [1024, 768],
    [1280, 800],
    [1920, 1080],
    // 1280 × 800 at 200 %.
    [640, 400],
  ])("of %i × %i nothing is lost and nothing is over another", async (width, height) => {
    await setSize(driver(), width, height);
    await openDesk("Gale warning");
    const { wide, sentence, score } = await driver().executeScript<{
      wide: number;
      sentence: number;
      score: number;
    }>(
      `const bottom = (css) => document.querySelector(css).getBoundingClientRect().bottom;
       return { wide: document.documentElement.scrollWidth, sentence: bottom("[aria-label=Block]"), score: bottom("[data-score]") };`,
    );
    expect(wide).toBeLessThanOrEqual(width);
    // The sentence is under the score and on the screen; on the smallest the page scrolls to it.
    expect(sentence).toBeGreaterThan(score);
    if (height > 539) expect(sentence).toBeLessThanOrEqual(height);
    const over = await driver().executeScript<string[]>(
      `const all = [...document.querySelectorAll("header a, header button, header select, header output, header h1, [data-block-word], [aria-label=Block] input, [aria-label=Block] select, [data-move-name]")]
         .filter((each) => each.checkVisibility() && each.getClientRects().length > 0)
         .map((each) => ({ name: each.getAttribute("aria-label") ?? each.innerText, box: each.getBoundingClientRect() }));
       return all.flatMap((a, i) => all.slice(i + 1).filter((b) => a.box.left < b.box.right - 1 && b.box.left < a.box.right - 1 &&
         a.box.top < b.box.bottom - 1 && b.box.top < a.box.bottom - 1).map((b) => a.name + " / " + b.name));`,
    );
    expect(over).toEqual([]);
    await accessible(driver());
  });
});
