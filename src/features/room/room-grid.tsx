"use client";
import { useMemo, useRef, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import { findSlot } from "@/core/class/document";
import { type MoveBook, resolveMove } from "@/core/moves/book";
import type { Part } from "@/core/parts/part";
import {
  FILTERS,
  type Filter,
  filterCounts,
  MANY_COLUMNS,
  type RoomColumn,
  roomColumns,
  roomRows,
} from "@/core/parts/room-rows";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { cx } from "@/ui/cx";
import { spreadText } from "@/words/room-words";
import { type GridColumn, type RoomChoice, RoomLine } from "./room-line";
import { useRoomKeys } from "./use-room-keys";

export type { RoomChoice } from "./room-line";

interface Props {
  readonly doc: ClassDoc;
  readonly parts: readonly Part[];
  readonly book: MoveBook;
  readonly choice: RoomChoice;
  readonly onChoose: (choice: RoomChoice) => void;
}

/** Rows that keep their order while parts change; what stands out comes first when they are looked at anew. */
function useRows(parts: readonly Part[], filter: Filter, fold: boolean) {
  const order = useRef<{ readonly key: string; readonly people: readonly string[] } | null>(null);
  return useMemo(() => {
    const who = parts.map(({ person }) => person).join();
    const key = `${filter} ${fold} ${who}`;
    const kept = order.current?.key === key ? order.current.people : [];
    const rows = roomRows(parts, filter, fold, kept);
    if (kept.length === 0)
      order.current = {
        key,
        people: rows.flatMap(({ people }) => people.map(({ person }) => person)),
      };
    return rows;
  }, [parts, filter, fold]);
}

/** Which blocks are folded to one column each: all of a long class, until they are opened. */
function useColumns(doc: ClassDoc) {
  const all = useMemo(() => roomColumns(doc), [doc]);
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set());
  const folds = all.length > MANY_COLUMNS;
  const columns = useMemo(
    () =>
      all.flatMap((column): GridColumn[] => {
        if (!folds || opened.has(column.block)) return [{ ...column, folded: null }];
        if (!column.first) return [];
        const slots = all.filter(({ block }) => block === column.block).map(({ slot }) => slot);
        return [{ ...column, folded: slots }];
      }),
    [all, folds, opened],
  );
  const toggle = (block: string) =>
    setOpened((now) => {
      const next = new Set(now);
      if (!next.delete(block)) next.add(block);
      return next;
    });
  return { columns, toggle: folds ? toggle : null };
}

/** People by slots, to be read at a glance: what is as set is a dot, what isn't says what it is. */
export function RoomGrid(props: Props) {
  const t = useTexts("room");
  const words = useWords();
  const { doc, parts, choice } = props;
  const [filter, setFilter] = useState<Filter>("all");
  const [fold, setFold] = useState(true);
  const [wide, setWide] = useState(false);
  const [said, setSaid] = useState("");
  const { columns, toggle } = useColumns(doc);
  const counts = useMemo(() => filterCounts(parts), [parts]);
  const rows = useRows(parts, filter, fold);
  const keys = useRoomKeys();
  const tight = rows.length > 18 && !wide;
  return (
    <section aria-label={t("room")} className="flex min-h-0 flex-1 flex-col">
      <div className="flex items-center gap-4 border-b border-hairline pb-2">
        <h2 className="text-lg font-bold">{t("room")}</h2>
        <fieldset className="flex gap-1">
          <legend className="sr-only">{t("show")}</legend>
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
          <input type="checkbox" checked={wide} onChange={(event) => setWide(event.target.checked)} />
          {t("names")}
        </label>
        <label className="flex items-center gap-1.5">
          <input type="checkbox" checked={fold} onChange={(event) => setFold(event.target.checked)} />
          {t("oneRowSamePart")}
        </label>
      </div>
      <div className="min-h-0 flex-1 overflow-auto">
        <table
          ref={keys.ref}
          onKeyDown={keys.onKeyDown}
          onFocus={keys.onFocus}
          className={cx("border-collapse text-center", wide ? "min-w-full" : "w-full table-fixed")}
        >
          <caption className="sr-only">{t("whatEachPersonDoes")}</caption>
          <colgroup>
            <col className="w-44" />
            {columns.map((column) => (
              <col key={column.slot} />
            ))}
          </colgroup>
          <thead className="sticky top-0 z-10 bg-paper">
            <BlockHeads columns={columns} onToggle={toggle} />
            <tr className="align-bottom">
              <th scope="col" className="pb-1 text-left text-sm font-semibold text-quiet">
                {t("peopleRows", { people: parts.length, rows: rows.length })}
              </th>
              {columns.map((column) => (
                <ColumnHead key={column.slot} column={column} wide={wide} {...props} />
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <RoomLine
                key={row.key}
                row={row}
                columns={columns}
                tight={tight}
                wide={wide}
                choice={choice}
                onChoose={props.onChoose}
                onSay={setSaid}
              />
            ))}
          </tbody>
        </table>
      </div>
      <p aria-hidden className="h-6 truncate border-t border-hairline pt-0.5 text-quiet">
        {said || t("pointCellReadWho")}
      </p>
    </section>
  );
}

