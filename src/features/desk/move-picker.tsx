"use client";
import { Command } from "cmdk";
import { useMemo, useState } from "react";
import { fillMove } from "@/core/homes/fillings";
import type { Person } from "@/core/homes/home";
import { bookWith, type KnownMove, type MoveBook, resolveMove } from "@/core/moves/book";
import { findMoves } from "@/core/moves/find";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { type Move, PATTERNS } from "@/core/moves/move";
import { obstacle } from "@/core/parts/ways";
import { useWords } from "@/features/language/use-words";
import { Dialog } from "@/ui/dialog";
import { lowerFirst } from "@/words/letters";
import { needsText } from "@/words/need-words";

/** How many of these people can do a move as it stands. */
function countAsSet(move: KnownMove, people: readonly Person[]): number {
  return people.filter((person) => obstacle(move, person) === null && fillMove(move.needs, person) !== null)
    .length;
}

/** Choosing a move: by name, pattern or kit; each shows what it needs and how many can do it as set. */
export function MovePicker(props: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly people: readonly Person[];
  /** The studio's own moves, offered beside the library's. */
  readonly own: readonly Move[];
  /** The move that is being replaced: it stays chosen until another one is. */
  readonly current?: string | null;
  /** Only moves that are known, not words as they are typed. */
  readonly known?: boolean;
  readonly onChoose: (move: KnownMove) => void;
}) {
  return (
    <Dialog open={props.open} onOpenChange={props.onOpenChange} title="Choose a move" wide>
      <Choices {...props} />
    </Dialog>
  );
}

/** Of what is typed as many moves as can be looked through. */
const MOST_FOUND = 60;

type Offered = { readonly move: KnownMove; readonly can: number };

/** The moves in the order in which they are offered: by pattern, or, once something is typed, the best first. */
function offeredFor(typed: string, book: MoveBook, can: ReadonlyMap<KnownMove, number>): readonly Offered[] {
  const countOf = (move: KnownMove) => can.get(move) ?? 0;
  if (typed.trim() === "") return book.moves.map((move) => ({ move, can: countOf(move) }));
  return findMoves(typed, book, countOf)
    .slice(0, MOST_FOUND)
    .map(({ move }) => ({ move, can: countOf(move) }));
}

function Choices({
  people,
  own,
  current,
  known = false,
  onChoose,
}: {
  readonly people: readonly Person[];
  readonly own: readonly Move[];
  readonly current?: string | null;
  readonly known?: boolean;
  readonly onChoose: (move: KnownMove) => void;
}) {
  const words = useWords();
  const [typed, setTyped] = useState("");
  const book = useMemo(() => bookWith(LIBRARY_BOOK, own), [own]);
  const can = useMemo(
    () => new Map(book.moves.map((move) => [move, countAsSet(move, people)])),
    [book, people],
  );
  const offered = useMemo(() => offeredFor(typed, book, can), [typed, book, can]);
  const line = ({ move, can: count }: Offered) => (
    <Command.Item key={move.id} value={move.id ?? move.name} onSelect={() => onChoose(move)} className={ITEM}>
      <b>{move.name}</b>
      <span>needs {needsText(move.needs, words)}</span>
      {people.length > 0 && (
        <span className="text-right">
          {count} of {people.length} as set
        </span>
      )}
    </Command.Item>
  );
  const [nearest] = offered;
  const [chosen, setChosen] = useState(current ?? "");
  return (
    <Command label="Moves" loop shouldFilter={false} value={chosen} onValueChange={setChosen}>
      <Command.Input
        placeholder="Any usual name, muscle or thing: push-up, RDL, lats, towel…"
        className="w-full border-2 border-ink bg-white px-3 py-2 text-base"
        value={typed}
        onValueChange={(text) => {
          setTyped(text);
          const [best] = offeredFor(text, book, can);
          if (text.trim() !== "") setChosen(best?.move.id ?? best?.move.name ?? "as typed");
        }}
      />
      <Command.List className="mt-2 max-h-[52vh] overflow-auto" label="Moves of the library">
        {typed.trim() === ""
          ? PATTERNS.map((pattern) => (
              <Command.Group
                key={pattern}
                heading={words.name("pattern", pattern)}
                className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-quiet"
              >
                {offered.filter(({ move }) => move.pattern === pattern).map(line)}
              </Command.Group>
            ))
          : offered.map(line)}
        {typed.trim() !== "" && !known && (
          <AsTyped typed={typed.trim()} like={nearest?.move} book={book} onChoose={onChoose} />
        )}
      </Command.List>
    </Command>
  );
}

const ITEM =
  "grid cursor-pointer grid-cols-[1fr_1.4fr_7rem] gap-3 border-b border-hairline px-2 py-1.5 data-[selected=true]:bg-marker";

/** The last line: the words as they are typed, as a move like the nearest one, or one of which only the name is known. */
function AsTyped({
  typed,
  like,
  book,
  onChoose,
}: {
  readonly typed: string;
  readonly book: MoveBook;
  readonly like: KnownMove | undefined;
  readonly onChoose: (move: KnownMove) => void;
}) {
  return (
    <Command.Item
      value="as typed"
      onSelect={() => onChoose(resolveMove({ name: typed, ...(like?.id ? { like: like.id } : {}) }, book))}
      className={ITEM}
    >
      <b>“{typed}”</b>
      <span className="col-span-2">
        {like ? `as typed: like ${lowerFirst(like.name)}` : "as typed: nothing but its name is known"}
      </span>
    </Command.Item>
  );
}
