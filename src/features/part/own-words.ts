/** What a participant's screens say of their own part. */
import type { Person } from "@/core/homes/home";
import { kitText } from "@/core/homes/kit";
import { usesText } from "@/core/homes/need-words";
import { shortWhen } from "@/core/live/when";
import type { Part, PartSlot } from "@/core/parts/part";

/** The dose of a slot as this person does it: side, reps, where to stop, load. */
export function doseOf(own: PartSlot | undefined, side: string | null, person: Person): string {
  if (!own) return "";
  if (own.status === "unmet") return "Rest, or choose another way.";
  const reps = own.reps
    ? `${own.reps.min === own.reps.max ? own.reps.plan : `${own.reps.min}–${own.reps.max}`} reps`
    : "";
  const stop = own.seconds === null ? "" : `stop at ${own.seconds} s`;
  const shares = own.shares ? `${own.shares[0]} s a side` : "";
  return [side ? `${side} side` : "", reps, stop, shares, usesText(own.uses, person.kit ?? [], person.units)]
    .filter(Boolean)
    .join(" · ");
}

/** What to fetch for the next move that isn't in hand yet. */
export function fetchOf(own: PartSlot | undefined, next: PartSlot | undefined, person: Person): string {
  if (!next) return "";
  const held = new Set((own?.uses ?? []).map((use) => use.kit));
  const fresh = next.uses.filter((use) => !held.has(use.kit));
  const text = usesText(fresh, person.kit ?? [], person.units);
  return text ? `Fetch: ${text}` : "";
}

/** What to have ready, in the order of first use. */
export function bringTexts(part: Part, person: Person): readonly string[] {
  const kit = person.kit ?? [];
  return part.bring.flatMap(({ kit: id, count }) => {
    const item = kit.find((entry) => entry.id === id);
    return item ? [kitText(item, count, person.units)] : [];
  });
}

/** A date and time in a zone: `Wed 25 Nov, 19:00`. */
export function whenText(atMs: number, timeZone: string | undefined): string {
  const { day, time } = shortWhen(atMs, timeZone);
  return `${day}, ${time}`;
}
