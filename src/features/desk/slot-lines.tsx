"use client";
import { SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { GripVertical } from "lucide-react";
import { memo, useMemo } from "react";
import { setSlot } from "@/core/class/commands";
import { type Block, type ClassDoc, SIDES, type Slot, slotsOf, type Way } from "@/core/class/document";
import { slotSides } from "@/core/class/expand";
import { bookWith, type MoveBook, resolveMove } from "@/core/moves/book";
import { canDo, mostCan } from "@/core/parts/groups";
import type { Part } from "@/core/parts/part";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { cx } from "@/ui/cx";
import { roomCounts } from "@/words/room-words";
import type { PlainKey } from "@/words/screens/screens";
import { levelText } from "@/words/way-words";
import { slotDragId } from "./desk-drag";
import { DoseCell } from "./dose-cell";
import { LoadCell } from "./load-cell";
import { CELL } from "./text-cell";
import type { Desk } from "./use-desk";

const SIDE_WORDS = {
  both: "both",
  alternating: "alternating",
  inTurn: "lThenR",
  swap: "swapEachRound",
} as const satisfies Readonly<Record<string, PlainKey<"slots">>>;

/** The slots of the selected block, one line each; put elsewhere by drag or by Alt with the arrow keys. */
export const SlotLines = memo(function SlotLines(props: {
  readonly desk: Desk;
  readonly block: Block;
  readonly parts: readonly Part[];
  readonly onChooseMove: (slotId: string) => void;
  /** From the selected move to this one. */
  readonly onExtend: (slotId: string) => void;
}) {
  const t = useTexts("slots");
  const words = useWords();
  const { desk, block, parts, onChooseMove, onExtend } = props;
  const slots = slotsOf(block);
  const ids = slots.map((slot) => slot.id).join("\n");
  const items = useMemo(() => ids.split("\n").map(slotDragId), [ids]);
  return (
    // Painted apart, as the panel is.
    <table
      className="isolate w-full border-collapse text-left [&_td]:pr-2 [&_th]:whitespace-nowrap [&_th]:pr-2"
      aria-label={t("movesBlock")}
    >
      <thead className="text-sm text-quiet">
        <tr className="border-b border-hairline">
          <th className="w-6 font-semibold">
            <span className="sr-only">{t("order2")}</span>
          </th>
          <th className="w-6 font-semibold">#</th>
          <th className="pr-4 font-semibold">{t("move3")}</th>
          <th className="font-semibold">{t("dose2")}</th>
          <th className="font-semibold" title={t("howManyCanDo")}>
            {parts.length > 0 && t("can")}
          </th>
          <th className="font-semibold">{t("sides")}</th>
          <th className="font-semibold">{t("load3")}</th>
          <th className="w-[17%] font-semibold">{t("easier")}</th>
          <th className="w-[17%] font-semibold">{t("harder")}</th>
          <th className="font-semibold">{t("room", { parts: parts.length })}</th>
        </tr>
      </thead>
      <SortableContext items={items} strategy={verticalListSortingStrategy}>
        <tbody>
          {slots.map((slot, i) => {
            const room = roomCounts(parts, slot.id, words);
            return (
              <SlotLine
                key={slot.id}
                blockId={block.id}
                slot={slot}
                own={desk.doc.moves}
                number={i + 1}
                of={slots.length}
                chosen={slot.id === desk.selection.slot}
                room={room.text}
                unmet={room.unmet}
                {...canOf(parts, slot.id)}
                edit={desk.edit}
                refuses={desk.refuses}
                select={desk.select}
                onChooseMove={onChooseMove}
                onExtend={onExtend}
              />
            );
          })}
        </tbody>
      </SortableContext>
    </table>
  );
});

/** How many can do a slot as set, and what most can where that is fewer than half. */
function canOf(parts: readonly Part[], slotId: string): Pick<LineProps, "can" | "most"> {
  if (parts.length === 0) return { can: "", most: "" };
  const { can, of } = canDo(parts, slotId);
  const most = can * 2 < of ? mostCan(parts, slotId) : null;
  return { can: `${can}`, most: most ? `${most.amount} ${most.unit === "reps" ? "reps" : "s"}` : "" };
}

interface LineProps {
  readonly blockId: string;
  readonly slot: Slot;
  /** The class's own moves: with the library all that a line names. */
  readonly own: ClassDoc["moves"];
  readonly number: number;
  /** How many there are in the block. */
  readonly of: number;
  readonly chosen: boolean;
  readonly room: string;
  readonly unmet: number;
  /** How many can do it as set; empty without anybody. */
  readonly can: string;
  /** What most can instead, where fewer than half can. */
  readonly most: string;
  readonly edit: Desk["edit"];
  readonly refuses: Desk["refuses"];
  readonly select: Desk["select"];
  readonly onChooseMove: (slotId: string) => void;
  readonly onExtend: (slotId: string) => void;
}

/** One line; drawn again only where something of its own has changed. */
const SlotLine = memo(function SlotLine(props: LineProps) {
  const library = useLibrary();
  const t = useTexts("slots");
  const { blockId, slot, number, chosen, room, unmet, edit, refuses, select, onChooseMove } = props;
  const sortable = useSortable({ id: slotDragId(slot.id) });
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = sortable;
  const book = bookWith(library, props.own);
  const move = resolveMove(slot.move, book);
  const set = (key: keyof Slot, to: unknown) => edit(setSlot(slot, key, to as never), true);
  const style = transform ? { transform: `translateY(${transform.y}px)`, transition } : undefined;
  return (
    <tr
      ref={setNodeRef}
      style={style}
      data-slot-line={slot.id}
      aria-selected={chosen || undefined}
      className={cx("border-b border-hairline", chosen && "bg-marker")}
      onMouseDownCapture={(event) => {
        if (!event.shiftKey) return;
        event.preventDefault();
        props.onExtend(slot.id);
      }}
      onFocusCapture={() => !chosen && select(blockId, slot.id)}
      onClick={(event) => !event.shiftKey && select(blockId, slot.id)}
    >
      <td>
        <button
          ref={setActivatorNodeRef}
          type="button"
          {...attributes}
          {...listeners}
          aria-label={t("putElsewhere", { name: move.name, number, of: props.of })}
          className="grid size-[24px] cursor-grab place-items-center"
        >
          <GripVertical size={14} aria-hidden />
        </button>
      </td>
      <td>{number}</td>
      <td>
        <button
          type="button"
          data-move-name
          className="min-h-[24px] whitespace-nowrap pr-4 text-left font-bold"
          aria-label={t("chooseAnotherMove", { name: move.name })}
          onClick={() => onChooseMove(slot.id)}
        >
          {move.name}
        </button>
      </td>
      <td>
        <DoseCell slot={slot} book={book} edit={edit} refuses={refuses} />
      </td>
      <td
        className={cx("whitespace-nowrap tabular-nums", props.most === "" && !chosen && "text-quiet")}
        title={props.most && t("mostCan", { most: props.most })}
      >
        {props.can}
        {props.most && <span className="sr-only">{t("mostCanInline", { most: props.most })}</span>}
      </td>
      <td>
        <select
          aria-label={t("sides2", { name: move.name })}
          className={CELL}
          value={slotSides(slot, book)}
          onChange={(event) => set("sides", event.target.value)}
        >
          {SIDES.map((sides) => (
            <option key={sides} value={sides}>
              {t(SIDE_WORDS[sides])}
            </option>
          ))}
        </select>
      </td>
      <td>
        <LoadCell slot={slot} name={move.name} edit={edit} refuses={refuses} />
      </td>
      <WayCell way={slot.marks?.flat} book={book} />
      <WayCell way={slot.marks?.sharp} book={book} />
      <td className={cx("whitespace-nowrap", !chosen && "text-quiet")}>
        {room}
        {unmet > 0 && <b className="text-rust">{t("unmetCount", { unmet, after: room ? "yes" : "no" })}</b>}
      </td>
    </tr>
  );
});

/** A level's way in one line; cut where it is long, and whole on pointing at it. */
function WayCell({ way, book }: { readonly way: Way | undefined; readonly book: MoveBook }) {
  const words = useWords();
  const text = way ? levelText(way, book, words) || words.phrase("live", "slower") : "—";
  return (
    <td className="max-w-0 truncate" title={text}>
      {text}
    </td>
  );
}
