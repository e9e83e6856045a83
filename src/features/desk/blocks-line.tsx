"use client";
import { horizontalListSortingStrategy, SortableContext, useSortable } from "@dnd-kit/sortable";
import { memo, useMemo } from "react";
import { slotsOf } from "@/core/class/document";
import { bookFor } from "@/core/moves/book";
import { blockTimes } from "@/core/score/score";
import { clockText } from "@/core/units";
import { ROW_MINUTES } from "@/drawing/measures";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { cx } from "@/ui/cx";
import { blockName } from "@/words/block-words";
import { blockDragId } from "./desk-drag";
import type { DeskParts } from "./use-desk-view";

/** The blocks in their order, by name and length: to choose one, to put it elsewhere, to put a move into it. */
export const BlocksLine = memo(function BlocksLine({
  now,
}: {
  readonly now: Pick<DeskParts, "desk" | "view">;
}) {
  const library = useLibrary();
  const t = useTexts("desk");
  const words = useWords();
  const { desk, view } = now;
  const { doc, selection, select } = desk;
  const book = bookFor(doc, library);
  const times = blockTimes(desk.score);
  const ids = doc.blocks.map(({ id }) => id).join("\n");
  const items = useMemo(() => ids.split("\n").map(blockDragId), [ids]);
  return (
    <div className="mb-1 flex shrink-0 items-baseline gap-4">
      <ol aria-label={t("blocks")} className="flex min-w-0 flex-1 flex-wrap gap-x-1">
        <SortableContext items={items} strategy={horizontalListSortingStrategy}>
          {doc.blocks.map((block) => (
            <BlockWord
              key={block.id}
              id={block.id}
              name={blockName(block, book, words)}
              length={clockText(times.get(block.id)?.seconds ?? 0)}
              chosen={block.id === selection.block}
              onChoose={() => select(block.id, slotsOf(block)[0]?.id ?? null)}
            />
          ))}
        </SortableContext>
      </ol>
      <fieldset className="flex shrink-0 items-baseline gap-x-0.5 text-sm text-quiet">
        <legend className="sr-only">{t("minutesRow")}</legend>
        {ROW_MINUTES.map((each) => (
          <label key={each} className="cursor-pointer">
            <input
              type="radio"
              name="row-minutes"
              value={each}
              className="peer sr-only"
              checked={each === view.minutes}
              onChange={() => view.setMinutes(each)}
            />
            <span className="inline-block min-w-6 border-b-2 border-transparent py-0.5 text-center peer-checked:border-ink peer-checked:font-bold peer-checked:text-ink peer-focus-visible:outline-2 peer-focus-visible:outline-ink">
              {each}
            </span>
          </label>
        ))}
        <span aria-hidden>{t("minRow")}</span>
      </fieldset>
    </div>
  );
});

function BlockWord(props: {
  readonly id: string;
  readonly name: string;
  readonly length: string;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}) {
  const t = useTexts("desk");
  const { id, name, length, chosen, onChoose } = props;
  const sortable = useSortable({ id: blockDragId(id) });
  const { attributes, listeners, setNodeRef, transform, transition, isOver } = sortable;
  const style = transform ? { transform: `translateX(${transform.x}px)`, transition } : undefined;
  return (
    <li ref={setNodeRef} style={style} className="min-w-0">
      <button
        type="button"
        {...attributes}
        {...listeners}
        aria-roledescription={t("blockCanBePut")}
        aria-current={chosen || undefined}
        data-block-word={id}
        className={cx(
          "max-w-72 truncate border-b-2 px-1.5 py-0.5 text-left",
          isOver ? "border-ink" : "border-transparent",
          chosen && "bg-marker",
        )}
        onClick={onChoose}
      >
        <b>{name}</b> <span className={cx("tabular-nums", !chosen && "text-quiet")}>{length}</span>
      </button>
    </li>
  );
}
