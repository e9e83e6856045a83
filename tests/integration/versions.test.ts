/** Versions of a class and who else is at it, on a real database. */
import { describe, expect, test } from "vitest";
import { setClass } from "../../src/core/class/commands";
import type { ClassDoc } from "../../src/core/class/document";
import { turnInto } from "../../src/core/class/turn-into";
import { applyEdits, createClass, findClass } from "../../src/server/classes";
import { beHere, forgetCompany } from "../../src/server/company";
import { erasePerson, personData } from "../../src/server/person-data";
import { dropVersion, listVersions, nameVersion, versionDoc } from "../../src/server/versions";
import { client, mine, rosterId, someone, squats, theirs, userId, withStudios } from "../shared/sessions";

withStudios();

const who = () => ({ studioId: mine, userId });
const docOf = async (id: string) => (await findClass(mine, id))?.doc as ClassDoc;
const title = async (id: string, to: string) =>
  applyEdits(who(), id, 1, [{ id: crypto.randomUUID(), edit: setClass(await docOf(id), "title", to) }]);
/** The versions of a class lie so many minutes longer ago. */
const pass = (id: string, minutes: number) =>
  client.query("update class_version set at = at - make_interval(mins => $2) where class_id = $1", [
    id,
    minutes,
  ]);

describe("versions", () => {
  test("are kept before changes, once in ten minutes, and by name as the class stands", async () => {
    const id = await createClass(mine, squats());
    const first = await docOf(id);
    await title(id, "One");
    await title(id, "Two");
    expect(await listVersions(mine, id)).toHaveLength(1);
    await pass(id, 11);
    await title(id, "Three");
    const lines = await listVersions(mine, id);
    expect(lines).toHaveLength(2);
    const docs = await Promise.all(lines.map((line) => versionDoc(mine, id, line.id)));
    expect(docs.map((doc) => doc.title)).toEqual(["Two", first.title]);
    const { id: named } = await nameVersion(who(), id, "Before the storm");
    expect((await listVersions(mine, id))[0]).toMatchObject({ id: named, name: "Before the storm" });
    expect((await versionDoc(mine, id, named)).title).toBe("Three");
    // Put back, it is a change like any other.
    const edit = turnInto(await docOf(id), docs[1] as ClassDoc);
    await applyEdits(who(), id, 4, [{ id: crypto.randomUUID(), edit }]);
    expect(await docOf(id)).toEqual(first);
    await dropVersion(mine, id, named);
    expect((await listVersions(mine, id)).some((line) => line.id === named)).toBe(false);
  });

  test("fifty are kept by themselves, the newest, and all that have a name", async () => {
    const id = await createClass(mine, squats());
    await nameVersion(who(), id, "The very first");
    for (let n = 0; n < 54; n += 1) {
      await title(id, `T${n}`);
      await pass(id, 11);
    }
    const lines = await listVersions(mine, id);
    expect(lines.filter(({ name }) => name === null)).toHaveLength(50);
    expect(lines.at(-1)?.name).toBe("The very first");
    expect((await versionDoc(mine, id, lines[0]?.id ?? "")).title).toBe("T52");
  }, 60_000);

  test("are another studio's business never, and hold nobody who was erased", async () => {
    const person = await someone("Version Person");
    const roster = await rosterId(person);
    const id = await createClass(mine, {
      ...squats(),
      overruled: [{ slot: squats().blocks[0]?.slots?.[0]?.id, person: roster, move: "wall-sit" }],
    });
    const { id: named } = await nameVersion(who(), id, "With somebody's own way");
    for (const asked of [
      () => listVersions(theirs, id),
      () => versionDoc(theirs, id, named),
      () => dropVersion(theirs, id, named),
      () => nameVersion({ ...who(), studioId: theirs }, id, "Mine"),
      () => beHere({ ...who(), studioId: theirs }, id, here(crypto.randomUUID())),
    ])
      await expect(asked()).rejects.toMatchObject({ code: "not-found" });
    expect(JSON.stringify(await versionDoc(mine, id, named))).toContain(roster);
    // It is in the file of all that is kept of them, too.
    const file = await personData(mine, person, { own: true, answers: null });
    expect(file).toMatchObject({ versions: [{ id: named, choices: [{ move: "wall-sit" }] }] });
    await erasePerson(mine, person);
    expect(JSON.stringify(await versionDoc(mine, id, named))).not.toContain(roster);
  });
});

const here = (tab: string, block = "m", revision = 1) => ({ tab, block, slot: null, revision });

describe("company", () => {
  test("is told where others are, and what they made of the class; over with them", async () => {
    const id = await createClass(mine, squats());
    const [a, b] = [crypto.randomUUID(), crypto.randomUUID()];
    expect(await beHere(who(), id, here(a))).toMatchObject({ others: [], doc: null });
    expect((await beHere(who(), id, here(b, "other"))).others).toMatchObject([{ block: "m", slot: null }]);
    expect((await beHere(who(), id, here(a))).others).toMatchObject([{ block: "other" }]);
    await title(id, "Changed");
    const told = await beHere(who(), id, here(a));
    expect(told).toMatchObject({ revision: 2, doc: { title: "Changed" } });
    expect((await beHere(who(), id, here(a, "m", 2))).doc).toBeNull();
    await client.query("update class_here set at = at - interval '20 seconds' where tab = $1", [b]);
    expect((await beHere(who(), id, here(a))).others).toEqual([]);
    await client.query("update class_here set at = at - interval '20 minutes'");
    await forgetCompany();
    const { rows } = await client.query("select count(*)::int as n from class_here");
    expect(rows[0].n).toBe(0);
  });
});
