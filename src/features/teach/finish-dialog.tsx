"use client";
import { useState } from "react";
import type { CommandKind } from "@/core/live/event-kinds";
import type { Said, SessionEvent } from "@/core/live/events";
import { type FinishKind, type FinishWay, finishWays, nextTimeOfDay } from "@/core/live/finish";
import type { ClockState } from "@/core/live/fold";
import type { LiveScore } from "@/core/live/live-score";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { timeOfDay } from "@/features/live/time-of-day";
import { Dialog } from "@/ui/dialog";
import type { PlainKey } from "@/words/screens/screens";

/** Each way in words. */
export const WAY_WORDS: Readonly<Record<FinishKind, PlainKey<"teach">>> = {
  "drop-round": "dropRound",
  "shorten-rests": "shortenRests",
  "drop-finisher": "skipFinisher",
};

/** The ways to end earlier, each with the end that it would have: for Teach and for the remote. */
export function FinishWays(props: {
  readonly ways: readonly FinishWay[];
  readonly onTake: (...said: Said<FinishKind>) => void;
}) {
  const t = useTexts("teach");
  if (props.ways.length === 0) return <p className="text-2xl text-night-quiet">{t("nothingLeftCutCool")}</p>;
  return (
    <ul className="space-y-2">
      {props.ways.map(({ says, endMs, savesMs, lands }) => (
        <li key={says[0]}>
          <button
            type="button"
            className="flex w-full items-baseline justify-between gap-4 border-2 border-night-line px-4 py-3 text-left text-2xl font-bold hover:border-night-text"
            onClick={() => props.onTake(...says)}
          >
            <span>{t(WAY_WORDS[says[0]])}</span>
            <span>
              {t("endsAt", { time: timeOfDay(endMs) })}
              <span className="font-normal text-night-quiet">
                {" "}
                {t("lessBy", { clock: clockText(Math.round(savesMs / 1000)), lands: lands ? "yes" : "no" })}
              </span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** "Finish at 19:20": a wanted end, and one press for each way to get there. */
export function FinishDialog(props: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly score: LiveScore;
  readonly events: readonly SessionEvent[];
  readonly state: ClockState;
  readonly now: () => number;
  readonly command: (...said: Said<CommandKind>) => void;
}) {
  const t = useTexts("teach");
  const { state, score, events } = props;
  const [time, setTime] = useState<string | null>(null);
  const end = state.projectedEndMs;
  const shown = time ?? timeOfDay(state.finishAtMs ?? end ?? props.now());
  const set = () => {
    const [hours, minutes] = shown.split(":").map(Number);
    if (hours === undefined || minutes === undefined || Number.isNaN(hours + minutes)) return;
    const nowMs = props.now();
    const offsetMs = -new Date(nowMs).getTimezoneOffset() * 60_000;
    props.command("land-at", { finishAtMs: nextTimeOfDay(hours, minutes, nowMs, offsetMs) });
    setTime(null);
  };
  return (
    <Dialog
      night
      wide
      open={props.open}
      onOpenChange={props.onOpenChange}
      title={t("finishTime")}
      {...(end === null ? {} : { description: t("standsEnds", { time: timeOfDay(end) }) })}
    >
      <form
        className="mb-4 flex items-center gap-4 text-2xl"
        onSubmit={(event) => {
          event.preventDefault();
          set();
        }}
      >
        <label className="flex items-center gap-3">
          {t("finish")}
          <input
            type="time"
            className="border-2 border-night-line bg-night px-3 py-1.5 font-bold [color-scheme:dark]"
            value={shown}
            onChange={(event) => setTime(event.target.value)}
          />
        </label>
        <button type="submit" className="bg-marker px-5 py-2 font-bold text-night">
          {t("set2")}
        </button>
        {state.finishAtMs !== null && (
          <button
            type="button"
            className="underline underline-offset-4"
            onClick={() => props.command("land-at", { finishAtMs: null })}
          >
            {t("noFixedEnd")}
          </button>
        )}
      </form>
      <FinishWays ways={finishWays(score, events, props.now())} onTake={props.command} />
    </Dialog>
  );
}
