"use client";
/** The Desk's keys. Single letters belong to whoever types into something. */
import { useEffect, useRef } from "react";
import { tinykeys } from "tinykeys";
import { deviceChoices } from "@/browser/device";
import type { Doors } from "./desk-doors";
import type { Structure } from "./structure-actions";
import type { Desk } from "./use-desk";

interface Doing {
  readonly addBlock: () => void;
  readonly duplicate: () => void;
  readonly remove: () => void;
  readonly stepSlot: (by: -1 | 1) => void;
  readonly stepBlock: (by: -1 | 1) => void;
  readonly reorder: (by: -1 | 1) => void;
  readonly structure: () => Structure;
  readonly desk: Desk;
  readonly doors: Doors;
}

/** True while the person types into something: single letters are theirs then. */
function isTyping(event: KeyboardEvent): boolean {
  const target = event.target;
  return (
    target instanceof HTMLElement && (target.matches("input, select, textarea") || target.isContentEditable)
  );
}

export function useDeskKeys(doing: Doing): void {
  const now = useRef(doing);
  now.current = doing;
  useEffect(() => {
    const key =
      (run: (at: typeof now.current) => void, evenTyping = false) =>
      (event: KeyboardEvent) => {
        // What has the key already, such as something that is being dragged by keys.
        if (event.defaultPrevented || now.current.doors.quiet || (!evenTyping && isTyping(event))) return;
        event.preventDefault();
        run(now.current);
      };
    const letter: typeof key = (run) => (event) => {
      if (deviceChoices().letters) key(run)(event);
    };
    // The button or cell that has the focus keeps its own Enter.
    const enter = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && event.target.matches("a, button, summary")) return;
      key((at) => at.doors.pick("replace"))(event);
    };
    return tinykeys(window, {
      "$mod+KeyZ": key((at) => at.desk.undo(), true),
      "$mod+Shift+KeyZ": key((at) => at.desk.redo(), true),
      "$mod+KeyY": key((at) => at.desk.redo(), true),
      "Alt+ArrowUp": key((at) => at.reorder(-1), true),
      "Alt+ArrowDown": key((at) => at.reorder(1), true),
      "Alt+Shift+ArrowUp": key((at) => at.structure().earlier?.(), true),
      "Alt+Shift+ArrowDown": key((at) => at.structure().later?.(), true),
      "Shift+D": letter((at) => at.structure().twice?.()),
      s: letter((at) => at.structure().split?.()),
      j: letter((at) => at.structure().join?.()),
      "Shift+ArrowUp": key((at) => at.doors.marks.extendBy(-1)),
      "Shift+ArrowDown": key((at) => at.doors.marks.extendBy(1)),
      ArrowUp: key((at) => at.stepSlot(-1)),
      ArrowDown: key((at) => at.stepSlot(1)),
      ArrowLeft: key((at) => at.stepBlock(-1)),
      ArrowRight: key((at) => at.stepBlock(1)),
      Enter: enter,
      a: letter((at) => at.doors.pick("add")),
      b: letter((at) => at.addBlock()),
      d: letter((at) => at.duplicate()),
      Delete: key((at) => at.remove()),
      Backspace: key((at) => at.remove()),
      n: letter(() => document.querySelector<HTMLInputElement>("[data-number]")?.focus()),
      m: letter((at) => at.doors.showMore()),
      r: letter((at) => at.doors.showRoom()),
      f: letter((at) => at.doors.stepFinding(1)),
      "Shift+F": letter((at) => at.doors.stepFinding(-1)),
      v: letter((at) => at.doors.tryFix()),
      y: letter((at) => at.doors.takeFix()),
      Escape: (event) => {
        if (isTyping(event)) return;
        now.current.doors.marks.clear();
        now.current.doors.leaveFix();
      },
      w: letter((at) => at.doors.because()),
      p: letter((at) => at.doors.paste()),
      c: letter((at) => at.doors.copyText()),
      l: letter((at) => at.doors.showFit()),
      x: letter((at) => at.doors.showTable()),
      h: letter((at) => at.doors.showVersions()),
      t: letter((at) => at.doors.teach()),
      "Shift+?": key((at) => at.doors.showKeys()),
    });
  }, []);
}
