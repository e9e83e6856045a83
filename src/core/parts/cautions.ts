/** What people are to be warned of in a class: furniture, doors, bands, sliders, weights overhead, where they are in use. */
import { type ClassDoc, slotsOf } from "../class/document";
import type { KitType } from "../homes/kit";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Need } from "../moves/move";
import type { Caution } from "../reasons/finding-reasons";
import type { Part, PartSlot } from "./part";

interface CautionUse {
  readonly of: Caution;
  /** Whether a person's own way of a slot is with it; `kinds`: what their things are. */
  readonly used: (own: PartSlot, kinds: Part["kinds"], book: MoveBook) => boolean;
  /** Whether every way of a move needs it: what counts without a roster. */
  readonly needed: (move: KnownMove) => boolean;
}

const everyWay = (move: KnownMove, holds: (need: Need) => boolean) =>
  (move.needs?.length ?? 0) > 0 && (move.needs ?? []).every((list) => list.some(holds));

function withKit(
  of: Caution,
  types: readonly KitType[],
  needed: readonly Need["as"][],
  roles = null as readonly string[] | null,
): CautionUse {
  return {
    of,
    used: (own, kinds) =>
      own.uses.some(({ kit, as }) => {
        const type = kinds[kit];
        return type !== undefined && types.includes(type) && (roles?.includes(as) ?? true);
      }),
    needed: (move) => everyWay(move, (need) => needed.includes(need.as)),
  };
}

/** Arms over the head of somebody upright: behind the head of who lies down there is no lamp. */
function isRaised(move: KnownMove | undefined): boolean {
  const upright =
    move?.position !== "supine" && move?.position !== "prone" && move?.position !== "side-lying";
  return upright && (move?.loads?.includes("overhead") ?? false);
}

const CAUTIONS: readonly CautionUse[] = [
  withKit(
    "furniture",
    ["chair", "sofa", "bench", "step", "table", "counter"],
    ["support", "bench"],
    ["support", "bench"],
  ),
  withKit("anchors", ["door", "door-anchor", "strap-trainer"], ["door", "anchor", "strap"]),
  withKit("bands", ["tube-band", "loop-band", "mini-band"], ["long-band", "mini-band"]),
  withKit("sliders", ["slider", "towel"], ["slider-pair"], ["slider-pair"]),
  {
    of: "overhead",
    used: (own, _, book) =>
      isRaised(own.move === null ? undefined : book.get(own.move)) &&
      own.uses.some((use) => use.kg !== undefined),
    needed: (move) => isRaised(move) && everyWay(move, (need) => need.kg !== undefined),
  },
];

/** A thing to warn of, and the slots that somebody uses it in. */
export interface CautionInUse {
  readonly of: Caution;
  readonly slots: readonly string[];
}

/** What is in use in a class: by everyone's parts, or without any by what every way of a move needs. */
export function cautionsInUse(
  doc: ClassDoc,
  parts: readonly Part[],
  book: MoveBook,
): readonly CautionInUse[] {
  const slots = doc.blocks.flatMap(slotsOf);
  const own = parts.flatMap(({ kinds, slots: list }) => list.map((slot) => ({ kinds, slot })));
  return CAUTIONS.flatMap(({ of, used, needed }) => {
    const found =
      parts.length === 0
        ? slots.filter((slot) => needed(resolveMove(slot.move, book))).map(({ id }) => id)
        : own.filter(({ kinds, slot }) => used(slot, kinds, book)).map(({ slot }) => slot.slot);
    return found.length === 0 ? [] : [{ of, slots: [...new Set(found)] }];
  });
}

/** Seconds that the words of one caution take over a call. */
const SAID_SECONDS = 7;

/** Seconds that it takes to say so many of them, in fives. */
export function cautionSeconds(count: number): number {
  return Math.ceil((count * SAID_SECONDS) / 5) * 5;
}

/** Whether the instructor says the safety words of a class in its opening talk. */
export function saysCautions({ acknowledged = [] }: ClassDoc): boolean {
  return acknowledged.some(({ code, reason }) => code === "caution" && reason === SAID_IN_TALK);
}

/** The reason that stands in a class whose safety words are said in its opening talk. */
export const SAID_IN_TALK = "said in the opening talk";
