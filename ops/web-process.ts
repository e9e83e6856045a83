/** One process of the application: an HTTP server on loopback. Several of them can serve the same data. */
import type { ChildProcess } from "node:child_process";
import { existsSync, rmSync } from "node:fs";
import { WEB, WORKER } from "./build";
import { mailFolder, type Place, ROOT, secretsOf } from "./places";
import { endProcess, isRunning, startApart, waitUntil } from "./run";

export interface WebProcess {
  readonly pid: number;
  readonly port: number;
  /** Where it listens. */
  readonly address: string;
}

export interface WebOptions {
  readonly databaseUrl: string;
  /** Where the database keeps its files: whether there is room is asked there. */
  readonly databaseFolder: string;
  /** Where people reach it. */
  readonly origin: string;
  readonly demo: boolean;
  readonly relaxedLimits?: boolean;
}

/** Stands in the command line of a web process. */
const NEXT = "brontle-web";

export const isWebRunning = ({ pid }: Pick<WebProcess, "pid">): boolean => isRunning(pid, NEXT);

export const endWeb = ({ pid }: Pick<WebProcess, "pid">): Promise<void> =>
  endProcess(pid, NEXT, "SIGTERM", 5000);

/** Whether a process would answer a request. */
export async function healthy(address: string): Promise<boolean> {
  try {
    const response = await fetch(`${address}/api/health`, { signal: AbortSignal.timeout(2000) });
    return response.ok;
  } catch {
    return false;
  }
}

const log = (place: Place) => `${place.folder}/app.log`;
export const wordsOf = log;

/**
 * Starts a process on a port and waits until it answers; one that didn't has been ended. Each but the first has a
 * journal of its own: two that put one file aside would lose lines.
 */
export async function startWeb(
  place: Place,
  options: WebOptions,
  port: number,
  isFirst = true,
): Promise<{ readonly web: WebProcess; readonly child: ChildProcess } | { readonly died: boolean }> {
  const address = `http://127.0.0.1:${port}`;
  const ready = `${place.folder}/app.ready.${port}`;
  const env: NodeJS.ProcessEnv = {
    ...process.env,
    NODE_ENV: "production",
    NEXT_TELEMETRY_DISABLED: "1",
    PORT: String(port),
    BRONTLE_DATABASE_URL: options.databaseUrl,
    BRONTLE_DATABASE_FOLDER: options.databaseFolder,
    BRONTLE_SEAL_SECRET: secretsOf(place).sealSecret,
    BRONTLE_ORIGIN: options.origin,
    BRONTLE_MAIL_FOLDER: mailFolder(place),
    BRONTLE_DEMO: options.demo ? "1" : "0",
    BRONTLE_WORKER: WORKER,
    BRONTLE_READY_FILE: ready,
    BRONTLE_JOURNAL: `${place.folder}/${isFirst ? "journal" : `journal-${port}`}.log`,
    BRONTLE_RELAXED_LIMITS: options.relaxedLimits ? "1" : "0",
  };
  rmSync(ready, { force: true });
  const child = startApart(process.execPath, [WEB], log(place), { cwd: ROOT, env });
  let died = false;
  child.on("exit", () => {
    died = true;
  });
  const up = await waitUntil(async () => died || (existsSync(ready) && (await healthy(address))), 60_000);
  rmSync(ready, { force: true });
  if (up && !died) return { web: { pid: child.pid ?? 0, port, address }, child };
  if (child.pid) await endProcess(child.pid, NEXT, "SIGKILL", 1000);
  return { died };
}
