/** Our own starting points in short: read once and kept. */
import { type Outline, outlineOf } from "../core/effort/outline";
import { LIBRARY_BOOK } from "../core/moves/library";
import { type Template, templateClass } from "../core/starting/template";
import { TEMPLATES } from "../core/starting/templates";

type Point = Pick<Template, "id" | "purpose" | "minutes" | "about"> & { readonly outline: Outline };

let known: readonly Point[] | null = null;

export function startingPoints(): readonly Point[] {
  known ??= TEMPLATES.map((template) => ({
    id: template.id,
    purpose: template.purpose,
    minutes: template.minutes,
    about: template.about,
    outline: outlineOf(templateClass(template), LIBRARY_BOOK),
  }));
  return known;
}
