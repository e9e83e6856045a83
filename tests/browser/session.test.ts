/** The daily round, as the instructor and one participant go through it: plan, ask, prepare, teach, write up. */

import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { linkInMail } from "../../ops/mail";
import {
  accessible,
  click,
  type DemoStudio,
  demoStudio,
  named,
  open,
  pageText,
  press,
  read,
  see,
  seeText,
  useSession,
} from "../shared/app";
import { type Browser, openBrowser, setSize } from "../shared/browser";
import { ADDRESS, ask, MAIL } from "../shared/http";
import { phaseOf } from "../shared/live";

let teacher: Browser;
let phone: Browser;
let studio: DemoStudio;
let session = "";
let path = "";
const asker = () => ({ cookie: studio.cookie, origin: ADDRESS });

beforeAll(async () => {
  studio = await demoStudio();
  teacher = await openBrowser();
  phone = await openBrowser(390, 844);
  await setSize(phone.driver, 390, 844);
  await useSession(teacher.driver, studio.cookie);
});
afterAll(async () => {
  await teacher?.close();
  await phone?.close();
});

const tick = async (browser: Browser, words: string) => {
  const label = await see(browser.driver, words, async () => {
    for (const element of await browser.driver.findElements(By.css("label")))
      if ((await element.getText()).trim() === words && (await element.isDisplayed())) return element;
    return null;
  });
  await label.click();
};
const fold = async (title: string) => click(phone.driver, "summary", title);
const sessionPage = () => open(teacher.driver, `/sessions/${session}`);

