/** The command line over the core: no database, no build, no network. */
import { dayOf } from "../core/units";
import { beginCommand } from "./begin-command";
import { type Doors, movesCommand, partsCommand, timeCommand } from "./commands";
import { exportCommand } from "./export-command";
import { peopleCommand } from "./people-command";
import { readCommand, writeCommand } from "./plan-commands";
import { checkCommand, fitCommand, orderCommand, shapeCommand } from "./shape-commands";
import { strengthCommand } from "./strength-command";

const doors: Doors = {
  out: (line) => process.stdout.write(`${line}\n`),
  piece: (text) => process.stdout.write(text),
  err: (line) => process.stderr.write(`${line}\n`),
  today: dayOf(Date.now()),
};

const COMMANDS: Readonly<
  Record<string, (args: readonly string[], doors: Doors) => number | Promise<number>>
> = {
  time: timeCommand,
  moves: movesCommand,
  parts: partsCommand,
  people: peopleCommand,
  check: checkCommand,
  fit: fitCommand,
  order: orderCommand,
  shape: shapeCommand,
  strength: strengthCommand,
  begin: beginCommand,
  read: readCommand,
  write: writeCommand,
  export: exportCommand,
};

const [command = "", ...args] = process.argv.slice(2);
// A reader that has seen enough (head, a closed pipe) is no error of ours.
process.stdout.on("error", (error: NodeJS.ErrnoException) => {
  if (error.code === "EPIPE") process.exit(0);
  throw error;
});
const run = COMMANDS[command];
if (run) process.exitCode = await run(args, doors);
else {
  doors.err(`brontle: doesn't know the command ${command}.`);
  process.exitCode = 1;
}
