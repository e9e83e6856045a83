/** The edge of every route handler: who asks, from where, with what; and how refusals are told. */
import { NextResponse } from "next/server";
import type { InferType, Schema } from "yup";
import type { Merged } from "../core/merge";
import { isUuid } from "../core/units";
import type { Fault } from "../core/values/faults";
import { isSoundText } from "../core/values/sound";
import { type BodySize, readBody } from "./body";
import { troubleOf } from "./db/trouble";
import { env } from "./env";
import { journal } from "./journal";
import { rateLimit } from "./limits";
import { type Participant, participantOf } from "./links";
import { type RefusalCode, Refused } from "./refused";
import { ADDRESS_HEADER } from "./web/address";
import { type Instructor, instructor } from "./who";

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

function refusal(error: Refused, request: string): NextResponse {
  const body: RefusalBody = {
    error: error.code,
    message: error.message,
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
 * journal has them.
 */
export async function edge(request: Request, handle: () => Promise<Response>): Promise<Response> {
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
    return refusal(refused, id);
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

/** Changes come from our own pages only. */
function sameOrigin(request: Request): void {
  if (request.method !== "GET" && request.headers.get("origin") !== env.origin)
    throw new Refused("other-origin", "This request came from another site.");
}

type Params = Readonly<Record<string, string>>;
type Context = { params: Promise<Params> };

/** Ids are looked up as such; anything else finds nothing rather than a database error. */
export function uuidParam(params: Params, name: string): string {
  const value = params[name] ?? "";
  if (!isUuid(value)) throw new Refused("not-found", "There is no such thing here.");
  return value;
}

/** A text from an address, of at most a hundred characters that can be looked up; empty where it isn't there. */
export function textParam(request: Request, name: string): string {
  const value = new URL(request.url).searchParams.get(name) ?? "";
  if (value.length > 100 || !isSoundText(value)) throw new Refused("malformed", `That is no ${name}.`);
  return value;
}

/** The session that a participant's request names; in addresses of an earlier version it was called `run`. */
export function sessionParam(request: Request): string {
  const { searchParams } = new URL(request.url);
  const value = searchParams.get("session") ?? searchParams.get("run") ?? "";
  if (!isUuid(value)) throw new Refused("not-found", "There is no such class here.");
  return value;
}

function guarded(request: Request, handle: (who: Instructor) => Promise<Response>): Promise<Response> {
  return edge(request, async () => {
    sameOrigin(request);
    const who = await instructor();
    if (!who) throw new Refused("signed-out", "Sign in first.");
    return handle(who);
  });
}

/** A handler that reads: only for a signed-in instructor. */
export function reading(handle: (who: Instructor, params: Params, request: Request) => Promise<Response>) {
  return (request: Request, context: Context) =>
    guarded(request, async (who) => handle(who, await context.params, request));
}

/** What only the owner of a studio may do. */
export function onlyOwner(who: Instructor): void {
  if (who.role !== "owner") throw new Refused("not-yours", "Only the owner of the studio can do that.");
}

/** A handler that writes: same origin, a signed-in instructor, and a body that its schema allows. */
export function writing<S extends Schema>(
  schema: S,
  handle: (who: Instructor, params: Params, body: InferType<S>) => Promise<unknown>,
  size: BodySize = "press",
) {
  return (request: Request, context: Context) =>
    guarded(request, async (who) => {
      await rateLimit("command", who.userId);
      const params = await context.params;
      const body = await readBody(request, schema, size);
      return NextResponse.json((await handle(who, params, body)) ?? { ok: true });
    });
}

/** Where a request comes from, for counting only: it is neither logged nor kept longer than the count. */
export function placeOf(request: Request): string {
  return request.headers.get(ADDRESS_HEADER) ?? "unknown";
}

function guardedPart(
  request: Request,
  token: string | undefined,
  handle: (who: Participant) => Promise<Response>,
): Promise<Response> {
  return edge(request, async () => {
    sameOrigin(request);
    const who = await participantOf(token ?? "");
    if (!who) {
      await rateLimit("wrong-link", placeOf(request));
      throw new Refused("not-found", "This link doesn't open anything.");
    }
    return handle(who);
  });
}

/** A handler that reads for whoever holds a personal link: only that person's own. */
export function readingPart(handle: (who: Participant, request: Request) => Promise<Response>) {
  return async (request: Request, context: Context) =>
    guardedPart(request, (await context.params).token, (who) => handle(who, request));
}

/**
 * A handler that writes for whoever holds a personal link. `uncounted`: the class's own entries have a
 * limit of their own, which never holds back that it hurts.
 */
export function writingPart<S extends Schema>(
  schema: S,
  handle: (who: Participant, body: InferType<S>) => Promise<unknown>,
  { uncounted = false, size = "press" }: { readonly uncounted?: boolean; readonly size?: BodySize } = {},
) {
  return async (request: Request, context: Context) =>
    guardedPart(request, (await context.params).token, async (who) => {
      if (!uncounted) await rateLimit("part", who.linkId);
      const body = await readBody(request, schema, size);
      return NextResponse.json((await handle(who, body)) ?? { ok: true });
    });
}
