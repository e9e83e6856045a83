import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { classFileText } from "../formats/class-file";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { type Fault, faultLine } from "../values/faults";
import { checkClass } from "./check-class";

const base = () => ({
  format: "brontle.class",
  version: 1,
  title: "T",
  stance: "form",
  blocks: [{ id: "b", title: "", slots: [{ id: "s", move: "bodyweight-squat", dose: { seconds: 30 } }] }],
});
type Doc = Record<string, unknown>;

/** The fault lines of the base document with one thing changed. */
function faultsOf(change: (doc: ReturnType<typeof base> & Doc, block: Doc, slot: Doc) => void): string[] {
  const doc = base() as ReturnType<typeof base> & Doc;
  const block = doc.blocks[0] as unknown as Doc;
  change(doc, block, (block.slots as Doc[])[0] as Doc);
  const checked = checkClass(doc, LIBRARY_BOOK);
  return checked.ok ? [] : checked.error.map(faultLine);
}

describe("what is valid", () => {
  test("the base document is", () => expect(faultsOf(() => undefined)).toEqual([]));

  test.each<[string, (doc: Doc, block: Doc, slot: Doc) => void, string]>([
    [
      "reps below 1",
      (_d, _b, s) => {
        s.dose = { reps: { min: 0, max: 8 } };
      },
      "blocks[0].slots[0].dose.reps.min: must be at least 1",
    ],
    [
      "a span out of order",
      (_d, b) => {
        b.rest = { min: 9, max: 3 };
      },
      "blocks[0].rest: must have min ≤ plan ≤ max",
    ],
    [
      "null is not left out",
      (_d, b) => {
        b.rest = null;
      },
      "blocks[0].rest: must be a whole number or a span of min and max",
    ],
    [
      "no title",
      (d) => {
        d.title = undefined;
      },
      "title: is missing",
    ],
    [
      "an empty title",
      (d) => {
        d.title = "";
      },
      "title: must have 1 to 120 characters",
    ],
    [
      "another version",
      (d) => {
        d.version = 2;
      },
      "version: must be 1",
    ],
    [
      "an unknown stance",
      (d) => {
        d.stance = "hard";
      },
      "stance: must be one of form, strength, density",
    ],
    [
      "two kinds of dose",
      (_d, _b, s) => {
        s.dose = { seconds: 3, hold: 3 };
      },
      "blocks[0].slots[0].dose: must have exactly one of seconds, hold, reps, ladder, toLimit, reserve, sequence",
    ],
    [
      "within on seconds",
      (_d, _b, s) => {
        s.dose = { seconds: 3, within: 30 };
      },
      "blocks[0].slots[0].dose.within: goes with reps only",
    ],
    [
      "tempo on hold",
      (_d, _b, s) => {
        s.dose = { hold: 3, tempo: "3021" };
      },
      "blocks[0].slots[0].dose.tempo: goes with seconds, reps and ladder only",
    ],
    [
      "a tempo of nothing",
      (_d, _b, s) => {
        s.dose = { reps: 3, tempo: "0000" };
      },
      "blocks[0].slots[0].dose.tempo: must be a tempo such as 3-0-2-1 or 3021, lower-pause-lift-pause, not all zero",
    ],
    [
      "three decimals",
      (_d, _b, s) => {
        s.dose = { reps: 3, repSeconds: 1.005 };
      },
      "blocks[0].slots[0].dose.repSeconds: must have at most two decimals",
    ],
    [
      "a rep of no time",
      (_d, _b, s) => {
        s.dose = { reps: 3, repSeconds: 0 };
      },
      "blocks[0].slots[0].dose.repSeconds: must be above 0",
    ],
    [
      "half of one",
      (_d, _b, s) => {
        Object.assign(s, { dose: { seconds: 1 }, sides: "inTurn", count: "total" });
      },
      "blocks[0].slots[0].dose.seconds: must be at least 2",
    ],
    [
      "a round that isn't",
      (_d, b, s) => {
        b.rounds = 3;
        s.rounds = [1, 4];
      },
      "blocks[0].slots[0].rounds[1]: must be at most 3",
    ],
    [
      "rounds out of order",
      (_d, b, s) => {
        b.rounds = 3;
        s.rounds = [2, 1];
      },
      "blocks[0].slots[0].rounds: must be strictly ascending",
    ],
    [
      "an empty round",
      (_d, b, s) => {
        b.rounds = 3;
        s.rounds = [1, 3];
      },
      "blocks[0].rounds: leaves round 2 without any move",
    ],
    [
      "a list too short",
      (_d, b, s) => {
        b.rounds = 3;
        s.dose = [{ seconds: 3 }];
      },
      "blocks[0].slots[0].dose: must have one entry for each of the slot's 3 appearances, but has 1",
    ],
    [
      "cap and station",
      (_d, b) => {
        Object.assign(b, { cap: 60, loop: "station" });
      },
      "blocks[0].loop: can't be used together with cap",
    ],
    [
      "cap and a list",
      (_d, b, s) => {
        b.cap = 60;
        s.dose = [{ seconds: 3 }];
      },
      "blocks[0].slots[0].dose: can't be used together with cap",
    ],
    [
      "cap and slot rounds",
      (_d, b, s) => {
        b.cap = 60;
        s.rounds = [1];
      },
      "blocks[0].slots[0].rounds: can't be used together with cap",
    ],
    [
      "two loads in one",
      (_d, _b, s) => {
        s.load = { kg: 3, rir: 2 };
      },
      "blocks[0].slots[0].load: must have exactly one of target, kg, rir, rpe",
    ],
    [
      "a way longer than the slot",
      (_d, _b, s) => {
        s.marks = { flat: { seconds: 31 } };
      },
      "blocks[0].slots[0].marks.flat.seconds: must be at most 30",
    ],
    [
      "seconds on a rep slot",
      (_d, _b, s) => {
        Object.assign(s, { dose: { reps: 9 }, marks: { sharp: { seconds: 3 } } });
      },
      "blocks[0].slots[0].marks.sharp.seconds: goes with timed slots only",
    ],
    [
      "reps on a timed slot",
      (_d, _b, s) => {
        s.marks = { sharp: { reps: 3 } };
      },
      "blocks[0].slots[0].marks.sharp.reps: goes with slots dosed in reps only",
    ],
    [
      "rounds of a level below 1",
      (_d, _b, s) => {
        s.marks = { flat: { rounds: 0 } };
      },
      "blocks[0].slots[0].marks.flat.rounds: must be at least 1",
    ],
    [
      "an alternative without a move",
      (_d, _b, s) => {
        s.alternatives = [{ note: "no sliders" }];
      },
      "blocks[0].slots[0].alternatives[0].move: is missing",
    ],
    [
      "a choice that is no yes or no",
      (_d, _b, s) => {
        s.choice = "yes";
      },
      "blocks[0].slots[0].choice: must be true or false",
    ],
    [
      "a need that may be missing in another word than yes or no",
      (_d, _b, s) => {
        s.move = { name: "Bridge", needs: [[{ as: "mini-band", optional: 1 }]] };
      },
      "blocks[0].slots[0].move.needs[0][0].optional: must be true or false",
    ],
    [
      "a total of one over the two sides that a move by name takes over",
      (_d, _b, s) => {
        Object.assign(s, {
          move: { name: "Rail split", like: "split-squat" },
          dose: { reps: 1 },
          count: "total",
        });
      },
      "blocks[0].slots[0].dose.reps: must be at least 2",
    ],
    [
      "together with nobody",
      (_d, _b, s) => {
        s.together = "x";
      },
      'blocks[0].slots[0].together: names no slot of the same block: "x"',
    ],
    [
      "together with itself",
      (_d, _b, s) => {
        s.together = "s";
      },
      "blocks[0].slots[0].together: must name another slot, not this one",
    ],
    [
      "the same slot twice",
      (_d, b) => {
        b.slots = [...(b.slots as []), ...(b.slots as [])];
      },
      "blocks[0].slots[1].id: must be unique among the slots: blocks[0].slots[0] has it already",
    ],
    [
      "no blocks",
      (d) => {
        d.blocks = [];
      },
      "blocks: must have 1 to 60 blocks",
    ],
    [
      "no slots in a main block",
      (_d, b) => {
        b.slots = [];
      },
      "blocks[0].slots: must have 1 to 40 slots",
    ],
    [
      "an own move of the wrong form",
      (d) => {
        d.moves = [{ id: "Own Move", name: "Own" }];
      },
      "moves[0].id: must be lower-case words joined with dashes",
    ],
  ])("%s is a fault at its path", (_name, change, line) => {
    expect(faultsOf(change)).toEqual([line]);
  });

  test("an unknown move is told with the nearest ones, also as a filler and in a way", () => {
    const lines = faultsOf((_d, block, slot) => {
      slot.move = "bodywieght-squat";
      block.restMove = "march-on-spot";
      slot.marks = { flat: { move: "sit-to-stnad" }, sharp: { move: { name: "Own", like: "wall-sitt" } } };
      slot.alternatives = [{ move: "goblet-squad" }];
    });
    expect(lines).toHaveLength(5);
    expect(lines.join("\n")).toContain("marks.sharp.move.like");
    expect(lines.join("\n")).toContain("wall-sit");
    expect(lines.join("\n")).toContain("alternatives[0].move");
    expect(lines.join("\n")).toContain("goblet-squat");
    expect(lines.join("\n")).toContain("nearest: bodyweight-squat");
    expect(lines.join("\n")).toContain("march-on-the-spot");
    expect(lines.join("\n")).toContain("sit-to-stand");
  });

  test("all faults come at once", () => {
    const lines = faultsOf((doc, block, slot) => {
      doc.title = "";
      block.rest = -1;
      slot.dose = { seconds: 0 };
    });
    expect(lines).toHaveLength(3);
  });

  test("a class's own moves can be named, with their own rep time", () => {
    const lines = faultsOf((doc, _block, slot) => {
      doc.moves = [{ id: "quay-step", name: "Quay step", repSeconds: 2 }];
      slot.move = "quay-step";
    });
    expect(lines).toEqual([]);
  });

  test("where sides and count mean nothing, they are ignored", () => {
    expect(
      faultsOf((_d, _b, s) =>
        Object.assign(s, { dose: { seconds: 1 }, sides: "both", count: "total", sideChange: 9 }),
      ),
    ).toEqual([]);
  });

  test("too many segments are told, not made", () => {
    const lines = faultsOf((doc) => {
      const slots = Array.from({ length: 40 }, (_, i) => ({
        id: `s${i}`,
        move: { name: "x" },
        dose: { seconds: 1 },
      }));
      const block = { title: "", rounds: 100, rest: 1, slots };
      doc.blocks = Array.from({ length: 3 }, (_, b) => ({
        ...block,
        id: `b${b}`,
        slots: slots.map((s) => ({ ...s, id: `${b}-${s.id}` })),
      })) as never;
    });
    expect(lines).toEqual(["blocks: make a class of more than 20000 segments at the most"]);
  });
});

