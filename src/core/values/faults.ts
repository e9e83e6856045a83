/**
 * What is wrong with a document, as data: where, which rule, and the numbers of that rule.
 * The words stand in `faultSentence` alone, so that screens and the command line say the same.
 */
export type FaultRule =
  | { readonly code: "missing" }
  | { readonly code: "kind"; readonly expected: string }
  | { readonly code: "at-least"; readonly least: number }
  | { readonly code: "above"; readonly bound: number }
  | { readonly code: "at-most"; readonly most: number }
  | { readonly code: "decimals" }
  | { readonly code: "length"; readonly least: number; readonly most: number; readonly what: string }
  | { readonly code: "one-of"; readonly allowed: readonly string[] }
  | { readonly code: "span-order" }
  | { readonly code: "not-unique"; readonly what: string; readonly first: string }
  | { readonly code: "exactly-one"; readonly allowed: readonly string[] }
  | { readonly code: "only-with"; readonly kinds: string }
  | { readonly code: "tempo" }
  | { readonly code: "ascending" }
  | { readonly code: "empty-round"; readonly round: number }
  | { readonly code: "not-with-cap" }
  | { readonly code: "appearances"; readonly expected: number; readonly found: number }
  | { readonly code: "unknown-move"; readonly id: string; readonly near: readonly string[] }
  | { readonly code: "unknown-slot"; readonly id: string }
  | { readonly code: "itself" }
  | { readonly code: "kebab" }
  | { readonly code: "too-many-segments"; readonly most: number }
  | { readonly code: "lasts-too-long"; readonly hours: number }
  | { readonly code: "unsound-text" }
  | { readonly code: "too-deep"; readonly most: number }
  | { readonly code: "too-large"; readonly most: number }
  | { readonly code: "more"; readonly count: number };

export type Fault = { readonly path: string } & FaultRule;

/** The sentence of a fault, without its path. */
export function faultSentence(fault: FaultRule): string {
  switch (fault.code) {
    case "missing":
      return "is missing";
    case "kind":
      return `must be ${fault.expected}`;
    case "at-least":
      return `must be at least ${fault.least}`;
    case "above":
      return `must be above ${fault.bound}`;
    case "at-most":
      return `must be at most ${fault.most}`;
    case "decimals":
      return "must have at most two decimals";
    case "length":
      return `must have ${fault.least} to ${fault.most} ${fault.what}`;
    case "one-of":
      return `must be one of ${fault.allowed.join(", ")}`;
    case "span-order":
      return "must have min ≤ plan ≤ max";
    case "not-unique":
      return `must be unique among the ${fault.what}: ${fault.first} has it already`;
    case "exactly-one":
      return `must have exactly one of ${fault.allowed.join(", ")}`;
    case "only-with":
      return `goes with ${fault.kinds} only`;
    case "tempo":
      return "must be a tempo such as 3-0-2-1 or 3021, lower-pause-lift-pause, not all zero";
    case "ascending":
      return "must be strictly ascending";
    case "empty-round":
      return `leaves round ${fault.round} without any move`;
    case "not-with-cap":
      return "can't be used together with cap";
    case "appearances":
      return `must have one entry for each of the slot's ${fault.expected} appearances, but has ${fault.found}`;
    case "unknown-move": {
      const near = fault.near.length > 0 ? `; nearest: ${fault.near.join(", ")}` : "";
      return `is not in the library: ${JSON.stringify(fault.id)}${near}`;
    }
    case "unknown-slot":
      return `names no slot of the same block: ${JSON.stringify(fault.id)}`;
    case "itself":
      return "must name another slot, not this one";
    case "kebab":
      return "must be lower-case words joined with dashes";
    case "too-many-segments":
      return `make a class of more than ${fault.most} segments at the most`;
    case "lasts-too-long":
      return `make a class of more than ${fault.hours} hours at the most`;
    case "unsound-text":
      return "holds a NUL or half of a character, which can't be kept";
    case "too-deep":
      return `is nested deeper than ${fault.most} levels`;
    case "too-large":
      return `is larger than ${fault.most / 1_000_000} MB`;
    case "more":
      return `and ${fault.count} more`;
  }
}

/** A fault as one line: `blocks[1].slots[0].dose.reps.min: must be at least 1`. */
export function faultLine(fault: Fault): string {
  return `${fault.path}: ${faultSentence(fault)}`;
}

/** A path with one more step: a key, or an index in brackets. The document itself is `$`. */
export function at(path: string, step: string | number): string {
  if (typeof step === "number") return `${path}[${step}]`;
  return path === "$" ? step : `${path}.${step}`;
}
