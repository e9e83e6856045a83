/** What is said set by set, and how little is typed for a whole class. */
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type Block, type ClassDoc, type Dose, slotsOf } from "../class/document";
import { resolveMove } from "../moves/book";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { printPlan } from "./print-plan";
import { readPlan } from "./read-plan";

const read = (text: string) => readPlan(text, LIBRARY_BOOK);
const blockOf = (text: string) => read(text).doc?.blocks[0] as Block;
const firstOf = (text: string) => slotsOf(blockOf(text))[0];

describe("set by set", () => {
  test.each<[string, Block["rounds"], Dose | readonly Dose[]]>([
    ["goblet squat 12/10/8", 3, [{ reps: 12 }, { reps: 10 }, { reps: 8 }]],
    ["3 rounds: 12/10/8 goblet squat", 3, [{ reps: 12 }, { reps: 10 }, { reps: 8 }]],
    [
      "3 rounds, 60 between: squat 50 s / 40 s / 30 s",
      3,
      [{ seconds: 50 }, { seconds: 40 }, { seconds: 30 }],
    ],
    ["plank 40 s / 30 s / 20 s", 3, [{ hold: 40 }, { hold: 30 }, { hold: 20 }]],
    ["2 rounds: squat 12/10 reps", 2, [{ reps: 12 }, { reps: 10 }]],
    [
      "2 rounds: squat 8–12 reps at 3-0-1-0 / 8 reps at 2-0-1-0",
      2,
      [
        { reps: { min: 8, max: 12 }, tempo: "3-0-1-0" },
        { reps: 8, tempo: "2-0-1-0" },
      ],
    ],
    // Two bare numbers are work and rest, as everywhere.
    ["3 rounds 40/20: squat", 3, { seconds: 40 }],
    ["3 rounds: squat 40 s / 20 s", 3, { seconds: 40 }],
  ])("%s", (text, rounds, dose) => {
    expect(read(text).notes).toEqual([]);
    expect(blockOf(text).rounds).toBe(rounds);
    expect(firstOf(text)?.dose).toEqual(dose);
  });

  test("weights, and so much less", () => {
    const kg = (text: string) => firstOf(text)?.load;
    expect(kg("goblet squat 12/10/8 reps @ 12/14/16 kg")).toEqual([{ kg: 12 }, { kg: 14 }, { kg: 16 }]);
    expect(kg("4x10 goblet squat @ 20 kg, 10% less each set")).toEqual([
      { kg: 20 },
      { kg: 18 },
      { kg: 16.25 },
      { kg: 14.5 },
    ]);
    expect(kg("3x10 goblet squat 20 kg, then 25 per cent lighter")).toEqual([
      { kg: 20 },
      { kg: 15 },
      { kg: 15 },
    ]);
    expect(firstOf("3x8 bent-over row, 20 % less")).toMatchObject({
      move: "bent-row",
      call: ["", "20 % lighter than the first", "20 % lighter than the first"],
    });
    expect(read("squat 40 s, 20 % less").notes).toMatchObject([{ code: "not-read", text: "20 % less" }]);
  });

  test("several moves stand in one line under a heading, each with its own dose; a name with a comma stays one", () => {
    const moves = (text: string) => slotsOf(blockOf(text)).map(({ move }) => move);
    expect(moves("Warm up\nmarch 60s, arm circles 30s, inchworm x 5")).toHaveLength(3);
    expect(moves("Warm up\nmarch 60s, arm circles 30s, gobet sqat holt x 5")).toHaveLength(3);
    expect(moves("Main\none-arm row, hand on the thigh 8 reps")).toEqual(["free-one-arm-row"]);
    expect(moves("Main\nDB row 8-12, 2 RIR, slow")).toHaveLength(1);
  });

  test("a word that ends in an x says nothing of how often", () => {
    expect(slotsOf(blockOf("- step on the box 10"))[0]).toMatchObject({ dose: { reps: 10 } });
    expect(read("- zzyzx 10").notes).toMatchObject([{ code: "unknown-move", text: "zzyzx" }]);
  });

  test("a list that doesn't fit its block is told and cut or filled up, and the class stands", () => {
    const { doc, notes } = read("3 rounds 40/20: squat, push-up 12/10 reps, 12/10/8/6 towel row");
    expect(notes).toMatchObject([
      { code: "list-length", text: "2", sets: 3 },
      { code: "list-length", text: "4", sets: 3 },
    ]);
    const slots = slotsOf(doc?.blocks[0] as Block);
    expect(slots[1]?.dose).toEqual([{ reps: 12 }, { reps: 10 }, { reps: 10 }]);
    expect(slots[2]?.dose).toEqual([{ reps: 12 }, { reps: 10 }, { reps: 8 }]);
  });

  test("lists of doses and of weights are printed in words, and read back as they are", () => {
    const arbDose: fc.Arbitrary<Dose> = fc.oneof(
      fc.integer({ min: 5, max: 300 }).map((seconds) => ({ seconds })),
      fc.integer({ min: 1, max: 40 }).map((reps) => ({ reps })),
      fc.integer({ min: 1, max: 20 }).map((min) => ({ reps: { min, max: min + 3 }, tempo: "3-0-1-0" })),
    );
    fc.assert(
      fc.property(
        fc.array(fc.tuple(arbDose, fc.integer({ min: 1, max: 60 })), { minLength: 3, maxLength: 6 }),
        (sets) => {
          const doc: ClassDoc = {
            format: "brontle.class",
            version: 1,
            title: "Set by set",
            stance: "strength",
            blocks: [
              {
                id: "b1",
                title: "Main",
                role: "main",
                rounds: sets.length,
                longRest: 60,
                slots: [
                  {
                    id: "s1",
                    move: "goblet-squat",
                    dose: sets.map(([dose]) => dose),
                    load: sets.map(([, kg]) => ({ kg })),
                  },
                ],
              },
            ],
          };
          const text = printPlan(doc, LIBRARY_BOOK);
          expect(text).not.toContain("{");
          expect(read(text)).toEqual({ doc, notes: [] });
        },
      ),
    );
  });
});

/** A class of three quarters of an hour in six blocks, as an instructor types it who knows the notation. */
const TYPED = `warm up: march on the spot, arm sweep, hip hinge reach, step back and open, half squat and reach, shoulder rolls
4x 40/20: squat, towel row, reverse lunge, press-up
water 60s
3x 40/20: bridge, dead bug, side lunge
8x 20/10 fast feet
4x 30/15: plank, curl-up
cool down: calf stretch, open-arms stretch, standing hamstring stretch, slow breathing`;

test("a class of 45 minutes in six blocks is typed in under 120 characters beyond its moves' names", () => {
  const { doc, notes } = read(TYPED);
  const names = (doc?.blocks ?? []).flatMap(slotsOf).map(({ move }) => resolveMove(move, LIBRARY_BOOK));
  expect(doc?.blocks).toHaveLength(6);
  expect(notes.filter(({ code }) => code !== "no-dose")).toEqual([]);
  const minutes = scoreOf(doc as ClassDoc, LIBRARY_BOOK).seconds.plan / 60;
  expect(minutes).toBeGreaterThan(44);
  expect(minutes).toBeLessThan(46);
  // What is left when every move's name as it is typed is taken out.
  let left = TYPED.toLowerCase();
  for (const name of [...names.map((move) => move.name.toLowerCase())].sort((a, b) => b.length - a.length))
    left = left.replace(name, "");
  expect(names.length).toBeGreaterThan(15);
  expect(left.replace(/\n/g, "").length).toBeLessThan(120);
});
