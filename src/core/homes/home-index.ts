/** A home looked at from the side of a move's needs: what could fill a role, and at which weights. */
import type { Need, NeedRole } from "../moves/move";
import type { Person } from "./home";
import { type KitItem, kgRange } from "./kit";
import type { Limit } from "./limits";
import { fillersOf } from "./match";
import { adjustableWeights, backpackWeights, barbellWeights, type WeightOption } from "./packing";

/** Height of a usual seat. */
const CHAIR_CM = 45;

/** Whoever has such a limit has something to sit on. */
const SEATED: readonly Limit[] = ["seated-only", "left-leg-only", "right-leg-only"];

export class HomeIndex {
  /** In the order of ids, so that nothing hangs on the order in which it was entered. */
  readonly kit: readonly KitItem[];
  /** Whether the floor itself is soft enough to kneel and lie on. */
  readonly softFloor: boolean;
  private readonly roles = new Map<NeedRole, readonly KitItem[]>();
  private readonly weights = new Map<string, readonly WeightOption[]>();
  /** For what others work out about this home, by whatever it is about. */
  readonly known = new Map<unknown, unknown>();
  /** The same for what comes and goes with edits: forgotten with the object it is about. */
  readonly passing = new WeakMap<object, unknown>();
  /** Moves whose needs this home can meet in more ways than were looked at. */
  readonly stopped = new Set<unknown>();

  constructor(readonly person: Person) {
    this.kit = [...(person.kit ?? [])].sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
    this.softFloor = person.space?.floor === "carpet" || person.space?.floor === "mat";
  }

  /**
   * Whether a need is met by the place itself: a soft floor, a wall where none is denied, and the chair of
   * somebody who sits all class or has one leg to work with.
   */
  assumes({ as, heightCm }: Need): boolean {
    const { space, limits } = this.person;
    if (as === "soft-surface") return this.softFloor;
    if (as === "wall") return space?.wall !== false;
    if (as !== "support" || !limits?.some((limit) => SEATED.includes(limit))) return false;
    return heightCm === undefined || (heightCm[0] <= CHAIR_CM && heightCm[1] >= CHAIR_CM);
  }

  /** Things of the kinds that can fill a role. */
  fillers(role: NeedRole): readonly KitItem[] {
    const there = this.roles.get(role);
    if (there) return there;
    const types = fillersOf(role);
    const made = this.kit.filter((item) => types.includes(item.type));
    this.roles.set(role, made);
    return made;
  }

  /** The weights of one thing as it is held, lightest first; empty where it has none. */
  weightsOf(item: KitItem): readonly WeightOption[] {
    const there = this.weights.get(item.id);
    if (there) return there;
    const made = weigh(item, this.kit);
    this.weights.set(item.id, made);
    return made;
  }
}

function weigh(item: KitItem, kit: readonly KitItem[]): readonly WeightOption[] {
  if (item.type === "backpack") return backpackWeights(item, kit);
  if (item.type === "barbell") return barbellWeights(item, kit);
  if (item.type === "adjustable-dumbbell") return adjustableWeights(item);
  const range = kgRange(item);
  return range ? [{ kg: range[0], filling: [] }] : [];
}

/** Homes that are kept at hand: a large class's; older ones are worked out again. */
const KEPT = 64;
const recent = new Map<Person, HomeIndex>();

/** The index of a person's home; people are never changed in place, so it is kept while they are at hand. */
export function homeIndex(person: Person): HomeIndex {
  const there = recent.get(person);
  if (there) return there;
  const made = new HomeIndex(person);
  recent.set(person, made);
  if (recent.size > KEPT) recent.delete(recent.keys().next().value as Person);
  return made;
}
