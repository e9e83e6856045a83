/**
 * What whoever runs Brontle can measure of this process, in the text format that collectors of metrics read:
 * counts, sizes and times, of nobody in particular.
 */

import { Counter, collectDefaultMetrics, Gauge, Histogram, Registry } from "prom-client";

interface Metrics {
  readonly registry: Registry;
  /** Reads of events, one a process and event whatever the streams. */
  readonly reads: Counter;
  /** Messages that were put on streams. */
  readonly sent: Counter;
  /** Streams that were ended since their reader was too slow. */
  readonly cut: Counter;
  /** From an event's time by the database's clock to its being handed to the streams, seconds. */
  readonly handed: Histogram;
  readonly streams: Gauge;
  readonly rooms: Gauge;
  readonly connections: Gauge<"state">;
}

const held = globalThis as typeof globalThis & { brontleMetrics?: Metrics };

function made(): Metrics {
  const registry = new Registry();
  const registers = [registry];
  collectDefaultMetrics({ register: registry, prefix: "brontle_" });
  const counter = (name: string, help: string) => new Counter({ name, help, registers });
  const gauge = (name: string, help: string) => new Gauge({ name, help, registers });
  return {
    registry,
    reads: counter("brontle_event_reads_total", "Reads of events of a session"),
    sent: counter("brontle_stream_messages_total", "Messages put on event streams"),
    cut: counter("brontle_streams_cut_total", "Streams ended because their reader was too slow"),
    handed: new Histogram({
      name: "brontle_event_handed_seconds",
      help: "From an event's time to its being handed to all streams of this process",
      buckets: [0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 5],
      registers,
    }),
    streams: gauge("brontle_streams", "Event streams that are open"),
    rooms: gauge("brontle_sessions_followed", "Sessions with events in memory"),
    connections: new Gauge({
      name: "brontle_database_connections",
      help: "Connections to the database, by what they do",
      labelNames: ["state"] as const,
      registers,
    }),
  };
}

/** The one set of this process: pages and routes are bundled apart. */
export function metrics(): Metrics {
  held.brontleMetrics ??= made();
  return held.brontleMetrics;
}
