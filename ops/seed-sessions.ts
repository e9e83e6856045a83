/**
 * The demo's sessions: six weeks that were taught, the last of them yesterday, one open tonight, one planned. What
 * happened is invented here and written as it would have been.
 */
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { eq } from "drizzle-orm";
import { fieldsIn } from "../src/core/live/when";
import { BY_SELF } from "../src/core/log/entries";
import type { ReadinessAnswers } from "../src/core/readiness/readiness";
import { dayAfter, mondayOf, type SeasonPlan } from "../src/core/season/pattern";
import { closeDb, db } from "../src/server/db/client";
import { classes, person } from "../src/server/db/schema";
import { invite } from "../src/server/invitations";
import { participantOf, renewLink } from "../src/server/links";
import { write } from "../src/server/log";
import { answerReadiness } from "../src/server/readiness";
import { createSeason } from "../src/server/seasons";
import { planSession, setTonight } from "../src/server/session-changes";
import { listSessions } from "../src/server/sessions";
import { saveSettings } from "../src/server/studios";
import { type Place, secretsOf } from "./places";
import { taughtBefore } from "./seed-history";
import { evening, MINUTE, type Pressed, type Rows, taught, writtenAfter, ZONE } from "./seed-taught";

/** The code with which everybody in the demo has answered. */
export const DEMO_CODE = "2468";
/** Whose link the demo prints. */
const PARTICIPANT = "gil";

const ABSENT = ["quill", "vik", "rhea", "liesl"];
/** Who came when, minutes after the start; the others in good time. */
const CAME: Readonly<Record<string, number>> = { jory: 6.2, mads: 3.1, ines: -0.5 };

/** What was pressed, minutes after the start. */
const PRESSED: Pressed = [
  [7.5, "mark", { person: "aiko", mark: "flat" }],
  [9.2, "extend", { seconds: 10 }],
  [11.4, "pause", {}],
  [12.1, "resume", {}],
  [12.2, "note", { text: "Two bands slipped off the door: show the anchor again before the pulls." }],
  [14.5, "uncomfortable", { person: "farah" }],
  [14.5, "mark", { person: "farah", mark: "flat" }],
  [16.3, "mark", { person: "emeka", mark: "sharp" }],
  [18.8, "hurt", { person: "teo" }],
  [19.1, "hurt-seen", { person: "teo" }],
  [21.0, "extend", { seconds: 10 }],
  [24.6, "leave", { person: "kit" }],
  [27.2, "mark", { person: "bo", mark: "sharp" }],
  [30.5, "drop-round", {}],
];

/** Effort and notes as they were said afterwards. */
const SAID: Readonly<Record<string, readonly [effort: number, note?: string]>> = {
  aiko: [6],
  bo: [5, "Could take more on the legs."],
  dunstan: [7],
  emeka: [6],
  farah: [7, "The chair squats were just right."],
  gil: [6],
  hanne: [7],
  ines: [8],
  mads: [8, "Came in out of breath from the pier."],
  noor: [6],
  osk: [7],
  petra: [7, "Band is too light for the rows now."],
  sunniva: [6],
  teo: [5, "Left wrist, stopped the planks."],
  tomasz: [7],
  wren: [8],
  ysolde: [6],
};

async function taughtYesterday(studioId: string, classId: string, rows: Rows, nowMs: number): Promise<void> {
  const startsAt = evening(nowMs, -1);
  const id = await taught(studioId, {
    classId,
    startsAt,
    there: [...rows.keys()].filter((name) => !ABSENT.includes(name)),
    came: CAME,
    pressed: PRESSED,
  });
  for (const [name, [effort, note]] of Object.entries(SAID)) {
    const personId = rows.get(name);
    if (!personId) continue;
    await write(studioId, id, personId, BY_SELF, [
      { field: "effort", value: effort },
      ...(note ? [{ field: "note" as const, value: note }] : []),
    ]);
  }
  // A correction: what was said first stays in the log.
  const ines = rows.get("ines");
  if (ines) await write(studioId, id, ines, "Harbour Steps", [{ field: "effort", value: 7 }]);
  await writtenAfter(id, nowMs);
}

/** A session for this evening, open already, where none goes on: the demo always has one to look at. */
async function openTonight(studioId: string, classId: string, nowMs: number): Promise<string> {
  const going = (await listSessions(studioId)).find(
    ({ state, startsAtMs }) =>
      (state === "open" || state === "running") && startsAtMs > nowMs - 3 * 3_600_000,
  );
  if (going) return going.id;
  const seven = evening(nowMs, 0);
  const startsAt = seven.getTime() > nowMs ? seven : new Date(nowMs + 30 * MINUTE);
  return planSession(studioId, { classId, startsAt, timeZone: ZONE, people: null, state: "open" });
}

