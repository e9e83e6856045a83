"use client";
import { useEffect, useRef } from "react";
import { tinykeys } from "tinykeys";
import { deviceChoices } from "@/browser/device";
import type { PlainKey, Say } from "@/words/screens/screens";
import type { TeachActions } from "./controls";

/** Every key of Teach with what it does, for the list of keys and for the binding. */
export const TEACH_KEYS: readonly {
  readonly keys: readonly string[];
  readonly action: keyof TeachActions;
  /** What stands on it, where its message says that otherwise. */
  readonly shown: string;
  readonly words: PlainKey<"teach">;
}[] = [
  { keys: ["Enter"], action: "start", shown: "enterKey", words: "start" },
  {
    keys: ["Space", ".", "b"],
    action: "toggle",
    shown: "spaceClickersPeriod",
    words: "pauseResume",
  },
  { keys: ["ArrowRight", "PageDown"], action: "skip", shown: "clickerForward", words: "next2" },
  { keys: ["ArrowLeft", "PageUp"], action: "back", shown: "clickerBack", words: "back" },
  { keys: ["r"], action: "repeat", shown: "r", words: "repeatPiece" },
  { keys: ["+", "Shift++", "ArrowUp"], action: "extend", shown: "keyPlus", words: "tenMore" },
  { keys: ["-", "ArrowDown"], action: "shorten", shown: "keyMinus", words: "tenLess" },
  { keys: ["f"], action: "finish", shown: "f", words: "finishTimeRoundRests" },
  { keys: ["w"], action: "substitute", shown: "w", words: "anotherMoveAllOr" },
  { keys: ["p"], action: "people", shown: "p", words: "whoHereWhoElse" },
  { keys: ["n"], action: "note", shown: "n", words: "noteLog" },
  { keys: ["l"], action: "lead", shown: "l", words: "iLeadSoundsCome" },
  { keys: ["h"], action: "seen", shown: "h", words: "answerWhoHurts" },
  { keys: ["c"], action: "contact", shown: "c", words: "placeContactWhoHurts" },
  { keys: ["t"], action: "count", shown: "t", words: "countRepsFromHere" },
  { keys: ["v"], action: "counting", shown: "v", words: "countsSilentTickedOr" },
  { keys: ["m"], action: "mute", shown: "m", words: "soundOff" },
  { keys: ["e"], action: "end", shown: "e", words: "endClass" },
  { keys: ["Shift+?"], action: "keys", shown: "?", words: "list" },
];

const NAMED = [
  "enterKey",
  "spaceClickersPeriod",
  "clickerForward",
  "clickerBack",
  "keyPlus",
  "keyMinus",
] as const satisfies readonly PlainKey<"teach">[];

/** What stands on a key, in the language of the screen. */
export function keyText(shown: string, t: Say<"teach">): string {
  const named = NAMED.find((key) => key === shown);
  return named ? t(named) : shown;
}

/** Whether a key isn't one now. */
function isElsewhere({ key, target }: KeyboardEvent): boolean {
  // What is typed into a field or a list is for that.
  if (target instanceof HTMLElement && target.matches("select, textarea, input:not([type=range])"))
    return true;
  // Who speaks into a field or misses keys has switched single letters off for this device.
  if (/^[a-z]$/i.test(key)) return !deviceChoices().letters;
  // A button that has the focus keeps its own Enter and space.
  const onButton = target instanceof HTMLElement && target.matches("button, a, input");
  return onButton && (key === "Enter" || key === " ");
}

/** Keys of the keyboard and of presentation clickers. `quiet`: a dialog is open and has them. */
export function useTeachKeys(actions: TeachActions, quiet: boolean): void {
  const latest = useRef({ actions, quiet });
  latest.current = { actions, quiet };
  useEffect(() => {
    const press = (name: keyof TeachActions) => (event: KeyboardEvent) => {
      if (latest.current.quiet || event.repeat || isElsewhere(event)) return;
      event.preventDefault();
      latest.current.actions[name]();
    };
    return tinykeys(
      window,
      Object.fromEntries(TEACH_KEYS.flatMap(({ keys, action }) => keys.map((key) => [key, press(action)]))),
    );
  }, []);
}
