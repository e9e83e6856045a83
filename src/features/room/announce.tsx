"use client";
import { type ClassDoc, findSlot } from "@/core/class/document";
import type { NextThings } from "@/core/engine/engine";
import { type MoveBook, resolveMove } from "@/core/moves/book";
import { kitToAnnounce, type NextThing } from "@/core/parts/announce";
/** What to announce to the room, and the one thing to own next. */
import { useTexts } from "@/features/language/use-texts";
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
  const t = useTexts("room");
  const words = useWords();
  const moves = next.where.flatMap((id) => {
    const slot = findSlot(doc, id)?.slot;
    return slot ? [lowerFirst(resolveMove(slot.move, book).name)] : [];
  });
  const [first, ...others] = next.who;
  const who =
    others.length > 3 ? [first, ...others.slice(0, 2), t("others", { n: others.length - 2 })] : next.who;
  return (
    <p>
      <b>{words.name("thing", next.thing)}</b>{" "}
      {t("wouldTurnOf", {
        slots: next.slots,
        who: words.and(who.filter((name) => name !== undefined)),
        moves: words.and([...new Set(moves)]),
      })}
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
  const t = useTexts("room");
  const words = useWords();
  const kit = kitToAnnounce(room.parts, room.people);
  return (
    <>
      <h2 className="text-base font-bold">{t("announce")}</h2>
      <p className="mt-1 text-quiet">{t("orderFirstUseBrackets")}</p>
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
          <h3 className="font-bold">{t("oneThingOwnNext")}</h3>
          {next.room ? (
            <NextForRoom next={next.room} doc={doc} book={book} />
          ) : (
            <p>{t("nothingCostsLittleWould")}</p>
          )}
        </div>
      )}
      <p className="mt-3 text-sm text-quiet">{t("chooseNameWholePart")}</p>
    </>
  );
}