async function firstTime(studioId: string, byTitle: ReadonlyMap<string, string>, rows: Rows, nowMs: number) {
  await saveSettings(studioId, { teaching: { timeZone: ZONE, stance: "density" } });
  const [gale, strength, quay] = ["Gale warning", "Stairwell", "Quay"].map(
    (start) => [...byTitle].find(([title]) => title.startsWith(start))?.[1] ?? "",
  ) as [string, string, string];
  await taughtBefore(studioId, [strength, quay], rows, nowMs);
  await taughtYesterday(studioId, gale, rows, nowMs);
  const tonight = await openTonight(studioId, strength, nowMs);
  for (const [name, personId] of rows) {
    if (["noor", "vik", "kit"].includes(name)) continue;
    const sore = name === "teo" || name === "farah";
    const answers: ReadinessAnswers = {
      askFirst: name === "ulla" ? ["heart"] : [],
      adapt: sore ? ["joint"] : name === "ulla" ? ["balance"] : [],
      shareAskFirst: name === "ulla",
    };
    await answerReadiness({ personId, studioId }, answers, DEMO_CODE);
  }
  const say = async (name: string, what: Parameters<typeof setTonight>[3]) => {
    const personId = rows.get(name);
    if (personId) await setTonight(studioId, tonight, personId, what);
  };
  await say("teo", { limits: ["no-gripping"] });
  await say("hanne", { mark: "flat" });
  await say("petra", { limits: [], without: [] });
  await invite(studioId, tonight, null);
  await planSession(studioId, {
    classId: quay,
    startsAt: evening(nowMs, 2),
    timeZone: ZONE,
    people: [...rows.values()].slice(0, 14),
    state: "planned",
  });
  await sixAhead(studioId, [gale, strength, quay], nowMs);
}

/** Six weeks ahead: three evenings a week, an easier fourth week, one storm day off. */
async function sixAhead(
  studioId: string,
  [gale, strength, quay]: readonly [string, string, string],
  nowMs: number,
) {
  const from = dayAfter(mondayOf(fieldsIn(nowMs, ZONE).date), 7);
  const plan: SeasonPlan = {
    from,
    weeks: 6,
    timeZone: ZONE,
    lines: [
      { weekday: 2, time: "19:00", classId: strength, focus: "strength" },
      { weekday: 4, time: "19:00", classId: quay, focus: "breath" },
      { weekday: 6, time: "10:00", classId: gale, focus: "all" },
    ],
    growEvery: 1,
    easierEvery: 4,
    off: [dayAfter(from, 3 * 7 + 3)],
    says: "three times a week",
  };
  await createSeason(studioId, "Storm season", plan, null);
}

/** Makes the demo's sessions where they are missing; gives the path of one participant's own page. */
export async function seedSessions(
  place: Place,
  databaseUrl: string,
  address: string,
  fresh: boolean,
): Promise<string> {
  process.env.BRONTLE_DATABASE_URL = databaseUrl;
  process.env.BRONTLE_SEAL_SECRET = secretsOf(place).sealSecret;
  process.env.BRONTLE_ORIGIN = address;
  const file = `${place.folder}/participant-link`;
  try {
    const [first] = await db().select({ studioId: person.studioId }).from(person).limit(1);
    if (!first) return "";
    const { studioId } = first;
    const people = await db()
      .select({ id: person.id, rosterId: person.rosterId })
      .from(person)
      .where(eq(person.studioId, studioId));
    const rows: Rows = new Map(people.map(({ id, rosterId }) => [rosterId, id]));
    const made = await db()
      .select({ id: classes.id, title: classes.title })
      .from(classes)
      .where(eq(classes.studioId, studioId));
    const byTitle = new Map(made.map(({ id, title }) => [title, id]));
    const nowMs = Date.now();
    if (fresh) await firstTime(studioId, byTitle, rows, nowMs);
    else if (made[0]) await openTonight(studioId, made[0].id, nowMs);
    const personId = rows.get(PARTICIPANT);
    if (!personId) return "";
    // A link that was ended or renewed on the person's page since is printed no more.
    const kept = existsSync(file) ? readFileSync(file, "utf8") : "";
    if ((await participantOf(kept))?.personId === personId) return `/p/${kept}`;
    const token = await renewLink(studioId, personId);
    writeFileSync(file, token, { mode: 0o600 });
    return `/p/${token}`;
  } finally {
    await closeDb();
  }
}
