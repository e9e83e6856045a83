/**
 * The demo's sessions: one that was taught yesterday with its log, one open tonight, one planned. What
 * happened yesterday is invented here and written as it would have been.
 */
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { eq } from "drizzle-orm";
import type { SessionEventKind } from "../src/core/live/event-kinds";
import { happening, personOf, type Said, type SessionEvent } from "../src/core/live/events";
import { clockState } from "../src/core/live/fold";
import { scoreOfKept } from "../src/core/live/live-score";
import { fieldsIn, instantIn } from "../src/core/live/when";
import { BY_SELF } from "../src/core/log/entries";
import type { ReadinessAnswers } from "../src/core/readiness/readiness";
import { freeze, frozenContent } from "../src/server/content";
import { closeDb, db, transaction } from "../src/server/db/client";
import { classes, logEntry, person, session, sessionEvent } from "../src/server/db/schema";
import { invite } from "../src/server/invitations";
import { participantOf, renewLink } from "../src/server/links";
import { write } from "../src/server/log";
import { answerReadiness } from "../src/server/readiness";
import { planSession, setTonight } from "../src/server/session-changes";
import { lockSession } from "../src/server/session-events";
import { listSessions } from "../src/server/sessions";
import { saveSettings } from "../src/server/studios";
import { type Place, secretsOf } from "./places";

/** The code with which everybody in the demo has answered. */
export const DEMO_CODE = "2468";
const ZONE = "Atlantic/Reykjavik";
const DAY = 86_400_000;
const MINUTE = 60_000;
/** Whose link the demo prints. */
const PARTICIPANT = "gil";

type Rows = ReadonlyMap<string, string>;

/** Seven in the evening of the day that is `days` after the one at `nowMs`. */
function evening(nowMs: number, days: number): Date {
  const { date } = fieldsIn(nowMs + days * DAY, ZONE);
  return new Date(instantIn(date, "19:00", ZONE) ?? nowMs);
}

const ABSENT = ["quill", "vik", "rhea", "liesl"];
/** Who came when, minutes after the start; the others in good time. */
const CAME: Readonly<Record<string, number>> = { jory: 6.2, mads: 3.1, ines: -0.5 };

/** What was pressed, minutes after the start. */
const PRESSED: readonly (readonly [minutes: number, ...said: Said<SessionEventKind>])[] = [
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
  const id = await planSession(studioId, { classId, startsAt, timeZone: ZONE, people: null, state: "open" });
  await transaction(async (tx) => {
    const row = await lockSession(tx, studioId, id);
    await freeze(tx, row);
    const content = await frozenContent(tx, id);
    if (!content) throw new Error("the session was not frozen");
    const score = scoreOfKept(content);
    const zero = startsAt.getTime() + 40_000;
    const there = [...rows.keys()].filter((name) => !ABSENT.includes(name));
    const happened: { readonly atMs: number; readonly said: Said<SessionEventKind> }[] = [
      ...there.map((name, i) => ({
        atMs: zero + (CAME[name] ?? -6 + i * 0.22) * MINUTE,
        said: ["join", { person: name }] as const,
      })),
      { atMs: zero - 5000, said: ["start", { countInMs: 5000, version: content.version }] },
      ...PRESSED.map(([minutes, ...said]) => ({ atMs: zero + minutes * MINUTE, said })),
    ];
    happened.sort((a, b) => a.atMs - b.atMs);
    const events: SessionEvent[] = [];
    const put = (atMs: number, said: Said<SessionEventKind>) => {
      const then = clockState(score, events, atMs);
      const slot = score.segments[then.index]?.slot;
      const { kind, payload } = happening(said);
      const where = (kind === "hurt" || kind === "uncomfortable") && slot ? { slot } : {};
      const event = { kind, payload: { ...payload, ...where } } as SessionEvent;
      events.push({ ...event, id: crypto.randomUUID(), seq: events.length + 1, atMs: Math.round(atMs) });
    };
    for (const { atMs, said } of happened) put(atMs, said);
    const end = clockState(score, events, happened.at(-1)?.atMs ?? zero).projectedEndMs ?? zero;
    put(end + 12_000, ["end"]);
    await tx.insert(sessionEvent).values(
      events.map((event) => ({
        sessionId: id,
        seq: event.seq,
        commandId: event.id,
        kind: event.kind,
        person: personOf(event),
        payload: event.payload,
        at: new Date(event.atMs),
      })),
    );
    await tx
      .update(session)
      .set({ state: "ended", startedAt: new Date(zero - 5000), endedAt: new Date(end + 12_000) })
      .where(eq(session.id, id));
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
  // Written within the hour after the class, not now.
  const [over] = await db().select({ endedAt: session.endedAt }).from(session).where(eq(session.id, id));
  const written = await db().select({ id: logEntry.id }).from(logEntry).where(eq(logEntry.sessionId, id));
  for (const [i, entry] of written.sort((a, b) => a.id - b.id).entries()) {
    const at = new Date((over?.endedAt?.getTime() ?? nowMs) + (i + 1) * 2 * MINUTE);
    await db().update(logEntry).set({ at }).where(eq(logEntry.id, entry.id));
  }
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
