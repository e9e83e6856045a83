/** Cards for the wall: a station a page, across, with the move as large as it goes. */
import type { Words } from "../../words/words";
import type { Card } from "../sheet/cards";
import type { PaperOptions } from "./class-paper";
import { type Mark, type Placed, wrapped } from "./flow";
import { Letters } from "./letters";
import { printed } from "./print";
import { PAPER } from "./sizes";

const MARGIN = 44;
/** A move is as large as its words allow in two lines. */
const MOVE_SIZES = [72, 64, 56, 48, 40] as const;
const DOSE = 40;
const CUE = 26;
const WAY = 24;
const SMALL = 15;

function cardPage(
  letters: Letters,
  card: Card,
  [width, height]: readonly [number, number],
  words: Words,
): readonly Placed[] {
  const inside = width - 2 * MARGIN;
  const marks: Mark[] = [];
  let y = 0;
  const add = (
    text: string,
    style: Parameters<typeof wrapped>[3],
    after: number,
    x = 0,
    room = inside,
  ): void => {
    const block = wrapped(letters, text, { x, y, width: room }, style);
    marks.push(...block.marks);
    y += block.height + (text === "" ? 0 : after);
  };
  const station = words.phrase("sheet", "station", { n: card.number, of: card.of });
  const size =
    MOVE_SIZES.find((own) => letters.lines(card.move, own, "bold", inside).length <= 2) ?? MOVE_SIZES[4];
  add([station, card.block].filter(Boolean).join(" · "), { size: 20, ink: "quiet" }, 4);
  add(card.move, { size, weight: "bold" }, 0);
  add(card.dose, { size: DOSE, ink: "pine", weight: "bold" }, 14);
  for (const cue of card.cues) add(cue, { size: CUE }, 4);
  y += 10;
  const top = y;
  const half = inside / 2 - 16;
  const ways = [
    ["easier", card.easier, 0],
    ["harder", card.harder, half + 32],
  ] as const;
  let lowest = y;
  for (const [key, text, x] of ways) {
    if (text === "") continue;
    y = top;
    marks.push({ kind: "rule", x, y: y + 1, width: half, thick: 1.5, ink: "pine" });
    y += 6;
    add(words.phrase("sheet", key), { size: SMALL, ink: "quiet" }, 0, x, half);
    add(text, { size: WAY, weight: "bold" }, 0, x, half);
    lowest = Math.max(lowest, y);
  }
  y = lowest;
  const needs = card.needs ? `${words.phrase("sheet", "needs")}: ${card.needs}` : "";
  const foot = [needs, ...card.cautions].filter(Boolean).join("  ·  ");
  const closing = wrapped(letters, foot, { x: 0, y: 0, width: inside }, { size: SMALL, ink: "quiet" });
  return [
    { x: MARGIN, y: MARGIN, piece: { height: y, marks } },
    {
      x: MARGIN,
      y: height - MARGIN - closing.height,
      piece: { height: closing.height, marks: closing.marks },
    },
  ];
}

export function cardPapers(
  cards: readonly Card[],
  title: string,
  { paper, faces, madeAt }: PaperOptions,
  words: Words,
): Promise<Uint8Array> {
  const letters = new Letters(faces);
  const [short, long] = PAPER[paper];
  const size = [long, short] as const;
  const pages = cards.map((card) => cardPage(letters, card, size, words));
  return printed({ size, pages, title, language: words.language, madeAt }, letters);
}
