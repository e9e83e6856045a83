import type { FaultRule } from "../values/faults";

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

/** What is wrong in a cell or with a heading; its words are the screens'. `text`: as it was typed. */
export type CellFault =
  | { readonly code: "quotes" }
  | { readonly code: "cells"; readonly than: "more" | "fewer" }
  | { readonly code: "no-column" }
  | { readonly code: "not-a-column" }
  | { readonly code: "same-as"; readonly other: number }
  | { readonly code: "unread"; readonly text: string }
  | { readonly code: "unread-of"; readonly text: string; readonly of: string }
  | { readonly code: "unknown"; readonly text: string }
  | { readonly code: "yes-or-no"; readonly text: string }
  | { readonly code: "things"; readonly count: number; readonly most: number }
  /** A rule of a person's document; `part`: of what was typed. */
  | { readonly code: "rule"; readonly rule: FaultRule; readonly text: string; readonly part: string };

export type CsvFault = {
  /** Line of the file, the heading being 1. */
  readonly line: number;
  readonly column: string;
} & CellFault;
