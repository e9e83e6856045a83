/** `test`: lint, types, the direction of imports, and all tests, with one closing line. */
import { spawnSync } from "node:child_process";
import { readFileSync, rmSync } from "node:fs";
import { migrateDatabase } from "../src/server/db/migrate";
import { startApp, stopApp } from "./app";
import { needBuild, WORKER } from "./build";
import { checkLocks } from "./check-locks";
import { needChromium } from "./packages";
import { mailFolder, placeOf, ROOT } from "./places";
import { needDatabase, startPostgres, stopPostgres } from "./postgres";
import { runLoudly } from "./run";
import { say } from "./say";
import { type Part, type Plan, readPlan } from "./test-plan";

interface Count {
  passed: number;
  failed: number;
}

const BIN = `${ROOT}/node_modules/.bin`;

/** One check that passes or fails as a whole; it counts as one test. */
async function check(name: string, program: string, args: readonly string[], count: Count): Promise<void> {
  say(`\n— ${name}`);
  const code = await runLoudly(`${BIN}/${program}`, args, { cwd: ROOT });
  if (code === 0) count.passed += 1;
  else count.failed += 1;
}

/** The direction of imports; a checker that read no file has checked nothing, and that is a failure. */
function checkImports(count: Count): void {
  say("\n— direction of imports");
  const args = ["--config", ".dependency-cruiser.cjs", "src", "ops"];
  const { status, stdout, stderr } = spawnSync(`${BIN}/depcruise`, args, { cwd: ROOT, encoding: "utf8" });
  say(`${stdout}${stderr}`.trim());
  const modules = Number(/(\d+) modules/.exec(stdout)?.[1] ?? 0);
  if (status === 0 && modules > 100) count.passed += 1;
  else count.failed += 1;
}

/** Nothing that runs in a transaction asks the pool; a reader that saw no transaction has checked nothing. */
function checkTransactions(count: Count): void {
  say("\n— transactions");
  const { findings, held } = checkLocks(ROOT);
  for (const finding of findings) say(finding);
  if (findings.length === 0) say(`${held} transactions, none asks the pool`);
  if (findings.length === 0 && held > 0) count.passed += 1;
  else count.failed += 1;
}

/** The tests of some parts in one go; a part's files that need the server to themselves come after the others. */
async function vitest(
  parts: readonly Part[],
  plan: Plan,
  env: Readonly<Record<string, string>>,
  folder: string,
  count: Count,
): Promise<void> {
  const name = parts.join(" and ");
  say(`\n— ${name} tests`);
  const report = `${folder}/${parts.join("-")}.json`;
  const args = [
    "run",
    ...plan.words,
    ...parts.flatMap((part) => ["--project", `${part}*`]),
    "--reporter=default",
    "--reporter=json",
    `--outputFile.json=${report}`,
  ];
  const code = await runLoudly(`${BIN}/vitest`, args, {
    cwd: ROOT,
    env: { ...process.env, ...plan.env, ...env },
  });
  let failed = 0;
  try {
    const found = JSON.parse(readFileSync(report, "utf8")) as {
      numPassedTests: number;
      numFailedTests: number;
    };
    count.passed += found.numPassedTests;
    failed = found.numFailedTests;
  } catch {
    failed = 1;
  }
  // A file that can't even be loaded has no tests to fail; the run failed all the same.
  count.failed += code !== 0 && failed === 0 ? 1 : failed;
}

/** Runs what is named, or everything. Gives 0 only where nothing failed. */
export async function test(args: readonly string[]): Promise<number> {
  const plan = readPlan(args);
  const all = plan.parts.length === 0;
  const wants = (name: Part) => all || plan.parts.includes(name);
  const count: Count = { passed: 0, failed: 0 };
  const place = placeOf("test", `test-${process.pid}`);
  const ended = () => rmSync(place.folder, { recursive: true, force: true });
  const servers = wants("integration") || wants("browser");
  // Built while lint and types are checked; what it says, where it fails, is heard when it is needed.
  const built = servers ? needBuild() : Promise.resolve("");
  built.catch(() => undefined);
  try {
    if (all) {
      await check("lint and format", "biome", ["check", "--error-on-warnings", "."], count);
      await check("types", "tsc", ["--noEmit", "--incremental", "false"], count);
      checkImports(count);
      checkTransactions(count);
    }
    const pure = (["core", "fuzz"] as const).filter(wants);
    if (pure.length > 0) await vitest(pure, plan, {}, place.folder, count);
    if (servers) await withServers(place, plan, wants, await built, count);
  } finally {
    ended();
  }
  process.stdout.write(`\n${count.passed} passed, ${count.failed} failed\n`);
  return count.failed === 0 && count.passed > 0 ? 0 : 1;
}

async function withServers(
  place: ReturnType<typeof placeOf>,
  plan: Plan,
  wants: (name: Part) => boolean,
  buildId: string,
  count: Count,
): Promise<void> {
  await needChromium();
  const postgres = await startPostgres(place, true);
  const down = async () => {
    await stopApp(place);
    await stopPostgres(postgres);
    rmSync(postgres.dataFolder, { recursive: true, force: true });
  };
  const interrupted = () => {
    void down().finally(() => {
      rmSync(place.folder, { recursive: true, force: true });
      process.exit(130);
    });
  };
  process.once("SIGINT", interrupted);
  process.once("SIGTERM", interrupted);
  try {
    for (const name of ["integration", "browser"]) {
      await needDatabase(postgres, name);
      await migrateDatabase(postgres.url(name), `${ROOT}/drizzle`);
    }
    const { state } = await startApp(place, {
      databaseUrl: postgres.url("browser"),
      databaseFolder: postgres.dataFolder,
      buildId,
      demo: true,
      relaxedLimits: true,
    });
    const env = {
      BRONTLE_TEST_ADDRESS: state.address,
      BRONTLE_TEST_APP_PID: String(state.pid),
      BRONTLE_TEST_FOLDER: place.folder,
      BRONTLE_WORKER: WORKER,
      BRONTLE_DATABASE_URL: postgres.url("integration"),
      BRONTLE_TEST_ADMIN_URL: postgres.url("postgres"),
      BRONTLE_SEAL_SECRET: "only-for-tests-only-for-tests-only",
      BRONTLE_ORIGIN: state.address,
      BRONTLE_MAIL_FOLDER: mailFolder(place),
    };
    for (const part of ["integration", "browser"] as const)
      if (wants(part)) await vitest([part], plan, env, place.folder, count);
  } finally {
    await down();
  }
}
