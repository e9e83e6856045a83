/** The application of a place: one web process, or several that serve the same data. */
import type { ChildProcess } from "node:child_process";
import { existsSync, readFileSync, renameSync, rmSync, writeFileSync } from "node:fs";
import { readOrigin } from "../src/server/web/guard";
import type { Place } from "./places";
import { findPostgres, postgresUrl } from "./postgres";
import { freePort } from "./run";
import { Stop, say } from "./say";
import {
  endWeb,
  healthy,
  isWebRunning,
  startWeb,
  type WebOptions,
  type WebProcess,
  wordsOf,
} from "./web-process";

export interface AppState extends WebProcess {
  /** Where people reach it: the same, or what stands before it. */
  readonly origin: string;
  /** What the running build was made of. */
  readonly buildId: string;
  /** The processes besides the first. */
  readonly others: readonly WebProcess[];
}

/** Processes at most: each has eleven connections to the database. */
const MOST_PROCESSES = 8;

const stateFile = (place: Place) => `${place.folder}/app.json`;

/** What a place says of its application, running or not. */
function stateOf(place: Place): AppState | null {
  const file = stateFile(place);
  if (!existsSync(file)) return null;
  const state = JSON.parse(readFileSync(file, "utf8")) as AppState;
  return { ...state, others: state.others ?? [] };
}

/** Written whole: another command may read it at any moment. */
function keepState(place: Place, state: AppState): void {
  const half = `${stateFile(place)}.half`;
  writeFileSync(half, JSON.stringify(state));
  renameSync(half, stateFile(place));
}

const allOf = (state: AppState): readonly WebProcess[] => [state, ...state.others];

/** The application that runs with this place's data, or null. */
export async function findApp(place: Place): Promise<AppState | null> {
  const state = stateOf(place);
  if (!state) return null;
  for (const web of allOf(state)) if (isWebRunning(web) && (await healthy(web.address))) return state;
  return null;
}

/** Whether the application of a place runs, answering or not. */
export function appRuns(place: Place): boolean {
  const state = stateOf(place);
  return state !== null && allOf(state).some(isWebRunning);
}

export interface StartOptions extends Omit<WebOptions, "origin"> {
  readonly buildId: string;
}

function wantedPort(): number | null {
  const text = process.env.BRONTLE_PORT;
  if (!text) return null;
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new Stop(`BRONTLE_PORT is not a port: ${text}`);
  return port;
}

/** How many processes are wanted. */
function wantedProcesses(): number {
  const text = process.env.BRONTLE_PROCESSES || "1";
  const count = Number(text);
  if (!Number.isInteger(count) || count < 1 || count > MOST_PROCESSES)
    throw new Stop(`BRONTLE_PROCESSES is a number from 1 to ${MOST_PROCESSES}, not ${text}.`);
  return count;
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

/** The first process, on the port that is asked for or on the next free one. */
async function startFirst(place: Place, options: StartOptions) {
  const asked = wantedPort();
  for (;;) {
    const port = await freePort(asked ?? 4173);
    if (asked !== null && port !== asked)
      throw new Stop(`Port ${asked} is taken. Set BRONTLE_PORT to a free one.`);
    const origin = publicOrigin() ?? `http://127.0.0.1:${port}`;
    const started = await startWeb(place, { ...options, origin }, port);
    if (!("died" in started)) return { ...started, origin };
    // Another took the port between the look and the start: the next free one.
    if (started.died && asked === null && (await freePort(port)) !== port) continue;
    throw new Stop(`The application did not start; its words are in ${wordsOf(place)}.`);
  }
}

/** Starts the application and waits until it answers. `child`: its first process. */
export async function startApp(
  place: Place,
  options: StartOptions,
): Promise<{ state: AppState; child: ChildProcess }> {
  const count = wantedProcesses();
  say("Starting the application…");
  const { web, child, origin } = await startFirst(place, options);
  let state: AppState = { ...web, origin, buildId: options.buildId, others: [] };
  keepState(place, state);
  while (state.others.length < count - 1) {
    const port = await freePort((state.others.at(-1) ?? state).port + 1);
    const more = await startWeb(place, { ...options, origin }, port, false);
    if ("died" in more) throw new Stop(`A process did not start; its words are in ${wordsOf(place)}.`);
    more.child.unref();
    state = { ...state, others: [...state.others, more.web] };
    keepState(place, state);
  }
  return { state, child };
}

/**
 * Starts again, each on its port, the processes of a place that have ended, where it has several: the others serve
 * meanwhile. Gives the ports of those that run again.
 */
export async function reviveWebs(place: Place): Promise<readonly number[]> {
  const state = stateOf(place);
  const postgres = state && state.others.length > 0 ? findPostgres(place) : null;
  if (!state || !postgres) return [];
  const options: WebOptions = {
    databaseUrl: postgresUrl(place, postgres.port, "brontle"),
    databaseFolder: postgres.dataFolder,
    origin: state.origin,
    demo: place.kind === "demo",
  };
  const revived: number[] = [];
  for (const web of allOf(state)) {
    if (isWebRunning(web)) continue;
    const again = await startWeb(place, options, web.port, web.port === state.port);
    const now = stateOf(place);
    if ("died" in again) continue;
    again.child.unref();
    // Stopped meanwhile: then this one ends as well.
    if (!now) {
      await endWeb(again.web);
      continue;
    }
    const swap = (each: WebProcess) => (each.port === web.port ? again.web : each);
    const first = swap(now);
    keepState(place, { ...now, pid: first.pid, others: now.others.map(swap) });
    revived.push(web.port);
  }
  return revived;
}

/** Whether a place is served by several processes. */
export const hasSeveral = (place: Place): boolean => (stateOf(place)?.others.length ?? 0) > 0;

/** Ends the application of a place, where one runs. */
export async function stopApp(place: Place): Promise<boolean> {
  const state = stateOf(place);
  if (!state) return false;
  const all = allOf(state);
  const was = all.some(isWebRunning);
  // Gone first: whoever keeps the processes up sees that they are no longer wanted.
  rmSync(stateFile(place), { force: true });
  await Promise.all(all.map(endWeb));
  return was;
}
