/** The tables. Every row of a studio's own carries its `studioId`, and every query names it. */
import {
  bigint,
  bigserial,
  boolean,
  index,
  integer,
  json,
  pgTable,
  primaryKey,
  text,
  unique,
  uuid,
} from "drizzle-orm/pg-core";
import type { ClassDoc } from "../../core/class/document";
import type { Edit } from "../../core/class/edits";
import type { Mark, Person } from "../../core/homes/home";
import type { Tonight } from "../../core/homes/tonight";
import type { SessionEventKind } from "../../core/live/event-kinds";
import type { SessionEvent } from "../../core/live/events";
import type { SessionState } from "../../core/live/session";
import type { Substitute } from "../../core/live/substitutes";
import type { LogField, LogValue } from "../../core/log/entries";
import type { Move } from "../../core/moves/move";
import type { ChangeOverTable } from "../../core/parts/change-over";
import type { Part } from "../../core/parts/part";
import type { TrailKind } from "../../core/trail/trail";
import type { FrozenMove } from "../frozen";
import { instant, user } from "./auth-schema";

export * from "./auth-schema";

export const studio = pgTable("studio", {
  id: uuid("id").primaryKey().defaultRandom(),
  name: text("name").notNull(),
  /** What differs from the defaults of `core/settings/settings.ts`. */
  settings: json("settings").$type<Record<string, unknown>>().notNull().default({}),
  createdAt: instant("created_at").notNull().defaultNow(),
});

export const member = pgTable(
  "member",
  {
    studioId: uuid("studio_id")
      .notNull()
      .references(() => studio.id, { onDelete: "cascade" }),
    userId: text("user_id")
      .notNull()
      .references(() => user.id, { onDelete: "cascade" }),
    role: text("role").$type<"owner" | "coach">().notNull(),
    /** Of several studios an instructor works in the one that they joined, or chose, last. */
    joinedAt: instant("joined_at").notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.userId] }), index("member_user").on(table.userId)],
);

/** A way for another instructor to join a studio: used once, within a week. */
export const memberInvite = pgTable("member_invite", {
  id: uuid("id").primaryKey().defaultRandom(),
  studioId: uuid("studio_id")
    .notNull()
    .references(() => studio.id, { onDelete: "cascade" }),
  tokenHash: text("token_hash").notNull().unique(),
  createdAt: instant("created_at").notNull().defaultNow(),
  expiresAt: instant("expires_at").notNull(),
  usedAt: instant("used_at"),
});

// Documents are kept as `json`, not `jsonb`: the order of an author's keys survives.
export const classes = pgTable(
  "class",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    studioId: uuid("studio_id")
      .notNull()
      .references(() => studio.id, { onDelete: "cascade" }),
    /** The document's own title: what is searched and sorted by stands in columns, never looked for in JSON. */
    title: text("title").notNull(),
    doc: json("doc").$type<ClassDoc>().notNull(),
    revision: integer("revision").notNull().default(1),
    createdAt: instant("created_at").notNull().defaultNow(),
    updatedAt: instant("updated_at").notNull().defaultNow(),
    deletedAt: instant("deleted_at"),
    /** The studio's own words to find it by. */
    tags: text("tags").array().notNull().default([]),
    /** Put away: kept with all that it was, and out of the list. */
    archivedAt: instant("archived_at"),
  },
  (table) => [index("class_studio").on(table.studioId)],
);

/** Every edit that was taken, so that one sent twice counts once. */
export const classEdit = pgTable(
  "class_edit",
  {
    classId: uuid("class_id")
      .notNull()
      .references(() => classes.id, { onDelete: "cascade" }),
    editId: uuid("edit_id").notNull(),
    revision: integer("revision").notNull(),
    userId: text("user_id").notNull(),
    edit: json("edit").$type<Edit>().notNull(),
    at: instant("at").notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.classId, table.editId] })],
);

/** A class as it stood: by itself before changes after a pause, or under a name that was given to it. */
export const classVersion = pgTable(
  "class_version",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    classId: uuid("class_id")
      .notNull()
      .references(() => classes.id, { onDelete: "cascade" }),
    revision: integer("revision").notNull(),
    /** Null: kept by itself. */
    name: text("name"),
    /** Who named it, or whose changes came after it. */
    userId: text("user_id").references(() => user.id, { onDelete: "set null" }),
    doc: json("doc").$type<ClassDoc>().notNull(),
    at: instant("at").notNull().defaultNow(),
  },
  (table) => [index("class_version_class").on(table.classId, table.at)],
);

