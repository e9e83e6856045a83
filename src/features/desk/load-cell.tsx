"use client";
import { useId } from "react";
import { setSlot } from "@/core/class/commands";
import { LOAD_TARGETS, type Slot } from "@/core/class/document";
import { loadTyped, typedLoad } from "@/core/notation/typed-load";
import { TextCell } from "./text-cell";
import type { Desk } from "./use-desk";

const SUCH_AS = "Such as: heavy · 16 kg · 2 in reserve · RPE 8 · 12/14/16 kg · light/medium/heavy";

/** A slot's load, typed: for all rounds, or one for each with slashes between; its words are offered. */
export function LoadCell(props: {
  readonly slot: Slot;
  /** The name of its move. */
  readonly name: string;
  readonly edit: Desk["edit"];
  readonly refuses: Desk["refuses"];
}) {
  const { slot, name, edit, refuses } = props;
  const words = useId();
  return (
    <>
      <TextCell
        label={`Load of ${name}`}
        title={SUCH_AS}
        placeholder="—"
        list={words}
        value={loadTyped(slot.load)}
        answer={(text) => {
          const typed = typedLoad(text);
          return typed.ok ? refuses(setSlot(slot, "load", typed.load)) : SUCH_AS;
        }}
        onTake={(text) => {
          const typed = typedLoad(text);
          if (typed.ok) edit(setSlot(slot, "load", typed.load));
        }}
      />
      <datalist id={words}>
        {LOAD_TARGETS.map((target) => (
          <option key={target} value={target} />
        ))}
      </datalist>
    </>
  );
}
