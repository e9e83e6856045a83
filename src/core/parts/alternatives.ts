/**
 * The instructor's own ways of a slot: what she says herself to who can't do the move that is set, and the
 * equals that somebody may pick from. Where one of them can be done the library isn't asked.
 */
import { type Alternative, alternativesOf } from "../class/document";
import { homeIndex } from "../homes/home-index";
import { type KnownMove, resolveMove } from "../moves/book";
import { judgeOf } from "../strength/judge";
import { STRAIN } from "../strength/strain";
import { leastStrain } from "./sets";
import { type Asked, attemptOf, meansOf, type OpenWay, waysOfMove } from "./ways";

/**
 * The ways in which a person can do a move in a slot, cheapest first; none where a limit, space or kit
 * forbids it, or where it is too hard with the lightest that there is and all of the dose.
 */
function waysThatCanBeDone(asked: Asked, move: KnownMove): readonly OpenWay[] {
  const ways = waysOfMove(asked, move);
  return ways.length === 0 || isTooHard(asked, move) ? [] : ways;
}

function isTooHard(asked: Asked, move: KnownMove): boolean {
  const home = homeIndex(asked.person);
  const { doing, works } = attemptOf(move, asked);
  const judge = judgeOf(asked.strengths, move);
  const strains = meansOf(home, move).fillings.map((filling) =>
    leastStrain(doing, works, filling, judge, home),
  );
  return strains.length > 0 && strains.every((strain) => strain !== null && strain > STRAIN.tooHeavy);
}

/** The move that the instructor's ways stand for: her level's own for this person, else the slot's. */
function setMove({ wanted }: Asked): KnownMove {
  return wanted.way?.move === undefined ? wanted.base : wanted.target;
}

function own(ways: readonly OpenWay[], alternative: Alternative): readonly OpenWay[] {
  return ways.map((way) => ({ ...way, own: alternative }));
}

/**
 * The ways of the first alternative that a person can do, where they can't do what is set; null where
 * they can, or can do none of them either.
 */
export function alternativeWays(asked: Asked): readonly OpenWay[] | null {
  const alternatives = alternativesOf(asked.slot);
  if (alternatives.length === 0 || waysThatCanBeDone(asked, setMove(asked)).length > 0) return null;
  for (const alternative of alternatives) {
    const ways = waysThatCanBeDone(asked, resolveMove(alternative.move, asked.book));
    if (ways.length > 0) return own(ways, alternative);
  }
  return null;
}

/** Of a slot with a choice: the best way of each of its equals that a person can do, the set one first. */
export function choiceWays(asked: Asked): readonly OpenWay[] {
  const { slot, book } = asked;
  if (!slot.choice) return [];
  const set = waysThatCanBeDone(asked, setMove(asked)).slice(0, 1);
  const others = alternativesOf(slot).flatMap((alternative) =>
    own(waysThatCanBeDone(asked, resolveMove(alternative.move, book)).slice(0, 1), alternative),
  );
  const seen = new Set<string>();
  return [...set, ...others].filter(({ move }) => {
    const key = move.id ?? move.name;
    return !seen.has(key) && seen.add(key);
  });
}
