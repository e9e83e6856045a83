/**
 * The short form in which most of the library is written: one call a move, words instead of lists.
 * `muscles` is "primary … / secondary …"; `cues`, `faults` and `cautions` are sentences divided by
 * "|"; `links` are "harder other-move how" divided by ";". The library's tests check every word
 * against the closed lists, so a slip can't ship.
 */
import type { Energy, LinkHow, LinkKind, Move, Muscle, Need, Pattern, Position } from "../move";
import { define, ENERGY, estimate, type LibraryMove, type WrittenLink, type WrittenMove } from "./define";

export interface SheetRow
  extends Omit<
    WrittenMove,
    "muscles" | "position" | "energy" | "cues" | "faults" | "cautions" | "links" | "sides"
  > {
  readonly muscles: string;
  /** standing where left out. */
  readonly position?: Position;
  /** both where left out. */
  readonly sides?: Move["sides"];
  /** A heading of the published table, or an estimate in MET. */
  readonly energy: keyof typeof ENERGY | number;
  readonly cues: string;
  readonly faults: string;
  readonly cautions: string;
  readonly links?: string;
}

function words(text: string): Muscle[] {
  return text.trim().split(/\s+/).filter(Boolean) as Muscle[];
}

function sentences(text: string): string[] {
  return text.split("|").map((sentence) => sentence.trim());
}

function linksOf(text: string): WrittenLink[] {
  return text
    .split(";")
    .map((link) => link.trim().split(/\s+/))
    .filter((link) => link.length > 1)
    .map(([kind, to, how]) => [kind as LinkKind, to as string, how as LinkHow] as const);
}

function energyOf(energy: SheetRow["energy"]): Energy {
  return typeof energy === "number" ? estimate(energy) : ENERGY[energy];
}

/** Moves of one pattern from their rows; `usual` is what they share. */
export function sheet(pattern: Pattern, rows: readonly Omit<SheetRow, "pattern">[]): LibraryMove[] {
  return rows.map((row) => {
    const [primary = "", secondary = ""] = row.muscles.split("/");
    return define({
      ...row,
      pattern,
      position: row.position ?? "standing",
      sides: row.sides ?? "both",
      muscles: { primary: words(primary), secondary: words(secondary) },
      energy: energyOf(row.energy),
      cues: sentences(row.cues),
      faults: sentences(row.faults),
      cautions: sentences(row.cautions),
      links: linksOf(row.links ?? ""),
    });
  });
}

export const MINI_BAND: Need = { as: "mini-band" };
export const SLIDERS: Need = { as: "slider-pair" };
export const TOWEL: Need = { as: "towel" };
export const STRAP: Need = { as: "strap" };
export const BALL: Need = { as: "ball" };
export const HIGH: Need = { as: "anchor", at: "high" };
export const MID: Need = { as: "anchor", at: "mid" };
export const LOW: Need = { as: "anchor", at: "low" };
/** A seat that carries a person. */
export const SEAT: Need = { as: "support", bearsWeight: true, heightCm: [38, 55] };
/** A step or low seat to stand on. */
export const STEP: Need = { as: "support", bearsWeight: true, firm: true, heightCm: [10, 35] };
/** A seat that is stood on. */
export const HIGH_STEP: Need = { ...SEAT, firm: true };
/** Something to touch for balance. */
export const HAND_ON: readonly (readonly Need[])[] = [
  [{ as: "wall" }],
  [{ as: "support", heightCm: [70, 110] }],
  [{ as: "support", bearsWeight: true, heightCm: [38, 55] }],
];
