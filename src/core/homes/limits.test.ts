import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Block, ClassDoc, Slot } from "../class/document";
import { bodyOf, usualBody } from "../moves/body";
import type { BodyFacts } from "../moves/body-facts";
import type { KnownMove } from "../moves/book";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { readBody } from "../moves/library/read-body";
import { type Move, PATTERNS } from "../moves/move";
import { partFor } from "../parts/parts";
import { CARE, isEffortHold } from "./care";
import type { KitItem } from "./kit";
import { limitLines, missingLines, verdictOf } from "./limit-table";
import { excludes, LIMITS, type Limit } from "./limits";
import { heightNeededCm } from "./space";

const move = (id: string) => LIBRARY_BOOK.get(id) as Move;
const HOME_MOVES = LIBRARY.filter(({ gym }) => !gym);

/** What each limit promises, in other words than the predicates': nothing that is left does this. */
const PROMISES: Partial<Record<Limit, (move: Move, body: BodyFacts) => boolean>> = {
  "no-jumping": ({ landings, impact }) => landings.perRep === 0 && impact !== "high",
  quiet: ({ noise }) => noise === "quiet",
  "seated-only": ({ position, needs }) =>
    position === "seated" && needs.every((list) => list.some(({ as }) => as === "support")),
  "no-floor": ({ position }) => position === "standing" || position === "seated",
  "no-kneeling": ({ position }) =>
    !["kneeling", "half-kneeling", "all-fours", "plank", "prone"].includes(position),
  "no-plank": ({ position, name }) =>
    position !== "plank" && !/plank|press-up on the knees/i.test(name.replace("Wall plank", "")),
  "no-overhead": ({ pattern }) => pattern !== "push-vertical",
  "no-wrist-load": ({ name }) => !/press-up|shoulder tap|crawl|inchworm/i.test(name),
  "shallow-knees": ({ name }) =>
    !/goblet|backpack squat|pause squat|sit.to.stand|^wall sit|skater|jump|split squat$/i.test(
      name.replace("Split squat with a hand on support", "").replace("Stand from a high seat", ""),
    ),
  "no-deep-hinge": ({ name }) => !/good morning|bent.over|kettlebell swing|kick-back/i.test(name),
  "no-spine-flexion": ({ name }) => !/curl-up|back wave|reverse curl/i.test(name),
  "no-twisting": ({ name, pattern }) =>
    !/turn|twist|chop/i.test(pattern === "rotate" ? name.replace("against the turn", "") : ""),
  "not-face-down": ({ position }) => !["prone", "plank", "all-fours"].includes(position),
  "not-on-back": ({ position }) => position !== "supine",
  // Long on one foot only with something to hold: a wall, furniture, straps, the frame of an anchor.
  "balance-support": ({ position, needs }, { feet }) =>
    position !== "standing" ||
    feet !== "one" ||
    needs.every((list) => list.some(({ as }) => ["wall", "support", "strap", "anchor"].includes(as))),
  "no-head-down": ({ name }) => !/pike|inchworm/i.test(name),
  "no-gripping": ({ needs }) =>
    !needs.every((list) => list.some(({ as }) => as === "bar" || as === "kettlebell")),
  "no-single-leg": ({ id }) => !/single-leg|one-leg-s/.test(id) || id === "seated-one-leg-straighten",
  "use-left-only": ({ needs, id }) =>
    !/press-up$|plank$|crawl/.test(id.replace(/^one-arm.*|side-plank.*/, "")) &&
    needs.some((list) => list.every(({ as, count }) => as !== "hand-weight" || count === 1)),
  "left-leg-only": ({ position, id }) =>
    position !== "standing" || /single|one|strap-calf|chin|hang|pull-up/.test(id),
};

