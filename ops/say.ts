/** What the commands tell the person: progress on standard error, the address on standard output. */
export function say(text: string): void {
  process.stderr.write(`${text}\n`);
}

/** A reason to stop that the person can act on; printed as one sentence, exit code 1. */
export class Stop extends Error {}
