/** Letters of paper: how wide a text is and where it breaks, in points. What one face lacks the next one has. */
import { readFileSync } from "node:fs";
import * as fontkit from "fontkit";
import type { Faces } from "../fonts";

export type Weight = keyof Faces;

/** Letters of a text that one file has. */
export interface Run {
  readonly file: string;
  readonly text: string;
}

interface Face {
  readonly file: string;
  readonly has: (codePoint: number) => boolean;
  /** In letter sizes. */
  readonly width: (text: string) => number;
}

/** What no face has stands as this. */
const UNKNOWN = "?";

const opened = new Map<string, Face>();

function open(file: string): Face {
  const known = opened.get(file);
  if (known) return known;
  const font = fontkit.create(readFileSync(file)) as fontkit.Font;
  const face: Face = {
    file,
    has: (codePoint) => font.hasGlyphForCodePoint(codePoint),
    width: (text) => font.layout(text).advanceWidth / font.unitsPerEm,
  };
  opened.set(file, face);
  return face;
}

/** Where a line may break: a number keeps its unit by a space that doesn't. */
const BREAKS = /[ \t]+/;

/** Texts whose widths are remembered; then it begins anew. */
const MOST_KNOWN = 20_000;

export class Letters {
  private readonly faces: Readonly<Record<Weight, readonly Face[]>>;
  private readonly widths = new Map<string, number>();

  constructor(faces: Faces) {
    this.faces = { regular: faces.regular.map(open), bold: faces.bold.map(open) };
  }

  /** A text in stretches of one file each; signs that nobody has become question marks. */
  runs(text: string, weight: Weight): readonly Run[] {
    const faces = this.faces[weight];
    const runs: { file: string; text: string }[] = [];
    for (const letter of text.normalize("NFC")) {
      const code = letter.codePointAt(0) as number;
      const face = faces.find(({ has }) => has(code));
      const { file } = face ?? (faces[0] as Face);
      const last = runs.at(-1);
      const shown = face ? letter : UNKNOWN;
      // A space goes with the letters before it.
      if (last && (last.file === file || letter === " ")) last.text += shown;
      else runs.push({ file, text: shown });
    }
    return runs;
  }

  /** Points from edge to edge at a letter size. */
  width(text: string, size: number, weight: Weight): number {
    const key = `${weight} ${text}`;
    let width = this.widths.get(key);
    if (width === undefined) {
      width = this.runs(text, weight).reduce((sum, run) => sum + open(run.file).width(run.text), 0);
      if (this.widths.size >= MOST_KNOWN) this.widths.clear();
      this.widths.set(key, width);
    }
    return width * size;
  }

  /** Whole words in lines of a width; a word that is wider than a line is cut at its letters. */
  lines(text: string, size: number, weight: Weight, width: number): readonly string[] {
    return text
      .trimEnd()
      .split("\n")
      .flatMap((paragraph) => this.paragraph(paragraph, size, weight, width));
  }

  private paragraph(text: string, size: number, weight: Weight, width: number): readonly string[] {
    const lines: string[] = [];
    let line = "";
    for (const word of text.split(BREAKS).filter(Boolean)) {
      const longer = line === "" ? word : `${line} ${word}`;
      if (this.width(longer, size, weight) <= width) {
        line = longer;
        continue;
      }
      if (line !== "") lines.push(line);
      const pieces = this.cut(word, size, weight, width);
      lines.push(...pieces.slice(0, -1));
      line = pieces.at(-1) ?? "";
    }
    return [...lines, line];
  }

  private cut(word: string, size: number, weight: Weight, width: number): readonly string[] {
    const pieces: string[] = [];
    let piece = "";
    for (const letter of word) {
      if (piece !== "" && this.width(piece + letter, size, weight) > width) {
        pieces.push(piece);
        piece = "";
      }
      piece += letter;
    }
    return [...pieces, piece];
  }
}
