/** An instructor's own move against the promises that the library keeps: complete, linked soundly, no circle. */

import { err, ok, type Result } from "../result";
import { Faults, type Json } from "../values/check-values";
import { at, type Fault } from "../values/faults";
import { DOCUMENT, unsound } from "../values/sound";
import { bookWith, type MoveBook } from "./book";
import { checkOwnMove } from "./check-move";
import type { Move } from "./move";

const REQUIRED = [
  "pattern",
  "muscles",
  "position",
  "sides",
  "impact",
  "repSeconds",
  "needs",
  "loads",
  "cues",
  "faults",
  "cautions",
  "links",
] as const;

/** Whether "harder" leads from a move back to itself. */
function circles(id: string, book: MoveBook): boolean {
  const seen = new Set<string>();
  const open = [id];
  while (open.length > 0) {
    const here = book.get(open.pop() as string);
    for (const link of here?.links ?? []) {
      if (link.kind !== "harder") continue;
      if (link.to === id) return true;
      if (seen.has(link.to)) continue;
      seen.add(link.to);
      open.push(link.to);
    }
  }
  return false;
}

/**
 * Checks an own move, every fault at once. `others`: the library and the studio's other moves; the
 * move may not take the id of one of them.
 */
export function checkOwn(value: unknown, others: MoveBook): Result<Move, readonly Fault[]> {
  const faults = new Faults();
  const wrong = unsound(value, DOCUMENT);
  if (wrong) return err([wrong]);
  checkOwnMove(faults, "$", value);
  if (faults.any) return err(faults.list);
  const move = value as Move;
  const json = value as Json;
  for (const key of REQUIRED) if (json[key] === undefined) faults.add(at("$", key), { code: "missing" });
  if (faults.any) return err(faults.list);
  checkUnique(faults, move, others);
  for (const [key, least, most, what] of LENGTHS) {
    const { length } = move[key];
    if (length < least || length > most) faults.add(key, { code: "length", least, most, what });
  }
  checkLinks(faults, move, others);
  if (!faults.any && circles(move.id, bookWith(others, [move]))) {
    faults.add("links", { code: "kind", expected: "links that don't lead round in a circle" });
  }
  return faults.any ? err(faults.list) : ok(move);
}

/** How many entries the lists of a move have. */
const LENGTHS = [
  ["cues", 2, 4, "cues"],
  ["faults", 2, 2, "faults"],
  ["cautions", 1, 10, "cautions"],
  ["needs", 1, 10, "alternatives"],
  ["links", 1, 20, "links"],
] as const;

function checkUnique(faults: Faults, move: Move, others: MoveBook): void {
  if (others.get(move.id)) faults.add("id", { code: "not-unique", what: "moves", first: move.id });
  const name = move.name.trim().toLowerCase();
  const double = others.moves.find((other) => other.name.toLowerCase() === name);
  if (double) faults.add("name", { code: "not-unique", what: "moves", first: double.name });
}

function checkLinks(faults: Faults, move: Move, others: MoveBook): void {
  const seen = new Set<string>();
  move.links.forEach((link, i) => {
    const path = at(at("links", i), "to");
    if (link.to === move.id || !others.get(link.to)) {
      faults.add(path, { code: "one-of", allowed: ["a move of the library or your own, not itself"] });
    } else if (seen.has(link.to)) faults.add(path, { code: "not-unique", what: "links", first: link.to });
    seen.add(link.to);
  });
}
