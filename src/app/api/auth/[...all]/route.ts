import { type AccountOwner, afterAuth, beforeAuth } from "@/server/account-guard";
import { auth } from "@/server/auth";
import { boundedText, MOST_BYTES, soundJson } from "@/server/body";
import { edge } from "@/server/edge";
import { screenLanguage } from "@/server/screen-language";
import { instructor } from "@/server/who";

async function ownerOf(path: string): Promise<AccountOwner | null> {
  if (!path.endsWith("-password") && !path.startsWith("/two-factor/")) return null;
  const who = await instructor();
  return who && { userId: who.userId, own: [who.name, who.studioName] };
}

/** Sign-in, sign-up and sign-out: the auth library's own handlers, with what it reads counted and looked at before. */
const handler = (request: Request) =>
  edge(request, async () => {
    if (request.method === "GET" || request.method === "HEAD") return auth().handler(request);
    const text = await boundedText(request, MOST_BYTES.press);
    const body = text === "" ? null : soundJson(text, MOST_BYTES.press);
    const path = new URL(request.url).pathname.replace(/^\/api\/auth/, "");
    const who = await ownerOf(path);
    await beforeAuth(path, body, who);
    const headers = new Headers(request.headers);
    headers.delete("content-length");
    const init = { method: request.method, headers, body: body === null ? "" : JSON.stringify(body) };
    return afterAuth(
      path,
      body,
      who,
      await auth().handler(new Request(request.url, init)),
      await screenLanguage(request),
    );
  });

export { handler as GET, handler as POST };
