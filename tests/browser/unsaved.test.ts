/** Saving that can't go on: what the Desk says, that nothing is lost, and how it goes on. */
import { Key } from "selenium-webdriver";
import { expect, test } from "vitest";
import type { ClassDoc } from "../../src/core/class/document";
import { accessible, click, named, open, pageText, press, see, seeText, useSession } from "../shared/app";
import { demoBrowser } from "../shared/demo-browser";
import { ask } from "../shared/http";

const { asker, driver, studio } = demoBrowser({ signedIn: false });

/** Opens a class of the demo at the Desk and gives its id. */
const desk = async (title: string): Promise<string> => {
  await useSession(driver(), studio().cookie);
  await open(driver(), "/classes");
  await click(driver(), "a", title);
  await seeText(driver(), "saved");
  return (await driver().getCurrentUrl()).split("/classes/")[1] ?? "";
};

const retitled = async (text: string) => {
  const field = await named(driver(), "input", "Title of the class");
  await field.sendKeys(Key.END, text);
};
const stored = async (id: string) =>
  JSON.parse((await ask(asker(), "GET", `/api/classes/${id}/file`)).text) as ClassDoc;
const storedTitle = (id: string, end: string) =>
  see(
    driver(),
    `a stored title that ends in ${end}`,
    async () => (await stored(id)).title.endsWith(end),
    20_000,
  );

test("a sign-in that has run out says so, and what was changed is saved after signing in", async () => {
  const id = await desk("Stairwell strength");
  await driver().manage().deleteAllCookies();
  await retitled(" by night");
  await seeText(driver(), "Your sign-in has run out");
  await seeText(driver(), "not saved yet");
  await accessible(driver());
  await retitled(" still");
  await click(driver(), "a", "Sign in");
  const email = await named(driver(), "input[type=email]", "");
  await email.clear();
  await email.sendKeys(studio().email);
  const password = await named(driver(), "input[type=password]", "");
  await password.clear();
  await password.sendKeys(studio().password, Key.ENTER);
  await see(driver(), "the class again", async () =>
    (await driver().getCurrentUrl()).endsWith(`/classes/${id}`),
  );
  await storedTitle(id, " by night still");
  await seeText(driver(), "saved");
});

test("signed in again in another tab, the first one goes on by itself", async () => {
  const id = await desk("Quay intervals");
  const cookies = await driver().manage().getCookies();
  await driver().manage().deleteAllCookies();
  await retitled(" late");
  await seeText(driver(), "Your sign-in has run out");
  for (const { name, value } of cookies) await driver().manage().addCookie({ name, value, path: "/" });
  await driver().executeScript("window.dispatchEvent(new Event('focus'))");
  await storedTitle(id, " late");
});

test("a class that is gone stops the saving: it says why, tries when asked, and gives a copy", async () => {
  const id = await desk("Gale warning");
  await ask(asker(), "DELETE", `/api/classes/${id}`, {});
  await retitled(" lost");
  await seeText(driver(), "There is no such class here.");
  await seeText(driver(), "Your changes are kept in this browser");
  await accessible(driver());
  const sent = () =>
    driver().executeScript(
      "return performance.getEntriesByType('resource').filter((e) => e.name.endsWith('/edits')).length",
    );
  const before = await sent();
  const href = await (await named(driver(), "a", "Keep a copy")).getAttribute("href");
  const copy = JSON.parse(decodeURIComponent(String(href).split(",").slice(1).join(","))) as ClassDoc;
  expect(copy.title.endsWith(" lost")).toBe(true);
  await click(driver(), "button", "Try again");
  await see(driver(), "one try more", async () => Number(await sent()) === Number(before) + 1);
  await seeText(driver(), "There is no such class here.");
});

/** Answers the next `times` saves in the page itself, as the server would. */
const REFUSE = `
  const [times, status, body] = arguments;
  const real = window.fetch;
  let left = times;
  window.fetch = (path, init) =>
    String(path).endsWith("/edits") && left-- > 0
      ? Promise.resolve(new Response(JSON.stringify(body), { status, headers: { "content-type": "application/json" } }))
      : real(path, init);
`;

test("a full disk is said, and the change is sent again by itself when there is room", async () => {
  const imported = await ask(asker(), "POST", "/api/classes", {
    doc: { ...(await stored(await desk("Stairwell strength"))), title: "Full of water" },
  });
  await open(driver(), `/classes/${imported.json.id}`);
  await seeText(driver(), "saved");
  const message =
    "The disk of this server is full: nothing was stored, and nothing that was stored before is lost.";
  await driver().executeScript(REFUSE, 2, 507, { error: "full", message, request: "0a1b2c3d" });
  await press(driver(), "n", Key.ARROW_UP);
  await retitled(" up");
  await seeText(driver(), "The disk of this server is full");
  await seeText(driver(), "sent again by themselves");
  await storedTitle(imported.json.id, " up");
  await see(driver(), "no complaint", async () => !(await pageText(driver())).includes("disk"));
});

test("a fault of Brontle's own is told with its number and not sent again and again", async () => {
  await desk("Full of water");
  await driver().executeScript(REFUSE, 1, 500, {
    error: "failed",
    message: "Something went wrong in Brontle. What was saved is safe.",
    request: "0a1b2c3d",
  });
  await retitled("!");
  await seeText(driver(), "Its number is 0a1b2c3d.");
  await click(driver(), "button", "Try again");
  await seeText(driver(), "saved");
});
