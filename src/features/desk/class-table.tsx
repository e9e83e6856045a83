"use client";
import type { ClassDoc } from "@/core/class/document";
import { bookFor } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Score } from "@/core/score/score";
import { tableRows } from "@/core/score/table";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { Dialog } from "@/ui/dialog";

/** The whole class as a table: the same as the score, read line by line. */
export function ClassTable(props: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly doc: ClassDoc;
  readonly score: Score;
}) {
  return (
    <Dialog
      open={props.open}
      onOpenChange={props.onOpenChange}
      title="The class as a table"
      description="Everything that the score draws, in its order."
      broad
    >
      <Rows doc={props.doc} score={props.score} />
    </Dialog>
  );
}

function Rows({ doc, score }: { readonly doc: ClassDoc; readonly score: Score }) {
  const words = useWords();
  const rows = tableRows(doc, score, bookFor(doc, LIBRARY_BOOK));
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <div tabIndex={0} className="max-h-[62vh] overflow-auto">
      <table className="w-full border-collapse text-left">
        <thead className="text-quiet">
          <tr className="border-b border-hairline">
            <th className="w-16 py-1 font-semibold">From</th>
            <th className="w-16 font-semibold">Lasts</th>
            <th className="w-44 font-semibold">Block</th>
            <th className="w-16 font-semibold">Round</th>
            <th className="w-40 font-semibold">What</th>
            <th className="font-semibold">Move</th>
            <th className="w-16 font-semibold">Side</th>
            <th className="w-20 font-semibold">Reps</th>
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
              <td>{row.side ?? ""}</td>
              <td>{row.reps}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
