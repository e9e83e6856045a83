/**
 * Lists of a class whose entries have a key: one entry is put, changed or taken away by itself, so that two
 * people who change different ones on the same base both keep theirs.
 */

import type { Move } from "../moves/move";
import { err, ok, type Result } from "../result";
import { isSame } from "../values/same";
import type { Acknowledged, ClassDoc, Overruled } from "./document";

interface Entries {
  readonly acknowledged: Acknowledged;
  readonly overruled: Overruled;
  readonly moves: Move;
}
export type KeyedList = keyof Entries;
export type Entry<L extends KeyedList = KeyedList> = Entries[L];

type Place = { readonly [K in "block" | "slot" | "round" | "person"]?: unknown };

/** Where a finding stands, as a text that is the same for the same place. */
export const whereKey = (where: Place) =>
  JSON.stringify([where.block ?? null, where.slot ?? null, where.round ?? null, where.person ?? null]);

/** What tells one entry from another. Cautions stand at no place: they are told apart by what they say. */
const KEY_OF: { readonly [L in KeyedList]: (entry: Entries[L]) => string } = {
  acknowledged: ({ code, where, of }) => `${code} ${code === "caution" ? of : whereKey(where ?? {})}`,
  overruled: ({ slot, person }) => `${slot} ${person}`,
  moves: ({ id }) => id,
};
export const KEYED_LISTS = Object.keys(KEY_OF) as readonly KeyedList[];

/** The key of an entry. */
export function keyOf<L extends KeyedList>(list: L, entry: Entry<L>): string {
  return (KEY_OF[list] as (entry: Entry<L>) => string)(entry);
}

/** One entry put in (`from` left out), changed, or taken away (`to` left out). */
export interface PutEdit {
  readonly op: "put";
  readonly list: KeyedList;
  readonly key: string;
  readonly from?: Entry;
  readonly to?: Entry;
  /** Key of the entry that it stands before; null: at the end. */
  readonly before: string | null;
  readonly onlyFrom?: boolean;
}

const entriesOf = (doc: ClassDoc, list: KeyedList): readonly Entry[] => doc[list] ?? [];

/** The entry with a key, or undefined. */
export function entryAt<L extends KeyedList>(doc: ClassDoc, list: L, key: string): Entry<L> | undefined {
  return (entriesOf(doc, list) as readonly Entry<L>[]).find((entry) => keyOf(list, entry) === key);
}

/** The edit that puts an entry in the place of the one with its key, or to the end. */
export function putEntry<L extends KeyedList>(doc: ClassDoc, list: L, entry: Entry<L>): PutEdit {
  const key = keyOf(list, entry);
  const from = entryAt(doc, list, key);
  return { op: "put", list, key, ...(from ? { from } : {}), to: entry, before: keyAfter(doc, list, key) };
}

/** The edit that takes the entry with a key away. */
export function dropEntry(doc: ClassDoc, list: KeyedList, key: string): PutEdit {
  const from = entryAt(doc, list, key);
  return { op: "put", list, key, ...(from ? { from } : {}), before: keyAfter(doc, list, key) };
}

function keyAfter(doc: ClassDoc, list: KeyedList, key: string): string | null {
  const keys = entriesOf(doc, list).map((entry) => keyOf(list, entry));
  const index = keys.indexOf(key);
  return index < 0 ? null : (keys[index + 1] ?? null);
}

/** The class after a `put`, or why it can't be done. */
export function applyPut(
  doc: ClassDoc,
  edit: PutEdit,
): Result<ClassDoc, { readonly code: "key" | "changed-since"; readonly key: string }> {
  const { list, key, to } = edit;
  const entries = entriesOf(doc, list);
  const is = (entry: Entry) => keyOf(list, entry) === key;
  const index = entries.findIndex(is);
  if (edit.onlyFrom && !isSame(entries[index], edit.from)) return err({ code: "changed-since", key: list });
  if (to !== undefined && keyOf(list, to) !== key) return err({ code: "key", key: list });
  if (isSame(entries[index], to)) return ok(doc);
  // A file may hold one key twice; what is changed here is both.
  const others = entries.filter((entry) => !is(entry));
  if (to === undefined) return ok(withEntries(doc, list, others));
  if (index >= 0)
    return ok(
      withEntries(
        doc,
        list,
        entries.with(index, to).filter((entry) => entry === to || !is(entry)),
      ),
    );
  const at = others.findIndex((entry) => keyOf(list, entry) === edit.before);
  const place = at < 0 ? others.length : at;
  return ok(withEntries(doc, list, [...others.slice(0, place), to, ...others.slice(place)]));
}

function withEntries(doc: ClassDoc, list: KeyedList, entries: readonly Entry[]): ClassDoc {
  if (entries.length > 0) return { ...doc, [list]: entries };
  const { [list]: _none, ...rest } = doc;
  return rest as ClassDoc;
}
