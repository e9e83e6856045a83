"use client";
import { Command } from "cmdk";
import { useMemo, useState } from "react";
import type { Person } from "@/core/homes/home";
import { bookWith, type KnownMove, type MoveBook, resolveMove } from "@/core/moves/book";
import type { Move } from "@/core/moves/move";
import { countAsSet, type Offered, offeredByPattern, offeredFor } from "@/core/parts/offered-moves";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Dialog } from "@/ui/dialog";
import { lowerFirst } from "@/words/letters";
import { type EffectOf, MoveBeside } from "./move-beside";

interface Props {
  readonly people: readonly Person[];
  /** The studio's own moves, offered beside the library's. */
  readonly own: readonly Move[];
  /** The move that is being replaced: it stays chosen until another one is. */
  readonly current?: string | null;
  /** Only moves that are known, not words as they are typed. */
  readonly known?: boolean;
  /** What a move would do where it is put; left out where it isn't put into a class. */
  readonly effectOf?: EffectOf;
  readonly onChoose: (move: KnownMove) => void;
}

/** Choosing a move by any usual name, muscle or thing: what the room can do first, and what each would do here. */
export function MovePicker(
  props: Props & { readonly open: boolean; readonly onOpenChange: (open: boolean) => void },
) {
  const t = useTexts("slots");
  return (
    <Dialog open={props.open} onOpenChange={props.onOpenChange} title={t("chooseMove")} broad>
      <Choices {...props} />
    </Dialog>
  );
}

const keyOf = ({ id, name }: KnownMove) => id ?? name;
/** The value of what is taken as it was typed. */
const AS_TYPED = " as typed";

function Choices({ people, own, current, known = false, effectOf, onChoose }: Props) {
  const library = useLibrary();
  const t = useTexts("slots");
  const words = useWords();
  const [typed, setTyped] = useState("");
  const book = useMemo(() => bookWith(library, own), [library, own]);
  const can = useMemo(
    () => new Map(book.moves.map((move) => [move, countAsSet(move, people)])),
    [book, people],
  );
  const byValue = useMemo(() => new Map(book.moves.map((move) => [keyOf(move), move])), [book]);
  const groups = useMemo(
    () => offeredByPattern(book, can, current ? book.get(current)?.pattern : undefined),
    [book, can, current],
  );
  const found = useMemo(
    () => (typed.trim() === "" ? null : offeredFor(typed, book, can, people.length)),
    [typed, book, can, people.length],
  );
  /** Whatever is typed, the cursor is on the best of it until somebody moves it. */
  const [moved, setMoved] = useState<string | null>(null);
  const best = found ? (found[0] ? keyOf(found[0].move) : AS_TYPED) : (current ?? "");
  const chosen = moved ?? best;
  const look = (text: string) => {
    setTyped(text);
    setMoved(null);
  };
  const row = ({ move, can: count }: Offered) => (
    <Command.Item key={keyOf(move)} value={keyOf(move)} onSelect={() => onChoose(move)} className={ITEM}>
      <b>{move.name}</b>
      {people.length > 0 && (
        <span className="whitespace-nowrap text-right">
          {t("countAsSet", { count, people: people.length })}
        </span>
      )}
    </Command.Item>
  );
  return (
    <Command label={t("moves")} loop shouldFilter={false} value={chosen} onValueChange={setMoved}>
      <Command.Input
        placeholder={t("anyUsualNameMuscle")}
        className="w-full border-2 border-ink bg-white px-3 py-2 text-base"
        value={typed}
        onValueChange={look}
      />
      <div className="mt-2 grid h-[54vh] grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)] gap-5">
        <Command.List className="max-h-[54vh] overflow-auto" label={t("movesLibrary")}>
          {found
            ? found.map(row)
            : groups.map(([pattern, offered]) => (
                <Command.Group key={pattern} heading={words.name("pattern", pattern)} className={GROUP}>
                  {offered.map(row)}
                </Command.Group>
              ))}
          {found && !known && (
            <AsTyped typed={typed.trim()} like={found[0]?.move} book={book} onChoose={onChoose} />
          )}
        </Command.List>
        <MoveBeside
          move={byValue.get(chosen) ?? null}
          book={book}
          can={can}
          people={people.length}
          effectOf={effectOf}
          onChoose={onChoose}
        />
      </div>
    </Command>
  );
}

const GROUP =
  "[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-quiet";
const ITEM =
  "grid cursor-pointer grid-cols-[minmax(0,1fr)_8rem] gap-3 border-b border-hairline px-2 py-1.5 data-[selected=true]:bg-marker";

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
  const t = useTexts("slots");
  return (
    <Command.Item
      value={AS_TYPED}
      onSelect={() => onChoose(resolveMove({ name: typed, ...(like?.id ? { like: like.id } : {}) }, book))}
      className={ITEM}
    >
      <b>“{typed}”</b>
      <span className="col-span-2">
        {like ? t("typedLike", { name: lowerFirst(like.name) }) : t("typedNothingButIts")}
      </span>
    </Command.Item>
  );
}
