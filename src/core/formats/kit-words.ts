/**
 * A home's kit as a line of text, for a cell of a table: `2 dumbbell 6 kg; tube-band medium handles;
 * 4 bottle 1.5 l; chair sturdy; door latches away`. Things are divided by semicolons; a count leads,
 * the type follows, then measures in any order. `nothing` is nothing; an empty cell is not said yet.
 */

import { type KitItem, type KitType, kitCount } from "../homes/kit";
import { checkKitItem, MOST_KIT } from "../homes/roster";
import { TENSIONS, type Tension } from "../moves/move";
import { err, ok, type Result } from "../result";
import { KG_PER_LB } from "../units";
import { Faults } from "../values/check-values";
import type { CellFault } from "./roster-columns";
import { CODE_TERMS, type RosterTerms, type TermBook, termBooks } from "./roster-terms";

type Measures = { -readonly [K in keyof KitItem]?: KitItem[K] };

function rounded(n: number): string {
  return String(Math.round(n * 1000) / 1000);
}

/** What a thing can be made to weigh. */
function weightsWords({ type, minKg, maxKg }: KitItem): string | undefined {
  if (type === "backpack" && maxKg !== undefined) return `holds ${rounded(maxKg)} kg`;
  if (minKg !== undefined && maxKg !== undefined) return `${rounded(minKg)}-${rounded(maxKg)} kg`;
  return undefined;
}

const amount = (n: number | undefined, unit: string, before = "") =>
  n !== undefined && `${before}${rounded(n)} ${unit}`;
const either = (is: boolean | undefined, yes: string, no: string) => is !== undefined && (is ? yes : no);

/** One thing: everything that `readKit` needs to make it again. */
function itemWords(item: KitItem, terms: Pick<RosterTerms, "kit">): string {
  const words = [
    item.count !== undefined && String(kitCount(item)),
    terms.kit(item.type, kitCount(item)),
    weightsWords(item),
    amount(item.stepKg, "kg", "step "),
    amount(item.changeSeconds, "s", "change "),
    amount(item.kg, "kg"),
    amount(item.litres, "l"),
    amount(item.grams, "g"),
    amount(item.heightCm, "cm"),
    item.tension,
    amount(item.fullStretchKg, "kg", "stretch "),
    either(item.handles, "handles", "no-handles"),
    either(item.sturdy, "sturdy", "not-sturdy"),
    either(item.latches, "latches", "no-latch"),
    item.opens,
  ];
  return words.filter(Boolean).join(" ");
}

/** A whole kit as a line; empty where nothing has been said. */
export function kitWords(
  kit: readonly KitItem[] | undefined,
  terms: Pick<RosterTerms, "kit"> = CODE_TERMS,
): string {
  if (kit === undefined) return "";
  return kit.length === 0 ? "nothing" : kit.map((item) => itemWords(item, terms)).join("; ");
}

const NUMBER = "(\\d+(?:[.,]\\d+)?)";
const number = (text: string) => Number(text.replace(",", "."));
const mass = (text: string, unit: string) =>
  unit === "lb" ? Math.round(number(text) * KG_PER_LB * 100) / 100 : number(text);

type Reader = readonly [pattern: RegExp, put: (match: RegExpExecArray, into: Measures) => void];

const READERS: readonly Reader[] = [
  [
    new RegExp(`^holds ${NUMBER} ?(kg|lb)`),
    (m, to) => {
      to.maxKg = mass(m[1] as string, m[2] as string);
    },
  ],
  [
    new RegExp(`^step ${NUMBER} ?(kg|lb)`),
    (m, to) => {
      to.stepKg = mass(m[1] as string, m[2] as string);
    },
  ],
  [
    new RegExp(`^stretch ${NUMBER} ?(kg|lb)`),
    (m, to) => {
      to.fullStretchKg = mass(m[1] as string, m[2] as string);
    },
  ],
  [
    new RegExp(`^change ${NUMBER} ?s`),
    (m, to) => {
      to.changeSeconds = number(m[1] as string);
    },
  ],
  [
    new RegExp(`^${NUMBER} ?[-–] ?${NUMBER} ?(kg|lb)`),
    (m, to) => {
      to.minKg = mass(m[1] as string, m[3] as string);
      to.maxKg = mass(m[2] as string, m[3] as string);
    },
  ],
  [
    new RegExp(`^${NUMBER} ?(kg|lb)`),
    (m, to) => {
      to.kg = mass(m[1] as string, m[2] as string);
    },
  ],
  [
    new RegExp(`^${NUMBER} ?cm`),
    (m, to) => {
      to.heightCm = number(m[1] as string);
    },
  ],
  [
    new RegExp(`^${NUMBER} ?l(?![a-z])`),
    (m, to) => {
      to.litres = number(m[1] as string);
    },
  ],
  [
    new RegExp(`^${NUMBER} ?g(?![a-z])`),
    (m, to) => {
      to.grams = number(m[1] as string);
    },
  ],
  [
    new RegExp(`^(${TENSIONS.join("|")})(?![a-z])`),
    (m, to) => {
      to.tension = m[1] as Tension;
    },
  ],
  [
    /^(no-handles|handles)/,
    (m, to) => {
      to.handles = m[1] === "handles";
    },
  ],
  [
    /^(not-sturdy|sturdy)/,
    (m, to) => {
      to.sturdy = m[1] === "sturdy";
    },
  ],
  [
    /^(no-latch|latches)/,
    (m, to) => {
      to.latches = m[1] === "latches";
    },
  ],
  [
    /^(away|towards)/,
    (m, to) => {
      to.opens = m[1] as "away" | "towards";
    },
  ],
];

