/** Our own starting points in short: read once and kept. */
import { outlineOf } from "../core/effort/outline";
import { LIBRARY_BOOK } from "../core/moves/library";
import { type StartingPoint, templateClass } from "../core/starting/template";
import { TEMPLATES } from "../core/starting/templates";

let known: readonly StartingPoint[] | null = null;

export function startingPoints(): readonly StartingPoint[] {
  known ??= TEMPLATES.map((template) => ({
    id: template.id,
    purpose: template.purpose,
    minutes: template.minutes,
    about: template.about,
    outline: outlineOf(templateClass(template), LIBRARY_BOOK),
  }));
  return known;
}
