/** What a participant's screens say of their own part. */
import { stopText } from "../class/dose-text";
import type { Person } from "../homes/home";
import { kitText } from "../homes/kit";
import { usesText } from "../homes/need-words";
import type { Part, PartSlot } from "../parts/part";
import { otherSide } from "../units";
import type { OwnMoment } from "./own-moment";
import { shortWhen } from "./when";

/** The dose of a slot as this person does it: side, reps and tempo, where to stop, load. */
export function doseOf(own: PartSlot | undefined, moment: OwnMoment | null, person: Person): string {
  if (!own) return "";
  if (own.status === "unmet") return "Rest, or choose another way.";
  const { side = null, amount = "", tempo = "", shareSeconds = null } = moment ?? {};
  const shares = shareSeconds === null ? "" : `${shareSeconds} s a side`;
  const held = usesText(own.uses, person.kit ?? [], person.units);
  return [side ? `${side} side` : "", amount, tempo, stopText(own.seconds), shares, held]
    .filter(Boolean)
    .join(" · ");
}

/** How long before it a change of one's own is announced. */
const ANNOUNCE_MS = 5000;

/** What this person alone is told now, before any cue; null where they do as everybody does. */
export function ownCall(moment: OwnMoment | null, person: Person): string | null {
  if (!moment) return null;
  const { side, soon, stopped } = moment;
  if (stopped) return "Enough at your level: rest until the time is over.";
  if (soon && soon.inMs <= ANNOUNCE_MS) {
    const seconds = Math.ceil(soon.inMs / 1000);
    return soon.what === "stop"
      ? `Stop in ${seconds}.`
      : `Change to your ${side && otherSide(side)} in ${seconds}.`;
  }
  const only = person.limits?.includes("use-left-only")
    ? "left"
    : person.limits?.includes("use-right-only")
      ? "right"
      : null;
  if (only && side && side !== only) return `Your ${only} only: repeat it easier there, or rest.`;
  return null;
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
