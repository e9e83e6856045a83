/** Finding classes of a studio's own. */
import { and, eq, isNull, notExists, sql } from "drizzle-orm";
import { db } from "./db/client";
import { classes } from "./db/schema";
import { seasonClass } from "./db/season-schema";

/** The condition that finds one class of this studio that isn't deleted. */
export function owned(studioId: string, id: string) {
  return and(eq(classes.studioId, studioId), eq(classes.id, id), isNull(classes.deletedAt));
}

/** The condition that leaves out the classes that a season made: they stand in it, on their dates. */
export function notOfSeason() {
  return notExists(db().select({ one: sql`1` }).from(seasonClass).where(eq(seasonClass.classId, classes.id)));
}
