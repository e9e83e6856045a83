"use client";
import type { EChartsCoreOption } from "echarts/core";
import { useMemo } from "react";
import type { Spread } from "@/core/shape/shape-json";
import { useTexts } from "@/features/language/use-texts";
import { CHART_INKS, Chart } from "@/ui/chart";
import { Styled } from "@/ui/styled";

export interface BarLine {
  readonly name: string;
  readonly value: number;
  readonly spread: Spread | null;
}

const { ink: INK, pine: PINE, hairline: HAIRLINE, quiet: QUIET } = CHART_INKS;
const ROW = 20;

function optionOf(lines: readonly BarLine[]): EChartsCoreOption {
  const most = Math.max(1, ...lines.map((line) => Math.max(line.value, line.spread?.most ?? 0)));
  return {
    animation: false,
    textStyle: { fontFamily: "inherit" },
    grid: { left: 104, right: 26, top: 2, bottom: 18 },
    xAxis: {
      type: "value",
      max: most,
      splitLine: { lineStyle: { color: HAIRLINE } },
      axisLabel: { color: QUIET, fontSize: 11 },
    },
    yAxis: {
      type: "category",
      inverse: true,
      data: lines.map((line) => line.name),
      axisTick: { show: false },
      axisLine: { lineStyle: { color: INK } },
      axisLabel: { color: INK, fontSize: 12, interval: 0 },
    },
    series: [
      {
        type: "bar",
        data: lines.map((line) => line.value),
        barWidth: 9,
        itemStyle: { color: PINE },
        label: { show: true, position: "right", color: INK, fontSize: 11 },
      },
      {
        type: "custom",
        data: lines.map((line, i) => [line.spread?.least ?? line.value, line.spread?.most ?? line.value, i]),
        encode: { x: [0, 1], y: 2 },
        renderItem: (
          _params: unknown,
          api: { value(i: number): number; coord(point: readonly number[]): [number, number] },
        ) => {
          const [x1, y] = api.coord([api.value(0), api.value(2)]);
          const [x2] = api.coord([api.value(1), api.value(2)]);
          return {
            type: "line",
            shape: { x1, y1: y + 7, x2, y2: y + 7 },
            style: { stroke: INK, lineWidth: 1.5 },
          };
        },
      },
    ],
  };
}

/** Bars with the spread under each, drawn as a picture whose words stand beside it for screen readers. */
export function BarChart({ lines, label }: { readonly lines: readonly BarLine[]; readonly label: string }) {
  const t = useTexts("review");
  const option = useMemo(() => optionOf(lines), [lines]);
  return (
    <>
      <Styled look={{ height: `${lines.length * ROW + 26}px` }}>
        {/* Drawn anew where it is of another height. */}
        <Chart key={lines.length} option={option} className="h-full" label={label} />
      </Styled>
      <ul className="sr-only">
        {lines.map((line) => (
          <li key={line.name}>
            {line.name}: {line.value}
            {line.spread ? t("spread", { least: line.spread.least, most: line.spread.most }) : ""}
          </li>
        ))}
      </ul>
    </>
  );
}
