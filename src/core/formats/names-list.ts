/**
 * People as a list of names, as it is copied from a message or a calendar: one a line, or in one line with commas
 * between; with an address beside a name where there is one (`Una Brack <una@…>`, `Una Brack, una@…`).
 */

import type { Person } from "../homes/home";
import { isMailAddress } from "../homes/mail-address";
import { idFromName } from "./roster-cells";

export interface NamedPerson extends Pick<Person, "id" | "name" | "email"> {
  /** Line of the text, from 1. */
  readonly line: number;
  /** Somebody of that name is there already, in the list or on an earlier line. */
  readonly known: boolean;
}

export interface NamesFault {
  readonly line: number;
  readonly text: string;
  readonly code: "no-name" | "too-long" | "no-address";
}

export interface NamesList {
  readonly people: readonly NamedPerson[];
  readonly faults: readonly NamesFault[];
}

const BULLET = /^\s*(?:[-*•·–—▪◦>]\s*|\(?\d{1,3}[.)]\s*)/;
const ADDRESS = /<?\s*(?:mailto:)?([^\s<>,;()]+@[^\s<>,;()]*)\s*>?/i;
/** As a person's name is kept. */
const LONGEST_NAME = 120;

const nameKey = (name: string) => name.normalize("NFKC").toLowerCase().replace(/\s+/g, " ");

/** The people that a line names: several where commas stand between names and none of them is an address. */
function piecesOf(line: string): readonly string[] {
  const text = line.replace(BULLET, "").trim();
  if (text === "") return [];
  const parts = text
    .split(/[;\t]/)
    .flatMap((part) => (ADDRESS.test(part) ? [part] : part.split(",")))
    .map((part) => part.trim())
    .filter(Boolean);
  // `Una Brack⇥una@…`: an address alone belongs to the name before it.
  return parts.reduce<string[]>((made, part) => {
    const before = made.at(-1);
    const isAlone = part.replace(ADDRESS, "").trim() === "";
    if (isAlone && before !== undefined && !ADDRESS.test(before)) made[made.length - 1] = `${before} ${part}`;
    else made.push(part);
    return made;
  }, []);
}

/** The name and address in a piece of text, or what is wrong with it. */
function namedIn(piece: string): Pick<Person, "name" | "email"> | NamesFault["code"] {
  const address = ADDRESS.exec(piece)?.[1];
  const name = piece
    .replace(ADDRESS, "")
    .replace(/[,;"<>]+/g, " ")
    .replace(/\s+/g, " ")
    .trim();
  if (!/\p{L}/u.test(name)) return "no-name";
  if (name.length > LONGEST_NAME) return "too-long";
  if (address === undefined) return { name };
  return isMailAddress(address) ? { name, email: address } : "no-address";
}

/** The id that a name gives, with a number where somebody has it. */
function freeIdFor(name: string, taken: ReadonlySet<string>): string {
  const first = idFromName(name) || "somebody";
  if (!taken.has(first)) return first;
  for (let n = 2; ; n += 1) if (!taken.has(`${first}-${n}`)) return `${first}-${n}`;
}

/** Reads a list of names; never throws. `known`: who is there already; nobody new gets an id of theirs. */
export function readNames(text: string, known: readonly Pick<Person, "id" | "name">[] = []): NamesList {
  const names = new Set(known.map(({ name }) => nameKey(name)));
  const ids = new Set(known.map(({ id }) => id));
  const people: NamedPerson[] = [];
  const faults: NamesFault[] = [];
  for (const [i, line] of text.split(/\r\n|\r|\n/).entries()) {
    for (const piece of piecesOf(line)) {
      const named = namedIn(piece);
      if (typeof named === "string") {
        faults.push({ line: i + 1, text: piece, code: named });
        continue;
      }
      const key = nameKey(named.name);
      const id = freeIdFor(named.name, ids);
      people.push({ id, ...named, line: i + 1, known: names.has(key) });
      names.add(key);
      ids.add(id);
    }
  }
  return { people, faults };
}
