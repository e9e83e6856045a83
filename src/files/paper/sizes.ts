/** Sizes of paper. */

/** Points of a page, upright. */
export const PAPER = { A4: [595.28, 841.89], Letter: [612, 792] } as const;
export type PaperSize = keyof typeof PAPER;
export const PAPER_SIZES = Object.keys(PAPER) as readonly PaperSize[];
