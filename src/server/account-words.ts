/** The auth library's refusals in our own words, by its codes. */
const WORDS: Readonly<Record<string, string>> = {
  INVALID_EMAIL_OR_PASSWORD: "No account has this address with this password.",
  INVALID_EMAIL: "That is not an e-mail address.",
  INVALID_PASSWORD: "That isn't your password.",
  PASSWORD_TOO_SHORT: "At least 10 characters.",
  PASSWORD_TOO_LONG: "At most 128 characters.",
  EMAIL_NOT_VERIFIED:
    "This address isn't proven yet. A new message is on its way to it: open the link in it, then sign in.",
  INVALID_TOKEN: "This link opens nothing any more: ask for a new one.",
  TOKEN_EXPIRED: "This link's time is over: ask for a new one.",
  INVALID_CODE: "That isn't the code.",
  INVALID_BACKUP_CODE: "That isn't one of your spare codes, or it was used before.",
  INVALID_TWO_FACTOR_COOKIE: "That took too long: sign in once more.",
  TOO_MANY_ATTEMPTS_REQUEST_NEW_CODE: "Too many tries: sign in once more.",
  ACCOUNT_TEMPORARILY_LOCKED: "Too many wrong codes: wait a quarter of an hour.",
  TOTP_NOT_ENABLED: "There is no second factor on this account.",
  TWO_FACTOR_NOT_ENABLED: "There is no second factor on this account.",
  TOTP_ALREADY_ENABLED: "A second factor is on already.",
  SESSION_EXPIRED: "Sign in once more first.",
};

/** What a refusal says to people; unknown ones keep the library's words. */
export function accountWords(status: number, code: unknown, message: unknown): string {
  if (status === 429 && code === undefined) return "That is too often: wait a little and try again.";
  if (typeof code === "string" && WORDS[code]) return WORDS[code];
  return typeof message === "string" && message ? message : "That wasn't done.";
}
