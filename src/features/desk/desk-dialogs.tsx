"use client";
/** The Desk's dialogs: moves, a pasted plan, fit, order, keys. */
import { slotsOf } from "@/core/class/document";
import { type Put, putMove } from "@/core/class/put-move";
import type { Person } from "@/core/homes/home";
import type { KnownMove } from "@/core/moves/book";
import type { Move } from "@/core/moves/move";
import { Plan } from "@/features/classes/paste-plan";
import { FitDialog } from "@/features/review/fit-dialog";
import { OrderDialog } from "@/features/review/order-dialog";
import { VersionsDialog } from "@/features/versions/versions-dialog";
import { Dialog } from "@/ui/dialog";
import { ClassTable } from "./class-table";
import { isPick } from "./desk-doors";
import { KeysDialog } from "./keys";
import { MovePicker } from "./move-picker";
import { putBlocks } from "./put-blocks";
import { type AskWhom, TeachDialog } from "./teach-dialog";
import type { DeskParts } from "./use-desk-view";

export function DeskDialogs(
  props: DeskParts & {
    readonly id: string;
    readonly people: readonly Person[];
    readonly teach: AskWhom;
    readonly own: readonly Move[];
    readonly onChoose: (move: KnownMove) => void;
  },
) {
  const { desk, view, room } = props;
  const { opened, shutting } = view;
  const block = desk.doc.blocks.find((entry) => entry.id === desk.selection.block);
  const slot = block && slotsOf(block).find((entry) => entry.id === desk.selection.slot);
  /** What a move would do here, asked of the worker. */
  const effectOf = (how: Put) => async (move: KnownMove) => {
    const { block: at, slot: own } = desk.selection;
    const made = putMove(desk.doc, { block: at ?? "", slot: own }, how, move, props.own);
    return made && room.ask((worker, about) => worker.put(about, made));
  };
  return (
    <>
      <MovePicker
        open={opened !== null && isPick(opened)}
        onOpenChange={shutting}
        people={props.people}
        own={props.own}
        current={opened === "replace" && typeof slot?.move === "string" ? slot.move : null}
        {...(opened === "add" || opened === "replace" ? { effectOf: effectOf(opened) } : {})}
        onChoose={props.onChoose}
      />
      <TeachDialog open={opened === "teach"} onOpenChange={shutting} {...props.teach} />
      <Dialog
        open={opened === "paste"}
        onOpenChange={shutting}
        title="Paste a plan"
        description="Its blocks are put in behind the selected one, in one step."
        broad
      >
        <Plan
          blocksOnly
          begin={view.plan}
          usual={desk.doc.stance}
          take="Put it in"
          onTake={async (read) => {
            putBlocks(desk, read);
            shutting(false);
            return null;
          }}
        />
      </Dialog>
      <FitDialog
        open={opened === "fit"}
        onOpenChange={shutting}
        doc={desk.doc}
        room={room}
        onEdit={desk.edit}
      />
      {block && (
        <OrderDialog
          open={opened === "order"}
          onOpenChange={shutting}
          doc={desk.doc}
          block={block}
          parts={room.parts}
          onEdit={desk.edit}
        />
      )}
      <VersionsDialog
        open={opened === "versions"}
        onOpenChange={shutting}
        classId={props.id}
        doc={desk.doc}
        score={desk.score}
        onSave={desk.saveNow}
        onRestore={desk.edit}
      />
      <KeysDialog open={opened === "keys"} onOpenChange={shutting} />
      <ClassTable open={opened === "table"} onOpenChange={shutting} doc={desk.doc} score={desk.score} />
    </>
  );
}
