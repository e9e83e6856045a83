import fc from "fast-check";
import { expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
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
