import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import type { Part } from "../parts/part";
import { canDo } from "../parts/ways";
import { classOf } from "../testing/classes";
import { whatToShow, whatToShowIn } from "./what-to-show";

const slot = { id: "s", move: "floor-press", dose: { reps: 8 } };
/** So many people who do these moves in the slot. */
const room = (of: Readonly<Record<string, number>>): readonly Part[] =>
  Object.entries(of).flatMap(([move, people]) =>
    Array.from({ length: people }, (_, i) => ({
      person: `${move}${i}`,
      name: move,
      slots: [{ slot: "s", status: "as-set", move, name: LIBRARY_BOOK.get(move)?.name }],
    })),
  ) as unknown as readonly Part[];
const name = (id: string) => LIBRARY_BOOK.get(id)?.name as string;
const whole = (id: string) => LIBRARY_BOOK.get(id)?.demoSeconds as number;
/** Of what is set all of it, of another way half. */
const takes = (id: string) => (id === "floor-press" ? whole(id) : Math.ceil(whole(id) / 2));
const said = (parts: readonly Part[], seconds: number, home: Person | null = null) =>
  whatToShow(slot, parts, home, seconds, LIBRARY_BOOK).map((way) => `${way.how} ${way.name} ${way.people}`);

describe("what to show", () => {
  test("is what is set and what most do, in the time that there is; the rest is said", () => {
    const parts = room({ "floor-press": 3, "press-up": 6, "wall-press-up": 1 });
    const all = takes("floor-press") + takes("press-up") + takes("wall-press-up");
    expect(said(parts, all)).toEqual([
      `show ${name("floor-press")} 3`,
      `show ${name("press-up")} 6`,
      `show ${name("wall-press-up")} 1`,
    ]);
    // What is set comes first, however short the time.
    expect(said(parts, 5)).toEqual([
      `show ${name("floor-press")} 3`,
      `say ${name("press-up")} 6`,
      `say ${name("wall-press-up")} 1`,
    ]);
  });

  test("is only what the instructor has at hand", () => {
    const home: Person = { id: "i", name: "I", kit: [] };
    const parts = room({ "floor-press": 3, "press-up": 1 });
    expect(said(parts, 100, home)).toEqual([`show ${name("press-up")} 1`, `say ${name("floor-press")} 3`]);
  });

  test("of a class are the slots with time to show them", () => {
    const doc = classOf([
      { id: "b", title: "", demo: 12, slots: [slot, { ...slot, id: "t", demo: 0 }] },
      { id: "c", title: "", slots: [{ ...slot, id: "u" }] },
    ]);
    expect(Object.keys(whatToShowIn(doc, room({ "floor-press": 1 }), null, LIBRARY_BOOK))).toEqual(["s"]);
  });

  test("helps as many people as any choice in that time, and never takes longer", () => {
    const moves = [
      "floor-press",
      "press-up",
      "wall-press-up",
      "kneeling-press-up",
      "counter-press-up",
    ].filter((id) => LIBRARY_BOOK.get(id));
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 6 }), { minLength: moves.length, maxLength: moves.length }),
        fc.integer({ min: 0, max: 70 }),
        fc.boolean(),
        (counts, seconds, bare) => {
          const parts = room(Object.fromEntries(moves.map((id, i) => [id, counts[i] ?? 0])));
          const home: Person | null = bare ? { id: "i", name: "I", kit: [] } : null;
          const ways = whatToShow(slot, parts, home, seconds, LIBRARY_BOOK);
          const worth = (ids: readonly number[]) =>
            ids.reduce((sum, i) => sum + (counts[i] ?? 0) + (i === 0 ? 10_000 : 0), 0);
          const shown = moves.flatMap((id, i) =>
            ways.some((way) => way.how === "show" && way.name === name(id)) ? [i] : [],
          );
          const length = (ids: readonly number[]) =>
            ids.reduce((sum, i) => sum + Math.min(i === 0 ? seconds : 1000, takes(moves[i] as string)), 0);
          expect(length(shown)).toBeLessThanOrEqual(seconds);
          for (let mask = 0; mask < 1 << moves.length; mask += 1) {
            const ids = moves.flatMap((_, i) => ((mask >> i) & 1 ? [i] : []));
            const able = ids.every(
              (i) => !home || canDo(home, LIBRARY_BOOK.get(moves[i] as string) as never),
            );
            if (able && length(ids) <= seconds) expect(worth(shown)).toBeGreaterThanOrEqual(worth(ids));
          }
        },
      ),
    );
  });
});
