/** What is said set by set made as long as the block has sets; what is lighter by so much worked out. */
import { appearancesOf, type Slot } from "../class/document";
import { type Span, spanTriple } from "../values/span";
import { lessKg } from "./lists";
import type { Note } from "./note";
import type { ReadItem } from "./read-item";

type Bare = Omit<Slot, "id">;

const fitted = <T>(list: readonly T[], length: number): readonly T[] | T =>
  length === 1 ? (list[0] as T) : Array.from({ length }, (_, i) => list[Math.min(i, list.length - 1)] as T);

/** The load of so many sets, or the words for it where no weight is said. */
function lighter({ load, ...slot }: Bare, less: NonNullable<ReadItem["less"]>, sets: number): Bare {
  const kg = load && !Array.isArray(load) && "kg" in load ? load.kg : undefined;
  if (kg !== undefined) return { ...slot, load: fitted(lessKg(kg, less, sets), sets) as Slot["load"] };
  const words = `${less.percent} % lighter than ${less.each ? "the set before" : "the first"}`;
  const call = fitted(["", words], sets) as Slot["call"];
  return { ...slot, ...(load === undefined ? {} : { load }), call };
}

/**
 * A slot as it can stand in a block of so many rounds; null where it is done as many times as go.
 * A list that is longer or shorter is cut, or its last entry repeated, and that is told.
 */
export function fitLists(
  item: ReadItem,
  rounds: Span | null,
): { readonly slot: Bare; readonly notes: readonly Note[] } {
  const sets = rounds === null ? 1 : spanTriple(rounds).max;
  const notes: Note[] = [];
  let slot: Bare = item.slot;
  if (item.less) {
    if (sets > 1) slot = lighter(slot, item.less, sets);
    else if (item.place)
      notes.push({ code: "not-read", place: item.place, text: `${item.less.percent} % less` });
  }
  for (const key of ["dose", "load"] as const) {
    const list = slot[key];
    const length = appearancesOf({ ...slot, id: "" }, sets);
    if (!Array.isArray(list) || list.length === length || length === 0) continue;
    slot = { ...slot, [key]: fitted(list, length) };
    if (item.place)
      notes.push({ code: "list-length", place: item.place, text: `${list.length}`, sets: length });
  }
  return { slot, notes };
}
