"use client";
import { memo, type RefObject, useDeferredValue, useMemo, useRef } from "react";
import { type ClassDoc, slotsOf } from "@/core/class/document";
import type { Person } from "@/core/homes/home";
import { bookFor, type KnownMove, type MoveBook } from "@/core/moves/book";
import type { Move } from "@/core/moves/move";
import { ownRests, type Settings } from "@/core/settings/settings";
import { NOTHING_BELOW } from "@/drawing/notches";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { RoomGrid } from "@/features/room/room-grid";
import { type HomeOf, RoomPanel } from "@/features/room/room-panel";
import { useParts } from "@/features/room/use-parts";
import { ClassScore } from "@/features/score/score";
import { Styled } from "@/ui/styled";
import { BlockMoves, chooseFor } from "./block-moves";
import { BlockSentence } from "./block-sentence";
import { BlocksLine } from "./blocks-line";
import { CompanyLine } from "./company-line";
import { copyText } from "./copy-text";
import { DeskDialogs } from "./desk-dialogs";
import { isPick } from "./desk-doors";
import { DeskDrag } from "./desk-drag";
import { DeskTop } from "./desk-lines";
import { DeskPanel } from "./desk-panel";
import { PreviewLine } from "./preview-line";
import { TogetherLine } from "./together-line";
import { UnsavedLine } from "./unsaved-line";
import { useBelow } from "./use-below";
import { type Desk, useDesk } from "./use-desk";
import { useDeskActions } from "./use-desk-actions";
import { useDeskClipboard } from "./use-desk-clipboard";
import { type DeskParts, type DeskView, useDeskView } from "./use-desk-view";
import { type Marks, useMarks } from "./use-marks";
import { useOverrule } from "./use-overrule";
import { type Review, useReview } from "./use-review";
import { useTeachNow } from "./use-teach-now";

interface Props {
  readonly id: string;
  readonly doc: ClassDoc;
  readonly revision: number;
  readonly people: readonly { readonly id: string; readonly doc: Person }[];
  /** The studio's own moves. */
  readonly ownMoves: readonly Move[];
  readonly settings: Settings;
  /** The day of today, `YYYY-MM-DD`. */
  readonly today: string;
}

/** All that the Desk is made of at one moment. */
interface Moment extends DeskParts {
  readonly review: Review;
  readonly actions: ReturnType<typeof useDeskActions>;
  readonly marks: Marks;
  readonly overrule: ReturnType<typeof useOverrule>["overrule"];
  readonly homeOf: HomeOf;
  readonly book: MoveBook;
  readonly people: readonly Person[];
  readonly teach: () => Promise<void>;
  /** Takes a move for what the picker was opened for. */
  readonly choose: (move: KnownMove) => void;
}

/**
 * The score with what is tried on it, and the selected block as a sentence with its moves. The score and the sentence
 * follow a key at once; `late` is the Desk a moment later, for all that may wait until these are drawn.
 */
function ScoreAndBlock({ now, late }: { readonly now: Moment; readonly late: Moment }) {
  const t = useTexts("desk");
  const { desk, view, review, marks } = now;
  const { room } = late;
  const { preview } = review;
  const { select, selection } = desk;
  const below = useBelow(desk.score, room);
  const block = desk.doc.blocks.find((entry) => entry.id === selection.block);
  return (
    <>
      <BlocksLine now={late} />
      <ClassScore
        doc={preview?.doc ?? desk.doc}
        score={preview?.score ?? desk.score}
        fixed={preview !== null}
        minutes={view.minutes}
        below={preview ? NOTHING_BELOW : below}
        curve={preview || view.tab !== "shape" ? null : view.curve}
        selectedBlock={selection.block}
        selectedSlot={selection.slot}
        marked={marks.ids}
        onSelect={select}
        onExtend={marks.extendTo}
        onStretch={marks.mark}
        onEdit={desk.edit}
        onChooseMove={(slotId) => chooseFor(now, slotId)}
      />
      <Styled
        as="section"
        aria-label={t("whatSelected")}
        // What scrolls must be reached by the keyboard.
        tabIndex={0}
        className="max-h-[58%] shrink-0 overflow-y-auto stacked:max-h-none stacked:overflow-visible"
        look={{ "min-height": `min(58%, ${roomFor(desk.doc)}px)` }}
      >
        {preview && <PreviewLine preview={preview} now={desk.score} review={review} />}
        {marks.ids.size > 1 && <TogetherLine desk={desk} marks={marks} />}
        {block && marks.ids.size < 2 && (
          <>
            <BlockSentence key={block.id} desk={desk} block={block} onPick={view.open} />
            <BlockMoves now={late} />
          </>
        )}
      </Styled>
    </>
  );
}

/** Px of a sentence of two lines with what stands around a list of moves, and of one of these. */
const AROUND = 128;
const LINE = 25;

