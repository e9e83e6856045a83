import type { PlainKey, Say } from "@/words/screens/screens";

/** What the forms about an account find missing or wrong: their schemas name it by these. */
const FAULTS = [
  "yourPasswordNowMissing",
  "yourEMailAddress",
  "notEMailAddress",
  "newPasswordMissing",
  "least10Characters",
  "yourPasswordMissing",
  "nameYourStudioMissing",
  "most80Characters",
  "passwordMissing",
] as const satisfies readonly PlainKey<"account">[];

/** The sentence of a fault that a field has. */
export function faultText(fault: string | undefined, t: Say<"account">): string | undefined {
  const known = FAULTS.find((key) => key === fault);
  return known ? t(known) : fault;
}
