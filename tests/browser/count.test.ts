/** Reps that are counted: seen on Teach and a phone, heard at their time, begun anew, and answered after the first set. */
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import { accessible, click, named, open, press, read, see, seeText, useSession } from "../shared/app";
import { type Browser, openBrowser, setSize } from "../shared/browser";
import { ADDRESS, type Asker, ask, newStudio } from "../shared/http";
import { eventsOf, partPath, phaseOf } from "../shared/live";

let teacher: Browser;
let phone: Browser;
let asker: Asker;
let session = "";

const kit = Array.from({ length: 20 }, (_, i) => ({ id: `k${i}`, type: "dumbbell", count: 2, kg: i + 3 }));
const doc = {
  ...newClass("Counted", "strength"),
  blocks: [
    {
      id: "b",
      title: "Presses",
      rounds: 3,
      longRest: 60,
      slots: [
        {
          id: "s",
          move: "floor-press",
          dose: { reps: 8, tempo: "2-0-1-0" },
          load: [{ rir: 3 }, { rir: 2 }, { rir: 1 }],
        },
      ],
    },
  ],
};

/** Records what the page hands to the audio clock: tones, and words of the recording. */
const RECORD_SOUNDS = `
  window.sounds = [];
  const note = (node, when, what) =>
    window.sounds.push({ what, atMs: performance.timeOrigin + performance.now() + (when - node.context.currentTime) * 1000 });
  const tone = OscillatorNode.prototype.start;
  OscillatorNode.prototype.start = function (when) { note(this, when, this.frequency.value); return tone.call(this, when); };
  const word = AudioBufferSourceNode.prototype.start;
  AudioBufferSourceNode.prototype.start = function (when, from, lasts) { note(this, when, "word"); return word.call(this, when, from, lasts); };`;

beforeAll(async () => {
  const studio = await newStudio("Counts");
  asker = studio;
  await ask(asker, "POST", "/api/people/import", {
    roster: { format: "brontle.roster", version: 1, people: [{ id: "jory", name: "Jory Tannock", kit }] },
  });
  teacher = await openBrowser();
  const chrome = teacher.driver as unknown as {
    sendDevToolsCommand(name: string, params: object): Promise<void>;
  };
  await chrome.sendDevToolsCommand("Page.addScriptToEvaluateOnNewDocument", { source: RECORD_SOUNDS });
  await useSession(teacher.driver, studio.cookie);
  const classId = String((await ask(asker, "POST", "/api/classes", { doc })).json.id);
  session = String((await ask(asker, "POST", "/api/sessions/now", { classId })).json.id);
  phone = await openBrowser(390, 844);
  await setSize(phone.driver, 390, 844);
  await open(teacher.driver, `/teach/${session}`);
  await open(phone.driver, await partPath(studio.cookie, session, "Jory Tannock"));
  await seeText(teacher.driver, "1 here");
});
afterAll(async () => {
  for (const browser of [teacher, phone]) await browser?.close();
});

const countOn = async (browser: Browser) => {
  const text = await read(browser.driver, "[data-count]", "data-count");
  return text === null ? null : Number(text);
};
const sounds = () =>
  teacher.driver.executeScript<{ what: number | "word"; atMs: number }[]>("return window.sounds");

