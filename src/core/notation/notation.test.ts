import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type Block, type ClassDoc, slotsOf } from "../class/document";
import { dosesText } from "../class/dose-text";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { GOOD_CLASSES } from "../testing/good";
import { printPlan } from "./print-plan";
import { readPlan } from "./read-plan";

const read = (text: string) => readPlan(text, LIBRARY_BOOK);
const blocksOf = (text: string): readonly Block[] => read(text).doc?.blocks ?? [];
/** Each move of a plan by its id or name, with its dose. */
const movesOf = (text: string) =>
  blocksOf(text).map((block) =>
    slotsOf(block).map(
      ({ move, dose }) => `${typeof move === "string" ? move : move.name} ${dosesText(dose)}`,
    ),
  );

/** A class without ids: whom a slot stays beside by its place; what is of people and what nobody knows left out. */
function meaning(doc: ClassDoc): unknown {
  const {
    acknowledged: _known,
    overruled: _choices,
    unknownKey: _unknown,
    ...rest
  } = doc as ClassDoc & {
    unknownKey?: unknown;
  };
  return {
    ...rest,
    blocks: doc.blocks.map(({ id: _id, ...block }) => ({
      ...block,
      ...(block.slots
        ? {
            slots: block.slots.map(({ id: _own, together, ...slot }) => ({
              ...slot,
              together: block.slots?.findIndex((other) => other.id === together),
            })),
          }
        : {}),
    })),
  };
}

