import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { aloneMeant, aloneSets } from "@/core/season/alone";
import { isUuid } from "@/core/units";
import { AloneScreen } from "@/features/alone/alone-screen";
import { aloneOf, alonePart } from "@/server/alone";
import { partHead, participantOrNotFound } from "@/server/part-guard";
import { languageOf } from "@/words/languages";
import { partIn } from "@/words/moves/moves-in";

interface Props {
  readonly params: Promise<{ token: string; id: string }>;
}

export const generateMetadata = ({ params }: Props): Promise<Metadata> => partHead(params, "byYourself");

export default async function AlonePage({ params }: Props) {
  const { token, id } = await params;
  const who = await participantOrNotFound(token);
  const row = isUuid(id)
    ? (await aloneOf(who.studioId, who.personId)).find((each) => each.id === id)
    : undefined;
  if (!row) notFound();
  const language = languageOf(who.doc.language);
  const part = partIn(row.done?.part ?? (await alonePart(who.studioId, row.doc, who.doc)), language);
  const sets = aloneSets(row.doc, part, LIBRARY_BOOK);
  return (
    <AloneScreen
      key={id}
      token={token}
      id={id}
      title={row.title}
      day={row.day}
      note={row.note}
      person={who.doc}
      part={part}
      sets={sets}
      meant={aloneMeant(sets)}
      done={row.done !== null}
    />
  );
}
