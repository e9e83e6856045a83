import { afterAll, expect, test } from "vitest";
import { click, press, read, reload, see, seeText } from "../shared/app";
import { type Browser, openBrowser, setSize } from "../shared/browser";
import { ownCommands } from "../shared/commands";
import { phaseOf, sameSecond } from "../shared/live";

const { stay, appPid, end } = ownCommands("killed");
const open: Browser[] = [];
afterAll(async () => {
  for (const browser of open) await browser.close();
  end();
});

const EVENTS = `
  const done = arguments[arguments.length - 1];
  fetch("/api/sessions/" + location.pathname.split("/").pop() + "/events").then((r) => r.json()).then((j) => done(j.events), () => done(null));
`;

test("the web process and the database are killed and started again in mid-class", async () => {
  const first = await stay("demo");
  const link = await waitFor(() => /own page: (\S+)/.exec(first.output())?.[1]);
  const teacher = await openBrowser();
  const phone = await openBrowser(390, 844);
  open.push(teacher, phone);
  await setSize(phone.driver, 390, 844);
  // The demo as somebody finds it: the sign-in is filled in, a session is open tonight.
  await teacher.driver.get(`${first.address}/sign-in`);
  await seeText(teacher.driver, "Harbour Steps");
  await see(
    teacher.driver,
    "the sign-in taken",
    async () => {
      await click(teacher.driver, "button", "Sign in");
      await teacher.driver.sleep(1000);
      return (await teacher.driver.getCurrentUrl()).endsWith("/classes");
    },
    40_000,
  );
  await teacher.driver.get(`${first.address}/sessions`);
  await click(teacher.driver, "a", "Stairwell strength");
  await click(teacher.driver, "a", "Teach");
  await phaseOf(teacher, "ready");
  await phone.driver.get(link);
  await seeText(teacher.driver, "1 here");
  await see(phone.driver, "its own page kept on the phone", () =>
    phone.driver.executeAsyncScript<boolean>(KEPT),
  );
  await press(teacher.driver, " ");
  await phaseOf(phone, "running", 20_000);
  await click(phone.driver, "button", "harder");
  const before = await see(teacher.driver, "the level acknowledged", async () => {
    const events = (await teacher.driver.executeAsyncScript(EVENTS)) as { id: string; kind: string }[];
    return events?.some(({ kind }) => kind === "mark") ? events : null;
  });

  process.kill(appPid("demo"), "SIGKILL");
  expect(await first.ended).toBe(1);
  await seeText(teacher.driver, "no connection", 15_000);
  await seeText(phone.driver, "no connection", 15_000);
  const index = () => read(teacher.driver, "main", "data-index");
  const was = await index();
  await press(teacher.driver, "\uE014");
  await see(teacher.driver, "the step taken without a server", async () => (await index()) !== was);
  await click(phone.driver, "button", "easier");
  // Opened again while nothing answers: what the phone has kept of the class goes on where it was.
  const held = await read(phone.driver, "main", "data-index");
  await reload(phone.driver);
  await phaseOf(phone, "running", 20_000);
  expect(Number(await read(phone.driver, "main", "data-index"))).toBeGreaterThanOrEqual(Number(held));
  await seeText(phone.driver, "no connection", 15_000);
  await phone.driver.get(`${first.address}/p/kept`);
  await phaseOf(phone, "running", 20_000);
  expect(await phone.driver.getCurrentUrl()).toBe(link);

  const second = await stay("demo", new URL(first.address).port);
  expect(second.address).toBe(first.address);
  await see(
    phone.driver,
    "the phone where the instructor is",
    async () => (await read(phone.driver, "main", "data-index")) === (await index()),
    20_000,
  );
  await sameSecond(teacher, phone, 10_000);
  const after = await see(
    teacher.driver,
    "what was done meanwhile on the server",
    async () => {
      const events = (await teacher.driver.executeAsyncScript(EVENTS)) as { id: string; kind: string }[];
      const kinds = events?.map(({ kind }) => kind) ?? [];
      return kinds.filter((kind) => kind === "mark").length === 2 && kinds.includes("skip") ? events : null;
    },
    20_000,
  );
  const ids = after.map(({ id }) => id);
  for (const { id } of before) expect(ids).toContain(id);
  second.child.kill("SIGINT");
  expect(await second.ended).toBe(0);
}, 240_000);

/** Whether the service worker has kept this page. */
const KEPT = `
  const done = arguments[arguments.length - 1];
  caches.match(location.pathname).then((answer) => done(Boolean(answer)), () => done(false));`;

async function waitFor(look: () => string | undefined): Promise<string> {
  for (let i = 0; i < 200; i += 1) {
    const found = look();
    if (found) return found;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error("the demo printed no participant's page");
}
