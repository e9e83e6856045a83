"use client";
import { setClass } from "@/core/class/commands";
import { clockText } from "@/core/units";
import { TextCell } from "./text-cell";
import type { Desk } from "./use-desk";

/** Timed length against what was promised. */
export function LengthLine({ desk, onFit }: { readonly desk: Desk; readonly onFit: () => void }) {
  const { seconds } = desk.score;
  const minutes = desk.doc.promise?.minutes;
  const spare = minutes === undefined ? null : minutes * 60 - seconds.plan;
  const promise = (text: string) => {
    const { minutes: _old, ...rest } = desk.doc.promise ?? {};
    const to = text.trim() === "" ? rest : { ...rest, minutes: Number(text) };
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
      <span className="text-quiet">
        of{" "}
        <TextCell
          label="Promised minutes"
          className="w-9 min-w-0 text-center text-ink"
          placeholder="…"
          value={minutes === undefined ? "" : String(minutes)}
          fits={(text) => /^\s*(\d{1,3})?\s*$/.test(text)}
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
