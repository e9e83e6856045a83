/**
 * The auth library's door to the database. It looks sign-ins up by a token; of that only the hash is stored, so
 * that who reads the table can sign in nowhere. (Second factors it encrypts itself.)
 */
import type { drizzleAdapter } from "better-auth/adapters/drizzle";
import { hashOf } from "./tokens";

export type Adapter = ReturnType<ReturnType<typeof drizzleAdapter>>;
type Where = Parameters<Adapter["findOne"]>[0]["where"];
type Row = Record<string, unknown>;

/** Values to store. */
const hashed = (data: Row): Row =>
  typeof data.token === "string" ? { ...data, token: hashOf(data.token) } : data;

/** A condition by the hash of the token that it names. */
function soughtBy(where: Where): Where {
  const into = (value: unknown) => hashOf(String(value));
  return where.map((line) =>
    line.field === "token"
      ? { ...line, value: Array.isArray(line.value) ? line.value.map(into) : into(line.value) }
      : line,
  );
}

/** A stored row as the library knows it: with its token where that is what was looked for, else with none. */
function told(row: Row, asked: readonly unknown[]): Row {
  const token = asked.find((each) => typeof each === "string" && hashOf(each) === row.token);
  return "token" in row ? { ...row, token: token ?? "" } : row;
}

type Query = { readonly model: string; readonly where?: Where };
type Call = (query: never) => Promise<unknown>;
/** The key under which a query holds what it writes. */
type Written = "data" | "update" | "set";

/** A query about sign-ins as they are stored: with hashes in place of tokens. */
function storedQuery(query: Query, write: Written | undefined, given: Row | undefined): Query {
  return {
    ...query,
    ...(query.where ? { where: soughtBy(query.where) } : {}),
    ...(write && given ? { [write]: hashed(given) } : {}),
  };
}

/** An adapter that stores sign-ins under the hash of their token, and is else as `inner`. */
export function guardedAdapter(inner: Adapter): Adapter {
  const rows = (call: Call, write?: Written) => async (query: Query) => {
    if (query.model !== "session") return call(query as never);
    const given = write && ((query as Row)[write] as Row | undefined);
    const found = await call(storedQuery(query, write, given) as never);
    const asked = [...(query.where ?? []).flatMap(({ value }) => value as unknown), given?.token];
    if (Array.isArray(found)) return found.map((row: Row) => told(row, asked));
    return found !== null && typeof found === "object" ? told(found as Row, asked) : found;
  };
  return {
    ...inner,
    create: rows(inner.create, "data") as Adapter["create"],
    findOne: rows(inner.findOne) as Adapter["findOne"],
    findMany: rows(inner.findMany) as Adapter["findMany"],
    count: rows(inner.count) as Adapter["count"],
    update: rows(inner.update, "update") as Adapter["update"],
    updateMany: rows(inner.updateMany, "update") as Adapter["updateMany"],
    delete: rows(inner.delete) as Adapter["delete"],
    deleteMany: rows(inner.deleteMany) as Adapter["deleteMany"],
    consumeOne: rows(inner.consumeOne) as Adapter["consumeOne"],
    incrementOne: rows(inner.incrementOne, "set") as Adapter["incrementOne"],
    transaction: (run) => inner.transaction((trx) => run(guardedAdapter(trx as Adapter))),
  };
}
