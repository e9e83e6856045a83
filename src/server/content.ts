/** What a session is taught from: worked out from the class and the people until it starts, frozen from then on. */
import { and, eq, getTableColumns, sql } from "drizzle-orm";
import { type ClassDoc, slotsOf } from "../core/class/document";
import { expandedSeconds } from "../core/class/expand";
import { movesNamed } from "../core/class/named-moves";
import { MARKS, type Person } from "../core/homes/home";
import { withQuiet } from "../core/homes/quiet";
import { withTonight } from "../core/homes/tonight";
import type { SessionEvent } from "../core/live/events";
import type { SessionContent } from "../core/live/session";
import { type Substitute, withSubstitutes } from "../core/live/substitutes";
import type { WorkedOut } from "../core/live/work-out";
import { withSaid } from "../core/log/said-sets";
import { bookFor, type KnownMove, resolveMove } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Part } from "../core/parts/part";
import { dayOf } from "../core/units";
import type { Tx } from "./db/client";
import { classes, person, session, sessionPerson } from "./db/schema";
import { onThread } from "./jobs/pool";
import { Refused } from "./refused";
import { settingsIn } from "./studios";

export type WholeSessionRow = typeof session.$inferSelect;

const {
  doc: _doc,
  parts: _parts,
  partsByMark: _marks,
  moves: _moves,
  changeOver: _table,
  substitutes: _substitutes,
  ...light
} = getTableColumns(session);

/** The columns of a session without what it is taught from, which is large. */
export const LIGHT = light;
/** A session without what it is taught from. */
export type SessionRow = Omit<
  WholeSessionRow,
  "doc" | "parts" | "partsByMark" | "moves" | "changeOver" | "substitutes"
>;

/** Everyone who is asked to a session of a class, as they are tonight and in the hours that it may last, by name. */
export async function peopleOf(
  tx: Tx,
  sessionId: string,
  doc: ClassDoc,
  only?: string,
): Promise<readonly Person[]> {
  const rows = await tx
    .select({
      id: person.id,
      doc: person.doc,
      tonight: sessionPerson.tonight,
      startsAt: session.startsAt,
      timeZone: session.timeZone,
    })
    .from(sessionPerson)
    .innerJoin(person, eq(person.id, sessionPerson.personId))
    .innerJoin(session, eq(session.id, sessionPerson.sessionId))
    .where(eq(sessionPerson.sessionId, sessionId));
  // Whoever shares a room is worked out with who they share it with.
  const home = only === undefined ? undefined : rows.find(({ id }) => id === only)?.doc.household;
  const wanted = rows.filter(
    ({ id, doc: said }) =>
      only === undefined || id === only || (home !== undefined && said.household === home),
  );
  const lastsMs = expandedSeconds(doc, LIBRARY_BOOK, "max") * 1000;
  return wanted
    .map(({ doc: said, tonight, startsAt, timeZone }) => {
      const startsMs = startsAt.getTime();
      return withQuiet(withTonight(said, tonight), startsMs, startsMs + lastsMs, timeZone);
    })
    .sort((a, b) => a.name.localeCompare(b.name, "en") || (a.id < b.id ? -1 : 1));
}

/** Every move that the class or somebody's part names, once. */
export function movesUsed(doc: ClassDoc, parts: readonly Part[]): KnownMove[] {
  const book = bookFor(doc, LIBRARY_BOOK);
  const used = new Map<string, KnownMove>();
  const add = (move: KnownMove | undefined) => move && used.set(move.id ?? move.name, move);
  for (const block of doc.blocks) for (const slot of slotsOf(block)) add(resolveMove(slot.move, book));
  for (const id of movesNamed(doc)) add(book.get(id));
  for (const part of parts) for (const slot of part.slots) if (slot.move) add(book.get(slot.move));
  return [...used.values()];
}

function allMoves(doc: ClassDoc, shown: ClassDoc, { parts, partsByMark }: WorkedOut): KnownMove[] {
  const used = movesUsed(shown, [...parts, ...MARKS.flatMap((mark) => partsByMark[mark])]);
  const known = new Set(used.map((move) => move.id ?? move.name));
  return [...used, ...movesUsed(doc, []).filter((move) => !known.has(move.id ?? move.name))];
}

/** The class as it is done, with the moves that were changed on the spot. */
export function shownOf(doc: ClassDoc, substitutes: readonly Substitute[]): ClassDoc {
  return withSubstitutes(doc, substitutes, bookFor(doc, LIBRARY_BOOK));
}

/** Everyone's frozen part at each mark; of sessions from before these were kept the usual one stands for all. */
export function byMarkOf({ parts, partsByMark }: Pick<WholeSessionRow, "parts" | "partsByMark">) {
  const usual = parts ?? [];
  return partsByMark ?? { flat: usual, natural: usual, sharp: usual };
}

/** The class document of a session: the frozen one, or the one that it would be taught from now. */
export async function sessionDoc(
  tx: Tx,
  row: Pick<WholeSessionRow, "id" | "studioId" | "classId">,
): Promise<ClassDoc> {
  const [frozen] = await tx.select({ doc: session.doc }).from(session).where(eq(session.id, row.id));
  if (frozen?.doc) return frozen.doc;
  const [found] = row.classId
    ? await tx
        .select({ doc: classes.doc })
        .from(classes)
        .where(and(eq(classes.studioId, row.studioId), eq(classes.id, row.classId)))
    : [];
  if (!found) throw new Refused("not-found", "The class of this session is no longer there.");
  return found.doc;
}

