"use client";
import { Dialog } from "@/ui/dialog";

export const DESK_KEYS: readonly (readonly [keys: string, what: string])[] = [
  ["↑ ↓", "previous or next move (in a number: more or less; with Shift by more)"],
  ["Shift ↑ ↓", "choose several moves, over blocks too; then change them together (Escape: only one again)"],
  ["← →", "previous or next block"],
  ["Alt ↑ ↓", "put the move earlier or later, over the edge of its block too"],
  ["Alt Shift ↑ ↓", "put the block earlier or later"],
  ["on the score ← →", "piece by piece; with Alt longer or shorter by 5 s, with Alt Shift by 1 s"],
  ["Enter", "choose another move"],
  ["A", "add a move after this one"],
  ["B", "add a block after this one"],
  ["D", "do the move twice: a copy after it"],
  ["Shift D", "do the block twice: a copy after it"],
  ["S · J", "cut the block in two before this move · join it with the next"],
  [
    "Ctrl C · Ctrl X · Ctrl V",
    "copy the block as text, cut it, paste blocks behind it: from here, another class or a mail",
  ],
  ["Delete", "remove the move"],
  ["N", "to the first number of the sentence"],
  ["Ctrl Z · Ctrl Shift Z", "undo · redo"],
  ["M", "more of the move: sides, rounds, easier and harder ways, what to say"],
  ["R", "the room: everyone by every move, and back to the score"],
  ["F · Shift F", "to the next finding of the read-through · to the one before"],
  ["V", "show what would mend it, and the next that would"],
  ["Y · Esc", "take what is shown · leave it"],
  ["W", "leave the finding as it is, and say why"],
  ["P", "paste a plan behind this block"],
  ["C", "copy the class as text"],
  ["L", "fit to a length"],
  ["X", "the whole class as a table, to be read line by line"],
  ["H", "versions: what the class was, compared, named, put back"],
  ["T", "teach"],
  ["?", "this list"],
];

/** The list of keys. */
export function KeysDialog(props: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  return (
    <Dialog {...props} title="Keys">
      <dl className="grid grid-cols-[10rem_1fr] gap-y-1.5">
        {DESK_KEYS.map(([keys, what]) => (
          <div key={keys} className="contents">
            <dt className="font-bold">{keys}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 text-quiet">Single letters can be switched off for this device in the settings.</p>
    </Dialog>
  );
}
