"use client";
import type { EChartsCoreOption } from "echarts/core";
import { useMemo, useState } from "react";
/** What somebody did in a move over time with what was believed of it, effort and attendance; each with its table. */
import { useTexts } from "@/features/language/use-texts";
import { CHART_INKS, Chart } from "@/ui/chart";
import type { Say } from "@/words/screens/screens";

export interface ChartPoint {
  /** In words, and as an instant for the scale. */
  readonly day: string;
  readonly atMs: number;
  readonly text: string;
  /** Of each thing held, seconds of a hold, or reps: whatever the move is told by. */
  readonly value: number | null;
  readonly low: number | null;
  readonly median: number | null;
  readonly high: number | null;
}

export interface ChartMove {
  readonly id: string;
  readonly name: string;
  readonly unit: "kg" | "s" | "reps";
  readonly points: readonly ChartPoint[];
}

export interface ChartClass {
  readonly day: string;
  readonly title: string;
  readonly present: boolean;
  readonly effort: number | null;
}

export interface ChartRegion {
  readonly region: string;
  readonly move: string;
  readonly now: string;
  readonly change: string;
}

const { ink, pine, band, hairline, quiet, rust } = CHART_INKS;
const UNITS = { kg: "kgEachThing", s: "seconds", reps: "repsSet" } as const;

const axis = {
  splitLine: { show: false },
  axisLine: { lineStyle: { color: ink } },
  axisLabel: { color: quiet, fontSize: 12 },
};

/** Sets as points, the estimated maximum as a band with its middle. */
function moveOption({ points, unit }: ChartMove, t: Say<"progress">): EChartsCoreOption {
  const days = points.map(({ day }) => day);
  const of = (key: "value" | "low" | "median" | "high") => points.map((point) => point[key]);
  const silent = {
    type: "line",
    symbol: "none",
    silent: true,
    stack: "band",
    yAxisIndex: 1,
    lineStyle: { width: 0 },
  };
  const spans = points.map(({ low, high }) => (low === null || high === null ? null : high - low));
  return {
    animation: false,
    textStyle: { fontFamily: "inherit" },
    grid: { left: 48, right: 56, top: 44, bottom: 26 },
    xAxis: { type: "category", data: days, boundaryGap: true, ...axis },
    yAxis: [
      {
        type: "value",
        name: t(UNITS[unit]),
        min: 0,
        // Room for what stands over the highest.
        max: ({ max }: { max: number }) => Math.ceil(max * 1.25),
        nameTextStyle: { color: quiet, align: "left" },
        ...axis,
        splitLine: { lineStyle: { color: hairline } },
      },
      {
        type: "value",
        name: t("maximumKgAll"),
        nameTextStyle: { color: quiet, align: "right" },
        show: points.some(({ median }) => median !== null),
        ...axis,
      },
    ],
    series: [
      { ...silent, data: of("low") },
      { ...silent, data: spans, areaStyle: { color: band } },
      {
        type: "line",
        symbol: "none",
        silent: true,
        yAxisIndex: 1,
        lineStyle: { color: pine, width: 2 },
        data: of("median"),
      },
      {
        type: "scatter",
        silent: true,
        z: 5,
        symbolSize: 9,
        itemStyle: { color: ink },
        data: of("value"),
        label: {
          show: points.length <= 14,
          position: "top",
          fontSize: 11,
          color: ink,
          formatter: ({ dataIndex }: { dataIndex: number }) => points[dataIndex]?.text.split(",")[0] ?? "",
        },
      },
    ],
  };
}

/** Effort of each class; a class that somebody didn't come to is a mark at the foot. */
function effortOption(classes: readonly ChartClass[]): EChartsCoreOption {
  return {
    animation: false,
    textStyle: { fontFamily: "inherit" },
    grid: { left: 30, right: 8, top: 10, bottom: 26 },
    xAxis: { type: "category", data: classes.map(({ day }) => day), ...axis },
    yAxis: {
      type: "value",
      min: 0,
      max: 10,
      interval: 2,
      ...axis,
      splitLine: { lineStyle: { color: hairline } },
    },
    series: [
      {
        type: "bar",
        silent: true,
        barMaxWidth: 18,
        data: classes.map(({ present, effort }) =>
          present ? { value: effort, itemStyle: { color: (effort ?? 0) >= 9 ? rust : pine } } : null,
        ),
      },
      {
        type: "scatter",
        silent: true,
        symbol: "rect",
        symbolSize: [10, 2],
        itemStyle: { color: quiet },
        data: classes.map(({ present }) => (present ? null : 0.2)),
      },
    ],
  };
}

