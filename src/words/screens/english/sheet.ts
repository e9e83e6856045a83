export const sheet = {
  backDesk: "Back to the Desk",
  print: "Print",
} as const;
