/** A part in words: what somebody does in a slot and why. */
import { MARK_GLYPH, type Person } from "../core/homes/home";
import type { Use } from "../core/homes/match";
import type { Instead, Part, PartSlot } from "../core/parts/part";
import { heldOf } from "../core/reasons/held";
import { heldText } from "./kit-words";
import type { Words } from "./words";

/** The status with its mark: `swapped ♭`. */
export function statusText({ status, mark }: Pick<PartSlot, "status" | "mark">, words: Words): string {
  const text = words.name("status", status);
  return mark === "natural" ? text : `${text} ${MARK_GLYPH[mark]}`;
}

/** The things that a person uses, in words and in their own units. */
export function usesText(
  uses: readonly Use[],
  { kit = [], units = "kg" }: Pick<Person, "kit" | "units">,
  words: Words,
): string {
  return heldText(heldOf(uses, kit), units, words);
}

/** Why, for several people who do the same: without what is known of each one's weight. */
export function sharedWhyText(slot: PartSlot, words: Words): string {
  return whyText({ ...slot, loadReason: null }, words);
}

/** Why, what the load means, and the first thing to do about one that is off. */
export function whyText({ why, loadReason, adjust }: PartSlot, words: Words): string {
  return [
    words.say("why", why),
    loadReason ? words.say("load", loadReason) : "",
    adjust[0] ? words.say("adjust", adjust[0]) : "",
  ]
    .filter(Boolean)
    .join(" ");
}

/** Why another way wasn't taken. */
export function dearerText({ whyNot }: Instead, words: Words): string {
  return whyNot.map((reason) => words.say("dearer", reason)).join(", ");
}

/** A part as `./brontle parts` prints it: the keys of the contract, and those of a load; reasons in words. */
export function partJson(part: Part, words: Words): unknown {
  const slots = part.slots.map(({ name: _name, position: _position, loadReason: _load, ...slot }) => ({
    ...slot,
    uses: slot.uses.map(({ kg: _kg, ...use }) => use),
    why: whyText({ ...slot, name: "", position: null, loadReason: _load }, words),
    adjust: slot.adjust.map((reason) => words.say("adjust", reason)),
    sets: (slot.sets ?? []).map(({ round, seconds, reps, load, predicted, strain }) => ({
      round,
      seconds,
      reps: reps?.plan ?? null,
      load,
      predicted,
      strain: strain === null ? null : Math.round(strain * 1000) / 1000,
    })),
    instead: slot.instead.map(({ name: _own, ...instead }) => ({
      ...instead,
      whyNot: dearerText({ ...instead, name: "" }, words),
    })),
  }));
  return {
    person: part.person,
    cost: part.cost,
    // Left out where it is: the rule.
    ...(part.exact ? {} : { exact: false }),
    slots,
    bring: part.bring,
    changeovers: part.changeovers,
  };
}
