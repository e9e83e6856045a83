import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { By, Key } from "selenium-webdriver";
import { afterAll, describe, expect, test } from "vitest";
import { demoClassNames, demoFile } from "../../ops/seed";
import type { ClassDoc } from "../../src/core/class/document";
import type { Person } from "../../src/core/homes/home";
import { LIBRARY, LIBRARY_BOOK } from "../../src/core/moves/library";
import { partsFor } from "../../src/core/parts/everyone";
import { roomRows } from "../../src/core/parts/room-rows";
import { dayOf } from "../../src/core/units";
import { accessible, click, named, open, press, see, seeText } from "../shared/app";
import { demoBrowser } from "../shared/demo-browser";
import { ask } from "../shared/http";

const folder = mkdtempSync(`${tmpdir()}/brontle-room-`);
const { asker, driver, openDesk } = demoBrowser();
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const { people } = demoFile("roster.json") as { people: Person[] };
const strength = demoClassNames()
  .map((name) => demoFile(`classes/${name}`) as ClassDoc)
  .find((doc) => doc.title === "Stairwell strength") as ClassDoc;

async function openRoom(): Promise<void> {
  await openDesk("Stairwell strength");
  await press(driver(), "r");
  await seeText(driver(), "The room");
}

/** The box to tick beside these words. */
const ticked = (words: string) =>
  driver().findElement(By.xpath(`//label[contains(normalize-space(.),"${words}")]//input`));

/** The label of a person's cell in a slot's column. */
async function cell(name: string, says: string) {
  return named(driver(), "td button", `${name}: ${says}`);
}

describe("the room", () => {
  test("shows everyone by every move, as the core works it out, and what to announce", async () => {
    await openRoom();
    const parts = partsFor(strength, people, LIBRARY_BOOK, { on: dayOf(Date.now()) });
    const unmet = parts.filter((part) => part.slots.some((slot) => slot.status === "unmet")).length;
    const changed = parts.filter((part) => part.slots.some((slot) => slot.status !== "as-set")).length;
    await seeText(driver(), `everyone ${people.length}`);
    await seeText(driver(), `something unmet ${unmet}`);
    await seeText(driver(), `something changed ${changed}`);
    await seeText(driver(), "The one thing to own next");
    await accessible(driver());
    await click(driver(), "button", "something changed");
    expect(await driver().findElements(By.css("tbody tr"))).toHaveLength(
      // People who do the same in every move share a row.
      roomRows(parts, "changed", true).length,
    );
    await click(driver(), "button", "everyone");
  });

  test("a row is a whole part, a cell says why and what there was instead", async () => {
    await openRoom();
    // Kit does just what others do, and so stands in one row with them until rows are kept apart.
    await (await ticked("one row for the same part")).click();
    await click(driver(), "th button", "Kit Orrin");
    await seeText(driver(), "22 lb");
    await accessible(driver());
    await (await cell("Ines Marrow", "Kneeling band press, swapped")).click();
    await seeText(driver(), "no hand weight at home");
    await seeText(driver(), "Instead there was");
    await accessible(driver());
  });

  test("the instructor's choice is kept in the class, and with one press for every class", async () => {
    await openRoom();
    await (await cell("Ines Marrow", "Kneeling band press, swapped")).click();
    await (await named(driver(), "aside select", "")).sendKeys("Overhead reach", Key.TAB);
    await seeText(driver(), "your choice");
    await cell("Ines Marrow", "Overhead reach");
    await click(driver(), "button", "Keep it so in every class");
    await seeText(driver(), "In every class Ines does Overhead reach instead");
    await see(driver(), "the person's own choice", async () => {
      const file = await ask(asker(), "GET", "/api/people/export");
      const ines = (file.json.people as unknown as Person[]).find((person) => person.id === "ines");
      return ines?.always?.["half-kneeling-press"] === "overhead-reach";
    });
    await click(driver(), "button", "Undo that");
    await cell("Ines Marrow", "Kneeling band press, swapped");
  });

  test("is one stop of the Tab key, goes from cell to cell by arrows, and says what a cell means", async () => {
    await openRoom();
    const stops = await driver().findElements(By.css("table [data-cell][tabindex='0']"));
    expect(stops).toHaveLength(1);
    await driver().executeScript("arguments[0].focus()", stops[0]);
    await press(driver(), Key.ARROW_RIGHT, Key.ARROW_DOWN, Key.ARROW_DOWN);
    // The room may still be worked out: what is said is of the cell that has the focus, whoever stands in it.
    await see(driver(), "what the cell means", () =>
      driver().executeScript<boolean>(
        `const says = document.activeElement.getAttribute("aria-label") ?? "";
         return says.includes(": ") && document.body.innerText.includes(says);`,
      ),
    );
    expect(await driver().findElements(By.css("table [data-cell][tabindex='0']"))).toHaveLength(1);
    // The class itself didn't move on by these keys: the room is still there.
    await seeText(driver(), "The room");
    await (await ticked("names")).click();
    await seeText(driver(), "Kneeling band press");
    await accessible(driver());
  });

  test("opens a home, and comes back to the room", async () => {
    await openRoom();
    await (await ticked("one row for the same part")).click();
    await click(driver(), "th button", "Ines Marrow");
    await click(driver(), "aside a", "What is at home");
    await see(driver(), "her home", async () => (await driver().getCurrentUrl()).includes("/people/"));
    await click(driver(), "a", "Back to the room");
    await seeText(driver(), "The one thing to own next");
    await seeText(driver(), "The room");
  });

  test("follows an edit of the class", async () => {
    await openRoom();
    await press(driver(), "r");
    await (await named(driver(), "button", "Undo")).isDisplayed();
    await press(driver(), Key.ARROW_DOWN, "d", "r");
    await seeText(driver(), "The room");
    const slots = strength.blocks.reduce((sum, block) => sum + (block.slots?.length ?? 0), 0);
    await see(
      driver(),
      "one more column",
      async () => (await driver().findElements(By.css("thead button"))).length === slots + 1,
    );
  });
});

