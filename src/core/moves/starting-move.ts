import { USUAL } from "./library/define";
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
  const { gym: _gym, ...facts } = like;
  return { ...facts, id: "", name: "", links: [{ to: like.id, kind: "swap", how: "position" }] };
}

/** A name as an id: lower-case words joined with dashes. */
export function idOf(name: string): string {
  return name
    .normalize("NFKD")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "");
}
