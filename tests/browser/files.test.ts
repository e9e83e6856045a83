/** Files of a class made from the Desk, a studio moved to another by a file, and a calendar that says when one can't. */
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By } from "selenium-webdriver";
import { describe, expect, test } from "vitest";
import wavefile from "wavefile";
import { expandedSeconds } from "../../src/core/class/expand";
import { LIBRARY_BOOK } from "../../src/core/moves/library";
import { accessible, named, open, pageText, see, seeText, useSession } from "../shared/app";
import { demoBrowser } from "../shared/demo-browser";
import { newStudio } from "../shared/http";
import { readPdf } from "../shared/pdf";

const { click, downloads, driver, openDesk, stored, studio } = demoBrowser();

/** A file that was handed over, once all of it is there. */
async function taken(ending: string): Promise<Buffer> {
  const found = () => readdirSync(downloads()).find((name) => name.endsWith(ending));
  await see(
    driver(),
    `a file ${ending}`,
    async () =>
      found() !== undefined && !readdirSync(downloads()).some((name) => name.endsWith(".crdownload")),
  );
  return readFileSync(join(downloads(), found() as string));
}
const choose = async (label: string, name: string, content: string | Buffer) => {
  const file = join(tmpdir(), name);
  writeFileSync(file, content);
  await driver()
    .findElement(By.css(`input[type=file][aria-label="${label}"]`))
    .sendKeys(file);
};

describe("files", () => {
  test("of a class are made from its Desk as it stands, one by one, each of its kind", async () => {
    await openDesk("Stairwell strength");
    const doc = await stored();
    await click("header button", "Files");
    await seeText(driver(), "For a recording");
    await accessible(driver());
    await click("[role=dialog] button", "Make: Class sheet");
    const { pages, title } = await readPdf(await taken("-sheet.pdf"));
    expect([pages.length, title]).toEqual([1, doc.title]);
    await click("[role=dialog] button", "Make: Captions");
    expect((await taken("-captions.vtt")).toString()).toMatch(/^WEBVTT/);
    await click("[role=dialog] button", "Make: Its sounds");
    const track = new wavefile.WaveFile(new Uint8Array(await taken("-track.wav")));
    const { length } = track.getSamples(false, Int16Array as never) as unknown as Int16Array;
    expect(length).toBe((expandedSeconds(doc, LIBRARY_BOOK, "plan") + 1) * 16_000);
    await seeText(driver(), "-track.wav is made.");
    await accessible(driver());
  });
});

describe("a studio", () => {
  test("moves into another by one file: what comes is shown first, and again there is nothing to take", async () => {
    await open(driver(), "/settings");
    await accessible(driver());
    await click("main a", "Take everything out");
    const archive = await taken(".brontle.zip");
    const other = await newStudio("New house");
    await useSession(driver(), other.cookie);
    await open(driver(), "/settings");
    await click("main button", "Take an archive in");
    await choose("Archive", "none.brontle.zip", "no archive");
    await seeText(driver(), "that is no archive of Brontle");
    await accessible(driver());
    expect(await (await named(driver(), "[role=dialog] button", "Take it in")).isEnabled()).toBe(false);
    await choose("Archive", "house.brontle.zip", archive);
    await seeText(driver(), "people and their homes");
    await accessible(driver());
    await click("[role=dialog] button", "Take it in");
    await seeText(driver(), "It is taken in.");
    await open(driver(), "/classes");
    await seeText(driver(), "Gale warning");
    await open(driver(), "/settings");
    await click("main button", "Take an archive in");
    await choose("Archive", "house.brontle.zip", archive);
    await seeText(driver(), "All of it is here already.");
    await useSession(driver(), studio().cookie);
  });
});

describe("when one can't teach", () => {
  test("is read from a calendar of one's own, and said where a class would meet it", async () => {
    const tomorrow = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10).replaceAll("-", "");
    const calendar = [
      "BEGIN:VCALENDAR",
      "VERSION:2.0",
      "X-WR-CALNAME:Harbour office",
      "BEGIN:VEVENT",
      "UID:a",
      `DTSTART;VALUE=DATE:${tomorrow}`,
      "SUMMARY:Nobody's business",
      "END:VEVENT",
      "BEGIN:VEVENT",
      "UID:b",
      "END:VEVENT",
      "END:VCALENDAR",
      "",
    ].join("\r\n");
    await open(driver(), "/settings");
    await click("main button", "Take a calendar in");
    await choose("Calendar file", "none.ics", "no calendar");
    await seeText(driver(), "That is no calendar file");
    await choose("Calendar file", "office.ics", calendar);
    await seeText(driver(), "One time in the year ahead.");
    await seeText(driver(), "line 9");
    expect(await pageText(driver())).not.toContain("Nobody's business");
    await accessible(driver());
    await click("[role=dialog] button", "Keep these times");
    await seeText(driver(), "Harbour office");
    await seeText(driver(), "one time ahead");
    await open(driver(), "/sessions");
    await click("main button", "Plan a session");
    await seeText(driver(), "You are busy then");
    await accessible(driver());
    await open(driver(), "/settings");
    await click("main button", "Remove Harbour office");
    await see(driver(), "it gone", async () => !(await pageText(driver())).includes("one time ahead"));
  });
});
