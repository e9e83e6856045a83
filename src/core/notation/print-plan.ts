/** A class as a text that people read, and that reads back as it is: words first, and braces for what has none. */

import { type Block, type ClassDoc, type Load, type Slot, slotsOf } from "../class/document";
import { dosesText } from "../class/dose-text";
import { movesNamed } from "../class/named-moves";
import { bookFor, type MoveBook, resolveMove } from "../moves/book";
import { spanText } from "../values/span";
import { patchFor } from "./patch";
import { readPlan } from "./read-plan";

const seconds = (value: number | undefined, words: string) => (value ? [`${value} s ${words}`] : []);

/** How a block goes round, in words that are read again. */
function structureText(block: Block): string {
  const { rounds, rest, longRest, cap, brief, demo, prepare, after, loop, pace } = block;
  return [
    ...(cap === undefined ? [] : [`AMRAP ${cap} s`]),
    ...(rounds === undefined || cap !== undefined
      ? []
      : [`${spanText(rounds)} ${rounds === 1 ? "round" : "rounds"}`]),
    ...(loop === "station" ? ["straight sets"] : []),
    ...(pace === "own" && cap === undefined ? ["own pace"] : []),
    ...(typeof rest === "number" ? [`${rest} s rest`] : []),
    ...(typeof longRest === "number" ? [`${longRest} s between rounds`] : []),
    ...seconds(brief, "talk"),
    ...(demo ? [`show ${demo} s`] : []),
    ...seconds(prepare, "ready"),
    ...seconds(after, "water"),
  ].join(", ");
}

function loadText(load: Load): string {
  if (load.kg !== undefined) return ` ${load.kg} kg`;
  if (load.rir !== undefined) return ` ${load.rir} RIR`;
  if (load.rpe !== undefined) return ` RPE ${load.rpe}`;
  return load.target && load.target !== "none" ? ` ${load.target}` : "";
}

/** A load, or weights set by set; nothing where words can't say them. */
function loadsText(load: NonNullable<Slot["load"]>): string {
  if (!Array.isArray(load)) return loadText(load as Load);
  const weights = (load as readonly Load[]).flatMap(({ kg }) => kg ?? []);
  return weights.length === load.length ? ` ${weights.join("/")} kg` : "";
}

const isPlain = (text: string) => /^[\p{L}][\p{L}\p{N} ,.'’-]*$/u.test(text);

function slotText(slot: Slot, book: MoveBook): string {
  const { name } = resolveMove(slot.move, book);
  const load = slot.load === undefined ? "" : loadsText(slot.load);
  const rest = typeof slot.rest === "number" ? ` rest ${slot.rest} s` : "";
  const total = slot.count === "total" ? " total" : "";
  const way = (word: string, mark: "flat" | "sharp") => {
    const own = slot.marks?.[mark];
    const text = own?.move === undefined ? own?.note : resolveMove(own.move, book).name;
    return text && isPlain(text) ? `; ${word}: ${text}` : "";
  };
  return `- ${name} ${dosesText(slot.dose)}${total}${load}${rest}${way("easier", "flat")}${way("harder", "sharp")}`;
}

/** What stands around a block that is read by itself: a title, and a block that is worked, since a class has one. */
const BEFORE = ["# x"];
const BEHIND = ["", "## y", "- Squat 10 s"];

const withBraces = (line: string, patch: object | null) =>
  patch ? `${line} ${JSON.stringify(patch)}` : line;
/** A line break inside a text would end the line: such a text stands in braces. */
const oneLine = (text: string) => text.replace(/[\r\n\u2028\u2029]+/g, " ");

/** A slot without its id, whom it stays beside told by place. */
function bare({ id: _id, together, ...slot }: Slot, slots: readonly Slot[]): object {
  const place = together === undefined ? -1 : slots.findIndex((other) => other.id === together);
  return place < 0
    ? { ...slot, ...(together === undefined ? {} : { together }) }
    : { ...slot, together: place + 1 };
}

/** Lines of a block with nothing in braces, and what has to be there so that they read back as meant. */
function blockLines(block: Block, doc: ClassDoc, library: MoveBook): readonly string[] {
  const book = bookFor(doc, library);
  const slots = slotsOf(block);
  const structure = structureText(block);
  const title = oneLine(block.title).trim() || "Block";
  const head = `## ${title}${structure === "" ? "" : `: ${structure}`}`;
  const plain = slots.map((slot) => oneLine(slotText(slot, book)));
  const read = (lines: readonly string[]) =>
    (readPlan([...BEFORE, head, ...lines, ...BEHIND].join("\n"), library).doc?.blocks ?? []).slice(0, -1);
  const asWords = read(plain);
  const made = asWords.length === 1 ? asWords[0] : undefined;
  const braced = slots.map((slot) => withBraces("-", bare(slot, slots)));
  const worded = slots.map((slot, i) => {
    const line = plain[i] as string;
    const own = made && slotsOf(made).length === slots.length ? slotsOf(made)[i] : undefined;
    // A line that isn't read as one move stands in braces wholly.
    if (!own) return braced[i] as string;
    return withBraces(line, patchFor(bare(own, slotsOf(made as Block)), bare(slot, slots)));
  });
  // One line that is two moves beside one that is none come to the right number, and to something else.
  const isSame = (back: Block | undefined) =>
    back !== undefined &&
    slotsOf(back).length === slots.length &&
    slotsOf(back).every(
      (own, i) => patchFor(bare(own, slotsOf(back)), bare(slots[i] as Slot, slots)) === null,
    );
  const items = isSame(read(worded)[0]) ? worded : braced;
  const [again] = read(items);
  const { slots: _slots, ...meant } = block;
  const { slots: _own, ...got } = again ?? { id: "", title: "" };
  // A break without slots and one with none at all are two things.
  const empty = block.slots !== undefined && block.slots.length === 0 ? { slots: [] } : {};
  // A heading over nothing is a block only by its braces.
  const patch = patchFor(slots.length === 0 ? {} : { ...got }, { ...meant });
  return [withBraces(head, Object.keys(empty).length > 0 ? { ...patch, noSlots: true } : patch), ...items];
}

/** A class as text. `readPlan` reads it back as it is, but for ids and what hangs on them. */
export function printPlan(doc: ClassDoc, library: MoveBook): string {
  const { blocks, acknowledged: _known, overruled: _choices, ...rest } = doc;
  const title = oneLine(doc.title).trim() || "A plan";
  const head = `# ${title}`;
  const got = { title: readTitle(head), stance: "strength" };
  const lines = blocks.flatMap((block) => ["", ...blockLines(block, doc, library)]);
  return `${[withBraces(head, patchFor(got, rest)), ...lines].join("\n")}\n`;
}

/** Some blocks of a class as text, to be put into another one; the class's own moves that they name stand above them. */
export function printBlocks(doc: ClassDoc, blocks: readonly Block[], library: MoveBook): string {
  const named = movesNamed({ ...doc, blocks });
  const moves = doc.moves?.filter(({ id }) => named.has(id)) ?? [];
  const head = moves.length > 0 ? [`# ${oneLine(doc.title)} ${JSON.stringify({ moves })}`, ""] : [];
  const lines = blocks.flatMap((block, i) => [...(i > 0 ? [""] : []), ...blockLines(block, doc, library)]);
  return `${[...head, ...lines].join("\n")}\n`;
}

/** The title that a first line reads as. */
function readTitle(head: string): string {
  return (/^\s*#+\s*(.+?)\s*#*\s*$/.exec(head)?.[1] ?? "").trim().slice(0, 120);
}
