"use client";
import type { ClassDoc } from "@/core/class/document";
import type { ClassRecord, SegmentRecord } from "@/core/log/record";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import type { PlainKey, Say } from "@/words/screens/screens";

/** A segment that took this much more or less is worth a line, seconds. */
const WORTH_A_LINE = 3;

/** Names of the moves, by slot. */
export type Names = Readonly<Record<string, string>>;

const KIND_WORDS: Record<SegmentRecord["kind"], PlainKey<"log">> = {
  brief: "talk",
  demo: "demonstration",
  prepare: "getReady",
  work: "work",
  "side-change": "sideChange",
  rest: "rest",
  "long-rest": "restBetweenRounds",
  after: "water",
};

function nameOf(names: Names, segment: SegmentRecord, t: Say<"log">): string {
  const move = (segment.slot && names[segment.slot]) || "";
  const round = segment.round ? t("inRound", { round: segment.round }) : "";
  if (segment.kind === "work") return `${move}${round}`;
  const kind = t(KIND_WORDS[segment.kind]);
  return `${move ? t("kindAfter", { kind, move }) : kind}${round}`;
}

/** What each block took against plan, drawn to one scale; and the segments that went otherwise. */
export function TimesTaken(props: {
  readonly doc: ClassDoc;
  readonly record: ClassRecord;
  readonly names: Names;
}) {
  const t = useTexts("log");
  const { doc, record, names } = props;
  const rows = doc.blocks.map((block) => {
    const own = record.segments.filter((segment) => segment.block === block.id);
    return {
      id: block.id,
      title: block.title || t("block"),
      plan: own.reduce((sum, segment) => sum + segment.planSeconds, 0),
      took: own.reduce((sum, segment) => sum + (segment.tookSeconds ?? 0), 0),
    };
  });
  const most = Math.max(1, ...rows.map(({ plan, took }) => Math.max(plan, took)));
  const percent = (seconds: number) => `${(seconds / most) * 100}%`;
  const other = record.segments.filter(
    ({ planSeconds, tookSeconds }) =>
      tookSeconds === null || Math.abs(tookSeconds - planSeconds) >= WORTH_A_LINE,
  );
  const missing = other.filter(({ tookSeconds }) => tookSeconds === null);
  const changed = other.filter(({ tookSeconds }) => tookSeconds !== null);
  return (
    <section aria-labelledby="times" className="mt-5">
      <h2 id="times" className="text-lg font-bold">
        {t("whatTook")}
      </h2>
      <div className="mt-1 grid grid-cols-[11rem_1fr_11rem] items-center gap-x-4 gap-y-1.5">
        {rows.map(({ id, title, plan, took }) => {
          const by = Math.round(took - plan);
          return (
            <div key={id} className="contents">
              <span className="truncate">{title}</span>
              <span aria-hidden className="relative block h-5 border-b border-dashed border-quiet">
                <svg aria-hidden className="absolute top-0 left-0 h-full w-full overflow-visible">
                  <rect width={percent(Math.min(took, plan))} height="100%" className="fill-pine" />
                  {took > plan && (
                    <rect
                      x={percent(plan)}
                      y="6%"
                      width={percent(took - plan)}
                      height="88%"
                      className="fill-none stroke-pine stroke-2"
                    />
                  )}
                  <rect x={percent(plan)} y="-0.25rem" width="2" height="1.75rem" className="fill-ink" />
                </svg>
              </span>
              <span className="tabular-nums">
                <b>{clockText(Math.round(took))}</b>
                <span className="text-quiet">
                  {" "}
                  {t("ofBy", {
                    clock: clockText(plan),
                    way: Math.abs(by) < 2 ? "none" : by > 0 ? "more" : "less",
                    by: clockText(Math.abs(by)),
                  })}
                </span>
              </span>
            </div>
          );
        })}
      </div>
      {(changed.length > 0 || missing.length > 0) && (
        <details className="mt-2">
          <summary className="cursor-pointer text-quiet">
            {t("tookOther", { changed: changed.length, worth: WORTH_A_LINE, missing: missing.length })}
          </summary>
          <ul className="mt-1 columns-2 gap-8">
            {other.map((segment, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a segment is its place
              <li key={i} className="flex justify-between gap-3 border-b border-hairline py-0.5">
                <span className="truncate">{nameOf(names, segment, t)}</span>
                <span className="whitespace-nowrap text-quiet">
                  {segment.tookSeconds === null
                    ? t("notTaken")
                    : t("tookOf", {
                        tookSeconds: Math.round(segment.tookSeconds),
                        planSeconds: segment.planSeconds,
                      })}
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
