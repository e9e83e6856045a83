/** Starting and ending other programs. */
import { type ChildProcess, type SpawnOptions, spawn, spawnSync } from "node:child_process";
import { closeSync, existsSync, fchmodSync, openSync, readFileSync, renameSync, statSync } from "node:fs";
import { createServer } from "node:net";
import { setTimeout as sleep } from "node:timers/promises";

export interface Outcome {
  readonly code: number;
  readonly output: string;
}

/** Runs a program to its end and gives its exit code and everything it said. */
export function runQuietly(
  program: string,
  args: readonly string[],
  options: SpawnOptions = {},
): Promise<Outcome> {
  return new Promise((resolve) => {
    const child = spawn(program, args, { ...options, stdio: ["ignore", "pipe", "pipe"] });
    let output = "";
    const gather = (chunk: Buffer) => {
      output += chunk.toString();
    };
    child.stdout?.on("data", gather);
    child.stderr?.on("data", gather);
    child.on("error", (error) => resolve({ code: 127, output: error.message }));
    child.on("close", (code) => resolve({ code: code ?? 1, output }));
  });
}

/** Runs a program to its end, showing what it says. */
export function runLoudly(
  program: string,
  args: readonly string[],
  options: SpawnOptions = {},
): Promise<number> {
  return new Promise((resolve) => {
    const child = spawn(program, args, { ...options, stdio: ["ignore", "inherit", "inherit"] });
    child.on("error", () => resolve(127));
    child.on("close", (code) => resolve(code ?? 1));
  });
}

/** A file of a program's words that has grown past this is put aside when the program starts, bytes. */
const MOST_WORDS = 2_000_000;

/** Puts a large file aside, in the place of the one before. */
function keepSmall(file: string): void {
  if (existsSync(file) && statSync(file).size > MOST_WORDS) renameSync(file, `${file}.1`);
}

/** Starts a program that outlives this one where wanted: a session of its own, its words in a file. */
export function startApart(
  program: string,
  args: readonly string[],
  log: string,
  options: SpawnOptions,
): ChildProcess {
  keepSmall(log);
  const file = openSync(log, "a", 0o600);
  fchmodSync(file, 0o600);
  const child = spawn(program, args, { ...options, detached: true, stdio: ["ignore", file, file] });
  closeSync(file);
  return child;
}

export function isRoot(): boolean {
  return process.getuid?.() === 0;
}

export function hasProgram(name: string): boolean {
  return spawnSync("sh", ["-c", `command -v ${name}`]).status === 0;
}

/** True where a process with this number runs and its command line holds `word`: numbers are reused. */
export function isRunning(pid: number, word: string): boolean {
  const file = `/proc/${pid}/cmdline`;
  try {
    return existsSync(file) && readFileSync(file, "utf8").replaceAll("\0", " ").includes(word);
  } catch {
    return false;
  }
}

/** Asks a process to end, and ends it the hard way where it hasn't after `patienceMs`. */
export async function endProcess(
  pid: number,
  word: string,
  signal: NodeJS.Signals,
  patienceMs: number,
): Promise<void> {
  if (!isRunning(pid, word)) return;
  process.kill(pid, signal);
  const deadline = Date.now() + patienceMs;
  while (isRunning(pid, word) && Date.now() < deadline) await sleep(50);
  if (isRunning(pid, word)) process.kill(pid, "SIGKILL");
}

function portIsFree(port: number): Promise<boolean> {
  return new Promise((resolve) => {
    const server = createServer();
    server.once("error", () => resolve(false));
    server.listen(port, "127.0.0.1", () => server.close(() => resolve(true)));
  });
}

/** The first free port on loopback from `from` on. */
export async function freePort(from: number): Promise<number> {
  for (let port = from; port < from + 200; port += 1) if (await portIsFree(port)) return port;
  throw new Error(`no free port from ${from} on`);
}

/** Waits until `check` says yes; false where it hasn't after `patienceMs`. */
export async function waitUntil(check: () => Promise<boolean>, patienceMs: number): Promise<boolean> {
  const deadline = Date.now() + patienceMs;
  while (Date.now() < deadline) {
    if (await check()) return true;
    await sleep(100);
  }
  return false;
}
