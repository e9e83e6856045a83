import { MovesScreen } from "@/features/moves/moves-screen";
import { listMoves } from "@/server/moves";
import { requireInstructor } from "@/server/who";
import { titled } from "../in-their-language";

export const generateMetadata = titled("moves");

export default async function MovesPage() {
  const who = await requireInstructor();
  const own = await listMoves(who.studioId);
  return <MovesScreen studio={who.studioName} own={own.map((row) => row.doc)} />;
}
