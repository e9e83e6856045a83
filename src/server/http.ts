/** The edge of every route handler: who asks, from where, with what; and how refusals are told. */
import { NextResponse } from "next/server";
import { type InferType, type Schema, ValidationError } from "yup";
import type { Fault } from "../core/class/faults";
import { isUuid } from "../core/units";
import { env } from "./env";
import { count } from "./limits";
import { type Participant, participantOf } from "./links";
import { type RefusalCode, Refused } from "./refused";
import { type Instructor, instructor } from "./who";

/** Largest request body, bytes: a class of 60 full blocks is under a tenth of this. */
const MOST_BYTES = 2_000_000;

const STATUS: Readonly<Record<RefusalCode, number>> = {
  "signed-out": 401,
  "other-origin": 403,
  "not-yours": 403,
  "not-found": 404,
  conflict: 409,
  "too-large": 413,
  invalid: 422,
  "too-often": 429,
};

/** What every refusal looks like on the wire. */
export interface RefusalBody {
  readonly error: RefusalCode;
  readonly message: string;
  readonly faults?: readonly Fault[];
}

function refusal(error: Refused): NextResponse {
  const body: RefusalBody = {
    error: error.code,
    message: error.message,
    ...(error.faults ? { faults: error.faults } : {}),
  };
  return NextResponse.json(body, { status: STATUS[error.code] });
}

type Params = Readonly<Record<string, string>>;
type Context = { params: Promise<Params> };

/** Ids are looked up as such; anything else finds nothing rather than a database error. */
export function uuidParam(params: Params, name: string): string {
  const value = params[name] ?? "";
  if (!isUuid(value)) throw new Refused("not-found", "There is no such thing here.");
  return value;
}

/** The session that a participant's request names. */
export function runParam(request: Request): string {
  const value = new URL(request.url).searchParams.get("run") ?? "";
  if (!isUuid(value)) throw new Refused("not-found", "There is no such class here.");
  return value;
}

async function guarded(request: Request, handle: (who: Instructor) => Promise<Response>): Promise<Response> {
  try {
    if (request.method !== "GET" && request.headers.get("origin") !== env.origin) {
      throw new Refused("other-origin", "This request came from another site.");
    }
    const who = await instructor();
    if (!who) throw new Refused("signed-out", "Sign in first.");
    return await handle(who);
  } catch (error) {
    if (error instanceof Refused) return refusal(error);
    throw error;
  }
}

async function readBody<S extends Schema>(request: Request, schema: S): Promise<InferType<S>> {
  const text = await request.text();
  if (text.length > MOST_BYTES) throw new Refused("too-large", "That is too large to take.");
  try {
    return (await schema.validate(JSON.parse(text), { strict: true, abortEarly: false })) as InferType<S>;
  } catch (error) {
    if (error instanceof ValidationError) throw new Refused("invalid", error.errors.join("; "));
    throw new Refused("invalid", "The request is not JSON.");
  }
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
) {
  return (request: Request, context: Context) =>
    guarded(request, async (who) => {
      await count("command", who.userId);
      const params = await context.params;
      const body = await readBody(request, schema);
      return NextResponse.json((await handle(who, params, body)) ?? { ok: true });
    });
}

/** Where a request comes from, for counting only: it is neither logged nor kept longer than the count. */
function placeOf(request: Request): string {
  return request.headers.get("x-forwarded-for")?.split(",")[0]?.trim() || "unknown";
}

async function guardedPart(
  request: Request,
  token: string | undefined,
  handle: (who: Participant) => Promise<Response>,
): Promise<Response> {
  try {
    if (request.method !== "GET" && request.headers.get("origin") !== env.origin) {
      throw new Refused("other-origin", "This request came from another site.");
    }
    const who = await participantOf(token ?? "");
    if (!who) {
      await count("wrong-link", placeOf(request));
      throw new Refused("not-found", "This link doesn't open anything.");
    }
    return await handle(who);
  } catch (error) {
    if (error instanceof Refused) return refusal(error);
    throw error;
  }
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
  uncounted = false,
) {
  return async (request: Request, context: Context) =>
    guardedPart(request, (await context.params).token, async (who) => {
      if (!uncounted) await count("part", who.personId);
      const body = await readBody(request, schema);
      return NextResponse.json((await handle(who, body)) ?? { ok: true });
    });
}
