/** An account from its first day: made, proven by mail, guarded by a second factor, its password forgotten. */
import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, expect, test } from "vitest";
import { linkInMail } from "../../ops/mail";
import { accessible, click, open, press, refusedByPolicy, see, seeText } from "../shared/app";
import { type Browser, openBrowser } from "../shared/browser";
import { ADDRESS, MAIL } from "../shared/http";
import { totp } from "../shared/totp";

const EMAIL = `${crypto.randomUUID()}@studio.example`;
const FIRST = "kelp granite owl seven";
const SECOND = "another long enough one";
let browser: Browser;

beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser?.close());

/** Types into the fields that have these labels, and sends them. */
async function send(values: Readonly<Record<string, string>>): Promise<void> {
  const { driver } = browser;
  for (const [label, value] of Object.entries(values)) {
    const field = await see(driver, `the field ${label}`, async () => {
      for (const each of await driver.findElements(
        By.xpath(`//label[starts-with(normalize-space(.),"${label}")]//input`),
      ))
        if (await each.isDisplayed()) return each;
      return null;
    });
    await field.sendKeys(Key.chord(Key.CONTROL, "a"), value);
  }
  await press(driver, Key.ENTER);
}
const pressNamed = async (name: string) => click(browser.driver, "button", name);
const textOf = async (id: string) =>
  (await see(browser.driver, id, () => browser.driver.findElement(By.css(`[data-testid=${id}]`)))).getText();

let secret = "";
let spare: string[] = [];

test("a studio is made, its address proven by the link in the mail", { timeout: 60_000 }, async () => {
  const { driver } = browser;
  await open(driver, "/sign-in");
  await pressNamed("New here");
  await send({ Studio: "Quay Lanterns", "E-mail": EMAIL, Password: FIRST });
  await seeText(driver, `A message is on its way to ${EMAIL}`);
  await accessible(driver);
  await driver.get(await linkInMail(MAIL, EMAIL, "Your address"));
  await seeText(driver, "The address is yours: sign in.");
  await send({ "E-mail": EMAIL, Password: FIRST });
  await see(driver, "the classes", async () => (await driver.getCurrentUrl()).endsWith("/classes"));
});

test("a second factor is turned on, and from then on signing in asks for it", {
  timeout: 60_000,
}, async () => {
  const { driver } = browser;
  await open(driver, "/account");
  await seeText(driver, "Second factor");
  await accessible(driver);
  const box = await driver.findElement(By.id("second-factor-password"));
  await box.sendKeys("not this one", Key.ENTER);
  await seeText(driver, "That isn't your password.");
  await box.sendKeys(FIRST, Key.ENTER);
  secret = await textOf("second-factor-secret");
  await send({ "The six digits": totp(secret, Date.now()) });
  spare = (await textOf("spare-codes")).split(/\s+/);
  expect(spare).toHaveLength(8);
  await seeText(driver, "On: signing in asks for six digits");
  await accessible(driver);
  await pressNamed("Sign out");
  await send({ "E-mail": EMAIL, Password: FIRST });
  await seeText(driver, "Your second factor");
  await accessible(driver);
  await send({ "Your second factor": "000000" });
  await seeText(driver, "That isn't the code.");
  await send({ "Your second factor": totp(secret, Date.now()) });
  await see(driver, "the classes", async () => (await driver.getCurrentUrl()).endsWith("/classes"));
});

test("a forgotten password is replaced, and a spare code stands in for the phone", {
  timeout: 60_000,
}, async () => {
  const { driver } = browser;
  await pressNamed("Sign out");
  await pressNamed("I forgot the password");
  await send({ "E-mail": EMAIL });
  await seeText(driver, "If there is an account with this address");
  await driver.get(await linkInMail(MAIL, EMAIL, "Another password"));
  await accessible(driver);
  await send({ "A new password": SECOND });
  await seeText(driver, "That is your password now");
  await open(driver, "/sign-in");
  await send({ "E-mail": EMAIL, Password: FIRST });
  await seeText(driver, "No account has this address with this password.");
  await send({ "E-mail": EMAIL, Password: SECOND });
  await pressNamed("Use a spare code");
  await send({ "One of your spare codes": spare[0] ?? "" });
  await see(driver, "the classes", async () => (await driver.getCurrentUrl()).endsWith("/classes"));
});

test("no page has a style or a script in its text that the content policy would refuse", async () => {
  const { driver } = browser;
  for (const path of [
    "/classes",
    "/people",
    "/moves",
    "/sessions",
    "/settings",
    "/trail",
    "/outbox",
    "/nothing",
  ]) {
    await driver.get(`${ADDRESS}${path}`);
    expect([path, await refusedByPolicy(driver)]).toEqual([path, []]);
  }
  // What is put into the text all the same changes nothing, and is told.
  await driver.get(`${ADDRESS}/classes`);
  await seeText(driver, "Classes");
  await driver.executeScript(
    'document.body.insertAdjacentHTML("beforeend", "<p id=evil style=color:red>x</p><style>body{opacity:0}</style>")',
  );
  const color = await driver.executeScript("return getComputedStyle(document.getElementById('evil')).color");
  expect(color).not.toBe("rgb(255, 0, 0)");
  expect((await refusedByPolicy(driver)).length).toBeGreaterThan(0);
});
