/** The classes before and after this one, as far as the read-through and a season file know them. */
import { checkClass } from "../class/check-class";
import type { ClassDoc } from "../class/document";
import type { MoveBook } from "../moves/book";
import { err, ok, type Result } from "../result";
import type { Ms } from "../units";
import {
  checkKey,
  checkList,
  checkObject,
  checkOneOf,
  Faults,
  type ListBounds,
} from "../values/check-values";
import { at, type Fault } from "../values/faults";
import { SEASON, unsound } from "../values/sound";

export interface SeasonClass {
  /** When it is taught, Unix ms. */
  readonly atMs: Ms;
  readonly doc: ClassDoc;
}

export interface Season {
  /** When the class that is read through is taught. */
  readonly atMs: Ms;
  /** The other classes, in any order. */
  readonly classes: readonly SeasonClass[];
}

/** Half a year of classes, one a day. */
const CLASSES: ListBounds = { least: 0, most: 200, what: "classes" };

function instant(faults: Faults, path: string, value: unknown): void {
  if (typeof value !== "string" || !/^\d{4}-\d{2}-\d{2}T/.test(value) || Number.isNaN(Date.parse(value))) {
    faults.add(path, { code: "kind", expected: "an instant such as 2026-11-24T18:30:00Z" });
  }
}

/**
 * Reads a season file: `{ "format": "brontle.season", "version": 1, "at": "…Z", "classes": [ { "at": "…Z",
 * "class": { … } } ] }`. Every fault at once.
 */
export function readSeason(value: unknown, library: MoveBook): Result<Season, readonly Fault[]> {
  const faults = new Faults();
  const wrong = unsound(value, SEASON);
  if (wrong) return err([wrong]);
  if (!checkObject(faults, "$", value)) return err(faults.list);
  checkKey(faults, "$", value, "format", (p, v) => checkOneOf(faults, p, v, ["brontle.season"]), true);
  checkKey(faults, "$", value, "at", (p, v) => instant(faults, p, v), true);
  const classes: SeasonClass[] = [];
  checkKey(
    faults,
    "$",
    value,
    "classes",
    (p, v) =>
      checkList(faults, p, v, CLASSES, (q, entry) => {
        if (!checkObject(faults, q, entry)) return;
        checkKey(faults, q, entry, "at", (r, w) => instant(faults, r, w), true);
        const doc = checkClass(entry.class, library);
        if (doc.ok) classes.push({ atMs: Date.parse(String(entry.at)), doc: doc.value });
        else for (const { path, ...rule } of doc.error) faults.add(at(at(q, "class"), path), rule);
      }),
    true,
  );
  if (faults.any) return err(faults.list);
  return ok({ atMs: Date.parse(String(value.at)), classes });
}