describe("what limits exclude", () => {
  test.each(Object.keys(PROMISES) as Limit[])("%s keeps its promise in every move", (limit) => {
    for (const one of HOME_MOVES.filter((other) => !excludes(limit, other))) {
      expect(PROMISES[limit]?.(one, bodyOf(one) as BodyFacts), one.id).toBe(true);
    }
  });

  test("a line of facts says what differs from the position, which arm works last", () => {
    expect(readBody("hands:64", "plank")).toMatchObject({ onHands: 64, face: "down", onKnees: true });
    expect(readBody("reach:overhead arms:one grip:firm", "standing")).toMatchObject({
      grip: "firm",
      arms: "one",
    });
    expect(readBody("", "supine")).toEqual(usualBody("supine"));
    expect(() => readBody("grip:strong", "standing")).toThrow("strong");
    expect(() => readBody("somewhere", "standing")).toThrow("somewhere");
  });

  test.each<readonly [Limit, string]>([
    ["shallow-knees", "single-leg-sit-to-stand"],
    ["shallow-knees", "skater-hop"],
    ["shallow-knees", "wall-sit"],
    ["shallow-knees", "sit-to-stand"],
    ["no-quick-turns", "skater-hop"],
    ["no-quick-turns", "line-hop"],
    ["no-quick-turns", "shadow-steps"],
    ["use-left-only", "press-up"],
    ["use-right-only", "wall-press-up"],
    ["use-left-only", "goblet-squat"],
    ["not-face-down", "plank"],
    ["not-face-down", "press-up"],
    ["not-face-down", "bird-dog"],
    ["balance-support", "band-march"],
    ["balance-support", "mini-band-side-step"],
    ["no-kneeling", "inchworm"],
    ["no-kneeling", "knee-plank"],
    ["no-plank", "counter-press-up"],
    ["no-plank", "side-plank-lift"],
    ["seated-only", "seated-band-row"],
    ["left-leg-only", "reverse-lunge"],
    ["quiet", "step-jog"],
    ["no-head-down", "folded-rest"],
    ["no-twisting", "open-book"],
  ])("%s excludes %s", (limit, id) => {
    expect(excludes(limit, move(id))).toBe(true);
  });

  test.each<readonly [Limit, string]>([
    ["shallow-knees", "high-seat-stand"],
    ["shallow-knees", "bridge"],
    ["no-kneeling", "dead-bug"],
    ["no-kneeling", "side-plank-lift"],
    ["no-plank", "bird-dog"],
    ["no-plank", "wall-press-up"],
    ["no-wrist-load", "plank"],
    ["use-left-only", "one-arm-press"],
    ["use-left-only", "bodyweight-squat"],
    ["right-leg-only", "single-leg-bridge"],
    ["right-leg-only", "seated-press"],
    ["balance-support", "march-on-the-spot"],
    ["balance-support", "held-leg-lift"],
    ["no-twisting", "band-press-out"],
    ["seated-only", "seated-punches"],
    ["quiet", "step-jack"],
    ["no-overhead", "floor-press"],
    ["no-straining", "squat-jump"],
  ])("%s leaves %s", (limit, id) => {
    expect(excludes(limit, move(id))).toBe(false);
  });

  test("barbells without a rack aren't safe to the limit, a press from the floor is", () => {
    for (const id of ["barbell-bench-press", "barbell-press", "barbell-squat"])
      expect(move(id).stable, id).toBe(false);
    expect(move("floor-press").stable).toBe(true);
  });

  test("a move of one's own is told by what its coach wrote, one of which nothing is known by nothing", () => {
    const own: KnownMove = {
      id: "own",
      name: "Own",
      repSeconds: 3,
      position: "standing",
      loads: ["overhead", "grip"],
    };
    expect(LIMITS.filter((limit) => excludes(limit, own))).toEqual([
      "seated-only",
      "no-overhead",
      "no-gripping",
      "use-left-only",
      "use-right-only",
      "left-leg-only",
      "right-leg-only",
    ]);
    const bare: KnownMove = { id: null, name: "Bare", repSeconds: 3 };
    expect(LIMITS.filter((limit) => excludes(limit, bare))).toEqual([]);
    expect(excludes("no-jumping", { ...bare, impact: "high" })).toBe(true);
  });

  test("what a coach says of a move of her own counts: that it strains, that it is held long", () => {
    const own: KnownMove = { id: "own", name: "Own", repSeconds: 3, loads: ["straining", "long-hold"] };
    expect(excludes("no-straining", own)).toBe(true);
    expect(verdictOf("no-long-holds", own)).toBe("less");
  });

  test("easier doesn't mean sit down: what stands has an easier way that stands, in every pattern that is stood", () => {
    const patterns = new Set(
      HOME_MOVES.filter(({ position }) => position === "standing").map(({ pattern }) => pattern),
    );
    for (const pattern of patterns) {
      const standing = HOME_MOVES.filter((one) => one.pattern === pattern && one.position === "standing");
      const easier = standing.some(({ links }) =>
        links.some(({ kind, to }) => kind === "easier" && move(to).position === "standing"),
      );
      if (standing.length > 2 && pattern !== "stretch") expect(easier, pattern).toBe(true);
    }
  });
});

const KIT: readonly KitItem[] = [
  { id: "pair", type: "dumbbell", count: 2, kg: 8 },
  { id: "light", type: "dumbbell", count: 2, kg: 3 },
  { id: "bell", type: "kettlebell", kg: 24 },
  { id: "band", type: "loop-band", tension: "medium" },
  { id: "chair", type: "chair", sturdy: true },
  { id: "anchor", type: "door-anchor" },
  { id: "door", type: "door", latches: true, opens: "away" },
  { id: "mat", type: "mat" },
];

function docOf(slots: readonly Slot[]): ClassDoc {
  const block = { id: "b", title: "Main", role: "main", rounds: 2, loop: "lap", slots } as unknown as Block;
  return {
    format: "brontle.class",
    version: 1,
    title: "T",
    stance: "form",
    blocks: [block],
  } as unknown as ClassDoc;
}

