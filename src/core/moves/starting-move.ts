import { loadsOf } from "./body";
import { USUAL } from "./library/usual";
import type { Move } from "./move";

/** What a move of one's own begins as: like another, linked to it as a swap, or the plainest there is. */
export function startingMove(like: Move | null): Move {
  const plain: Move = {
    ...USUAL,
    id: "",
    name: "",
    pattern: "squat",
    muscles: { primary: ["quads"], secondary: [] },
    position: "standing",
    sides: "both",
    repSeconds: 3,
    energy: { met: 3.8, category: null },
    cues: ["", ""],
    faults: ["", ""],
    cautions: [""],
    links: [],
  };
  if (!like) return plain;
  // What others call the one it is like, they don't call this one.
  const { gym: _gym, aliases: _aliases, ...facts } = like;
  return { ...facts, id: "", name: "", links: [{ to: like.id, kind: "swap", how: "position" }] };
}

/** The short words in an order of their own, so that two lists can be compared. */
const wordsOf = ({ loads }: Pick<Move, "loads">) => [...loads].sort().join(" ");

/**
 * The move without the body's facts of the one it began as, where its position or its words are no longer
 * those: limits then go by what its coach says.
 */
export function withoutStaleFacts(move: Move): Move {
  const { body, ...said } = move;
  if (!body) return move;
  const told = loadsOf(body, move.isometric, move.landings.perRep);
  return body.passes[0] === move.position && wordsOf({ loads: told }) === wordsOf(move) ? move : said;
}

/** A name as an id: lower-case words joined with dashes. */
export function idOf(name: string): string {
  return name
    .normalize("NFKD")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "");
}
