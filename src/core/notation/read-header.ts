/** How a block goes round, as its heading says it: rounds, work and rest, every so often, against a cap, talk and water. */
import type { BlockRole } from "../class/document";
import type { Seconds } from "../units";
import type { Span } from "../values/span";
import { secondsIn } from "../values/typed-number";
import { COUNT, countIn, TIME } from "./amounts";
import type { Pencil } from "./pencil";

/** What a heading says; what it doesn't is null. */
export interface Header {
  role: BlockRole | null;
  rounds: Span | null;
  work: Seconds | null;
  rest: Seconds | null;
  longRest: Seconds | null;
  /** Each move starts every so many seconds. */
  every: Seconds | null;
  /** Seconds of the whole block, where it is against the clock. */
  whole: Seconds | null;
  /** As many rounds as possible in `whole`. */
  capped: boolean;
  station: boolean;
  /** Everybody at their own pace. */
  own: boolean;
  brief: Seconds | null;
  demo: Seconds | null;
  prepare: Seconds | null;
  after: Seconds | null;
}

/** A heading that says nothing. */
export const NO_HEADER: Header = {
  role: null,
  rounds: null,
  work: null,
  rest: null,
  longRest: null,
  every: null,
  whole: null,
  capped: false,
  station: false,
  own: false,
  brief: null,
  demo: null,
  prepare: null,
  after: null,
};

const ROLES: readonly (readonly [RegExp, BlockRole])[] = [
  [/^\s*warm(?:ing)?[\s-]?up\b/i, "warmup"],
  [/^\s*(?:cool(?:ing)?[\s-]?down|stretch(?:ing)?|wind[\s-]?down)\b/i, "cooldown"],
  [/^\s*finisher\b/i, "finisher"],
  [/^\s*(?:main(?:\s+(?:work|part|block|set))?)\b/i, "main"],
];

const SECONDS = String.raw`(${TIME}|\d{1,3})`;

type Clause = readonly [form: RegExp, put: (header: Header, match: RegExpExecArray) => void];

const seconds = (text: string | undefined) => secondsIn(text ?? "");

