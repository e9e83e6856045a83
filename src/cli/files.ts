/** Reading files for the command line: a fault is a line, never a stack. */
import { readFileSync } from "node:fs";
import { checkClass } from "../core/class/check-class";
import type { ClassDoc } from "../core/class/document";
import type { Roster } from "../core/homes/home";
import { checkRoster } from "../core/homes/roster";
import { LIBRARY_BOOK } from "../core/moves/library";
import { err, ok, type Result } from "../core/result";
import { readSeason, type Season } from "../core/review/season";
import { type Fault, faultLine } from "../core/values/faults";

/** Parsed JSON, or one line that says why not. */
export function readJson(file: string): Result<unknown, readonly string[]> {
  let text: string;
  try {
    text = readFileSync(file, "utf8");
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code;
    return err([
      `${file}: $: can't be read (${code === "ENOENT" ? "no such file" : (code ?? "unknown reason")})`,
    ]);
  }
  try {
    // A byte order mark at the start of a file is no part of its JSON.
    return ok(JSON.parse(text.replace(/^\uFEFF/, "")));
  } catch (error) {
    return err([`${file}: $: is not JSON (${(error as Error).message.replaceAll(/\s+/g, " ")})`]);
  }
}

function lines(file: string, faults: readonly Fault[]): string[] {
  return faults.map((fault) => `${file}: ${faultLine(fault)}`);
}

/** A valid class document, or its faults as lines. */
export function readClass(file: string): Result<ClassDoc, readonly string[]> {
  const json = readJson(file);
  if (!json.ok) return json;
  const checked = checkClass(json.value, LIBRARY_BOOK);
  return checked.ok ? checked : err(lines(file, checked.error));
}

/** A valid season, or its faults as lines. */
export function readSeasonFile(file: string): Result<Season, readonly string[]> {
  const json = readJson(file);
  if (!json.ok) return json;
  const checked = readSeason(json.value, LIBRARY_BOOK);
  return checked.ok ? checked : err(lines(file, checked.error));
}

/** A valid roster, or its faults as lines. */
export function readRoster(file: string): Result<Roster, readonly string[]> {
  const json = readJson(file);
  if (!json.ok) return json;
  const checked = checkRoster(json.value);
  return checked.ok ? checked : err(lines(file, checked.error));
}
