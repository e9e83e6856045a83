"use client";
/** The Desk's upper line, and the line of what can be done with the selected block. */
import { CircleHelp, History } from "lucide-react";
import { useEffect } from "react";
import { type Block, STANCES, slotsOf } from "@/core/class/document";
import { reshape, SHAPES } from "@/core/class/reshape";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { useWords } from "@/features/language/use-words";
import { Button, ButtonLink } from "@/ui/button";
import { Menu, MenuItem } from "@/ui/menu";
import { PLACES, TopLine } from "@/ui/top-line";
import { Backwards } from "./backwards";
import { LengthLine } from "./length-line";
import { SaveWord } from "./unsaved-line";
import type { Desk } from "./use-desk";
import type { useDeskActions } from "./use-desk-actions";

type Actions = ReturnType<typeof useDeskActions>;

/** The way back: the title has the rest of the line. */
const BACK = PLACES.slice(0, 1);

/** Title, stance and length of the class; undo, and what can be done with it as a whole. */
export function DeskTop(props: {
  readonly id: string;
  readonly desk: Desk;
  /** The Desk a moment later: what undo is about may follow. */
  readonly late: Desk;
  readonly actions: Actions;
  readonly room: boolean;
  readonly onRoom: () => void;
  readonly onFit: () => void;
  readonly onKeys: () => void;
  readonly onVersions: () => void;
  readonly onTeach: () => void;
}) {
  const words = useWords();
  const { id, desk, actions, room, onRoom, onFit, onKeys, onTeach } = props;
  const { title } = desk.doc;
  // The tab is called as the class is, from the first letter of another title on.
  useEffect(() => {
    document.title = `${title} · Brontle`;
  }, [title]);
  return (
    <TopLine here="" places={BACK}>
      <h1 className="min-w-0 flex-1 stacked:basis-full">
        <input
          aria-label="Title of the class"
          className="w-full min-w-0 truncate border-b-2 border-transparent bg-transparent text-lg font-bold hover:border-hairline focus:border-ink focus:outline-none"
          title={title}
          value={title}
          maxLength={120}
          onChange={(event) => actions.setTitle(event.target.value)}
        />
      </h1>
      <select
        aria-label="Stance of the class"
        className="appearance-none [field-sizing:content] bg-transparent text-quiet underline decoration-hairline underline-offset-4"
        value={desk.doc.stance}
        onChange={(event) => actions.setStance(event.target.value)}
      >
        {STANCES.map((stance) => (
          <option key={stance} value={stance}>
            {words.name("stance", stance)}
          </option>
        ))}
      </select>
      <LengthLine desk={desk} late={props.late} onFit={onFit} />
      <SaveWord desk={desk} />
      <Backwards desk={props.late} />
      <Button look="icon" aria-label="Versions" title="Versions" onClick={props.onVersions}>
        <History size={16} aria-hidden />
      </Button>
      <Button look="icon" aria-label="List of keys" onClick={onKeys}>
        <CircleHelp size={16} aria-hidden />
      </Button>
      <Button aria-pressed={room} className="aria-pressed:bg-marker" onClick={onRoom}>
        Room
      </Button>
      <OnPaper id={id} />
      <Button look="solid" onClick={onTeach}>
        Teach
      </Button>
    </TopLine>
  );
}

/** The sheet and the file; behind one word where there isn't room for both. */
function OnPaper({ id }: { readonly id: string }) {
  const sheet = `/classes/${id}/sheet`;
  const file = `/api/classes/${id}/file`;
  return (
    <>
      <span className="contents max-[1150px]:hidden">
        <ButtonLink href={sheet}>Sheet</ButtonLink>
        <ButtonLink href={file} plain>
          Export
        </ButtonLink>
      </span>
      <span className="hidden max-[1150px]:block">
        <Menu label="On paper: sheet and export" button={<MenuWord>On paper</MenuWord>}>
          <MenuItem onChoose={() => window.location.assign(sheet)}>Sheet</MenuItem>
          <MenuItem onChoose={() => window.location.assign(file)}>Export</MenuItem>
        </Menu>
      </span>
    </>
  );
}