/** The content of a session. `only`: before the start, of one person alone (by row id), which is quick. */
export async function contentOf(tx: Tx, row: WholeSessionRow, only?: string): Promise<SessionContent> {
  const { version, substitutes } = row;
  if (row.doc && row.parts && row.moves) {
    const { doc, parts, moves } = row;
    return { version, frozen: true, doc, substitutes, parts, partsByMark: byMarkOf(row), moves };
  }
  const doc = await sessionDoc(tx, row);
  const { changeOver } = await settingsIn(tx, row.studioId);
  const shown = shownOf(doc, substitutes);
  const worked = await onThread(
    "workOut",
    shown,
    await peopleOf(tx, row.id, shown, only),
    changeOver,
    dayOf(row.startsAt.getTime()),
  );
  return { version, frozen: false, doc, substitutes, ...worked, moves: allMoves(doc, shown, worked) };
}

/** How many frozen contents a process keeps at hand. */
const MOST_KEPT = 24;

const held = globalThis as typeof globalThis & { brontleFrozen?: Map<string, SessionContent> };

/**
 * The content of a session that has started, or null. Kept at hand by its version, since it doesn't change
 * without one: when a class starts every phone asks for the same.
 */
export async function frozenContent(tx: Tx, id: string): Promise<SessionContent | null> {
  const [light] = await tx
    .select({ version: session.version, frozen: sql<boolean>`${session.doc} is not null` })
    .from(session)
    .where(eq(session.id, id));
  if (!light?.frozen) return null;
  held.brontleFrozen ??= new Map();
  const key = `${id} ${light.version}`;
  const known = held.brontleFrozen.get(key);
  if (known) return known;
  const [row] = await tx.select().from(session).where(eq(session.id, id));
  if (!row) return null;
  const content = await contentOf(tx, row);
  held.brontleFrozen.set(`${id} ${content.version}`, content);
  const oldest = held.brontleFrozen.keys().next().value;
  if (held.brontleFrozen.size > MOST_KEPT && oldest !== undefined) held.brontleFrozen.delete(oldest);
  return content;
}

/** All of a session, whose row the caller holds. */
export async function whole(tx: Tx, id: string): Promise<WholeSessionRow> {
  const [row] = await tx.select().from(session).where(eq(session.id, id));
  if (!row) throw new Refused("not-found", "There is no such class here.");
  return row;
}

/** Freezes a session, under the lock of its row; gives its new version. */
export async function freeze(tx: Tx, { id }: Pick<WholeSessionRow, "id">): Promise<number> {
  const row = await whole(tx, id);
  if (row.doc) return row.version;
  const { doc, parts, partsByMark, moves } = await contentOf(tx, row);
  const version = row.version + 1;
  const { changeOver } = await settingsIn(tx, row.studioId);
  await tx
    .update(session)
    .set({ title: doc.title, doc, parts, partsByMark, moves, changeOver, version })
    .where(eq(session.id, id));
  return version;
}

const byName = (a: Part, b: Part) => a.name.localeCompare(b.name, "en") || (a.person < b.person ? -1 : 1);

function replaced(all: readonly Part[], fresh: readonly Part[]): Part[] {
  const names = new Set(fresh.map((part) => part.person));
  return [...all.filter((part) => !names.has(part.person)), ...fresh].sort(byName);
}

/** The substitutes with one more: of a slot and person only the last one holds, so that the list stays short. */
function withSubstitute(substitutes: readonly Substitute[], substitute: Substitute): Substitute[] {
  return [
    ...substitutes.filter(({ slot, person }) => slot !== substitute.slot || person !== substitute.person),
    substitute,
  ];
}

/**
 * Works parts out anew in a session that has started: of one person (by row id) or, where a move was
 * changed for the room, of all. Gives the new version. Before the start only the version counts up.
 */
export async function workAnew(
  tx: Tx,
  { id }: Pick<WholeSessionRow, "id">,
  change: { readonly person?: string; readonly substitute?: Substitute },
  events: readonly SessionEvent[],
): Promise<number> {
  const row = await whole(tx, id);
  const version = row.version + 1;
  const substitutes = change.substitute
    ? withSubstitute(row.substitutes, change.substitute)
    : row.substitutes;
  if (!row.doc || !row.parts || !row.moves) {
    await tx.update(session).set({ version, substitutes }).where(eq(session.id, row.id));
    return version;
  }
  const shown = shownOf(row.doc, substitutes);
  const table = row.changeOver ?? (await settingsIn(tx, row.studioId)).changeOver;
  const people = await peopleOf(tx, row.id, shown, change.person);
  const day = dayOf(row.startsAt.getTime());
  const said = people.map((person) => withSaid(person, row, events, day));
  const worked = await onThread("workOut", shown, said, table, day);
  const before = byMarkOf(row);
  const all: WorkedOut = {
    parts: replaced(row.parts, worked.parts),
    partsByMark: {
      flat: replaced(before.flat, worked.partsByMark.flat),
      natural: replaced(before.natural, worked.partsByMark.natural),
      sharp: replaced(before.sharp, worked.partsByMark.sharp),
    },
  };
  const moves = allMoves(row.doc, shown, all);
  await tx
    .update(session)
    .set({ version, substitutes, ...all, moves })
    .where(eq(session.id, row.id));
  return version;
}
