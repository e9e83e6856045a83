/** What the class itself says for who can't, and leaves to choose: from the plan through the taught class to the log. */
import { beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import type { OwnSession } from "../../src/core/live/own-part";
import { type Asker, ask, NOBODY, newStudio } from "../shared/http";

let owner: Asker;
let session = "";
/** Roster ids with their tokens and the ids of their rows. */
const people: Record<string, { token: string; id: string }> = {};

const BLOCK = {
  id: "b",
  title: "Rigging",
  rounds: 2,
  rest: 10,
  slots: [
    {
      id: "air",
      move: "squat-jump",
      dose: { reps: 8 },
      choice: true,
      alternatives: [{ move: "skater-hop" }, { move: "bodyweight-squat" }],
    },
    {
      id: "knees",
      move: "slider-knee-tuck",
      dose: { seconds: 30 },
      alternatives: [{ move: "dead-bug", note: "No sliders" }],
    },
    { id: "bail", move: { name: "Bailing squat", like: "goblet-squat" }, dose: { reps: 8 } },
  ],
};

beforeAll(async () => {
  owner = await newStudio("Choices");
  const add = async (id: string, name: string, kit: object[]) => {
    const row = (await ask(owner, "POST", "/api/people", { person: { id, name, kit } })).json.id;
    const made = await ask(owner, "POST", `/api/people/${row}/link`, {});
    people[id] = { id: String(row), token: String(made.json.address).split("/p/")[1] ?? "" };
  };
  await add("nell", "Nell Tarn", [{ id: "k", type: "kettlebell", kg: 12 }]);
  await add("ivo", "Ivo Skerry", []);
  const doc = { ...newClass("Rigging", "form"), blocks: [BLOCK] };
  const classId = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
  const plan = {
    classId,
    startsAt: new Date().toISOString(),
    timeZone: "UTC",
    people: Object.values(people).map(({ id }) => id),
  };
  session = String((await ask(owner, "POST", "/api/sessions", plan)).json.id);
});

const content = async (who: string) =>
  (await ask(NOBODY, "GET", `/api/part/${people[who]?.token}/content?session=${session}`))
    .json as unknown as OwnSession;
const enter = (who: string, kind: string, more: object = {}) =>
  ask(NOBODY, "POST", `/api/part/${people[who]?.token}/events`, {
    id: crypto.randomUUID(),
    session,
    kind,
    ...more,
  });
const command = (kind: string, payload: object = {}) =>
  ask(owner, "POST", `/api/sessions/${session}/events`, {
    id: crypto.randomUUID(),
    kind,
    payload,
    seen: 1e6,
  });

describe("a class with ways of its own", () => {
  test("gives who can't the instructor's own, lists the equals at every level, and carries all that these name", async () => {
    const { parts, moves } = await content("ivo");
    const [air, knees, bail] = parts?.usual.slots ?? [];
    expect(air?.choices?.map(({ move }) => move)).toEqual(["skater-hop", "bodyweight-squat"]);
    expect(knees).toMatchObject({ move: "dead-bug", own: true, note: "No sliders" });
    // Without a weight the move that it is like has the ways out.
    expect(bail?.status).toBe("swapped");
    for (const mark of ["flat", "natural", "sharp"] as const) {
      const own = parts?.byMark[mark].slots[0];
      expect([own, ...(own?.choices ?? [])].map((way) => way?.move)).toContain("skater-hop");
    }
    const known = moves.map(({ id }) => id);
    expect(known).toEqual(expect.arrayContaining(["skater-hop", "bodyweight-squat", "goblet-squat"]));
    expect((await content("nell")).parts?.usual.slots[2]).toMatchObject({
      name: "Bailing squat",
      move: null,
      status: "as-set",
      load: { kg: 12 },
    });
  });

  test("takes a pick once it is on, from each person for themselves, and shows it to nobody else's phone", async () => {
    expect((await command("start", { countInMs: 0 })).status).toBeLessThan(300);
    for (const who of ["nell", "ivo"]) expect((await enter(who, "join")).status).toBeLessThan(300);
    expect((await enter("nell", "choose", { slot: "air", move: "bodyweight-squat" })).status).toBeLessThan(
      300,
    );
    expect((await enter("nell", "choose", { slot: "air" })).status).toBe(400);
    const seen = async (who: string) =>
      (await ask(NOBODY, "GET", `/api/part/${people[who]?.token}/events?session=${session}`)).text;
    expect(await seen("nell")).toContain("bodyweight-squat");
    expect(await seen("ivo")).not.toContain('"choose"');
  });

  test("logs what was picked, and learns from a move by name for the one that it is like", async () => {
    expect((await command("skip")).status).toBeLessThan(300);
    expect((await command("end")).status).toBeLessThan(300);
    const entries = [
      { field: "slot:air", value: { sets: 1, reps: 8 } },
      { field: "slot:bail", value: { sets: 2, reps: 8, eachKg: 12, more: "2-3" } },
    ];
    const said = await ask(NOBODY, "PUT", `/api/part/${people.nell?.token}/log`, { session, entries });
    expect(said.status).toBeLessThan(300);
    const csv = (await ask(owner, "GET", `/api/sessions/${session}/log?form=csv`)).text;
    const nell = csv.split("\n").filter((line) => line.includes("Nell Tarn"));
    expect(nell.join("\n")).toContain("air,bodyweight-squat");
    expect(nell.join("\n")).toContain("Bailing squat");
    expect(nell.join("\n")).not.toContain("squat-jump");
    const roster = (await ask(owner, "GET", "/api/people/export")).text;
    expect(
      JSON.parse(roster).people.find(({ id }: { id: string }) => id === "nell").workingSets,
    ).toContainEqual(expect.objectContaining({ move: "goblet-squat", kg: 12, reps: 8, rir: 2.5 }));
  });
});
