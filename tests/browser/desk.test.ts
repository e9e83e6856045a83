import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import {
  accessible,
  chord,
  click,
  named,
  open,
  press,
  read,
  see,
  seeText,
  tabTo,
  useSession,
} from "../shared/app";
import { demoBrowser } from "../shared/demo-browser";

const folder = mkdtempSync(`${tmpdir()}/brontle-desk-`);
const { driver, openDesk, stored, studio, totalIsTheCores } = demoBrowser({
  signedIn: false,
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe("signing in", () => {
  test("with a wrong password says so, with the right one leads to the classes", async () => {
    await open(driver(), "/classes");
    await seeText(driver(), "Password");
    await accessible(driver());
    const fill = async (css: string, text: string) => {
      const field = await driver().findElement(By.css(css));
      await field.sendKeys(Key.chord(Key.CONTROL, "a"), text);
    };
    await fill("input[type=email]", studio().email);
    await fill("input[type=password]", "wrong-password");
    await press(driver(), Key.ENTER);
    await see(
      driver(),
      "an alert",
      async () => (await driver().findElements(By.css("[role=alert]"))).length > 0,
    );
    await fill("input[type=password]", studio().password);
    await press(driver(), Key.ENTER);
    await seeText(driver(), "Gale warning");
    await accessible(driver());
  });
});

describe("the Desk", () => {
  beforeAll(() => useSession(driver(), studio().cookie));

  test("a class is made by keyboard alone, and its length is the core's", async () => {
    await open(driver(), "/classes");
    await seeText(driver(), "Classes");
    await tabTo(driver(), "New class");
    await press(driver(), Key.ENTER);
    await seeText(driver(), "Begin from");
    await tabTo(driver(), "A warm-up, one block, a cool-down");
    await press(driver(), Key.ENTER);
    await see(
      driver(),
      "what comes of it",
      async () => (await read(driver(), "section[aria-busy=false] ol", "text"))?.includes("Main") === true,
    );
    await press(driver(), Key.TAB);
    await chord(driver(), Key.CONTROL, "a");
    await press(driver(), "Made by keyboard", Key.ENTER);
    await see(
      driver(),
      "the Desk",
      async () => (await driver().findElements(By.css("[data-testid=total]"))).length > 0,
    );
    await accessible(driver());
    await press(driver(), "a");
    await seeText(driver(), "of 24 as set");
    await accessible(driver());
    await press(driver(), "towel row", Key.ENTER);
    await seeText(driver(), "Towel row");
    await chord(driver(), Key.ALT, Key.ARROW_UP);
    await totalIsTheCores();
    expect((await stored()).blocks[1]?.slots?.map((slot) => slot.move)).toEqual([
      "towel-row",
      "bodyweight-squat",
    ]);
    await press(driver(), "d");
    await press(driver(), "b");
    await totalIsTheCores();
    expect((await stored()).blocks).toHaveLength(4);
    await chord(driver(), Key.CONTROL, "z");
    await chord(driver(), Key.CONTROL, "z");
    await totalIsTheCores();
    expect((await stored()).blocks[1]?.slots).toHaveLength(2);
  });

  test("a dose is typed as a line, and a move shows who does it and why", async () => {
    await openDesk("Quay intervals");
    const dose = await driver().findElement(By.css("[data-slot-line=i1] input[aria-label^='Dose of']"));
    await dose.click();
    await dose.sendKeys(Key.chord(Key.CONTROL, "a"), "50 s / 40 s / 30 s", Key.ENTER);
    await totalIsTheCores();
    expect((await stored()).blocks[1]?.slots?.[0]?.dose).toEqual([
      { seconds: 50 },
      { seconds: 40 },
      { seconds: 30 },
    ]);
    // Whatever people write for it; what isn't understood is answered and kept.
    const type = async (text: string) => {
      await dose.click();
      await dose.sendKeys(Key.chord(Key.CONTROL, "a"), text, Key.ENTER);
    };
    await type("0:45");
    await totalIsTheCores();
    expect((await stored()).blocks[1]?.slots?.[0]?.dose).toEqual({ seconds: 45 });
    await type("12 reps 3110 total heavy");
    await totalIsTheCores();
    expect((await stored()).blocks[1]?.slots?.[0]).toMatchObject({
      dose: { reps: 12, tempo: "3110" },
      count: "total",
      load: { target: "heavy" },
    });
    await type("12 reps of love");
    await seeText(driver(), "isn’t understood here");
    expect(await dose.getAttribute("value")).toBe("12 reps of love");
    await accessible(driver());
    await press(driver(), Key.ESCAPE);
    expect(await dose.getAttribute("value")).toBe("12 reps at 3110");
    const panel = await driver().findElement(By.css("aside"));
    await see(driver(), "reasons", async () =>
      /instead of fast feet: (no jumping|asked for|there is no jumping)/i.test(await panel.getText()),
    );
    await accessible(driver());
  });

  test("more of a move and of a block: ways, words, rounds and the promise are edited and stored", async () => {
    await openDesk("Stairwell strength");
    await press(driver(), "m");
    await seeText(driver(), "Say before");
    const fill = async (label: string, text: string) => {
      const field = await named(driver(), "input", label);
      await field.click();
      await field.sendKeys(Key.chord(Key.CONTROL, "a"), text, Key.ENTER);
    };
    await fill("Said before it starts", "Roll to your side to sit up");
    await fill("♯ harder: what to do differently", "Two counts at the floor");
    await fill("Promised minutes", "42");
    await fill("Rounds in which it appears", "1, 9");
    await seeText(driver(), "must be at most 4");
    await click(driver(), "button", "more of this block");
    await (await named(driver(), "select", "At the end of counted reps")).sendKeys("goes on");
    await accessible(driver());
    await totalIsTheCores();
    const doc = await stored();
    expect(doc.promise?.minutes).toBe(42);
    expect(doc.blocks[1]).toMatchObject({
      atEnd: "run",
      slots: [{ call: "Roll to your side to sit up" }, {}],
    });
    expect(doc.blocks[1]?.slots?.[0]?.marks?.sharp).toEqual({
      move: "feet-up-press-up",
      note: "Two counts at the floor",
    });
    expect(doc.blocks[1]?.slots?.[0]?.rounds).toBeUndefined();
  });

  test("without a connection nothing is lost: it says so, keeps it, and sends it when the server is back", async () => {
    await openDesk("Stairwell strength");
    const chrome = driver() as unknown as { setNetworkConditions(c: object): Promise<void> };
    await chrome.setNetworkConditions({
      offline: true,
      latency: 0,
      download_throughput: 0,
      upload_throughput: 0,
    });
    await press(driver(), "n", Key.ARROW_UP);
    await seeText(driver(), "not saved yet");
    await chrome.setNetworkConditions({
      offline: false,
      latency: 0,
      download_throughput: -1,
      upload_throughput: -1,
    });
    await totalIsTheCores();
  });

  test("the list of keys opens with ? and closes with Escape", async () => {
    await openDesk("Stairwell strength");
    await press(driver(), "?");
    await seeText(driver(), "undo · redo");
    await accessible(driver());
    await press(driver(), Key.ESCAPE);
    await see(
      driver(),
      "no dialog",
      async () => (await driver().findElements(By.css("[role=dialog]"))).length === 0,
    );
  });
});

describe("a plan that was copied", () => {
  test("shows what was understood while it is typed, takes a nearer move, and becomes a class", {
    timeout: 60_000,
  }, async () => {
    await open(driver(), "/classes");
    await click(driver(), "button", "Paste a plan");
    const field = await driver().findElement(By.css("textarea"));
    await field.sendKeys(
      "Pasted on the pier\n\n3x10 goblet squat @ 12kg\n3x8 DB row each side\n3x12 gobet sqat holt",
    );
    await seeText(driver(), "One-arm row");
    await seeText(driver(), "line 4");
    await accessible(driver());
    await click(driver(), "section button", "Bent-over row");
    await see(driver(), "the row that was chosen", async () =>
      (await field.getAttribute("value"))?.includes("Bent-over row"),
    );
    await click(driver(), "button", "Make it a class");
    await see(
      driver(),
      "the Desk",
      async () => (await driver().findElements(By.css("[data-testid=total]"))).length > 0,
    );
    const doc = await stored();
    expect(doc.title).toBe("Pasted on the pier");
    expect(doc.blocks[0]).toMatchObject({ rounds: 3, loop: "station" });
    expect(doc.blocks[0]?.slots?.slice(0, 2).map(({ move }) => move)).toEqual(["goblet-squat", "bent-row"]);
    await totalIsTheCores();
    // Another one, put in behind the block that is selected; one undo takes it back.
    await press(driver(), "p");
    await (await see(driver(), "the field", () => driver().findElement(By.css("textarea")))).sendKeys(
      "8x 20/10 fast feet\n2 rounds 30/30: squats, plank",
    );
    await seeText(driver(), "Fast feet");
    await click(driver(), "button", "Put it in");
    await see(driver(), "three blocks", async () => (await stored()).blocks.length === 3);
    await totalIsTheCores();
    await click(driver(), "button", "Undo");
    await see(driver(), "one block", async () => (await stored()).blocks.length === 1);
  });
});

describe("files", () => {
  beforeAll(() => useSession(driver(), studio().cookie));

  const choose = async (name: string, text: string) => {
    writeFileSync(`${folder}/${name}`, text);
    await driver().findElement(By.css("input[type=file]")).sendKeys(`${folder}/${name}`);
  };

  test("a broken class file shows every fault by path and stores nothing; mended, it is stored", async () => {
    await openDesk("Gale warning");
    const doc = await stored();
    await open(driver(), "/classes");
    await click(driver(), "button", "Import a file");
    await seeText(driver(), "Nothing is stored before");
    const broken = { ...doc, title: "", blocks: doc.blocks.map((block) => ({ ...block, rest: "soon" })) };
    await choose("broken.json", JSON.stringify(broken));
    await seeText(driver(), "blocks[4].rest");
    await seeText(driver(), "must be a whole number or a span");
    await accessible(driver());
    const store = await named(driver(), "button", "Store it");
    expect(await store.isEnabled()).toBe(false);
    await choose("half.json", "{ not json");
    await seeText(driver(), "must be JSON");
    await choose("mended.json", JSON.stringify({ ...doc, title: "Mended in an editor" }));
    await seeText(driver(), "Mended in an editor");
    await store.click();
    await see(
      driver(),
      "the Desk",
      async () => (await driver().findElements(By.css("[data-testid=total]"))).length > 0,
    );
    expect((await stored()).title).toBe("Mended in an editor");
  });

  test("every demo class's sheet is one printed page, and readable to all", async () => {
    for (const title of ["Gale warning", "Stairwell strength", "Quay intervals"]) {
      await openDesk(title);
      await click(driver(), "header button", "Files");
      await click(driver(), "[role=dialog] a", "The sheet to read here");
      await seeText(driver(), "Kit as set");
      await accessible(driver());
      const chrome = driver() as unknown as {
        sendAndGetDevToolsCommand(name: string, params: object): Promise<{ data: string }>;
      };
      const { data } = await chrome.sendAndGetDevToolsCommand("Page.printToPDF", { preferCSSPageSize: true });
      const pages =
        Buffer.from(data, "base64")
          .toString("latin1")
          .match(/\/Type \/Page\b(?!s)/g) ?? [];
      expect(pages, title).toHaveLength(1);
    }
  });
});

describe("people", () => {
  beforeAll(() => useSession(driver(), studio().cookie));

  test("a home is entered with a few presses and shows in the list", async () => {
    await open(driver(), "/people");
    await seeText(driver(), "Wren Aldous");
    await accessible(driver());
    await click(driver(), "a", "Add a person");
    await seeText(driver(), "What is at home");
    await click(driver(), "button", "Save");
    await seeText(driver(), "A name is missing");
    await (await driver().findElement(By.css("input[name=name]"))).sendKeys("Kestrel Ambrose");
    await click(driver(), "button", "dumbbell");
    await click(driver(), "button", "towel");
    const kg = await named(driver(), "input", "dumbbells: each");
    await kg.sendKeys(Key.chord(Key.CONTROL, "a"), "7.5");
    await accessible(driver());
    await click(driver(), "button", "Save");
    await seeText(driver(), "2 dumbbells 7.5 kg, towel");
  });
});
