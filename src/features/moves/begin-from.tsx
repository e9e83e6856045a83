"use client";
import { useState } from "react";
import type { MoveBook } from "@/core/moves/book";
import type { Move } from "@/core/moves/move";
import { MovePicker } from "@/features/desk/move-picker";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";

/** The similar move that one's own begins as: everything of it is taken over, and only a name is left to give. */
export function BeginFrom(props: {
  readonly move: Move;
  readonly own: readonly Move[];
  readonly book: MoveBook;
  readonly onBegin: (like: Move) => void;
}) {
  const t = useTexts("moves");
  const [choosing, setChoosing] = useState(false);
  const like = props.book.get(props.move.links.find(({ kind }) => kind === "swap")?.to ?? "");
  return (
    <div className="flex items-center justify-between gap-6 border-l-4 border-pine pl-3">
      <p>
        {like ? (
          <>
            {t("as")} <b>{like.name}</b> {t("everythingBelowItsEqual")}
          </>
        ) : (
          t("quickestFromMoveNearly")
        )}
      </p>
      <Button className="shrink-0" onClick={() => setChoosing(true)}>
        {like ? t("beginFromAnother") : t("beginFromSimilarMove")}
      </Button>
      <MovePicker
        open={choosing}
        onOpenChange={setChoosing}
        people={[]}
        own={props.own}
        known
        onChoose={({ id }) => {
          const chosen = id === null ? undefined : props.book.get(id);
          if (chosen) props.onBegin(chosen as Move);
          setChoosing(false);
        }}
      />
    </div>
  );
}
