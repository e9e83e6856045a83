"use client";
import type { PartSlot } from "@/core/parts/part";
import { otherwiseIn, type RoomColumn, type RoomRow, shortBefore } from "@/core/parts/room-rows";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { cx } from "@/ui/cx";
import { cellText } from "@/words/room-words";

/** What is looked at: a whole row, a whole column, or one cell. */
export interface RoomChoice {
  readonly person: string | null;
  readonly slot: string | null;
}

/** A move, or a whole block of a long class: then the slots that it stands for. */
export interface GridColumn extends RoomColumn {
  readonly folded: readonly string[] | null;
}

const CELL_LOOK: Record<PartSlot["status"], string> = {
  "as-set": "text-quiet",
  eased: "text-ink",
  raised: "text-ink",
  swapped: "bg-pine text-paper",
  unmet: "border-2 border-rust font-bold text-rust",
};

interface LineProps {
  readonly row: RoomRow;
  readonly columns: readonly GridColumn[];
  readonly tight: boolean;
  /** Cells say the name of what is done. */
  readonly wide: boolean;
  readonly choice: RoomChoice;
  readonly onChoose: (choice: RoomChoice) => void;
  /** What a cell says, while it is pointed at or has the focus. */
  readonly onSay: (said: string) => void;
}

const everyName = ({ people }: RoomRow) => people.map((other) => other.name).join(", ");

function firstNames(row: RoomRow): string {
  const names = row.people.map((part) => part.name);
  if (names.length === 1) return names[0] ?? "";
  const short = names.map((name) => name.split(" ")[0] ?? name);
  return short.length <= 3 ? short.join(", ") : `${short.slice(0, 2).join(", ")} +${short.length - 2}`;
}

/** One row of the room: who, and a cell for each move or folded block. */
export function RoomLine(props: LineProps) {
  const t = useTexts("room");
  const { row, columns, choice, onChoose } = props;
  const { part } = row;
  const mine = row.people.some((other) => other.person === choice.person);
  return (
    <tr className={cx("border-b border-hairline", mine && choice.slot === null && "bg-marker")}>
      <th scope="row" className="p-0 text-left font-normal">
        <button
          type="button"
          data-cell
          tabIndex={-1}
          title={everyName(row)}
          className={cx("w-full truncate pr-2 text-left", heightOf(props), !part.homeKnown && "text-rust")}
          onClick={() => onChoose({ person: part.person, slot: null })}
        >
          <b>{firstNames(row)}</b>
          {!part.homeKnown && ` ${t("notSaid")}`}
        </button>
      </th>
      {columns.map((column) =>
        column.folded ? (
          <FoldedCell key={column.slot} {...props} slots={column.folded} />
        ) : (
          <Cell key={column.slot} {...props} column={column} mine={mine} />
        ),
      )}
    </tr>
  );
}

const heightOf = ({ tight, wide }: LineProps) =>
  tight ? "h-5 text-xs" : wide ? "min-h-7 text-xs" : "h-7 text-sm";

/** Of a folded block how many of its moves are done otherwise. */
function FoldedCell({ row, slots }: LineProps & { readonly slots: readonly string[] }) {
  const t = useTexts("room");
  const other = otherwiseIn(row.part, slots);
  return (
    <td className="border-l-2 border-ink p-px text-quiet">
      {other === 0 ? "·" : t("otherOf", { other, slots: slots.length })}
    </td>
  );
}

function Cell(props: LineProps & { readonly column: GridColumn; readonly mine: boolean }) {
  const t = useTexts("room");
  const words = useWords();
  const { row, column, choice, wide, onChoose, onSay } = props;
  const { part } = row;
  const slot = part.slots.find((entry) => entry.slot === column.slot);
  if (!slot) return <td />;
  const short = shortBefore(part, column.slot);
  const chosen = props.mine && choice.slot === column.slot;
  const lacking = short > 0 ? t("shortBefore", { short }) : "";
  const says = `${everyName(row)}: ${slot.name}, ${words.name("status", slot.status)}${lacking}`;
  const isOther = slot.status !== "as-set" || slot.mark !== "natural";
  return (
    <td className={cx("p-px", column.first && "border-l-2 border-ink")}>
      <button
        type="button"
        data-cell
        tabIndex={-1}
        aria-label={says}
        title={says}
        className={cx(
          "relative w-full leading-none",
          wide ? "px-1 py-0.5 text-left leading-tight" : "whitespace-nowrap",
          heightOf(props),
          chosen ? "bg-marker font-bold text-ink outline-2 outline-ink" : CELL_LOOK[slot.status],
          slot.overruled && "underline decoration-2 underline-offset-2",
        )}
        onMouseEnter={() => onSay(says)}
        onFocus={() => onSay(says)}
        onClick={() => onChoose({ person: part.person, slot: column.slot })}
      >
        {wide && isOther
          ? slot.status === "unmet"
            ? t("unmetName", { name: slot.name })
            : slot.name
          : cellText(slot, words)}
        {short > 0 && <span aria-hidden className="absolute inset-x-0.5 bottom-0 h-[3px] bg-rust" />}
      </button>
    </td>
  );
}
