/** demo, start, stop and test. Errors are sentences on standard error with exit code 1. */
import { Stop, say } from "./say";
import { serve, stop } from "./serve";
import { test } from "./test";

const [command = "", ...args] = process.argv.slice(2);

async function main(): Promise<number> {
  const stay = args.includes("--stay") || process.stdin.isTTY === true || process.stdout.isTTY === true;
  const known =
    command === "test" ? ["core", "integration", "browser"] : command === "stop" ? [] : ["--stay"];
  const unknown = args.find((arg) => !known.includes(arg));
  if (unknown !== undefined) throw new Stop(`${command} doesn't know ${unknown}.`);
  if (command === "demo") return serve("demo", stay);
  if (command === "start") return serve("own", stay);
  if (command === "stop") return stop();
  return test(args);
}

try {
  process.exit(await main());
} catch (error) {
  say(error instanceof Stop ? `brontle: ${error.message}` : `brontle: ${(error as Error).stack ?? error}`);
  process.exit(1);
}
