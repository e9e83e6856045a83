/** What somebody might do next, from what they confirmed: only that, only theirs, only what their home can make. */
import { describe, expect, test } from "vitest";
import { classSteps, takeClassStep } from "../../src/server/class-step";
import { createClass, findClass } from "../../src/server/classes";
import { findPerson } from "../../src/server/people";
import { decide, nextOfRoom, overTime, progressOf } from "../../src/server/progress";
import { mine, someone, theirs, userId, withStudios } from "../shared/sessions";
import { rack, squat, squatDoc, taughtSquats } from "../shared/taught-squats";

withStudios();

const who = () => ({ studioId: mine, userId, name: "Maren" });
const top = squat({ sets: 3, reps: 12, eachKg: 12, more: "2-3" });
const first = async (id: string) => (await progressOf(mine, id))[0];

describe("what next", () => {
  test("is the next weight of this home after two classes at the top with enough left; of another studio nothing", async () => {
    const id = await someone("Ola", rack);
    await taughtSquats({ people: [id], daysAgo: 7, said: top });
    expect((await first(id))?.proposal).toMatchObject({
      move: "goblet-squat",
      step: { do: "same" },
      why: "not-yet",
    });
    await taughtSquats({ people: [id], daysAgo: 3, said: top });
    const proposal = (await first(id))?.proposal;
    expect(proposal).toMatchObject({ step: { do: "weight", fromKg: 12, toKg: 16 }, why: "ready" });
    expect(proposal?.evidence.map(({ reps }) => reps)).toEqual([12, 12]);
    expect(await progressOf(theirs, id)).toEqual([]);
    expect((await overTime(mine, id)).moves[0]?.points).toHaveLength(2);
  });

  test("counts only what was confirmed, and asks first where it hurt", async () => {
    const silent = await someone("Siv", rack);
    await taughtSquats({ people: [silent], daysAgo: 5, said: [{ field: "effort", value: 6 }] });
    expect(await progressOf(mine, silent)).toEqual([]);
    const sore = await someone("Sor", rack);
    await taughtSquats({ people: [sore], daysAgo: 7, said: top });
    await taughtSquats({ people: [sore], daysAgo: 3, said: top, hurts: true });
    expect((await first(sore))?.proposal).toMatchObject({ step: { do: "ask" }, why: "hurt" });
    // Nor by the instructor's own change is it more.
    const up = {
      move: "goblet-squat",
      verdict: "changed",
      step: { do: "weight", fromKg: 12, toKg: 16 },
    } as const;
    await expect(decide(who(), sore, [up])).rejects.toMatchObject({ code: "invalid" });
  });

  test("is accepted as a goal, changed to another step, left; and asked again only after the next class", async () => {
    const id = await someone("Una", rack);
    await taughtSquats({ people: [id], daysAgo: 7, said: top });
    await taughtSquats({ people: [id], daysAgo: 3, said: top });
    const weight = { do: "weight", fromKg: 12, toKg: 16 } as const;
    const decided = { move: "goblet-squat", verdict: "accepted", step: weight } as const;
    await expect(decide({ ...who(), studioId: theirs }, id, [decided])).rejects.toMatchObject({
      code: "not-found",
    });
    await expect(
      decide(who(), id, [{ ...decided, step: { do: "weight", fromKg: 12, toKg: 20 } }]),
    ).rejects.toMatchObject({ code: "conflict" });
    await decide(who(), id, [decided]);
    expect((await findPerson(mine, id))?.doc.goals).toMatchObject({ "goblet-squat": { kg: 16 } });
    expect((await first(id))?.decided).toMatchObject({ verdict: "accepted", step: weight });
    await decide(who(), id, [
      { move: "goblet-squat", verdict: "changed", step: { do: "reps", from: 12, to: 13 } },
    ]);
    expect((await findPerson(mine, id))?.doc.goals).toMatchObject({ "goblet-squat": { reps: 13 } });
    await taughtSquats({ people: [id], daysAgo: 0, said: top });
    expect((await first(id))?.decided).toBeNull();
  });

  test("of a class is another round where two thirds are ready; the others keep what there was", async () => {
    const people: string[] = [];
    for (const name of ["Ada", "Bea", "Cai"]) people.push(await someone(name, rack));
    const [late] = [await someone("Dov", rack)];
    const classId = await createClass(mine, squatDoc());
    for (const daysAgo of [7, 3]) await taughtSquats({ people, daysAgo, said: top, classId });
    await taughtSquats({
      people: [late],
      daysAgo: 2,
      said: squat({ sets: 3, reps: 9, eachKg: 12, more: "0-1" }),
      classId,
    });
    const room = (await nextOfRoom(mine)).filter(({ id }) => [...people, late].includes(id));
    const [step] = (await classSteps(mine, room)).filter((each) => each.classId === classId);
    expect(step).toMatchObject({ kind: "another-round", ready: 3, all: 4, others: ["Dov"] });
    await expect(takeClassStep(who(), classId, { block: "b", kind: "less-rest" })).rejects.toMatchObject({
      code: "conflict",
    });
    await takeClassStep(who(), classId, { block: "b", kind: "another-round" });
    expect((await findClass(mine, classId))?.doc.blocks[0]?.rounds).toBe(4);
    expect((await findPerson(mine, late))?.doc.goals).toMatchObject({ "goblet-squat": { rounds: 3 } });
  });
});
