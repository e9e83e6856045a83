import type { Metadata } from "next";
import { ClassList } from "@/features/classes/class-list";
import { listClasses } from "@/server/classes";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Classes" };

export default async function ClassesPage() {
  const who = await requireInstructor();
  const [classes, { teaching }] = await Promise.all([listClasses(who.studioId), settingsOf(who.studioId)]);
  return (
    <ClassList
      studio={who.studioName}
      teaching={teaching}
      classes={classes.map(({ id, doc, updatedAt }) => ({ id, doc, updatedAt: updatedAt.toISOString() }))}
    />
  );
}
