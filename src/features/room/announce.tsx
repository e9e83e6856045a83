"use client";
/** What to announce to the room, and the one thing to own next. */
import { type ClassDoc, findSlot } from "@/core/class/document";
import type { NextThings } from "@/core/engine/engine";
import { type MoveBook, resolveMove } from "@/core/moves/book";
import { kitToAnnounce, type NextThing } from "@/core/parts/announce";
import { useWords } from "@/features/language/use-words";
import { kitName } from "@/words/kit-words";
import { lowerFirst } from "@/words/letters";
import type { Room } from "./use-parts";

/** For whom a thing would change something, and what. */
function NextForRoom({
  next,
  doc,
  book,
}: {
  readonly next: NextThing;
  readonly doc: ClassDoc;
  readonly book: MoveBook;
}) {
  const words = useWords();
  const moves = next.where.flatMap((id) => {
    const slot = findSlot(doc, id)?.slot;
    return slot ? [lowerFirst(resolveMove(slot.move, book).name)] : [];
  });
  const [first, ...others] = next.who;
  const who = others.length > 3 ? [first, ...others.slice(0, 2), `${others.length - 2} others`] : next.who;
  return (
    <p>
      <b>{words.name("thing", next.thing)}</b> would turn {next.slots} swapped or unmet moves into as set: of{" "}
      {words.and(who.filter((name) => name !== undefined))}, in {words.and([...new Set(moves)])}.
    </p>
  );
}

export function Announce({
  room,
  next,
  doc,
  book,
}: {
  readonly room: Room;
  readonly next: NextThings | null;
  readonly doc: ClassDoc;
  readonly book: MoveBook;
}) {
  const words = useWords();
  const kit = kitToAnnounce(room.parts, room.people);
  return (
    <>
      <h2 className="text-base font-bold">To announce</h2>
      <p className="mt-1 text-quiet">In order of first use; in brackets how many people use it.</p>
      <ol className="mt-2">
        {kit.map(({ type, people }) => (
          <li key={type} className="flex justify-between border-t border-hairline py-1">
            <span>{kitName(type, 2, words)}</span>
            <span className="tabular-nums text-quiet">{people}</span>
          </li>
        ))}
      </ol>
      {next && (
        <div className="mt-3 border-t-2 border-ink pt-2">
          <h3 className="font-bold">The one thing to own next</h3>
          {next.room ? (
            <NextForRoom next={next.room} doc={doc} book={book} />
          ) : (
            <p>Nothing that costs little would turn a swapped or unmet move into as set.</p>
          )}
        </div>
      )}
      <p className="mt-3 text-sm text-quiet">
        Choose a name for a whole part, a cell for one move of one person, a move for its spread. A dot is as
        set. A rust foot: the gap before it is too short for what they have to change.
      </p>
    </>
  );
}
