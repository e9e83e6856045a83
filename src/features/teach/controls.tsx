"use client";
import {
  ChevronLeft,
  ChevronRight,
  Flag,
  Keyboard,
  ListOrdered,
  Pause,
  PenLine,
  Play,
  Plus,
  Replace,
  Square,
  Users,
  Volume2,
  VolumeX,
} from "lucide-react";
import type { ReactNode } from "react";
import type { Counting } from "@/browser/device";
import { useTexts } from "@/features/language/use-texts";
import type { PlainKey } from "@/words/screens/screens";

/** What can be done while teaching, by button and by key. */
export interface TeachActions {
  readonly start: () => unknown;
  readonly toggle: () => unknown;
  readonly skip: () => unknown;
  readonly back: () => unknown;
  readonly repeat: () => unknown;
  readonly extend: () => unknown;
  readonly shorten: () => unknown;
  readonly finish: () => unknown;
  readonly substitute: () => unknown;
  readonly people: () => unknown;
  readonly note: () => unknown;
  readonly contact: () => unknown;
  readonly keys: () => unknown;
  /** This instructor leads from now on. */
  readonly lead: () => unknown;
  readonly end: () => unknown;
  readonly mute: () => unknown;
  /** Reps are counted from here on. */
  readonly count: () => unknown;
  /** Counts are heard in another way: not at all, ticked, spoken. */
  readonly counting: () => unknown;
  /** Answers the first who pressed "hurts". */
  readonly seen: () => unknown;
}

/** How counts are heard now. */
const COUNTS: Readonly<Record<Counting, PlainKey<"teach">>> = {
  none: "noCount",
  ticks: "ticks",
  voice: "voice",
};

/** Count-in before the class's first second, and how much a press adds or takes. */
export const COUNT_IN_MS = 5000;
export const STEP_SECONDS = 10;

/** Something that can be pressed on a class that goes on, with its key where it has one. */
export function Control(props: {
  readonly name: string;
  readonly keys?: string;
  readonly onPress: () => unknown;
  readonly children: ReactNode;
}) {
  return (
    <button
      type="button"
      className="inline-flex items-center gap-1.5 whitespace-nowrap border border-night-line px-2 py-1 hover:border-night-text"
      onClick={() => props.onPress()}
    >
      {props.children}
      <span className="max-[1180px]:sr-only">{props.name}</span>
      {props.keys && <kbd className="text-sm text-night-quiet">{props.keys}</kbd>}
    </button>
  );
}

/** The commands for a hand on the laptop; everything is on keys and clicker as well. */
export function Controls(props: {
  readonly actions: TeachActions;
  readonly paused: boolean;
  readonly cues: {
    readonly volume: number;
    readonly muted: boolean;
    readonly awake: boolean;
    readonly counting: Counting;
    readonly setVolume: (value: number) => void;
  };
}) {
  const t = useTexts("teach");
  const { actions, paused, cues } = props;
  return (
    <div className="flex flex-wrap items-center gap-1.5 px-8 pb-3 pt-1">
      <Control name={paused ? t("resume") : t("pause")} keys={t("space")} onPress={actions.toggle}>
        {paused ? <Play size={16} aria-hidden /> : <Pause size={16} aria-hidden />}
      </Control>
      <Control name={t("doBack")} keys="←" onPress={actions.back}>
        <ChevronLeft size={16} aria-hidden />
      </Control>
      <Control name={t("skip")} keys="→" onPress={actions.skip}>
        <ChevronRight size={16} aria-hidden />
      </Control>
      <Control name="10 s" keys="+" onPress={actions.extend}>
        <Plus size={16} aria-hidden />
      </Control>
      <Control name={t("finishOnTime")} keys="f" onPress={actions.finish}>
        <Flag size={15} aria-hidden />
      </Control>
      <Control name={t("otherMove")} keys="w" onPress={actions.substitute}>
        <Replace size={15} aria-hidden />
      </Control>
      <Control name={t("peopleThere")} keys="p" onPress={actions.people}>
        <Users size={15} aria-hidden />
      </Control>
      <Control name={t("noteDown")} keys="n" onPress={actions.note}>
        <PenLine size={15} aria-hidden />
      </Control>
      <Control name={t("endNow")} keys="e" onPress={actions.end}>
        <Square size={14} aria-hidden />
      </Control>
      <span className="flex-1" />
      {!cues.awake && (
        <span className="truncate text-night-quiet max-[1180px]:sr-only">{t("keyLetsSoundsBegin")}</span>
      )}
      <Control name={t("keyList")} keys="?" onPress={actions.keys}>
        <Keyboard size={15} aria-hidden />
      </Control>
      <Control name={t(COUNTS[cues.counting])} keys="v" onPress={actions.counting}>
        <ListOrdered size={15} aria-hidden />
      </Control>
      <Control name={cues.muted ? t("soundIsOff") : t("soundIsOn")} keys="m" onPress={actions.mute}>
        {cues.muted ? <VolumeX size={16} aria-hidden /> : <Volume2 size={16} aria-hidden />}
      </Control>
      <input
        type="range"
        min="0"
        max="1"
        step="0.05"
        aria-label={t("volume")}
        className="w-16 min-w-0 accent-marker"
        value={cues.muted ? 0 : cues.volume}
        onChange={(event) => cues.setVolume(Number(event.target.value))}
      />
    </div>
  );
}