describe("a session", () => {
  test("is planned with the people who are asked, and invitations go into the simulated outbox", async () => {
    await open(teacher.driver, "/sessions");
    await seeText(teacher.driver, "Nothing is planned yet.");
    await accessible(teacher.driver);
    await click(teacher.driver, "button", "Plan a session");
    await click(teacher.driver, "button", "Nobody yet");
    for (const name of ["Gil Sorrento-Bay", "Petra Voss-Hale", "Bo Lindqvarn"]) await tick(teacher, name);
    await seeText(teacher.driver, "Asked: 3 of 24");
    await accessible(teacher.driver);
    await click(teacher.driver, "button", "Plan it");
    await seeText(teacher.driver, "3 asked, 3 not written to yet");
    session = (await teacher.driver.getCurrentUrl()).split("/sessions/")[1] ?? "";
    await accessible(teacher.driver);
    await click(teacher.driver, "button", "Write to everybody");
    await see(
      teacher.driver,
      "that all were written to",
      async () => !(await pageText(teacher.driver)).includes("not written to"),
    );
    await open(teacher.driver, "/outbox");
    await seeText(teacher.driver, "Outbox simulated");
    await seeText(teacher.driver, "Bo Lindqvarn, no address yet");
    await accessible(teacher.driver);
    const file = await (await named(teacher.driver, "a", "Mail file for Gil Sorrento-Bay")).getAttribute(
      "href",
    );
    const mail = await ask(asker(), "GET", new URL(file ?? "").pathname);
    expect(mail.headers.get("content-type")).toBe("message/rfc822");
    path = /\/p\/[A-Za-z0-9_-]{43}/.exec(mail.text.replaceAll("=\r\n", ""))?.[0] ?? "";
    expect(path).not.toBe("");
  });

  test("asks a participant about readiness, what is new today and where they are, and shows what to have ready", async () => {
    await open(phone.driver, path);
    await seeText(phone.driver, "your time");
    await seeText(phone.driver, "Have ready, in this order");
    await seeText(phone.driver, "First: a few questions");
    await accessible(phone.driver);
    const calendar = await (await named(phone.driver, "a", "Into your calendar")).getAttribute("href");
    expect((await fetch(calendar ?? "")).headers.get("content-type")).toContain("text/calendar");
    await tick(phone, "Harder than that");
    await tick(phone, "Less than that, or not at all");
    await seeText(phone.driver, "Begin lighter than you mean to");
    await tick(phone, "Fainting or dizzy spells");
    await seeText(phone.driver, "Speak to a doctor or a qualified professional before you join.");
    await tick(phone, "A sore joint or a sore back");
    await seeText(phone.driver, "Choose the limits that apply");
    await tick(phone, "nothing overhead");
    await tick(phone, "I am under 18");
    await phone.driver.findElement(By.css("label input[minlength='2']")).sendKeys("Runa Hollis");
    await tick(phone, "They are with me now, have read this and agree that I take part");
    await accessible(phone.driver);
    await (await phone.driver.findElement(By.css("input[type=password]"))).sendKeys("storm-4");
    await click(phone.driver, "button", "Keep my answers");
    await seeText(phone.driver, "Your health answers");
    await seeText(phone.driver, "Speak to a doctor");
    await click(phone.driver, "button", "I am ill");
    await seeText(phone.driver, "Not today, please: rest");
    await click(phone.driver, "button", "Something is");
    await click(phone.driver, "button", "easier");
    await accessible(phone.driver);
    await click(phone.driver, "button", "Keep it for this class");
    await seeText(phone.driver, "Kept for this class.");
    await fold("If you train alone");
    const boxes = await phone.driver.findElements(By.css("details[open] input[autocomplete=off]"));
    await boxes[0]?.sendKeys("Lamp house, second door");
    await boxes[1]?.sendKeys("Brother, 555 0177");
    await accessible(phone.driver);
    await click(phone.driver, "button", "Leave it");
    await seeText(phone.driver, "Left with your instructor for this class.");
    // The instructor sees limits and that it was answered, and none of the answers.
    await sessionPage();
    await seeText(teacher.driver, "easier");
    const source = await teacher.driver.getPageSource();
    for (const word of ["dizzy", "sore joint", "asks a professional first", "Lamp house", "Runa"])
      expect(source).not.toContain(word);
    await seeText(teacher.driver, "under 18");
  });

  test("is opened, taught, and tells the instructor where somebody is who hurts", async () => {
    await sessionPage();
    await click(teacher.driver, "button", "Open the room");
    await seeText(phone.driver, "The room is open.");
    await click(teacher.driver, "a", "Teach");
    await phaseOf(teacher, "ready");
    await seeText(teacher.driver, "1 here, 2 not yet");
    await press(teacher.driver, " ");
    await phaseOf(phone, "running", 20_000);
    await click(phone.driver, "button", "Hurts");
    await seeText(teacher.driver, "Gil Sorrento-Bay hurts.");
    await press(teacher.driver, "c");
    await seeText(teacher.driver, "At: Lamp house, second door. Call: Brother, 555 0177");
    await press(teacher.driver, "h");
    await press(teacher.driver, "n");
    await seeText(teacher.driver, "A note for the log");
    await press(teacher.driver, ..."Gil sat this one out", "\uE007");
    // Another move for everybody keeps the time of the slot.
    await press(teacher.driver, "w");
    await seeText(teacher.driver, "Instead of");
    await accessible(teacher.driver);
    const way = await see(teacher.driver, "a way", () =>
      teacher.driver.findElement(By.css("[role=dialog] li button")),
    );
    const instead = (await way.getText()).replace(/ (yours|easier|harder|swap), \d+ can$/, "");
    await way.click();
    await see(teacher.driver, "the other move", async () =>
      ((await read(teacher.driver, "[data-testid=headline]", "text")) ?? "").includes(instead),
    );
    // On the phone: heard late, and in step again.
    await click(phone.driver, "button", "I hear her late");
    await seeText(phone.driver, "Tap when you hear a piece begin");
    await press(teacher.driver, "\uE014");
    await press(teacher.driver, "\uE014");
    await press(teacher.driver, "e");
    await click(teacher.driver, "button", "End it");
    await phaseOf(teacher, "ended");
    await accessible(teacher.driver);
    const left = await ask(asker(), "GET", `/api/sessions/${session}/whereabouts?person=gil`);
    expect(left.status).toBe(409);
  });

  test("is written up by the participant in a minute, and corrected with what was before kept", async () => {
    await phaseOf(phone, "after", 20_000);
    await seeText(phone.driver, "How hard was the whole class?");
    await click(phone.driver, "button", "6: hard");
    await accessible(phone.driver);
    await click(phone.driver, "button", "Keep it");
    await seeText(phone.driver, "Kept. Thank you.");
    await sessionPage();
    await seeText(teacher.driver, "reported pain");
    await seeText(teacher.driver, "Gil sat this one out");
    await accessible(teacher.driver);
    const effort = await named(teacher.driver, "select", "Effort of Gil Sorrento-Bay");
    await effort.findElement(By.css("option[value='7']")).click();
    await seeText(teacher.driver, "was 6 (themselves");
    await click(teacher.driver, "button", "Details: what Gil Sorrento-Bay did");
    await seeText(teacher.driver, "No set ran long enough to count.");
    await accessible(teacher.driver);
    const csv = (await ask(asker(), "GET", `/api/sessions/${session}/log?form=csv`)).text;
    expect(csv).toContain("Gil Sorrento-Bay,yes");
    await click(teacher.driver, "a", "People");
    await click(teacher.driver, "a", "Gil Sorrento-Bay");
    await seeText(teacher.driver, "effort 7, very hard");
    await accessible(teacher.driver);
    // Reloading the phone's page still has what was said, and so has the address of that class alone.
    await open(phone.driver, path);
    await seeText(phone.driver, "Kept. You can still change it.");
    await open(phone.driver, `${path}?session=${session}`);
    await seeText(phone.driver, "Your page as it is now");
    await seeText(phone.driver, "Kept. You can still change it.");
    await accessible(phone.driver);
  });

  test("can be moved and cancelled while it is ahead", async () => {
    const classId = /\/classes\/([0-9a-f-]{36})/.exec((await ask(asker(), "GET", "/classes")).text)?.[1];
    const body = { classId, startsAt: "2027-03-01T19:00:00Z", timeZone: "Europe/Lisbon", people: null };
    const past = await ask(asker(), "POST", "/api/sessions", { ...body, startsAt: "2026-01-01T19:00:00Z" });
    expect(past.status).toBe(400);
    expect(past.text).toContain("long passed");
    const id = (await ask(asker(), "POST", "/api/sessions", body)).json.id;
    await open(teacher.driver, `/sessions/${id}`);
    await click(teacher.driver, "button", "Move");
    await seeText(teacher.driver, "Time zone");
    await accessible(teacher.driver);
    await teacher.driver.executeScript(
      "const i=document.querySelector('[role=dialog] input[type=time]');const set=Object.getOwnPropertyDescriptor(HTMLInputElement.prototype,'value').set;set.call(i,'20:30');i.dispatchEvent(new Event('input',{bubbles:true}))",
    );
    await click(teacher.driver, "button", "Move it");
    await seeText(teacher.driver, "Monday 1 March at 20:30, Lisbon");
    await click(teacher.driver, "button", "Cancel it");
    await accessible(teacher.driver);
    await click(teacher.driver, "button", "Cancel the session");
    await seeText(teacher.driver, "Write to all that it is cancelled");
    await accessible(teacher.driver);
  });
});