describe("any input", () => {
  test("anything at all gives a document or faults with paths, and never throws", () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 6 }), (value) => {
        const checked = checkClass(value, LIBRARY_BOOK);
        if (!checked.ok) {
          expect(checked.error.length).toBeGreaterThan(0);
          for (const fault of checked.error) expect(fault.path.length).toBeGreaterThan(0);
        }
      }),
      { numRuns: 500 },
    );
  });

  test("a valid document with one value damaged is still valid, or told with a path into what was damaged", () => {
    const damage = fc.constantFrom<unknown>(null, -1, 1.5, "", "x", [], {}, true, 99_999, { min: 5, max: 1 });
    fc.assert(
      fc.property(arbClass, damage, fc.nat(), (doc, bad, pick) => {
        const copy = JSON.parse(JSON.stringify(doc));
        const places: [Record<string, unknown>, string, string][] = [];
        const walk = (value: unknown, path: string) => {
          if (typeof value !== "object" || value === null) return;
          for (const [key, inner] of Object.entries(value)) {
            const here = Array.isArray(value) ? `${path}[${key}]` : path ? `${path}.${key}` : key;
            places.push([value as Record<string, unknown>, key, here]);
            walk(inner, here);
          }
        };
        walk(copy, "");
        const [owner, key] = places[pick % places.length] as (typeof places)[number];
        owner[key] = bad;
        const checked = checkClass(copy, LIBRARY_BOOK);
        if (!checked.ok)
          for (const fault of checked.error) expect(fault.path).toMatch(/^[a-zA-Z$][\w.[\]-]*$/);
      }),
      { numRuns: 800 },
    );
  });

  test("unknown keys and the order of all keys survive a round trip through a file", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        const back = checkClass(JSON.parse(classFileText(doc)), LIBRARY_BOOK);
        if (!back.ok) throw new Error("a valid document came back invalid");
        expect(JSON.stringify(back.value)).toBe(JSON.stringify(doc));
      }),
    );
  });
});

