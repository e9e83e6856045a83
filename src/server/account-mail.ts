/**
 * Mail about accounts: proof of an address, another password. It opens an account, so it is no part of a
 * studio's outbox, which colleagues read: each message is a file in a folder that only whoever runs this
 * installation can read. A simulated stand-in as the outbox is; nothing leaves the machine.
 */

import { randomBytes } from "node:crypto";
import { chmod, mkdir, readdir, rename, rm, stat, writeFile } from "node:fs/promises";
import { join } from "node:path";
import type { accountMail } from "../words/english/mail";
import { askedLanguage, WHOLE_LANGUAGES, wordsIn } from "../words/languages";
import { chosenLanguage } from "./accounts";
import { addressMark } from "./address-mark";
import { env } from "./env";
import { journal } from "./journal";
import { mailFile } from "./mail";

export interface Recipient {
  /** Of the account. */
  readonly id: string;
  readonly name: string;
  readonly email: string;
}

/** Hours that a message is kept: what it opens ends after one. */
const KEPT_HOURS = 24;

const ENDING = ".eml";

async function write(to: Recipient, subject: string, text: string): Promise<void> {
  const folder = env.mailFolder;
  await mkdir(folder, { recursive: true, mode: 0o700 });
  await chmod(folder, 0o700);
  const message = await mailFile({
    from: "Brontle",
    to: { name: to.name, address: to.email },
    subject,
    text,
  });
  const time = new Date().toISOString().replaceAll(":", "-");
  const file = join(folder, `${time}-${addressMark(to.email)}-${randomBytes(3).toString("hex")}${ENDING}`);
  // Whole or not at all for whatever collects them.
  await writeFile(`${file}.half`, message, { mode: 0o600 });
  await rename(`${file}.half`, file);
}

type Key = keyof typeof accountMail;

/** What is said in somebody's language: their account's, else as the browser asked from which the message is sent. */
async function sayTo(to: Recipient, request: Request | undefined) {
  const chosen = await chosenLanguage(to.id);
  const words = wordsIn(
    chosen ?? askedLanguage(request?.headers.get("accept-language") ?? null, WHOLE_LANGUAGES),
  );
  return (key: Key, args?: Record<string, string>) => words.phrase("accountMail", key, args);
}
type Saying = Awaited<ReturnType<typeof sayTo>>;

/**
 * Writes without being waited for: whether an address is known must not show in how long an answer takes.
 */
function send(
  to: Recipient,
  request: Request | undefined,
  letter: (say: Saying) => readonly [subject: string, ...lines: string[]],
): void {
  void sayTo(to, request)
    .then((say) => {
      const [subject, ...lines] = letter(say);
      return write(to, subject, `${lines.join("\n\n")}\n`);
    })
    .catch((error: Error) => journal.error("mail-not-written", error));
}

/** For somebody who made an account: the link that proves the address. */
export function sendProof(to: Recipient, link: string, request: Request | undefined): void {
  send(to, request, (say) => [
    say("proofSubject"),
    say("proofMade", { studio: to.name }),
    say("proofOpen", { link }),
    say("proofLeave"),
  ]);
}

/** For somebody whose address was used for an account once more. */
export function sendKnown(to: Recipient, request: Request | undefined): void {
  send(to, request, (say) => [
    say("knownSubject"),
    say("knownWanted"),
    say("knownSignIn", { address: `${env.origin}/sign-in` }),
    say("knownNothing"),
  ]);
}

/** For somebody who can't get in: the link to another password. */
export function sendReset(to: Recipient, token: string, request: Request | undefined): void {
  send(to, request, (say) => [
    say("resetSubject"),
    say("resetAsked"),
    say("resetOpen", { link: `${env.origin}/reset/${token}` }),
    say("resetLeave"),
  ]);
}

/** For somebody whose password was replaced by mail. */
export function sendWasReset(to: Recipient, request: Request | undefined): void {
  send(to, request, (say) => [say("wasResetSubject"), say("wasReset"), say("wasResetNotYou")]);
}

/** Takes away messages whose time is over. */
export async function forgetMail(nowMs: number): Promise<void> {
  const folder = env.mailFolder;
  const names = await readdir(folder).catch(() => []);
  for (const name of names.filter((each) => each.includes(ENDING))) {
    const file = join(folder, name);
    const { mtimeMs } = await stat(file);
    if (nowMs - mtimeMs > KEPT_HOURS * 3_600_000) await rm(file, { force: true });
  }
}
