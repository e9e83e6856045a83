import { type BetterAuthOptions, betterAuth } from "better-auth";
import { drizzleAdapter } from "better-auth/adapters/drizzle";
import { nextCookies } from "better-auth/next-js";
import { twoFactor } from "better-auth/plugins/two-factor";
import { sendKnown, sendProof, sendReset, sendWasReset } from "./account-mail";
import { markProven } from "./accounts";
import { guardedAdapter } from "./auth-adapter";
import { db } from "./db/client";
import * as schema from "./db/schema";
import { env } from "./env";
import { authSecretOf } from "./seal-key";
import { createStudioFor, noteAtStudios } from "./studios";
import { ADDRESS_HEADER } from "./web/address";

/** How long a link in a mail about an account opens what it is for, seconds. */
const LINK_SECONDS = 3600;

/** Ways of the library to list or end sign-ins by their tokens, which the database doesn't have: ours are in `sign-ins.ts`. */
const BY_TOKEN = ["/list-sessions", "/revoke-session", "/revoke-sessions", "/revoke-other-sessions"];

/** What nobody here needs: another address without proof, an end without our own erasing. */
const UNUSED = ["/change-email", "/delete-user", "/delete-user/callback", "/two-factor/send-otp"];

function limits() {
  const most = (points: number, relaxed: number) => (env.relaxedLimits ? relaxed : points);
  return {
    enabled: true,
    storage: "database",
    window: 60,
    max: most(100, 10_000),
    customRules: {
      "/sign-in/email": { window: 60, max: most(8, 1000) },
      "/sign-up/email": { window: 60, max: most(5, 1000) },
      "/request-password-reset": { window: 60, max: most(3, 1000) },
      "/send-verification-email": { window: 60, max: most(3, 1000) },
      "/two-factor/*": { window: 60, max: most(10, 1000) },
    },
  } as const;
}

function makeAuth() {
  const adapter = drizzleAdapter(db(), { provider: "pg", schema: { ...schema, session: schema.signIn } });
  return betterAuth({
    appName: "Brontle",
    baseURL: env.origin,
    secret: authSecretOf(env.sealSecret),
    trustedOrigins: [env.origin],
    telemetry: { enabled: false },
    logger: { level: "error" },
    advanced: { ipAddress: { ipAddressHeaders: [ADDRESS_HEADER] } },
    disabledPaths: [...BY_TOKEN, ...UNUSED],
    database: (options: BetterAuthOptions) => guardedAdapter(adapter(options)),
    emailAndPassword: {
      enabled: true,
      minPasswordLength: 10,
      // Whether an address is known is told to whoever reads its mail, and to nobody else.
      requireEmailVerification: true,
      onExistingUserSignUp: async ({ user }, request) => sendKnown(user, request),
      resetPasswordTokenExpiresIn: LINK_SECONDS,
      revokeSessionsOnPasswordReset: true,
      sendResetPassword: async ({ user, token }, request) => sendReset(user, token, request),
      onPasswordReset: async ({ user }, request) => {
        // Whoever opened the link reads the mail of that address.
        await markProven(user.id);
        sendWasReset(user, request);
        await noteAtStudios(user.id, "password-replaced");
      },
    },
    emailVerification: {
      expiresIn: LINK_SECONDS,
      sendOnSignIn: true,
      // Nobody gets into an account with a password that somebody else chose by opening a link alone.
      autoSignInAfterVerification: false,
      sendVerificationEmail: async ({ user, url }, request) => sendProof(user, url, request),
    },
    verification: { storeIdentifier: "hashed" },
    session: { expiresIn: 60 * 60 * 24 * 14, updateAge: 60 * 60 * 24 },
    rateLimit: limits(),
    databaseHooks: {
      user: { create: { after: (created) => createStudioFor(created.id, created.name) } },
    },
    plugins: [
      twoFactor({ issuer: "Brontle", backupCodeOptions: { amount: 8, storeBackupCodes: "encrypted" } }),
      nextCookies(),
    ],
  });
}

const held = globalThis as typeof globalThis & { brontleAuth?: ReturnType<typeof makeAuth> };

/**
 * Sign-in by e-mail and password, with a second factor where somebody wants one; made at the first use, since
 * the build has no database.
 */
export function auth(): ReturnType<typeof makeAuth> {
  held.brontleAuth ??= makeAuth();
  return held.brontleAuth;
}
