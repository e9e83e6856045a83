"use client";
import type { EChartsCoreOption } from "echarts/core";
import { useEffect, useRef } from "react";
import type { PulseAt } from "@/core/rehearsal/report";
import { clockText } from "@/core/units";

const INK = "#101c1a";
const PINE = "#17544e";
const BAND = "#c9d8d2";
const HAIRLINE = "#b9c4bf";
const QUIET = "#5a6865";

/** Loaded when first looked at: the charts are a piece of their own. */
async function loadCharts() {
  const [core, charts, parts, renderers] = await Promise.all([
    import("echarts/core"),
    import("echarts/charts"),
    import("echarts/components"),
    import("echarts/renderers"),
  ]);
  core.use([charts.LineChart, parts.GridComponent, renderers.SVGRenderer]);
  return core;
}

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
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    let over = false;
    let close = () => {};
    void loadCharts().then((core) => {
      if (over || !box.current) return;
      const chart = core.init(box.current, null, { renderer: "svg" });
      chart.setOption(optionOf(pulse));
      const fit = () => chart.resize();
      window.addEventListener("resize", fit);
      close = () => {
        window.removeEventListener("resize", fit);
        chart.dispose();
      };
    });
    return () => {
      over = true;
      close();
    };
  }, [pulse]);
  return <div ref={box} aria-hidden className="h-56 w-full" data-testid="pulse-chart" />;
}
