/** The door to the server: JSON there and back, refusals as data, never an unhandled rejection. */

import type { Merged } from "../core/merge";
import type { Fault } from "../core/values/faults";
import { ownSentences } from "./own-sentences";

/** Why something was not done; `offline`: the server was not reached. */
const CODES = [
  "offline",
  "signed-out",
  "not-yours",
  "other-origin",
  "not-found",
  "conflict",
  "malformed",
  "invalid",
  "too-large",
  "too-slow",
  "too-long",
  "too-often",
  "busy",
  "away",
  "full",
  "failed",
] as const;
export type FailureCode = (typeof CODES)[number];

/** The same request may well be taken a little later. */
const PASSING: readonly FailureCode[] = ["offline", "too-slow", "too-often", "busy", "away", "full"];

export interface ApiFailure {
  readonly code: FailureCode;
  readonly message: string;
  readonly faults: readonly Fault[];
  /** Where somebody else changed the same meanwhile: both versions. */
  readonly met: Merged<object> | null;
  /** Whether it passes: then what was to be done is kept and sent again. */
  readonly passing: boolean;
}

function failure(
  code: FailureCode,
  message: string,
  faults: readonly Fault[] = [],
  met: Merged<object> | null = null,
): ApiFailure {
  return { code, message, faults, met, passing: PASSING.includes(code) };
}

export type ApiResult<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly failure: ApiFailure };

/** Longest wait for an answer, ms: beyond it the server counts as not reached. */
const PATIENCE_MS = 10_000;

/** What a file that is drawn for us may take, ms. */
const FILE_PATIENCE_MS = 30_000;

/** Why it wasn't done, of an answer that says so. */
function refusalOf(status: number, json: unknown): ApiFailure {
  if (status >= 500 && json === null) return failure("offline", ownSentences().broken);
  const said = (json ?? {}) as {
    readonly error?: string;
    readonly message?: string;
    readonly request?: string;
    readonly faults?: readonly Fault[];
    readonly met?: Merged<object>;
  };
  const code = CODES.find((known) => known === said.error) ?? (status === 401 ? "signed-out" : "failed");
  // The number under which whoever runs Brontle finds it in the journal.
  const number = code === "failed" && said.request ? ` ${ownSentences().number(said.request)}` : "";
  const message = said.message ?? ownSentences().failed;
  return failure(code, `${message}${number}`, said.faults ?? [], said.met ?? null);
}

/** Sends a request; `read` takes what a good answer carries. */
async function exchange<T>(
  path: string,
  request: RequestInit,
  patienceMs: number,
  read: (response: Response) => Promise<T>,
): Promise<ApiResult<T>> {
  try {
    const response = await fetch(path, { ...request, signal: AbortSignal.timeout(patienceMs) });
    if (response.ok) return { ok: true, value: await read(response) };
    const json: unknown = await response.json().catch(() => null);
    return { ok: false, failure: refusalOf(response.status, json) };
  } catch {
    return { ok: false, failure: failure("offline", ownSentences().unreached) };
  }
}

/** Sends a request and reads the answer. */
export function api<T>(
  method: "GET" | "POST" | "PUT" | "DELETE",
  path: string,
  body?: unknown,
): Promise<ApiResult<T>> {
  const sent =
    method === "GET"
      ? {}
      : { headers: { "content-type": "application/json" }, body: JSON.stringify(body ?? {}) };
  return exchange(path, { method, ...sent }, PATIENCE_MS, (response) =>
    response.json().catch(() => null),
  ) as Promise<ApiResult<T>>;
}

export interface GivenFile {
  readonly name: string;
  readonly file: Blob;
}

/** A file that the server makes, with the name it gives. */
export function apiFile(path: string): Promise<ApiResult<GivenFile>> {
  return exchange(path, { method: "GET" }, FILE_PATIENCE_MS, async (response) => {
    const said = response.headers.get("content-disposition") ?? "";
    return { name: /filename="([^"]+)"/.exec(said)?.[1] ?? "file", file: await response.blob() };
  });
}

/** What an archive may take to be sent and read, ms. */
const SEND_PATIENCE_MS = 180_000;

/** Sends a file as it is and reads the answer. */
export function sendFile<T>(path: string, file: Blob): Promise<ApiResult<T>> {
  const headers = { "content-type": "application/octet-stream" };
  return exchange(path, { method: "POST", headers, body: file }, SEND_PATIENCE_MS, (response) =>
    response.json(),
  ) as Promise<ApiResult<T>>;
}

/** Hands a file to whoever sits here, as browsers do. */
export function giveFile({ name, file }: GivenFile): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  // The browser has begun to write it by then.
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}
