"use client";
import { memo, useMemo } from "react";
import { setClass } from "@/core/class/commands";
import { expandedSeconds } from "@/core/class/expand";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { changeText, clockText } from "@/core/units";
import { minutesIn } from "@/core/values/typed-number";
import { useTexts } from "@/features/language/use-texts";
import { SteadyClock } from "@/ui/steady-clock";
import { TextCell } from "./text-cell";
import type { Desk } from "./use-desk";

interface Props {
  readonly desk: Desk;
  readonly onFit: () => void;
}

/** What the last step did to the length; undo takes just that back. */
const LastChange = memo(function LastChange({ desk }: { readonly desk: Desk }) {
  const t = useTexts("desk");
  const { before, score } = desk;
  const was = useMemo(() => before && expandedSeconds(before, LIBRARY_BOOK, "plan"), [before]);
  const by = was === null ? null : score.seconds.plan - was;
  return (
    <output
      aria-label={t("byLastChange")}
      title={t("byLastChange")}
      className="min-w-9 text-right text-sm text-quiet tabular-nums"
    >
      {by !== null && changeText(by)}
    </output>
  );
});

/** Timed length against what was promised; what is only read beside it follows a moment later. */
export function LengthLine({ desk, late, onFit }: Props & { readonly late: Desk }) {
  const t = useTexts("desk");
  return (
    <div className="flex items-baseline gap-2 whitespace-nowrap">
      <span>
        <SteadyClock
          as="output"
          aria-label={t("lengthClass")}
          className="h-[1em] align-[-0.143em] text-right font-bold font-clock text-2xl leading-none"
          data-testid="total"
          time={clockText(desk.score.seconds.plan)}
        />
      </span>
      <LastChange desk={late} />
      <Promised desk={late} onFit={onFit} />
    </div>
  );
}

/** The length that was promised, how far the class is from it, and between what it may last. */
const Promised = memo(function Promised({ desk, onFit }: Props) {
  const t = useTexts("desk");
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
    <span className="text-quiet">
      {t("of")}{" "}
      <TextCell
        label={t("promisedMinutes")}
        className="w-9 min-w-0 text-center text-ink"
        placeholder="…"
        value={minutes === undefined ? "" : String(minutes)}
        answer={(text) => (text.trim() === "" || minutesIn(text) !== null ? null : t("minutesSuch"))}
        onTake={promise}
      />{" "}
      {t("min")}
      {spare !== null && (
        <>
          {" · "}
          <span className={spare < -60 ? "font-bold text-rust" : ""}>
            {spare < 0 ? t("over2", { by: clockText(-spare) }) : t("spare", { by: clockText(spare) })}
          </span>
        </>
      )}
      {" · "}
      <button type="button" className="underline underline-offset-2" onClick={onFit}>
        {t("fit")}
      </button>
      {seconds.min !== seconds.max && (
        <span className="max-[1400px]:hidden">
          {" "}
          · {clockText(seconds.min)}–{clockText(seconds.max)}
        </span>
      )}
    </span>
  );
});
