import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import type { Block, ClassDoc, Dose, Slot } from "../class/document";
import { applyEdit } from "../class/edits";
import type { Person } from "../homes/home";
import type { KitItem } from "../homes/kit";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/parts";
import { arbClass } from "../testing/arbitraries";
import { acknowledgeEdit, CODES, type Finding, type FindingCode } from "./finding";
import { readThrough } from "./read-through";
import type { Season } from "./season";

interface Case {
  readonly doc: ClassDoc;
  readonly people?: readonly Person[];
  readonly season?: Season;
}

let ids = 0;
const slot = (
  move: Slot["move"],
  dose: Dose | readonly Dose[] = { seconds: 40 },
  more: Partial<Slot> = {},
): Slot => {
  ids += 1;
  return { id: `s${ids}`, move, dose, ...more };
};
const block = (slots: readonly Slot[], more: Partial<Block> = {}): Block => {
  ids += 1;
  return { id: `b${ids}`, title: "", role: "main", slots, ...more };
};
const doc = (blocks: readonly Block[], more: Partial<ClassDoc> = {}): ClassDoc => ({
  format: "brontle.class",
  version: 1,
  title: "Test",
  stance: "strength",
  blocks,
  ...more,
});
const kit = (...items: Omit<KitItem, "id">[]): KitItem[] =>
  items.map((item, i) => ({ ...item, id: `k${i}` }));
const person = (more: Partial<Person> = {}): Person => ({ id: "p", name: "Piet Skerry", kit: [], ...more });
const warmup = (seconds: number) => block([slot("march-on-the-spot", { seconds })], { role: "warmup" });
const cooldown = (seconds: number) => block([slot("slow-breathing", { seconds })], { role: "cooldown" });
const main = (seconds: number, more: Partial<Block> = {}) =>
  block([slot("bodyweight-squat", { seconds })], more);
const rounds = (n: number, slots: readonly Slot[], more: Partial<Block> = {}) =>
  block(slots, { rounds: n, rest: 15, longRest: 60, ...more });
const words = (n: number) => Array.from({ length: n }, () => "word").join(" ");
const HOUR = 3_600_000;
const AT = Date.parse("2026-11-25T18:00:00Z");
const hardSquats = (sets: number) =>
  doc([rounds(sets, [slot("goblet-squat", { reps: 8 }, { load: { rir: 2 } })], { longRest: 120 })]);

