"use client";
import type { ClassDoc } from "@/core/class/document";
import { bookFor } from "@/core/moves/book";
import type { Score } from "@/core/score/score";
import { tableRows } from "@/core/score/table";
import { clockText } from "@/core/units";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Dialog } from "@/ui/dialog";

/** The whole class as a table: the same as the score, read line by line. */
export function ClassTable(props: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly doc: ClassDoc;
  readonly score: Score;
}) {
  const t = useTexts("desk");
  return (
    <Dialog
      open={props.open}
      onOpenChange={props.onOpenChange}
      title={t("classTable")}
      description={t("everythingScoreDrawsIts")}
      broad
    >
      <Rows doc={props.doc} score={props.score} />
    </Dialog>
  );
}

function Rows({ doc, score }: { readonly doc: ClassDoc; readonly score: Score }) {
  const library = useLibrary();
  const t = useTexts("desk");
  const words = useWords();
  const rows = tableRows(doc, score, bookFor(doc, library));
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <div tabIndex={0} className="max-h-[62vh] overflow-auto">
      <table className="w-full border-collapse text-left">
        <thead className="text-quiet">
          <tr className="border-b border-hairline">
            <th className="w-16 py-1 font-semibold">{t("from")}</th>
            <th className="w-16 font-semibold">{t("lasts")}</th>
            <th className="w-44 font-semibold">{t("block")}</th>
            <th className="w-16 font-semibold">{t("round")}</th>
            <th className="w-40 font-semibold">{t("what")}</th>
            <th className="font-semibold">{t("move")}</th>
            <th className="w-16 font-semibold">{t("side")}</th>
            <th className="w-20 font-semibold">{t("reps")}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr
              key={row.start}
              className={`border-b border-hairline ${row.kind === "work" ? "" : "text-quiet"}`}
            >
              <td>{clockText(row.start)}</td>
              <td>{clockText(row.seconds)}</td>
              <td>{row.block}</td>
              <td>{row.round ?? ""}</td>
              <td>{words.name("segment", row.kind)}</td>
              <td className={row.kind === "work" ? "font-bold" : ""}>{row.move}</td>
              <td>{row.side && words.name("side", row.side)}</td>
              <td>{row.reps}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
