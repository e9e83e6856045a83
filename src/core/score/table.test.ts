import fc from "fast-check";
import { expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { scoreOf } from "./score";
import { tableRows } from "./table";

test("the rows follow one another without a gap and come to the whole class, every piece with its move", () => {
  fc.assert(
    fc.property(arbClass, (doc) => {
      const score = scoreOf(doc, LIBRARY_BOOK);
      const rows = tableRows(doc, score, LIBRARY_BOOK);
      let at = 0;
      for (const row of rows) {
        expect(row.start).toBe(at);
        at += row.seconds;
      }
      expect(at).toBe(score.seconds.plan);
      expect(rows.filter(({ kind }) => kind === "work")).toHaveLength(score.pieces);
      const capped = new Set(doc.blocks.filter(({ cap }) => cap !== undefined).map(({ title }) => title));
      for (const row of rows)
        if (row.kind === "work" && !capped.has(row.block)) expect(row.move).not.toBe("");
    }),
  );
});

test("what is done easily in the rests stands in them", () => {
  const doc = classOf([
    {
      id: "b",
      title: "Main",
      rounds: 2,
      rest: 15,
      longRest: 30,
      restMove: "march-on-the-spot",
      longRestMove: { name: "Walk about" },
      slots: [
        { id: "a", move: "goblet-squat", dose: { seconds: 40 } },
        { id: "c", move: "high-knees", dose: { seconds: 40 } },
      ],
    },
  ]);
  const rows = tableRows(doc, scoreOf(doc, LIBRARY_BOOK), LIBRARY_BOOK);
  const moves = (kind: string) => rows.filter((row) => row.kind === kind).map(({ move }) => move);
  expect(moves("rest")).toEqual(["March on the spot", "March on the spot"]);
  expect(moves("long-rest")).toEqual(["Walk about"]);
});
