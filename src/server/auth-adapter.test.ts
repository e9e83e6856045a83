import { memoryAdapter } from "better-auth/adapters/memory";
import { expect, test } from "vitest";
import { type Adapter, guardedAdapter } from "./auth-adapter";
import { hashOf } from "./tokens";

function made() {
  const tables: Record<string, Record<string, unknown>[]> = {
    user: [],
    session: [],
    account: [],
    verification: [],
  };
  const inner = memoryAdapter(tables)({}) as unknown as Adapter;
  return { tables, adapter: guardedAdapter(inner) };
}
const row = (token: string) => ({
  token,
  userId: "u",
  expiresAt: new Date(9e12),
  createdAt: new Date(0),
  updatedAt: new Date(0),
});
const by = (value: string | string[]) => [
  { field: "token", value, ...(Array.isArray(value) ? { operator: "in" as const } : {}) },
];
const find = (adapter: Adapter, token: string) =>
  adapter.findOne<{ token: string; userId: string }>({ model: "session", where: by(token) as never });

test("what is stored signs nobody in: neither the token nor a way back to it", async () => {
  const { tables, adapter } = made();
  const given = await adapter.create<Record<string, unknown>>({ model: "session", data: row("open-sesame") });
  expect(given.token).toBe("open-sesame");
  expect(JSON.stringify(tables)).not.toContain("open-sesame");
  expect(tables.session?.[0]?.token).toBe(hashOf("open-sesame"));
  // Who has read the table tries what stands there.
  expect(await find(adapter, hashOf("open-sesame"))).toBeNull();
});

test("the token finds, changes and ends its own sign-in and no other", async () => {
  const { tables, adapter } = made();
  for (const token of ["one", "two", "three"]) await adapter.create({ model: "session", data: row(token) });
  expect(await find(adapter, "two")).toMatchObject({ token: "two", userId: "u" });
  const changed = await adapter.update<{ token: string }>({
    model: "session",
    where: by("two") as never,
    update: { userAgent: "new" },
  });
  expect(changed).toMatchObject({ token: "two", userAgent: "new" });
  const both = await adapter.findMany<{ token: string }>({
    model: "session",
    where: by(["one", "three"]) as never,
  });
  expect(both.map(({ token }) => token).sort()).toEqual(["one", "three"]);
  // Asked for by anything else, a row tells no token.
  const all = await adapter.findMany<{ token: string }>({
    model: "session",
    where: [{ field: "userId", value: "u" }] as never,
  });
  expect(all.map(({ token }) => token)).toEqual(["", "", ""]);
  await adapter.delete({ model: "session", where: by("two") as never });
  expect(tables.session).toHaveLength(2);
  await adapter.transaction(async (trx) => {
    await trx.deleteMany({ model: "session", where: by(["one", "three"]) as never });
  });
  expect(tables.session).toEqual([]);
});

test("other tables are as the library knows them", async () => {
  const { tables, adapter } = made();
  await adapter.create({
    model: "verification",
    data: {
      identifier: "i",
      value: "v",
      expiresAt: new Date(9e12),
      createdAt: new Date(0),
      updatedAt: new Date(0),
    },
  });
  expect(tables.verification?.[0]).toMatchObject({ identifier: "i", value: "v" });
});
