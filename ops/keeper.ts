/**
 * Keeps the database of a place, and its web processes where it has several, up for as long as its application runs: a server that ended by itself (the
 * disk was full, somebody killed it) is started again on its port, soon at first and then less often. In
 * front it runs inside the command; in the background it is a small process of its own.
 */
import { existsSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { setTimeout as sleep } from "node:timers/promises";
import { appRuns, hasSeveral, reviveWebs } from "./app";
import { type DataKind, type Place, placeOf, ROOT } from "./places";
import { findPostgres, restartPostgres } from "./postgres";
import { endProcess, startApart } from "./run";
import { say } from "./say";

const LOOK_MS = 1000;
const MOST_WAIT_MS = 15_000;
const WORD = "keep";

/** Starts the database again whenever it is gone, until `over` says so. `port`: where it listens. */
export async function keepDatabase(place: Place, port: number, over: () => boolean): Promise<void> {
  let tries = 0;
  while (!over()) {
    await sleep(Math.min(MOST_WAIT_MS, LOOK_MS * 2 ** Math.min(6, tries)));
    if (over()) return;
    if (findPostgres(place)) {
      tries = 0;
      continue;
    }
    tries += 1;
    const when = new Date().toISOString();
    const up = await restartPostgres(place, port);
    // Said for the first time and when it is over, not at every try.
    if (up) say(`${when} the database had ended and runs again`);
    else if (tries === 1) say(`${when} the database has ended and does not start; trying again`);
  }
}

/** Starts again whatever web process ended, where there are several: a single one is for whoever supervises it. */
export async function keepWebs(place: Place, over: () => boolean): Promise<void> {
  while (!over() && hasSeveral(place)) {
    await sleep(LOOK_MS);
    if (over()) return;
    const when = new Date().toISOString();
    for (const port of await reviveWebs(place))
      say(`${when} the process on port ${port} had ended and runs again`);
  }
}

const stateFile = (place: Place) => `${place.folder}/keeper.json`;

/** What the process in the background does. */
export async function keep(kind: DataKind, port: number): Promise<number> {
  const place = placeOf(kind);
  const over = () => !appRuns(place);
  await Promise.all([keepDatabase(place, port, over), keepWebs(place, over)]);
  return 0;
}

/** Starts that process for a place. */
export function startKeeper(place: Place, port: number): void {
  const args = ["--import", "tsx", `${ROOT}/ops/main.ts`, WORD, place.kind, String(port)];
  const child = startApart(process.execPath, args, `${place.folder}/keeper.log`, { cwd: ROOT });
  child.unref();
  writeFileSync(stateFile(place), JSON.stringify({ pid: child.pid }), { mode: 0o600 });
}

/** Ends it, where it runs: before what it keeps is stopped. */
export async function stopKeeper(place: Place): Promise<void> {
  const file = stateFile(place);
  if (!existsSync(file)) return;
  const { pid } = JSON.parse(readFileSync(file, "utf8")) as { pid: number };
  await endProcess(pid, WORD, "SIGTERM", 3000);
  rmSync(file, { force: true });
}
