/** The production build, made again only where something it is made of has changed. */
import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { build as bundle } from "esbuild";
import { ROOT } from "./places";
import { runQuietly } from "./run";
import { Stop, say } from "./say";

/** What the worker threads run, and what the web process is. */
export const WORKER = `${ROOT}/.next/brontle-worker.mjs`;
export const WEB = `${ROOT}/.next/brontle-web.mjs`;
const STAMP = `${ROOT}/.next/brontle-stamp`;
const SOURCES = ["src", "package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"];

function* filesOf(path: string): Generator<string> {
  const entries = existsSync(path) ? readdirSync(path, { withFileTypes: true }) : [];
  for (const entry of entries.sort((a, b) => (a.name < b.name ? -1 : 1))) {
    const inner = `${path}/${entry.name}`;
    if (entry.isDirectory()) yield* filesOf(inner);
    else if (!/(\.test\.tsx?|\.md)$/.test(entry.name)) yield inner;
  }
}

/** An id of everything that the build is made of. */
export function buildIdNow(): string {
  const hash = createHash("sha256");
  const add = (file: string) => hash.update(file.slice(ROOT.length)).update(readFileSync(file));
  for (const source of SOURCES) {
    const path = `${ROOT}/${source}`;
    if (source.includes(".")) existsSync(path) && add(path);
    else for (const file of filesOf(path)) add(file);
  }
  return hash.digest("hex");
}

/** Bundles what runs beside the framework's own build into a file each. */
async function buildBeside(source: string, outfile: string): Promise<void> {
  await bundle({
    entryPoints: [`${ROOT}/src/server/${source}`],
    outfile,
    bundle: true,
    // What draws paper and dots finds its own files beside it.
    external: ["next", "pdfkit", "fontkit", "@napi-rs/canvas"],
    platform: "node",
    target: "node20",
    format: "esm",
    logLevel: "silent",
  });
}

/** So often a build is made anew whose sources were changed under it. */
const MOST_TRIES = 3;

/**
 * Builds the application where the last build is of other sources. One whose sources changed meanwhile is half of
 * each: it is made again, and never kept.
 */
export async function needBuild(tries = MOST_TRIES): Promise<string> {
  const buildId = buildIdNow();
  if (existsSync(STAMP) && readFileSync(STAMP, "utf8") === buildId) return buildId;
  // Until it is whole there is no build.
  rmSync(STAMP, { force: true });
  say("Building the application (up to a minute)…");
  const env: NodeJS.ProcessEnv = { ...process.env, NODE_ENV: "production", NEXT_TELEMETRY_DISABLED: "1" };
  const next = `${ROOT}/node_modules/next/dist/bin/next`;
  const { code, output } = await runQuietly(process.execPath, [next, "build"], { cwd: ROOT, env });
  if (code !== 0) throw new Stop(`The application could not be built:\n${output}`);
  await buildBeside("jobs/worker.ts", WORKER);
  await buildBeside("web/main.ts", WEB);
  if (buildIdNow() !== buildId) {
    rmSync(STAMP, { force: true });
    if (tries <= 1)
      throw new Stop("The sources keep changing while they are built: try again once they rest.");
    say("The sources changed meanwhile.");
    return needBuild(tries - 1);
  }
  writeFileSync(STAMP, buildId);
  return buildId;
}