/** In this order: what is longer comes before what it contains. */
const CLAUSES: readonly Clause[] = [
  [
    new RegExp(
      String.raw`\b(?:amrap|as\s+many\s+rounds\s+as\s+possible)\b(?:\s*(?:in|for)?\s*${SECONDS})?`,
      "i",
    ),
    (header, match) => {
      header.capped = true;
      header.whole = seconds(match[1]) ?? header.whole;
    },
  ],
  [
    new RegExp(
      String.raw`\bevery\s+(?:(minute)|${SECONDS})(?:\s+on\s+the\s+minute)?(?:\s*,?\s*(?:for\s+)?${SECONDS})?`,
      "i",
    ),
    (header, match) => {
      header.every = match[1] ? 60 : seconds(match[2]);
      header.whole = seconds(match[3]) ?? header.whole;
    },
  ],
  [
    new RegExp(String.raw`\bemom\b(?:\s*(?:for|x|×)?\s*${SECONDS})?`, "i"),
    (header, match) => {
      header.every = 60;
      header.whole = seconds(match[1]) ?? header.whole;
    },
  ],
  [
    new RegExp(String.raw`\b(${COUNT})\s*(?:rounds?|laps?|circuits?)\b(?:\s+of\b)?`, "i"),
    (header, match) => {
      header.rounds = countIn(match[1] ?? "");
    },
  ],
  [
    // Not out of the middle of a list of doses or weights.
    /(?<!\/\s*)\b(\d{1,3})\s*(?:s|secs?|seconds?)?\s*(?:\/|:|on\s*[,/]?)\s*(\d{1,3})\s*(?:s|secs?|seconds?)?(?:\s*(?:off|rest))?(?![\d:/]|\s*(?:(?:s|secs?|seconds?)?\s*\/|reps?\b|kgs?\b))/i,
    (header, match) => {
      header.work = Number(match[1]);
      header.rest = Number(match[2]);
    },
  ],
  [
    new RegExp(String.raw`\b${SECONDS}\s*s?\s*(?:rest\s*)?between\s+(?:moves|exercises)\b`, "i"),
    (header, match) => {
      header.rest = seconds(match[1]);
    },
  ],
  [
    new RegExp(
      String.raw`\b${SECONDS}\s*s?\s*(?:rest\s*)?(?:between|after)(?:\s+(?:each\s+)?(?:rounds?|sets?|laps?))?\b`,
      "i",
    ),
    (header, match) => {
      header.longRest = seconds(match[1]);
    },
  ],
  [
    new RegExp(String.raw`\brest\s*:?\s*(?:of\s*)?${SECONDS}\s*s?\s*between(?:\s+(?:rounds|sets))?`, "i"),
    (header, match) => {
      header.longRest = seconds(match[1]);
    },
  ],
  [
    new RegExp(String.raw`\b(?:rest|pause)\s*:?\s*(?:of\s*)?${SECONDS}`, "i"),
    (header, match) => {
      header.rest = seconds(match[1]);
    },
  ],
  [
    new RegExp(String.raw`\b${SECONDS}\s*s?\s*(?:rest|off)\b`, "i"),
    (header, match) => {
      header.rest = seconds(match[1]);
    },
  ],
  [
    new RegExp(String.raw`\b${SECONDS}\s*(?:of\s+)?work\b|\bwork\s*:?\s*${SECONDS}`, "i"),
    (header, match) => {
      header.work = seconds(match[1] ?? match[2]);
    },
  ],
  [
    new RegExp(
      String.raw`\b(?:${SECONDS}\s*(?:of\s+)?water|water\s*(?:break)?\s*:?\s*${SECONDS})\b(?:\s+after)?`,
      "i",
    ),
    (header, match) => {
      header.after = seconds(match[1] ?? match[2]);
    },
  ],
  [
    new RegExp(String.raw`\b(?:${SECONDS}\s*(?:of\s+)?talk|talk\s*:?\s*${SECONDS})\b`, "i"),
    (header, match) => {
      header.brief = seconds(match[1] ?? match[2]);
    },
  ],
  [
    new RegExp(
      String.raw`\b(?:show|demo)\s*(?:each\s*)?:?\s*${SECONDS}\b|\b${SECONDS}\s*to\s+show(?:\s+each)?\b`,
      "i",
    ),
    (header, match) => {
      header.demo = seconds(match[1] ?? match[2]);
    },
  ],
  [
    new RegExp(String.raw`\b${SECONDS}\s*(?:to\s+get\s+)?ready\b|\bget\s+ready\s*:?\s*${SECONDS}`, "i"),
    (header, match) => {
      header.prepare = seconds(match[1] ?? match[2]);
    },
  ],
  [
    /\b(?:straight\s+sets|set\s+by\s+set|station\s+by\s+station)\b/i,
    (header) => {
      header.station = true;
    },
  ],
  [
    /\b(?:at\s+)?(?:your|their|one['’]s)?\s*own\s+(?:pace|speed)\b/i,
    (header) => {
      header.own = true;
    },
  ],
];

/** Rounds told in front: `4x`, `8 ×`, `3 sets`. */
const IN_FRONT = new RegExp(String.raw`^\s*(${COUNT})\s*(?:x|×|sets?\b(?:\s+of)?)(?=\s)`, "i");

const BEHIND = /(?:^|\s)(?:x|×)\s*(\d{1,2})(?=\s*(?:$|[,;:]))/i;

/** Strikes out all that a heading says of how its block goes round; what is left is its title, or its moves. */
export function takeHeader(pencil: Pencil, inFront: boolean): Header {
  const header = { ...NO_HEADER };
  for (const [form, role] of ROLES) {
    if (!form.test(pencil.left)) continue;
    header.role = role;
    break;
  }
  if (inFront) {
    const rounds = pencil.take(IN_FRONT);
    if (rounds) header.rounds = countIn(rounds.match[1] ?? "");
  }
  for (const [form, put] of CLAUSES) {
    const struck = pencil.take(form);
    if (struck) put(header, struck.match);
  }
  // `20 on 10 off x 8`.
  const times = header.work !== null && header.rounds === null ? pencil.take(BEHIND) : null;
  if (times) header.rounds = countIn(times.match[1] ?? "");
  return header;
}

/** Whether a heading says anything of how its block goes round. */
export function saysStructure(header: Header): boolean {
  const { role: _role, ...others } = header;
  return Object.values(others).some((value) => value !== null && value !== false);
}
