/** Blocks that a class which is too short could have: a plain warm-up or cool-down, or a circuit that this room can do. */
import { type Block, type ClassDoc, type Slot, slotsOf } from "../class/document";
import { expandedSeconds } from "../class/expand";
import { freeId } from "../class/new-class";
import { isMain } from "../effort/hard";
import type { Person } from "../homes/home";
import { excludes } from "../homes/limits";
import { noRoom } from "../homes/space";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Pattern } from "../moves/move";
import type { Seconds } from "../units";

/** A block and the id of the one that it stands before; null at the end. */
export interface ProposedBlock {
  readonly block: Block;
  readonly before: string | null;
}

const idsOf = (doc: ClassDoc) => ({
  block: freeId(
    "b",
    doc.blocks.map(({ id }) => id),
  ),
  slots: (count: number) => {
    const taken = doc.blocks.flatMap(slotsOf).map(({ id }) => id);
    const made: string[] = [];
    for (let i = 0; i < count; i += 1) made.push(freeId("s", [...taken, ...made]));
    return made;
  },
});

const ENDS = {
  warmup: ["march-on-the-spot", "arm-sweep", "hinge-reach", "squat-reach"],
  cooldown: ["calf-stretch", "standing-hamstring-stretch", "open-arms-stretch", "slow-breathing"],
} as const;

/** A plain new block at an end of the class, `length` seconds long. */
export function plainEnd(doc: ClassDoc, role: "warmup" | "cooldown", length: Seconds): ProposedBlock {
  const moves = ENDS[role];
  const seconds = Math.ceil(length / moves.length / 5) * 5;
  const ids = idsOf(doc);
  const slots = ids.slots(moves.length).map((id, i): Slot => {
    const dose = role === "warmup" ? { seconds } : { hold: seconds };
    return { id, move: moves[i] as string, dose, sides: "both" };
  });
  const title = role === "warmup" ? "Warm-up" : "Cool-down";
  const block: Block = { id: ids.block, role, title, slots };
  return { block, before: role === "warmup" ? (doc.blocks[0]?.id ?? null) : null };
}

/** What a whole body does: of each the patterns that count as it. */
const JOBS: readonly (readonly Pattern[])[] = [
  ["squat", "lunge"],
  ["push-horizontal", "push-vertical"],
  ["hinge"],
  ["pull-horizontal", "pull-vertical"],
  ["brace", "flex", "rotate"],
];
/** Practice up to which a move is put into a class unasked. */
const MOST_SKILL = 2;
const WORK = { form: 30, strength: 35, density: 40 } as const;
const REST = { form: 30, strength: 20, density: 15 } as const;
const ROUNDS_REST = { form: 60, strength: 60, density: 45 } as const;
const MOST_ROUNDS_PROPOSED = 5;

/** How many of the people a move is nothing for, by their limits or their room. */
function barred(move: KnownMove, people: readonly Person[]): number {
  return people.filter(
    (person) => (person.limits ?? []).some((limit) => excludes(limit, move)) || noRoom(move, person) !== null,
  ).length;
}

/** The move of a job that needs nothing and suits most of the room, not in the class yet; null where there is none. */
function moveFor(
  job: readonly Pattern[],
  book: MoveBook,
  people: readonly Person[],
  taken: ReadonlySet<string>,
): KnownMove | null {
  const open = book.moves.filter(
    (move) =>
      move.id !== null &&
      !taken.has(move.id) &&
      move.pattern !== undefined &&
      job.includes(move.pattern) &&
      (move.needs ?? []).some((list) => list.length === 0) &&
      (move.skill ?? 1) <= MOST_SKILL &&
      (move.landings?.perRep ?? 0) === 0 &&
      move.position === "standing" &&
      move.sides !== "inTurn" &&
      !move.isometric,
  );
  // Who can't gets another way: a fifth of the room less outweighs two MET more.
  const share = (move: KnownMove) => barred(move, people) / Math.max(1, people.length);
  const rank = (move: KnownMove) => share(move) * 10 - (move.energy?.met ?? 0);
  const [best] = [...open].sort((a, b) => rank(a) - rank(b) || ((a.id ?? "") < (b.id ?? "") ? -1 : 1));
  return best ?? null;
}

/** Jobs of the body by how often the main work does them, the least first. */
function jobsByNeed(doc: ClassDoc, book: MoveBook): readonly (readonly Pattern[])[] {
  const patterns = doc.blocks
    .filter(isMain)
    .flatMap(slotsOf)
    .map((slot) => resolveMove(slot.move, book).pattern);
  const done = (job: readonly Pattern[]) =>
    patterns.filter((pattern) => pattern !== undefined && job.includes(pattern)).length;
  return [...JOBS].sort((a, b) => done(a) - done(b));
}

/**
 * A circuit of three moves about so many seconds long, of what the class does least, that needs nothing; null
 * where no such moves are there or the time is too short for it. It stands before the finisher or the cool-down.
 */
export function proposedBlock(
  doc: ClassDoc,
  library: MoveBook,
  people: readonly Person[],
  seconds: Seconds,
): ProposedBlock | null {
  const taken = new Set(
    doc.blocks.flatMap(slotsOf).flatMap(({ move }) => (typeof move === "string" ? [move] : [])),
  );
  const moves = jobsByNeed(doc, library)
    .flatMap((job) => moveFor(job, library, people, taken) ?? [])
    .slice(0, 3);
  if (moves.length < 3) return null;
  const ids = idsOf(doc);
  const { stance } = doc;
  const [a, b, c] = ids.slots(3);
  const slots = [a, b, c].map((id, i): Slot => {
    const move = moves[i] as KnownMove;
    const demo = Math.ceil((move.demoSeconds ?? 10) / 5) * 5;
    return { id: id as string, move: move.id as string, dose: { seconds: WORK[stance] }, demo };
  });
  const made = (rounds: number): Block => ({
    id: ids.block,
    title: "Another circuit",
    role: "main",
    prepare: 10,
    rounds,
    rest: REST[stance],
    longRest: ROUNDS_REST[stance],
    after: 30,
    slots,
  });
  const lengthOf = (rounds: number) => expandedSeconds({ ...doc, blocks: [made(rounds)] }, library, "plan");
  const fitting = Array.from({ length: MOST_ROUNDS_PROPOSED }, (_, i) => i + 1).filter(
    (rounds) => lengthOf(rounds) <= seconds + 30,
  );
  const most = fitting.at(-1);
  if (most === undefined || most < 2) return null;
  const next = doc.blocks.find(({ role }) => role === "finisher" || role === "cooldown");
  return { block: made(most), before: next?.id ?? null };
}
