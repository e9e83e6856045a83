import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import type { Move } from "../moves/move";
import { heightNeededCm, lengthNeededM, noRoom } from "./space";

const move = (id: string) => LIBRARY_BOOK.get(id) as Move;

describe("the room that a move wants", () => {
  test("is a step each way for who stands, sits, kneels or is on all fours, and the stature of who lies or planks", () => {
    for (const id of ["bodyweight-squat", "bent-row", "bird-dog", "half-kneeling-press", "seated-press"])
      expect(lengthNeededM(move(id)), id).toBe(1.2);
    for (const id of ["press-up", "plank", "bridge", "floor-press", "side-plank-knees", "prone-sweep"])
      expect(lengthNeededM(move(id), 182), id).toBeCloseTo(1.87);
    // What goes somewhere says how far.
    const far = LIBRARY.filter(({ room }) => room.lengthM > 2);
    expect(far.length).toBeGreaterThan(3);
    for (const one of far) expect(lengthNeededM(one)).toBe(one.room.lengthM);
    // Of an own move only its coach's number is known.
    const { body: _body, ...own } = move("bodyweight-squat");
    expect(lengthNeededM({ ...own, room: { lengthM: 1.6, heightCm: 210 } })).toBe(1.6);
  });

  test("leaves a cabin of 1.8 m nearly everything, and a metre hardly anything", () => {
    const left = (lengthM: number, heightCm?: number) =>
      LIBRARY.filter((one) => noRoom(one, { space: { lengthM }, heightCm }) === null).length / LIBRARY.length;
    expect(left(1.8)).toBeGreaterThan(0.95);
    expect(left(1.8, 190)).toBeLessThan(left(1.8));
    expect(left(1.3)).toBeGreaterThan(0.4);
    expect(left(1)).toBe(0);
  });

  test("is more for who is taller, and never less in a smaller room", () => {
    const arbHeight = fc.integer({ min: 120, max: 205 });
    fc.assert(
      fc.property(fc.constantFrom(...LIBRARY), arbHeight, arbHeight, (one, a, b) => {
        const [short, tall] = [Math.min(a, b), Math.max(a, b)];
        expect(lengthNeededM(one, tall)).toBeGreaterThanOrEqual(lengthNeededM(one, short));
        expect(heightNeededCm(one, tall)).toBeGreaterThanOrEqual(heightNeededCm(one, short));
        const space = { lengthM: short / 100, ceilingCm: 200 + (tall % 60) };
        const roomier = { lengthM: space.lengthM + 0.5, ceilingCm: space.ceilingCm + 20 };
        if (noRoom(one, { space, heightCm: a }) === null)
          expect(noRoom(one, { space: roomier, heightCm: a })).toBeNull();
      }),
      { numRuns: 300 },
    );
  });

  test("rises with a jump, a little with a hop, and hardly with fast feet", () => {
    const standing = heightNeededCm(move("bodyweight-squat"));
    expect(heightNeededCm(move("squat-jump"))).toBe(standing + 25);
    expect(heightNeededCm(move("line-hop"))).toBe(standing + 10);
    expect(heightNeededCm(move("fast-feet"))).toBe(standing);
  });
});
