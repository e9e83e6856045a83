import { edge } from "@/server/edge";
import { feedText } from "@/server/feeds";
import { download, placeOf } from "@/server/http";
import { rateLimit } from "@/server/limits";
import { Refused } from "@/server/refused";

export const dynamic = "force-dynamic";

/** A calendar for whoever has its secret address: a calendar program signs in nowhere. */
export function GET(request: Request, { params }: { readonly params: Promise<{ token: string }> }) {
  return edge(request, async () => {
    const text = await feedText((await params).token.replace(/\.ics$/, ""));
    if (text === null) {
      await rateLimit("wrong-link", placeOf(request));
      throw new Refused("not-found", "This link doesn't open anything.");
    }
    return download("classes.ics", text);
  });
}
