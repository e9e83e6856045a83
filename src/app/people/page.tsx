import { PeopleList } from "@/features/people/people-list";
import { listPeople } from "@/server/people";
import { requireInstructor } from "@/server/who";
import { titled } from "../in-their-language";

export const generateMetadata = titled("people");

export default async function PeoplePage() {
  const who = await requireInstructor();
  return <PeopleList studio={who.studioName} people={await listPeople(who.studioId)} />;
}
