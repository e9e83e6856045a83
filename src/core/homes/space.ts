/** Whether a move fits into the room that a person has. */
import type { KnownMove } from "../moves/book";
import type { Person } from "./home";

const USUAL_HEIGHT_CM = 175;
/** The height that a move states where nothing is special about it. */
const PLAIN_ROOM_CM = 210;
/** Fingertips of an arm held up, as a multiple of stature; an estimate of ours from usual body proportions. */
const REACH = 1.25;
/** The same from a seat of 45 cm: what is above the hips, and the seat. */
const SEATED_REACH = 0.77;
const SEAT_CM = 45;
/** What is held above the hands, and the air above a head. */
const HELD_CM = 10;
const AIR_CM = 5;
const JUMP_CM = { high: 25, low: 10 } as const;

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
    const jump = impact === "high" ? JUMP_CM.high : (landings?.perRep ?? 0) > 0 ? JUMP_CM.low : 0;
    return jump + (overhead ? REACH * heightCm + held : heightCm + AIR_CM);
  }
  if (!overhead) return 0;
  if (position === "seated") return SEAT_CM + SEATED_REACH * heightCm + held;
  return position === "kneeling" || position === "half-kneeling" ? heightCm + held : 0;
}

/** What of a person's space stands in the way of a move; null where nothing does. */
export function noRoom(
  move: KnownMove,
  { space, heightCm }: Pick<Person, "space" | "heightCm">,
): "ceiling" | "length" | "jumping" | null {
  if (!space) return null;
  const jumps = move.impact === "high" || (move.loads?.includes("jump") ?? false);
  if (space.jumping === false && jumps) return "jumping";
  if (space.ceilingCm !== undefined && heightNeededCm(move, heightCm) > space.ceilingCm) return "ceiling";
  return space.lengthM !== undefined && (move.room?.lengthM ?? 0) > space.lengthM ? "length" : null;
}