/** For each code a class in which it fires, and one just at its threshold in which it does not. */
const CASES: Record<FindingCode, { readonly fires: Case; readonly quiet: Case }> = {
  "length-over": {
    fires: { doc: doc([main(601, { after: 60 })], { promise: { minutes: 10 } }) },
    quiet: { doc: doc([main(660)], { promise: { minutes: 10 } }) },
  },
  "length-under": {
    fires: { doc: doc([main(530, { after: 5 })], { promise: { minutes: 10 } }) },
    quiet: { doc: doc([main(540)], { promise: { minutes: 10 } }) },
  },
  "length-loose": {
    fires: { doc: doc([block([slot("bodyweight-squat", { seconds: { min: 94, plan: 100, max: 105 } })])]) },
    quiet: { doc: doc([block([slot("bodyweight-squat", { seconds: { min: 95, plan: 100, max: 105 } })])]) },
  },
  "promise-moves": {
    fires: { doc: doc([block([slot("bodyweight-squat"), slot("bridge")])], { promise: { moves: 3 } }) },
    quiet: {
      doc: doc([block([slot("bodyweight-squat"), slot("bridge"), slot("bridge")])], {
        promise: { moves: 2 },
      }),
    },
  },
  "promise-kit": {
    fires: {
      doc: doc([block([slot("goblet-squat")])], { promise: { kit: ["towel"] } }),
      people: [person({ kit: kit({ type: "kettlebell", kg: 8 }) })],
    },
    quiet: {
      doc: doc([block([slot("goblet-squat")])], { promise: { kit: ["kettlebell"] } }),
      people: [person({ kit: kit({ type: "kettlebell", kg: 8 }) })],
    },
  },
  // Standing up from lying takes 7 s.
  "gap-short": {
    fires: {
      doc: doc([rounds(2, [slot("bridge"), slot("bodyweight-squat")], { rest: 6, longRest: 60 })]),
      people: [person()],
    },
    quiet: {
      doc: doc([rounds(2, [slot("bridge"), slot("bodyweight-squat")], { rest: 7, longRest: 60 })]),
      people: [person()],
    },
  },
  "window-short": {
    fires: { doc: doc([block([slot("bodyweight-squat", { reps: 11, repSeconds: 3, within: 32 })])]) },
    quiet: { doc: doc([block([slot("bodyweight-squat", { reps: 11, repSeconds: 3, within: 33 })])]) },
  },
  // 24 words at 2.3 a second take 10.4 s.
  "words-long": {
    fires: {
      doc: doc([
        rounds(2, [slot("bodyweight-squat"), slot("bridge", { seconds: 40 }, { call: words(24) })], {
          rest: 10,
        }),
      ]),
    },
    quiet: {
      doc: doc([
        rounds(2, [slot("bodyweight-squat"), slot("bridge", { seconds: 40 }, { call: words(23) })], {
          rest: 10,
        }),
      ]),
    },
  },
  "not-shown": {
    fires: { doc: doc([block([slot("bodyweight-squat")])]) },
    quiet: {
      doc: doc([
        block([slot("bodyweight-squat")], { role: "warmup" }),
        block([slot("bodyweight-squat"), slot("bridge", { seconds: 30 }, { demo: 5 })]),
      ]),
    },
  },
  "no-water": {
    fires: { doc: doc([main(1000), main(201)]) },
    quiet: { doc: doc([main(1000), main(200)]) },
  },
  "sides-uneven": {
    fires: { doc: doc([rounds(3, [slot("split-squat", { reps: 8 }, { sides: "swap" })])]) },
    quiet: { doc: doc([rounds(4, [slot("split-squat", { reps: 8 }, { sides: "swap" })])]) },
  },
  "count-mixed": {
    fires: {
      doc: doc([
        block([
          slot("reverse-lunge", { reps: 10 }),
          slot("bridge"),
          slot("reverse-lunge", { reps: 10 }, { count: "total" }),
        ]),
      ]),
    },
    quiet: {
      doc: doc([
        block([slot("reverse-lunge", { reps: 10 }), slot("bridge"), slot("reverse-lunge", { reps: 12 })]),
      ]),
    },
  },
  "no-warmup": {
    fires: { doc: doc([warmup(179), main(600)]) },
    quiet: { doc: doc([warmup(180), main(600)]) },
  },
  "no-cooldown": {
    fires: { doc: doc([main(1600), cooldown(239)]) },
    quiet: { doc: doc([main(1600), cooldown(240)]) },
  },
  "stretch-early": {
    fires: { doc: doc([block([slot("calf-stretch", { hold: 60 })], { role: "warmup" }), main(60)]) },
    quiet: { doc: doc([block([slot("calf-stretch", { hold: 59 })], { role: "warmup" }), main(60)]) },
  },
  "same-muscle": {
    fires: { doc: doc([block([slot("bodyweight-squat"), slot("split-squat")])]) },
    quiet: { doc: doc([block([slot("bodyweight-squat"), slot("press-up"), slot("split-squat")])]) },
  },
  "rest-muscle": {
    fires: {
      doc: doc([rounds(3, [slot("goblet-squat", { reps: 8 }, { load: { rir: 2 } })], { longRest: 89 })]),
    },
    quiet: {
      doc: doc([rounds(3, [slot("goblet-squat", { reps: 8 }, { load: { rir: 2 } })], { longRest: 90 })]),
    },
  },
  "rest-stance": {
    fires: {
      doc: doc([block([slot("bodyweight-squat"), slot("split-squat")], { rest: 21 })], { stance: "density" }),
    },
    quiet: {
      doc: doc([block([slot("bodyweight-squat"), slot("split-squat")], { rest: 20 })], { stance: "density" }),
    },
  },
  "work-rest": {
    fires: {
      doc: doc([
        rounds(2, [slot("bridge", { seconds: 41 }), slot("press-up", { seconds: 41 })], {
          rest: 40,
          longRest: 80,
        }),
      ]),
    },
    quiet: {
      doc: doc([
        rounds(2, [slot("bridge", { seconds: 40 }), slot("press-up", { seconds: 40 })], {
          rest: 40,
          longRest: 80,
        }),
      ]),
    },
  },
  "grip-stack": {
    fires: {
      doc: doc([block([slot("bent-row", { seconds: 46 }), slot("curl", { seconds: 45 })], { rest: 10 })]),
    },
    quiet: {
      doc: doc([block([slot("bent-row", { seconds: 45 }), slot("curl", { seconds: 45 })], { rest: 10 })]),
    },
  },
  "hard-early": {
    fires: { doc: doc([warmup(359), block([slot("star-jack", { seconds: 20 })])]) },
    quiet: { doc: doc([warmup(360), block([slot("star-jack", { seconds: 20 })])]) },
  },
  "jumps-many": {
    fires: { doc: doc([block([slot("squat-jump", { reps: 81 })])]) },
    quiet: { doc: doc([block([slot("squat-jump", { reps: 80 })])]) },
  },
  "up-and-down": {
    fires: { doc: doc([rounds(7, [slot("bodyweight-squat"), slot("bridge")])]) },
    quiet: { doc: doc([rounds(6, [slot("bodyweight-squat"), slot("bridge")])]) },
  },
  "failure-beginner": {
    fires: {
      doc: doc([block([slot("bodyweight-squat", { toLimit: 40 })])]),
      people: [person({ mark: "flat" })],
    },
    quiet: {
      doc: doc([block([slot("bodyweight-squat", { toLimit: 40 })])]),
      people: [person({ mark: "natural" })],
    },
  },
  "failure-unstable": {
    fires: { doc: doc([block([slot("skater-hop", { toLimit: 40 })])]) },
    quiet: { doc: doc([block([slot("press-up", { toLimit: 40 })])]) },
  },
  "muscle-missing": {
    fires: {
      doc: doc([block([slot("bodyweight-squat"), slot("press-up"), slot("band-row")])], {
        promise: { focus: ["full"] },
      }),
    },
    quiet: {
      doc: doc(
        [block(["bodyweight-squat", "bridge", "press-up", "band-row", "plank"].map((move) => slot(move)))],
        { promise: { focus: ["full"] } },
      ),
    },
  },
  "push-pull": {
    fires: {
      doc: doc([rounds(4, [slot("floor-press", { reps: 8 })]), rounds(2, [slot("bent-row", { reps: 8 })])], {
        promise: { focus: ["push", "pull"] },
      }),
    },
    quiet: {
      doc: doc([rounds(3, [slot("floor-press", { reps: 8 })]), rounds(2, [slot("bent-row", { reps: 8 })])], {
        promise: { focus: ["push", "pull"] },
      }),
    },
  },
  "week-many": {
    fires: {
      doc: hardSquats(8),
      season: { atMs: AT, classes: [{ atMs: AT - 50 * HOUR, doc: hardSquats(9) }] },
    },
    quiet: {
      doc: hardSquats(8),
      season: { atMs: AT, classes: [{ atMs: AT - 50 * HOUR, doc: hardSquats(8) }] },
    },
  },
  "week-few": {
    fires: { doc: hardSquats(5), season: { atMs: AT, classes: [] } },
    quiet: {
      doc: doc([
        rounds(
          6,
          [
            slot(
              { name: "Own squat", muscles: { primary: ["quads"], secondary: [] } },
              { reps: 8 },
              { load: { rir: 2 } },
            ),
          ],
          { longRest: 120 },
        ),
      ]),
      season: { atMs: AT, classes: [] },
    },
  },
  "too-soon": {
    fires: {
      doc: hardSquats(6),
      season: { atMs: AT, classes: [{ atMs: AT - 47 * HOUR, doc: hardSquats(6) }] },
    },
    quiet: {
      doc: hardSquats(6),
      season: { atMs: AT, classes: [{ atMs: AT - 48 * HOUR, doc: hardSquats(6) }] },
    },
  },
  unmet: {
    fires: { doc: doc([block([slot("overhead-reach")])]), people: [person({ limits: ["no-overhead"] })] },
    quiet: { doc: doc([block([slot("overhead-reach")])]), people: [person()] },
  },
  "home-unknown": {
    fires: { doc: doc([main(60)]), people: [{ id: "p", name: "Piet Skerry" }] },
    quiet: { doc: doc([main(60)]), people: [person({ kit: [] })] },
  },
  "one-level": {
    fires: { doc: doc([block([slot({ name: "Stair dance" })])]) },
    quiet: {
      doc: doc([
        block([
          slot(
            { name: "Stair dance" },
            { seconds: 30 },
            { marks: { flat: { note: "slower" }, sharp: { note: "faster" } } },
          ),
        ]),
      ]),
    },
  },
  limit: {
    fires: { doc: doc([block([slot("press-up")])]), people: [person({ limits: ["no-wrist-load"] })] },
    quiet: { doc: doc([block([slot("press-up")])]), people: [person({ limits: ["no-jumping"] })] },
  },
  room: {
    fires: {
      doc: doc([block([slot({ name: "Leap", loads: ["jump"], impact: "high" })])]),
      people: [person({ space: { jumping: false } })],
    },
    quiet: { doc: doc([block([slot("squat-jump")])]), people: [person({ space: { jumping: false } })] },
  },
  "load-jump": {
    fires: {
      doc: doc([block([slot("bent-row", { reps: { min: 8, max: 12 } }, { load: { rir: 2 } })])]),
      people: [
        person({
          kit: kit({ type: "dumbbell", count: 2, kg: 11 }),
          workingSets: [{ move: "bent-row", kg: 10, reps: 10, rir: 2 }],
        }),
      ],
    },
    quiet: {
      doc: doc([block([slot("bent-row", { reps: { min: 8, max: 12 } }, { load: { rir: 2 } })])]),
      people: [
        person({
          kit: kit({ type: "dumbbell", count: 2, kg: 10 }),
          workingSets: [{ move: "bent-row", kg: 10, reps: 10, rir: 2 }],
        }),
      ],
    },
  },
  caution: {
    fires: {
      doc: doc([block([slot("band-row")])]),
      people: [person({ kit: kit({ type: "tube-band", tension: "medium" }) })],
    },
    quiet: {
      doc: doc([block([slot("bodyweight-squat")])]),
      people: [person({ kit: kit({ type: "tube-band", tension: "medium" }) })],
    },
  },
  claim: {
    fires: { doc: doc([main(60, { title: "Burn your belly fat" })]) },
    quiet: { doc: doc([main(60, { title: "Belly to the floor, burn slowly like a lamp" })]) },
  },
  "move-unknown": {
    fires: { doc: doc([block([slot({ name: "Stair dance" })])]) },
    quiet: {
      doc: doc([
        block([
          slot({
            name: "Stair dance",
            pattern: "run",
            needs: [[]],
            muscles: { primary: ["quads"], secondary: [] },
          }),
        ]),
      ]),
    },
  },
};

