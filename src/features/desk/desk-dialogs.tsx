"use client";
import { memo } from "react";
import { slotsOf } from "@/core/class/document";
import { type Put, putMove } from "@/core/class/put-move";
import type { Person } from "@/core/homes/home";
import type { KnownMove } from "@/core/moves/book";
import type { Move } from "@/core/moves/move";
import { Plan } from "@/features/classes/paste-plan";
import { FilesDialog, ToRead } from "@/features/files/files-dialog";
/** The Desk's dialogs: moves, a pasted plan, fit, order, keys. */
import { useTexts } from "@/features/language/use-texts";
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
import type { DeskParts, DeskView } from "./use-desk-view";

interface Props {
  readonly id: string;
  readonly now: DeskParts & {
    readonly people: readonly Person[];
    readonly choose: (move: KnownMove) => void;
  };
  /** What is open, at once: keys belong to whoever types in it, and to the Desk again when it is shut. */
  readonly opened: DeskView["opened"];
  /** What the dialog for a plan begins with. */
  readonly plan: string;
  readonly teach: AskWhom;
  readonly own: readonly Move[];
}

/** What they are about may follow a key later: none of them is open while the score follows it. */
export const DeskDialogs = memo(function DeskDialogs(props: Props) {
  const t = useTexts("desk");
  const { desk, view, room, people, choose } = props.now;
  const { opened } = props;
  const { shutting } = view;
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
        people={people}
        own={props.own}
        current={opened === "replace" && typeof slot?.move === "string" ? slot.move : null}
        {...(opened === "add" || opened === "replace" ? { effectOf: effectOf(opened) } : {})}
        onChoose={choose}
      />
      <TeachDialog open={opened === "teach"} onOpenChange={shutting} {...props.teach} />
      <Dialog
        open={opened === "paste"}
        onOpenChange={shutting}
        title={t("pastePlan")}
        description={t("itsBlocksPutBehind")}
        broad
      >
        <Plan
          blocksOnly
          begin={props.plan}
          usual={desk.doc.stance}
          take={t("put")}
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
      <DeskFiles id={props.id} open={opened === "files"} onOpenChange={shutting} before={desk.saveNow} />
      <KeysDialog open={opened === "keys"} onOpenChange={shutting} />
      <ClassTable open={opened === "table"} onOpenChange={shutting} doc={desk.doc} score={desk.score} />
    </>
  );
});

/** The files of this class. */
function DeskFiles({
  id,
  ...rest
}: { readonly id: string } & Pick<Parameters<typeof FilesDialog>[0], "open" | "onOpenChange" | "before">) {
  return (
    <FilesDialog base={`/api/classes/${id}/export`} dated={false} {...rest}>
      <ToRead href={`/classes/${id}/sheet`} />
    </FilesDialog>
  );
}
