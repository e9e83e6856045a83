/** The door to the server: JSON there and back, refusals as data, never an unhandled rejection. */
import type { Fault } from "../core/class/faults";

export interface ApiFailure {
  /** `offline`: the server was not reached. */
  readonly code: "offline" | "signed-out" | "not-found" | "conflict" | "invalid" | "too-often" | "other";
  readonly message: string;
  readonly faults: readonly Fault[];
}

export type ApiResult<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly failure: ApiFailure };

const KNOWN = ["signed-out", "not-found", "conflict", "invalid", "too-often"];

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
    return { ok: false, failure: { code: "offline", message: "Brontle can't be reached.", faults: [] } };
  }
  const json = await response.json().catch(() => null);
  if (response.ok) return { ok: true, value: json as T };
  if (response.status >= 500 && json === null) {
    return {
      ok: false,
      failure: { code: "offline", message: "Brontle has a problem of its own just now.", faults: [] },
    };
  }
  const code = KNOWN.includes(json?.error) ? (json.error as ApiFailure["code"]) : "other";
  const message = json?.message ?? "Something went wrong.";
  return { ok: false, failure: { code, message, faults: json?.faults ?? [] } };
}
