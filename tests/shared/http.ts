/** Requests to the running application as a browser on its address would send them. */
import { signUp } from "../../ops/sign-up";

export const ADDRESS = process.env.BRONTLE_TEST_ADDRESS ?? "http://127.0.0.1:4173";

/** Where the running application writes messages about accounts. */
export const MAIL = process.env.BRONTLE_MAIL_FOLDER ?? "";

export interface Asker {
  readonly cookie: string;
  readonly origin: string;
}

export const NOBODY: Asker = { cookie: "", origin: ADDRESS };

/** Sends JSON and gives status and body. */
export async function ask(asker: Asker, method: string, path: string, body?: unknown) {
  const headers: Record<string, string> = { cookie: asker.cookie, origin: asker.origin };
  if (method !== "GET") headers["content-type"] = "application/json";
  const response = await fetch(`${ADDRESS}${path}`, {
    method,
    headers,
    redirect: "manual",
    ...(method === "GET" ? {} : { body: typeof body === "string" ? body : JSON.stringify(body ?? {}) }),
  });
  const text = await response.text();
  let json: unknown = null;
  try {
    json = JSON.parse(text);
  } catch {
    // A page, not data.
  }
  return {
    status: response.status,
    json: json as Record<string, unknown> & { id: string },
    text,
    headers: response.headers,
  };
}

/** Makes a studio with an instructor of its own and signs in. */
export async function newStudio(
  name: string,
): Promise<Asker & { readonly email: string; readonly password: string }> {
  const email = `${crypto.randomUUID()}@studio.example`;
  const password = "a-long-enough-password";
  const cookie = await signUp(ADDRESS, { name, email, password }, MAIL);
  return { cookie, origin: ADDRESS, email, password };
}
