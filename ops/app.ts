/** The application's process: one Next.js server on loopback. */
import type { ChildProcess } from "node:child_process";
import { existsSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { readOrigin } from "../src/server/web/guard";
import { WEB, WORKER } from "./build";
import { mailFolder, type Place, ROOT, secretsOf } from "./places";
import { endProcess, freePort, isRunning, startApart, waitUntil } from "./run";
import { Stop, say } from "./say";

export interface AppState {
  readonly pid: number;
  readonly port: number;
  /** Where it listens. */
  readonly address: string;
  /** Where people reach it: the same, or what stands before it. */
  readonly origin: string;
  /** What the running build was made of. */
  readonly buildId: string;
}

/** Stands in the command line of the web process. */
const NEXT = "brontle-web";

function stateFile(place: Place): string {
  return `${place.folder}/app.json`;
}

async function healthy(address: string): Promise<boolean> {
  try {
    const response = await fetch(`${address}/api/health`, { signal: AbortSignal.timeout(2000) });
    return response.ok;
  } catch {
    return false;
  }
}

/** The application that runs with this place's data, or null. */
export async function findApp(place: Place): Promise<AppState | null> {
  const file = stateFile(place);
  if (!existsSync(file)) return null;
  const state = JSON.parse(readFileSync(file, "utf8")) as AppState;
  if (isRunning(state.pid, NEXT) && (await healthy(state.address))) return state;
  return null;
}

/** Whether the application of a place runs, answering or not. */
export function appRuns(place: Place): boolean {
  const file = stateFile(place);
  return existsSync(file) && isRunning((JSON.parse(readFileSync(file, "utf8")) as AppState).pid, NEXT);
}

export interface StartOptions {
  readonly databaseUrl: string;
  /** Where the database keeps its files: whether there is room is asked there. */
  readonly databaseFolder: string;
  readonly buildId: string;
  readonly demo: boolean;
  readonly relaxedLimits?: boolean;
}

function wantedPort(): number | null {
  const text = process.env.BRONTLE_PORT;
  if (!text) return null;
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new Stop(`BRONTLE_PORT is not a port: ${text}`);
  return port;
}

/** The address at which people reach what runs here, where something stands before it. */
function publicOrigin(): string | null {
  const text = process.env.BRONTLE_ORIGIN;
  if (!text) return null;
  try {
    return readOrigin(text).origin;
  } catch (error) {
    throw new Stop((error as Error).message);
  }
}

/** Starts the application and waits until it answers. */
export async function startApp(
  place: Place,
  options: StartOptions,
): Promise<{ state: AppState; child: ChildProcess }> {
  const asked = wantedPort();
  const port = await freePort(asked ?? 4173);
  if (asked !== null && port !== asked)
    throw new Stop(`Port ${asked} is taken. Set BRONTLE_PORT to a free one.`);
  const address = `http://127.0.0.1:${port}`;
  const origin = publicOrigin() ?? address;
  say("Starting the application…");
  const ready = `${place.folder}/app.ready`;
  const env: NodeJS.ProcessEnv = {
    ...process.env,
    NODE_ENV: "production",
    NEXT_TELEMETRY_DISABLED: "1",
    PORT: String(port),
    BRONTLE_DATABASE_URL: options.databaseUrl,
    BRONTLE_DATABASE_FOLDER: options.databaseFolder,
    BRONTLE_SEAL_SECRET: secretsOf(place).sealSecret,
    BRONTLE_ORIGIN: origin,
    BRONTLE_MAIL_FOLDER: mailFolder(place),
    BRONTLE_DEMO: options.demo ? "1" : "0",
    BRONTLE_WORKER: WORKER,
    BRONTLE_READY_FILE: ready,
    BRONTLE_JOURNAL: `${place.folder}/journal.log`,
    BRONTLE_RELAXED_LIMITS: options.relaxedLimits ? "1" : "0",
  };
  const log = `${place.folder}/app.log`;
  rmSync(ready, { force: true });
  const child = startApart(process.execPath, [WEB], log, { cwd: ROOT, env });
  let dead = false;
  child.on("exit", () => {
    dead = true;
  });
  const up = await waitUntil(async () => dead || (existsSync(ready) && (await healthy(address))), 60_000);
  if (!up || dead) {
    if (child.pid) await endProcess(child.pid, NEXT, "SIGKILL", 1000);
    // Another took the port between the look and the start: the next free one.
    if (dead && asked === null && (await freePort(port)) !== port) return startApp(place, options);
    throw new Stop(`The application did not start; its words are in ${log}.`);
  }
  const state: AppState = { pid: child.pid ?? 0, port, address, origin, buildId: options.buildId };
  writeFileSync(stateFile(place), JSON.stringify(state));
  return { state, child };
}

/** Ends the application of a place, where one runs. */
export async function stopApp(place: Place): Promise<boolean> {
  const file = stateFile(place);
  if (!existsSync(file)) return false;
  const state = JSON.parse(readFileSync(file, "utf8")) as AppState;
  const was = isRunning(state.pid, NEXT);
  await endProcess(state.pid, NEXT, "SIGTERM", 5000);
  rmSync(file, { force: true });
  return was;
}