describe("reps", () => {
  test("are counted on Teach and on the phone, by number, phase and line, and ticked at their time", async () => {
    await press(teacher.driver, " ");
    await phaseOf(teacher, "running", 15_000);
    await phaseOf(phone, "running", 15_000);
    await see(teacher.driver, "the third rep", async () => ((await countOn(teacher)) ?? 0) >= 3);
    await see(phone.driver, "the same rep", async () => (await countOn(teacher)) === (await countOn(phone)));
    expect(await read(teacher.driver, "[role=timer]", "text")).toMatch(/of 8\n(lower|lift|half way)/);
    expect(await read(phone.driver, "[role=timer]", "text")).toMatch(/(lower|lift|half way)\n\d\nof 8/);
    await accessible(teacher.driver);
    await accessible(phone.driver);
    // A number is a tone of its own every three seconds, on the lift; its phases are softer ones.
    const heard = (await sounds()).filter(({ what }) => what === 300).map(({ atMs }) => atMs);
    expect(heard.length).toBeGreaterThanOrEqual(2);
    for (const at of heard) {
      const off = (at - (heard[0] as number)) % 3000;
      expect(Math.min(Math.abs(off), 3000 - Math.abs(off))).toBeLessThan(150);
    }
    expect((await sounds()).some(({ what }) => what === 200)).toBe(true);
  });

  test("are counted anew from where the instructor says so, on every screen; and spoken where that is wanted", async () => {
    await press(teacher.driver, "t");
    await see(teacher.driver, "one again", async () => (await countOn(teacher)) === 1);
    await see(phone.driver, "one again on the phone", async () => (await countOn(phone)) === 1);
    const before = (await sounds()).length;
    await press(teacher.driver, "v");
    await seeText(teacher.driver, "Voice");
    await see(
      teacher.driver,
      "a word handed to the audio clock",
      async () => (await sounds()).slice(before).some(({ what }) => what === "word"),
      12_000,
    );
    await press(teacher.driver, "v");
    await seeText(teacher.driver, "No count");
    expect((await eventsOf(asker.cookie, session)).map(({ kind }) => kind)).toContain("count");
  });

  test("begin at one's own press on a phone, which changes nobody else's count", async () => {
    const counted = await countOn(teacher);
    await click(phone.driver, "button", "Count from here");
    await see(phone.driver, "one's own count", async () => (await countOn(phone)) === 1);
    expect(await countOn(teacher)).toBeGreaterThanOrEqual(counted ?? 0);
  });
});

describe("after the first set", () => {
  test("one tap says how many more there were; the next set follows, and Teach says for how many", async () => {
    await press(teacher.driver, "\uE014");
    await seeText(phone.driver, "How many more could you have done?");
    await accessible(phone.driver);
    const before = await read(phone.driver, "main", "text");
    await click(phone.driver, "button", "4 or more");
    await seeText(phone.driver, "Next set heavier");
    expect(await read(phone.driver, "main", "text")).not.toContain("How many more");
    const kg = (text: string | null) => Number(/dumbbells (\d+) kg/.exec(text ?? "")?.[1]);
    await see(
      phone.driver,
      "its weight",
      async () => kg(await read(phone.driver, "main", "text")) > kg(before),
    );
    await see(teacher.driver, "for how many it changed", async () =>
      (await read(teacher.driver, "[data-testid=next-sets]", "text"))?.includes("heavier for 1"),
    );
    // What the class itself changes is said too: one rep less in reserve.
    await seeText(teacher.driver, "Heavier: 2 in reserve.");
    await accessible(teacher.driver);
  });
});

describe("who leads", () => {
  test("is seen by the other instructor, whose screen is silent until the lead is taken with one press", async () => {
    const muted = async () => (await read(teacher.driver, "main", "text"))?.includes("Sound off");
    expect(await muted()).toBe(false);
    await ask(asker, "POST", `/api/sessions/${session}/events`, {
      id: crypto.randomUUID(),
      kind: "lead",
      payload: { name: "Runa Skerry" },
      seen: 1_000_000,
    });
    await see(teacher.driver, "who leads", async () =>
      (await read(teacher.driver, "[data-testid=leader]", "text"))?.includes("Runa Skerry leads"),
    );
    await see(teacher.driver, "no sound here", muted);
    await accessible(teacher.driver);
    await press(teacher.driver, "l");
    await see(teacher.driver, "the lead", async () => (await muted()) === false);
    expect(await read(teacher.driver, "[data-testid=leader]", "text")).toBeNull();
    expect(await read(phone.driver, "main", "text")).not.toContain("Runa");
  });
});

