/** The demo studio: its instructor, and the open files in demo/ imported as a user would. */
import { readdirSync, readFileSync } from "node:fs";
import { Client } from "pg";
import { mailFolder, type Place, ROOT } from "./places";
import { say } from "./say";
import { seedSessions } from "./seed-sessions";
import { type NewAccount, postAs, signUp } from "./sign-up";

export const DEMO_SIGN_IN = {
  name: "Harbour Steps",
  email: "coach@harboursteps.example",
  password: "storm-lantern-42",
} as const;

async function isSeeded(databaseUrl: string): Promise<boolean> {
  const client = new Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    const { rowCount } = await client.query('select 1 from "user" where email = $1', [DEMO_SIGN_IN.email]);
    return rowCount !== 0;
  } finally {
    await client.end();
  }
}

/** Reads a JSON file of the demo folder. */
export function demoFile(name: string): unknown {
  return JSON.parse(readFileSync(`${ROOT}/demo/${name}`, "utf8"));
}

/** The class files of the demo folder, by name. */
export function demoClassNames(): string[] {
  return readdirSync(`${ROOT}/demo/classes`)
    .filter((name) => name.endsWith(".json"))
    .sort();
}

/** Makes an account and imports the demo's files into its studio; gives the session's cookie. */
export async function importDemo(
  address: string,
  signIn: NewAccount,
  mail: string,
  origin = address,
): Promise<string> {
  const cookie = await signUp(address, signIn, mail, origin);
  await postAs(address, "/api/people/import", { roster: demoFile("roster.json") }, origin, cookie);
  // The list shows the last edited first; importing backwards puts the first file on top.
  const tags = demoFile("tags.json") as Readonly<Record<string, readonly string[]>>;
  for (const name of demoClassNames().reverse()) {
    const doc = demoFile(`classes/${name}`);
    const made = await postAs(address, "/api/classes", { doc }, origin, cookie);
    const { id } = (await made.json()) as { readonly id: string };
    await postAs(address, `/api/classes/${id}`, { tags: tags[name] ?? [] }, origin, cookie, "PUT");
  }
  return cookie;
}

/** Fills the demo's database, the first time only; gives the path of one participant's own page. */
export async function seedDemo(
  { address, origin }: { readonly address: string; readonly origin: string },
  databaseUrl: string,
  place: Place,
): Promise<string> {
  const fresh = !(await isSeeded(databaseUrl));
  if (fresh) {
    say("Importing the demo's people and classes…");
    await importDemo(address, DEMO_SIGN_IN, mailFolder(place), origin);
  }
  return seedSessions(place, databaseUrl, origin, fresh);
}
