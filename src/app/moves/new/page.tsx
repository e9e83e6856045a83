import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Move } from "@/core/moves/move";
import { startingMove } from "@/core/moves/starting-move";
import { MoveForm } from "@/features/moves/move-form";
import { listMoves } from "@/server/moves";
import { requireInstructor } from "@/server/who";
import { titled } from "../../in-their-language";

export const generateMetadata = titled("ownMove");

export default async function NewMovePage(props: {
  readonly searchParams: Promise<{ readonly from?: string }>;
}) {
  const who = await requireInstructor();
  const { from } = await props.searchParams;
  const own = (await listMoves(who.studioId)).map((row) => row.doc);
  const like = own.find((move) => move.id === from) ?? (LIBRARY_BOOK.get(from ?? "") as Move | undefined);
  return <MoveForm storedId={null} move={startingMove(like ?? null)} own={own} />;
}
