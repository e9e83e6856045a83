/** Seasons, plans by themselves and calendars that follow, on a real database. */
import ICAL from "ical.js";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../../src/core/class/document";
import { THRESHOLDS } from "../../src/core/effort/thresholds";
import { checkSeasonPlan } from "../../src/core/season/checks";
import type { SeasonPlan } from "../../src/core/season/pattern";
import { aloneOf, doneAlone, needAlone, setAlone, withdrawAlone } from "../../src/server/alone";
import { applyEdits, createClass, findClass, listClasses } from "../../src/server/classes";
import { endFeed, feedText, makeFeed } from "../../src/server/feeds";
import { participantOf, renewLink } from "../../src/server/links";
import { findPerson } from "../../src/server/people";
import { erasePerson, personData } from "../../src/server/person-data";
import { progressOf } from "../../src/server/progress";
import { createSeason, follow, removeSeason, seasonOf, toFollow, viewOf } from "../../src/server/seasons";
import { moveSession, setSessionState } from "../../src/server/session-changes";
import { findSession } from "../../src/server/sessions";
import { client, mine, someone, theirs, userId, withStudios } from "../shared/sessions";
import { rack, squatDoc } from "../shared/taught-squats";

withStudios();

const plan = (classId: string, more: Partial<SeasonPlan> = {}): SeasonPlan => ({
  from: "2027-03-08",
  weeks: 4,
  timeZone: "Europe/Madrid",
  lines: [
    { weekday: 2, time: "19:00", classId, focus: "" },
    { weekday: 3, time: "19:00", classId, focus: "" },
  ],
  growEvery: 1,
  easierEvery: 4,
  off: ["2027-03-17"],
  says: "every other day",
  ...more,
});
const edit = async (classId: string, key: "title", to: string) => {
  const stored = await findClass(mine, classId);
  await applyEdits({ studioId: mine, userId }, classId, stored?.revision ?? 1, [
    {
      id: crypto.randomUUID(),
      edit: { op: "set", target: { in: "class" }, key, from: stored?.doc.title, to },
    },
  ]);
};
const rounds = (doc: ClassDoc) => doc.blocks[0]?.rounds;

describe("a season", () => {
  test("is a class of its own on each date, which grows; days off have none; the list of classes stays as it was", async () => {
    const person = await someone("Elin", rack);
    const classId = await createClass(mine, squatDoc());
    const before = (await listClasses(mine)).length;
    const id = await createSeason(mine, "Spring", plan(classId), [person]);
    const season = await seasonOf(mine, id);
    expect(season.classes).toHaveLength(7);
    expect(new Set(season.classes.map((each) => each.classId)).size).toBe(7);
    expect(season.classes.every(({ people, edited }) => people.length === 1 && !edited)).toBe(true);
    expect((await listClasses(mine)).length).toBe(before);
    // Nine to eleven reps in the second week, and in the fourth a set less.
    expect(season.classes.map(({ doc }) => rounds(doc))).toEqual([3, 3, 3, 3, 3, 2, 2]);
    await expect(seasonOf(theirs, id)).rejects.toMatchObject({ code: "not-found" });
    await expect(createSeason(theirs, "Theirs", plan(classId), null)).rejects.toMatchObject({
      code: "not-found",
    });
    await expect(createSeason(mine, "None", plan(classId, { weeks: 0 }), null)).rejects.toMatchObject({
      code: "invalid",
    });
  });

  test("says what contradicts itself, for everybody in their own zone", async () => {
    const classId = await createClass(mine, squatDoc());
    const id = await createSeason(mine, "Spring again", plan(classId, { weeks: 5 }), null);
    const view = viewOf(await seasonOf(mine, id), [{ id: "e", name: "Emeka", timeZone: "Africa/Lagos" }]);
    const codes = checkSeasonPlan(view, THRESHOLDS).map(({ says }) => says.code);
    expect(codes).toEqual(expect.arrayContaining(["not-as-said", "too-soon", "clock-change"]));
  });

  test("brings a changed base into the weeks that weren't edited, and says which were", async () => {
    const classId = await createClass(mine, squatDoc());
    const id = await createSeason(mine, "Follows", plan(classId), null);
    expect((await toFollow(mine, id)).follow).toEqual([]);
    const [, second] = (await seasonOf(mine, id)).classes;
    await edit(second?.classId ?? "", "title", "By hand");
    await edit(classId, "title", "Squats anew");
    const told = await follow(mine, id);
    expect(told.stay).toEqual([second?.sessionId]);
    expect(told.follow).toHaveLength(6);
    const after = await seasonOf(mine, id);
    expect(after.classes.map(({ doc, edited }) => [doc.title, edited])).toEqual([
      ["Squats anew", false],
      ["By hand", true],
      ...Array.from({ length: 5 }, () => ["Squats anew", false]),
    ]);
    expect((await toFollow(mine, id)).follow).toEqual([]);
  });

  test("that is removed cancels what is ahead, once and for all", async () => {
    const classId = await createClass(mine, squatDoc());
    const id = await createSeason(mine, "Gone", plan(classId), null);
    const { classes } = await seasonOf(mine, id);
    await removeSeason(mine, id);
    await expect(seasonOf(mine, id)).rejects.toMatchObject({ code: "not-found" });
    const states = await Promise.all(
      classes.map(async ({ sessionId }) => (await findSession(mine, sessionId))?.state),
    );
    expect(new Set(states)).toEqual(new Set(["cancelled"]));
    expect(
      (await listClasses(mine)).some(({ id: own }) => classes.some((each) => each.classId === own)),
    ).toBe(false);
  });
});

