"use client";
import type { ECharts, EChartsCoreOption } from "echarts/core";
import { useEffect, useRef } from "react";

/** The inks of charts, which are drawn without the page's own styles. */
export const CHART_INKS = {
  ink: "#101c1a",
  pine: "#17544e",
  band: "#c9d8d2",
  hairline: "#b9c4bf",
  quiet: "#5a6865",
  rust: "#9a4a1c",
} as const;

/** Loaded when a chart is first looked at: they are a piece of their own. */
async function loadCharts() {
  const [core, charts, parts, renderers] = await Promise.all([
    import("echarts/core"),
    import("echarts/charts"),
    import("echarts/components"),
    import("echarts/renderers"),
  ]);
  core.use([
    charts.BarChart,
    charts.CustomChart,
    charts.LineChart,
    charts.ScatterChart,
    parts.GridComponent,
    renderers.SVGRenderer,
  ]);
  return core;
}

/** A chart that follows its option and its room; what it says stands beside it for who doesn't see it. */
export function Chart(props: {
  readonly option: EChartsCoreOption;
  readonly className: string;
  readonly testId?: string;
  /** Left out: a picture whose words stand beside it. */
  readonly label?: string;
}) {
  const { option, label } = props;
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<ECharts | null>(null);
  useEffect(() => {
    let gone = false;
    void loadCharts().then((core) => {
      if (gone || !box.current) return;
      chart.current ??= core.init(box.current, null, { renderer: "svg" });
      chart.current.resize();
      chart.current.setOption(option, true);
    });
    return () => {
      gone = true;
    };
  }, [option]);
  useEffect(() => {
    const fit = () => chart.current?.resize();
    window.addEventListener("resize", fit);
    return () => {
      window.removeEventListener("resize", fit);
      chart.current?.dispose();
      chart.current = null;
    };
  }, []);
  return (
    <div
      ref={box}
      className={props.className}
      data-testid={props.testId}
      {...(label ? { role: "img", "aria-label": label } : { "aria-hidden": true })}
    />
  );
}
