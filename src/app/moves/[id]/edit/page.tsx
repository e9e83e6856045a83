import { notFound } from "next/navigation";
import { MoveForm } from "@/features/moves/move-form";
import { listMoves } from "@/server/moves";
import { requireInstructor } from "@/server/who";
import { titled } from "../../../in-their-language";

export const generateMetadata = titled("changeMove");

export default async function EditMovePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  const own = await listMoves(who.studioId);
  const row = own.find((entry) => entry.doc.id === id);
  if (!row) notFound();
  return <MoveForm storedId={row.id} move={row.doc} own={own.map((entry) => entry.doc)} />;
}