/** Who has a class open on the Desk, and where in it they are: one row a tab, good for some seconds. */
export const classHere = pgTable(
  "class_here",
  {
    classId: uuid("class_id")
      .notNull()
      .references(() => classes.id, { onDelete: "cascade" }),
    tab: uuid("tab").notNull(),
    userId: text("user_id")
      .notNull()
      .references(() => user.id, { onDelete: "cascade" }),
    block: text("block").notNull(),
    slot: text("slot"),
    at: instant("at").notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.classId, table.tab] })],
);

export const person = pgTable(
  "person",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    studioId: uuid("studio_id")
      .notNull()
      .references(() => studio.id, { onDelete: "cascade" }),
    /** The id in roster files; unique in the studio, so that an import updates rather than doubles. */
    rosterId: text("roster_id").notNull(),
    doc: json("doc").$type<Person>().notNull(),
    createdAt: instant("created_at").notNull().defaultNow(),
    updatedAt: instant("updated_at").notNull().defaultNow(),
  },
  (table) => [unique("person_roster").on(table.studioId, table.rosterId)],
);

/** A person's way in without an account: only the hash of the token is kept. */
export const personLink = pgTable(
  "person_link",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    personId: uuid("person_id")
      .notNull()
      .references(() => person.id, { onDelete: "cascade" }),
    tokenHash: text("token_hash").notNull().unique(),
    createdAt: instant("created_at").notNull().defaultNow(),
    revokedAt: instant("revoked_at"),
    /** The instructor who made it: it ends when they leave the studio. Null for the person's own. */
    madeBy: text("made_by").references(() => user.id, { onDelete: "cascade" }),
    /** Links in invitations end by themselves; those that are made by hand don't. */
    expiresAt: instant("expires_at"),
  },
  (table) => [index("person_link_person").on(table.personId)],
);

/** The studio's own moves, in the form of the library's. */
export const ownMove = pgTable(
  "own_move",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    studioId: uuid("studio_id")
      .notNull()
      .references(() => studio.id, { onDelete: "cascade" }),
    moveId: text("move_id").notNull(),
    doc: json("doc").$type<Move>().notNull(),
    updatedAt: instant("updated_at").notNull().defaultNow(),
  },
  (table) => [unique("own_move_id").on(table.studioId, table.moveId)],
);

/** A session: a class on a date. What it is taught from is frozen when the clock is started. */
export const session = pgTable(
  "session",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    studioId: uuid("studio_id")
      .notNull()
      .references(() => studio.id, { onDelete: "cascade" }),
    classId: uuid("class_id").references(() => classes.id, { onDelete: "set null" }),
    state: text("state").$type<SessionState>().notNull().default("open"),
    startsAt: instant("starts_at").notNull().defaultNow(),
    timeZone: text("time_zone").notNull().default("UTC"),
    /** How often a calendar entry that was sent out has changed. */
    sequence: integer("sequence").notNull().default(0),
    /** Counts up whenever what people do in it changes. */
    version: integer("version").notNull().default(0),
    substitutes: json("substitutes").$type<readonly Substitute[]>().notNull().default([]),
    /** The class's title when it was frozen; null before. */
    title: text("title"),
    doc: json("doc").$type<ClassDoc>(),
    parts: json("parts").$type<readonly Part[]>(),
    /** Everyone's part at every mark, so that a level changed on the spot needs nothing worked out anew. */
    partsByMark: json("parts_by_mark").$type<Readonly<Record<Mark, readonly Part[]>>>(),
    moves: json("moves").$type<readonly FrozenMove[]>(),
    changeOver: json("change_over").$type<ChangeOverTable>(),
    createdAt: instant("created_at").notNull().defaultNow(),
    /** Of the video call; null where none was said. */
    callLink: text("call_link"),
    startedAt: instant("started_at"),
    endedAt: instant("ended_at"),
  },
  (table) => [index("session_studio").on(table.studioId, table.startsAt)],
);

export const ofStudio = () =>
  uuid("studio_id")
    .notNull()
    .references(() => studio.id, { onDelete: "cascade" });
const ofSession = () =>
  uuid("session_id")
    .notNull()
    .references(() => session.id, { onDelete: "cascade" });
export const ofPerson = () =>
  uuid("person_id")
    .notNull()
    .references(() => person.id, { onDelete: "cascade" });

