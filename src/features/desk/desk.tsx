"use client";
import { useCallback, useMemo } from "react";
import { type ClassDoc, slotsOf } from "@/core/class/document";
import type { Person } from "@/core/homes/home";
import { bookFor, type KnownMove, type MoveBook } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Move } from "@/core/moves/move";
import type { Finding } from "@/core/review/finding";
import type { Line } from "@/core/review/line";
import { isOpen } from "@/core/review/ranked";
import { ownRests, type Settings } from "@/core/settings/settings";
import { RoomGrid } from "@/features/room/room-grid";
import { type HomeOf, RoomPanel } from "@/features/room/room-panel";
import { useParts } from "@/features/room/use-parts";
import { belowScore, NOTHING_BELOW } from "@/features/score/notches";
import { ScoreRows } from "@/features/score/score-rows";
import { BlockSentence } from "./block-sentence";
import { copyText } from "./copy-text";
import { DeskDialogs } from "./desk-dialogs";
import { isPick } from "./desk-doors";
import { BlockActions, DeskTop } from "./desk-lines";
import { DeskPanel } from "./desk-panel";
import { PreviewLine } from "./preview-line";
import { SlotDetails } from "./slot-details";
import { SlotLines } from "./slot-lines";
import { TogetherLine } from "./together-line";
import { UnsavedLine } from "./unsaved-line";
import { useDesk } from "./use-desk";
import { useDeskActions } from "./use-desk-actions";
import { useDeskClipboard } from "./use-desk-clipboard";
import { type DeskParts, useDeskView } from "./use-desk-view";
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

/** What waits for an answer, each by itself: a line of several has a place on the score for every one. */
function openFindings(lines: readonly Line[]): readonly Finding[] {
  return lines.filter(isOpen).flatMap(({ members }) => members);
}

/** The score with what is tried on it, and the selected block as a sentence with its moves. */
function ScoreAndBlock(
  props: DeskParts & {
    readonly review: Review;
    readonly actions: ReturnType<typeof useDeskActions>;
    readonly marks: Marks;
  },
) {
  const { desk, view, room, review, marks } = props;
  const { preview } = review;
  const { select, selection } = desk;
  const below = useMemo(
    () => (preview ? NOTHING_BELOW : belowScore(desk.score, room.parts, openFindings(room.findings))),
    [preview, desk.score, room.parts, room.findings],
  );
  const block = desk.doc.blocks.find((entry) => entry.id === selection.block);
  const slot = block && slotsOf(block).find((entry) => entry.id === selection.slot);
  const blockId = block?.id ?? "";
  const { open } = view;
  const chooseFor = useCallback(
    (slotId: string) => {
      select(blockId, slotId);
      open("replace");
    },
    [select, blockId, open],
  );
  return (
    <>
      <div className="min-h-0 shrink-0">
        <ScoreRows
          doc={preview?.doc ?? desk.doc}
          score={preview?.score ?? desk.score}
          below={below}
          curve={preview || view.tab !== "shape" ? null : view.curve}
          selectedBlock={selection.block}
          selectedSlot={selection.slot}
          marked={marks.ids}
          onSelect={select}
          onExtend={marks.extendTo}
          onStretch={marks.mark}
        />
      </div>
      {preview && <PreviewLine preview={preview} now={desk.score} review={review} />}
      {marks.ids.size > 1 && <TogetherLine desk={desk} marks={marks} />}
      {block && marks.ids.size < 2 && (
        <>
          <BlockSentence key={block.id} desk={desk} block={block} />
          {slotsOf(block).length > 0 && (
            <SlotLines
              desk={desk}
              block={block}
              parts={room.parts}
              onChooseMove={chooseFor}
              onExtend={marks.extendTo}
            />
          )}
          {view.more && slot && <SlotDetails key={slot.id} desk={desk} slot={slot} onPick={open} />}
          <BlockActions
            desk={desk}
            block={block}
            actions={props.actions}
            more={view.more}
            onMore={view.toggleMore}
            onAdd={() => open("add")}
            onOrder={() => open("order")}
            onPaste={() => open("paste")}
          />
        </>
      )}
    </>
  );
}

/** Beside it: who does what, findings, effort, words; or in the room what was chosen there. */
function Beside(
  props: DeskParts & {
    readonly review: Review;
    readonly overrule: ReturnType<typeof useOverrule>["overrule"];
    readonly homeOf: HomeOf;
    readonly book: MoveBook;
  },
) {
  const { desk, view, room, review } = props;
  const { choice } = view;
  if (view.room && (choice.person !== null || choice.slot === null))
    return (
      <RoomPanel
        doc={desk.doc}
        room={room}
        book={props.book}
        choice={choice}
        onChoose={view.setChoice}
        overrule={props.overrule}
        homeOf={props.homeOf}
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
}

/** The Desk: the score, the selected block as a sentence with its moves, and who does what. */
export function DeskScreen(props: Props) {
  const desk = useDesk(props.id, props.doc, props.revision);
  const view = useDeskView();
  const { people, overrule, homeOf } = useOverrule(desk, props.people);
  const room = useParts(desk.doc, people, props.settings, props.today);
  const book = bookFor(desk.doc, LIBRARY_BOOK);
  const review = useReview(desk, room);
  const teach = useTeachNow(props.id, desk);
  const marks = useMarks(desk);
  const actions = useDeskActions(desk, {
    marks,
    pick: view.open,
    showKeys: () => view.open("keys"),
    showMore: view.toggleMore,
    showRoom: view.toggleRoom,
    stepFinding: (by) => {
      view.showFindings();
      review.step(by);
    },
    tryFix: () => {
      view.showFindings();
      review.tryNext();
    },
    takeFix: review.take,
    leaveFix: review.leave,
    because: () => {
      view.showFindings();
      review.ask(review.chosen);
    },
    showFit: () => view.open("fit"),
    showTable: () => view.open("table"),
    paste: () => view.open("paste"),
    copyText: () => copyText(desk.doc),
    own: props.ownMoves,
    rests: ownRests(props.settings.teaching),
    teach,
    quiet: view.opened !== null,
  });
  useDeskClipboard({ desk, quiet: view.opened !== null || view.room, review: view.reviewPlan });
  const choose = (move: KnownMove) => {
    if (view.opened && isPick(view.opened)) actions.take[view.opened](move);
    view.open(null);
  };
  const parts: DeskParts = { desk, view, room };
  return (
    <div className="flex h-screen flex-col overflow-hidden">
      <DeskTop
        id={props.id}
        desk={desk}
        actions={actions}
        room={view.room}
        onRoom={view.toggleRoom}
        onFit={() => view.open("fit")}
        onKeys={() => view.open("keys")}
        onTeach={teach}
      />
      <UnsavedLine desk={desk} id={props.id} />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_318px]">
        <main className="flex min-h-0 flex-col overflow-auto px-3 pb-3 pt-2">
          {view.room ? (
            <RoomGrid
              doc={room.doc}
              parts={room.parts}
              book={book}
              choice={view.choice}
              onChoose={view.setChoice}
            />
          ) : (
            <ScoreAndBlock {...parts} review={review} actions={actions} marks={marks} />
          )}
        </main>
        <Beside {...parts} review={review} overrule={overrule} homeOf={homeOf} book={book} />
      </div>
      <DeskDialogs {...parts} people={people} own={props.ownMoves} onChoose={choose} />
    </div>
  );
}
