/** What is asked of a file that is made of a class, as plain data that goes through addresses and to other threads. */
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Ms } from "../core/units";
import { type Language, languageOf, wordsIn } from "../words/languages";
import { facesIn } from "./fonts";
import { FORMAT_NAMES } from "./formats";
import { type ClassSource, type MadeFormat, type MakeOptions, makeFile } from "./make";
import type { PaperSize } from "./paper/sizes";
import { PICTURE, type PictureOptions } from "./picture/score-svg";

export interface FileAsk {
  readonly as: MadeFormat;
  readonly language: Language;
  readonly paper: PaperSize;
  readonly minutes: PictureOptions["minutes"];
  readonly ink: PictureOptions["inking"];
  /** Seconds of a recording before the class begins. */
  readonly offsetSeconds: number;
  /** Of the instructor's voice. */
  readonly wordsPerSecond: number;
}

/** Seconds of a recording before its class begins: a day at the most. */
export const OFFSET_SECONDS = [0, 86_400] as const;
/** Words that anybody says in a second. */
export const VOICE_WORDS = [0.5, 6] as const;

/** What can be made at one go: the track is written piece by piece. */
export const MADE_FORMATS = FORMAT_NAMES.filter((name): name is MadeFormat => name !== "track");

/** `root`: the folder that holds `node_modules`, for the letters. */
export function makeOptions(ask: Omit<FileAsk, "as">, root: string, madeAtMs: Ms): MakeOptions {
  const words = wordsIn(ask.language);
  return {
    words,
    wordsFor: ({ language }) => (language === undefined ? words : wordsIn(languageOf(language))),
    faces: facesIn(root),
    paper: ask.paper,
    picture: { ...PICTURE, minutes: ask.minutes, inking: ask.ink },
    wordsPerSecond: ask.wordsPerSecond,
    offsetSeconds: ask.offsetSeconds,
    madeAt: new Date(madeAtMs),
  };
}

/** The bytes of a file of a class with the library's moves: what a thread is handed, all plain data. */
export function fileAsked(
  source: Omit<ClassSource, "library">,
  ask: FileAsk,
  root: string,
  madeAtMs: Ms,
): Promise<Uint8Array> {
  return makeFile(ask.as, { ...source, library: LIBRARY_BOOK }, makeOptions(ask, root, madeAtMs));
}