/** The brackets of the blocks above their columns; in a long class each opens and shuts its own. */
function BlockHeads({
  columns,
  onToggle,
}: {
  readonly columns: readonly GridColumn[];
  readonly onToggle: ((block: string) => void) | null;
}) {
  const t = useTexts("room");
  const blocks = columns.filter((column) => column.first);
  return (
    <tr>
      <th aria-hidden className="p-0" />
      {blocks.map(({ block, blockTitle, folded }) => (
        <th
          key={block}
          scope="colgroup"
          colSpan={columns.filter((column) => column.block === block).length}
          className="truncate border-l-2 border-t-2 border-ink px-1 text-left text-sm font-bold"
        >
          {onToggle ? (
            <button
              type="button"
              className="w-full truncate text-left"
              aria-expanded={folded === null}
              title={`${blockTitle}: ${folded ? t("movesOpen", { folded: folded.length }) : t("shut")}`}
              onClick={() => onToggle(block)}
            >
              {folded ? "+" : "−"} {blockTitle}
            </button>
          ) : (
            blockTitle
          )}
        </th>
      ))}
    </tr>
  );
}

function ColumnHead(props: Props & { readonly column: GridColumn; readonly wide: boolean }) {
  const t = useTexts("room");
  const words = useWords();
  const { column, choice, wide } = props;
  if (column.folded)
    return (
      <th scope="col" className="border-l-2 border-ink p-0 pb-1 text-sm font-normal text-quiet">
        {t("movesFolded", { folded: column.folded.length })}
      </th>
    );
  const name = nameOf(column, props);
  const chosen = choice.slot === column.slot && choice.person === null;
  const says = `${column.number} ${name}: ${spreadText(props.parts, column.slot, words)}`;
  return (
    <th scope="col" className={cx("p-0 font-normal", column.first && "border-l-2 border-ink")}>
      <button
        type="button"
        aria-pressed={chosen}
        title={says}
        aria-label={says}
        className={cx(
          "flex w-full items-end justify-center gap-0.5 pb-1 aria-pressed:bg-marker",
          wide ? "min-h-10 min-w-28 px-1" : "h-28",
        )}
        onClick={() => props.onChoose({ person: null, slot: column.slot })}
      >
        <span
          className={cx(
            "text-sm leading-tight",
            wide ? "text-left" : "max-h-24 rotate-180 overflow-hidden text-left [writing-mode:vertical-rl]",
          )}
        >
          {column.number} {name}
        </span>
      </button>
    </th>
  );
}

function nameOf({ slot: id }: RoomColumn, { doc, book }: Props): string {
  const slot = findSlot(doc, id)?.slot;
  return slot ? resolveMove(slot.move, book).name : "";
}