describe("a calendar that follows", () => {
  /** What a calendar program of somebody else's reads. */
  const read = async (token: string) => {
    const text = await feedText(token);
    if (text === null) return null;
    const root = new ICAL.Component(ICAL.parse(text));
    return root.getAllSubcomponents("vevent").map((part) => {
      const event = new ICAL.Event(part as never);
      return {
        uid: event.uid,
        sequence: event.sequence,
        start: event.startDate.toJSDate().toISOString(),
        status: String(part.getFirstPropertyValue("status")),
        title: event.summary,
      };
    });
  };

  test("keeps the identity of its entries through moves and cancellations, right through both changes of clocks", async () => {
    const person = await someone("Kai", { ...rack, timeZone: "America/New_York" });
    const classId = await createClass(mine, squatDoc());
    const zones = [
      "Europe/Madrid",
      "America/New_York",
      "Australia/Lord_Howe",
      "Africa/Lagos",
      "Atlantic/Reykjavik",
    ];
    const starts: Record<string, string[]> = {};
    for (const timeZone of zones) {
      for (const from of ["2027-03-08", "2027-10-04"]) {
        const id = await createSeason(
          mine,
          `${timeZone} ${from}`,
          plan(classId, { from, timeZone, weeks: 5, off: [] }),
          [person],
        );
        const { classes } = await seasonOf(mine, id);
        starts[timeZone] = [
          ...(starts[timeZone] ?? []),
          ...classes.map((each) => new Date(each.startsAtMs).toISOString()),
        ];
      }
    }
    const token = await makeFeed(mine, person);
    const entries = (await read(token)) ?? [];
    expect(entries.map(({ start }) => start).sort()).toEqual(Object.values(starts).flat().sort());
    // Seven in the evening there, whatever the clocks have done meanwhile.
    for (const timeZone of zones)
      for (const start of starts[timeZone] ?? [])
        expect(
          new Intl.DateTimeFormat("en-GB", { timeZone, hour: "2-digit", minute: "2-digit" }).format(
            new Date(start),
          ),
        ).toBe("19:00");
    const [first, second] = entries;
    const session = (uid: string | undefined) => uid?.replace("@brontle", "") ?? "";
    await moveSession(mine, session(first?.uid), new Date("2027-04-20T17:00:00Z"), "Europe/Madrid");
    await setSessionState(mine, session(second?.uid), "cancelled");
    const after = new Map((await read(token))?.map((each) => [each.uid, each]));
    expect(after.size).toBe(entries.length);
    expect(after.get(first?.uid ?? "")).toMatchObject({ start: "2027-04-20T17:00:00.000Z" });
    expect(after.get(first?.uid ?? "")?.sequence).toBeGreaterThan(first?.sequence ?? 0);
    expect(after.get(second?.uid ?? "")).toMatchObject({ status: "CANCELLED" });
    expect(after.get(second?.uid ?? "")?.sequence).toBeGreaterThan(second?.sequence ?? 0);
  });

  test("is of one person or of the studio, names nobody, and ends", async () => {
    const person = await someone("Only Lou", rack);
    const classId = await createClass(mine, squatDoc());
    await createSeason(mine, "Lou's", plan(classId), [person]);
    const own = await makeFeed(mine, person);
    const all = await makeFeed(mine, null);
    expect((await read(own))?.length).toBe(7);
    expect((await read(all))?.length).toBeGreaterThan(7);
    expect(await feedText(all)).not.toContain("Lou Lou");
    expect(await feedText(own)).not.toContain("Only Lou");
    const anew = await makeFeed(mine, person);
    expect(await read(own)).toBeNull();
    await endFeed(mine, person);
    expect(await read(anew)).toBeNull();
    expect(await read("A".repeat(43))).toBeNull();
    await expect(makeFeed(theirs, person)).rejects.toMatchObject({ code: "not-found" });
  });
});

