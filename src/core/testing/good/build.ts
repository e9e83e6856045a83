/** Pieces of good classes: hello, warm-up, cool-down, with ids of their own. */
import type { Block, ClassDoc, Dose, Slot } from "../../class/document";
import type { FindingCode } from "../../review/finding";

/** A class that an experienced coach would teach as it stands, and what may be said of it. */
export interface GoodClass {
  readonly doc: ClassDoc;
  /** Codes of lines that are true and left to decide; beside these nothing is. */
  readonly may: readonly FindingCode[];
}

type Line = readonly [move: Slot["move"], dose: Dose | readonly Dose[], more?: Partial<Slot>];

const slots = (block: string, lines: readonly Line[]): readonly Slot[] =>
  lines.map(([move, dose, more], i) => ({ id: `${block}${i + 1}`, move, dose, ...more }));

/** A block of the main work, or of another role: a line a move. */
export function work(id: string, title: string, lines: readonly Line[], more: Partial<Block> = {}): Block {
  return { id, title, role: "main", slots: slots(id, lines), ...more };
}

/** A minute and a half of hello and of what to watch for. */
export const HELLO: Block = { id: "hello", title: "Hello, and what to watch for", role: "talk", brief: 90 };

/** Joint by joint, then the patterns of the class, each a little larger. */
export function warmUp(lines: readonly Line[], more: Partial<Block> = {}): Block {
  return work("w", "Warm-up", lines, { role: "warmup", rest: 5, after: 30, ...more });
}

export function coolDown(lines: readonly Line[], more: Partial<Block> = {}): Block {
  return work("z", "Cool-down", lines, { role: "cooldown", rest: 5, ...more });
}

export const STANDING_WARM_UP: readonly Line[] = [
  ["march-on-the-spot", { seconds: 60 }],
  ["arm-sweep", { seconds: 50 }],
  ["hinge-reach", { seconds: 50 }],
  ["squat-reach", { seconds: 50 }],
  ["step-back-open", { seconds: 50 }],
  ["shoulder-roll", { seconds: 40 }],
];

export const STANDING_COOL_DOWN: readonly Line[] = [
  ["slow-breathing", { hold: 60 }],
  ["calf-stretch", { hold: 30 }, { sideChange: 5 }],
  ["standing-hamstring-stretch", { hold: 30 }, { sideChange: 5 }],
  ["open-arms-stretch", { hold: 50 }],
];

export function good(
  title: string,
  stance: ClassDoc["stance"],
  blocks: readonly Block[],
  may: readonly FindingCode[],
  more: Partial<ClassDoc> = {},
): GoodClass {
  return { doc: { format: "brontle.class", version: 1, title, stance, blocks, ...more }, may };
}