describe("the settings", () => {
  test("hold for the studio, and some for this device alone", async () => {
    await open(teacher.driver, "/settings");
    await accessible(teacher.driver);
    await tick(teacher, "More contrast");
    await see(
      teacher.driver,
      "more contrast",
      async () => (await read(teacher.driver, "html", "data-contrast")) === "high",
    );
    await accessible(teacher.driver);
    await tick(teacher, "More contrast");
    const zone = await teacher.driver.findElement(By.css("select"));
    await zone.findElement(By.xpath("./option[.='Europe/Lisbon']")).click();
    await click(teacher.driver, "button", "Save");
    await seeText(teacher.driver, "The settings are saved.");
    await open(teacher.driver, "/sessions");
    await click(teacher.driver, "button", "Plan a session");
    await seeText(teacher.driver, "Time zone");
    expect(await teacher.driver.findElement(By.css("[role=dialog]")).getText()).toContain("Europe/Lisbon");
  });

  test("let a second instructor in by a link, who then sees the studio's classes", async () => {
    await open(teacher.driver, "/settings");
    await click(teacher.driver, "button", "Ask a coach");
    const link = await see(teacher.driver, "the link", () =>
      teacher.driver.findElement(By.css("[data-testid=member-link]")).getText(),
    );
    const other = await openBrowser();
    try {
      await other.driver.get(link);
      await seeText(other.driver, "asks you to teach with them");
      await accessible(other.driver);
      await click(other.driver, "button", "New here: make a studio");
      const email = `${crypto.randomUUID()}@studio.example`;
      const type = async (name: string, value: string) =>
        (await see(other.driver, name, () => other.driver.findElement(By.name(name)))).sendKeys(value);
      const fields: readonly [string, string][] = [
        ["name", "Second coach"],
        ["email", email],
        ["password", "a-long-enough-password"],
      ];
      for (const [name, value] of fields) await type(name, value);
      await click(other.driver, "button", "Make the studio");
      await seeText(other.driver, "A message is on its way");
      // The link in it leads back to the studio that asked.
      await other.driver.get(await linkInMail(MAIL, email, "Your address"));
      await type("email", email);
      await type("password", "a-long-enough-password");
      await click(other.driver, "button", "Sign in");
      await click(other.driver, "button", "Teach in Harbour Steps");
      await seeText(other.driver, "Gale warning: legs and pull");
      await open(other.driver, "/settings");
      await seeText(other.driver, "Only the owner changes these.");
      await accessible(other.driver);
    } finally {
      await other.close();
    }
  });
});