/** What can be done with the selected block and its selected move. */
export function BlockActions(props: {
  readonly desk: Desk;
  readonly block: Block;
  readonly actions: Actions;
  readonly more: boolean;
  readonly onMore: () => void;
  readonly onAdd: () => void;
  readonly onOrder: () => void;
  readonly onPaste: () => void;
}) {
  const { desk, block, actions, more, onMore, onAdd, onOrder, onPaste } = props;
  return (
    <div className="mt-2 flex flex-wrap gap-x-1">
      <Button
        look="bare"
        className="px-2"
        disabled={!desk.selection.slot}
        aria-expanded={more}
        onClick={onMore}
      >
        {more ? "Less of this move" : "More of this move"}
      </Button>
      <Button look="bare" className="px-2" onClick={onAdd}>
        Add a move
      </Button>
      {desk.selection.slot && <ActsMenu word="This move" of={block} acts={moveActs(actions)} />}
      <Button look="bare" className="px-2" disabled={slotsOf(block).length < 2} onClick={onOrder}>
        Best order
      </Button>
      <Button
        look="bare"
        className="px-2"
        disabled={actions.ease === null}
        title="An easier way for each of its moves that has none"
        onClick={() => actions.ease?.()}
      >
        Ease this block
      </Button>
      <ActsMenu word="This block" of={block} acts={blockActs(actions, desk)} />
      {slotsOf(block).length > 0 && (
        <Menu
          label={`Turn it into: ${block.title || "the block"}`}
          button={<MenuWord>Turn it into</MenuWord>}
        >
          <Shapes desk={desk} block={block} />
        </Menu>
      )}
      <Button look="bare" className="px-2" onClick={actions.addBlock}>
        Add a block
      </Button>
      <Button look="bare" className="px-2" onClick={onPaste}>
        Paste a plan
      </Button>
    </div>
  );
}

type Act = readonly [words: string, run: (() => void) | null];

const moveActs = ({ structure, duplicate, remove, canRemove }: Actions): readonly Act[] => [
  ["Do it twice", duplicate],
  ["Into the block before", structure.intoBefore],
  ["Into the next block", structure.intoNext],
  ["Remove it", canRemove ? remove : null],
];

const blockActs = ({ structure, removeBlock }: Actions, { doc }: Desk): readonly Act[] => [
  ["Earlier", structure.earlier],
  ["Later", structure.later],
  ["Do it twice", structure.twice],
  ["Cut it in two before this move", structure.split],
  ["Join it with the next", structure.join],
  ["Remove it", doc.blocks.length > 1 ? removeBlock : null],
];

/** What can be done now with the block or its selected move, behind one word. */
function ActsMenu(props: {
  readonly word: "This move" | "This block";
  readonly of: Block;
  readonly acts: readonly Act[];
}) {
  const open = props.acts.flatMap(([words, run]) => (run ? [{ words, run }] : []));
  if (open.length === 0) return null;
  return (
    <Menu
      label={`${props.word}: ${props.of.title || "without a title"}`}
      button={<MenuWord>{props.word}</MenuWord>}
    >
      {open.map(({ words, run }) => (
        <MenuItem key={words} onChoose={run}>
          {words}
        </MenuItem>
      ))}
    </Menu>
  );
}

/** A menu among the words of the line. */
function MenuWord({ children }: { readonly children: string }) {
  return (
    <span className="px-2 py-1.5 font-semibold leading-none underline decoration-hairline underline-offset-4">
      {children}
    </span>
  );
}

/** What the block can be turned into; worked out when somebody looks. */
function Shapes({ desk, block }: { readonly desk: Desk; readonly block: Block }) {
  const words = useWords();
  const open = SHAPES.flatMap((shape) => {
    const edit = reshape(desk.doc, block, shape, LIBRARY_BOOK);
    return edit ? [{ shape, edit }] : [];
  });
  return open.map(({ shape, edit }) => (
    <MenuItem key={shape} onChoose={() => desk.edit(edit)}>
      {words.phrase("reshape", shape)}
    </MenuItem>
  ));
}
