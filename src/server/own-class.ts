/** Finding one class of a studio's own. */
import { and, eq, isNull } from "drizzle-orm";
import { classes } from "./db/schema";

/** The condition that finds one class of this studio that isn't deleted. */
export function owned(studioId: string, id: string) {
  return and(eq(classes.studioId, studioId), eq(classes.id, id), isNull(classes.deletedAt));
}
