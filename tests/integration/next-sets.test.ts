import { describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import type { EntryKind } from "../../src/core/live/event-kinds";
import type { SessionCommand } from "../../src/core/live/events";
import { proposedAfterwords, writeAfterwords } from "../../src/server/afterwords";
import { createClass } from "../../src/server/classes";
import { listOutbox, outboxFile } from "../../src/server/outbox";
import { findPerson } from "../../src/server/people";
import { planSession } from "../../src/server/session-changes";
import { takeEntry } from "../../src/server/session-entries";
import { eventsAfter } from "../../src/server/session-events";
import { findSession, sessionContent } from "../../src/server/sessions";
import { client, command, mine, rosterId, slotOf, someone, withStudios } from "../shared/sessions";

withStudios();

const kit = Array.from({ length: 20 }, (_, i) => ({ id: `k${i}`, type: "dumbbell", count: 2, kg: i + 3 }));
const press = {
  ...newClass("Presses", "strength"),
  blocks: [
    {
      id: "b",
      title: "Presses",
      rounds: 3,
      longRest: 60,
      slots: [{ id: "s4", move: "floor-press", dose: { reps: 10 }, load: { rir: 2 } }],
    },
  ],
};

/** A running class of two people, and what one of them enters. */
async function taught() {
  const [ada, piet] = [await someone("Ada Skerry", { kit }), await someone("Piet Skerry", { kit })];
  const classId = await createClass(mine, press);
  const id = await planSession(mine, {
    classId,
    startsAt: new Date(),
    timeZone: "Atlantic/Reykjavik",
    people: [ada, piet],
    state: "open",
  });
  await command(id, "start");
  const person = await rosterId(ada);
  const say = (more: string, round = 1, commandId: string = crypto.randomUUID()) =>
    takeEntry(
      id,
      {
        id: commandId,
        kind: "more",
        payload: { person, slot: "s4", round, more },
      } as SessionCommand<EntryKind>,
      null,
    );
  return { id, ada, piet, person, say };
}
const loads = async (id: string, who: string) =>
  (await slotOf(id, who))?.sets?.map(({ load }) => (load && "kg" in load ? load.kg : null));
const told = async (id: string) =>
  (await eventsAfter(id, 0)).filter(({ kind }) => kind === "next-set").map(({ payload }) => payload);

describe("how many more there were", () => {
  test("makes the sets to come heavier at once, of that person alone, and says what became of them", async () => {
    const { id, ada, piet, person, say } = await taught();
    const [before, other] = [await loads(id, ada), await loads(id, piet)];
    const { version } = (await sessionContent(mine, id)).content;
    await say("4-or-more");
    const after = await loads(id, ada);
    expect(after?.[0]).toBe(before?.[0]);
    expect(after?.[1]).toBeGreaterThan(before?.[1] as number);
    expect(after?.[2]).toBe(after?.[1]);
    expect(await loads(id, piet)).toEqual(other);
    expect(await told(id)).toEqual([
      { version: version + 1, person, slot: "s4", round: 1, change: "heavier" },
    ]);
    // What they are known to have done changes with what they confirm, not with a tap.
    expect((await findPerson(mine, ada))?.doc.workingSets).toBeUndefined();
  });

  test("said twice under one number counts once, and a later answer follows the one before", async () => {
    const { id, ada, say } = await taught();
    const before = await loads(id, ada);
    const number = crypto.randomUUID();
    await say("0-1", 1, number);
    await say("0-1", 1, number);
    expect(await told(id)).toHaveLength(1);
    expect((await loads(id, ada))?.[1]).toBeLessThan(before?.[1] as number);
    const between = await loads(id, ada);
    await say("4-or-more", 2);
    const after = await loads(id, ada);
    expect(after?.slice(0, 2)).toEqual(between?.slice(0, 2));
    expect(after?.[2]).toBeGreaterThanOrEqual(between?.[2] as number);
  });

  test("of many at once is worked out for each, and none is lost", async () => {
    const people = await Promise.all(Array.from({ length: 12 }, (_, i) => someone(`Runner ${i}`, { kit })));
    const classId = await createClass(mine, press);
    const id = await planSession(mine, {
      classId,
      startsAt: new Date(),
      timeZone: "Atlantic/Reykjavik",
      people,
      state: "open",
    });
    await command(id, "start");
    const rosterIds = await Promise.all(people.map(rosterId));
    await Promise.all(
      rosterIds.map((person, i) =>
        takeEntry(
          id,
          {
            id: crypto.randomUUID(),
            kind: "more",
            payload: { person, slot: "s4", round: 1, more: i % 2 ? "4-or-more" : "0-1" },
          } as SessionCommand<EntryKind>,
          null,
        ),
      ),
    );
    const changes = new Map(
      (await told(id)).map((payload) => [(payload as { person: string }).person, payload]),
    );
    expect(changes.size).toBe(12);
    for (const [i, person] of people.entries()) {
      const [first, second] = (await loads(id, person)) as [number, number];
      expect(Math.sign(second - first), `${i}`).toBe(i % 2 ? 1 : -1);
    }
  });

  test("after the end changes nothing", async () => {
    const { id, ada, say } = await taught();
    const before = await loads(id, ada);
    await command(id, "end");
    await say("4-or-more");
    expect(await loads(id, ada)).toEqual(before);
    expect(await told(id)).toEqual([]);
  });
});

describe("after a class", () => {
  test("a letter is proposed, and goes to those who were there alone, with their name, into the outbox", async () => {
    const { id, ada, person } = await taught();
    await expect(proposedAfterwords(mine, id, "en")).rejects.toMatchObject({ code: "conflict" });
    await takeEntry(
      id,
      { id: crypto.randomUUID(), kind: "join", payload: { person } } as SessionCommand<EntryKind>,
      null,
    );
    await command(id, "skip");
    await command(id, "end");
    const { text, people } = await proposedAfterwords(mine, id, "en");
    expect(people).toBe(1);
    // It was ended before anything was worked; and it is of nobody in particular.
    expect(text).toBe(
      "Thank you for coming to Presses.\n\nHow hard was it, and what did you do? Your own page asks it for a week.",
    );
    const before = (await listOutbox(mine)).length;
    expect(await writeAfterwords(mine, id, "Until Thursday.", "Maren")).toBe(1);
    const [letter, ...older] = await listOutbox(mine);
    expect(older).toHaveLength(before);
    expect(letter?.subject).toBe("After Presses");
    expect(letter?.recipient).toContain((await findPerson(mine, ada))?.doc.name);
    const file = await outboxFile(mine, letter?.id ?? "");
    expect(file).toContain("Hello Ada Skerry,");
    expect(file).toContain("Until Thursday.");
  });

  test("an end is taken back within a minute, and not later", async () => {
    const { id } = await taught();
    await command(id, "end");
    expect((await command(id, "go-on")).taken).toBe(true);
    expect((await findSession(mine, id))?.state).toBe("running");
    await command(id, "end");
    await client.query("update session set ended_at = now() - interval '61 seconds' where id = $1", [id]);
    await expect(command(id, "go-on")).rejects.toMatchObject({ code: "conflict" });
    expect((await findSession(mine, id))?.state).toBe("ended");
  });
});