/** Who is asked to a session, and what is different for them that day. */
export const sessionPerson = pgTable(
  "session_person",
  {
    sessionId: ofSession(),
    personId: ofPerson(),
    tonight: json("tonight").$type<Tonight>(),
    addedAt: instant("added_at").notNull().defaultNow(),
    invitedAt: instant("invited_at"),
  },
  (table) => [
    primaryKey({ columns: [table.sessionId, table.personId] }),
    index("session_person_person").on(table.personId),
  ],
);

/** Answers to the readiness check: sealed, kept apart, gone with the person. */
export const readiness = pgTable("readiness", {
  personId: uuid("person_id")
    .primaryKey()
    .references(() => person.id, { onDelete: "cascade" }),
  sealed: text("sealed").notNull(),
  answeredAt: instant("answered_at").notNull().defaultNow(),
  /** Of the code that the person set: without it the answers can only be deleted. Null: from before codes. */
  codeHash: text("code_hash"),
});

/** Where somebody is tonight and whom to call: sealed, and gone when the class is over. */
export const whereabouts = pgTable(
  "whereabouts",
  {
    sessionId: ofSession(),
    personId: ofPerson(),
    sealed: text("sealed").notNull(),
    /** The person lets it be opened throughout the class, not only when they hurt. */
    anyTime: boolean("any_time").notNull().default(false),
  },
  (table) => [primaryKey({ columns: [table.sessionId, table.personId] })],
);

/** Who did what with people's things, for the owner to read: appended only, kept for a year. */
export const trail = pgTable(
  "trail",
  {
    id: bigserial("id", { mode: "number" }).primaryKey(),
    studioId: uuid("studio_id")
      .notNull()
      .references(() => studio.id, { onDelete: "cascade" }),
    at: instant("at").notNull().defaultNow(),
    kind: text("kind").$type<TrailKind>().notNull(),
    /** Name of the instructor, or `BY_SELF` for a person with their own link. */
    actor: text("actor").notNull(),
    /** Whom it is about; null where nobody, and once they are erased. */
    personId: uuid("person_id").references(() => person.id, { onDelete: "set null" }),
  },
  (table) => [index("trail_studio").on(table.studioId, table.id), index("trail_person").on(table.personId)],
);

/** The simulated mail: messages as they would have been sent. They hold personal links, so they are sealed. */
export const outbox = pgTable(
  "outbox",
  {
    id: uuid("id").primaryKey().defaultRandom(),
    studioId: uuid("studio_id")
      .notNull()
      .references(() => studio.id, { onDelete: "cascade" }),
    /** Null for a message that is about no session: that a new link was made. */
    sessionId: uuid("session_id").references(() => session.id, { onDelete: "cascade" }),
    personId: ofPerson(),
    recipient: text("recipient").notNull(),
    subject: text("subject").notNull(),
    sealed: text("sealed").notNull(),
    createdAt: instant("created_at").notNull().defaultNow(),
  },
  (table) => [index("outbox_studio").on(table.studioId)],
);

/** What was written down of a session; appended only, so that a correction keeps what was before. */
export const logEntry = pgTable(
  "log_entry",
  {
    id: bigserial("id", { mode: "number" }).primaryKey(),
    sessionId: ofSession(),
    personId: ofPerson(),
    field: text("field").$type<LogField>().notNull(),
    value: json("value").$type<LogValue>(),
    author: text("author").notNull(),
    at: instant("at").notNull(),
  },
  (table) => [index("log_entry_session").on(table.sessionId), index("log_entry_person").on(table.personId)],
);

/** Counts of what is limited in number; the columns are those of the limiter's own store. */
export const limitCount = pgTable("limit_count", {
  key: text("key").primaryKey(),
  points: integer("points").notNull().default(0),
  expire: bigint("expire", { mode: "number" }),
});

/** Append-only: what happened to a taught class, in order. */
export const sessionEvent = pgTable(
  "session_event",
  {
    sessionId: uuid("session_id")
      .notNull()
      .references(() => session.id, { onDelete: "cascade" }),
    seq: integer("seq").notNull(),
    commandId: uuid("command_id").notNull(),
    kind: text("kind").$type<SessionEventKind>().notNull(),
    /** Roster id of whom it is about; null where it is about all. The payload says the same. */
    person: text("person"),
    payload: json("payload").$type<SessionEvent["payload"]>().notNull(),
    at: instant("at").notNull(),
    /** When it came in: `at` may be what a device without a connection says. */
    arrivedAt: instant("arrived_at").notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.sessionId, table.seq] }),
    unique("session_event_command").on(table.sessionId, table.commandId),
    index("session_event_person").on(table.sessionId, table.person, table.arrivedAt),
  ],
);
