"use client";
import { useId } from "react";
import { setSlot } from "@/core/class/commands";
import { LOAD_TARGETS, type Slot } from "@/core/class/document";
import { loadTyped, typedLoad } from "@/core/notation/typed-load";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import type { Words } from "@/words/words";
import { TextCell } from "./text-cell";
import type { Desk } from "./use-desk";

/** Words of load as the notation has them, in the language of the screen; all else of it is numbers. */
function spokenLoad(text: string, words: Words): string {
  if (words.language === "en") return text;
  return text.replace(/[a-z]+/g, (word) => {
    const target = LOAD_TARGETS.find((one) => one === word);
    return target ? words.name("target", target) : word;
  });
}

/** What was typed with words of the screen's language, as the notation has it. */
function notedLoad(text: string, words: Words): string {
  if (words.language === "en") return text;
  const typed = LOAD_TARGETS.map((target) => [words.name("target", target).toLowerCase(), target] as const);
  return typed.reduce((noted, [word, target]) => noted.replaceAll(word, target), text.toLowerCase());
}

/** A slot's load, typed: for all rounds, or one for each with slashes between; its words are offered. */
export function LoadCell(props: {
  readonly slot: Slot;
  /** The name of its move. */
  readonly name: string;
  readonly edit: Desk["edit"];
  readonly refuses: Desk["refuses"];
}) {
  const t = useTexts("slots");
  const { slot, name, edit, refuses } = props;
  const list = useId();
  const words = useWords();
  return (
    <>
      <TextCell
        label={t("load2", { name })}
        title={t("loadSuch")}
        placeholder="—"
        list={list}
        value={spokenLoad(loadTyped(slot.load), words)}
        answer={(text) => {
          const typed = typedLoad(notedLoad(text, words));
          return typed.ok ? refuses(setSlot(slot, "load", typed.load)) : t("loadSuch");
        }}
        onTake={(text) => {
          const typed = typedLoad(notedLoad(text, words));
          if (typed.ok) edit(setSlot(slot, "load", typed.load));
        }}
      />
      <datalist id={list}>
        {LOAD_TARGETS.map((target) => (
          <option key={target} value={spokenLoad(target, words)} />
        ))}
      </datalist>
    </>
  );
}
