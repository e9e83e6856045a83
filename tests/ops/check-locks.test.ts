import { describe, expect, test } from "vitest";
import { checkLocks, lockFindings } from "../../ops/check-locks";

const CLIENT = "export function db() {} export function pool() {} export function transaction() {}";

/** A server of these files beside the client. */
function found(files: Readonly<Record<string, string>>): string[] {
  const all = { "src/server/db/client.ts": CLIENT, ...files };
  return lockFindings(new Map(Object.entries(all)));
}

const ROWS = `
  import { db } from "./db/client";
  export async function readAll() { return db().select(); }
  export async function readIn(tx: Tx) { return tx.select(); }
`;

describe("what runs in a transaction and asks the pool", () => {
  test("is found where the work does it itself", () => {
    const text =
      'import { db, transaction } from "./db/client"; export const f = () => transaction((tx) => db().select());';
    expect(found({ "src/server/a.ts": text })[0]).toContain("→ db()");
  });

  test("is found through functions of other files, and told as the way there", () => {
    const text = `
      import { transaction } from "./db/client";
      import { readAll } from "./rows";
      function inner() { return readAll(); }
      export async function keep() { await transaction(async (tx) => { await inner(); }); }
    `;
    const [line] = found({ "src/server/a.ts": text, "src/server/rows.ts": ROWS });
    expect(line).toMatch(/src\/server\/a\.ts: .*keep.* → inner → readAll → db\(\)/);
  });

  test("is found in a function that is given a tx, in a default of it, and in a transaction inside another", () => {
    const cases = [
      'import { db } from "./db/client"; export function g(tx: Tx) { return db(); }',
      'import { db } from "./db/client"; export function g(tx: Tx = db()) { return tx; }',
      'import { transaction } from "./db/client"; const own = () => transaction(async (tx) => 1); export const f = () => transaction(async (tx) => own());',
      "export function g(tx: Tx, other) { return other.transaction(() => 1); }",
      'import { pool } from "@/server/db/client"; class Count { one() { return pool(); } } export const g = (tx: Tx, count: Count) => count.one();',
    ];
    for (const text of cases) expect(found({ "src/server/a.ts": text }), text).toHaveLength(1);
  });

  test("isn't found where every query takes the tx, nor where functions call each other in a circle", () => {
    const text = `
      import { db, transaction } from "./db/client";
      import { readIn, readAll } from "./rows";
      function a(n) { return b(n); }
      function b(n) { return a(n); }
      export async function keep() { await readAll(); return transaction(async (tx) => { a(1); return readIn(tx); }); }
    `;
    expect(found({ "src/server/a.ts": text, "src/server/rows.ts": ROWS })).toEqual([]);
  });

  test("a circle doesn't hide the way to the pool", () => {
    const text = `
      import { transaction } from "./db/client";
      import { readAll } from "./rows";
      function a(n) { return b(n); }
      function b(n) { a(n); return readAll(); }
      export const first = () => transaction((tx) => a(1));
      export const second = () => transaction((tx) => b(1));
    `;
    expect(found({ "src/server/a.ts": text, "src/server/rows.ts": ROWS })).toHaveLength(2);
  });

  test("isn't in this project, which has transactions to look at", () => {
    const { findings, held } = checkLocks(new URL("../../", import.meta.url).pathname);
    expect(findings).toEqual([]);
    expect(held).toBeGreaterThan(15);
  });
});
