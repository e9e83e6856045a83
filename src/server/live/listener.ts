/** The one connection of this process that hears what other connections tell the database. */
import { Client } from "pg";
import { PATIENCE } from "../db/client";
import { env } from "../env";

/** Between tries to listen again after the connection was lost, ms: at first, and after many in vain. */
const RETRY_MS = 500;
const MOST_RETRY_MS = 8000;

type Hear = (payload: string) => void;

export class Listener {
  private listening: Promise<void> | null = null;
  private tries = 0;

  /**
   * `channels`: what is done with what is said on each. `back`: called whenever listening has begun, for what
   * was said while nobody listened. `wanted`: whether anybody still needs it.
   */
  constructor(
    private readonly channels: Readonly<Record<string, Hear>>,
    private readonly back: () => void,
    private readonly wanted: () => boolean,
  ) {}

  /** Listens from now on; resolves when it does, or when it can't for now and tries again by itself. */
  listen(): Promise<void> {
    this.listening ??= this.connect();
    return this.listening;
  }

  private async connect(): Promise<void> {
    const client = new Client({
      connectionString: env.databaseUrl,
      connectionTimeoutMillis: PATIENCE.connectMs,
      keepAlive: true,
    });
    let over = false;
    const lost = () => {
      if (over) return;
      over = true;
      this.listening = null;
      client.removeAllListeners();
      client.on("error", () => {});
      void client.end().catch(() => {});
      this.tries += 1;
      const afterMs = Math.min(MOST_RETRY_MS, RETRY_MS * 2 ** Math.min(10, this.tries - 1));
      setTimeout(() => {
        if (this.wanted()) void this.listen();
      }, afterMs).unref();
    };
    client.on("error", lost);
    client.on("end", lost);
    client.on("notification", ({ channel, payload }) => this.channels[channel]?.(payload ?? ""));
    try {
      await client.connect();
      for (const channel of Object.keys(this.channels))
        await client.query(`LISTEN ${client.escapeIdentifier(channel)}`);
      this.tries = 0;
      this.back();
    } catch {
      lost();
    }
  }
}