/** How many there are, before or behind the thing: `2`, `2x`, `x2`. */
const COUNT = /^(?:(\d+)\s*(?:[x×](?=\s*\d|\s|$)|(?=\s|$))|[x×]\s*(\d+)(?=\s|$))/;

const CODE_BOOK = termBooks(CODE_TERMS).kit;

/** The first thing that is named in a text, and the longest of its names there: a door anchor is no door. */
function typeIn(text: string, book: TermBook<KitType>) {
  let best: { readonly type: KitType; readonly at: number; readonly length: number } | null = null;
  for (const [term, type] of book) {
    for (let at = text.indexOf(term); at >= 0; at = text.indexOf(term, at + 1)) {
      const isWhole =
        !/[\p{L}\d-]/u.test(text[at - 1] ?? " ") && !/[\p{L}-]/u.test(text[at + term.length] ?? " ");
      const isBetter = !best || at < best.at || (at === best.at && term.length > best.length);
      if (isWhole && isBetter) best = { type, at, length: term.length };
    }
  }
  return best;
}

function readItem(text: string, id: string, book: TermBook<KitType>): Result<KitItem, CellFault> {
  const whole = text.trim().toLowerCase().replace(/\s+/g, " ");
  const found = typeIn(whole, book);
  if (!found) return err({ code: "unknown", text: text.trim() });
  let rest = `${whole.slice(0, found.at)} ${whole.slice(found.at + found.length)}`.trim();
  const into: Measures = {};
  while (rest !== "") {
    const reader = READERS.find(([pattern]) => pattern.test(rest));
    const match = reader?.[0].exec(rest);
    const count = match || into.count !== undefined ? null : COUNT.exec(rest);
    if (count) into.count = Number(count[1] ?? count[2]);
    else if (reader && match) reader[1](match, into);
    else return err({ code: "unread-of", text: rest, of: text.trim() });
    rest = rest.slice((count ?? match)?.[0].length).replace(/^[\s,]+/, "");
  }
  return ok({ id, type: found.type, ...into });
}

/**
 * Reads what `kitWords` writes, in codes and in the words of screens, and as people type it: lb for kg, the number
 * behind the thing, `2x6 kg dumbbells`. Undefined: not said yet. Ids are made from the types.
 */
export function readKit(
  text: string,
  book: TermBook<KitType> = CODE_BOOK,
): Result<readonly KitItem[] | undefined, readonly CellFault[]> {
  const trimmed = text.trim();
  if (trimmed === "") return ok(undefined);
  if (trimmed.toLowerCase() === "nothing") return ok([]);
  const items: KitItem[] = [];
  const faults: CellFault[] = [];
  for (const part of trimmed.split(";").filter((piece) => piece.trim() !== "")) {
    const read = readItem(part, "", book);
    if (!read.ok) faults.push(read.error);
    else {
      const n = items.filter((item) => item.type === read.value.type).length + 1;
      const item = { ...read.value, id: `${read.value.type}-${n}` };
      const wrong = new Faults();
      checkKitItem(wrong, "$", item);
      // Its place is the words themselves.
      for (const { path, ...rule } of wrong.list)
        faults.push({ code: "rule", rule, text: part.trim(), part: path === "$" ? "" : path });
      items.push(item);
    }
  }
  if (items.length > MOST_KIT) faults.push({ code: "things", count: items.length, most: MOST_KIT });
  return faults.length > 0 ? err(faults) : ok(items);
}
