/** Running many damaged inputs against one reader: none may throw, none may take a second. */
import { expect } from "vitest";
import { type Random, seeded } from "./mutate";

/** Inputs over all readers in an ordinary run; `./brontle test fuzz --inputs N` sets another number. */
export const INPUTS = Number(process.env.BRONTLE_FUZZ_INPUTS ?? 20_000);
/** Another seed gives other inputs: `--seed N`. The failing one is told with its own number. */
export const SEED = Number(process.env.BRONTLE_FUZZ_SEED ?? 1);
/** No input may hold the process longer, ms. */
const MOST_MS = 1000;

function told(input: unknown): string {
  try {
    return (typeof input === "string" ? input : (JSON.stringify(input) ?? "nothing")).slice(0, 400);
  } catch {
    return "(nested too deep to be told)";
  }
}

function timeOf(work: () => void): number {
  const from = performance.now();
  work();
  return performance.now() - from;
}

/**
 * Tries `share` of all inputs. `make` gives an input, `read` hands it to a reader and does with what is
 * taken whatever the application would do with it.
 */
export function fuzz<T>(share: number, make: (random: Random) => T, read: (input: T) => void): void {
  const count = Math.ceil(INPUTS * share);
  let slowest = 0;
  for (let i = 0; i < count; i += 1) {
    const seed = (SEED * 1_000_003 + i) >>> 0;
    const input = make(seeded(seed));
    let ms = 0;
    try {
      ms = timeOf(() => read(input));
      // What counts is the input, not what else this machine did meanwhile.
      for (let again = 0; ms > MOST_MS && again < 2; again += 1) {
        const same = make(seeded(seed));
        ms = Math.min(
          ms,
          timeOf(() => read(same)),
        );
      }
    } catch (error) {
      throw new Error(`input ${i} of seed ${SEED} threw ${(error as Error).stack}\n${told(input)}`, {
        cause: error,
      });
    }
    if (ms > MOST_MS) throw new Error(`input ${i} of seed ${SEED} took ${Math.round(ms)} ms\n${told(input)}`);
    slowest = Math.max(slowest, ms);
  }
  expect(count).toBeGreaterThan(0);
  expect(slowest).toBeLessThan(MOST_MS);
}
