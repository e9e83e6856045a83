/** What a roster's table is made of. */
export const COLUMNS = [
  "id",
  "name",
  "level",
  "levels by pattern",
  "limits",
  "units",
  "time zone",
  "language",
  "floor",
  "length m",
  "ceiling cm",
  "jumping",
  "kit",
  "working sets",
  "body kg",
  "e-mail",
  "wall",
  "quiet",
  "country",
] as const;
export type Column = (typeof COLUMNS)[number];
export type Line = Partial<Record<Column, string>>;

export interface CsvFault {
  /** Line of the file, the heading being 1. */
  readonly line: number;
  readonly column: string;
  readonly sentence: string;
}
