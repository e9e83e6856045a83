/** The numbers of a block's sentence, and what stands around them. */
import { Key } from "selenium-webdriver";
import { describe, expect, test } from "vitest";
import { accessible, chord, named, press, see, seeText } from "../shared/app";
import { demoBrowser } from "../shared/demo-browser";

const { click, driver, openDesk, stored, total, totalIsTheCores } = demoBrowser();

/** Where the numbers and the time of the sentence stand, and what of them and of the upper line's time is cut. */
const places = () =>
  driver().executeScript<{ at: string; cut: string[] }>(
    `const all = [...document.querySelectorAll("[data-number], section b")];
     const cut = [...all, document.querySelector("[data-testid=total]")].filter((each) => each.scrollWidth > each.clientWidth || each.scrollHeight > each.clientHeight + 4);
     return { at: all.map((each) => Math.round(each.getBoundingClientRect().x)).join(" "),
       cut: cut.map((each) => each.textContent || each.value) };`,
  );

describe("a number of the sentence", () => {
  test("a number moved with the arrow keys, typed, undone and done again moves the total with it", async () => {
    await openDesk("Gale warning");
    const before = await total();
    await press(driver(), "n", Key.ARROW_UP);
    await see(driver(), "a longer class", async () => (await total()) !== before);
    await totalIsTheCores();
    const rest = await named(driver(), "input[role=spinbutton]", "Seconds of rest");
    await rest.click();
    await rest.sendKeys(Key.chord(Key.CONTROL, "a"), "0:20");
    await totalIsTheCores();
    expect(await (await named(driver(), "output", "By the last change")).getText()).toMatch(/^[+−]\d+:\d\d$/);
    const block = (await stored()).blocks[1];
    expect(block).toMatchObject({ rounds: 5, rest: 20 });
    await rest.sendKeys(Key.chord(Key.SHIFT, Key.ARROW_UP));
    await totalIsTheCores();
    expect((await stored()).blocks[1]?.rest).toBe(35);
    await chord(driver(), Key.CONTROL, "z");
    await chord(driver(), Key.CONTROL, "z");
    await see(driver(), "the first total", async () => (await total()) === before);
    await chord(driver(), Key.CONTROL, "y");
    await see(driver(), "another total", async () => (await total()) !== before);
    await totalIsTheCores();
    await chord(driver(), Key.CONTROL, "z");
  });

  test("what can't be is said and not taken", async () => {
    await openDesk("Gale warning");
    const before = await total();
    const rounds = await named(driver(), "input[role=spinbutton]", "Rounds");
    await rounds.click();
    await rounds.sendKeys(Key.chord(Key.CONTROL, "a"), "0");
    expect(await rounds.getAttribute("aria-invalid")).toBe("true");
    expect(await total()).toBe(before);
    await seeText(driver(), "1 is the least");
    // Left behind it stays as it was typed, and so does its answer.
    await rounds.sendKeys(Key.chord(Key.CONTROL, "a"), "1:30", Key.TAB);
    await seeText(driver(), "“1:30” is a time, and this counts rounds");
    expect(await rounds.getAttribute("value")).toBe("1:30");
    await accessible(driver());
    await rounds.click();
    await press(driver(), Key.ESCAPE);
    expect(await rounds.getAttribute("value")).toBe("4");
  });

  test("of five, ten and fifteen is as wide, and nothing around it moves", async () => {
    await openDesk("Gale warning");
    const rest = await named(driver(), "input[role=spinbutton]", "Seconds of rest");
    await rest.click();
    const seen: { at: string; cut: string[] }[] = [];
    for (const seconds of ["15", "10", "5"]) {
      await see(driver(), seconds, async () => (await rest.getAttribute("value")) === seconds);
      await totalIsTheCores();
      seen.push(await places());
      await press(driver(), Key.ARROW_DOWN);
    }
    expect(seen.map(({ at }) => at)).toEqual(Array(3).fill(seen[0]?.at));
    expect(seen.flatMap(({ cut }) => cut)).toEqual([]);
    for (let i = 0; i < 3; i += 1) await chord(driver(), Key.CONTROL, "z");
    await totalIsTheCores();
  });

  test("makes rows, and all of them can be scrolled to", async () => {
    await openDesk("Gale warning");
    const rounds = await named(driver(), "input[role=spinbutton]", "Rounds");
    await rounds.click();
    await rounds.sendKeys(Key.chord(Key.CONTROL, "a"), "30");
    await totalIsTheCores();
    /** Seconds between the end of the class and that of the last row that can be brought into sight. */
    const beyond = () =>
      driver().executeScript<number>(
        `const score = document.querySelector("[data-score]");
         score.scrollTop = score.scrollHeight;
         const { start } = document.querySelector("[data-score] canvas").drawn.at(-1).face;
         return start + 300 - Number(score.dataset.total);`,
      );
    await see(driver(), "the last row", async () => {
      const seconds = await beyond();
      return seconds >= 0 && seconds < 300;
    });
    // A block that is added is selected, and in sight at once, however far away the score was.
    const before = (await stored()).blocks.map(({ id }) => id);
    await click("button", "Add a block");
    const added = (await stored()).blocks.find(({ id }) => !before.includes(id))?.id;
    expect(added).toBeDefined();
    await see(driver(), "the new block", () =>
      driver().executeScript<boolean>(
        `const [added] = arguments; return document.querySelector("[data-score] canvas").drawn.some(({ face }) => face.brackets.some(({ block }) => block === added))`,
        added,
      ),
    );
    for (let i = 0; i < 2; i += 1) await chord(driver(), Key.CONTROL, "z");
    await totalIsTheCores();
  });
});
