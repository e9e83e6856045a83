/**
 * What is asked of an account's requests before the auth library sees them (how often, and which passwords),
 * and what of its answers is written into the trail and said in our words.
 */
import type { Language } from "../words/languages";
import { sentenceIn } from "../words/refusals/sentences";
import { accountWords } from "./account-words";
import { addressMark } from "./address-mark";
import { forgive, rateLimit } from "./limits";
import { needUncommon } from "./passwords";
import { noteAtStudios } from "./studios";

/** Who asks, where somebody is signed in. */
export interface AccountOwner {
  readonly userId: string;
  /** What a password of theirs may not be made of. */
  readonly own: readonly string[];
}

const textOf = (body: unknown, key: string): string => {
  const value = (body as Readonly<Record<string, unknown>> | null)?.[key];
  return typeof value === "string" ? value : "";
};

/** What sends a message to the address that it names. */
const MAILS = ["/sign-up/email", "/request-password-reset", "/send-verification-email"];

/** Lets a request of an account pass, or refuses it. @param path the end of the address, behind `/api/auth` */
export async function beforeAuth(path: string, body: unknown, who: AccountOwner | null): Promise<void> {
  if (path === "/sign-up/email")
    needUncommon(textOf(body, "password"), [textOf(body, "email"), textOf(body, "name")]);
  if (path === "/change-password" || path === "/reset-password" || path === "/set-password")
    needUncommon(textOf(body, "newPassword"), who?.own ?? []);
  if (MAILS.includes(path)) await rateLimit("account-mail", addressMark(textOf(body, "email")));
  if (path === "/sign-in/email") await rateLimit("sign-in", addressMark(textOf(body, "email")));
}

type Answer = {
  readonly code?: unknown;
  readonly message?: unknown;
  readonly user?: { readonly id?: unknown };
};

async function jsonOf(response: Response): Promise<Answer | null> {
  if (!response.headers.get("content-type")?.includes("json")) return null;
  return (await response
    .clone()
    .json()
    .catch(() => null)) as Answer | null;
}

/** Writes down what was done; gives the answer with a refusal in our words, in a language. */
export async function afterAuth(
  path: string,
  body: unknown,
  who: AccountOwner | null,
  response: Response,
  language: Language,
): Promise<Response> {
  const answer = await jsonOf(response);
  if (response.status >= 400) {
    if (!answer) return response;
    const headers = new Headers(response.headers);
    headers.delete("content-length");
    const text = accountWords(response.status, answer.code, answer.message);
    const told = { ...answer, message: sentenceIn({ text, values: {} }, language) ?? text };
    return new Response(JSON.stringify(told), { status: response.status, headers });
  }
  const userId = answer?.user?.id;
  if (path === "/sign-in/email") await forgive("sign-in", addressMark(textOf(body, "email")));
  const signsIn = path === "/sign-in/email" || (path.startsWith("/two-factor/verify") && !who);
  // Where a second factor is still to come the answer names nobody.
  if (signsIn && typeof userId === "string") await noteAtStudios(userId, "signed-in");
  if (who && path === "/two-factor/verify-totp") await noteAtStudios(who.userId, "second-factor-on");
  if (who && path === "/two-factor/disable") await noteAtStudios(who.userId, "second-factor-off");
  return response;
}
