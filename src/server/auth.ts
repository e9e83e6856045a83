import { betterAuth } from "better-auth";
import { drizzleAdapter } from "better-auth/adapters/drizzle";
import { nextCookies } from "better-auth/next-js";
import { db } from "./db/client";
import * as schema from "./db/schema";
import { env } from "./env";
import { createStudioFor, noteSignIn } from "./studios";
import { ADDRESS_HEADER } from "./web/address";

function makeAuth() {
  return betterAuth({
    appName: "Brontle",
    baseURL: env.origin,
    secret: env.authSecret,
    trustedOrigins: [env.origin],
    telemetry: { enabled: false },
    advanced: { ipAddress: { ipAddressHeaders: [ADDRESS_HEADER] } },
    database: drizzleAdapter(db(), { provider: "pg", schema }),
    emailAndPassword: { enabled: true, minPasswordLength: 10, autoSignIn: true },
    session: { expiresIn: 60 * 60 * 24 * 14, updateAge: 60 * 60 * 24 },
    rateLimit: {
      enabled: true,
      storage: "database",
      window: 60,
      max: env.relaxedLimits ? 10_000 : 100,
      customRules: {
        "/sign-in/email": { window: 60, max: env.relaxedLimits ? 1000 : 8 },
        "/sign-up/email": { window: 60, max: env.relaxedLimits ? 1000 : 5 },
      },
    },
    databaseHooks: {
      user: { create: { after: (created) => createStudioFor(created.id, created.name) } },
      session: { create: { after: (made) => noteSignIn(made.userId) } },
    },
    plugins: [nextCookies()],
  });
}

const held = globalThis as typeof globalThis & { brontleAuth?: ReturnType<typeof makeAuth> };

/** Sign-in by e-mail and password; made at the first use, since the build has no database. */
export function auth(): ReturnType<typeof makeAuth> {
  held.brontleAuth ??= makeAuth();
  return held.brontleAuth;
}