describe("a plan by themselves", () => {
  test("is theirs alone, written down once, and known of them like a class", async () => {
    const id = await someone("Moa", rack);
    const other = await someone("Nils", rack);
    const classId = await createClass(mine, {
      ...squatDoc(),
      overruled: [{ slot: "s", person: (await findPerson(mine, other))?.doc.id, move: "bodyweight-squat" }],
    });
    const [plan] = await setAlone(mine, { people: [id], classId, day: "2027-02-01", note: "Slowly." });
    await expect(
      setAlone(theirs, { people: [id], classId, day: "2027-02-01", note: "" }),
    ).rejects.toMatchObject({
      code: "not-found",
    });
    const who = await participantOf(await renewLink(mine, id));
    const stranger = await participantOf(await renewLink(mine, other));
    if (!who || !stranger) throw new Error("no link");
    // Nothing in it is about anybody else.
    expect((await needAlone(who, plan ?? "")).doc.overruled).toBeUndefined();
    await expect(needAlone(stranger, plan ?? "")).rejects.toMatchObject({ code: "not-found" });
    const done = {
      slots: { s: { sets: 3, reps: 12, eachKg: 12, more: "2-3" as const } },
      effort: 6,
      note: "",
      hurt: [],
    };
    await expect(doneAlone(who, plan ?? "", { ...done, slots: { x: {} } })).rejects.toMatchObject({
      code: "invalid",
    });
    await doneAlone(who, plan ?? "", done);
    await expect(doneAlone(who, plan ?? "", done)).rejects.toMatchObject({ code: "conflict" });
    expect((await findPerson(mine, id))?.doc.workingSets).toMatchObject([
      { move: "goblet-squat", kg: 12, reps: 12 },
    ]);
    expect((await progressOf(mine, id))[0]?.proposal).toMatchObject({ move: "goblet-squat", why: "not-yet" });
    const [second] = await setAlone(mine, { people: [id], classId, day: "2027-02-02", note: "" });
    await withdrawAlone(mine, second ?? "");
    expect((await aloneOf(mine, id)).map((row) => row.id)).toEqual([plan]);
    const data = JSON.stringify(await personData(mine, id, { own: false, name: "Maren" } as never));
    expect(data).toContain("byThemselves");
    await erasePerson(mine, id, { name: "Maren" } as never);
    const { rowCount } = await client.query("select 1 from alone_plan where person_id = $1", [id]);
    expect(rowCount).toBe(0);
  });
});
