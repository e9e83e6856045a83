import { dayOf, isUuid } from "@/core/units";
import { StartScreen } from "@/features/starting/start-screen";
import { listShelf } from "@/server/class-shelf";
import { findClass } from "@/server/classes";
import { listPeople } from "@/server/people";
import { startingPoints } from "@/server/starting-points";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { startingIn } from "@/words/starting/starting-in";
import { screenLanguage, titled } from "../../in-their-language";

export const generateMetadata = titled("newClass");

export default async function NewClassPage({
  searchParams,
}: {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const who = await requireInstructor();
  const language = await screenLanguage();
  const { class: asked } = await searchParams;
  const id = typeof asked === "string" && isUuid(asked) ? asked : null;
  const [shelf, people, settings, first] = await Promise.all([
    listShelf(who.studioId),
    listPeople(who.studioId),
    settingsOf(who.studioId),
    id === null ? null : findClass(who.studioId, id),
  ]);
  return (
    <StartScreen
      points={startingPoints().map(({ about, outline, ...point }) => ({
        ...point,
        about: startingIn(about, language),
        outline: { ...outline, title: startingIn(outline.title, language) },
      }))}
      earlier={shelf
        .filter(({ archived }) => !archived)
        .map(({ archived: _here, updatedAtMs: _when, taughtAtMs: _taught, ...own }) => own)}
      people={people.map(({ doc }) => doc)}
      settings={settings}
      today={dayOf(Date.now())}
      first={first && { id: first.id, doc: first.doc }}
    />
  );
}
