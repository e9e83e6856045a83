/** What is asked of an account's requests before the auth library sees them: how often, and which passwords. */
import { createHash } from "node:crypto";
import { count, forgive } from "./limits";
import { needUncommon } from "./passwords";

const textOf = (body: unknown, key: string): string => {
  const value = (body as Readonly<Record<string, unknown>> | null)?.[key];
  return typeof value === "string" ? value : "";
};

/** Under what an account is counted: its address tells nobody anything in the table of counts. */
const keyOf = (email: string) =>
  createHash("sha256").update(email.trim().toLowerCase()).digest("hex").slice(0, 32);

/**
 * Lets a request of an account pass, or refuses it. Gives what is to be done with the answer's status.
 *
 * @param path the end of the address, behind `/api/auth`
 * @param own what is known of who asks, that a password may not be made of
 */
export async function beforeAuth(
  path: string,
  body: unknown,
  own: readonly string[],
): Promise<(status: number) => Promise<void>> {
  const nothing = async () => undefined;
  if (path === "/sign-up/email") {
    needUncommon(textOf(body, "password"), [textOf(body, "email"), textOf(body, "name")]);
    return nothing;
  }
  if (path === "/change-password" || path === "/reset-password" || path === "/set-password") {
    needUncommon(textOf(body, "newPassword"), own);
    return nothing;
  }
  if (path !== "/sign-in/email") return nothing;
  const key = keyOf(textOf(body, "email"));
  await count("sign-in", key);
  return (status) => (status === 200 ? forgive("sign-in", key) : nothing());
}
