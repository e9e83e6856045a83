/** The commands themselves: started, found again, killed in every way, stopped. */
import { afterAll, expect, test } from "vitest";
import { signUp } from "../../ops/sign-up";
import { answers, ownCommands, runs } from "../shared/commands";

const { data, brontle, stay, appPid, keeperPid, postgresPid, end } = ownCommands("life");

afterAll(end);

test("demo stays in front; a second one finds it; an interrupt stops everything it started", {
  timeout: 120_000,
}, async () => {
  const first = await stay("demo");
  expect(await answers(first.address)).toBe(true);
  const second = brontle("demo");
  expect(second.status).toBe(0);
  expect(second.stdout).toContain(first.address);
  const database = postgresPid("demo");
  first.child.kill("SIGINT");
  expect(await first.ended).toBe(0);
  expect(await answers(first.address)).toBe(false);
  expect(() => process.kill(database, 0)).toThrow();
});

test("start has no demo content; it ends with an error when the application dies, and comes back with its data after a hard kill", {
  timeout: 180_000,
}, async () => {
  const first = await stay("start");
  const account = { name: "Own", email: "own@studio.example", password: "a-long-enough-password" };
  await signUp(first.address, account, `${data}/own/mail`);
  const page = await fetch(`${first.address}/sign-in`).then((reply) => reply.text());
  expect(page).not.toContain("Harbour Steps");
  process.kill(appPid("own"), "SIGKILL");
  expect(await first.ended).toBe(1);
  expect(first.output()).toContain("died");

  const second = await stay("start");
  process.kill(postgresPid("own"), "SIGKILL");
  process.kill(second.child.pid ?? 0, "SIGKILL");
  process.kill(appPid("own"), "SIGKILL");
  await second.ended;

  const third = brontle("start");
  expect(third.status, third.stderr).toBe(0);
  const address = /http:\/\/127\.0\.0\.1:\d+/.exec(third.stdout)?.[0] ?? "";
  const body = JSON.stringify({ email: account.email, password: account.password });
  const again = await fetch(`${address}/api/auth/sign-in/email`, {
    method: "POST",
    headers: { "content-type": "application/json", origin: address },
    body,
  });
  expect(again.status).toBe(200);
  expect(brontle("stop").stderr).toContain("Stopped");
  expect(await answers(address)).toBe(false);
});

test("in the background a database that was killed is started again, and stop leaves nothing running", {
  timeout: 120_000,
}, async () => {
  const started = brontle("start");
  const address = /http:\/\/127\.0\.0\.1:\d+/.exec(started.stdout)?.[0] ?? "";
  expect(await answers(address)).toBe(true);
  const first = postgresPid("own");
  process.kill(first, "SIGKILL");
  const again = async (ms: number): Promise<boolean> => {
    if (await answers(address)) return true;
    if (ms <= 0) return false;
    await new Promise((resolve) => setTimeout(resolve, 250));
    return again(ms - 250);
  };
  // It is gone first: what answers afterwards is another one, on the same port.
  await new Promise((resolve) => setTimeout(resolve, 300));
  expect(await again(30_000)).toBe(true);
  expect(postgresPid("own")).not.toBe(first);
  const keeper = keeperPid("own");
  expect(runs(keeper)).toBe(true);
  const database = postgresPid("own");
  expect(brontle("stop").stderr).toContain("Stopped");
  expect([runs(keeper), runs(database)]).toEqual([false, false]);
});
