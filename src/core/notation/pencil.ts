/** Reading a line piece by piece: what is understood is struck out, and what is left keeps its columns. */

/** A piece of a line: its number, and the columns that it takes, all from 1; `to` is behind its last. */
export interface Place {
  readonly line: number;
  readonly from: number;
  readonly to: number;
}

export interface Struck {
  readonly match: RegExpExecArray;
  readonly place: Place;
}

/** A text on a line with a pencil over it. */
export class Pencil {
  private text: string;

  /** `column`: of the text's first letter in its line, from 1. */
  constructor(
    text: string,
    readonly line: number,
    readonly column: number,
  ) {
    this.text = text;
  }

  /** What is left, with blanks where something was struck out. */
  get left(): string {
    return this.text;
  }

  /** Strikes out the first match and gives it; null where there is none. */
  take(form: RegExp): Struck | null {
    const match = form.exec(this.text);
    if (!match || match[0].length === 0) return null;
    const { index } = match;
    this.text =
      this.text.slice(0, index) + " ".repeat(match[0].length) + this.text.slice(index + match[0].length);
    return { match, place: this.place(index, index + match[0].length) };
  }

  /** Where a stretch of the text stands. */
  place(from: number, to: number): Place {
    return { line: this.line, from: this.column + from, to: this.column + to };
  }

  /** The words that are left, joined by one blank, from the first letter to the last; null where there are none. */
  rest(): { readonly text: string; readonly place: Place } | null {
    const match = /[\p{L}\p{N}](?:[\s\S]*[\p{L}\p{N}])?/u.exec(this.text);
    if (!match) return null;
    const [words] = match;
    return {
      text: words.replace(/\s+/g, " "),
      place: this.place(match.index, match.index + words.length),
    };
  }

  /** Pieces of what is left between separators, each with a pencil of its own. */
  split(separator: RegExp): readonly Pencil[] {
    const pieces: Pencil[] = [];
    let from = 0;
    for (const match of this.text.matchAll(separator)) {
      pieces.push(new Pencil(this.text.slice(from, match.index), this.line, this.column + from));
      from = match.index + match[0].length;
    }
    pieces.push(new Pencil(this.text.slice(from), this.line, this.column + from));
    return pieces;
  }
}
