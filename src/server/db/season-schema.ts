/** What lies ahead of people: decisions about their next step, seasons, what they do by themselves, calendars that follow. */
import { bigserial, boolean, index, integer, json, pgTable, text, unique, uuid } from "drizzle-orm/pg-core";
import type { ClassDoc } from "../../core/class/document";
import type { Verdict } from "../../core/progress/decisions";
import type { Step } from "../../core/progress/proposal";
import type { AloneDone } from "../../core/season/alone";
import type { SeasonPlan } from "../../core/season/pattern";
import { instant, user } from "./auth-schema";
import { classes, ofPerson, ofStudio, person, session } from "./schema";

/** Decided by an instructor: appended only, the latest of a move holds. */
export const progressDecision = pgTable(
  "progress_decision",
  {
    id: bigserial("id", { mode: "number" }).primaryKey(),
    studioId: ofStudio(),
    personId: ofPerson(),
    move: text("move").notNull(),
    step: json("step").$type<Step>().notNull(),
    verdict: text("verdict").$type<Verdict>().notNull(),
    /** Days, `YYYY-MM-DD`. */
    day: text("day").notNull(),
    evidence: text("evidence").notNull(),
    author: text("author").notNull(),
    at: instant("at").notNull().defaultNow(),
  },
  (table) => [index("progress_decision_person").on(table.personId, table.id)],
);

/** A season: a pattern of weeks, made into classes on dates. */
export const season = pgTable(
  "season",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    studioId: ofStudio(),
    title: text("title").notNull(),
    plan: json("plan").$type<SeasonPlan>().notNull(),
    createdAt: instant("created_at").notNull().defaultNow(),
    updatedAt: instant("updated_at").notNull().defaultNow(),
  },
  (table) => [index("season_studio").on(table.studioId)],
);

/** One class of a season on its date. */
export const seasonClass = pgTable(
  "season_class",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    seasonId: uuid("season_id")
      .notNull()
      .references(() => season.id, { onDelete: "cascade" }),
    /** From 0. */
    week: integer("week").notNull(),
    /** Which line of the pattern it comes from. */
    line: integer("line").notNull(),
    sessionId: uuid("session_id")
      .notNull()
      .references(() => session.id, { onDelete: "cascade" }),
    classId: uuid("class_id")
      .notNull()
      .references(() => classes.id, { onDelete: "cascade" }),
    /** As it was made: what differs from this was edited, and stays. */
    made: json("made").$type<ClassDoc>().notNull(),
  },
  (table) => [unique("season_class_place").on(table.seasonId, table.week, table.line)],
);

/** A calendar that follows by itself: of a studio, or of one person. Only the hash of its secret is kept. */
export const feed = pgTable(
  "calendar_feed",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    studioId: ofStudio(),
    /** Null: all of the studio's classes. */
    personId: uuid("person_id").references(() => person.id, { onDelete: "cascade" }),
    tokenHash: text("token_hash").notNull().unique(),
    createdAt: instant("created_at").notNull().defaultNow(),
    revokedAt: instant("revoked_at"),
  },
  (table) => [
    index("calendar_feed_studio").on(table.studioId),
    index("calendar_feed_person").on(table.personId),
  ],
);

/** When somebody who teaches can't: taken from a calendar of theirs. Only the times are kept, not what they are for. */
export const busyTime = pgTable(
  "busy_time",
  {
    id: bigserial("id", { mode: "number" }).primaryKey(),
    studioId: ofStudio(),
    userId: text("user_id")
      .notNull()
      .references(() => user.id, { onDelete: "cascade" }),
    /** What the calendar is called: taken in again, it stands in place of what it said before. */
    calendar: text("calendar").notNull(),
    startsAt: instant("starts_at").notNull(),
    endsAt: instant("ends_at").notNull(),
  },
  (table) => [index("busy_time_studio").on(table.studioId, table.endsAt)],
);

/** A plan for one person without a class: a dated card, done alone. */
export const alone = pgTable(
  "alone_plan",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    studioId: ofStudio(),
    personId: ofPerson(),
    title: text("title").notNull(),
    doc: json("doc").$type<ClassDoc>().notNull(),
    /** `YYYY-MM-DD`. */
    day: text("day").notNull(),
    note: text("note").notNull().default(""),
    withdrawn: boolean("withdrawn").notNull().default(false),
    /** What was done; null before. */
    done: json("done").$type<AloneDone>(),
    doneAt: instant("done_at"),
    createdAt: instant("created_at").notNull().defaultNow(),
  },
  (table) => [index("alone_plan_person").on(table.personId, table.day)],
);