describe("a plan as it is typed", () => {
  test.each<[string, Partial<Block>, string[]]>([
    [
      "3 rounds 40/20, 60 between: squat, towel row, press-up",
      { rounds: 3, rest: 20, longRest: 60 },
      ["bodyweight-squat 40 s", "towel-row 40 s", "press-up 40 s"],
    ],
    [
      "4x 8-12 floor press 3-0-1 + bent row, 75 s",
      { rounds: 4, longRest: 75 },
      ["floor-press 8–12 reps at 3-0-1-0", "bent-row 8–12 reps"],
    ],
    ["every 60 s for 8 min: 10 swings", { rounds: 8 }, ["kettlebell-swing 10 reps in 60 s"]],
    ["8x 20/10 fast feet", { rounds: 8, rest: 10 }, ["fast-feet 20 s"]],
    ["AMRAP 6 min: 5 burpees, 10 squats", { cap: 360 }, ["burpee 5 reps", "bodyweight-squat 10 reps"]],
    [
      "Finisher: 20 on 10 off x 8, mountain climbers",
      { role: "finisher", rounds: 8, rest: 10 },
      ["plank-knee-drive 20 s"],
    ],
    ["ladder 1-8 shrug", {}, ["shrug ladder 1–8"]],
    ["3 x 30s plank", { rounds: 3, loop: "station" }, ["plank hold 30 s"]],
    [
      "Circuit: 2 rounds, 1 min between\n- squats 0:40\n- push-ups x 10",
      { title: "Circuit", rounds: 2, longRest: 60 },
      ["bodyweight-squat 40 s", "press-up 10 reps"],
    ],
  ])("%s", (text, block, moves) => {
    const [first, ...others] = blocksOf(text);
    expect(others).toEqual([]);
    expect(first).toMatchObject(block);
    expect(movesOf(text)[0]).toEqual(moves);
  });

  test("a gym plan copied from a message becomes blocks with sets, sides, loads and tempo", () => {
    const { doc } = read(
      [
        "Monday strength",
        "",
        "Warm up",
        "- march 60s",
        "- arm circles 30s",
        "",
        "A. Main",
        "1. 3x10 goblet squat @ 12kg",
        "2. 3x8-12 DB row each side, 2 RIR",
        "3. RDL 3 x 8 tempo 3-0-1-0",
        "",
        "Cool down",
        "hamstring stretch 30s each side",
        "child's pose 1 min",
      ].join("\n"),
    );
    expect(doc?.title).toBe("Monday strength");
    expect(doc?.blocks.map(({ role }) => role)).toEqual(["warmup", "main", "cooldown"]);
    const main = doc?.blocks[1];
    expect(main).toMatchObject({ rounds: 3, loop: "station" });
    expect(main?.slots?.map(({ move, load }) => [move, load])).toEqual([
      ["goblet-squat", { kg: 12 }],
      ["one-arm-row", { rir: 2 }],
      ["dumbbell-hinge", undefined],
    ]);
  });

  test("says of words that no move has which are near, where they stand, and keeps them", () => {
    const { doc, notes } = read("Circuit: 2 rounds 30/30\n- squats\n- sqishy wobble 20 s");
    expect(doc?.blocks[0]?.slots?.[1]?.move).toEqual({ name: "sqishy wobble" });
    const unknown = notes.find(({ code }) => code === "unknown-move");
    expect(unknown?.place).toEqual({ line: 3, from: 3, to: 16 });
  });

  test("tells just the words that it isn't sure of, whatever stands around them", () => {
    const line = "2. 3x8-12 DB row each side, 2 RIR";
    const [note] = read(`A\n\n${line}`).notes.filter(({ code }) => code === "read-as");
    expect(line.slice((note?.place.from ?? 0) - 1, (note?.place.to ?? 0) - 1)).toBe("DB row");
  });

  test("what is said for who can't belongs to its move, also on a line of its own", () => {
    const [block] = blocksOf("Circuit: 2 rounds 40/20\n- press-up (easier: on knees)\nno band: towel row\n");
    expect(block?.slots).toHaveLength(1);
    expect(block?.slots?.[0]).toMatchObject({
      move: "press-up",
      marks: { flat: { move: "knee-press-up" } },
      alternatives: [{ move: "towel-row", note: "no band" }],
    });
  });

  test.each([
    ["squat 10 reps then 30 pulses", { reps: 10, then: { pulses: 30 } }],
    ["10 squats then 30 pulses", { reps: 10, then: { pulses: 30 } }],
    ["- squat 10 reps at 3-0-1-0 then hold 20 s heavy", { reps: 10, tempo: "3-0-1-0", then: { hold: 20 } }],
    ["3x10 squats, then 12 pulses", { reps: 10, then: { pulses: 12 } }],
  ])("what comes after the last rep belongs to the move: %s", (line, dose) => {
    const [block] = blocksOf(`A\n\n${line}\n`);
    expect(block?.slots).toHaveLength(1);
    expect(block?.slots?.[0]).toMatchObject({ move: "bodyweight-squat", dose });
  });

  test("a move after “then” is one of its own, and what can't come after a time is noted", () => {
    const [block] = blocksOf("3 rounds: 10 squats then 10 press-ups then 30 pulses\n");
    expect(block?.slots).toMatchObject([
      { move: "bodyweight-squat", dose: { reps: 10 } },
      { move: "press-up", dose: { reps: 10, then: { pulses: 30 } } },
    ]);
    expect(JSON.stringify(blocksOf("3 rounds: 10 squats then 10 pulse squats\n"))).not.toContain('"then"');
    const timed = read("A\n\nsquat 40 s then 30 pulses\n");
    expect(timed.doc?.blocks[0]?.slots).toHaveLength(1);
    expect(timed.notes).toContainEqual(expect.objectContaining({ code: "not-read", text: "then 30 pulses" }));
  });

  test("water, talk and a repeat are of the block above", () => {
    const plan = "Bodyweight mix\n20 star jacks\n15 squats\nRepeat 3 times\nwater 60 s\n\n8x 20/10 punches";
    const [first, second] = blocksOf(plan);
    expect(first).toMatchObject({ rounds: 3, after: 60 });
    expect(second).toMatchObject({ rounds: 8, rest: 10 });
  });

  test.each([
    ["Pier\n\n3x10 goblet squat", "Pier", ""],
    ["Pier\n3x10 goblet squat", "A plan", "Pier"],
    ["Circuit: 3 rounds\n\ngoblet squat 10", "A plan", "Circuit"],
    ["Warm-up\n\nmarch 60 s", "A plan", "Warm-up"],
    ["A. Pier\n\ngoblet squat 10", "A plan", "Pier"],
    ["# Storm\n\nPier\n\ngoblet squat 10", "Storm", "Pier"],
  ])("first words with a blank line under them are the name: %j", (text, title, first) => {
    const { doc } = readPlan(text, LIBRARY_BOOK);
    expect([doc?.title, doc?.blocks[0]?.title]).toEqual([title, first]);
  });

  test("nothing that has words is lost: it is a move, a title, or noted", () => {
    const text = "Circuit: 2 rounds\n- squats 40 s\n- 12\n";
    const { notes } = read(text);
    expect(notes.map(({ code }) => code)).toContain("not-read");
    expect(read("").doc).toBeNull();
    expect(read("hello\n\n").doc).toBeNull();
  });
});