describe("a document without measure", () => {
  const slot = (i: number) => ({ id: `s${i}`, move: `no-such-${i}`, dose: { seconds: 20 } });
  const many = <T>(count: number, make: (i: number) => T) => Array.from({ length: count }, (_, i) => make(i));

  test("is told its first fifty faults and how many more, near names for those that are told only", () => {
    const blocks = many(4, (b) => ({ id: `b${b}`, title: "", slots: many(40, (i) => slot(b * 40 + i)) }));
    const result = checkClass({ ...classOf([]), blocks }, LIBRARY_BOOK);
    if (result.ok) throw new Error("taken");
    expect(result.error).toHaveLength(51);
    expect(result.error.at(-1)).toEqual({ path: "$", code: "more", count: 110 });
    expect(faultLine(result.error.at(-1) as Fault)).toBe("$: and 110 more");
  });

  test("has its lists measured before anything in them is looked at", () => {
    const cases: readonly [unknown, string][] = [
      [{ ...classOf([]), blocks: many(61, () => 0) }, "blocks: must have 1 to 60 blocks"],
      [
        classOf([{ id: "b", title: "", slots: many(41, () => 0) }]),
        "blocks[0].slots: must have 1 to 40 slots",
      ],
      [{ ...classOf([]), blocks: many(2001, () => 0) }, "blocks: must have 0 to 2000 entries"],
      [{ ...classOf([]), moves: many(201, () => 0), blocks: [] }, "moves: must have 0 to 200 moves"],
      [
        { ...classOf([]), blocks: [], moves: [{ id: "m", name: "M", needs: many(7, () => 0) }] },
        "moves[0].needs: must have 0 to 6 alternatives",
      ],
      [
        { ...classOf([]), blocks: [], moves: [{ id: "m", name: "M", needs: [many(7, () => 0)] }] },
        "moves[0].needs[0]: must have 0 to 6 needs",
      ],
    ];
    for (const [doc, line] of cases) {
      const result = checkClass(doc, LIBRARY_BOOK);
      expect(result.ok ? [] : result.error.map(faultLine)).toContain(line);
    }
  });

  test("lasts at most a day, and is at most a megabyte", () => {
    const lasting = (count: number, seconds: number) =>
      classOf(
        many(count, (i) => ({
          id: `b${i}`,
          title: "",
          slots: [{ ...slot(i), move: "plank", dose: { seconds } }],
        })),
      );
    expect(checkClass(lasting(12, 7200), LIBRARY_BOOK).ok).toBe(true);
    const long = checkClass(
      classOf([...lasting(12, 7200).blocks, { id: "more", title: "", role: "talk", brief: 1 }]),
      LIBRARY_BOOK,
    );
    expect(long).toMatchObject({ ok: false, error: [{ path: "blocks", code: "lasts-too-long", hours: 24 }] });
    const large = { ...lasting(1, 60), aside: "x".repeat(1_000_000) };
    expect(checkClass(large, LIBRARY_BOOK)).toMatchObject({
      ok: false,
      error: [{ path: "$", code: "too-large" }],
    });
  });
});
