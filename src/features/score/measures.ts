/** How the score stands on the Desk: px at 1280 wide, and which second of the class is at a place. */
import type { RowMeasures } from "./shapes";

/** Left of the rows, for the clock at the beginning of each. */
export const GUTTER = 42;
export const WIDTH = 900;
/** From one row to the next: brackets and titles, labels, bars, and below the line what is short. */
export const ROW = 55;
export const ROW_SECONDS = 300;
export const M: RowMeasures = { baseline: 44, fullBar: 20, pxPerSecond: WIDTH / ROW_SECONDS };

/** The second of the class at a place of the window, or null beside the rows. */
export function secondAt(svg: SVGSVGElement, clientX: number, clientY: number): number | null {
  const toScreen = svg.getScreenCTM();
  if (!toScreen) return null;
  const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(toScreen.inverse());
  const into = (x - GUTTER) / M.pxPerSecond;
  return into < 0 || into >= ROW_SECONDS ? null : Math.floor(y / ROW) * ROW_SECONDS + into;
}