export function PersonCharts(props: {
  readonly moves: readonly ChartMove[];
  /** The first first. */
  readonly classes: readonly ChartClass[];
  readonly regions: readonly ChartRegion[];
}) {
  const t = useTexts("progress");
  const { moves, classes, regions } = props;
  const [chosen, setChosen] = useState(moves[0]?.id ?? "");
  const move = moves.find(({ id }) => id === chosen) ?? moves[0];
  const option = useMemo(() => (move ? moveOption(move, t) : {}), [move, t]);
  const effort = useMemo(() => effortOption(classes), [classes]);
  if (!move) return null;
  const there = classes.filter(({ present }) => present).length;
  return (
    <section aria-labelledby="over-time" className="mt-6 border-t border-hairline pt-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 id="over-time" className="text-lg font-bold">
          {t("overTime")}
        </h2>
        <label className="flex items-baseline gap-2">
          <span className="text-quiet">{t("move")}</span>
          <select
            className="border-b-2 border-pine bg-transparent font-bold"
            value={move.id}
            onChange={(event) => setChosen(event.target.value)}
          >
            {moves.map(({ id, name, points }) => (
              <option key={id} value={id}>
                {name} ({points.length})
              </option>
            ))}
          </select>
        </label>
      </div>
      <div className="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-x-6 max-[1000px]:grid-cols-1">
        <div>
          <Chart option={option} className="h-60 w-full" testId="move-chart" />
          <p className="text-sm text-quiet">{t("pointsWhatWasDone")}</p>
          <Table
            caption={t("classByClass", { name: move.name })}
            head={[t("day"), t("done"), t("maximumKgAll2")]}
            rows={move.points.map(({ day, text, low, median, high }) => [
              day,
              text,
              median === null ? "–" : `${median} (${low}–${high})`,
            ])}
          />
        </div>
        <div>
          <Chart option={effort} className="h-60 w-full" testId="effort-chart" />
          <p className="text-sm text-quiet">{t("effortThere", { there, classes: classes.length })}</p>
          <Table
            caption={t("effortAttendance")}
            head={[t("day"), t("class"), t("effort")]}
            rows={classes.map((each) => [
              each.day,
              each.title,
              each.present ? (each.effort === null ? t("notSaid") : `${each.effort}`) : t("notThere"),
            ])}
          />
        </div>
      </div>
      {regions.length > 0 && (
        <>
          <h3 className="mt-3 font-bold">{t("whatBelieved")}</h3>
          <ul className="grid grid-cols-2 gap-x-8 max-[800px]:grid-cols-1">
            {regions.map(({ region, move: by, now, change }) => (
              <li key={region} className="grid grid-cols-[9rem_1fr] gap-x-3 border-b border-hairline py-0.5">
                <span>{region}</span>
                <span>
                  <b>{now}</b> <span className="text-sm text-quiet">{t("changeBy", { change, by })}</span>
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function Table(props: {
  readonly caption: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}) {
  const t = useTexts("progress");
  return (
    <details className="mt-1">
      <summary className="cursor-pointer text-sm underline underline-offset-2">{t("table")}</summary>
      <table className="w-full border-collapse text-left text-sm">
        <caption className="sr-only">{props.caption}</caption>
        <thead className="text-quiet">
          <tr className="border-b border-hairline">
            {props.head.map((each) => (
              <th key={each} className="py-0.5 font-semibold">
                {each}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {props.rows.map((row, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two lines may say the same
            <tr key={i} className="border-b border-hairline">
              {row.map((cell, j) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a cell is its column
                <td key={j} className="py-0.5 pr-3">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
