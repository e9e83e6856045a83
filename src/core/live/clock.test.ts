import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { CLOCK_DRIFT, type ClockSample, estimateClock } from "./clock";

const ms = fc.integer({ min: 0, max: 400 });

/** Round trips a second apart to a clock that is off by so much and runs a little wrong. */
function sampled(
  offset: number,
  drift: number,
  trips: readonly (readonly [number, number])[],
): ClockSample[] {
  return trips.map(([there, back], i) => {
    const sentMs = i * 1000;
    const at = sentMs + there;
    return { sentMs, receivedMs: at + back, serverMs: Math.floor(at + offset + at * drift) };
  });
}

describe("another clock over a network", () => {
  test("the true offset lies within what is said to be uncertain, whatever the trips, however the clocks drift", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1e7, max: 1e7 }),
        fc.double({ min: -CLOCK_DRIFT, max: CLOCK_DRIFT, noNaN: true }),
        fc.array(fc.tuple(ms, ms), { minLength: 1, maxLength: 40 }),
        fc.integer({ min: 0, max: 60_000 }),
        (offset, drift, trips, later) => {
          const samples = sampled(offset, drift, trips);
          const nowMs = Math.max(...samples.map(({ receivedMs }) => receivedMs)) + later;
          const found = estimateClock(samples, nowMs);
          if (!found) throw new Error("no estimate");
          const truth = offset + nowMs * drift;
          expect(Math.abs(found.offsetMs - truth)).toBeLessThanOrEqual(found.uncertaintyMs + 0.5);
        },
      ),
    );
  });

  test("more trips never leave more open, and all together no more than the shortest alone", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1e6, max: 1e6 }),
        fc.array(fc.tuple(ms, ms), { minLength: 2, maxLength: 30 }),
        (offset, trips) => {
          const samples = sampled(offset, 0, trips).map((sample) => ({ ...sample }));
          const nowMs = Math.max(...samples.map(({ receivedMs }) => receivedMs));
          const all = estimateClock(samples, nowMs)?.uncertaintyMs ?? Number.NaN;
          for (const sample of samples)
            expect(all).toBeLessThanOrEqual((estimateClock([sample], nowMs)?.uncertaintyMs ?? 0) + 1);
        },
      ),
    );
  });

  test("with up to 200 ms of jitter each way sixteen trips come within 20 ms in nine of ten cases", () => {
    const random = fc.sample(
      fc.array(fc.tuple(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 0, max: 200 })), {
        minLength: 16,
        maxLength: 16,
      }),
      { numRuns: 400, seed: 7 },
    );
    const errors = random.map((trips) =>
      Math.abs((estimateClock(sampled(5000, 0, trips))?.offsetMs ?? 0) - 5000),
    );
    expect(errors.filter((error) => error <= 20).length).toBeGreaterThan(360);
  });

  test("a clock that was set is followed: the newest that agree count", () => {
    const before = sampled(0, 0, [
      [5, 5],
      [5, 5],
      [5, 5],
    ]);
    const after = sampled(9000, 0, [
      [5, 5],
      [5, 5],
      [5, 5],
      [4, 6],
    ]).slice(3);
    expect(Math.abs((estimateClock([...before, ...after])?.offsetMs ?? 0) - 9000)).toBeLessThanOrEqual(7);
  });

  test("a reading that is itself unsure leaves that open too; none leaves everything open", () => {
    const [sample] = sampled(100, 0, [[2, 2]]);
    if (!sample) throw new Error("no sample");
    expect(estimateClock([{ ...sample, withinMs: 50 }])?.uncertaintyMs).toBeGreaterThanOrEqual(50);
    expect(estimateClock([])).toBeNull();
  });
});
