import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { makeBook } from "./book";
import { exactMove, findMoves, wordsOf } from "./find";
import { LIBRARY, LIBRARY_BOOK } from "./library";
import { TYPED_CLASSES } from "./typed-classes";

const first = (text: string) => findMoves(text, LIBRARY_BOOK)[0]?.move.id;

describe("what people type", () => {
  test("every move of the library has another name", () => {
    expect(LIBRARY.filter(({ aliases }) => (aliases?.length ?? 0) === 0).map(({ id }) => id)).toEqual([]);
    for (const { id, name, aliases = [] } of LIBRARY)
      expect(
        aliases.filter((alias, i) => aliases.indexOf(alias) !== i),
        `${id} ${name}`,
      ).toEqual([]);
  });

  test("a move's own name leads to it, whatever else is called so", () => {
    for (const { id, name } of LIBRARY) expect(first(name), name).toBe(id);
  });

  test("what is called just so is found at once, and is what the search would give first", () => {
    const names = LIBRARY.flatMap(({ name, aliases = [] }) => [name, ...aliases]);
    const exact = names.map((name) => exactMove(name, LIBRARY_BOOK));
    expect(exact.filter(Boolean).length).toBeGreaterThan(names.length * 0.8);
    const wrong = names.filter((name, i) => exact[i] && exact[i]?.id !== first(name));
    expect(wrong).toEqual([]);
    expect(exactMove("gobet sqat", LIBRARY_BOOK)).toBeNull();
    expect(exactMove("", LIBRARY_BOOK)).toBeNull();
  });

  test("an alias leads to its move, or to another one that goes by it too", () => {
    const wrong: string[] = [];
    for (const { id, aliases = [] } of LIBRARY)
      for (const alias of aliases) {
        const found = findMoves(alias, LIBRARY_BOOK);
        const best = found.filter(({ score }) => Math.round(score) >= 99).map(({ move }) => move.id);
        if (!best.includes(id)) wrong.push(`${alias}: ${found[0]?.move.id} before ${id}`);
      }
    expect(wrong).toEqual([]);
  });

  test.each([
    ["push-up", "press-up"],
    ["push ups", "press-up"],
    ["pushups", "press-up"],
    ["knee pushup", "knee-press-up"],
    ["RDL", "dumbbell-hinge"],
    ["DB RDLs", "dumbbell-hinge"],
    ["single leg RDL", "single-leg-weighted-hinge"],
    ["glute bridges", "bridge"],
    ["Russian twist", "lean-back-turn"],
    ["russian twists with weight", "weighted-lean-back-turn"],
    ["skull crushers", "lying-extension"],
    ["bicep curls", "curl"],
    ["Mountain climbers", "plank-knee-drive"],
    ["bulgarian split squats", "rear-foot-up-split-squat"],
    ["bird dog", "bird-dog"],
    ["lateral raises", "side-raise"],
    ["KB swings", "kettlebell-swing"],
    ["pallof press", "band-press-out"],
    ["jumping jacks", "star-jack"],
    ["hip thrusts", "shoulders-up-bridge"],
    ["child's pose", "folded-rest"],
    ["cat-cow", "back-wave"],
    ["farmer's carry", "two-hand-march"],
    ["bent over rows", "bent-row"],
    ["single-arm row", "one-arm-row"],
    ["band pull-aparts", "band-pull-apart"],
    ["side plank", "side-plank-hold"],
    ["tricep dips kickbacks", "kick-back"],
    ["overhead press", "standing-press"],
    ["OHP", "standing-press"],
    ["sumo squat", "wide-squat"],
    ["clamshells", "clam"],
    ["dead bugs", "dead-bug"],
    ["inch worms", "inchworm"],
    ["wall sit", "wall-sit"],
    ["calf raises", "calf-raise"],
    ["lat pulldown", "band-pull-down"],
    ["rear delt fly", "reverse-fly"],
    ["diamond push-ups", "close-press-up"],
    ["decline push up", "feet-up-press-up"],
    ["incline push up", "counter-press-up"],
    ["reverse lunges", "reverse-lunge"],
    ["lateral lunge", "side-lunge"],
    ["pigeon", "pigeon"],
    ["hamstring stretch", "standing-hamstring-stretch"],
    ["high knees", "high-knees"],
    ["butt kicks", "heel-flick-jog"],
  ])("%s finds %s first", (text, id) => {
    expect(first(text)).toBe(id);
  });

  test("forty whole classes, typed with ordinary names, are the moves that are meant", () => {
    expect(TYPED_CLASSES.length).toBeGreaterThanOrEqual(40);
    for (const { title, moves } of TYPED_CLASSES)
      for (const [words, id] of moves) expect(first(words), `${title}: ${words}`).toBe(id);
  });

  test("word order, plurals, accents, capitals and a slip don't matter", () => {
    expect(first("squat goblet")).toBe("goblet-squat");
    expect(first("GOBLET SQUATS")).toBe("goblet-squat");
    expect(first("goblett squat")).toBe("goblet-squat");
    expect(first("gobelt sqaut")).toBe("goblet-squat");
    expect(first("plié squat")).toBe("wide-squat");
    expect(wordsOf("The Push-Ups’ on the wall")).toEqual(wordsOf("pushup wall"));
    expect(findMoves("", LIBRARY_BOOK)).toEqual([]);
    expect(findMoves("zzqx", LIBRARY_BOOK)).toEqual([]);
  });

  test("kit, muscle and pattern find what has them", () => {
    const towels = findMoves("towel", LIBRARY_BOOK).slice(0, 6);
    expect(towels.length).toBe(6);
    for (const { move } of towels) expect(JSON.stringify(move)).toMatch(/towel/i);
    expect(findMoves("lats", LIBRARY_BOOK).length).toBeGreaterThan(3);
    expect(findMoves("hinge band", LIBRARY_BOOK)[0]?.move.id).toBe("band-hinge");
  });

  test("of two that fit alike the one that the room can do comes first, the gym's last", () => {
    const twins = makeBook([
      { id: "a", name: "Gull row", repSeconds: 3 },
      { id: "b", name: "Gull row", repSeconds: 3 },
      { id: "c", name: "Gull row", repSeconds: 3, gym: true },
    ]);
    const order = (can: Record<string, number>) =>
      findMoves("gull row", twins, ({ id }) => can[id ?? ""] ?? 0).map(({ move }) => move.id);
    expect(order({ a: 1, b: 5, c: 9 })).toEqual(["b", "a", "c"]);
    expect(order({})).toEqual(["a", "b", "c"]);
  });

  test("what is typed on the way to a name never loses it, and nothing that is typed breaks it", () => {
    fc.assert(
      fc.property(fc.constantFrom(...LIBRARY), (move) => {
        for (let n = 5; n <= move.name.length; n += 1) {
          const found = findMoves(move.name.slice(0, n), LIBRARY_BOOK).map(({ move: one }) => one.id);
          expect(found, move.name.slice(0, n)).toContain(move.id);
        }
      }),
      { numRuns: 60 },
    );
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => Array.isArray(findMoves(text, LIBRARY_BOOK))),
    );
  });
});
