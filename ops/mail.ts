/** What was written about accounts: a simulated stand-in for mail, read by whoever runs the installation. */
import { existsSync, readdirSync, readFileSync } from "node:fs";
import PostalMime from "postal-mime";
import { addressMark } from "../src/server/address-mark";
import { type DataKind, mailFolder, placeOf } from "./places";
import { Stop, say } from "./say";

const SHOWN = 5;

export interface AccountMail {
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}

/** Messages in a folder, the last first; of one address alone where it is given. */
export async function readMail(folder: string, email: string | null = null): Promise<AccountMail[]> {
  if (!existsSync(folder)) return [];
  const wanted = email === null ? ".eml" : `-${addressMark(email)}-`;
  const names = readdirSync(folder).filter((name) => name.endsWith(".eml") && name.includes(wanted));
  const messages = [];
  for (const name of names.sort().reverse()) {
    const mail = await PostalMime.parse(readFileSync(`${folder}/${name}`));
    messages.push({
      to: mail.to?.[0]?.address ?? "",
      subject: mail.subject ?? "",
      text: mail.text?.trim() ?? "",
    });
  }
  return messages;
}

/** The link in the newest message to an address; waits for it, since nobody who asked was kept waiting. */
export async function linkInMail(folder: string, email: string, subject: string): Promise<string> {
  for (let tries = 0; tries < 100; tries += 1) {
    const found = (await readMail(folder, email)).find((mail) => mail.subject.includes(subject));
    const link = /https?:\/\/\S+/.exec(found?.text ?? "")?.[0];
    if (link) return link;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error(`no message “${subject}” came`);
}

/** The command line `mail`: the newest messages about accounts, of one's own data or of the demo's. */
export async function mailCommand(args: readonly string[]): Promise<number> {
  if (args.some((arg) => arg !== "--demo")) throw new Stop("usage: brontle mail [--demo]");
  const kind: DataKind = args.includes("--demo") ? "demo" : "own";
  const folder = mailFolder(placeOf(kind));
  const messages = (await readMail(folder)).slice(0, SHOWN);
  if (messages.length === 0) say(`There is no message in ${folder}.`);
  for (const { to, subject, text } of messages)
    process.stdout.write(`To: ${to}\nSubject: ${subject}\n\n${text}\n\n--\n`);
  return 0;
}
