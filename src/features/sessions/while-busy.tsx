"use client";
import { instantIn } from "@/core/live/when";
import { useWords } from "@/features/language/use-words";
import { shortWhen } from "@/words/when-words";
import type { When } from "./when-fields";

export type BusyTimes = readonly { readonly startMs: number; readonly endMs: number }[];

/** Says where a class would meet what a calendar of the instructor's says. */
export function WhileBusy(props: {
  readonly when: When;
  readonly seconds: number;
  readonly busy: BusyTimes;
}) {
  const words = useWords();
  const { date, time, timeZone } = props.when;
  const at = instantIn(date, time, timeZone);
  const end = (at ?? 0) + props.seconds * 1000;
  const met = at === null ? [] : props.busy.filter(({ startMs, endMs }) => startMs < end && endMs > at);
  const clock = (ms: number) => shortWhen(ms, timeZone, words).time;
  const times = words.and(met.map(({ startMs, endMs }) => `${clock(startMs)}–${clock(endMs)}`));
  return (
    <p role="status" className="font-semibold text-rust">
      {met.length > 0 && words.phrase("busy", "meets", { times })}
    </p>
  );
}
