/** Limits in number, counted in the database so that they hold over all processes. */
import { RateLimiterPostgres } from "rate-limiter-flexible";
import { pool } from "./db/client";
import { env } from "./env";
import { Refused } from "./refused";

/** What is limited: how often in how many seconds. */
const LIMITS = {
  /** Addresses that open nothing, from one place: links can't be guessed, and nobody is to try. */
  "wrong-link": { points: 30, seconds: 300 },
  /** Whatever one instructor changes: holding a key at the Desk saves three times a second. */
  command: { points: 600, seconds: 60 },
  /** Invitations and other things that go out, of one studio. */
  outgoing: { points: 300, seconds: 3600 },
  /** Passwords that are tried on one account, wherever from; one that is right starts anew. */
  "sign-in": { points: 20, seconds: 900 },
  /** Messages about one account: nobody's mail is filled by others. */
  "account-mail": { points: 5, seconds: 3600 },
  /** Codes that are tried on one person's answers: four digits are then a year's work. */
  code: { points: 8, seconds: 3600 },
  /** What is changed by one personal link apart from the class's own entries. */
  part: { points: 120, seconds: 60 },
  /** Files that are drawn for one asker: each keeps a thread busy for up to a second. */
  file: { points: 60, seconds: 60 },
} as const;
export type Limited = keyof typeof LIMITS;
/** Tests press faster than people do, but guess no more than anybody. */
const STRICT: readonly Limited[] = ["wrong-link", "code", "sign-in", "account-mail"];

const held = globalThis as typeof globalThis & { brontleLimits?: Map<Limited, RateLimiterPostgres> };

function limiter(name: Limited): RateLimiterPostgres {
  held.brontleLimits ??= new Map();
  const known = held.brontleLimits.get(name);
  if (known) return known;
  const { points, seconds } = LIMITS[name];
  const made = new RateLimiterPostgres({
    storeClient: pool(),
    tableName: "limit_count",
    tableCreated: true,
    keyPrefix: name,
    points: env.relaxedLimits && !STRICT.includes(name) ? points * 100 : points,
    duration: seconds,
  });
  held.brontleLimits.set(name, made);
  return made;
}

/** Forgets what was counted. */
export async function forgive(name: Limited, key: string): Promise<void> {
  await limiter(name)
    .delete(key)
    .catch(() => undefined);
}

/** Counts one; a refusal where there were too many. A count that can't be kept stops nobody. */
export async function rateLimit(name: Limited, key: string): Promise<void> {
  try {
    await limiter(name).consume(key);
  } catch (reason) {
    // By what it has, not by its class: pages and routes are bundled apart, each with a class of its own.
    if (typeof reason === "object" && reason !== null && "msBeforeNext" in reason)
      throw new Refused("too-often", "That is too often: wait a little and try again.");
  }
}
