/** How files are to look, as the dialog has it. */
import type { PaperSize } from "@/files/paper/sizes";
import { PICTURE, type PictureOptions } from "@/files/picture/score-svg";
import type { Language } from "@/words/languages";
import type { Counted } from "./make-track";

export interface Looks {
  readonly paper: PaperSize;
  readonly language: Language;
  readonly ink: PictureOptions["inking"];
  readonly minutes: PictureOptions["minutes"];
  /** Seconds of a recording before the class, as typed. */
  readonly offset: string;
  readonly counts: Counted;
}

export const usualLooks = (language: Language): Looks => ({
  paper: "A4",
  language,
  ink: PICTURE.inking,
  minutes: PICTURE.minutes,
  offset: "0",
  counts: "spoken",
});