describe("the library", () => {
  test("answers what somebody with a chair and one band can do", async () => {
    await open(driver(), "/moves");
    await seeText(driver(), `${LIBRARY.length} of ${LIBRARY.length}`);
    await (await driver().findElement(By.css("fieldset input[type=checkbox]"))).click();
    // A wall is taken as there.
    const nothing = LIBRARY.filter((move) =>
      move.needs.some((list) => list.every(({ as, optional }) => as === "wall" || optional)),
    ).length;
    await seeText(driver(), `${nothing} of`);
    await click(driver(), "fieldset button", "chair");
    await click(driver(), "fieldset button", "tube band");
    await seeText(driver(), "Squat against a band");
    await accessible(driver());
  });

  test("a move shows its ladder and leads to one of the instructor's own, held to the same checks", async () => {
    await open(driver(), "/moves/press-up");
    await seeText(driver(), "From easiest to hardest");
    await seeText(driver(), "Kneeling press-up");
    await accessible(driver());
    await click(driver(), "a", "Make your own from it");
    await seeText(driver(), "Needs: any one of these lines");
    await accessible(driver());
    const name = await driver().findElement(By.css("input[name=name]"));
    await name.sendKeys("Press-up");
    await click(driver(), "button", "Save");
    await seeText(driver(), "must be unique among the moves");
    await name.sendKeys(Key.chord(Key.CONTROL, "a"), "Stair press-up");
    await (await named(driver(), "select", "Kind of link")).sendKeys("an easier");
    await click(driver(), "button", "Save");
    await seeText(driver(), "Stair press-up");
    await seeText(driver(), "yours");
    await accessible(driver());
    // From nothing: another one like it, and but a name to give.
    await open(driver(), "/moves/new");
    await click(driver(), "button", "Begin from a similar move");
    await (await named(driver(), "[role=dialog] input", "")).sendKeys("goblet sqaut", Key.ENTER);
    await seeText(driver(), "As Goblet squat in everything below");
    await accessible(driver());
    await click(driver(), "button", "Save");
    await seeText(driver(), "Name must");
    await driver().findElement(By.css("input[name=name]")).sendKeys("Bucket squat");
    await click(driver(), "button", "Save");
    await seeText(driver(), "Bucket squat");
    await seeText(driver(), "yours");
    // Put into a class it travels with the class's file.
    await open(driver(), "/classes");
    await click(driver(), "a", "Quay intervals");
    await see(
      driver(),
      "the Desk",
      async () => (await driver().findElements(By.css("[data-testid=total]"))).length,
    );
    await press(driver(), "a");
    await (await named(driver(), "[role=dialog] input", "")).sendKeys("Stair press", Key.ENTER);
    await seeText(driver(), "Stair press-up");
    const id = (await driver().getCurrentUrl()).split("/classes/")[1];
    await see(driver(), "the move in the stored class", async () => {
      const file = await ask(asker(), "GET", `/api/classes/${id}/file`);
      return file.text.includes('"stair-press-up"') && file.text.includes('"Stair press-up"');
    });
  });
});

describe("the roster as a table", () => {
  const choose = async (name: string, text: string) => {
    writeFileSync(`${folder}/${name}`, text);
    await driver().findElement(By.css("input[type=file]")).sendKeys(`${folder}/${name}`);
  };

  test("goes out, comes in again with a preview and faults by line, and updates rather than doubles", async () => {
    const csv = (await ask(asker(), "GET", "/api/people/export?form=csv")).text;
    await open(driver(), "/people");
    await click(driver(), "button", "Import a roster");
    await seeText(driver(), "Nothing is stored before");
    await choose("bad.csv", csv.replace("easier", "average").replace("nothing", "2 anvils"));
    await seeText(driver(), ", level");
    await seeText(driver(), "2 anvils");
    await accessible(driver());
    expect(await (await named(driver(), "[role=dialog] button", "Store")).isEnabled()).toBe(false);
    const columns = (csv.split("\n")[0] ?? "").trim().split(",");
    const said: Record<string, string> = {
      name: "Storm Petrel",
      level: "flat",
      kit: "2 bottle 1.5 l; chair sturdy",
    };
    const line = columns.map((column) => said[column] ?? "").join(",");
    await choose("good.csv", `${csv}${line}\n`);
    await seeText(driver(), "What will be stored");
    await accessible(driver());
    await click(driver(), "[role=dialog] button", `Store ${people.length + 1}`);
    await see(driver(), "the dialog gone", async () => {
      return (await driver().findElements(By.css("[role=dialog]"))).length === 0;
    });
    await seeText(driver(), "Storm Petrel");
    const file = await ask(asker(), "GET", "/api/people/export");
    expect(file.json.people).toHaveLength(people.length + 1);
  });
});
