/** What Chromium's own trace says of a stretch of work: tasks, and frames after keys. */
import type { WebDriver } from "selenium-webdriver";

interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly pid: number;
  readonly tid: number;
  /** Microseconds. */
  readonly ts: number;
  readonly dur: number;
  readonly args?: { readonly data?: { readonly type?: string } };
}

export interface Traced {
  /** From each key down to the end of the next frame's commit on the page's thread: drawn and handed over to be shown, ms. */
  readonly keyToFrameMs: readonly number[];
  /** Of that, what the page's thread works; the rest it waits for the screen's next tick, up to 16.7 ms. */
  readonly workMs: readonly number[];
  /** What listens to the key, ms. */
  readonly keyTaskMs: readonly number[];
  /** Tasks of the page's thread that took over 50 ms. */
  readonly longTasks: readonly number[];
}

const CATEGORIES = ["devtools.timeline", "disabled-by-default-devtools.timeline", "toplevel", "cc"];
const LONG_US = 50_000;

interface Wire {
  send(method: string, params: object): Promise<unknown>;
  readonly _wsConnection: { on(event: "message", hear: (data: { toString(): string }) => void): void };
}

/** Does something while the browser notes all that it does. */
export async function traceOf(driver: WebDriver, run: () => Promise<void>): Promise<Traced> {
  const wire = (await (
    driver as unknown as { createCDPConnection(target: string): Promise<unknown> }
  ).createCDPConnection("page")) as Wire;
  const events: TraceEvent[] = [];
  const ended = new Promise<void>((resolve) => {
    wire._wsConnection.on("message", (data) => {
      const { method, params } = JSON.parse(data.toString());
      if (method === "Tracing.dataCollected") events.push(...params.value);
      if (method === "Tracing.tracingComplete") resolve();
    });
  });
  await wire.send("Tracing.start", {
    transferMode: "ReportEvents",
    traceConfig: { includedCategories: CATEGORIES },
  });
  await run();
  await wire.send("Tracing.end", {});
  await ended;
  return summed(events);
}

function summed(events: readonly TraceEvent[]): Traced {
  const isKey = ({ name, args }: TraceEvent) => name === "EventDispatch" && args?.data?.type === "keydown";
  const isMove = ({ name, args }: TraceEvent) =>
    name === "EventDispatch" && args?.data?.type === "pointermove";
  const first = events.find(isKey) ?? events.find(isMove);
  const own = events
    .filter(({ ph, pid, tid }) => ph === "X" && pid === first?.pid && tid === first.tid)
    .sort((a, b) => a.ts - b.ts);
  const keys = own.filter(isKey);
  const commits = own.filter(({ name }) => name === "Commit");
  const tasks = own.filter(({ name }) => name === "RunTask");
  const spans = keys.flatMap(({ ts, dur }) => {
    const commit = commits.find((each) => each.ts >= ts + dur);
    return commit ? [{ from: ts, to: commit.ts + commit.dur }] : [];
  });
  /** Tasks never run within each other. */
  const worked = ({ from, to }: { readonly from: number; readonly to: number }) =>
    tasks.reduce((sum, { ts, dur }) => sum + Math.max(0, Math.min(to, ts + dur) - Math.max(from, ts)), 0);
  return {
    keyToFrameMs: spans.map(({ from, to }) => (to - from) / 1000),
    workMs: spans.map((span) => worked(span) / 1000),
    keyTaskMs: keys.map(({ dur }) => dur / 1000),
    longTasks: own
      .filter(({ name, dur }) => name === "RunTask" && dur > LONG_US)
      .map(({ dur }) => dur / 1000),
  };
}
