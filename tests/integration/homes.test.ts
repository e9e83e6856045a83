/** What people say of themselves: who sees it, what leaves with an export, and what the hour of a class asks. */
import { beforeAll, describe, expect, test } from "vitest";
import { newClass } from "../../src/core/class/new-class";
import type { Person } from "../../src/core/homes/home";
import type { OwnSession } from "../../src/core/live/own-part";
import { type Asker, ask, NOBODY, newStudio } from "../shared/http";

let owner: Asker;
let person = "";
let token = "";
const own = { name: "Osk Brannigar", kit: [], bodyKg: 71.5, heightCm: 183, country: "PT" };

beforeAll(async () => {
  owner = await newStudio("Homes");
  person = (await ask(owner, "POST", "/api/people", { person: { id: "osk", name: "Osk Brannigar" } })).json
    .id;
  const made = await ask(owner, "POST", `/api/people/${person}/link`, {});
  token = String(made.json.address).split("/p/")[1] ?? "";
});

const exported = async (form = "") => (await ask(owner, "GET", `/api/people/export${form}`)).text;
const say = (more: object) => ask(NOBODY, "PUT", `/api/part/${token}/home`, { person: { ...own, ...more } });

describe("body mass and height", () => {
  test("are stored from the person's own page, shown there, and leave with no export", async () => {
    expect((await say({})).status).toBe(200);
    expect((await ask(NOBODY, "GET", `/p/${token}/home`)).text).toContain("183");
    for (const text of [await exported(), await exported("?form=csv")]) {
      expect(text).toContain("Osk Brannigar");
      expect(text).not.toMatch(/71\.5|183|bodyKg|heightCm/);
    }
  });

  test("stay when the export comes in again", async () => {
    const roster = JSON.parse(await exported());
    expect((await ask(owner, "POST", "/api/people/import", { roster })).status).toBe(200);
    expect((await ask(NOBODY, "GET", `/p/${token}/home`)).text).toContain("183");
  });

  test.each([
    { heightCm: 12 },
    { country: "pt" },
    { quiet: { from: "25:00", to: "07:00" } },
    { space: { wall: "no" } },
  ])("and what can't be is refused with its place: %j", async (wrong) => {
    const reply = await say(wrong);
    expect(reply.status).toBe(422);
    expect(reply.text).toContain(Object.keys(wrong)[0] as string);
  });
});

describe("quiet hours", () => {
  const moveAt = async (startsAt: string) => {
    const doc = {
      ...newClass("Late and early", "form"),
      blocks: [
        { id: "b", title: "Air", rounds: 1, slots: [{ id: "s", move: "star-jack", dose: { seconds: 40 } }] },
      ],
    };
    const classId = (await ask(owner, "POST", "/api/classes", { doc })).json.id;
    const plan = { classId, startsAt, timeZone: "UTC", people: [person] };
    const session = (await ask(owner, "POST", "/api/sessions", plan)).json.id;
    const content = await ask(NOBODY, "GET", `/api/part/${token}/content?session=${session}`);
    const { parts } = content.json as unknown as OwnSession;
    return parts?.usual.slots[0]?.move;
  };

  test("rule out what is loud in a class at that hour, and in no other", async () => {
    const quiet: Person["quiet"] = { from: "21:00", to: "07:00" };
    expect((await say({ timeZone: "Europe/Lisbon", quiet })).status).toBe(200);
    expect(await moveAt("2027-01-05T12:00:00Z")).toBe("star-jack");
    // Over long before they begin.
    expect(await moveAt("2027-01-06T20:30:00Z")).toBe("star-jack");
    const late = await moveAt("2027-01-04T21:30:00Z");
    expect(late).toBeTruthy();
    expect(late).not.toBe("star-jack");
  });
});
