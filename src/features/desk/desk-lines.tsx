"use client";
import { CircleHelp, History } from "lucide-react";
import { memo, useCallback, useEffect } from "react";
import { type Block, STANCES, slotsOf } from "@/core/class/document";
import { reshape, SHAPES } from "@/core/class/reshape";
import { LIBRARY_BOOK } from "@/core/moves/library";
/** The Desk's upper line, and the line of what can be done with the selected block. */
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button } from "@/ui/button";
import { Menu, MenuItem } from "@/ui/menu";
import type { Say } from "@/words/screens/screens";
import { Backwards } from "./backwards";
import { LengthLine } from "./length-line";
import type { Structure } from "./structure-actions";
import { SaveWord } from "./unsaved-line";
import type { Desk } from "./use-desk";
import type { useDeskActions } from "./use-desk-actions";
import type { DeskParts } from "./use-desk-view";

type Actions = ReturnType<typeof useDeskActions>;

/** The way back: the title has the rest of the line. */
const BACK = PLACES.slice(0, 1);

/** Title, stance and length of the class; undo, and what can be done with it as a whole. */
export function DeskTop(props: {
  readonly desk: Desk;
  readonly actions: Actions;
  /** The Desk a moment later: what undo is about may follow, and so may all that only is pressed. */
  readonly late: Tools;
}) {
  const t = useTexts("desk");
  const words = useWords();
  const { desk, actions, late } = props;
  const { title } = desk.doc;
  const { open } = late.view;
  const showFit = useCallback(() => open("fit"), [open]);
  // The tab is called as the class is, from the first letter of another title on.
  useEffect(() => {
    document.title = `${title} · Brontle`;
  }, [title]);
  return (
    <TopLine here="" places={BACK}>
      <h1 className="min-w-0 flex-1 stacked:basis-full">
        <input
          aria-label={t("titleClass")}
          className="w-full min-w-0 truncate border-b-2 border-transparent bg-transparent text-lg font-bold hover:border-hairline focus:border-ink focus:outline-none"
          title={title}
          value={title}
          maxLength={120}
          onChange={(event) => actions.setTitle(event.target.value)}
        />
      </h1>
      <select
        aria-label={t("stanceClass")}
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
      <LengthLine desk={desk} late={late.desk} onFit={showFit} />
      <SaveWord desk={desk} />
      <DeskTools now={late} />
    </TopLine>
  );
}

interface Tools extends Pick<DeskParts, "desk" | "view"> {
  readonly teach: () => Promise<void>;
}

/** What is pressed in the upper line. */
const DeskTools = memo(function DeskTools({ now }: { readonly now: Tools }) {
  const t = useTexts("desk");
  const words = useWords();
  const { desk, view, teach } = now;
  return (
    <>
      <Backwards desk={desk} />
      <Button
        look="icon"
        aria-label={t("versions")}
        title={t("versions")}
        onClick={() => view.open("versions")}
      >
        <History size={16} aria-hidden />
      </Button>
      <Button look="icon" aria-label={t("listKeys")} onClick={() => view.open("keys")}>
        <CircleHelp size={16} aria-hidden />
      </Button>
      <Button aria-pressed={view.room} className="aria-pressed:bg-marker" onClick={view.toggleRoom}>
        {t("room")}
      </Button>
      <Button onClick={() => view.open("files")}>{words.phrase("files", "word")}</Button>
      <Button look="solid" onClick={teach}>
        {t("teach")}
      </Button>
    </>
  );
});

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
  const t = useTexts("desk");
  const { desk, block, actions, more, onMore, onAdd, onOrder, onPaste } = props;
  const [structure, ease] = [actions.structure(), actions.ease()];
  return (
    <div className="mt-2 flex flex-wrap gap-x-1">
      <Button
        look="bare"
        className="px-2"
        disabled={!desk.selection.slot}
        aria-expanded={more}
        onClick={onMore}
      >
        {more ? t("lessMove") : t("moreMove")}
      </Button>
      <Button look="bare" className="px-2" onClick={onAdd}>
        {t("addMove")}
      </Button>
      {desk.selection.slot && (
        <ActsMenu word={t("thisMove")} of={block} acts={moveActs(actions, structure, t)} />
      )}
      <Button look="bare" className="px-2" disabled={slotsOf(block).length < 2} onClick={onOrder}>
        {t("bestOrder")}
      </Button>
      <Button
        look="bare"
        className="px-2"
        disabled={ease === null}
        title={t("easierWayEachIts")}
        onClick={() => ease?.()}
      >
        {t("easeBlock")}
      </Button>
      <ActsMenu word={t("thisBlock")} of={block} acts={blockActs(actions, structure, desk, t)} />
      {slotsOf(block).length > 0 && (
        <Menu
          label={t("turnTitled", { title: block.title || "no" })}
          button={<MenuWord>{t("turnInto")}</MenuWord>}
        >
          <Shapes desk={desk} block={block} />
        </Menu>
      )}
      <Button look="bare" className="px-2" onClick={actions.addBlock}>
        {t("addBlock")}
      </Button>
      <Button look="bare" className="px-2" onClick={onPaste}>
        {t("pastePlan")}
      </Button>
    </div>
  );
}

type Act = readonly [words: string, run: (() => void) | null];

const moveActs = (
  { duplicate, remove, canRemove }: Actions,
  structure: Structure,
  t: Say<"desk">,
): readonly Act[] => [
  [t("doTwice"), duplicate],
  [t("intoBlockBefore"), structure.intoBefore],
  [t("intoNextBlock"), structure.intoNext],
  [t("remove"), canRemove ? remove : null],
];

const blockActs = (
  { removeBlock }: Actions,
  structure: Structure,
  { doc }: Desk,
  t: Say<"desk">,
): readonly Act[] => [
  [t("earlier"), structure.earlier],
  [t("later"), structure.later],
  [t("doTwice"), structure.twice],
  [t("cutTwoBeforeMove"), structure.split],
  [t("joinWithNext"), structure.join],
  [t("remove"), doc.blocks.length > 1 ? removeBlock : null],
];

/** What can be done now with the block or its selected move, behind one word. */
function ActsMenu(props: { readonly word: string; readonly of: Block; readonly acts: readonly Act[] }) {
  const t = useTexts("desk");
  const open = props.acts.flatMap(([words, run]) => (run ? [{ words, run }] : []));
  if (open.length === 0) return null;
  return (
    <Menu
      label={`${props.word}: ${props.of.title || t("withoutTitle")}`}
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
