/** What of a catalogue participants meet: on their pages, in mail, calendars and captions, on paper. A language has this or all. */
import type { Catalogue } from "./catalogue";

export const PART_REASONS = ["why", "whyNot", "load", "adjust", "call"] as const;

export const PART_NAMES = [
  "kit",
  "need",
  "limit",
  "mark",
  "status",
  "segment",
  "muscle",
  "pattern",
  "side",
  "tension",
  "target",
  "role",
  "shape",
  "askFirst",
  "adapt",
  "activity",
  "intended",
  "advice",
  "effort",
  "more",
] as const;

export const PART_PHRASES = [
  "quantity",
  "kit",
  "needs",
  "people",
  "dose",
  "way",
  "tempo",
  "live",
  "own",
  "progress",
  "numberTail",
  "sheet",
  "part",
  "check",
  "alone",
  "home",
  "feed",
  "refused",
  "mail",
  "calendar",
  "stage",
  "page",
  "met",
  "drawn",
  "shortDose",
] as const;

type Of<T, K> = Pick<T, K & keyof T>;

/** The catalogue of a language that has what participants meet. */
export interface PartCatalogue {
  readonly reasons: Of<Catalogue["reasons"], (typeof PART_REASONS)[number]>;
  readonly names: Of<Catalogue["names"], (typeof PART_NAMES)[number]>;
  readonly phrases: Of<Catalogue["phrases"], (typeof PART_PHRASES)[number]>;
}
