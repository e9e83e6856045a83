/** An account made as a person makes one: signed up, its address proven by the link in the mail, signed in. */
import { linkInMail } from "./mail";

export interface NewAccount {
  readonly name: string;
  readonly email: string;
  readonly password: string;
}

/** What a browser would send back of an answer's cookies. */
export function cookieOf(response: Response): string {
  return response.headers
    .getSetCookie()
    .map((line) => line.split(";")[0])
    .join("; ");
}

/** Sends JSON as a browser on this address would. @throws Error where the answer isn't a good one */
export async function postAs(
  address: string,
  path: string,
  body: unknown,
  origin: string,
  cookie = "",
  method: "POST" | "PUT" = "POST",
): Promise<Response> {
  const headers = { "content-type": "application/json", origin, cookie };
  const response = await fetch(`${address}${path}`, { method, headers, body: JSON.stringify(body) });
  if (!response.ok) throw new Error(`${path} answered ${response.status}: ${await response.text()}`);
  return response;
}

/**
 * Makes an account and signs in; gives the cookie.
 *
 * @param mail the folder of messages about accounts
 */
export async function signUp(
  address: string,
  account: NewAccount,
  mail: string,
  origin = address,
): Promise<string> {
  await postAs(address, "/api/auth/sign-up/email", account, origin);
  const link = new URL(await linkInMail(mail, account.email, "Your address"));
  await fetch(`${address}${link.pathname}${link.search}`, { redirect: "manual" });
  const { email, password } = account;
  return cookieOf(await postAs(address, "/api/auth/sign-in/email", { email, password }, origin));
}
