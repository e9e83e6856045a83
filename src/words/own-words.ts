/** What a participant's screens say of their own part. */
import type { Person } from "../core/homes/home";
import type { AnotherWay } from "../core/live/another-way";
import type { OwnMoment } from "../core/live/own-moment";
import type { Part, PartSlot } from "../core/parts/part";
import type { Adjust } from "../core/reasons/part-reasons";
import { otherSide } from "../core/units";
import { amountText, stopText, tempoText } from "./dose-words";
import { kitText, massText } from "./kit-words";
import { usesText } from "./part-words";
import { shortWhen } from "./when-words";
import type { Words } from "./words";

/** What a person's limits ask of a dose. */
const CAREFUL: readonly Adjust["code"][] = ["hold-at-most", "keep-reserve"];

/** The dose of a slot as this person does it: what is read from the floor, and the rest of it. */
export interface OwnDose {
  /** How many or how long, of which side, and what is held. */
  readonly large: readonly string[];
  /** In what tempo, where to stop, what their limits ask. */
  readonly small: readonly string[];
}

export function ownDose(
  own: PartSlot | undefined,
  moment: OwnMoment | null,
  person: Person,
  words: Words,
): OwnDose {
  if (!own) return { large: [], small: [] };
  if (own.status === "unmet") return { large: [], small: [words.phrase("own", "rest")] };
  if (moment?.rests) return { large: [], small: [words.phrase("own", "restRound")] };
  const { side = null, shareSeconds = null } = moment ?? {};
  const careful = own.adjust.filter(({ code }) => CAREFUL.includes(code));
  const said = (texts: readonly string[]) => texts.filter(Boolean);
  return {
    large: said([
      side ? words.phrase("own", "side", { side: words.name("side", side) }) : "",
      moment ? countedText(moment, words) : "",
      usesText(moment?.uses ?? own.uses, person, words),
    ]),
    small: said([
      moment?.tempo ? tempoText(moment.tempo, words) : "",
      stopText(own.seconds, words),
      shareSeconds === null ? "" : words.phrase("own", "shares", { seconds: shareSeconds }),
      ...careful.map((reason) => words.say("adjust", reason)),
    ]),
  };
}

/** What is answered to who asks for another way. */
export function anotherText(answer: AnotherWay, words: Words): string {
  const name = "name" in answer ? answer.name : "";
  return words.phrase("own", "another", { code: answer.code, name });
}

/** What is counted or held in a piece. */
function countedText(moment: OwnMoment, words: Words): string {
  const { aboutReps, holdSeconds, dose, reps, eachSide } = moment;
  if (holdSeconds !== null) return words.phrase("dose", "hold", { span: String(holdSeconds) });
  if (aboutReps) return words.phrase("own", "about", { reps: aboutReps });
  const amount = amountText(dose, reps, words);
  return eachSide && amount ? words.phrase("dose", "eachSide", { amount }) : amount;
}

/** How long before it a change of one's own is announced. */
const ANNOUNCE_MS = 5000;

/** What this person alone is told now, before any cue; null where they do as everybody does. */
export function ownCall(moment: OwnMoment | null, person: Person, words: Words): string | null {
  if (!moment) return null;
  const { side, soon, stopped } = moment;
  if (stopped) return words.phrase("own", "enough");
  if (soon && soon.inMs <= ANNOUNCE_MS) {
    const seconds = Math.ceil(soon.inMs / 1000);
    return soon.what === "stop"
      ? words.phrase("own", "stop", { seconds })
      : words.phrase("own", "change", {
          side: side ? words.name("side", otherSide(side)) : "",
          seconds,
        });
  }
  const only = person.limits?.includes("use-left-only")
    ? "left"
    : person.limits?.includes("use-right-only")
      ? "right"
      : null;
  if (only && side && side !== only)
    return words.phrase("own", "oneSide", { side: words.name("side", only) });
  return null;
}

/** What to fetch for the next move that isn't in hand yet. */
export function fetchOf(
  own: PartSlot | undefined,
  next: PartSlot | undefined,
  person: Person,
  words: Words,
): string {
  if (!next) return "";
  const held = new Set((own?.uses ?? []).map((use) => use.kit));
  const fresh = next.uses.filter((use) => !held.has(use.kit));
  const things = usesText(fresh, person, words);
  return things ? words.phrase("own", "fetch", { things }) : "";
}

/** What to have ready, in the order of first use. */
export function bringTexts(part: Part, person: Person, words: Words): readonly string[] {
  const kit = person.kit ?? [];
  return part.bring.flatMap(({ kit: id, count, kgs = [] }) => {
    const item = kit.find((entry) => entry.id === id);
    if (!item) return [];
    const thing = kitText(item, words, person.units, count);
    const weights = kgs.map((kg) => massText(kg, person.units ?? "kg", words));
    return [
      weights.length === 0 ? thing : words.phrase("own", "bringAt", { thing, weights: words.and(weights) }),
    ];
  });
}

/** A date and time in a zone: `Wed 25 Nov, 19:00`. */
export function whenText(atMs: number, timeZone: string | undefined, words: Words): string {
  return words.phrase("own", "when", { ...shortWhen(atMs, timeZone, words) });
}

/** What the phone says of "hurts": told only when the server has it, so that nobody relies on what wasn't heard. */
export interface HurtState {
  /** Pressed, and not yet answered. */
  readonly pressed: boolean;
  /** The server has it: it is on the instructor's screen. */
  readonly told: boolean;
  /** Whether the way to the server is open. */
  readonly open: boolean;
}

/** The line that stands instead of the cue. */
export function hurtLine({ told, open }: HurtState, words: Words): string {
  return words.phrase("own", told ? "hurtTold" : open ? "hurtTelling" : "hurtAloud");
}

/** The button itself. */
export function hurtButton({ pressed, told }: HurtState, words: Words): string {
  return words.phrase("own", "hurtButton", { state: told ? "told" : pressed ? "pressed" : "ready" });
}
