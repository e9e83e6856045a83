/** Needs and uses in words. */
import type { Need, NeedRole } from "../moves/move";
import type { MassUnits } from "../units";
import type { KitItem } from "./kit";
import { kitText } from "./kit";
import { needCount, type Use } from "./match";

const ROLE_WORDS: Record<NeedRole, readonly [one: string, many: string]> = {
  "hand-weight": ["a hand weight", "equal hand weights"],
  "held-weight": ["a weight for both hands", "weights for both hands"],
  "worn-weight": ["a loaded backpack", "loaded backpacks"],
  "long-band": ["a long band", "long bands"],
  "mini-band": ["a mini band", "mini bands"],
  anchor: ["an anchor", "anchors"],
  door: ["a door that latches and opens away", "doors that latch"],
  strap: ["a suspension strap", "suspension straps"],
  support: ["a support", "supports"],
  "slider-pair": ["two sliders on a smooth floor", "two sliders on a smooth floor"],
  wall: ["a clear wall", "clear walls"],
  bar: ["an overhead bar", "overhead bars"],
  ball: ["a stability ball", "stability balls"],
  "soft-surface": ["a mat or carpet", "mats"],
  towel: ["a towel", "towels"],
  stick: ["a broomstick", "broomsticks"],
  kettlebell: ["a kettlebell", "kettlebells"],
  bench: ["a bench", "benches"],
  barbell: ["a barbell", "barbells"],
  filling: ["something to fill it", "things to fill it"],
  cable: ["a cable", "cables"],
  machine: ["a machine", "machines"],
};

const COUNTS = ["no", "one", "two", "three", "four", "five", "six"];

/** A small number as a word. */
export function countWord(n: number): string {
  return COUNTS[n] ?? String(n);
}

/** One need: `two equal hand weights of 2–30 kg`, `a sturdy support 38–55 cm high`. */
export function needText(need: Need): string {
  const count = needCount(need);
  const [one, many] = ROLE_WORDS[need.as];
  const base = need.as === "slider-pair" || count === 1 ? one : `${countWord(count)} ${many}`;
  const named =
    need.as === "support" && need.bearsWeight ? base.replace("a support", "a sturdy support") : base;
  const anchor = need.as === "anchor" && need.at ? named.replace("an anchor", `a ${need.at} anchor`) : named;
  const kg = need.kg && need.kg[0] >= 1 ? ` of ${need.kg[0]} kg or more` : "";
  const height = need.heightCm ? `, ${need.heightCm[0]}–${need.heightCm[1]} cm high` : "";
  return `${anchor}${kg}${height}`;
}

/** All alternatives of a move: `a towel and a door that latches, or a long band`; `nothing` where nothing is needed. */
export function needsText(needs: readonly (readonly Need[])[] | undefined): string {
  if (!needs || needs.length === 0 || needs.some((alternative) => alternative.length === 0)) return "nothing";
  return needs.map((alternative) => alternative.map(needText).join(" and ")).join(", or ");
}

/** The things in use, in words: `two dumbbells 6 kg`, `a towel and a door`. Empty where nothing is used. */
export function usesText(uses: readonly Use[], kit: readonly KitItem[], units: MassUnits = "kg"): string {
  const packed = uses.filter((use) => use.as === "filling");
  const words = uses.flatMap((use) => {
    const item = kit.find((entry) => entry.id === use.kit);
    if (!item || use.as === "filling") return [];
    const shown = kitText(
      use.kg !== undefined ? { ...item, ...shownKg(item, use.kg) } : item,
      use.count,
      units,
    );
    const holds = item.type === "backpack" || item.type === "barbell";
    const inside = holds
      ? usesText(
          packed.map((part) => ({ ...part, as: "support" })),
          kit,
          units,
        )
      : "";
    return [inside === "" ? shown : `${shown} (${inside})`];
  });
  return words.length <= 1 ? (words[0] ?? "") : `${words.slice(0, -1).join(", ")} and ${words.at(-1)}`;
}

/** A thing whose weight is chosen shows the chosen weight; one with a fixed measure keeps it. */
function shownKg(item: KitItem, kg: number): Partial<KitItem> {
  return item.type === "adjustable-dumbbell" || item.type === "backpack" || item.type === "barbell"
    ? { kg }
    : {};
}
