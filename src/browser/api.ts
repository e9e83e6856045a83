/** The door to the server: JSON there and back, refusals as data, never an unhandled rejection. */

import type { Merged } from "../core/merge";
import type { Fault } from "../core/values/faults";

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

/** Sends a request and reads the answer. */
export async function api<T>(
  method: "GET" | "POST" | "PUT" | "DELETE",
  path: string,
  body?: unknown,
): Promise<ApiResult<T>> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      signal: AbortSignal.timeout(PATIENCE_MS),
      ...(method === "GET"
        ? {}
        : { headers: { "content-type": "application/json" }, body: JSON.stringify(body ?? {}) }),
    });
  } catch {
    return { ok: false, failure: failure("offline", "Brontle can't be reached.") };
  }
  const json = await response.json().catch(() => null);
  if (response.ok) return { ok: true, value: json as T };
  if (response.status >= 500 && json === null)
    return { ok: false, failure: failure("offline", "Brontle has a problem of its own just now.") };
  const code =
    CODES.find((known) => known === json?.error) ?? (response.status === 401 ? "signed-out" : "failed");
  const message = json?.message ?? "Something went wrong.";
  // The number under which whoever runs Brontle finds it in the journal.
  const number = code === "failed" && json?.request ? ` Its number is ${json.request}.` : "";
  return { ok: false, failure: failure(code, `${message}${number}`, json?.faults ?? [], json?.met ?? null) };
}
