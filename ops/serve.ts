/** `demo` and `start`: everything that is needed, in order, until the address answers. */
import { existsSync, readFileSync } from "node:fs";
import { migrateDatabase } from "../src/server/db/migrate";
import { findApp, hasSeveral, startApp, stopApp } from "./app";
import { buildIdNow, needBuild } from "./build";
import { keepDatabase, keepWebs, startKeeper, stopKeeper } from "./keeper";
import { type DataKind, placeOf, ROOT } from "./places";
import { findPostgres, needDatabase, startPostgres, stopPostgres } from "./postgres";
import { settleKey } from "./rotate";
import { say } from "./say";
import { DEMO_SIGN_IN, seedDemo } from "./seed";
import { DEMO_CODE } from "./seed-sessions";

function printAddress(address: string, kind: DataKind, participant = ""): void {
  process.stdout.write(`Brontle is at ${address}\n`);
  if (kind === "demo")
    process.stdout.write(`Sign in as ${DEMO_SIGN_IN.email} with the password ${DEMO_SIGN_IN.password}\n`);
  if (participant)
    process.stdout.write(
      `One participant's own page: ${address}${participant}\nTheir health answers open with the code ${DEMO_CODE}\n`,
    );
}

/** Starts what isn't running. Gives the exit code, at once or when the person ends it. */
export async function serve(kind: DataKind, stay: boolean): Promise<number> {
  const place = placeOf(kind);
  const running = await findApp(place);
  if (running) {
    if (running.buildId !== buildIdNow())
      say("It runs an older build; ./brontle stop and start again for the newest.");
    const file = `${place.folder}/participant-link`;
    const known = kind === "demo" && existsSync(file) ? `/p/${readFileSync(file, "utf8")}` : "";
    printAddress(running.origin, kind, known);
    return 0;
  }
  const buildId = await needBuild();
  const postgres = await startPostgres(place);
  const down = async () => {
    await stopApp(place);
    if (postgres.started) await stopPostgres(postgres);
  };
  try {
    await needDatabase(postgres, "brontle");
    await migrateDatabase(postgres.url("brontle"), `${ROOT}/drizzle`);
    await settleKey(place, postgres.url("brontle"));
    const { state, child } = await startApp(place, {
      databaseUrl: postgres.url("brontle"),
      databaseFolder: postgres.dataFolder,
      buildId,
      demo: kind === "demo",
    });
    const participant = kind === "demo" ? await seedDemo(state, postgres.url("brontle"), place) : "";
    printAddress(state.origin, kind, participant);
    if (!stay) {
      startKeeper(place, postgres.port);
      child.unref();
      return 0;
    }
    say("Ctrl-C ends it.");
    let over = false;
    const kept = [keepDatabase(place, postgres.port, () => over), keepWebs(place, () => over)];
    // With several, one that dies is started again: only whoever sits here ends them.
    const ended = await untilEnded(hasSeveral(place) ? null : child);
    over = true;
    await Promise.all(kept);
    await down();
    if (ended === "died") say(`brontle: the application died; its words are in ${place.folder}/app.log.`);
    return ended === "died" ? 1 : 0;
  } catch (error) {
    await down();
    throw error;
  }
}

/** Resolves when the person asks to end, or when the application ends by itself. */
function untilEnded(
  child: { once(event: "exit", listener: () => void): unknown; exitCode: number | null } | null,
): Promise<"asked" | "died"> {
  return new Promise((resolve) => {
    if (child && child.exitCode !== null) resolve("died");
    child?.once("exit", () => resolve("died"));
    for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const)
      process.once(signal, () => resolve("asked"));
  });
}

/** Ends everything that runs with demo or own data. */
export async function stop(): Promise<number> {
  let any = false;
  for (const kind of ["demo", "own"] as const) {
    const place = placeOf(kind);
    await stopKeeper(place);
    const app = await stopApp(place);
    const postgres = findPostgres(place);
    if (postgres) await stopPostgres(postgres);
    any = any || app || postgres !== null;
  }
  say(any ? "Stopped." : "Nothing was running.");
  return 0;
}