function found({ doc: own, people = [], season }: Case): readonly Finding[] {
  const checked = checkClass(own, LIBRARY_BOOK);
  if (!checked.ok) throw new Error(JSON.stringify(checked.error));
  const parts = partsFor(own, people, LIBRARY_BOOK);
  return readThrough({ doc: own, library: LIBRARY_BOOK, people, parts, season: season ?? null });
}

describe.each(Object.entries(CASES))("%s", (code, { fires, quiet }) => {
  const of = (list: readonly Finding[]) => list.filter((finding) => finding.code === code);

  test("fires, with its numbers in a sentence and a place as narrow as it can be", () => {
    const [finding] = of(found(fires));
    expect(finding, JSON.stringify(found(fires).map((entry) => entry.code))).toBeDefined();
    expect(finding?.sentence).toMatch(/^["A-Z0-9].+\.$/);
    if (code !== "unmet") expect(finding?.severity).toBe(CODES[code as FindingCode]);
  });

  test("is quiet at its threshold", () => {
    expect(of(found(quiet)).map((entry) => entry.sentence)).toEqual([]);
  });

  test("is mended by each of its fixes, and no other of its kind comes up", () => {
    for (const finding of of(found(fires))) {
      for (const { label, edit } of finding.fixes) {
        const next = applyEdit(fires.doc, edit);
        if (!next.ok) throw new Error(`${label} doesn't apply`);
        const left = found({ ...fires, doc: next.value });
        const kind = code.startsWith("length-")
          ? (entry: Finding) => entry.code.startsWith("length-o") || entry.code === "length-under"
          : (entry: Finding) => entry.code === code;
        const here = left.filter(
          (entry) => kind(entry) && JSON.stringify(entry.where) === JSON.stringify(finding.where),
        );
        expect(
          here.map((entry) => entry.sentence),
          label,
        ).toEqual([]);
        expect(left.filter(kind).length, label).toBeLessThan(of(found(fires)).length);
      }
    }
  });
});

test("what has an obvious mend offers one", () => {
  const mended = Object.entries(CASES).filter(([code, { fires }]) =>
    found(fires).some((finding) => finding.code === code && finding.fixes.length > 0),
  );
  expect(mended.map(([code]) => code).sort()).toEqual(
    [
      "count-mixed",
      "failure-beginner",
      "failure-unstable",
      "gap-short",
      "length-over",
      "length-under",
      "load-jump",
      "no-cooldown",
      "no-warmup",
      "no-water",
      "not-shown",
      "one-level",
      "promise-kit",
      "promise-moves",
      "rest-muscle",
      "rest-stance",
      "same-muscle",
      "sides-uneven",
      "stretch-early",
      "window-short",
      "words-long",
    ].sort(),
  );
});

describe("the read-through", () => {
  test("is a stop where somebody who is coming can't do a move", () => {
    const { doc: own, people = [] } = CASES.unmet.fires;
    const coming = found({ doc: own, people: people.map((entry) => ({ ...entry, coming: true })) });
    expect(coming.find((finding) => finding.code === "unmet")?.severity).toBe("stop");
  });

  test("orders by severity, then by time", () => {
    const list = found({
      doc: doc([main(60), block([slot("skater-hop", { toLimit: 30 })])]),
      people: [person({ mark: "flat" })],
    });
    const rank = { stop: 0, fix: 1, consider: 2 };
    for (let i = 1; i < list.length; i += 1) {
      const [a, b] = [list[i - 1] as Finding, list[i] as Finding];
      expect(rank[a.severity] * 1e6 + a.at).toBeLessThanOrEqual(rank[b.severity] * 1e6 + b.at);
    }
  });

  test("keeps an acknowledgement until what it was about changes", () => {
    const { doc: own } = CASES["rest-muscle"].fires;
    const of = (entry: ClassDoc) => found({ doc: entry }).find((finding) => finding.code === "rest-muscle");
    const finding = of(own) as Finding;
    const next = applyEdit(own, acknowledgeEdit(own, finding, "Light today"));
    if (!next.ok) throw new Error("not applied");
    expect(of(next.value)?.acknowledged).toBe("Light today");
    const other = { ...next.value, title: "Another title" };
    expect(of(other)?.acknowledged).toBe("Light today");
    const shorter = { ...next.value, blocks: next.value.blocks.map((entry) => ({ ...entry, longRest: 80 })) };
    expect(of(shorter)?.acknowledged).toBeNull();
  });

  test("several cautions are acknowledged one by one", () => {
    const people = [
      person({ kit: kit({ type: "tube-band", tension: "medium" }, { type: "chair", sturdy: true }) }),
    ];
    let own = doc([block([slot("band-row"), slot("sit-to-stand")])]);
    const open = () =>
      found({ doc: own, people }).filter((f) => f.code === "caution" && f.acknowledged === null);
    expect(open()).toHaveLength(2);
    for (let n = 2; n > 0; n -= 1) {
      const next = applyEdit(own, acknowledgeEdit(own, open()[0] as Finding, "Said"));
      if (next.ok) own = next.value;
      expect(open()).toHaveLength(n - 1);
    }
  });

  test("offers no other number of rounds where doses, loads or rounds hang on it", () => {
    const hanging: readonly Partial<Slot>[] = [
      { load: [{ rir: 3 }, { rir: 2 }] },
      { dose: [{ seconds: 40 }, { seconds: 45 }] },
      { rounds: [1, 2] },
    ];
    for (const more of [{}, ...hanging] as readonly Partial<Slot>[]) {
      const short = block([slot("march-on-the-spot", { seconds: 40 }, more)], { role: "warmup", rounds: 2 });
      const class_ = doc([short, rounds(3, [slot("goblet-squat")]), cooldown(200)]);
      const found = readThrough({ doc: class_, library: LIBRARY_BOOK }).filter(
        ({ code }) => code === "no-warmup",
      );
      expect(found).toHaveLength(1);
      const labels = found.flatMap(({ fixes }) => fixes.map(({ label }) => label));
      expect(
        labels.some((label) => label.includes("rounds")),
        JSON.stringify(more),
      ).toBe(Object.keys(more).length === 0);
    }
  });

  test("offers nothing that couldn't be stored: a window longer than a window may be", () => {
    const long = slot("goblet-squat", { reps: 100, repSeconds: 80, within: 60 });
    const found = readThrough({ doc: doc([block([long])]), library: LIBRARY_BOOK });
    const short = found.find(({ code }) => code === "window-short");
    expect(short?.fixes).toEqual([]);
  });

  test("never throws, and its fixes always apply and leave a valid class", () => {
    fc.assert(
      fc.property(arbClass, (own) => {
        for (const finding of found({ doc: own, people: [person()] })) {
          expect(finding.sentence.length).toBeGreaterThan(5);
          for (const { edit, label } of finding.fixes) {
            const next = applyEdit(own, edit);
            expect(next.ok && checkClass(next.value, LIBRARY_BOOK).ok, label).toBe(true);
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  test("the demo's classes keep a few findings, and no stop", () => {
    const read = (name: string) =>
      JSON.parse(readFileSync(new URL(`../../../demo/${name}`, import.meta.url), "utf8"));
    const { people } = read("roster.json") as { people: Person[] };
    for (const name of readdirSync(new URL("../../../demo/classes", import.meta.url))) {
      const list = found({ doc: read(`classes/${name}`) as ClassDoc, people });
      expect(list.length, name).toBeGreaterThan(2);
      expect(
        list.filter((finding) => finding.severity === "stop").map((finding) => finding.sentence),
      ).toEqual([]);
    }
  });
});
