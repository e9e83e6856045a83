"use client";
import { useState } from "react";
import type { MoveBook } from "@/core/moves/book";
import type { Move } from "@/core/moves/move";
import { MovePicker } from "@/features/desk/move-picker";
import { Button } from "@/ui/button";

/** The similar move that one's own begins as: everything of it is taken over, and only a name is left to give. */
export function BeginFrom(props: {
  readonly move: Move;
  readonly own: readonly Move[];
  readonly book: MoveBook;
  readonly onBegin: (like: Move) => void;
}) {
  const [choosing, setChoosing] = useState(false);
  const like = props.book.get(props.move.links.find(({ kind }) => kind === "swap")?.to ?? "");
  return (
    <div className="flex items-center justify-between gap-6 border-l-4 border-pine pl-3">
      <p>
        {like ? (
          <>
            As <b>{like.name}</b> in everything below, and its equal. Give it a name and save; change what
            differs.
          </>
        ) : (
          "Quickest from a move that is nearly the same: everything is taken over, and you give it a name."
        )}
      </p>
      <Button className="shrink-0" onClick={() => setChoosing(true)}>
        {like ? "Begin from another" : "Begin from a similar move"}
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
