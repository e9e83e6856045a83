import type { Metadata } from "next";
import { ClassList } from "@/features/classes/class-list";
import { listClasses } from "@/server/classes";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Classes" };

export default async function ClassesPage() {
  const who = await requireInstructor();
  const classes = await listClasses(who.studioId);
  return (
    <ClassList
      studio={who.studioName}
      classes={classes.map(({ id, doc, updatedAt }) => ({ id, doc, updatedAt: updatedAt.toISOString() }))}
    />
  );
}
