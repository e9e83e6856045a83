/** The words of a roster's table in one language: what the screens show. */
import type { RosterTerms } from "../core/formats/roster-terms";
import { kitName } from "./kit-words";
import type { Words } from "./words";

export function rosterTerms(words: Words): RosterTerms {
  return {
    kit: (type, count) => kitName(type, count, words),
    limit: (limit) => words.name("limit", limit),
    mark: (mark) => words.name("mark", mark),
    pattern: (pattern) => words.name("pattern", pattern),
    floor: (floor) => words.phrase("home", "floorKind", { floor }),
  };
}
