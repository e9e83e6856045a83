/** How long it takes to show a move. */
import type { Seconds } from "../../units";
import type { Move } from "../move";

/** Words a second in which a cue is said while it is shown, an unhurried reading pace (about 150 words a minute). */
const WORDS_A_SECOND = 2.5;
/** What is shown of something that is held or goes on for long. */
const HELD_SHOWN: Seconds = 4;
const LEAST: Seconds = 6;

type Shown = Pick<Move, "cues" | "isometric" | "repSeconds" | "sides" | "skill" | "setupSeconds">;

/**
 * Seconds to show a move by how much there is to it: two reps (of a long one one, of a hold a few seconds) or its
 * cues, whichever takes longer, as they are said while it is done; taking the kit up; the other side; and two
 * seconds more for each step of skill above the first, as what is new is shown twice.
 */
export function demonstrationSeconds(move: Shown): Seconds {
  const { cues, isometric, repSeconds, sides, skill = 2, setupSeconds } = move;
  const reps = isometric ? HELD_SHOWN : repSeconds > 5 ? repSeconds : 2 * repSeconds;
  const said = cues.join(" ").split(/\s+/).length / WORDS_A_SECOND;
  const side = sides === "inTurn" ? 2 : 0;
  return Math.max(
    LEAST,
    Math.round(Math.max(reps, said) + Math.min(6, setupSeconds) + side + 2 * (skill - 1)),
  );
}
