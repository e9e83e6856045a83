/** Which ways of a move to demonstrate for those who are there: as many people as the seconds allow, with what is at hand. */
import { type ClassDoc, type Slot, slotsOf } from "../class/document";
import type { Person } from "../homes/home";
import { type MoveBook, resolveMove } from "../moves/book";
import { inSlot, type Part } from "../parts/part";
import { canDo } from "../parts/ways";
import type { Seconds } from "../units";

/** Seconds to show a move of which nothing is known. */
const DEMO_SECONDS: Seconds = 10;
/** After what is set only what is different of another way is shown. */
const OF_A_VARIANT = 0.5;
/** More than any room has people: what is set is shown before all else. */
const SET_FIRST = 10_000;

export interface WayToShow {
  readonly name: string;
  /** How many do it. */
  readonly people: number;
  /** What is shown, in its order; what there is no time or no kit for is only said. */
  readonly how: "show" | "say";
  /** Of the demonstration. */
  readonly seconds: Seconds;
}

interface Way extends Omit<WayToShow, "how"> {
  /** It is what the class sets. */
  readonly set: boolean;
  /** The instructor can do it where she stands. */
  readonly can: boolean;
}

/** What each of the room does in a slot, by its move. */
function waysOf(
  slot: Slot,
  parts: readonly Part[],
  home: Person | null,
  seconds: Seconds,
  book: MoveBook,
): readonly Way[] {
  const base = resolveMove(slot.move, book);
  const ways = new Map<string, Way>();
  const add = (name: string, id: string | null, people: number) => {
    const move = id === null ? base : book.get(id);
    const known = ways.get(name);
    const set = name === base.name;
    const whole = move?.demoSeconds ?? DEMO_SECONDS;
    ways.set(name, {
      name,
      people: (known?.people ?? 0) + people,
      seconds: set ? Math.min(whole, seconds) : Math.ceil(whole * OF_A_VARIANT),
      set,
      can: home === null || (move !== undefined && canDo(home, move)),
    });
  };
  add(base.name, base.id, 0);
  for (const own of inSlot(parts, slot.id)) if (own.status !== "unmet") add(own.name, own.move, 1);
  // What is set is always among them: whoever comes late, or changes their level, does it.
  return [...ways.values()];
}

interface Plan {
  readonly taken: readonly Way[];
  readonly seconds: number;
  readonly worth: number;
}

/** What is set, then the ways that fit the time and help most people; of as many the shorter ones. Exact: there are few. */
function best(ways: readonly Way[], seconds: Seconds): ReadonlySet<Way> {
  const worth = (way: Way) => way.people + (way.set ? SET_FIRST : 0);
  let plans: readonly Plan[] = [{ taken: [], seconds: 0, worth: 0 }];
  for (const way of ways.filter(({ can, people, set }) => can && (people > 0 || set))) {
    const more = plans.map((plan) => ({
      taken: [...plan.taken, way],
      seconds: plan.seconds + way.seconds,
      worth: plan.worth + worth(way),
    }));
    // Of plans as long only the best is kept.
    const kept = new Map<number, Plan>();
    for (const plan of [...plans, ...more]) {
      const other = kept.get(plan.seconds);
      if (plan.seconds <= seconds && (!other || plan.worth > other.worth)) kept.set(plan.seconds, plan);
    }
    plans = [...kept.values()];
  }
  const first = [...plans].sort((a, b) => b.worth - a.worth || a.seconds - b.seconds)[0];
  return new Set(first?.taken);
}

/**
 * The ways to show in a slot and those to say, for these people's parts: what is set first, then what most do.
 * `home`: what the instructor has at hand; null where that isn't known, and all is. `seconds`: for all of it.
 */
export function whatToShow(
  slot: Slot,
  parts: readonly Part[],
  home: Person | null,
  seconds: Seconds,
  book: MoveBook,
): readonly WayToShow[] {
  const ways = waysOf(slot, parts, home, seconds, book);
  const shown = best(ways, seconds);
  const rank = (way: Way) => (shown.has(way) ? 0 : 2) + (way.set ? 0 : 1);
  return ways
    .filter((way) => way.people > 0 || way.set)
    .sort((a, b) => rank(a) - rank(b) || b.people - a.people || a.name.localeCompare(b.name, "en"))
    .map((way) => ({
      name: way.name,
      people: way.people,
      seconds: way.seconds,
      how: shown.has(way) ? "show" : "say",
    }));
}

/** The same for every slot of a class that has time to show it. */
export function whatToShowIn(
  doc: ClassDoc,
  parts: readonly Part[],
  home: Person | null,
  book: MoveBook,
): Readonly<Record<string, readonly WayToShow[]>> {
  const shown: Record<string, readonly WayToShow[]> = {};
  for (const block of doc.blocks)
    for (const slot of slotsOf(block)) {
      const seconds = slot.demo ?? block.demo ?? 0;
      if (seconds > 0) shown[slot.id] = whatToShow(slot, parts, home, seconds, book);
    }
  return shown;
}