describe("a part", () => {
  const arbLimits = fc.uniqueArray(fc.constantFrom(...LIMITS), { minLength: 1, maxLength: 4 });
  const arbSlots = fc
    .uniqueArray(fc.constantFrom(...HOME_MOVES.map(({ id }) => id)), { minLength: 1, maxLength: 4 })
    .map((ids) => ids.map((id, i): Slot => ({ id: `s${i}`, move: id, dose: { seconds: 40 } })));
  const arbMark = fc.constantFrom("flat" as const, "natural" as const, "sharp" as const);

  test("never has what a limit excludes, and holds nobody longer or harder than a limit allows", () => {
    fc.assert(
      fc.property(arbLimits, arbSlots, arbMark, (limits, slots, mark) => {
        const person = { id: "p", name: "P", mark, limits, kit: KIT, space: { floor: "smooth" as const } };
        const part = partFor(docOf(slots), person, LIBRARY_BOOK, { on: "2026-11-26" });
        for (const slot of part.slots) {
          if (slot.move === null) continue;
          const done = move(slot.move);
          expect(
            limits.filter((limit) => excludes(limit, done)),
            done.id,
          ).toEqual([]);
          const careful = limits.includes("no-long-holds") || limits.includes("no-straining");
          for (const set of slot.sets ?? []) {
            if (careful && isEffortHold(done))
              expect(set.seconds ?? 0, done.id).toBeLessThanOrEqual(CARE.holdSeconds);
            if (limits.includes("no-straining") && set.left != null && done.strength && !done.isometric)
              expect(set.left, done.id).toBeGreaterThan(-1);
          }
        }
      }),
      { numRuns: 150 },
    );
  });

  const at = (limit: Limit, id: string, more: Partial<Slot> = {}) => {
    const person = { id: "p", name: "P", limits: [limit], kit: KIT, space: { floor: "smooth" as const } };
    const [slot] = partFor(
      docOf([{ id: "s", move: id, dose: { seconds: 40 }, ...more }]),
      person,
      LIBRARY_BOOK,
      {
        on: "2026-11-26",
      },
    ).slots;
    return slot;
  };

  test("of somebody who mustn't strain keeps four in reserve, and isn't heavy overhead", () => {
    const press = at("no-straining", "standing-press", { dose: { reps: 10 } });
    expect(press?.move).toBe("standing-press");
    expect(press?.load).toMatchObject({ kg: 3 });
    expect(press?.adjust[0]).toEqual({ code: "keep-reserve", reps: CARE.reserve });
    expect(press?.sets?.every(({ left }) => (left ?? 0) >= 4)).toBe(true);
  });

  test("of somebody who mustn't hold long holds ten seconds at a time, and says so", () => {
    const plank = at("no-long-holds", "plank");
    expect(plank).toMatchObject({ move: "plank", seconds: 10 });
    expect(plank?.adjust[0]).toEqual({ code: "hold-at-most", seconds: 10 });
  });

  test("of somebody who mustn't grip has no 24 kg at the chest, but a light thing in open hands", () => {
    const squat = at("no-gripping", "goblet-squat");
    expect((squat?.load as { kg?: number } | null)?.kg ?? 0).toBeLessThanOrEqual(4);
    expect(verdictOf("no-gripping", move("goblet-squat"))).toBe("less");
  });

  test("of somebody who sits all class is seated in every pattern, with nothing but their seat", () => {
    for (const pattern of PATTERNS) {
      const set = HOME_MOVES.find((one) => one.pattern === pattern && one.position !== "seated") as Move;
      const person = { id: "p", name: "P", limits: ["seated-only" as const], kit: [], space: {} };
      const doc = docOf([{ id: "s", move: set.id, dose: { seconds: 40 } }]);
      const [slot] = partFor(doc, person, LIBRARY_BOOK, { on: "2026-11-26" }).slots;
      expect(slot?.status, set.id).not.toBe("unmet");
      expect(slot?.position, set.id).toBe("seated");
    }
  });
});

describe("the documentation", () => {
  test("says what every limit leaves with every kind of kit, as it is", () => {
    const page = readFileSync(new URL("../../../docs/limits.md", import.meta.url), "utf8");
    expect(page).toContain(missingLines(LIBRARY).join("\n"));
    for (const limit of LIMITS) expect(page, limit).toContain(limit);
  });

  test("a line a move, a column a limit", () => {
    const lines = limitLines(LIBRARY);
    expect(
      lines.filter((line) => /^[a-z0-9-]+ +[x.d]( +[x.d]){24}$/.test(line.replace(/ +/g, " "))),
    ).toHaveLength(LIBRARY.length);
  });
});

describe("height", () => {
  test("of 190 cm under 210 cm leaves what lies, kneels and stands, not what reaches up", () => {
    const fits = (id: string, cm: number, ceiling = 210) => heightNeededCm(move(id), cm) <= ceiling;
    for (const id of [
      "press-up",
      "plank",
      "bridge",
      "bodyweight-squat",
      "seated-press",
      "half-kneeling-press",
    ])
      expect(fits(id, 190), id).toBe(true);
    for (const id of ["standing-press", "overhead-reach", "star-jack", "squat-jump"])
      expect(fits(id, 190), id).toBe(false);
    expect(fits("overhead-reach", 160)).toBe(true);
  });

  test("a taller person never needs less", () => {
    for (const one of LIBRARY)
      expect(heightNeededCm(one, 195), one.id).toBeGreaterThanOrEqual(heightNeededCm(one, 155));
  });
});
