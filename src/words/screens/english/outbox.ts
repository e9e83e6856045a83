export const outbox = {
  outbox: "Outbox",
  simulated: "simulated",
  empty: "Empty it",
  standsMailServiceNo:
    "This stands in for a mail service: no message leaves this machine. Each is a mail file with the person's own link and a calendar entry; open it in a mail program, or hand the link over yourself. They are kept sealed until you empty the box.",
  nothingHasBeenWritten: "Nothing has been written. Invitations are written on a session's page.",
  written: "Written",
  to: "To",
  subject: "Subject",
  file: "File",
  mailFile: "Mail file for {recipient}",
  mailFile2: "Mail file",
  noAddress: "{recipient}, no address yet",
} as const;
