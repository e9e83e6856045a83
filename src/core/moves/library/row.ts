/**
 * A move of the library as one row: words and short forms instead of lists, one call for a pattern. What a row must
 * have is told by its type; that what it says holds, by the library's tests.
 */
import { loadsOf } from "../body";
import type { Energy, Link, LinkHow, LinkKind, Move, Muscle, Pattern, Position } from "../move";
import { demonstrationSeconds } from "./demonstration";
import { ENERGY, estimate } from "./energy";
import { readBody } from "./read-body";
import { readFacts } from "./read-facts";
import { USUAL, type Usual } from "./usual";

export interface Row extends Partial<Omit<Usual, "loads" | "demoSeconds">> {
  /** Kebab-case; never changes once shipped. */
  readonly id: string;
  readonly name: string;
  /** What else people call it, in the singular, divided by `|`. */
  readonly aliases: string;
  /** Strength or hold, skill and phases; the form is in `read-facts.ts`. */
  readonly facts: string;
  /** What it passes through and puts weight on, beside what its position says; the form is in `read-body.ts`. */
  readonly body: string;
  /** `primary … / secondary …`. */
  readonly muscles: string;
  /** standing where left out. */
  readonly position?: Position;
  /** both where left out. */
  readonly sides?: Move["sides"];
  /** Seconds of one rep (both sides of an alternating rep count as two). */
  readonly repSeconds: number;
  /** A heading of the published table, or an estimate in MET. */
  readonly energy: keyof typeof ENERGY | number;
  /** Sentences divided by `|`: two to four, two, and one or more. */
  readonly cues: string;
  readonly faults: string;
  readonly cautions: string;
  /** Of a move of many steps, divided by `|`. */
  readonly steps?: string;
  /** `harder other-move how`, divided by `;`; each link stands once, the other direction is added. */
  readonly links?: string;
  readonly gym?: boolean;
}

/** A link as a row writes it; the other direction is added by the library. */
export type WrittenLink = readonly [kind: LinkKind, to: string, how: LinkHow];

/** A move with the links that its row writes; its own links are filled by the library, in both directions. */
export interface LibraryMove {
  readonly move: Move & { readonly links: Link[] };
  readonly written: readonly WrittenLink[];
}

const words = (text: string) => text.trim().split(/\s+/).filter(Boolean);
const parts = (text: string, by: string) =>
  text
    .split(by)
    .map((part) => part.trim())
    .filter(Boolean);

function linksOf(text: string): WrittenLink[] {
  return parts(text, ";").map((link) => {
    const [kind, to, how] = words(link);
    return [kind as LinkKind, to as string, how as LinkHow] as const;
  });
}

function energyOf(energy: Row["energy"]): Energy {
  return typeof energy === "number" ? estimate(energy) : ENERGY[energy];
}

/** Every key by its name, so that all moves have one shape: the library is made whenever a page or a command begins. */
function moveOf(pattern: Pattern, row: Row): LibraryMove {
  const { position = "standing", isometric = USUAL.isometric, landings = USUAL.landings } = row;
  const [primary = "", secondary = ""] = row.muscles.split("/");
  const { strength, holdSeconds, skill, phases, tempo } = readFacts(row.facts);
  const body = readBody(row.body, position);
  const shown = {
    cues: parts(row.cues, "|"),
    isometric,
    repSeconds: row.repSeconds,
    sides: row.sides ?? "both",
    skill,
    setupSeconds: row.setupSeconds ?? USUAL.setupSeconds,
  } as const;
  const move: LibraryMove["move"] = {
    id: row.id,
    name: row.name,
    pattern,
    position,
    body,
    landings,
    aliases: parts(row.aliases, "|"),
    impact: row.impact ?? USUAL.impact,
    noise: row.noise ?? USUAL.noise,
    stable: row.stable ?? USUAL.stable,
    needs: row.needs ?? USUAL.needs,
    room: row.room ?? USUAL.room,
    muscles: { primary: words(primary) as Muscle[], secondary: words(secondary) as Muscle[] },
    energy: energyOf(row.energy),
    faults: parts(row.faults, "|"),
    cautions: parts(row.cautions, "|"),
    loads: loadsOf(body, isometric, landings.perRep),
    demoSeconds: demonstrationSeconds(shown),
    links: [],
    ...shown,
    ...(strength ? { strength } : {}),
    ...(holdSeconds === undefined ? {} : { holdSeconds }),
    ...(phases ? { phases } : {}),
    ...(tempo === undefined ? {} : { tempo }),
    ...(row.steps ? { steps: parts(row.steps, "|") } : {}),
    ...(row.gym ? { gym: true } : {}),
  };
  return { move, written: linksOf(row.links ?? "") };
}

/** The moves of one pattern, easiest first among those that are alike. */
export function moves(pattern: Pattern, rows: readonly Row[]): readonly LibraryMove[] {
  return rows.map((row) => moveOf(pattern, row));
}
