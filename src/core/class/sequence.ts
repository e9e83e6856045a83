/** A slot's move with all that is known of it: of a sequence what its moves have, taken together. */
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import { IMPACTS, type Move, type Need, NOISES } from "../moves/move";
import { dosesOf, type Slot } from "./document";
import type { SequenceEntry } from "./dose";

/** Lists of needs of several moves together are looked at up to so many. */
const MOST_LISTS = 6;

const known = new WeakMap<Slot, { readonly book: MoveBook; readonly move: KnownMove }>();

/** The move that a slot names; of a sequence one with the limits, needs and muscles of all its moves. */
export function slotMove(slot: Slot, book: MoveBook): KnownMove {
  const entries = dosesOf(slot).find(({ sequence }) => sequence !== undefined)?.sequence;
  if (!entries) return resolveMove(slot.move, book);
  const there = known.get(slot);
  if (there?.book === book) return there.move;
  const move = together(resolveMove(slot.move, book), entries, book);
  known.set(slot, { book, move });
  return move;
}

const unique = <T>(lists: readonly (readonly T[])[]): readonly T[] => [...new Set(lists.flat())];

function worst<T extends string>(order: readonly T[], values: readonly (T | undefined)[]): T | undefined {
  const ranks = values.map((value) => (value === undefined ? -1 : order.indexOf(value)));
  return order[Math.max(...ranks)];
}

/** Every way to have what all of them need at hand, one move after another: the same thing may serve twice. */
function needsOf(moves: readonly KnownMove[]): readonly (readonly Need[])[] {
  let lists: readonly (readonly Need[])[] = [[]];
  for (const { needs = [[]] } of moves) {
    const more = lists.flatMap((list) =>
      (needs.length === 0 ? [[]] : needs).map((own) => [
        ...list,
        ...own.filter((need) => !list.some((other) => JSON.stringify(other) === JSON.stringify(need))),
      ]),
    );
    lists = more.slice(0, MOST_LISTS);
  }
  return lists;
}

function together(whole: KnownMove, entries: readonly SequenceEntry[], book: MoveBook): KnownMove {
  const parts = entries.map(({ move }) => resolveMove(move, book));
  const [first] = parts;
  const energies = parts.flatMap(({ energy }) => (energy ? [energy.met] : []));
  const skills = parts.map(({ skill }) => skill ?? 1);
  const facts: Partial<Move> = {
    pattern: first?.pattern,
    position: first?.position,
    muscles: {
      primary: unique(parts.map(({ muscles }) => muscles?.primary ?? [])),
      secondary: unique(parts.map(({ muscles }) => muscles?.secondary ?? [])),
    },
    impact: worst(
      IMPACTS,
      parts.map(({ impact }) => impact),
    ),
    noise: worst(
      NOISES,
      parts.map(({ noise }) => noise),
    ),
    loads: unique(parts.map(({ loads }) => loads ?? [])),
    needs: needsOf(parts),
    cues: parts.flatMap(({ cues }) => cues?.slice(0, 1) ?? []),
    cautions: unique(parts.map(({ cautions }) => cautions ?? [])),
    isometric: parts.every(({ isometric }) => isometric === true),
    stable: parts.every(({ stable }) => stable === true),
    skill: Math.max(...skills) as Move["skill"],
    setupSeconds: Math.max(...parts.map(({ setupSeconds }) => setupSeconds ?? 0)),
    ...(energies.length > 0
      ? { energy: { met: energies.reduce((a, b) => a + b, 0) / energies.length, category: null } }
      : {}),
  };
  const { name, repSeconds } = whole;
  // An id is but the name of the whole; what a name states beside itself holds for all of it.
  if (whole.id !== null) return { ...facts, id: null, name, repSeconds, links: [], parts };
  const { links: _links, strength: _one, phases: _rep, ...stated } = whole;
  return { ...facts, ...stated, links: [], parts };
}
