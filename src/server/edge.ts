/** Whatever goes wrong in a handler, as an answer: a code of one closed list, a sentence, and a number for the journal. */
import { NextResponse } from "next/server";
import type { Merged } from "../core/merge";
import type { Fault } from "../core/values/faults";
import { wordsIn } from "../words/languages";
import { sentenceIn } from "../words/refusals/sentences";
import { troubleOf } from "./db/trouble";
import { journal } from "./journal";
import { type RefusalCode, Refused } from "./refused";
import { screenLanguage } from "./screen-language";

const STATUS: Readonly<Record<RefusalCode, number>> = {
  "signed-out": 401,
  "other-origin": 403,
  "not-yours": 403,
  "not-found": 404,
  conflict: 409,
  "too-slow": 408,
  "too-large": 413,
  malformed: 400,
  invalid: 422,
  "too-long": 422,
  "too-often": 429,
  failed: 500,
  busy: 503,
  away: 503,
  full: 507,
};

/** What every refusal looks like on the wire. */
export interface RefusalBody {
  readonly error: RefusalCode;
  readonly message: string;
  readonly faults?: readonly Fault[];
  readonly met?: Merged<object>;
  /** The number of the request in the journal; the person can tell it to whoever runs the server. */
  readonly request: string;
}

/** Why, in the language of an instructor who asks; participants' pages have their own words for its code. */
async function messageOf(error: Refused, request: Request): Promise<string> {
  const language = await screenLanguage(request);
  if (language === "en" || !error.says) return error.message;
  return sentenceIn(error.says, language) ?? wordsIn(language).phrase("refused", error.code);
}

function refusal(error: Refused, message: string, request: string): NextResponse {
  const body: RefusalBody = {
    error: error.code,
    message,
    ...(error.faults ? { faults: error.faults } : {}),
    ...(error.met ? { met: error.met } : {}),
    request,
  };
  const headers = { "cache-control": "no-store", "x-request-id": request };
  return NextResponse.json(body, { status: STATUS[error.code], headers });
}

/** A refusal as such, a failure of the database as what it comes to, and anything else as a fault of ours. */
function asRefused(error: unknown): Refused {
  // By what it has, not by its class: pages and routes are bundled apart, each with a class of its own.
  if (error instanceof Error && "code" in error && String(error.code) in STATUS) return error as Refused;
  return (
    troubleOf(error) ?? new Refused("failed", "Something went wrong in Brontle. What was saved is safe.")
  );
}

/** Answers that took longer are noted, ms. */
const LONG_MS = 1000;

/**
 * Runs a handler and always gives an answer: refusals and failures as JSON with the number under which the
 * journal has them. `plain`: with English sentences, for pages that say each code in words of their own.
 */
export async function edge(
  request: Request,
  handle: () => Promise<Response>,
  { plain = false }: { readonly plain?: boolean } = {},
): Promise<Response> {
  const id = crypto.randomUUID().slice(0, 8);
  const fromMs = performance.now();
  const { method } = request;
  let status = 200;
  try {
    const response = await handle();
    status = response.status;
    return response;
  } catch (error) {
    const refused = asRefused(error);
    status = STATUS[refused.code];
    if (status >= 500)
      journal.error("request-failed", error, { request: id, route: routeOf(request), method, status });
    return refusal(refused, plain ? refused.message : await messageOf(refused, request), id);
  } finally {
    const ms = Math.round(performance.now() - fromMs);
    if (ms > LONG_MS) journal.info("took-long", { request: id, route: routeOf(request), method, status, ms });
  }
}

/** The words of an address that are routes; whatever may be an id or a token is left out. */
function routeOf(request: Request): string {
  const words = new URL(request.url).pathname.split("/").slice(1, 8);
  return `/${words.map((word) => (/^[a-z-]{1,20}$/.test(word) ? word : "…")).join("/")}`;
}
