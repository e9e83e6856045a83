import { auth } from "@/server/auth";
import { boundedText, MOST_BYTES, soundJson } from "@/server/body";
import { edge } from "@/server/http";

/** What the auth library reads of its own accord is read here first, counted. */
async function counted(request: Request): Promise<Request> {
  if (request.method === "GET" || request.method === "HEAD") return request;
  const text = await boundedText(request, MOST_BYTES.press);
  const body = text === "" ? "" : JSON.stringify(soundJson(text, MOST_BYTES.press));
  const headers = new Headers(request.headers);
  headers.delete("content-length");
  return new Request(request.url, { method: request.method, headers, body });
}

/** Sign-in, sign-up and sign-out: the auth library's own handlers. */
const handler = (request: Request) => edge(request, async () => auth().handler(await counted(request)));

export { handler as GET, handler as POST };
