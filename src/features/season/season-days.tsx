"use client";
import { X } from "lucide-react";
import Link from "next/link";
import { MOST_LINES, type SeasonLine } from "@/core/season/pattern";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";

const WEEKDAYS = ["monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"] as const;
const BOX = "w-full border border-quiet bg-white px-2 py-1.5";

/** The weekdays of a pattern, each with its time, class and what it is for. */
export function SeasonDays(props: {
  readonly lines: readonly SeasonLine[];
  readonly classes: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (lines: readonly SeasonLine[]) => void;
}) {
  const t = useTexts("season");
  const { lines, classes, onChange } = props;
  const setLine = (i: number, change: Partial<SeasonLine>) =>
    onChange(lines.map((line, j) => (j === i ? { ...line, ...change } : line)));
  const last = lines.at(-1);
  return (
    <fieldset>
      <legend className="font-semibold">{t("daysWeek")}</legend>
      <div
        aria-hidden
        className="mt-1 grid grid-cols-[8rem_7rem_minmax(0,1fr)_8rem_1.75rem] gap-2 text-sm text-quiet"
      >
        <span>{t("weekday")}</span>
        <span>{t("time")}</span>
        <span>{t("class")}</span>
        <span>{t("for")}</span>
      </div>
      <ul>
        {lines.map((line, i) => (
          <li
            // A line is its place: there may be two of one weekday.
            // biome-ignore lint/suspicious/noArrayIndexKey: nothing else tells them apart
            key={i}
            className="grid grid-cols-[8rem_7rem_minmax(0,1fr)_8rem_1.75rem] items-center gap-2 py-1"
          >
            <select
              aria-label={t("weekdayN", { n: i + 1 })}
              className={BOX}
              value={line.weekday}
              onChange={(event) => setLine(i, { weekday: Number(event.target.value) })}
            >
              {WEEKDAYS.map((name, day) => (
                <option key={name} value={day + 1}>
                  {t(name)}
                </option>
              ))}
            </select>
            <input
              type="time"
              aria-label={t("timeN", { n: i + 1 })}
              className={BOX}
              value={line.time}
              onChange={(event) => setLine(i, { time: event.target.value })}
            />
            <select
              aria-label={t("classN", { n: i + 1 })}
              className={BOX}
              value={line.classId}
              onChange={(event) => setLine(i, { classId: event.target.value })}
            >
              {classes.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
            <input
              aria-label={t("forWhatN", { n: i + 1 })}
              placeholder={t("legs")}
              className={BOX}
              value={line.focus}
              maxLength={60}
              onChange={(event) => setLine(i, { focus: event.target.value })}
            />
            <Button
              look="icon"
              aria-label={t("leaveOutN", { n: i + 1 })}
              disabled={lines.length === 1}
              onClick={() => onChange(lines.filter((_, j) => j !== i))}
            >
              <X size={16} aria-hidden />
            </Button>
          </li>
        ))}
      </ul>
      <p className="mt-1">
        <Button
          disabled={lines.length >= MOST_LINES}
          onClick={() => last && onChange([...lines, { ...last, weekday: (last.weekday % 7) + 1 }])}
        >
          {t("oneMoreDay")}
        </Button>
        <span className="ml-3 text-sm text-quiet">
          {t("classIsntThereYet")}{" "}
          <Link href="/classes/new" className="underline underline-offset-2">
            {t("begunFromStartingPoint")}
          </Link>
          .
        </span>
      </p>
    </fieldset>
  );
}
