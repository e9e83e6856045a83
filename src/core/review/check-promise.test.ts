import { expect, test } from "vitest";
import { applyEdit } from "../class/edits";
import type { KitType } from "../homes/kit";
import { LIBRARY_BOOK } from "../moves/library";
import { block, doc, main, slot } from "../testing/class-builders";
import type { Finding } from "./finding";
import { readThrough } from "./read-through";

const of = (own: Parameters<typeof readThrough>[0]["doc"], code: string): readonly Finding[] =>
  readThrough({ doc: own, library: LIBRARY_BOOK, people: [], parts: [], season: null }).filter(
    (finding) => finding.code === code,
  );

const announced = (kit: readonly KitType[], ...moves: readonly string[]) =>
  doc([block(moves.map((move) => slot(move)))], { promise: { kit } });

test("without a roster what no announced kit could meet is missed, once, and announcing it mends it", () => {
  const own = announced([], "goblet-squat", "goblet-squat");
  const [finding, ...more] = of(own, "promise-kit");
  expect(more).toEqual([]);
  expect(finding?.says).toMatchObject({ code: "promise-kit", more: 0 });
  expect(finding?.says).toMatchObject({ kit: { users: [{ names: [] }] } });
  const [fix] = finding?.fixes ?? [];
  const next = fix && applyEdit(own, fix.edit);
  expect(next?.ok && of(next.value, "promise-kit")).toEqual([]);
});

test.each<[string, readonly KitType[], readonly string[]]>([
  ["one way of filling the role is announced", ["kettlebell"], ["goblet-squat"]],
  ["nothing is needed", [], ["bodyweight-squat"]],
  ["one alternative needs nothing that isn't there", ["chair"], ["sit-to-stand"]],
])("without a roster it is quiet where %s", (_, kit, moves) => {
  expect(of(announced(kit, ...moves), "promise-kit")).toEqual([]);
});

test("a locked number is offered by no fix of the length", () => {
  const open = doc([main(601, { after: 60 })], { promise: { minutes: 10 } });
  const shut = doc([main(601, { after: 60, locked: ["after", "rounds"] })], { promise: { minutes: 10 } });
  const keys = (own: typeof open) =>
    of(own, "length-over").flatMap(({ fixes }) => fixes.map(({ edit }) => ("key" in edit ? edit.key : "")));
  expect(keys(open)).toContain("after");
  expect(keys(shut)).not.toContain("after");
});
