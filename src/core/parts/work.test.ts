import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Slot } from "../class/document";
import { pieceDoses } from "../class/dose-time";
import { careFor } from "../homes/care";
import { homeWith } from "../homes/example-kits";
import { MARKS, type Person } from "../homes/home";
import { LIMITS } from "../homes/limits";
import { bodyOf } from "../moves/body";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { classOf } from "../testing/classes";
import { parseTempo, tempoSeconds } from "../values/tempo";
import type { PartSlot } from "./part";
import { partFor } from "./parts";

const HOME_MOVES = LIBRARY.filter(({ gym }) => !gym);

function doneIn(slot: Partial<Slot>, person: Person): PartSlot {
  const doc = classOf([{ id: "b", title: "", rounds: 2, rest: 20, slots: [{ id: "s", ...slot }] }]);
  const [own] = partFor(doc, person, LIBRARY_BOOK).slots;
  if (!own) throw new Error("no slot");
  return own;
}

/** Does just this move, whatever else would be chosen. */
const always = (set: string, move: string, more: Partial<Person> = {}): Person =>
  homeWith("household", { always: { [set]: move }, ...more });

describe("a dose travels with the way", () => {
  test("reps become seconds of a hold by their time, told in fives, and no longer than the piece", () => {
    const own = doneIn({ move: "curl-up", dose: { reps: 12, repSeconds: 3 } }, always("curl-up", "plank"));
    expect(own).toMatchObject({ move: "plank", reps: null, seconds: 35 });
    expect(own.sets?.map(({ seconds, reps }) => [seconds, reps])).toEqual([
      [35, null],
      [35, null],
    ]);
    // Side by side each side gets half of the piece.
    const sides = doneIn(
      { move: "curl-up", dose: { reps: 12, repSeconds: 3 } },
      always("curl-up", "palm-brace"),
    );
    expect(sides).toMatchObject({ shares: [15, 15], seconds: 30 });
  });

  test("a hold becomes work for as long, about so many reps", () => {
    const own = doneIn({ move: "plank", dose: { hold: 30 } }, always("plank", "dead-bug"));
    expect(own).toMatchObject({ move: "dead-bug", reps: null });
    expect(own.sets?.[0]?.seconds).toBe(30);
    expect(own.sets?.[0]?.limbReps).toBeGreaterThan(2);
  });

  test("a one-sided way does fewer reps on each side, so that both fit the piece, and says so", () => {
    const set = { move: "bodyweight-squat", dose: { reps: 12, repSeconds: 3 } };
    const own = doneIn(set, always("bodyweight-squat", "split-squat"));
    expect(own).toMatchObject({ move: "split-squat", eachSide: true });
    expect(own.reps?.plan).toBe(Math.floor(36 / (2 * 3)));
    expect(own.adjust).toContainEqual({ code: "fits-time", seconds: 36 });
    expect(own.sets?.[0]?.limbReps).toBe(own.reps?.plan);
    // A window has room for more of it.
    const windowed = doneIn(
      { move: "bodyweight-squat", dose: { reps: 12, repSeconds: 2, within: 60 } },
      always("bodyweight-squat", "split-squat"),
    );
    expect(windowed.reps?.plan).toBe(12);
    expect(windowed.adjust).not.toContainEqual(expect.objectContaining({ code: "fits-time" }));
  });

  test("a two-sided way under a slot done side by side runs through both turns", () => {
    const set = { move: "split-squat", dose: { reps: 8 } };
    const own = doneIn(set, always("split-squat", "bodyweight-squat"));
    expect(own.sets?.[0]).toMatchObject({ reps: { plan: 8 }, limbReps: 16 });
    expect(own.eachSide).toBeUndefined();
  });

  test("a tempo is kept where there is something to lower slowly, and left where there isn't", () => {
    const slow = { reps: 10, tempo: "3-1-1-0" };
    const lunge = doneIn({ move: "bodyweight-squat", dose: slow }, always("bodyweight-squat", "split-squat"));
    // 50 seconds, 5 a rep, on both sides.
    expect(lunge.reps?.plan).toBe(5);
    const march = doneIn(
      { move: "bodyweight-squat", dose: slow },
      always("bodyweight-squat", "march-on-the-spot"),
    );
    const { repSeconds = 0, phases, sides } = LIBRARY_BOOK.get("march-on-the-spot") ?? {};
    expect([phases, sides]).toEqual([undefined, "alternating"]);
    expect(march.reps?.plan).toBe(Math.min(10, Math.floor(50 / (2 * repSeconds))));
  });

  test("a level's own numbers go with the person whatever way they do; a slower tempo brings the reps down", () => {
    const sore = homeWith("household", { mark: "flat", limits: ["shallow-knees"] });
    const slot = { move: "bodyweight-squat", dose: { reps: 12 }, marks: { flat: { reps: 6, rounds: 1 } } };
    const own = doneIn(slot, sore);
    expect(own.move).not.toBe("bodyweight-squat");
    expect(own.reps?.plan).toBeLessThanOrEqual(6);
    expect(own).toMatchObject({ rounds: 1 });
    expect(own.sets?.map(({ round }) => round)).toEqual([1]);
    const slow = doneIn(
      {
        move: "bodyweight-squat",
        dose: { reps: 12, tempo: "2-0-1-0" },
        marks: { flat: { tempo: "4-1-1-0" } },
      },
      homeWith("household", { mark: "flat" }),
    );
    expect(slow).toMatchObject({ tempo: "4-1-1-0", reps: { plan: 6 } });
    // What she wrote for it in reps stays as she wrote it.
    const written = doneIn(
      { move: "bodyweight-squat", dose: { reps: 12 }, marks: { sharp: { reps: 15 } } },
      homeWith("household", { mark: "sharp" }),
    );
    expect(written.reps?.plan).toBe(15);
  });

  test("what is held on the rungs of a ladder is cut for who must not hold long", () => {
    const ladder = { ladder: { from: 1, to: 6, hold: 3 } };
    const careful = homeWith("household", { limits: ["no-long-holds"] });
    const own = doneIn({ move: "bodyweight-squat", dose: ladder }, careful);
    expect(own).toMatchObject({ move: "bodyweight-squat", status: "eased" });
    expect(own.adjust[0]).toEqual({ code: "hold-at-most", seconds: 10 });
    const short = doneIn(
      { move: "bodyweight-squat", dose: { ladder: { from: 1, to: 3, hold: 3 } } },
      careful,
    );
    expect(short).toMatchObject({ status: "as-set" });
    const free = doneIn({ move: "bodyweight-squat", dose: ladder }, homeWith("household"));
    expect(free.adjust.map(({ code }) => code)).not.toContain("hold-at-most");
  });

  test("one arm that works alone does all of it: nothing is shared, and nothing is of each side", () => {
    const one = homeWith("dumbbell", { limits: ["use-right-only"] });
    const press = doneIn({ move: "floor-press", dose: { reps: 10 } }, one);
    expect(press).toMatchObject({ move: "one-arm-floor-press", reps: { plan: 10 }, shares: null });
    expect(press.eachSide).toBeUndefined();
    const timed = doneIn({ move: "floor-press", dose: { seconds: 40 } }, one);
    expect(timed.sets?.[0]?.seconds).toBe(40);
    // Legs take their turns as ever.
    const lunge = doneIn(
      { move: "bodyweight-squat", dose: { seconds: 40 } },
      {
        ...one,
        always: { "bodyweight-squat": "split-squat" },
      },
    );
    expect(lunge.shares).toEqual([20, 20]);
  });

  test("a warm-up is not made harder because it is easy, nor told to be slower", () => {
    const slot = { id: "s", move: "bodyweight-squat", dose: { seconds: 60 } };
    const strong = homeWith("dumbbell", { mark: "sharp" });
    const at = (role: string) =>
      partFor(classOf([{ id: "b", title: "", role, slots: [slot] }]), strong, LIBRARY_BOOK).slots[0];
    expect(at("warmup")).toMatchObject({ move: "bodyweight-squat", adjust: [], cost: { strain: 0 } });
    expect(at("main")?.cost.strain).toBeGreaterThan(0);
  });

  test("kilograms that are written are of the very move", () => {
    const eight: Person = { id: "p", name: "P", kit: [{ id: "d", type: "dumbbell", kg: 8 }] };
    const slot = { move: "standing-press", dose: { reps: 8 }, load: { kg: 4 } };
    const own = doneIn(slot, eight);
    expect(own.move).not.toBe("standing-press");
    expect(own.load).toMatchObject({ kg: 8 });
  });

  test("fits its piece, whatever is set for whom and whatever they do", () => {
    const arbSlot = fc.record({
      move: fc.constantFrom(...HOME_MOVES.map(({ id }) => id)),
      dose: fc.record(
        {
          reps: fc.integer({ min: 1, max: 20 }),
          tempo: fc.constantFrom("3-0-1-0", "2-1-2-0", "4-0-1-1"),
          within: fc.constantFrom(30, 60),
        },
        { requiredKeys: ["reps"] },
      ),
      count: fc.constantFrom("each" as const, "total" as const),
    });
    const arbPerson = fc
      .record({
        kind: fc.constantFrom("nothing", "household", "band", "dumbbell"),
        mark: fc.constantFrom(...MARKS),
        limits: fc.subarray([...LIMITS], { maxLength: 3 }),
      })
      .map(({ kind, mark, limits }) => homeWith(kind as "nothing", { mark, limits }));
    let others = 0;
    fc.assert(
      fc.property(arbSlot, arbPerson, (slot, person) => {
        // A total over two sides has at least one for each.
        fc.pre(slot.count === "each" || slot.dose.reps > 1);
        const own = doneIn(slot as Partial<Slot>, person);
        if (own.status === "unmet" || own.move === slot.move || own.move === null) return;
        others += 1;
        const [set, done] = [LIBRARY_BOOK.get(slot.move), LIBRARY_BOOK.get(own.move)];
        if (!set || !done) throw new Error("unknown move");
        const pieces = pieceDoses(slot.dose, set.sides ?? "both", slot.count, set.repSeconds);
        const turn = pieces[0]?.seconds.plan ?? 0;
        const room = slot.dose.within ?? turn * pieces.length;
        const turns = pieces.length;
        if (own.reps === null) {
          expect(own.seconds ?? 0).toBeLessThanOrEqual(slot.dose.within ?? turn);
          return;
        }
        const tempo = slot.dose.tempo && done.phases ? parseTempo(slot.dose.tempo) : null;
        const rep = tempo ? tempoSeconds(tempo) : done.repSeconds;
        const n = own.reps.plan;
        // Reps that really pass in all turns of the slot, whichever way its numbers are meant. One limb that
        // works alone has no other side to do them again on.
        const { arm, leg } = careFor(person);
        const body = bodyOf(done);
        const alone = (arm && body?.arms === "one") || (leg && body?.legs === "one");
        const passed = own.eachSide
          ? 2 * n
          : turns === 2
            ? slot.count === "total"
              ? n
              : 2 * n
            : done.sides === "alternating" && slot.count === "each" && !alone
              ? 2 * n
              : n;
        if (n > 1) expect(passed * rep, `${slot.move} → ${own.move}`).toBeLessThanOrEqual(room + 1e-6);
        expect(own.reps.max).toBeGreaterThanOrEqual(own.reps.plan);
        expect(own.reps.min).toBeLessThanOrEqual(own.reps.plan);
      }),
      { numRuns: 600 },
    );
    expect(others).toBeGreaterThan(150);
  });
});
