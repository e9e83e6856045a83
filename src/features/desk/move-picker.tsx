"use client";
import { Command } from "cmdk";
import { useMemo } from "react";
import { fillMove } from "@/core/homes/fillings";
import type { Person } from "@/core/homes/home";
import type { KnownMove } from "@/core/moves/book";
import { bookWith } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Move } from "@/core/moves/move";
import { PATTERNS } from "@/core/moves/move";
import { obstacle } from "@/core/parts/ways";
import { useWords } from "@/features/language/use-words";
import { Dialog } from "@/ui/dialog";
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
  readonly onChoose: (move: KnownMove) => void;
}) {
  return (
    <Dialog open={props.open} onOpenChange={props.onOpenChange} title="Choose a move" wide>
      <Choices {...props} />
    </Dialog>
  );
}

/** How well a move fits what is typed: its name's beginning, its name, then pattern and kit; every word must be found. */
function rank(name: string, typed: string, keywords: readonly string[] = []): number {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const inName = name.toLowerCase();
  if (inName.startsWith(typed.toLowerCase().trim())) return 1;
  if (words.every((word) => inName.includes(word))) return 0.8;
  const all = `${inName} ${keywords.join(" ").toLowerCase()}`;
  return words.every((word) => all.includes(word)) ? 0.4 : 0;
}

function Choices({
  people,
  own,
  onChoose,
}: {
  readonly people: readonly Person[];
  readonly own: readonly Move[];
  readonly onChoose: (move: KnownMove) => void;
}) {
  const words = useWords();
  const moves = useMemo(
    () => bookWith(LIBRARY_BOOK, own).moves.map((move) => ({ move, can: countAsSet(move, people) })),
    [people, own],
  );
  return (
    <Command label="Moves" loop filter={rank}>
      <Command.Input
        placeholder="Name, pattern or kit: row, squat, band…"
        className="w-full border-2 border-ink bg-white px-3 py-2 text-base"
      />
      <Command.List className="mt-2 max-h-[52vh] overflow-auto" label="Moves of the library">
        <Command.Empty className="p-3 text-quiet">
          No move of that name. Try a pattern, such as hinge, or a thing, such as towel.
        </Command.Empty>
        {PATTERNS.map((pattern) => (
          <Command.Group
            key={pattern}
            heading={words.name("pattern", pattern)}
            className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-quiet"
          >
            {moves
              .filter(({ move }) => move.pattern === pattern)
              .map(({ move, can }) => (
                <Command.Item
                  key={move.id}
                  value={move.name}
                  keywords={[move.id ?? "", pattern, needsText(move.needs, words), move.position ?? ""]}
                  onSelect={() => onChoose(move)}
                  className="grid cursor-pointer grid-cols-[1fr_1.4fr_7rem] gap-3 border-b border-hairline px-2 py-1.5 data-[selected=true]:bg-marker"
                >
                  <b>{move.name}</b>
                  <span>needs {needsText(move.needs, words)}</span>
                  <span className="text-right">
                    {can} of {people.length} as set
                  </span>
                </Command.Item>
              ))}
          </Command.Group>
        ))}
      </Command.List>
    </Command>
  );
}
