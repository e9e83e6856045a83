/** What every route has in common: who asks, from where, with what, and what comes back. */
import { NextResponse } from "next/server";
import type { InferType, Schema } from "yup";
import { isUuid } from "../core/units";
import { isSoundText } from "../core/values/sound";
import { type BodySize, readBody } from "./body";
import { edge } from "./edge";
import { env } from "./env";
import { rateLimit } from "./limits";
import { type Participant, participantOf } from "./links";
import { Refused, sentence } from "./refused";
import { ADDRESS_HEADER } from "./web/address";
import { type Instructor, instructor } from "./who";

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
  if (value.length > 100 || !isSoundText(value))
    throw new Refused("malformed", sentence("That is no {name}.", { name }));
  return value;
}

/** The session that a participant's request names; in addresses of an earlier version it was called `run`. */
export function sessionParam(request: Request): string {
  const { searchParams } = new URL(request.url);
  const value = searchParams.get("session") ?? searchParams.get("run") ?? "";
  if (!isUuid(value)) throw new Refused("not-found", "There is no such class here.");
  return value;
}

/** The number of the event after which is asked for; 0 where none is said. `said`: what a reader who comes back says. */
export function afterParam(request: Request, said: string | null = null): number {
  const text = said ?? new URL(request.url).searchParams.get("after") ?? "";
  return /^\d{1,9}$/.test(text) ? Number(text) : 0;
}

/** What only the owner of a studio may do. */
export function onlyOwner(who: Instructor): void {
  if (who.role !== "owner") throw new Refused("not-yours", "Only the owner of the studio can do that.");
}

/** Where a request comes from, for counting only: it is neither logged nor kept longer than the count. */
export function placeOf(request: Request): string {
  return request.headers.get(ADDRESS_HEADER) ?? "unknown";
}

/** Whom routes are for: how they are found, and how their changes are counted. */
interface Door<Who> {
  /** @throws Refused where it is nobody */
  readonly find: (request: Request, params: Params) => Promise<Who>;
  readonly count: (who: Who) => Promise<void>;
  /** Their pages say each code of a refusal in words of their own. */
  readonly plain?: boolean;
}

type Handle<Who, Told> = (who: Who, params: Params, told: Told) => Promise<unknown>;

interface WriteOptions {
  readonly size?: BodySize;
  /** The class's own entries have a limit of their own, which never holds back that somebody hurts. */
  readonly uncounted?: boolean;
}

/** The handlers behind a door: same origin first, then who it is. */
function behind<Who>({ find, count, plain = false }: Door<Who>) {
  const open = (
    request: Request,
    context: Context,
    handle: (who: Who, params: Params) => Promise<Response>,
  ) =>
    edge(
      request,
      async () => {
        sameOrigin(request);
        const params = await context.params;
        return handle(await find(request, params), params);
      },
      { plain },
    );
  return {
    /** A handler that reads. */
    reading:
      (handle: (who: Who, params: Params, request: Request) => Promise<Response>) =>
      (request: Request, context: Context) =>
        open(request, context, (who, params) => handle(who, params, request)),
    /** A handler that is handed a file: counted, and read by the handler itself. */
    taking:
      (handle: (who: Who, params: Params, request: Request) => Promise<unknown>) =>
      (request: Request, context: Context) =>
        open(request, context, async (who, params) => {
          await count(who);
          return NextResponse.json((await handle(who, params, request)) ?? { ok: true });
        }),
    /** A handler that writes: counted, and with a body that its schema allows. */
    writing:
      <S extends Schema>(
        schema: S,
        handle: Handle<Who, InferType<S>>,
        { size = "press", uncounted = false }: WriteOptions = {},
      ) =>
      (request: Request, context: Context) =>
        open(request, context, async (who, params) => {
          if (!uncounted) await count(who);
          const body = await readBody(request, schema, size);
          return NextResponse.json((await handle(who, params, body)) ?? { ok: true });
        }),
  };
}

/** For whoever is signed in as an instructor. */
export const { reading, writing, taking } = behind<Instructor>({
  find: async () => {
    const who = await instructor();
    if (!who) throw new Refused("signed-out", "Sign in first.");
    return who;
  },
  count: ({ userId }) => rateLimit("command", userId),
});

/** For whoever holds a personal link: only that person's own. Its token is `params.token`. */
export const { reading: readingPart, writing: writingPart } = behind<Participant>({
  find: async (request, { token }) => {
    const who = await participantOf(token ?? "");
    if (who) return who;
    await rateLimit("wrong-link", placeOf(request));
    throw new Refused("not-found", "This link doesn't open anything.");
  },
  count: ({ linkId }) => rateLimit("part", linkId),
  plain: true,
});

const TYPES = {
  json: "application/json; charset=utf-8",
  csv: "text/csv; charset=utf-8",
  ics: "text/calendar; charset=utf-8",
  eml: "message/rfc822",
} as const;

/** A file to keep, of a media type. Nothing between here and the person keeps a copy. */
export function fileResponse(
  name: string,
  media: string,
  content: string | Uint8Array | ReadableStream<Uint8Array>,
): Response {
  const headers = {
    "content-type": media,
    "content-disposition": `attachment; filename="${name}"`,
    "cache-control": "no-store",
  };
  return new Response(content as BodyInit, { headers });
}

/** A text to keep: by its ending what it is. */
export function download(name: `${string}.${keyof typeof TYPES}`, text: string): Response {
  const ending = name.slice(name.lastIndexOf(".") + 1) as keyof typeof TYPES;
  return fileResponse(name, TYPES[ending], text);
}
