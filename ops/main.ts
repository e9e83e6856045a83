/** demo, start, stop, mail, second-factor-off, backup, restore, rotate and test (and `keep`, which the others start for themselves). Errors are sentences on standard error with exit code 1. */
import { backupCommand } from "./backup";
import { keep } from "./keeper";
import { mailCommand } from "./mail";
import { rotateCommand } from "./rotate";
import { Stop, say } from "./say";
import { secondFactorOff } from "./second-factor";
import { serve, stop } from "./serve";
import { test } from "./test";

const [command = "", ...args] = process.argv.slice(2);

async function main(): Promise<number> {
  const stay = args.includes("--stay") || process.stdin.isTTY === true || process.stdout.isTTY === true;
  if (command === "test") return test(args);
  if (command === "backup" || command === "restore") return backupCommand(command, args);
  if (command === "rotate") return rotateCommand(args);
  if (command === "mail") return mailCommand(args);
  if (command === "second-factor-off") return secondFactorOff(args);
  if (command === "keep") return keep(args[0] === "demo" ? "demo" : "own", Number(args[1]));
  const unknown = args.find((arg) => arg !== "--stay" || command === "stop");
  if (unknown !== undefined) throw new Stop(`${command} doesn't know ${unknown}.`);
  if (command === "demo") return serve("demo", stay);
  if (command === "start") return serve("own", stay);
  return stop();
}

try {
  process.exit(await main());
} catch (error) {
  say(error instanceof Stop ? `brontle: ${error.message}` : `brontle: ${(error as Error).stack ?? error}`);
  process.exit(1);
}
