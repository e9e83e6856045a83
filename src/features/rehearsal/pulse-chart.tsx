"use client";
import type { EChartsCoreOption } from "echarts/core";
import { useMemo } from "react";
import type { PulseAt } from "@/core/rehearsal/report";
import { clockText } from "@/core/units";
import { CHART_INKS, Chart } from "@/ui/chart";

const { ink: INK, pine: PINE, band: BAND, hairline: HAIRLINE, quiet: QUIET } = CHART_INKS;

/** A band from the lowest to the highest, and the middle as a line. */
function optionOf(pulse: readonly PulseAt[]): EChartsCoreOption {
  const at = (of: (point: PulseAt) => number) => pulse.map((point) => [point.atSeconds, of(point)]);
  const quiet = { type: "line", symbol: "none", silent: true, lineStyle: { width: 0 }, stack: "band" };
  return {
    animation: false,
    textStyle: { fontFamily: "inherit" },
    grid: { left: 44, right: 12, top: 10, bottom: 26 },
    xAxis: {
      type: "value",
      min: 0,
      max: pulse.at(-1)?.atSeconds ?? 0,
      interval: 300,
      splitLine: { show: false },
      axisLine: { lineStyle: { color: INK } },
      axisLabel: { color: QUIET, fontSize: 12, formatter: (second: number) => clockText(second) },
    },
    yAxis: {
      type: "value",
      min: 40,
      splitLine: { lineStyle: { color: HAIRLINE } },
      axisLabel: { color: QUIET, fontSize: 12 },
    },
    series: [
      { ...quiet, data: at(({ least }) => least) },
      { ...quiet, data: at(({ least, most }) => most - least), areaStyle: { color: BAND } },
      {
        type: "line",
        symbol: "none",
        silent: true,
        lineStyle: { color: PINE, width: 2 },
        data: at(({ median }) => median),
      },
    ],
  };
}

/** What all straps said over the class: the middle of them, and from the lowest to the highest. */
export function PulseChart({ pulse }: { readonly pulse: readonly PulseAt[] }) {
  const option = useMemo(() => optionOf(pulse), [pulse]);
  return <Chart option={option} className="h-56 w-full" testId="pulse-chart" />;
}
