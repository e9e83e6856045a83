/** The files that can be made of a class. */
import { slugOf } from "../core/formats/class-file";

interface FormatFacts {
  readonly ending: string;
  /** Media type. */
  readonly media: string;
  /** Made for each person of a roster: without anybody there is nothing. */
  readonly people?: true;
  /** Has a date and a time of day in it. */
  readonly dated?: true;
}

const TEXT = "text/plain; charset=utf-8";
const PDF = "application/pdf";
const VTT = "text/vtt; charset=utf-8";
const CSV = "text/csv; charset=utf-8";
const JSON_TYPE = "application/json; charset=utf-8";

/** In the order in which they are offered: to hold, to read, to play, for other programs. */
export const FORMATS = {
  sheet: { ending: "pdf", media: PDF },
  people: { ending: "pdf", media: PDF, people: true },
  cards: { ending: "pdf", media: PDF },
  picture: { ending: "png", media: "image/png" },
  drawing: { ending: "svg", media: "image/svg+xml; charset=utf-8" },
  plan: { ending: "txt", media: TEXT },
  markdown: { ending: "md", media: "text/markdown; charset=utf-8" },
  captions: { ending: "vtt", media: VTT },
  chapters: { ending: "txt", media: TEXT },
  "chapter-track": { ending: "vtt", media: VTT },
  track: { ending: "wav", media: "audio/wav" },
  calendar: { ending: "ics", media: "text/calendar; charset=utf-8", dated: true },
  timeline: { ending: "csv", media: CSV },
  roster: { ending: "csv", media: CSV, people: true },
  class: { ending: "json", media: JSON_TYPE },
  schema: { ending: "json", media: JSON_TYPE },
} as const satisfies Readonly<Record<string, FormatFacts>>;

export type FormatName = keyof typeof FORMATS;
export const FORMAT_NAMES = Object.keys(FORMATS) as readonly FormatName[];
export const factsOfFormat = (name: FormatName): FormatFacts => FORMATS[name];

export function isFormat(name: string): name is FormatName {
  return Object.hasOwn(FORMATS, name);
}

/** Formats whose own name says too little beside the class's. */
const PLAIN: readonly FormatName[] = ["plan", "markdown", "schema"];

/** `gale-warning-legs-and-pull-captions.vtt`: letters, digits and hyphens only. */
export function fileName(title: string, format: FormatName): string {
  const { ending } = factsOfFormat(format);
  const slug = format === "schema" ? "brontle-class-1" : slugOf(title);
  if (format === "class") return `${slug}.brontle.json`;
  return PLAIN.includes(format) ? `${slug}.${ending}` : `${slug}-${format}.${ending}`;
}

/** What stands together where files are offered. */
export const FORMAT_GROUPS = {
  paper: ["sheet", "people", "cards"],
  recording: ["track", "captions", "chapters", "chapter-track"],
  text: ["picture", "drawing", "plan", "markdown"],
  programs: ["calendar", "timeline", "roster", "class", "schema"],
} as const satisfies Readonly<Record<string, readonly FormatName[]>>;
export type FormatGroup = keyof typeof FORMAT_GROUPS;
