/**
 * What went wrong at the database, told apart by its codes (PostgreSQL manual, appendix A) and never by its
 * words: those hold what was stored.
 */
import { statfsSync } from "node:fs";
import { env } from "../env";
import { Refused } from "../refused";

/** The connection was lost, refused, or not to be had. */
const AWAY_SYSTEM = ["ECONNREFUSED", "ECONNRESET", "EPIPE", "ETIMEDOUT", "ENOTFOUND", "EHOSTUNREACH"];
/** Of a class of codes: 08 connection exceptions, 57P shut down or starting up. */
const AWAY_CLASSES = ["08", "57P"];
/** Statement, lock and idle limits; too many connections; broken off so that another could go on. */
const BUSY = ["57014", "55P03", "25P03", "53300", "40P01", "40001"];
const RETRYABLE = ["40P01", "40001"];
/** Disk full, out of memory, a file that can't be written. */
const FULL = ["53100", "53200", "58030"];
/** Texts and instants that PostgreSQL can't hold. */
const MALFORMED = ["22021", "22P05", "22007", "22008", "22P02", "22003", "54000"];

/** The code of an error or of what caused it; null where there is none. */
export function databaseCode(error: unknown): string | null {
  for (let here = error, depth = 0; here instanceof Error && depth < 5; here = here.cause, depth += 1) {
    const { code } = here as { code?: unknown };
    if (typeof code === "string") return code;
    // The driver has no codes for its own: these are its words, not the database's.
    if (/^(Query read timeout|timeout exceeded when trying to connect)/.test(here.message)) return "55P03";
    if (/^(Connection terminated|Client has encountered a connection error)/.test(here.message))
      return "08006";
  }
  return null;
}

/** Whether doing the whole transaction again may well succeed. */
export function isRetryable(error: unknown): boolean {
  return RETRYABLE.includes(databaseCode(error) ?? "");
}

/** The database makes files of 16 MB; with less room than this it can't go on. */
const LEAST_ROOM_BYTES = 16_000_000;

function isFull(): boolean {
  const folder = env.databaseFolder;
  if (folder === null) return false;
  try {
    const { bavail, bsize } = statfsSync(folder);
    return bavail * bsize < LEAST_ROOM_BYTES;
  } catch {
    return false;
  }
}

/** The refusal that a failure of the database comes to; null where it is a fault of ours. */
export function troubleOf(error: unknown): Refused | null {
  const code = databaseCode(error);
  if (code === null) return null;
  const away = AWAY_SYSTEM.includes(code) || AWAY_CLASSES.some((start) => code.startsWith(start));
  // A database without room for its own journal ends, and comes back when there is some.
  if (FULL.includes(code) || code === "ENOSPC" || (away && isFull()))
    return new Refused(
      "full",
      "The disk of this server is full: nothing was stored, and nothing that was stored before is lost. Whoever runs Brontle has to make room.",
    );
  if (BUSY.includes(code))
    return new Refused("busy", "Too much is going on just now: nothing was changed. Try again in a moment.");
  if (away)
    return new Refused("away", "The database does not answer: nothing was changed. Try again in a moment.");
  if (MALFORMED.includes(code))
    return new Refused("malformed", "Something in this request can't be stored: nothing was changed.");
  if (code === "23505") return new Refused("conflict", "That is there already: nothing was changed.");
  return null;
}
