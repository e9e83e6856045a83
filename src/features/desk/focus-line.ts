/** The focus in the list of moves: what is gone hands it on. */

/** The line follows the score within so many frames. */
const FRAMES = 30;

const lineOf = (slot: string) =>
  [...document.querySelectorAll<HTMLElement>("[data-slot-line]")].find(
    (each) => each.dataset.slotLine === slot,
  );

/** The focus goes to the name of a move, once its line is drawn. */
export function focusLine(slot: string | null | undefined, frames = FRAMES): void {
  if (slot === undefined || slot === null || frames === 0) return;
  requestAnimationFrame(() => {
    const line = lineOf(slot);
    if (line) line.querySelector<HTMLElement>("[data-move-name]")?.focus();
    else focusLine(slot, frames - 1);
  });
}

/** Whether the focus is in the list of moves. */
export function isInLines(): boolean {
  return document.activeElement?.closest("[data-slot-line]") != null;
}
