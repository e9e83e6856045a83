"use client";
import { useState } from "react";
import type { Segment } from "@/core/class/expand";
import { type AnotherWay, anotherWay } from "@/core/live/another-way";
import type { PartSlot } from "@/core/parts/part";
import type { Enter } from "./use-follow";

/** What was pressed in the piece that is shown, and what is answered to it. */
export function usePressed(
  index: number,
  shown: Segment | null,
  own: PartSlot | undefined,
  easier: PartSlot | undefined,
  enter: Enter,
) {
  const [doneAt, setDoneAt] = useState<number | null>(null);
  const [asked, setAsked] = useState<{ readonly slot: string | null; readonly answer: AnotherWay } | null>(
    null,
  );
  const at = shown?.slot ?? null;
  const slot = at === null ? {} : { slot: at };
  const done = doneAt === index;
  return {
    done,
    answer: asked && asked.slot === at ? asked.answer : null,
    onDone: () => {
      if (!done) enter("done", slot);
      setDoneAt(index);
    },
    onHurt: () => enter("hurt", slot),
    onAnother: () => {
      setAsked({ slot: at, answer: anotherWay(own, easier) });
      enter("uncomfortable", slot);
      enter("mark", { mark: "flat" });
    },
  };
}
export type Pressed = ReturnType<typeof usePressed>;
