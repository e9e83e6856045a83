"use client";
import { useMemo } from "react";
import { setClass } from "@/core/class/commands";
import { expandedSeconds } from "@/core/class/expand";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { clockText } from "@/core/units";
import { TextCell } from "./text-cell";
import type { Desk } from "./use-desk";

const PROMISE = "Minutes, such as 45 or 1 h 15";

/** Minutes as they are typed: `45`, `45 min`, `1 h`, `1 h 15`, `1:15`; null where it isn't one of these. */
function minutesIn(text: string): number | null {
  const [, hours = "0", minutes = "0"] =
    /^\s*(?:(\d)\s*(?:h|hour|hours|:)\s*)?(?:(\d{1,3})\s*(?:min|mins|minutes|m)?)?\s*$/i.exec(text) ?? [];
  const all = Number(hours) * 60 + Number(minutes);
  return all >= 1 && all <= 999 ? all : null;
}

/** What the last step did to the length; undo takes just that back. */
function LastChange({ desk }: { readonly desk: Desk }) {
  const { before, score } = desk;
  const was = useMemo(() => before && expandedSeconds(before, LIBRARY_BOOK, "plan"), [before]);
  const by = was === null ? null : score.seconds.plan - was;
  return (
    <output
      aria-label="By the last change"
      title="By the last change"
      className="min-w-9 text-right text-sm text-quiet tabular-nums"
    >
      {by !== null && `${by < 0 ? "−" : "+"}${clockText(Math.abs(by))}`}
    </output>
  );
}

/** Timed length against what was promised. */
export function LengthLine({ desk, onFit }: { readonly desk: Desk; readonly onFit: () => void }) {
  const { seconds } = desk.score;
  const minutes = desk.doc.promise?.minutes;
  const spare = minutes === undefined ? null : minutes * 60 - seconds.plan;
  const promise = (text: string) => {
    const { minutes: _old, ...rest } = desk.doc.promise ?? {};
    const promised = minutesIn(text);
    const to = promised === null ? rest : { ...rest, minutes: promised };
    desk.edit(setClass(desk.doc, "promise", to));
  };
  return (
    <div className="flex items-baseline gap-2 whitespace-nowrap">
      <output
        aria-label="Length of the class"
        className="font-clock text-2xl font-bold leading-none"
        data-testid="total"
      >
        {clockText(seconds.plan)}
      </output>
      <LastChange desk={desk} />
      <span className="text-quiet">
        of{" "}
        <TextCell
          label="Promised minutes"
          className="w-9 min-w-0 text-center text-ink"
          placeholder="…"
          value={minutes === undefined ? "" : String(minutes)}
          answer={(text) => (text.trim() === "" || minutesIn(text) !== null ? null : PROMISE)}
          onTake={promise}
        />{" "}
        min
        {spare !== null && (
          <>
            {" · "}
            <span className={spare < -60 ? "font-bold text-rust" : ""}>
              {spare < 0 ? `${clockText(-spare)} over` : `${clockText(spare)} spare`}
            </span>
          </>
        )}
        {" · "}
        <button type="button" className="underline underline-offset-2" onClick={onFit}>
          fit
        </button>
        {seconds.min !== seconds.max && (
          <span className="max-[1400px]:hidden">
            {" "}
            · {clockText(seconds.min)}–{clockText(seconds.max)}
          </span>
        )}
      </span>
    </div>
  );
}
