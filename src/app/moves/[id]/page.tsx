import { notFound } from "next/navigation";
import { bookWith } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { MovePage } from "@/features/moves/move-page";
import { listMoves } from "@/server/moves";
import { requireInstructor } from "@/server/who";
import { titled } from "../../in-their-language";

export const generateMetadata = titled("move");

export default async function OneMovePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  const own = (await listMoves(who.studioId)).map((row) => row.doc);
  if (!bookWith(LIBRARY_BOOK, own).get(id)) notFound();
  return <MovePage id={id} own={own} />;
}
