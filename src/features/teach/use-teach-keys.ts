"use client";
import { useEffect, useRef } from "react";
import { tinykeys } from "tinykeys";
import { deviceChoices } from "@/browser/device";
import type { TeachActions } from "./controls";

/** Every key of Teach with what it does, for the list of keys and for the binding. */
export const TEACH_KEYS: readonly {
  readonly keys: readonly string[];
  readonly action: keyof TeachActions;
  readonly shown: string;
  readonly words: string;
}[] = [
  { keys: ["Enter"], action: "start", shown: "Enter", words: "Start" },
  {
    keys: ["Space", ".", "b"],
    action: "toggle",
    shown: "space, clicker's period",
    words: "Pause and resume",
  },
  { keys: ["ArrowRight", "PageDown"], action: "skip", shown: "→, clicker forward", words: "Next" },
  { keys: ["ArrowLeft", "PageUp"], action: "back", shown: "←, clicker back", words: "Back" },
  { keys: ["r"], action: "repeat", shown: "r", words: "Repeat the piece" },
  { keys: ["+", "Shift++", "ArrowUp"], action: "extend", shown: "+ or ↑", words: "10 s more" },
  { keys: ["-", "ArrowDown"], action: "shorten", shown: "− or ↓", words: "10 s less" },
  { keys: ["f"], action: "finish", shown: "f", words: "Finish on time: a round, rests, the finisher" },
  { keys: ["w"], action: "substitute", shown: "w", words: "Another move, for all or for one" },
  { keys: ["p"], action: "people", shown: "p", words: "Who is here, and who else comes in" },
  { keys: ["n"], action: "note", shown: "n", words: "A note for the log" },
  { keys: ["l"], action: "lead", shown: "l", words: "I lead: sounds come from this screen" },
  { keys: ["h"], action: "seen", shown: "h", words: "Answer who hurts" },
  { keys: ["c"], action: "contact", shown: "c", words: "Place and contact of who hurts" },
  { keys: ["t"], action: "count", shown: "t", words: "Count the reps from here, on every screen" },
  { keys: ["v"], action: "counting", shown: "v", words: "Counts silent, ticked or spoken" },
  { keys: ["m"], action: "mute", shown: "m", words: "Sound on and off" },
  { keys: ["e"], action: "end", shown: "e", words: "End the class" },
  { keys: ["Shift+?"], action: "keys", shown: "?", words: "This list" },
];

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
