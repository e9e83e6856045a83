/**
 * Mail as files: a message is composed as it would be sent (RFC 5322, with the calendar entry inside) and
 * goes to no server. The outbox is a simulated stand-in that ships with Brontle.
 */
import { createTransport } from "nodemailer";

export interface Mail {
  readonly from: string;
  /** Name, and the address where one is known. */
  readonly to: { readonly name: string; readonly address: string | null };
  readonly subject: string;
  readonly text: string;
  /** Left out where there is nothing to put into a calendar. */
  readonly calendar?: { readonly method: "PUBLISH" | "CANCEL"; readonly text: string };
}

/** Where nothing can be sent to, for those whose address isn't known yet. */
const NO_ADDRESS = "no-address@brontle.invalid";

/** The message as a file. */
export async function mailFile(mail: Mail): Promise<string> {
  const composer = createTransport({ streamTransport: true, buffer: true, newline: "windows" });
  const { message } = await composer.sendMail({
    from: { name: mail.from, address: "no-reply@brontle.invalid" },
    to: { name: mail.to.name, address: mail.to.address ?? NO_ADDRESS },
    subject: mail.subject,
    text: mail.text,
    ...(mail.calendar
      ? { icalEvent: { method: mail.calendar.method, content: mail.calendar.text, filename: "class.ics" } }
      : {}),
    disableFileAccess: true,
    disableUrlAccess: true,
  });
  return (message as Buffer).toString("utf8");
}
