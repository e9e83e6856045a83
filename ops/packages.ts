/** Debian packages that the commands need. */
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { hasProgram, isRoot, runQuietly } from "./run";
import { Stop, say } from "./say";

const POSTGRES_ROOT = "/usr/lib/postgresql";

/** The newest PostgreSQL that is installed: the folder of its programs, or null. */
export function postgresPrograms(): string | null {
  if (!existsSync(POSTGRES_ROOT)) return null;
  const versions = readdirSync(POSTGRES_ROOT)
    .filter((version) => existsSync(`${POSTGRES_ROOT}/${version}/bin/initdb`))
    .sort((a, b) => Number(b) - Number(a));
  return versions[0] ? `${POSTGRES_ROOT}/${versions[0]}/bin` : null;
}

async function aptInstall(packages: readonly string[]): Promise<void> {
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  const install = ["install", "-y", "--no-install-recommends", ...packages];
  const first = await runQuietly("apt-get", install, { env });
  if (first.code === 0) return;
  await runQuietly("apt-get", ["update"], { env });
  const second = await runQuietly("apt-get", install, { env });
  if (second.code !== 0) {
    say(second.output.split("\n").slice(-15).join("\n"));
    throw new Stop(`Debian's packages could not be installed: ${packages.join(" ")}.`);
  }
}

function needRoot(packages: readonly string[]): void {
  if (isRoot()) return;
  throw new Stop(`Missing Debian packages. Run this first:\n  sudo apt-get install -y ${packages.join(" ")}`);
}

/** Keeps Debian from making and starting a cluster of its own on port 5432. */
function noMainCluster(): void {
  const folder = "/etc/postgresql-common";
  const file = `${folder}/createcluster.conf`;
  mkdirSync(folder, { recursive: true });
  const before = existsSync(file) ? readFileSync(file, "utf8") : "";
  if (/^\s*create_main_cluster\s*=\s*false/m.test(before)) return;
  const others = before.replace(/^\s*#?\s*create_main_cluster\s*=.*$/gm, "").trimEnd();
  writeFileSync(file, `${others}\ncreate_main_cluster = false\n`);
}

/** PostgreSQL's programs, installed where they are missing. */
export async function needPostgres(): Promise<string> {
  const found = postgresPrograms();
  if (found) return found;
  needRoot(["postgresql"]);
  say("Installing PostgreSQL from Debian's packages…");
  await aptInstall(["postgresql-common"]);
  noMainCluster();
  await aptInstall(["postgresql"]);
  const installed = postgresPrograms();
  if (!installed) throw new Stop("PostgreSQL was installed, but its programs were not found.");
  return installed;
}

/** Chromium and its driver for the browser tests, installed where they are missing. */
export async function needChromium(): Promise<void> {
  if (hasProgram("chromium") && hasProgram("chromedriver")) return;
  const packages = ["chromium", "chromium-driver"];
  needRoot(packages);
  say("Installing Chromium and its driver from Debian's packages…");
  await aptInstall(packages);
}
