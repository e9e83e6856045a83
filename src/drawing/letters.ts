/**
 * How wide a text is when drawn, without a browser: so that what fits can be worked out, and tested, as data.
 *
 * Source: advance widths of the text face that ships with Brontle, measured in the browser it is
 * tested with, in units of the letter size. Letters are in groups; a group has its widest letter's width.
 */
const GROUPS: readonly (readonly [width: number, letters: string])[] = [
  [0.26, "'`|ijl.,:;"],
  [0.31, ' !"()f'],
  [0.36, "rt-[]{}’"],
  [0.41, "I/\\_1"],
  [0.5, "csvykxz*?"],
  [0.58, "abdeghnopqu<>=+^2357–"],
  [0.65, "ABCEFJKLPRSTVXYZ#$0468~9"],
  [0.73, "DGHNOQU&w…"],
  [0.86, "mMW@"],
  [0.92, "%"],
];
const WIDTHS: ReadonlyMap<string, number> = new Map(
  GROUPS.flatMap(([width, letters]) => [...letters].map((letter) => [letter, width] as const)),
);
/** An accent adds nothing to its letter; what isn't known counts as wide. */
const UNKNOWN = 0.86;
/** The bold cut is at most this much wider, letter for letter of a word or a number. */
const BOLD = 1.1;

function letterWidth(letter: string): number {
  return WIDTHS.get(letter) ?? WIDTHS.get(letter.normalize("NFD").charAt(0)) ?? UNKNOWN;
}

/** Width of a text at a letter size in px; never less than it is drawn. */
export function textWidth(text: string, sizePx: number, bold = false): number {
  let width = 0;
  for (const letter of text) width += letterWidth(letter);
  return width * sizePx * (bold ? BOLD : 1);
}

/** Words that nothing may end with: "Inchworm to" says less than "Inchworm". */
const LINKS: ReadonlySet<string> = new Set([
  "a",
  "an",
  "and",
  "at",
  "for",
  "in",
  "of",
  "on",
  "or",
  "the",
  "to",
  "with",
]);

/** The first whole words of a text for which there is room; empty where not even one fits. */
export function wholeWords(text: string, px: number, sizePx: number, bold = false): string {
  const words = text.split(" ");
  while (words.length > 0 && textWidth(words.join(" "), sizePx, bold) > px) {
    words.pop();
    while (LINKS.has(words.at(-1) ?? "")) words.pop();
  }
  return words.join(" ");
}
