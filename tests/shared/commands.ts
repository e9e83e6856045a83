/** The commands themselves, started as a person would, with data of their own in a folder that goes away. */
import { type ChildProcess, spawn, spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { cookieOf } from "../../ops/sign-up";

/** The demo's own, which its sign-in page shows. */
export const DEMO_PASSWORD = "storm-lantern-42";

const ROOT = new URL("../../", import.meta.url).pathname;

export interface Kept {
  readonly child: ChildProcess;
  readonly address: string;
  readonly output: () => string;
  readonly ended: Promise<number | null>;
}

/** Commands with a data folder of their own. `end` stops what they started and removes it. */
export function ownCommands(name: string, more: Readonly<Record<string, string>> = {}) {
  const data = mkdtempSync(`${tmpdir()}/brontle-${name}-`);
  // The database's own user must be able to reach its data.
  spawnSync("chmod", ["755", data]);
  const env = {
    ...process.env,
    BRONTLE_DATA: data,
    BRONTLE_PORT: "",
    BRONTLE_ORIGIN: "",
    BRONTLE_MAIL_FOLDER: "",
    ...more,
  };
  const brontle = (...args: string[]) =>
    spawnSync(`${ROOT}brontle`, args, { cwd: ROOT, env, encoding: "utf8", input: "" });

  /** Starts a command that stays in front, and waits for its address. */
  const stay = async (command: string, port = ""): Promise<Kept> => {
    const child = spawn(`${ROOT}brontle`, [command, "--stay"], {
      cwd: ROOT,
      env: { ...env, BRONTLE_PORT: port },
      stdio: ["ignore", "pipe", "pipe"],
    });
    let output = "";
    const ended = new Promise<number | null>((resolve) => child.on("exit", resolve));
    const address = await new Promise<string>((resolve, reject) => {
      const hear = (chunk: Buffer) => {
        output += chunk.toString();
        const found = /Brontle is at (http:\/\/127\.0\.0\.1:\d+)/.exec(output);
        if (found?.[1]) resolve(found[1]);
      };
      child.stdout?.on("data", hear);
      child.stderr?.on("data", hear);
      child.on("exit", () => reject(new Error(output)));
    });
    return { child, address, output: () => output, ended };
  };
  const appPid = (kind: string) => JSON.parse(readFileSync(`${data}/${kind}/app.json`, "utf8")).pid as number;
  const appPort = (kind: string) =>
    JSON.parse(readFileSync(`${data}/${kind}/app.json`, "utf8")).port as number;
  const keeperPid = (kind: string) =>
    JSON.parse(readFileSync(`${data}/${kind}/keeper.json`, "utf8")).pid as number;
  const postgresPid = (kind: string) =>
    Number(readFileSync(`${data}/${kind}/postgres/postmaster.pid`, "utf8").split("\n")[0]);
  const end = () => {
    brontle("stop");
    rmSync(data, { recursive: true, force: true });
  };
  return { data, brontle, stay, appPid, appPort, keeperPid, postgresPid, end };
}

/** Whether something answers there. */
export function answers(address: string): Promise<boolean> {
  return fetch(`${address}/api/health`).then(
    (reply) => reply.ok,
    () => false,
  );
}

/** Signs in to a demo as its coach; gives the cookie. */
export async function demoSignIn(address: string): Promise<string> {
  const reply = await fetch(`${address}/api/auth/sign-in/email`, {
    method: "POST",
    headers: { origin: address, "content-type": "application/json" },
    body: JSON.stringify({ email: "coach@harboursteps.example", password: DEMO_PASSWORD }),
  });
  return cookieOf(reply);
}

/** Whether a process runs; one that has ended and whom nobody has asked about yet doesn't. */
export function runs(pid: number): boolean {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, "utf8") !== "";
  } catch {
    return false;
  }
}
