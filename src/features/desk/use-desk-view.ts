"use client";
/** What is open on the Desk beside the class itself. */
import { useEffect, useState } from "react";
import { deviceChoices, keepDeviceChoices } from "@/browser/device";
import type { RowMinutes } from "@/drawing/measures";
import type { RoomChoice } from "@/features/room/room-grid";
import type { Room } from "@/features/room/use-parts";
import type { MovePick } from "./desk-doors";
import type { PanelTab } from "./desk-panel";
import type { Desk } from "./use-desk";

type Opened = "keys" | "files" | "table" | "teach" | "versions" | "fit" | "order" | "paste" | MovePick;

/** What is open on the Desk beside the class itself: a dialog, the room, a tab, a slot's details. */
export function useDeskView() {
  const [opened, setOpened] = useState<Opened | null>(null);
  /** What the dialog for a plan begins with. */
  const [plan, setPlan] = useState("");
  const [more, setMore] = useState(false);
  const [view, setView] = useState<"score" | "room">("score");
  // Back from somebody's home the room is open as it was.
  useEffect(() => {
    if (window.location.hash === "#room") setView("room");
  }, []);
  const [choice, setChoice] = useState<RoomChoice>({ person: null, slot: null });
  const [tab, setTab] = useState<PanelTab>("who");
  const [curve, setCurve] = useState<readonly number[] | null>(null);
  const [minutes, setMinutes] = useState<RowMinutes>(5);
  // This device may show more of a class at once, or less of it larger.
  useEffect(() => setMinutes(deviceChoices().rowMinutes), []);
  return {
    opened,
    open: setOpened,
    plan,
    /** A pasted text of which not all is certain. */
    reviewPlan: (text: string) => {
      setPlan(text);
      setOpened("paste");
    },
    /** For a dialog that opens and shuts one thing. */
    shutting: (open: boolean) => {
      if (open) return;
      setOpened(null);
      setPlan("");
    },
    more,
    toggleMore: () => setMore((on) => !on),
    room: view === "room",
    toggleRoom: () => setView((now) => (now === "score" ? "room" : "score")),
    showFindings: () => {
      setTab("findings");
      setView("score");
    },
    choice,
    setChoice,
    tab,
    setTab,
    curve,
    setCurve,
    minutes,
    setMinutes: (to: RowMinutes) => {
      setMinutes(to);
      keepDeviceChoices({ ...deviceChoices(), rowMinutes: to });
    },
  };
}
export type DeskView = ReturnType<typeof useDeskView>;

/** What most of the Desk is made of. */
export interface DeskParts {
  readonly desk: Desk;
  readonly view: DeskView;
  readonly room: Room;
}
