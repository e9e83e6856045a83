import { databaseNow } from "@/server/run-events";

export const dynamic = "force-dynamic";

/** Answers when the database does. Says nothing else. */
export async function GET() {
  await databaseNow();
  return Response.json({ ok: true });
}
