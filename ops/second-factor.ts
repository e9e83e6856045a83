/** The way back in for somebody who lost their second factor and its spare codes. */
import { eq } from "drizzle-orm";
import { drizzle } from "drizzle-orm/node-postgres";
import { Client } from "pg";
import { signIn, twoFactor, user } from "../src/server/db/schema";
import { type DataKind, placeOf } from "./places";
import { needDatabase, startPostgres, stopPostgres } from "./postgres";
import { Stop, say } from "./say";

const USAGE = "usage: brontle second-factor-off EMAIL [--demo]";

/** Takes an account's second factor away and ends its sign-ins; the password is asked as before. */
export async function secondFactorOff(args: readonly string[]): Promise<number> {
  const kind: DataKind = args.includes("--demo") ? "demo" : "own";
  const [email, ...more] = args.filter((arg) => arg !== "--demo");
  if (!email || more.length > 0 || email.startsWith("-")) throw new Stop(USAGE);
  const server = await startPostgres(placeOf(kind));
  const client = new Client({ connectionString: server.url("brontle") });
  try {
    await needDatabase(server, "brontle");
    await client.connect();
    await drizzle(client).transaction(async (tx) => {
      const [found] = await tx
        .update(user)
        .set({ twoFactorEnabled: false })
        .where(eq(user.email, email.toLowerCase()))
        .returning({ id: user.id });
      if (!found) throw new Stop(`There is no account with the address ${email}.`);
      await tx.delete(twoFactor).where(eq(twoFactor.userId, found.id));
      await tx.delete(signIn).where(eq(signIn.userId, found.id));
    });
  } finally {
    await client.end();
    if (server.started) await stopPostgres(server);
  }
  say(`${email} signs in with the password alone from now on. Make sure that it is they who asked.`);
  return 0;
}
