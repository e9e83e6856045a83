/**
 * Long computing off the thread that answers requests: a few worker threads, each job with a time. A job
 * that runs longer is ended with its thread, and whoever asked gets a refusal; nobody else waits for it.
 */
import { existsSync } from "node:fs";
import { availableParallelism } from "node:os";
import { resolve } from "node:path";
import { Piscina } from "piscina";
import { journal } from "../journal";
import { Refused } from "../refused";
import type { Job, Jobs } from "./worker";

/** A class that is worked out for longer is too large to be taught: one of forty people takes a third of a second. */
const WITHIN_MS = 10_000;

/** `BRONTLE_WORK_MS` sets another time, for slower machines. */
const withinMs = () => Number(process.env.BRONTLE_WORK_MS) || WITHIN_MS;

/** Jobs that may wait for a thread; beyond, somebody asks for more than this machine can do. */
const MOST_WAITING = 100;

const held = globalThis as typeof globalThis & { brontleWorkers?: Piscina | null };

/** The threads, or null where nothing was built (the development server): then jobs run where they are asked for. */
function threads(): Piscina | null {
  if (held.brontleWorkers === undefined) {
    const file = resolve(
      /* turbopackIgnore: true */ process.env.BRONTLE_WORKER ?? ".next/brontle-worker.mjs",
    );
    if (existsSync(file)) {
      held.brontleWorkers = new Piscina({
        filename: file,
        maxThreads: Math.max(1, Math.min(4, availableParallelism())),
        minThreads: 1,
        maxQueue: MOST_WAITING,
        idleTimeout: 60_000,
        // Nothing that a job is handed may grow without end.
        resourceLimits: { maxOldGenerationSizeMb: 1024 },
        // A thread needs no secrets.
        env: {},
      });
    } else held.brontleWorkers = null;
  }
  return held.brontleWorkers;
}

function refusalOf(error: unknown): Refused | null {
  const { name, message, code } = error as { name?: string; message?: string; code?: string };
  if (name === "AbortError" || code === "ERR_WORKER_OUT_OF_MEMORY")
    return new Refused(
      "too-long",
      "Working out what everybody does takes too long: the class has too many moves, or too many people are asked.",
    );
  if (message === "Task queue is at limit")
    return new Refused("busy", "Too much is going on just now: nothing was changed. Try again in a moment.");
  return null;
}

/** Has a job done on a thread. @throws Refused `too-long` past the time, `busy` where too many wait */
export async function onThread<N extends keyof Jobs>(
  name: N,
  ...args: Parameters<Jobs[N]>
): Promise<Awaited<ReturnType<Jobs[N]>>> {
  const pool = threads();
  if (pool === null) {
    const { default: run } = await import("./worker");
    return (await run({ name, args })) as Awaited<ReturnType<Jobs[N]>>;
  }
  try {
    const job: Job = { name, args };
    return await pool.run(job, { signal: AbortSignal.timeout(withinMs()) });
  } catch (error) {
    const refused = refusalOf(error);
    if (!refused) throw error;
    journal.warn("job-ended", error, { job: name });
    throw refused;
  }
}
