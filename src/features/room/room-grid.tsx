"use client";
import { useMemo, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import { findSlot } from "@/core/class/document";
import { type MoveBook, resolveMove } from "@/core/moves/book";
import type { Part, PartSlot } from "@/core/parts/part";
import {
  FILTERS,
  type Filter,
  filterCounts,
  type RoomColumn,
  type RoomRow,
  roomColumns,
  roomRows,
  shortBefore,
} from "@/core/parts/room-rows";
import { useWords } from "@/features/language/use-words";
import { cx } from "@/ui/cx";
import { cellText, spreadText } from "@/words/room-words";

/** What is looked at: a whole row, a whole column, or one cell. */
export interface RoomChoice {
  readonly person: string | null;
  readonly slot: string | null;
}

const CELL_LOOK: Record<PartSlot["status"], string> = {
  "as-set": "text-quiet",
  eased: "text-ink",
  raised: "text-ink",
  swapped: "bg-pine text-paper",
  unmet: "border-2 border-rust font-bold text-rust",
};

/** People by slots, to be read at a glance: what is as set is a dot, what isn't says what it is. */
export function RoomGrid(props: {
  readonly doc: ClassDoc;
  readonly parts: readonly Part[];
  readonly book: MoveBook;
  readonly choice: RoomChoice;
  readonly onChoose: (choice: RoomChoice) => void;
}) {
  const words = useWords();
  const { doc, parts, choice } = props;
  const [filter, setFilter] = useState<Filter>("all");
  const [fold, setFold] = useState(true);
  const columns = useMemo(() => roomColumns(doc), [doc]);
  const counts = useMemo(() => filterCounts(parts), [parts]);
  const rows = useMemo(() => roomRows(parts, filter, fold), [parts, filter, fold]);
  const tight = rows.length > 18;
  return (
    <section aria-label="The room" className="flex min-h-0 flex-1 flex-col">
      <div className="flex items-center gap-4 border-b border-hairline pb-2">
        <h2 className="text-lg font-bold">The room</h2>
        <fieldset className="flex gap-1">
          <legend className="sr-only">Show</legend>
          {FILTERS.map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={filter === name}
              disabled={counts[name] === 0}
              className="border-b-2 border-transparent px-1.5 py-0.5 text-quiet disabled:opacity-60 aria-pressed:border-ink aria-pressed:font-bold aria-pressed:text-ink"
              onClick={() => setFilter(name)}
            >
              {words.name("filter", name)} <span className="tabular-nums">{counts[name]}</span>
            </button>
          ))}
        </fieldset>
        <label className="ml-auto flex items-center gap-1.5">
          <input type="checkbox" checked={fold} onChange={(event) => setFold(event.target.checked)} />
          one row for the same part
        </label>
      </div>
      <div className="min-h-0 flex-1 overflow-auto">
        <table className="w-full table-fixed border-collapse text-center">
          <caption className="sr-only">
            What each person does in each move: a dot is as set; other cells say what differs.
          </caption>
          <colgroup>
            <col className="w-44" />
            {columns.map((column) => (
              <col key={column.slot} />
            ))}
          </colgroup>
          <thead className="sticky top-0 z-10 bg-paper">
            <BlockHeads columns={columns} />
            <tr className="align-bottom">
              <th scope="col" className="pb-1 text-left text-sm font-semibold text-quiet">
                {parts.length} people, {rows.length} {rows.length === 1 ? "row" : "rows"}
              </th>
              {columns.map((column) => (
                <ColumnHead key={column.slot} column={column} {...props} />
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <Row
                key={row.key}
                row={row}
                columns={columns}
                tight={tight}
                choice={choice}
                onChoose={props.onChoose}
              />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** The brackets of the blocks above their columns. */
function BlockHeads({ columns }: { readonly columns: readonly RoomColumn[] }) {
  const blocks = columns.filter((column) => column.first);
  return (
    <tr>
      <th aria-hidden className="p-0" />
      {blocks.map(({ block, blockTitle }) => (
        <th
          key={block}
          scope="colgroup"
          colSpan={columns.filter((column) => column.block === block).length}
          className="truncate border-l-2 border-t-2 border-ink px-1 text-left text-sm font-bold"
        >
          {blockTitle}
        </th>
      ))}
    </tr>
  );
}

function ColumnHead(props: {
  readonly column: RoomColumn;
  readonly doc: ClassDoc;
  readonly parts: readonly Part[];
  readonly book: MoveBook;
  readonly choice: RoomChoice;
  readonly onChoose: (choice: RoomChoice) => void;
}) {
  const words = useWords();
  const { column, choice } = props;
  const slot = findSlot(props.doc, column.slot)?.slot;
  const name = slot ? resolveMove(slot.move, props.book).name : "";
  const chosen = choice.slot === column.slot && choice.person === null;
  return (
    <th scope="col" className={cx("p-0 font-normal", column.first && "border-l-2 border-ink")}>
      <button
        type="button"
        aria-pressed={chosen}
        title={`${name}: ${spreadText(props.parts, column.slot, words)}`}
        aria-label={`${name}: ${spreadText(props.parts, column.slot, words)}`}
        className="flex h-28 w-full items-end justify-center gap-0.5 pb-1 aria-pressed:bg-marker"
        onClick={() => props.onChoose({ person: null, slot: column.slot })}
      >
        <span className="max-h-24 rotate-180 overflow-hidden text-left text-sm leading-tight [writing-mode:vertical-rl]">
          {column.number} {name}
        </span>
      </button>
    </th>
  );
}

function firstNames(row: RoomRow): string {
  const names = row.people.map((part) => part.name);
  if (names.length === 1) return names[0] ?? "";
  const short = names.map((name) => name.split(" ")[0] ?? name);
  return short.length <= 3 ? short.join(", ") : `${short.slice(0, 2).join(", ")} +${short.length - 2}`;
}

function Row(props: {
  readonly row: RoomRow;
  readonly columns: readonly RoomColumn[];
  readonly tight: boolean;
  readonly choice: RoomChoice;
  readonly onChoose: (choice: RoomChoice) => void;
}) {
  const words = useWords();
  const { row, columns, choice, onChoose } = props;
  const { part } = row;
  const mine = row.people.some((other) => other.person === choice.person);
  const height = props.tight ? "h-5 text-xs" : "h-7 text-sm";
  return (
    <tr className={cx("border-b border-hairline", mine && choice.slot === null && "bg-marker")}>
      <th scope="row" className="p-0 text-left font-normal">
        <button
          type="button"
          title={row.people.map((other) => other.name).join(", ")}
          className={cx("w-full truncate pr-2 text-left", height, !part.homeKnown && "text-rust")}
          onClick={() => onChoose({ person: part.person, slot: null })}
        >
          <b>{firstNames(row)}</b>
          {!part.homeKnown && " not said"}
        </button>
      </th>
      {columns.map((column) => {
        const slot = part.slots.find((entry) => entry.slot === column.slot);
        if (!slot) return <td key={column.slot} />;
        const short = shortBefore(part, column.slot);
        const chosen = mine && choice.slot === column.slot;
        const says = `${row.people.map((other) => other.name).join(", ")}: ${slot.name}, ${words.name("status", slot.status)}${
          short > 0 ? `, ${short} s short before it` : ""
        }`;
        return (
          <td key={column.slot} className={cx("p-px", column.first && "border-l-2 border-ink")}>
            <button
              type="button"
              aria-label={says}
              title={says}
              className={cx(
                "relative w-full whitespace-nowrap leading-none",
                height,
                chosen ? "bg-marker font-bold text-ink outline-2 outline-ink" : CELL_LOOK[slot.status],
                slot.overruled && "underline decoration-2 underline-offset-2",
              )}
              onClick={() => onChoose({ person: part.person, slot: column.slot })}
            >
              {cellText(slot, words)}
              {short > 0 && <span aria-hidden className="absolute inset-x-0.5 bottom-0 h-[3px] bg-rust" />}
            </button>
          </td>
        );
      })}
    </tr>
  );
}
