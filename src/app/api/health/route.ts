import { databaseNow } from "@/server/session-events";

export const dynamic = "force-dynamic";

/** Whoever asks wants to know now, ms. */
const WITHIN_MS = 1500;

/** Answers within two seconds whether a request would get a connection and an answer. Says nothing else. */
export async function GET() {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<false>((resolve) => {
    timer = setTimeout(() => resolve(false), WITHIN_MS);
  });
  const answers = databaseNow().then(
    () => true,
    () => false,
  );
  const ok = await Promise.race([answers, late]);
  clearTimeout(timer);
  return Response.json({ ok }, { status: ok ? 200 : 503, headers: { "cache-control": "no-store" } });
}
