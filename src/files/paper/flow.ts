/** What stands on paper as pieces that are put one under the other, into columns and onto pages. */
import type { Letters, Weight } from "./letters";

export type Ink = "ink" | "quiet" | "pine";

/** A text on its baseline or a line, in points from a piece's upper left corner. */
export type Mark =
  | {
      readonly kind: "text";
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly size: number;
      readonly weight: Weight;
      readonly ink: Ink;
    }
  | {
      readonly kind: "rule";
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly thick: number;
      readonly ink: Ink;
    };

export interface Piece {
  readonly height: number;
  readonly marks: readonly Mark[];
  /** Stands on the same page as what follows. */
  readonly withNext?: boolean;
  /** Stands on top again where its rows go on in another column. */
  readonly head?: boolean;
  /** Belongs to no block: no head stands over it again. */
  readonly closes?: boolean;
}

/** Lines are so many letter sizes apart, and a baseline so far under the top of its line. */
export const LEADING = 1.25;
export const RISE = 0.95;

interface Wrapped {
  readonly height: number;
  readonly marks: readonly Mark[];
}

export interface Style {
  readonly size: number;
  readonly weight?: Weight;
  readonly ink?: Ink;
}

/** A text wrapped into a width, beginning at a place. */
export function wrapped(
  letters: Letters,
  text: string,
  place: { readonly x: number; readonly y: number; readonly width: number },
  { size, weight = "regular", ink = "ink" }: Style,
): Wrapped {
  if (text === "") return { height: 0, marks: [] };
  const lines = letters.lines(text, size, weight, place.width);
  const marks = lines.map(
    (line, i): Mark => ({
      kind: "text",
      x: place.x,
      y: place.y + (i * LEADING + RISE) * size,
      text: line,
      size,
      weight,
      ink,
    }),
  );
  return { height: lines.length * LEADING * size, marks };
}

export interface Frame {
  readonly x: number;
  readonly y: number;
  readonly height: number;
}

export interface Placed {
  readonly x: number;
  readonly y: number;
  readonly piece: Piece;
}

/** Pieces that stay together: heads with the first of what they head. */
function groups(pieces: readonly Piece[]): readonly (readonly Piece[])[] {
  const all: Piece[][] = [];
  let open: Piece[] = [];
  for (const piece of pieces) {
    open.push(piece);
    if (piece.withNext) continue;
    all.push(open);
    open = [];
  }
  return open.length > 0 ? [...all, open] : all;
}

const heightOf = (pieces: readonly Piece[]) => pieces.reduce((sum, { height }) => sum + height, 0);

type Frames = (page: number) => readonly Frame[];

/** Puts pieces one under the other, column by column, page by page. */
class Flow {
  readonly pages: Placed[][] = [[]];
  private column = 0;
  private used = 0;
  private head: Piece | null = null;

  constructor(private readonly frames: Frames) {}

  private get columns(): readonly Frame[] {
    return this.frames(this.pages.length - 1);
  }

  private get frame(): Frame {
    return this.columns[this.column] as Frame;
  }

  private put(piece: Piece): void {
    const { x, y } = this.frame;
    this.pages.at(-1)?.push({ x, y: y + this.used, piece });
    this.used += piece.height;
  }

  private turn(): void {
    this.used = 0;
    this.column += 1;
    if (this.column < this.columns.length) return;
    this.pages.push([]);
    this.column = 0;
  }

  take(group: readonly Piece[]): void {
    if (this.used > 0 && this.used + heightOf(group) > this.frame.height) {
      this.turn();
      // The rows of a block that go on elsewhere have its head over them again.
      if (this.head && !group.some(({ head, closes }) => head || closes)) this.put(this.head);
    }
    for (const piece of group) {
      if (piece.head) this.head = piece;
      if (piece.closes) this.head = null;
      this.put(piece);
    }
  }
}

/**
 * Pages of placed pieces; `frames`: the columns of each page, which may differ on the first. What is higher than a
 * whole column stands in one by itself.
 */
export function flow(pieces: readonly Piece[], frames: Frames): readonly (readonly Placed[])[] {
  const into = new Flow(frames);
  for (const group of groups(pieces)) into.take(group);
  return into.pages;
}
