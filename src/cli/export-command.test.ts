import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import ICAL from "ical.js";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import wavefile from "wavefile";
import { readPdf } from "../../tests/shared/pdf";
import { FORMAT_NAMES, factsOfFormat, fileName } from "../files/formats";
import { exportCommand } from "./export-command";

const CLASS = "examples/classes/2-circuit.json";
const PEOPLE = ["--roster", "examples/people.json"];
let folder = "";

beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), "brontle-export-"));
});
afterAll(() => rmSync(folder, { recursive: true }));

async function run(...args: string[]) {
  const out: string[] = [];
  const err: string[] = [];
  const piece = (text: string) => out.push(text);
  const doors = { out: piece, piece, err: (line: string) => err.push(line), today: "2026-11-27" };
  return { code: await exportCommand(args, doors), out, err };
}
const to = (name: string) => join(folder, name);
const made = async (format: string, ...more: string[]) => {
  const file = to(format);
  const { code, out, err } = await run(CLASS, "--as", format, "--out", file, ...PEOPLE, ...more);
  expect([code, out]).toEqual([0, [file]]);
  return { bytes: readFileSync(file), err };
};

describe("brontle export", () => {
  test("makes every format there is, each of its kind", async () => {
    const when = ["--at", "2026-12-01T19:00", "--zone", "Atlantic/Reykjavik", "--studio", "Harbour Steps"];
    const BEGINS: Readonly<Record<string, string>> = {
      pdf: "%PDF-",
      png: "\u0089PNG",
      svg: "<svg",
      vtt: "WEBVTT",
      wav: "RIFF",
      ics: "BEGIN:VCALENDAR",
      json: "{",
    };
    for (const format of FORMAT_NAMES) {
      const { bytes } = await made(format, ...when);
      const begins = BEGINS[factsOfFormat(format).ending];
      expect(bytes.length, format).toBeGreaterThan(50);
      if (begins)
        expect(
          bytes
            .subarray(0, 20)
            .toString("latin1")
            .replace(/^<\?xml[^>]*>\s*/, ""),
        ).toContain(begins);
    }
    const event = new ICAL.Event(
      new ICAL.Component(ICAL.parse(readFileSync(to("calendar"), "utf8"))).getFirstSubcomponent(
        "vevent",
      ) as never,
    );
    expect(event.startDate.toJSDate().toISOString()).toBe("2026-12-01T19:00:00.000Z");
    const schema = (file: string) => JSON.parse(readFileSync(file, "utf8"));
    expect(schema(to("schema"))).toEqual(schema("public/schema/class-1.json"));
    expect(JSON.parse(readFileSync(to("class"), "utf8"))).toEqual(JSON.parse(readFileSync(CLASS, "utf8")));
  });

  test("writes the track piece by piece, as long as the class, and says how far it is", async () => {
    const { bytes, err } = await made("track", "--voice", "ticked");
    expect(err).toEqual(Array.from({ length: 10 }, (_, i) => `${(i + 1) * 10} %`));
    const wav = new wavefile.WaveFile(new Uint8Array(bytes));
    const { length } = wav.getSamples(false, Int16Array as never) as unknown as Int16Array;
    expect(length / 16_000).toBe(24 * 60 + 5 + 1);
  });

  test("goes by its options", async () => {
    const letter = await readPdf((await made("sheet", "--paper", "letter")).bytes);
    expect(letter.pages[0]?.width).toBe(612);
    const begins = async (...more: string[]) =>
      /\d\d:\d\d:\d\d/.exec((await made("captions", ...more)).bytes.toString())?.[0];
    expect([await begins(), await begins("--offset", "3600")]).toEqual(["00:00:02", "01:00:02"]);
    const [two, ten] = [await made("drawing", "--minutes", "2"), await made("drawing", "--minutes", "10")];
    expect(two.bytes.length).toBeGreaterThan(ten.bytes.length);
    expect((await made("drawing", "--ink", "grey")).bytes.toString()).not.toContain("#17544e");
  });

  test("says its moves in each language, and the plan in the one it is read in", async () => {
    const SQUAT = { en: "squat", es: "sentadilla", de: "kniebeuge", fr: "squat", pt: "agachamento" };
    const PLANK = { en: "plank", es: "plancha", de: "unterarmstütz", fr: "planche", pt: "prancha" };
    for (const [language, squat] of Object.entries(SQUAT)) {
      const text = async (format: string) =>
        (await made(format, "--language", language)).bytes.toString().toLowerCase();
      const paper = async (format: string) =>
        (await readPdf((await made(format, "--language", language)).bytes)).pages
          .map((page) => page.text)
          .join(" ")
          .toLowerCase();
      const plank = PLANK[language as keyof typeof PLANK];
      const drawn = await text("drawing");
      for (const said of [await text("markdown"), await text("timeline"), await paper("sheet"), drawn]) {
        expect(said, language).toContain(squat);
        expect(said, language).toContain(plank);
      }
      expect(await text("captions"), language).toContain(squat);
      expect(await paper("people"), language).toContain(squat);
      expect(await paper("cards"), language).toContain(squat);
      expect(await text("plan")).toContain("squat");
    }
  });

  test("is called by the class's title where nothing else is said, in the folder one is in", async () => {
    const before = process.cwd();
    const file = join(before, CLASS);
    process.chdir(folder);
    try {
      const { out } = await run(file, "--as", "plan");
      expect(out).toEqual([join(process.cwd(), "circuit-on-the-quay.txt")]);
      expect(existsSync(out[0] ?? "")).toBe(true);
    } finally {
      process.chdir(before);
    }
    for (const format of FORMAT_NAMES)
      expect(fileName("../../etc/Größe & Söhne\u0000.exe", format)).toMatch(/^[a-z0-9.-]+$/);
  });

  test("says what is wrong, and writes nothing", async () => {
    const before = readdirSync(folder).length;
    const refused = async (sentence: RegExp, ...args: string[]) => {
      const { code, out, err } = await run(...args, "--out", to("never"));
      expect([code, out]).toEqual([1, []]);
      expect(err.join("\n")).toMatch(sentence);
      expect(existsSync(to("never"))).toBe(false);
    };
    await refused(/say what to make with --as/, CLASS);
    await refused(/doesn't know the format tape/, CLASS, "--as", "tape");
    await refused(/people needs people/, CLASS, "--as", "people");
    await refused(/calendar needs a date/, CLASS, "--as", "calendar");
    await refused(/--at wants a day/, CLASS, "--as", "calendar", "--at", "2026-02-30T19:00");
    await refused(
      /--at wants a day/,
      CLASS,
      "--as",
      "calendar",
      "--at",
      "2026-02-20T19:00",
      "--zone",
      "Osmay",
    );
    await refused(/--paper wants one of A4, Letter/, CLASS, "--as", "sheet", "--paper", "A3");
    await refused(/--speed wants a number from 0.5 to 6/, CLASS, "--as", "captions", "--speed", "fast");
    await refused(/--offset wants a number/, CLASS, "--as", "captions", "--offset", "-1");
    await refused(/--minutes wants one of 2, 5, 10/, CLASS, "--as", "picture", "--minutes", "3");
    await refused(/--on wants a day/, CLASS, "--as", "sheet", "--on", "tomorrow");
    await refused(/can't be read/, "nowhere.json", "--as", "sheet");
    writeFileSync(to("bad.json"), "{");
    await refused(/JSON/, to("bad.json"), "--as", "sheet");
    const { code, err } = await run(CLASS, "--as", "plan", "--out", "/nowhere/at/all.txt");
    expect([code, err.join()]).toEqual([1, expect.stringMatching(/can't be written \(ENOENT\)/)]);
    expect(readdirSync(folder)).toHaveLength(before + 1);
  });
});
