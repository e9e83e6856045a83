/** Long computing on threads: it holds nobody up, has an end, and the next job is done as if nothing had been. */
import { afterEach, describe, expect, test } from "vitest";
import type { ClassDoc } from "../../src/core/class/document";
import { workOut } from "../../src/core/live/work-out";
import { CHANGE_OVER } from "../../src/core/parts/change-over";
import { onThread } from "../../src/server/jobs/pool";
import { squats } from "../shared/sessions";

afterEach(() => {
  delete process.env.BRONTLE_WORK_MS;
});

const MOVES = ["goblet-squat", "bent-row", "floor-press", "plank"];

/** A class of so many blocks of forty moves. */
function large(blocks: number): ClassDoc {
  const slots = (b: number) =>
    Array.from({ length: 40 }, (_, s) => ({ id: `s${b}-${s}`, move: MOVES[s % 4], dose: { seconds: 20 } }));
  const list = Array.from({ length: blocks }, (_, b) => ({ id: `b${b}`, title: "", slots: slots(b) }));
  return { ...squats(), blocks: list } as unknown as ClassDoc;
}

const people = (count: number) =>
  Array.from({ length: count }, (_, i) => ({
    id: `p${i}`,
    name: `P ${i}`,
    kit: [{ id: "k", type: "dumbbell" as const, count: 2, kg: 4 + i }],
  }));

describe("a long job", () => {
  test("comes to the same as where it would be asked for, and holds up nobody meanwhile", {
    timeout: 60_000,
  }, async () => {
    const doc = large(8);
    let last = performance.now();
    let longest = 0;
    const tick = setInterval(() => {
      longest = Math.max(longest, performance.now() - last);
      last = performance.now();
    }, 5);
    const there = await onThread("workOut", doc, people(12), CHANGE_OVER);
    clearInterval(tick);
    const from = performance.now();
    const here = workOut(doc, people(12), CHANGE_OVER);
    const took = performance.now() - from;
    expect(there).toEqual(JSON.parse(JSON.stringify(here)));
    // Handing the result over is all that this thread does of it.
    expect(longest).toBeLessThan(took / 2);
  });

  test("that takes too long is ended with a sentence, and the next one is done", {
    timeout: 60_000,
  }, async () => {
    process.env.BRONTLE_WORK_MS = "300";
    const from = performance.now();
    await expect(onThread("workOut", large(60), people(60), CHANGE_OVER)).rejects.toMatchObject({
      code: "too-long",
      message: expect.stringContaining("too many moves"),
    });
    expect(performance.now() - from).toBeLessThan(5000);
    delete process.env.BRONTLE_WORK_MS;
    const { parts } = await onThread("workOut", large(1), people(2), CHANGE_OVER);
    expect(parts.map((part) => part.person)).toEqual(["p0", "p1"]);
  });
});
