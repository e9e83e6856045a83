/** A person with what they do in some classes, as a page that a coach reads: `docs/people.md`. */
import { type ClassDoc, doseAt, findSlot } from "../core/class/document";
import { dosesText } from "../core/class/dose-text";
import type { Person } from "../core/homes/home";
import { type MoveBook, resolveMove } from "../core/moves/book";
import type { Part, PartSet, PartSlot } from "../core/parts/part";
import { MOST_TOLD } from "../core/strength/predict";
import { spanText } from "../core/values/span";
import { kitText } from "./kit-words";
import { bringTexts } from "./own-words";
import { statusText, usesText, whyText } from "./part-words";
import type { Words } from "./words";

/** A person of the examples: what a coach would say of them comes with them. */
export type StoryPerson = Person & { readonly story?: string };

function homeText(person: Person, words: Words): string {
  const { kit, space = {}, limits = [] } = person;
  const has =
    kit === undefined
      ? "has not said what is there"
      : kit.length === 0
        ? "has nothing"
        : `has ${kit.map((item) => kitText(item, words, person.units)).join(", ")}`;
  const room = [
    space.floor,
    space.lengthM === undefined ? "" : `${space.lengthM} m long`,
    space.ceilingCm === undefined ? "" : `ceiling ${space.ceilingCm} cm`,
    space.jumping === false ? "no jumping here" : "",
  ].filter(Boolean);
  const body = [
    person.bodyKg === undefined ? "" : `${person.bodyKg} kg`,
    person.heightCm === undefined ? "" : `${person.heightCm} cm`,
  ].filter(Boolean);
  const asked = limits.map((limit) => words.name("limit", limit));
  return [
    words.name("mark", person.mark ?? "natural"),
    ...body,
    ...(asked.length > 0 ? [`asked for: ${asked.join(", ")}`] : []),
    has,
    ...room,
  ].join("; ");
}

/** What is done in one set: `8–10 reps`, `hold 20 s`, `40 s, about 12 reps`. */
function amountOf(set: PartSet | undefined, own: PartSlot): string {
  if (!set) return "";
  const each = own.eachSide ? " each side" : own.shares ? " a side" : "";
  if (set.reps) {
    const { min, plan, max } = set.reps;
    return `${min === max ? plan : `${spanText({ min, max })} (${plan})`} reps${each}`;
  }
  return `${set.seconds ?? ""} s${each}${set.limbReps ? `, about ${set.limbReps} reps` : ""}`;
}

function loadOf(own: PartSlot, person: Person, words: Words): string {
  const kgs = (own.sets ?? []).map(({ load }) => (load && "kg" in load ? load.kg : null));
  const varies = new Set(kgs).size > 1;
  return varies ? `${kgs.join("/")} kg` : usesText(own.uses, person, words);
}

function leftOf(own: PartSlot): string {
  const left = own.sets?.[0]?.left;
  if (left === null || left === undefined) return "";
  return left > MOST_TOLD ? `more than ${MOST_TOLD} left` : `about ${Math.max(0, Math.round(left))} left`;
}

function slotLine(own: PartSlot, doc: ClassDoc, person: Person, book: MoveBook, words: Words): string {
  const slot = findSlot(doc, own.slot)?.slot;
  if (!slot) return "";
  const set = `${resolveMove(slot.move, book).name}, ${dosesText(doseAt(slot, 0))}`;
  if (own.status === "unmet") return `- ${set} → **unmet**. ${words.say("why", own.why)}`;
  const stop = own.seconds === null || own.shares ? "" : `stops after ${own.seconds} s`;
  const how = [
    amountOf(own.sets?.[0], own),
    stop,
    own.tempo ? `at ${own.tempo}` : "",
    loadOf(own, person, words),
    leftOf(own),
    own.choices ? `or ${own.choices.map(({ name }) => name).join(", or ")}` : "",
  ].filter(Boolean);
  return `- ${set} → **${own.name}**, ${how.join("; ")}. *${statusText(own, words)}*: ${whyText({ ...own, loadReason: null }, words)}`;
}

/** Slots in which nothing differs, and nothing is used or counted, stand together. */
const isPlain = ({ status, mark, uses, choices, adjust }: PartSlot) =>
  status === "as-set" && mark === "natural" && uses.length === 0 && !choices && adjust.length === 0;

function classLines(
  { doc, part }: { readonly doc: ClassDoc; readonly part: Part },
  person: Person,
  book: MoveBook,
  words: Words,
): readonly string[] {
  const plain = part.slots.filter(isPlain).map(({ name }) => name);
  const short = part.changeovers.filter((line) => line.short > 0);
  const bring = bringTexts(part, person, words);
  return [
    "",
    `**${doc.title}.** ${bring.length > 0 ? `Ready: ${bring.join(", ")}.` : "Nothing to have ready."}`,
    "",
    ...part.slots.filter((own) => !isPlain(own)).map((own) => slotLine(own, doc, person, book, words)),
    ...(plain.length > 0 ? [`- As set: ${plain.join(", ")}.`] : []),
    ...(short.length > 0
      ? [`- Short of time: ${short.map((line) => `${line.from}–${line.to} ${line.short} s`).join(", ")}.`]
      : []),
  ];
}

/** One person with all of the classes. */
export function personStory(
  person: StoryPerson,
  classes: readonly { readonly doc: ClassDoc; readonly part: Part }[],
  book: MoveBook,
  words: Words,
): string {
  return [
    `## ${person.name}`,
    "",
    `${person.story ?? ""} *${homeText(person, words)}.*`.trim(),
    ...classes.flatMap((entry) => classLines(entry, person, book, words)),
  ].join("\n");
}
