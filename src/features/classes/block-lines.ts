/** A block in few words, where it isn't a sentence of numbers. */
import type { Block } from "@/core/class/document";

const ROLE_WORDS: Readonly<Record<string, string>> = {
  warmup: "Warm-up",
  cooldown: "Cool-down",
  finisher: "Finisher",
  break: "Break",
  talk: "Talk",
};

/** How a block goes round, in a few words. */
export function goesRound(block: Block): string {
  const { rounds, rest, longRest, cap, after, brief } = block;
  return [
    cap === undefined ? "" : `as many rounds as possible in ${cap} s`,
    rounds === undefined || cap !== undefined
      ? ""
      : `${typeof rounds === "number" ? rounds : `${rounds.min}–${rounds.max}`} ${rounds === 1 ? "round" : "rounds"}`,
    typeof rest === "number" && rest > 0 ? `${rest} s rest` : "",
    typeof longRest === "number" ? `${longRest} s between rounds` : "",
    brief ? `${brief} s talk` : "",
    after ? `${after} s water` : "",
  ]
    .filter(Boolean)
    .join(", ");
}

/** What a block is called: its title, or what it is for. */
export function blockName({ title, role }: Block): string {
  return title || ROLE_WORDS[role ?? ""] || "Block";
}
