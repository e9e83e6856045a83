/** The same picture of a score in dots, for where no vector goes. */
import { createCanvas, GlobalFonts, loadImage } from "@napi-rs/canvas";
import type { ClassDoc } from "../../core/class/document";
import type { MoveBook } from "../../core/moves/book";
import { scoreOf } from "../../core/score/score";
import type { Words } from "../../words/words";
import type { Faces } from "../fonts";
import { type PictureOptions, pictureSize, scoreSvg } from "./score-svg";

/** Dots a px. */
const RATIO = 2;
/** Side of a canvas at the most, dots. */
const MOST_DOTS = 30_000;

const known = new Set<string>();

function needFaces({ regular, bold }: Faces): void {
  for (const file of [...regular, ...bold]) {
    if (known.has(file)) continue;
    GlobalFonts.registerFromPath(file);
    known.add(file);
  }
}

/** The picture as a PNG file, two dots a px, one where it would get too long for that. */
export async function scorePng(
  doc: ClassDoc,
  library: MoveBook,
  options: PictureOptions,
  faces: Faces,
  words: Words,
): Promise<Uint8Array> {
  needFaces(faces);
  const { width, height } = pictureSize(scoreOf(doc, library).seconds.plan, options);
  const ratio = height * RATIO > MOST_DOTS ? MOST_DOTS / height : RATIO;
  const canvas = createCanvas(Math.round(width * ratio), Math.round(height * ratio));
  const picture = await loadImage(Buffer.from(scoreSvg(doc, library, options, words)));
  canvas.getContext("2d").drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas.encode("png");
}
