/** Whether a move fits into the room that a person has. */
import type { KnownMove } from "../moves/book";
import type { Position } from "../moves/position";
import type { Person } from "./home";
import { jumps } from "./limits";

const USUAL_HEIGHT_CM = 175;
/** The height that a move states where nothing is special about it. */
const PLAIN_ROOM_CM = 210;
const PLAIN_LENGTH_M = 2;
/** Clear floor of who stands, sits, kneels or is on all fours: one step each way; estimates of ours. */
const ON_THE_SPOT_M = 1.2;
/** Beyond the stature of who lies or planks. */
const BEYOND_M = 0.05;
const LONG: readonly Position[] = ["plank", "prone", "supine", "side-lying"];
/** Fingertips of an arm held up, as a multiple of stature; an estimate of ours from usual body proportions. */
const REACH = 1.25;
/** The same from a seat of 45 cm: what is above the hips, and the seat. */
const SEATED_REACH = 0.77;
const SEAT_CM = 45;
/** What is held above the hands, and the air above a head. */
const HELD_CM = 10;
const AIR_CM = 5;
/** How high a head rises by how hard the feet land: a jump, a hop or a skip; fast feet hardly leave the floor. */
const JUMP_CM = { high: 25, low: 10 } as const;
const HOP_LANDING = 0.5;

/**
 * Centimetres from the floor to the ceiling that a move wants of somebody so tall: told from what the body
 * does; of a move of which only its coach's number is known, by that, which is meant for 175 cm. Lying, on
 * all fours and seated with the arms down it wants nothing that a room doesn't have.
 */
export function heightNeededCm(move: KnownMove, heightCm = USUAL_HEIGHT_CM): number {
  if (move.body) return bodyHeightCm(move, move.body.reach === "overhead", heightCm) + stepCm(move);
  const stated = move.room?.heightCm ?? 0;
  return stated > PLAIN_ROOM_CM ? stated + (heightCm - USUAL_HEIGHT_CM) * REACH : 0;
}

/** How high a move is stood on something, at the usual height of such a thing. */
function stepCm({ needs = [] }: KnownMove): number {
  const steps = needs.map((list) => list.find(({ firm }) => firm)?.heightCm);
  const highest = steps.map((range) => (range ? (range[0] + range[1]) / 2 : 0));
  return highest.length > 0 ? Math.min(...highest) : 0;
}

function bodyHeightCm(
  { position, impact, landings, strength }: KnownMove,
  overhead: boolean,
  heightCm: number,
) {
  const held = (strength?.held ?? 0) > 0 ? HELD_CM : 0;
  if (position === "standing") {
    const jump = riseCm({ impact, landings });
    return jump + (overhead ? REACH * heightCm + held : heightCm + AIR_CM);
  }
  if (!overhead) return 0;
  if (position === "seated") return SEAT_CM + SEATED_REACH * heightCm + held;
  return position === "kneeling" || position === "half-kneeling" ? heightCm + held : 0;
}

function riseCm({ impact, landings }: Pick<KnownMove, "impact" | "landings">): number {
  const weight = landings && landings.perRep > 0 ? landings.weight : impact === "high" ? 1 : 0;
  if (weight > HOP_LANDING) return JUMP_CM.high;
  return weight === HOP_LANDING ? JUMP_CM.low : 0;
}

/**
 * Metres of clear floor that a move wants of somebody so tall: what it states where it goes somewhere, else told
 * from the positions that it passes through; of a move of which only its coach's number is known, by that.
 */
export function lengthNeededM({ body, room }: KnownMove, heightCm = USUAL_HEIGHT_CM): number {
  const stated = room?.lengthM ?? 0;
  if (!body || stated > PLAIN_LENGTH_M) return stated;
  return body.passes.some((position) => LONG.includes(position)) ? heightCm / 100 + BEYOND_M : ON_THE_SPOT_M;
}

/** What of a person's space stands in the way of a move; null where nothing does. */
export function noRoom(
  move: KnownMove,
  person: Pick<Person, "space" | "heightCm">,
): "ceiling" | "length" | "jumping" | null {
  if (move.parts) {
    const reasons = move.parts.map((part) => noRoom(part, person));
    return reasons.find((reason) => reason !== null) ?? null;
  }
  const { space, heightCm } = person;
  if (!space) return null;
  if (space.jumping === false && jumps(move)) return "jumping";
  if (space.ceilingCm !== undefined && heightNeededCm(move, heightCm) > space.ceilingCm) return "ceiling";
  return space.lengthM !== undefined && lengthNeededM(move, heightCm) > space.lengthM + 1e-9
    ? "length"
    : null;
}