describe("the remote", () => {
  test("goes back, says who is here and takes a note, in the hand", async () => {
    const tab = await teacher.driver.getWindowHandle();
    await teacher.driver.switchTo().newWindow("tab");
    await setSize(teacher.driver, 390, 844);
    await open(teacher.driver, `/remote/${session}`);
    await click(teacher.driver, "button", "People");
    await seeText(teacher.driver, "Jory Tannock");
    await accessible(teacher.driver);
    await press(teacher.driver, "\uE00C");
    await click(teacher.driver, "button", "Note");
    await (await named(teacher.driver, "input", "Note")).sendKeys("Elbows out", "\uE007");
    await click(teacher.driver, "button", "Back");
    await see(teacher.driver, "both stored", async () => {
      const kinds = (await eventsOf(asker.cookie, session)).map(({ kind }) => kind);
      return kinds.includes("note") && kinds.includes("back");
    });
    await accessible(teacher.driver);
    await teacher.driver.close();
    await teacher.driver.switchTo().window(tab);
  });
});

describe("an end", () => {
  test("that was pressed by mistake is taken back: everybody stands where they were", async () => {
    await press(teacher.driver, "e");
    await click(teacher.driver, "button", "End it");
    await phaseOf(teacher, "ended");
    await accessible(teacher.driver);
    await click(teacher.driver, "button", "Not over");
    await phaseOf(teacher, "paused");
    await phaseOf(phone, "paused", 15_000);
    await press(teacher.driver, " ");
    await phaseOf(phone, "running", 15_000);
    // Phones that had gone over to what was done come in again.
    const kinds = (await eventsOf(asker.cookie, session)).map(({ kind }) => kind);
    expect(kinds.filter((kind) => ["end", "go-on", "resume"].includes(kind))).toEqual([
      "end",
      "go-on",
      "resume",
    ]);
  });
});

test("the link of the call stands in the session and on everybody’s page; afterwards a letter is proposed", async () => {
  const planned = String(
    (
      await ask(asker, "POST", "/api/sessions", {
        classId: String((await ask(asker, "POST", "/api/classes", { doc })).json.id),
        startsAt: new Date(Date.now() + 86_400_000).toISOString(),
        timeZone: "Atlantic/Reykjavik",
        people: null,
      })
    ).json.id,
  );
  await open(teacher.driver, `/sessions/${planned}`);
  const field = await named(teacher.driver, "label", "Link of the call");
  const input = await field.findElement({ css: "input" });
  await input.sendKeys("javascript:alert(1)", "\uE007");
  await seeText(teacher.driver, "That is no address of a call");
  await accessible(teacher.driver);
  await input.clear();
  await input.sendKeys("call.osmay.example/harbour", "\uE007");
  await seeText(teacher.driver, "it stands on everybody’s page");
  await ask(asker, "POST", `/api/sessions/${session}/events`, {
    id: crypto.randomUUID(),
    kind: "end",
    payload: {},
    seen: 1_000_000,
  });
  await open(teacher.driver, `/sessions/${session}`);
  await click(teacher.driver, "button", "Write to those who were there");
  const letter = await named(teacher.driver, "textarea", "The letter");
  expect(await letter.getAttribute("value")).toContain("Presses: ");
  await accessible(teacher.driver);
  await letter.sendKeys(" Until Thursday.");
  await click(teacher.driver, "button", "Put it into the outbox");
  await seeText(teacher.driver, "1 in the outbox.");
  const link = await ask(asker, "POST", `/api/sessions/${planned}/link`, {
    person: /\/people\/([0-9a-f-]{36})/.exec((await ask(asker, "GET", "/people")).text)?.[1],
  });
  const path = String(link.json.address).replace(ADDRESS, "");
  await open(phone.driver, `${path}?session=${planned}`);
  const join = await named(phone.driver, "a", "Join the call");
  expect(await join.getAttribute("href")).toBe("https://call.osmay.example/harbour");
  await accessible(phone.driver);
});
