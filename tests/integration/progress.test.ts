/** What somebody might do next, from what they confirmed: only that, only theirs, only what their home can make. */
import { describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import type { Written } from "../../src/core/log/entries";
import { createClass } from "../../src/server/classes";
import { write } from "../../src/server/log";
import { progressOf } from "../../src/server/progress";
import { planSession } from "../../src/server/session-changes";
import { takeEntry } from "../../src/server/session-entries";
import { client, command, mine, rosterId, someone, theirs, withStudios } from "../shared/sessions";

withStudios();

const rack = { kit: [8, 12, 16, 20].map((kg) => ({ id: `kb${kg}`, type: "kettlebell", kg })), bodyKg: 70 };

/** A class of goblet squats that was taught so many days ago, and what one person confirmed of it. */
async function taught(
  person: string,
  daysAgo: number,
  said: readonly Written[],
  hurts = false,
): Promise<void> {
  const base = newClass("Squats", "strength");
  const doc = {
    ...base,
    blocks: [
      {
        id: "b",
        title: "Squats",
        rounds: 3,
        rest: 30,
        slots: [{ id: "s", move: "goblet-squat", dose: { reps: { min: 8, max: 12 } }, load: { rir: 2 } }],
      },
    ],
  };
  const classId = await createClass(mine, doc);
  const session = await planSession(mine, {
    classId,
    startsAt: new Date(),
    timeZone: "Atlantic/Reykjavik",
    people: [person],
    state: "open",
  });
  const who = await rosterId(person);
  await takeEntry(session, { id: crypto.randomUUID(), kind: "join", payload: { person: who } }, null);
  await command(session, "start");
  if (hurts)
    await takeEntry(
      session,
      { id: crypto.randomUUID(), kind: "hurt", payload: { person: who, slot: "s" } },
      null,
    );
  await command(session, "end");
  await write(mine, session, person, "self", said);
  await client.query("update session set starts_at = now() - make_interval(days => $2) where id = $1", [
    session,
    daysAgo,
  ]);
}
const squat = (value: object) => [{ field: "slot:s", value } as Written];

describe("what next", () => {
  test("is the next weight of this home after two classes at the top with enough left; of another studio nothing", async () => {
    const id = await someone("Ola", rack);
    await taught(id, 7, squat({ sets: 3, reps: 12, eachKg: 12, more: "2-3" }));
    expect((await progressOf(mine, id))[0]).toMatchObject({
      move: "goblet-squat",
      step: { do: "same" },
      why: "not-yet",
    });
    await taught(id, 3, squat({ sets: 3, reps: 12, eachKg: 12, more: "2-3" }));
    const [proposal] = await progressOf(mine, id);
    expect(proposal).toMatchObject({ step: { do: "weight", fromKg: 12, toKg: 16 }, why: "ready" });
    expect(proposal?.evidence.map(({ reps }) => reps)).toEqual([12, 12]);
    expect(await progressOf(theirs, id)).toEqual([]);
  });

  test("counts only what was confirmed, and asks first where it hurt", async () => {
    const silent = await someone("Siv", rack);
    await taught(silent, 5, [{ field: "effort", value: 6 }]);
    expect(await progressOf(mine, silent)).toEqual([]);
    const sore = await someone("Sor", rack);
    await taught(sore, 7, squat({ sets: 3, reps: 12, eachKg: 12, more: "2-3" }));
    await taught(sore, 3, squat({ sets: 3, reps: 12, eachKg: 12, more: "2-3" }), true);
    expect((await progressOf(mine, sore))[0]).toMatchObject({ step: { do: "ask" }, why: "hurt" });
  });
});
