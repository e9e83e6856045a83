import type { Metadata } from "next";
import { PeopleList } from "@/features/people/people-list";
import { listPeople } from "@/server/people";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "People" };

export default async function PeoplePage() {
  const who = await requireInstructor();
  return <PeopleList studio={who.studioName} people={await listPeople(who.studioId)} />;
}
