import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import type { ClassDoc, Slot } from "../class/document";
import { applyEdit } from "../class/edits";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { arbClass } from "../testing/arbitraries";
import { block, type Case, cooldown, doc, kit, main, person, rounds, slot } from "../testing/class-builders";
import { FINDING_CASES } from "../testing/finding-cases";
import { acknowledgeEdit, CODES, type Finding, type FindingCode } from "./finding";
import { readThrough } from "./read-through";

function found({ doc: own, people = [], season }: Case): readonly Finding[] {
  const checked = checkClass(own, LIBRARY_BOOK);
  if (!checked.ok) throw new Error(JSON.stringify(checked.error));
  const parts = partsFor(own, people, LIBRARY_BOOK);
  return readThrough({ doc: own, library: LIBRARY_BOOK, people, parts, season: season ?? null });
}

describe.each(Object.entries(FINDING_CASES))("%s", (code, { fires, quiet }) => {
  const of = (list: readonly Finding[]) => list.filter((finding) => finding.code === code);

  test("fires, with its numbers in a sentence and a place as narrow as it can be", () => {
    const [finding] = of(found(fires));
    expect(finding, JSON.stringify(found(fires).map((entry) => entry.code))).toBeDefined();
    expect(finding?.says.code).toBe(code);
    if (code !== "unmet") expect(finding?.severity).toBe(CODES[code as FindingCode]);
  });

  test("is quiet at its threshold", () => {
    expect(of(found(quiet)).map(({ says }) => says)).toEqual([]);
  });

  test("is mended by each of its fixes, and no other of its kind comes up", () => {
    for (const finding of of(found(fires))) {
      for (const { says, edit } of finding.fixes) {
        const label = JSON.stringify(says);
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
          here.map((entry) => entry.says),
          label,
        ).toEqual([]);
        expect(left.filter(kind).length, label).toBeLessThan(of(found(fires)).length);
      }
    }
  });
});

test("what has an obvious mend offers one", () => {
  const mended = Object.entries(FINDING_CASES).filter(([code, { fires }]) =>
    found(fires).some((finding) => finding.code === code && finding.fixes.length > 0),
  );
  expect(mended.map(([code]) => code).sort()).toEqual(
    [
      "count-mixed",
      "demo-short",
      "dose-hard",
      "dose-kind",
      "failure-beginner",
      "failure-unstable",
      "filler-muscle",
      "gap-short",
      "hold-long",
      "length-over",
      "length-under",
      "load-jump",
      "no-cooldown",
      "no-warmup",
      "no-water",
      "no-rest",
      "not-shown",
      "one-level",
      "one-side-only",
      "over-face",
      "own-time",
      "promise-kit",
      "promise-moves",
      "rest-muscle",
      "rest-stance",
      "same-muscle",
      "sides-uneven",
      "stretch-early",
      "way-order",
      "window-short",
      "words-long",
    ].sort(),
  );
});

describe("the read-through", () => {
  test("is a stop where somebody who is coming can't do a move", () => {
    const { doc: own, people = [] } = FINDING_CASES.unmet.fires;
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
    const { doc: own } = FINDING_CASES["rest-muscle"].fires;
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
      const labels = found.flatMap(({ fixes }) => fixes.map(({ says }) => says.code));
      expect(
        labels.some((label) => label === "rounds-of"),
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
          for (const { edit, says } of finding.fixes) {
            const next = applyEdit(own, edit);
            expect(next.ok && checkClass(next.value, LIBRARY_BOOK).ok, says.code).toBe(true);
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
      expect(list.filter((finding) => finding.severity === "stop").map(({ says }) => says)).toEqual([]);
    }
  });

  test("tells of a written weight that somebody has and that is too much for them", () => {
    const rack = kit({ type: "adjustable-dumbbell", count: 2, minKg: 2, maxKg: 24, stepKg: 2 });
    const at = (kg: number) =>
      found({
        doc: doc([block([slot("floor-press", { reps: { min: 8, max: 12 } }, { load: { kg } })])]),
        people: [person({ mark: "flat", kit: rack })],
      }).filter(({ code }) => code === "load-jump");
    expect(at(22)).toHaveLength(1);
    expect(at(22)[0]?.says).toMatchObject({ load: { mass: { kg: 22 } }, reps: 0, least: 8 });
    expect(at(4)).toEqual([]);
  });
});
