/** A starting point: a class of our own, written as a plan, with what it is for. */
import type { ClassDoc, Stance } from "../class/document";
import type { Outline } from "../effort/outline";
import { LIBRARY_BOOK } from "../moves/library";
import { readPlan } from "../notation/read-plan";

/** What a starting point is looked for by. */
export const PURPOSES = ["strength", "endurance", "gentle", "flow", "mixed"] as const;
export type Purpose = (typeof PURPOSES)[number];

export interface Template {
  readonly id: string;
  readonly purpose: Purpose;
  readonly stance: Stance;
  /** As long as it was written, minutes. */
  readonly minutes: number;
  /** The class in Brontle's notation (`docs/notation.md`). */
  readonly plan: string;
  /** For whom and what it is, a sentence. */
  readonly about: string;
  /** Its moves are what it is about: who can't do one gets their own way, and the class stays what it is. */
  readonly keepsMoves?: boolean;
}

/** One of our own starting points in short, for a list. */
export interface StartingPoint extends Pick<Template, "id" | "purpose" | "minutes" | "about"> {
  readonly outline: Outline;
}

const read = new Map<string, ClassDoc>();

/**
 * The class of a starting point, with its length promised.
 * @throws where its plan has something that isn't understood: a fault of the plan, held by a test.
 */
export function templateClass(template: Template): ClassDoc {
  const known = read.get(template.id);
  if (known) return known;
  const { doc, notes } = readPlan(template.plan, LIBRARY_BOOK, { stance: template.stance });
  if (!doc || notes.length > 0) throw new Error(`${template.id}: ${JSON.stringify(notes)}`);
  const made = { ...doc, promise: { minutes: template.minutes } };
  read.set(template.id, made);
  return made;
}
