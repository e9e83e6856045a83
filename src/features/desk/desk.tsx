"use client";
import { useCallback, useMemo, useState } from "react";
import { type ClassDoc, slotsOf } from "@/core/class/document";
import type { Person } from "@/core/homes/home";
import { bookFor, type KnownMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Move } from "@/core/moves/move";
import { ownRests, type Settings } from "@/core/settings/settings";
import { FitDialog } from "@/features/review/fit-dialog";
import { OrderDialog } from "@/features/review/order-dialog";
import { type RoomChoice, RoomGrid } from "@/features/room/room-grid";
import { RoomPanel } from "@/features/room/room-panel";
import { useParts } from "@/features/room/use-parts";
import { belowScore, NOTHING_BELOW } from "@/features/score/notches";
import { ScoreRows } from "@/features/score/score-rows";
import { BlockSentence } from "./block-sentence";
import { BlockActions, DeskTop } from "./desk-lines";
import { DeskPanel, type PanelTab } from "./desk-panel";
import { KeysDialog } from "./keys";
import { MovePicker } from "./move-picker";
import { PreviewLine } from "./preview-line";
import { SlotDetails } from "./slot-details";
import { SlotLines } from "./slot-lines";
import { UnsavedLine } from "./unsaved-line";
import { useDesk } from "./use-desk";
import { useDeskActions } from "./use-desk-actions";
import { useOverrule } from "./use-overrule";
import { useReview } from "./use-review";
import { useTeachNow } from "./use-teach-now";

/** The Desk: the score, the selected block as a sentence with its moves, and who does what. */
export function DeskScreen(props: {
  readonly id: string;
  readonly doc: ClassDoc;
  readonly revision: number;
  readonly people: readonly { readonly id: string; readonly doc: Person }[];
  /** The studio's own moves. */
  readonly ownMoves: readonly Move[];
  readonly settings: Settings;
}) {
  const desk = useDesk(props.id, props.doc, props.revision);
  const [picking, setPicking] = useState<"replace" | "add" | null>(null);
  const [keysShown, setKeysShown] = useState(false);
  const [more, setMore] = useState(false);
  const [view, setView] = useState<"score" | "room">("score");
  const [choice, setChoice] = useState<RoomChoice>({ person: null, slot: null });
  const { people, overrule } = useOverrule(desk, props.people);
  const room = useParts(desk.doc, people, props.settings);
  const { parts } = room;
  const book = bookFor(desk.doc, LIBRARY_BOOK);
  const [tab, setTab] = useState<PanelTab>("who");
  const [fitting, setFitting] = useState(false);
  const [ordering, setOrdering] = useState(false);
  const [curve, setCurve] = useState<readonly number[] | null>(null);
  const review = useReview(desk, room);
  const { preview } = review;
  const shown = preview?.doc ?? desk.doc;
  const shownScore = preview?.score ?? desk.score;
  const below = useMemo(
    () => (preview ? NOTHING_BELOW : belowScore(desk.score, room.parts, room.findings)),
    [preview, desk.score, room.parts, room.findings],
  );
  const toggleView = () => setView((now) => (now === "score" ? "room" : "score"));
  const block = desk.doc.blocks.find((entry) => entry.id === desk.selection.block);

  const teach = useTeachNow(props.id, desk);
  const actions = useDeskActions(desk, {
    pick: setPicking,
    showKeys: () => setKeysShown(true),
    showMore: () => setMore((on) => !on),
    showRoom: toggleView,
    stepFinding: (by) => {
      setTab("findings");
      setView("score");
      review.step(by);
    },
    showFit: () => setFitting(true),
    own: props.ownMoves,
    rests: ownRests(props.settings.teaching),
    teach,
    quiet: picking !== null || keysShown || fitting || ordering,
  });
  const slot = block && slotsOf(block).find((entry) => entry.id === desk.selection.slot);
  const { select } = desk;
  const blockId = block?.id ?? "";
  const chooseFor = useCallback(
    (slotId: string) => {
      select(blockId, slotId);
      setPicking("replace");
    },
    [select, blockId],
  );
  const choose = (move: KnownMove) => {
    if (picking === "add") actions.addMove(move);
    else actions.replaceMove(move);
    setPicking(null);
  };
  return (
    <div className="flex h-screen flex-col overflow-hidden">
      <DeskTop
        id={props.id}
        desk={desk}
        actions={actions}
        room={view === "room"}
        onRoom={toggleView}
        onFit={() => setFitting(true)}
        onKeys={() => setKeysShown(true)}
        onTeach={teach}
      />
      <UnsavedLine desk={desk} id={props.id} />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_318px]">
        <main className="flex min-h-0 flex-col overflow-auto px-3 pb-3 pt-2">
          {view === "room" ? (
            <RoomGrid doc={room.doc} parts={parts} book={book} choice={choice} onChoose={setChoice} />
          ) : (
            <>
              <div className="min-h-0 shrink-0">
                <ScoreRows
                  doc={shown}
                  score={shownScore}
                  below={below}
                  curve={preview || tab !== "shape" ? null : curve}
                  selectedBlock={desk.selection.block}
                  selectedSlot={desk.selection.slot}
                  onSelect={desk.select}
                />
              </div>
              {preview && <PreviewLine preview={preview} now={desk.score} review={review} />}
              {block && (
                <>
                  <BlockSentence key={block.id} desk={desk} block={block} />
                  {slotsOf(block).length > 0 && (
                    <SlotLines desk={desk} block={block} parts={parts} onChooseMove={chooseFor} />
                  )}
                  {more && slot && <SlotDetails key={slot.id} desk={desk} slot={slot} />}
                  <BlockActions
                    desk={desk}
                    block={block}
                    actions={actions}
                    more={more}
                    onMore={() => setMore(!more)}
                    onAdd={() => setPicking("add")}
                    onOrder={() => setOrdering(true)}
                  />
                </>
              )}
            </>
          )}
        </main>
        {view === "room" && (choice.person !== null || choice.slot === null) ? (
          <RoomPanel
            doc={desk.doc}
            room={room}
            book={book}
            choice={choice}
            onChoose={setChoice}
            overrule={overrule}
          />
        ) : (
          <DeskPanel
            desk={desk}
            room={room}
            slotId={view === "room" ? choice.slot : desk.selection.slot}
            tab={view === "room" ? "who" : tab}
            onTab={setTab}
            review={review}
            onCurve={setCurve}
          />
        )}
      </div>
      <MovePicker
        open={picking !== null}
        onOpenChange={(open) => !open && setPicking(null)}
        people={people}
        own={props.ownMoves}
        onChoose={choose}
      />
      <FitDialog open={fitting} onOpenChange={setFitting} doc={desk.doc} room={room} onEdit={desk.edit} />
      {block && (
        <OrderDialog
          open={ordering}
          onOpenChange={setOrdering}
          doc={desk.doc}
          block={block}
          parts={parts}
          onEdit={desk.edit}
        />
      )}
      <KeysDialog open={keysShown} onOpenChange={setKeysShown} />
    </div>
  );
}
