"use client";
import { useEffect, useRef, useState } from "react";
import { setBlock } from "@/core/class/commands";
import type { ClassDoc } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import { useTexts } from "@/features/language/use-texts";
import { Styled } from "@/ui/styled";

/** A block's name, typed where it stands on the score: taken with Enter or when it is left, given up with Escape. */
export function RenameBlock(props: {
  readonly doc: ClassDoc;
  readonly blockId: string;
  readonly place: { readonly left: number; readonly top: number };
  readonly onEdit: (edit: Edit) => void;
  readonly onDone: () => void;
}) {
  const t = useTexts("score");
  const { doc, blockId, place, onEdit, onDone } = props;
  const block = doc.blocks.find(({ id }) => id === blockId);
  const [title, setTitle] = useState(block?.title ?? "");
  const input = useRef<HTMLInputElement>(null);
  // Who presses a name twice means to type another; what isn't placed yet can't have the focus.
  useEffect(() => input.current?.focus(), []);
  if (!block) return null;
  const take = () => {
    if (title !== block.title) onEdit(setBlock(block, "title", title));
    onDone();
  };
  return (
    <Styled className="absolute z-20" look={{ left: `${place.left}px`, top: `${place.top}px` }}>
      <input
        ref={input}
        aria-label={t("nameOf", { title: block.title || "no" })}
        className="w-64 border-2 border-ink bg-white px-1 text-sm font-bold"
        value={title}
        maxLength={120}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setTitle(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === "Enter") take();
          else if (event.key === "Escape") onDone();
        }}
      />
    </Styled>
  );
}