describe("the text of a class", () => {
  const demo = new URL("../../../demo/classes/", import.meta.url);
  const classes = [
    ...readdirSync(demo).map((name) => JSON.parse(readFileSync(new URL(name, demo), "utf8")) as ClassDoc),
    ...GOOD_CLASSES.map(({ doc }) => doc),
  ];

  test.each(classes.map((doc) => [doc.title, doc] as const))("of %s reads back as it is", (_, doc) => {
    const text = printPlan(doc, LIBRARY_BOOK);
    const back = read(text).doc;
    expect(back && meaning(back)).toEqual(meaning(doc));
  });

  test("of one line that is two moves beside one that has no words reads back as it is", () => {
    for (const then of [{ pulses: 30 }, { hold: 100 }]) {
      const slots = [
        { id: "s2", move: "seated-leg-straighten", dose: { reps: 6, tempo: "3-0-2-1", then } },
        { id: "s3", move: { name: " ", repSeconds: 1 }, dose: { toLimit: 27 } },
        { id: "s4", move: { name: "Squat then hinge", repSeconds: 1 }, dose: { reps: 5 } },
        { id: "s5", move: { name: "-", repSeconds: 1 }, dose: { seconds: 30 } },
      ];
      const doc = {
        ...(classes[0] as ClassDoc),
        blocks: [{ id: "b1", title: "", rounds: 4, cap: 830, slots }],
      };
      const back = read(printPlan(doc, LIBRARY_BOOK)).doc;
      expect(back && meaning(back)).toEqual(meaning(JSON.parse(JSON.stringify(doc))));
    }
  });

  test("of any class reads back as it is, but for ids and what is of people", { timeout: 120_000 }, () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        const back = read(printPlan(doc, LIBRARY_BOOK)).doc;
        expect(back && meaning(back)).toEqual(meaning(JSON.parse(JSON.stringify(doc))));
      }),
      { numRuns: 60 },
    );
  });

  test("with anything in its braces never throws", () => {
    for (const rounds of ['{"min":1,"max":1}', "3", '"a"', "{}", "[]", "null"]) {
      const line = `squats 12/10/8 {"rounds":${rounds},"dose":[3]}`;
      for (const head of ["", "A\n\n", "Circuit: 3 rounds\n- "])
        expect(() => read(head + line)).not.toThrow();
    }
  });

  test("damaged, never throws, and gives a valid class or none", { timeout: 120_000 }, () => {
    fc.assert(
      fc.property(arbClass, fc.nat(5000), fc.string({ maxLength: 8 }), fc.nat(40), (doc, at, put, cut) => {
        const text = printPlan(doc, LIBRARY_BOOK);
        const from = at % Math.max(1, text.length);
        expect(() => read(text.slice(0, from) + put + text.slice(from + cut))).not.toThrow();
      }),
      { numRuns: 60 },
    );
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => void read(text)),
      { numRuns: 200 },
    );
  });

  test("is words for what has words", () => {
    const [gale] = classes as [ClassDoc];
    const text = printPlan(gale, LIBRARY_BOOK);
    expect(text).toContain("## Quay circuit: 4 rounds, 15 s rest, 45 s between rounds");
    expect(text).toContain("- Goblet squat 40 s heavy; easier: Sit to stand");
  });
});
