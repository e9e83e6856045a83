"use client";
/** Arrow keys in the room: one stop of the Tab key for the whole grid, and from cell to cell inside it. */
import { type FocusEvent, type KeyboardEvent, useEffect, useRef } from "react";

const STEPS: Readonly<Record<string, readonly [down: number, right: number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

const cellsOf = (row: Element | undefined) => [...(row?.querySelectorAll<HTMLElement>("[data-cell]") ?? [])];

/** Where a cell stands among the rows that have cells. */
function placeOf(table: HTMLElement, cell: Element) {
  const rows = [...table.querySelectorAll("tbody tr")].map(cellsOf);
  const down = rows.findIndex((row) => row.includes(cell as HTMLElement));
  return { rows, down, right: rows[down]?.indexOf(cell as HTMLElement) ?? -1 };
}

export function useRoomKeys() {
  const ref = useRef<HTMLTableElement>(null);
  // The cell that had the focus last is the one that Tab comes back to; at first it is the first.
  useEffect(() => {
    const cells = cellsOf(ref.current ?? undefined);
    if (!cells.some(({ tabIndex }) => tabIndex === 0) && cells[0]) cells[0].tabIndex = 0;
  });
  const onFocus = ({ target }: FocusEvent<HTMLElement>) => {
    if (!ref.current || !target.matches("[data-cell]")) return;
    for (const cell of cellsOf(ref.current)) cell.tabIndex = cell === target ? 0 : -1;
  };
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const step = STEPS[event.key];
    const table = ref.current;
    if (!step || !table || !(event.target instanceof HTMLElement) || !event.target.matches("[data-cell]"))
      return;
    // Elsewhere on the Desk the same keys go from move to move.
    event.preventDefault();
    event.stopPropagation();
    const { rows, down, right } = placeOf(table, event.target);
    const row = rows[Math.max(0, Math.min(rows.length - 1, down + step[0]))] ?? [];
    row[Math.max(0, Math.min(row.length - 1, right + step[1]))]?.focus();
  };
  return { ref, onFocus, onKeyDown };
}
