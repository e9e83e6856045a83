/** What an edit did, in a few words: what undo and redo are about, and what a version is called. */
import { type MoveBook, resolveMove } from "../moves/book";
import { type Block, type ClassDoc, type Slot, slotsOf } from "./document";
import type { Edit, EditName, EditTarget } from "./edits";
import type { KeyedList } from "./keyed";

const KEY_WORDS: Readonly<Record<string, string>> = {
  title: "the title",
  stance: "the stance",
  promise: "what is promised",
  role: "the role",
  rounds: "the rounds",
  rest: "the rest",
  longRest: "the rest between rounds",
  prepare: "the time to get ready",
  demo: "the time to show",
  demoAt: "when it is shown",
  brief: "the talk",
  after: "the water",
  cap: "the time for as many rounds as possible",
  loop: "the way round",
  locked: "what is locked",
  atEnd: "what happens at the end of a piece",
  move: "the move",
  dose: "the dose",
  load: "the load",
  sides: "the sides",
  firstSide: "the first side",
  count: "how it is counted",
  marks: "the levels",
  cue: "the words during it",
  call: "the words before it",
  together: "what is kept together",
  pinned: "what keeps its place",
};

const NAME_WORDS: Readonly<Record<EditName, string>> = {
  "copy-block": "the copy of a block",
  "copy-slot": "the copy of a move",
  "replace-move": "another move",
  "split-block": "the cut of a block in two",
  "join-blocks": "two blocks joined",
  "order-slots": "another order",
  fit: "the fit to a length",
  work: "the seconds of work",
  reps: "the reps",
};

const LIST_WORDS: Readonly<Record<KeyedList, string>> = {
  acknowledged: "a finding left as it is",
  overruled: "your own choice for somebody",
  moves: "a move of your own",
};

function slotOf(doc: ClassDoc, id: string): Slot | undefined {
  return doc.blocks.flatMap(slotsOf).find((slot) => slot.id === id);
}

const blockName = (block: Block | undefined) => block?.title || "a block";

/** In words without a verb, to follow “Undo:”. `doc` is the class as it is now, whichever side of the edit. */
export function editText(edit: Edit, doc: ClassDoc, book: MoveBook): string {
  const moveName = (slot: Slot | undefined) => (slot ? resolveMove(slot.move, book).name : "a move");
  const place = (target: EditTarget) =>
    target.in === "class"
      ? ""
      : target.in === "block"
        ? ` of ${blockName(doc.blocks.find(({ id }) => id === target.id))}`
        : ` of ${moveName(slotOf(doc, target.id))}`;
  switch (edit.op) {
    case "set":
      return `${KEY_WORDS[edit.key] ?? edit.key}${place(edit.target)}`;
    case "put":
      return LIST_WORDS[edit.list];
    case "insert-block":
      return `${blockName(edit.block)} added`;
    case "remove-block":
      return `${blockName(edit.block)} removed`;
    case "move-block":
      return `${blockName(doc.blocks.find(({ id }) => id === edit.id))} moved`;
    case "insert-slot":
      return `${moveName(edit.slot)} added`;
    case "remove-slot":
      return `${moveName(edit.slot)} removed`;
    case "move-slot":
      return `${moveName(slotOf(doc, edit.id))} moved`;
    case "together": {
      if (edit.as) return NAME_WORDS[edit.as];
      // The last is what it was done for: what comes before makes it possible.
      const last = edit.edits.at(-1);
      return last ? editText(last, doc, book) : "nothing";
    }
  }
}
