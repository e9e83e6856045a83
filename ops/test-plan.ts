/** What `./brontle test` was asked for: which parts, which files of them, how much of the fuzz. */
import { Stop } from "./say";

export const PARTS = ["core", "fuzz", "integration", "browser"] as const;
export type Part = (typeof PARTS)[number];

export interface Plan {
  /** Empty: all of them, and lint, types and the other checks before. */
  readonly parts: readonly Part[];
  /** Only test files whose path holds one of these; empty: all. */
  readonly words: readonly string[];
  /** Settings for the fuzz, as its tests read them. */
  readonly env: Readonly<Record<string, string>>;
}

const NUMBERS: Readonly<Record<string, string>> = {
  "--inputs": "BRONTLE_FUZZ_INPUTS",
  "--seed": "BRONTLE_FUZZ_SEED",
};

/** Reads `[core|fuzz|integration|browser]… [words]… [--inputs N] [--seed N]`. @throws Stop with a sentence */
export function readPlan(args: readonly string[]): Plan {
  const parts: Part[] = [];
  const words: string[] = [];
  const env: Record<string, string> = {};
  for (let i = 0; i < args.length; i += 1) {
    const arg = args[i] as string;
    const part = PARTS.find((name) => name === arg);
    const setting = NUMBERS[arg];
    if (setting) {
      i += 1;
      const number = Number(args[i]);
      if (!Number.isInteger(number) || number < 1) throw new Stop(`${arg} wants a whole number from 1 up.`);
      env[setting] = String(number);
    } else if (arg.startsWith("-")) throw new Stop(`test doesn't know ${arg}.`);
    else if (part) parts.push(part);
    else words.push(arg);
  }
  if (words.length > 0 && parts.length === 0)
    throw new Stop(`test knows the parts ${PARTS.join(", ")}; name one before ${words[0]}.`);
  return { parts, words, env };
}
