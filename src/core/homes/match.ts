/**
 * Matching kit to needs: which things can fill which roles, and whether one measures up.
 * `fillings.ts` puts them together, with counts.
 */
import type { Need, NeedRole } from "../moves/move";
import type { Person } from "./home";
import { heightCmOf, type KitItem, type KitType } from "./kit";
import { kitFacts, kitTypesWhere } from "./kit-types";

/** `count` items of a line of kit, in a role. */
export interface Use {
  readonly kit: string;
  readonly count: number;
  readonly as: NeedRole;
  /** Kilograms of each, where it is held: chosen within an adjustable one's range. */
  readonly kg?: number;
}

const FILLERS = new Map<NeedRole, readonly KitType[]>();

/** The kit types that can fill a role, what people would name first; none for a cable or a machine. */
export function fillersOf(role: NeedRole): readonly KitType[] {
  let found = FILLERS.get(role);
  if (!found) {
    const typical = kitTypesWhere((facts) => facts.typical.includes(role));
    found = [
      ...typical,
      ...kitTypesWhere(({ fills }) => fills.includes(role)).filter((type) => !typical.includes(type)),
    ];
    FILLERS.set(role, found);
  }
  return found;
}

/** Items that a need takes: sliders come as a pair. */
export function needCount(need: Need): number {
  return need.as === "slider-pair" ? 2 : (need.count ?? 1);
}

function isWithin(n: number | null, [least, most]: readonly [number, number]): boolean {
  return n !== null && n >= least && n <= most;
}

/** Whether a thing carries a person as a need asks: said to be sturdy, and hard enough to stand on. */
function carries({ type, sturdy }: KitItem, { bearsWeight, firm }: Need): boolean {
  return !(bearsWeight && sturdy !== true) && !(firm && kitFacts(type).soft);
}

/** Whether a thing measures up to a need in this home; weights aside. */
export function measuresFit(item: KitItem, need: Need, person: Person): boolean {
  if (need.tension && !(item.tension && need.tension.includes(item.tension))) return false;
  if (need.heightCm && !isWithin(heightCmOf(item), need.heightCm)) return false;
  if (!carries(item, need)) return false;
  // Pulling shuts a door only if it opens away from the person; one that nobody described isn't trusted.
  if (need.as === "door") return item.latches === true && item.opens === "away";
  if (need.as === "slider-pair") return person.space?.floor === "smooth" || person.space?.floor === "tile";
  if (need.as === "anchor" && item.type === "overhead-bar")
    return need.at === undefined || need.at === "high";
  return true;
}

/** One need may bring another: a door anchor is only as good as its door. */
export function expandNeeds(needs: readonly Need[], item: KitItem | null): readonly Need[] {
  return item?.type === "door-anchor" ? [...needs, { as: "door" }] : needs;
}
