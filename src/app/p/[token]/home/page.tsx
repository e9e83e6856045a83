import type { Metadata } from "next";
import { OwnHome } from "@/features/part/own-home";
import { partHead, participantOrNotFound } from "@/server/part-guard";
import { moveNamesIn } from "@/words/moves/moves-in";

interface Props {
  readonly params: Promise<{ token: string }>;
}

export const generateMetadata = ({ params }: Props): Promise<Metadata> => partHead(params, "yourHome");

export default async function OwnHomePage({ params }: Props) {
  const { token } = await params;
  const who = await participantOrNotFound(token);
  return <OwnHome token={token} person={who.doc} moveNames={moveNamesIn(who.doc.language)} />;
}
