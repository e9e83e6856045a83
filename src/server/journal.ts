/**
 * The server's own journal: a line of JSON for what went wrong or took long, with time, level and the number
 * of the request that the person sees on their screen. No line holds a parameter, a token, an address of
 * anybody or a name: of an error only what `told` lets through is written, never its words.
 *
 * `BRONTLE_JOURNAL` names the file (mode 0600; five of 2 MB are kept). Without it lines go to standard error.
 */
import { chmodSync } from "node:fs";
import { basename, dirname } from "node:path";
import pino, { type Logger } from "pino";
import { createStream } from "rotating-file-stream";

/** What may stand beside an event: short words and numbers that are nobody's. */
export type Fields = Readonly<Record<string, string | number | boolean | null>>;

/** Errors of the language itself name code, not data; all others are told by their class and code alone. */
const OWN_WORDS = ["TypeError", "RangeError", "ReferenceError"];

/** What of an error may be written down. */
export function told(error: unknown): Fields {
  if (!(error instanceof Error)) return { error: typeof error };
  const { code, table, constraint, routine } = error as unknown as Record<string, unknown>;
  const cause = error.cause instanceof Error ? (error.cause as Error & { code?: unknown }) : null;
  const known = Object.entries({
    code: code ?? cause?.code,
    cause: cause?.name,
    table: table ?? (cause as Record<string, unknown> | null)?.table,
    constraint: constraint ?? (cause as Record<string, unknown> | null)?.constraint,
    routine,
  }).filter((entry): entry is [string, string] => typeof entry[1] === "string" && entry[1].length < 80);
  return {
    error: error.name,
    ...(OWN_WORDS.includes(error.name) ? { says: scrubbed(error.message).slice(0, 200) } : {}),
    ...Object.fromEntries(known),
    at: framesOf(error),
  };
}

/** Where it happened: the frames of the stack, without the words above them. */
function framesOf(error: Error): string {
  const lines = (error.stack ?? "").split("\n").filter((line) => /^\s+at /.test(line));
  return lines
    .slice(0, 6)
    .map((line) => line.trim().replace(/\(?(?:file:\/\/)?(?<![\w:])\/[^)]*\/([^/)]+)\)?$/, "$1"))
    .join(" < ");
}

/**
 * A text of somebody else's (the framework's, a package's) without what may be anybody's: parameters,
 * tokens, addresses, and whatever stands in quotes.
 */
export function scrubbed(text: string): string {
  return text
    .replace(/\bparams\b[\s\S]*$/i, "…")
    .replace(/[^\s@<>"']+@[^\s@<>"']+/g, "…@…")
    .replace(/postgres(?:ql)?:\/\/\S+/g, "postgres://…")
    .replace(/"[^"]*"|'[^']*'|`[^`]*`/g, "“…”")
    .replace(/[A-Za-z0-9_-]{24,}/g, "…");
}

/** Between tries to open the file again after it could not be written: a full disk. */
const REOPEN_MS = 10_000;

/** The file, opened again after a while where it could not be written. What is written meanwhile is lost. */
export function fileOf(path: string, reopenMs = REOPEN_MS): { write(line: string): void } {
  let stream: ReturnType<typeof createStream> | null = null;
  let closedAtMs = Number.NEGATIVE_INFINITY;
  return {
    write(line) {
      if (stream === null) {
        if (performance.now() - closedAtMs < reopenMs) return;
        const made = createStream(basename(path), {
          path: dirname(path),
          size: "2M",
          maxFiles: 4,
          mode: 0o600,
        });
        const give = () => {
          if (stream !== made) return;
          stream = null;
          closedAtMs = performance.now();
        };
        made.on("open", () => {
          try {
            chmodSync(path, 0o600);
          } catch {
            // Rotated away between the two.
          }
        });
        made.on("error", give);
        made.on("warning", () => undefined);
        stream = made;
      }
      stream.write(line);
    },
  };
}

const held = globalThis as typeof globalThis & { brontleJournal?: Logger };

function writer(): Logger {
  if (!held.brontleJournal) {
    const path = process.env.BRONTLE_JOURNAL;
    const options = {
      base: { process: process.pid },
      timestamp: pino.stdTimeFunctions.isoTime,
      formatters: { level: (label: string) => ({ level: label }) },
      messageKey: "event",
    };
    held.brontleJournal = path
      ? pino(options, fileOf(path))
      : pino(options, { write: (line: string) => process.stderr.write(line) });
  }
  return held.brontleJournal;
}

/** Writes a line. An event is a few words with dashes, the same each time. */
export const journal = {
  info(event: string, fields: Fields = {}): void {
    writer().info(fields, event);
  },
  warn(event: string, error: unknown = null, fields: Fields = {}): void {
    writer().warn({ ...fields, ...(error === null ? {} : told(error)) }, event);
  },
  error(event: string, error: unknown, fields: Fields = {}): void {
    writer().error({ ...fields, ...told(error) }, event);
  },
} as const;

type Loud = "log" | "info" | "warn" | "error" | "debug";
const LEVEL: Readonly<Record<Loud, "info" | "warn" | "error">> = {
  log: "info",
  info: "info",
  debug: "info",
  warn: "warn",
  error: "error",
};

/** Sends what the framework and packages say through the journal: their words are scrubbed, errors told. */
export function takeConsole(): void {
  for (const name of Object.keys(LEVEL) as Loud[]) {
    console[name] = (...said: unknown[]) => {
      const error = said.find((entry) => entry instanceof Error);
      const words = said.filter((entry) => typeof entry === "string").map((entry) => scrubbed(entry));
      const fields = { says: words.join(" ").slice(0, 300), ...(error ? told(error) : {}) };
      writer()[LEVEL[name]](fields, "said");
    };
  }
}
