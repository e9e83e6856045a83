import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { DatabaseClock } from "./database-clock";

/** A world in which the database's clock is off, trips take time, and this process's clock goes a little wrong. */
function world(offMs: number, drift: number, trips: readonly { there: number; back: number }[]) {
  let trueMs = 1_000_000;
  let asked = 0;
  const ownMs = () => trueMs * (1 + drift);
  return {
    pass: (ms: number) => {
      trueMs += ms;
    },
    databaseMs: () => trueMs + offMs,
    asked: () => asked,
    clock: new DatabaseClock({
      ownMs,
      ask: async () => {
        const { there, back } = trips[asked % trips.length] ?? { there: 0, back: 0 };
        asked += 1;
        trueMs += there;
        const read = Math.floor(trueMs + offMs);
        trueMs += back;
        return read;
      },
    }),
  };
}

const trip = fc.record({ there: fc.integer({ min: 0, max: 40 }), back: fc.integer({ min: 0, max: 40 }) });

describe("the database's clock in this process", () => {
  test("lies within what it says of itself, at any time, however uneven the trips are", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: -4_000_000, max: 4_000_000 }),
        fc.double({ min: -90e-6, max: 90e-6, noNaN: true }),
        fc.array(trip, { minLength: 3, maxLength: 9 }),
        fc.array(fc.integer({ min: 0, max: 90_000 }), { minLength: 1, maxLength: 12 }),
        async (offMs, drift, trips, waits) => {
          const { clock, pass, databaseMs } = world(offMs, drift, trips);
          for (const wait of waits) {
            pass(wait);
            // What is measured meanwhile takes time of this world too: it is over before the time is compared.
            await clock.read();
            for (let i = 0; i < 20; i += 1) await Promise.resolve();
            const { nowMs, withinMs } = await clock.read();
            // Whole milliseconds on both sides.
            expect(Math.abs(nowMs - databaseMs())).toBeLessThanOrEqual(withinMs + 2);
          }
        },
      ),
    );
  });

  test("asks the database for a handful of samples, whatever number of devices ask", async () => {
    const { clock, asked } = world(500, 0, [{ there: 1, back: 1 }]);
    await Promise.all(Array.from({ length: 1000 }, () => clock.read()));
    expect(asked()).toBe(3);
  });

  test("answers on while the database is away, and says so only where it never knew", async () => {
    let away = false;
    let ownMs = 0;
    const clock = new DatabaseClock({
      ownMs: () => ownMs,
      ask: async () => {
        if (away) throw new Error("away");
        return ownMs + 9;
      },
    });
    expect((await clock.read()).nowMs).toBe(9);
    away = true;
    ownMs += 30_000;
    expect((await clock.read()).nowMs).toBe(30_009);
    const never = new DatabaseClock({ ownMs: () => 0, ask: () => Promise.reject(new Error("away")) });
    await expect(never.read()).rejects.toThrow("away");
  });
});
