"use client";
import Link from "next/link";
import type { Outline } from "@/core/effort/outline";
import { useTexts } from "@/features/language/use-texts";
import { MiniScore } from "@/features/score/mini-score";
import { cx } from "@/ui/cx";

export interface CellClass extends Pick<Outline, "bars" | "seconds" | "pieces"> {
  readonly sessionId: string;
  readonly classId: string;
  readonly title: string;
  readonly time: string;
  readonly length: string;
  readonly edited: boolean;
  readonly state: string;
  readonly people: number;
}

export interface WeekRow {
  readonly week: number;
  /** Monday, in words. */
  readonly from: string;
  readonly easier: boolean;
  /** Monday to Sunday. */
  readonly days: readonly {
    readonly day: string;
    readonly off: boolean;
    readonly classes: readonly CellClass[];
  }[];
}

/** A week's days: small scores to one scale of time, rest days empty. */
export function WeekCells(props: {
  readonly row: WeekRow;
  readonly longestSeconds: number;
  readonly marked: ReadonlySet<string>;
}) {
  const t = useTexts("season");
  const { row, longestSeconds, marked } = props;
  return (
    <div className="grid grid-cols-[4.5rem_repeat(7,minmax(0,1fr))] gap-x-2">
      <p>
        <b className="font-clock text-2xl leading-none">{row.week + 1}</b>
        <span className="block text-sm leading-tight">{row.from}</span>
        {row.easier && <span className="block text-sm leading-tight text-quiet">{t("easier")}</span>}
      </p>
      {row.days.map(({ day, off, classes }) => (
        <div key={day} className="min-w-0 border-l border-hairline pl-1.5">
          {/* A day says itself only where something is on it. */}
          {(classes.length > 0 || off) && (
            <p className={cx("text-sm leading-tight", off && "text-rust")}>
              {off ? t("dayOff", { day }) : day}
            </p>
          )}
          {classes.map((each) => (
            <Cell
              key={each.sessionId}
              own={each}
              longestSeconds={longestSeconds}
              isMarked={marked.has(each.sessionId)}
            />
          ))}
        </div>
      ))}
    </div>
  );
}

function Cell(props: {
  readonly own: CellClass;
  readonly longestSeconds: number;
  readonly isMarked: boolean;
}) {
  const t = useTexts("season");
  const { own, longestSeconds, isMarked } = props;
  const gone = own.state === "cancelled";
  return (
    <div className={cx("min-w-0", isMarked && "bg-marker/50")}>
      <Link href={`/classes/${own.classId}`} className="block" title={`${own.title}, ${own.length}`}>
        <MiniScore
          bars={own.bars}
          seconds={own.seconds}
          pieces={own.pieces}
          longestSeconds={longestSeconds}
          low
        />
        <span
          className={cx(
            "block truncate text-sm font-bold leading-tight underline decoration-hairline underline-offset-2",
            gone && "line-through",
          )}
        >
          {own.title}
        </span>
      </Link>
      <span className="block truncate text-sm leading-tight text-quiet">
        <Link
          href={`/sessions/${own.sessionId}`}
          className="underline decoration-hairline underline-offset-2"
        >
          {own.time}
        </Link>{" "}
        {own.length}
        {own.edited && ` ${t("edited")}`}
        {own.state === "ended" && ` ${t("taught")}`}
      </span>
    </div>
  );
}
