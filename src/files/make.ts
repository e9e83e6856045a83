/** Makes any of the files of a class, but the track, which is as long as the class and is written piece by piece. */
import type { ClassDoc } from "../core/class/document";
import { classFileText } from "../core/formats/class-file";
import { CLASS_SCHEMA } from "../core/formats/class-schema";
import { rosterCsv } from "../core/formats/roster-csv";
import type { Person } from "../core/homes/home";
import { withoutPrivate } from "../core/homes/own-view";
import type { MoveBook } from "../core/moves/book";
import { printPlan } from "../core/notation/print-plan";
import { partsFor } from "../core/parts/everyone";
import type { Part } from "../core/parts/part";
import { emergencyNumber } from "../core/readiness/emergency";
import { scoreOf } from "../core/score/score";
import type { Ms } from "../core/units";
import { bookIn, partIn } from "../words/moves/moves-in";
import { rosterTerms } from "../words/roster-terms";
import { longWhen } from "../words/when-words";
import type { Words } from "../words/words";
import type { Faces } from "./fonts";
import type { FormatName } from "./formats";
import type { PaperSize } from "./paper/sizes";
import type { PictureOptions } from "./picture/score-svg";
import { classSheet } from "./sheet/class-sheet";
import { personSheet } from "./sheet/person-sheet";
import { calendarFile } from "./text/calendar";
import { captionsOf } from "./text/captions";
import { asPlanned, chapterLines, chaptersOf, chapterTrack, type Played } from "./text/chapters";
import { sheetMarkdown } from "./text/markdown";
import { timelineCsv } from "./text/timeline";

export interface ClassSource {
  readonly doc: ClassDoc;
  readonly library: MoveBook;
  /** For whom it is; nobody where it is for nobody in particular. */
  readonly people: readonly Person[];
  readonly studio: string;
  /** The day for which parts are worked out, `YYYY-MM-DD`. */
  readonly on: string;
  /** What each of them does, where it stands already: of a class that was taught. */
  readonly parts?: readonly Part[];
  /** When each segment truly began, where the class was taught. */
  readonly played?: readonly Played[];
  /** When it takes place, where that is known, and what names it then. */
  readonly date: { readonly atMs: Ms; readonly timeZone: string; readonly id: string } | null;
}

export interface MakeOptions {
  readonly words: Words;
  /** A person's own words. */
  readonly wordsFor: (person: Person) => Words;
  readonly faces: Faces;
  readonly paper: PaperSize;
  readonly picture: PictureOptions;
  readonly wordsPerSecond: number;
  /** Seconds of a recording before the class begins. */
  readonly offsetSeconds: number;
  readonly madeAt: Date;
}

/** All but those that are written piece by piece. */
export type MadeFormat = Exclude<FormatName, "track">;
type Make = (source: ClassSource, options: MakeOptions) => string | Promise<Uint8Array> | Uint8Array;

const partsOf = ({ doc, people, parts, library, on }: ClassSource): readonly Part[] =>
  parts ?? (people.length === 0 ? [] : partsFor(doc, people, library, { on }));

/** The same with its moves in the language of these words: worked out first, so that it comes out as it is taught. */
function inLanguage(
  source: ClassSource,
  { language }: Words,
): ClassSource & { readonly parts: readonly Part[] } {
  const parts = partsOf(source).map((part) => partIn(part, language));
  return { ...source, library: bookIn(source.library, language), parts };
}

const sheetOf = (source: ClassSource, words: Words) => classSheet(inLanguage(source, words), words);

/** Where the moves of a chapter or a caption lie in a recording. */
const chapters = ({ doc, library, played }: ClassSource, { words, offsetSeconds }: MakeOptions) =>
  chaptersOf(
    doc,
    bookIn(library, words.language),
    played ?? asPlanned(doc, library),
    words,
    offsetSeconds * 1000,
  );