/** Room for the largest block: with every other one selected the score stays as high as it was. */
function roomFor({ blocks }: ClassDoc): number {
  return AROUND + LINE * Math.max(...blocks.map((block) => slotsOf(block).length));
}

/** Beside it: who does what, findings, effort, words; or in the room what was chosen there. */
const Beside = memo(function Beside({ now }: { readonly now: Moment }) {
  const { desk, view, room, review } = now;
  const { choice } = view;
  if (view.room && (choice.person !== null || choice.slot === null))
    return (
      <RoomPanel
        doc={desk.doc}
        room={room}
        book={now.book}
        choice={choice}
        onChoose={view.setChoice}
        overrule={now.overrule}
        homeOf={now.homeOf}
      />
    );
  return (
    <DeskPanel
      desk={desk}
      room={room}
      slotId={view.room ? choice.slot : desk.selection.slot}
      tab={view.room ? "who" : view.tab}
      onTab={view.setTab}
      review={review}
      onCurve={view.setCurve}
    />
  );
});

/** What keys open and show; the clipboard beside them. */
function useDoors(desk: Desk, view: DeskView, review: Review) {
  const t = useTexts("desk");
  const library = useLibrary();
  useDeskClipboard({ desk, t, library, quiet: view.opened !== null || view.room, review: view.reviewPlan });
  const looking = (run: () => void) => () => {
    view.showFindings();
    run();
  };
  return {
    pick: view.open,
    showKeys: () => view.open("keys"),
    showMore: view.toggleMore,
    showRoom: view.toggleRoom,
    stepFinding: (by: -1 | 1) => looking(() => review.step(by))(),
    tryFix: looking(review.tryNext),
    takeFix: review.take,
    leaveFix: review.leave,
    because: looking(() => review.ask(review.chosen)),
    showFit: () => view.open("fit"),
    showTable: () => view.open("table"),
    showVersions: () => view.open("versions"),
    paste: () => view.open("paste"),
    copyText: () => copyText(desk.doc, library, t),
    quiet: view.opened !== null,
  };
}

/** The Desk: the score, the selected block as a sentence with its moves, and who does what. */
export function DeskScreen(props: Props) {
  const at = useRef<Desk | null>(null);
  return (
    <DeskDrag at={at}>
      <WholeDesk {...props} at={at} />
    </DeskDrag>
  );
}

function WholeDesk(props: Props & { readonly at: RefObject<Desk | null> }) {
  const desk = useDesk(props.id, props.doc, props.revision);
  props.at.current = desk;
  const view = useDeskView();
  const { people, overrule, homeOf } = useOverrule(desk, props.people);
  const room = useParts(desk.doc, people, props.settings, props.today);
  const book = bookFor(desk.doc, useLibrary());
  const review = useReview(desk, room);
  const teach = useTeachNow(props.id, desk, props.people.length > 0, () => view.open("teach"));
  const marks = useMarks(desk);
  const actions = useDeskActions(desk, {
    ...useDoors(desk, view, review),
    marks,
    own: props.ownMoves,
    rests: ownRests(props.settings.teaching),
    teach: teach.begin,
  });
  const choose = (move: KnownMove) => {
    if (view.opened && isPick(view.opened)) actions.take[view.opened](move);
    view.open(null);
  };
  const { open: openFor } = teach;
  const asked = useMemo(() => props.people.map(({ id, doc: { name } }) => ({ id, name })), [props.people]);
  const whom = useMemo(
    () => ({ people: asked, onTeach: openFor, rehearse: `/rehearse/${props.id}` }),
    [asked, openFor, props.id],
  );
  const now: Moment = {
    desk,
    view,
    room,
    review,
    actions,
    marks,
    overrule,
    homeOf,
    book,
    people,
    teach: teach.begin,
    choose,
  };
  const late = useDeferredValue(now);
  return (
    <div className="flex h-screen flex-col overflow-hidden stacked:h-auto stacked:overflow-visible">
      <DeskTop desk={desk} actions={actions} late={late} />
      <UnsavedLine desk={desk} id={props.id} />
      <CompanyLine desk={late.desk} id={props.id} />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_318px] max-[1150px]:grid-cols-[minmax(0,1fr)_276px] stacked:block">
        <main className="flex min-h-0 flex-col overflow-auto px-3 pb-3 pt-1 stacked:block">
          {view.room ? (
            <RoomGrid
              doc={room.doc}
              parts={room.parts}
              book={book}
              choice={view.choice}
              onChoose={view.setChoice}
            />
          ) : (
            <ScoreAndBlock now={now} late={late} />
          )}
        </main>
        <Beside now={late} />
      </div>
      <DeskDialogs
        id={props.id}
        now={late}
        opened={view.opened}
        plan={view.plan}
        teach={whom}
        own={props.ownMoves}
      />
    </div>
  );
}
