/** Storing what somebody changed of a record that others may have changed meanwhile. */
import { merge } from "../core/merge";
import { Refused, sentence } from "./refused";

/**
 * What is to be stored: `mine` on top of what stands now. `before` is the record as the form was opened
 * with; without it `mine` replaces all, as a file does.
 *
 * @throws Refused `conflict` with both versions where two changed the same value
 */
export function mergedWith<T extends object>(before: object | null, mine: object, now: T): object {
  if (before === null) return mine;
  const result = merge<object>(before, mine, now);
  if (result.meets.length === 0) return result.value;
  const what = [...new Set(result.meets.map(({ path }) => path[0]))].join(", ");
  throw new Refused(
    "conflict",
    sentence(
      "Somebody else changed the same meanwhile: {what}. Nothing was stored; choose which one holds.",
      { what },
    ),
    undefined,
    result,
  );
}
