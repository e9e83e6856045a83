/** New classes, blocks and slots, valid from the start. Ids are handed in: the core makes nothing up. */
import type { KnownMove } from "../moves/book";
import type { Block, ClassDoc, Dose, MoveRef, Slot, Stance } from "./document";

/** Work, rest and rest between rounds with which a stance's new block starts. */
const STARTS: Record<Stance, { work: number; rest: number; longRest: number; rounds: number }> = {
  form: { work: 30, rest: 30, longRest: 60, rounds: 2 },
  strength: { work: 40, rest: 30, longRest: 90, rounds: 3 },
  density: { work: 40, rest: 15, longRest: 45, rounds: 3 },
};

/** A studio's own rests of a new block, seconds, instead of the stance's. */
export interface OwnRests {
  readonly rest?: number;
  readonly longRest?: number;
}

/** The dose that a slot starts with: a hold for what is held, else the block's usual work. */
export function startDose(move: KnownMove, workSeconds: number): Dose {
  return move.isometric ? { hold: workSeconds } : { seconds: workSeconds };
}

/** A slot with this move. `move` by id where it has one. */
export function newSlot(id: string, move: KnownMove, workSeconds: number): Slot {
  return { id, move: refOf(move), dose: startDose(move, workSeconds) };
}

/** How a slot names a move: by its id; one by name as what it is like, or with its rep time. */
export function refOf({ id, name, like, repSeconds }: KnownMove): MoveRef {
  return id ?? (like === undefined ? { name, repSeconds } : { name, like });
}

/** A block for the main work with its first slot. */
export function newBlock(
  id: string,
  title: string,
  stance: Stance,
  first: (workSeconds: number) => Slot,
  rests: OwnRests = {},
): Block {
  const { work, rest, longRest, rounds } = { ...STARTS[stance], ...rests };
  return { id, role: "main", title, rounds, rest, longRest, prepare: 10, after: 30, slots: [first(work)] };
}

/** A class to start from: a short warm-up, one main block, a short cool-down. `rests`: instead of the stance's own. */
export function newClass(title: string, stance: Stance, rests: OwnRests = {}): ClassDoc {
  const { work, rest, longRest, rounds } = { ...STARTS[stance], ...rests };
  return {
    format: "brontle.class",
    version: 1,
    title,
    stance,
    promise: { minutes: 30 },
    blocks: [
      {
        id: "b1",
        role: "warmup",
        title: "Warm-up",
        brief: 30,
        rounds: 2,
        rest: 0,
        after: 15,
        slots: [
          { id: "s1", move: "march-on-the-spot", dose: { seconds: 60 } },
          { id: "s2", move: "hinge-reach", dose: { seconds: 45 } },
          { id: "s3", move: "arm-sweep", dose: { seconds: 45 } },
        ],
      },
      {
        id: "b2",
        role: "main",
        title: "Main",
        rounds,
        rest,
        longRest,
        demo: 10,
        prepare: 10,
        after: 30,
        slots: [{ id: "s4", move: "bodyweight-squat", dose: { seconds: work } }],
      },
      {
        id: "b3",
        role: "cooldown",
        title: "Cool-down",
        rounds: 1,
        rest: 5,
        slots: [
          { id: "s5", move: "calf-stretch", dose: { hold: 40 } },
          { id: "s6", move: "open-arms-stretch", dose: { hold: 40 } },
          { id: "s7", move: "slow-breathing", dose: { seconds: 80 } },
        ],
      },
    ],
  };
}

/** The first of `prefix1`, `prefix2` … that none of `taken` is. */
export function freeId(prefix: string, taken: Iterable<string>): string {
  const used = new Set(taken);
  for (let n = 1; ; n += 1) if (!used.has(`${prefix}${n}`)) return `${prefix}${n}`;
}
