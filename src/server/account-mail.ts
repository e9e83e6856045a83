/**
 * Mail about accounts: proof of an address, another password. It opens an account, so it is no part of a
 * studio's outbox, which colleagues read: each message is a file in a folder that only whoever runs this
 * installation can read. A simulated stand-in as the outbox is; nothing leaves the machine.
 */
import { randomBytes } from "node:crypto";
import { chmod, mkdir, readdir, rename, rm, stat, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { addressMark } from "./address-mark";
import { env } from "./env";
import { journal } from "./journal";
import { mailFile } from "./mail";

export interface Recipient {
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

/**
 * Writes without being waited for: whether an address is known must not show in how long an answer takes.
 */
function send(to: Recipient, subject: string, lines: readonly string[]): void {
  void write(to, subject, `${lines.join("\n\n")}\n`).catch((error: Error) =>
    journal.error("mail-not-written", error),
  );
}

/** For somebody who made an account: the link that proves the address. */
export function sendProof(to: Recipient, link: string): void {
  send(to, "Your address at Brontle", [
    `An account was made with this address, for a studio called ${to.name}.`,
    `Open this within an hour to say that the address is yours, then sign in:\n${link}`,
    "If it wasn't you, leave it: without this nobody gets in.",
  ]);
}

/** For somebody whose address was used for an account once more. */
export function sendKnown(to: Recipient): void {
  send(to, "You have an account at Brontle", [
    "Somebody wanted to make an account with this address, and there is one already.",
    `If it was you: sign in at ${env.origin}/sign-in, where a forgotten password can be replaced too.`,
    "If it wasn't you, there is nothing to do.",
  ]);
}

/** For somebody who can't get in: the link to another password. */
export function sendReset(to: Recipient, token: string): void {
  send(to, "Another password for Brontle", [
    "Somebody asked for another password for the account of this address.",
    `Open this within an hour to set one:\n${env.origin}/reset/${token}`,
    "If it wasn't you, leave it: the password stays as it is.",
  ]);
}

/** For somebody whose password was replaced by mail. */
export function sendWasReset(to: Recipient): void {
  send(to, "Your password at Brontle was replaced", [
    "The password of your account was replaced just now, with a link that was sent to this address. All sign-ins have ended.",
    "If it wasn't you, somebody reads your mail: tell whoever runs this Brontle.",
  ]);
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