/** When a recording of it ends at the earliest. */
const endOf = ({ doc, library, played }: ClassSource): Ms =>
  Math.max(scoreOf(doc, library).seconds.plan * 1000, played?.at(-1)?.atMs ?? 0);

const personSheets = (source: ClassSource, { wordsFor }: MakeOptions) => {
  const parts = partsOf(source);
  return source.people.flatMap((person) => {
    const part = parts.find((own) => own.person === person.id);
    if (!part) return [];
    const words = wordsFor(person);
    const { date } = source;
    const when = date ? longWhen(date.atMs, person.timeZone ?? date.timeZone, words, true) : "";
    const emergency = emergencyNumber(person.country);
    const library = bookIn(source.library, words.language);
    const own = partIn(part, words.language);
    return [{ sheet: personSheet({ ...source, library, person, part: own, when, emergency }, words), words }];
  });
};

const MAKERS: Readonly<Record<MadeFormat, Make>> = {
  // What draws paper and dots is large: it is fetched when it is asked for.
  sheet: async (source, { words, ...options }) => {
    const { classPaper } = await import("./paper/class-paper");
    return classPaper(sheetOf(source, words), options, words);
  },
  people: async (source, options) => {
    const { personPapers } = await import("./paper/person-paper");
    const made = personSheets(source, options);
    return personPapers(
      made.map(({ sheet }) => sheet),
      options,
      (_sheet, i) => made[i]?.words ?? options.words,
    );
  },
  cards: async ({ doc, library }, { words, ...options }) => {
    const [{ cardPapers }, { cardsOf }] = await Promise.all([
      import("./paper/card-paper"),
      import("./sheet/cards"),
    ]);
    return cardPapers(cardsOf(doc, bookIn(library, words.language), words), doc.title, options, words);
  },
  picture: async ({ doc, library }, { words, picture, faces }) => {
    const { scorePng } = await import("./picture/score-png");
    return scorePng(doc, bookIn(library, words.language), picture, faces, words);
  },
  drawing: async ({ doc, library }, { words, picture }) => {
    const { scoreSvg } = await import("./picture/score-svg");
    return new TextEncoder().encode(scoreSvg(doc, bookIn(library, words.language), picture, words));
  },
  plan: ({ doc, library }) => printPlan(doc, library),
  markdown: (source, { words }) => sheetMarkdown(sheetOf(source, words), words),
  captions: (source, { words, wordsPerSecond, offsetSeconds }) => {
    const { doc, library, parts } = inLanguage(source, words);
    return captionsOf(doc, library, { wordsPerSecond, offsetSeconds, parts }, words);
  },
  chapters: (source, options) => chapterLines(chapters(source, options)),
  "chapter-track": (source, options) =>
    chapterTrack(chapters(source, options), endOf(source) + options.offsetSeconds * 1000),
  calendar: ({ doc, library, studio, date }, { words, madeAt }) => {
    if (!date) throw new RangeError("a calendar entry has a date and a time of day");
    return calendarFile({
      sessionId: date.id,
      sequence: 0,
      title: doc.title,
      studio,
      startsAt: new Date(date.atMs),
      seconds: scoreOf(doc, library).seconds.plan,
      cancelled: false,
      address: null,
      stamp: madeAt,
      words,
    });
  },
  timeline: ({ doc, library }, { words }) => timelineCsv(doc, bookIn(library, words.language)),
  roster: ({ people }, { words }) => rosterCsv(people.map(withoutPrivate), rosterTerms(words)),
  class: ({ doc }) => classFileText(doc),
  schema: () => `${JSON.stringify(CLASS_SCHEMA, null, 2)}\n`,
};

/** The bytes of a file. */
export async function makeFile(
  format: MadeFormat,
  source: ClassSource,
  options: MakeOptions,
): Promise<Uint8Array> {
  const made = await MAKERS[format](source, options);
  return typeof made === "string" ? new TextEncoder().encode(made) : made;
}
