/** Arguments of the commands, taken apart. */

/** One file and flags with their values; or what is wrong, as the beginning of a sentence. */
export function splitArgs(
  args: readonly string[],
  allowed: readonly string[],
): { readonly file: string; readonly flags: ReadonlyMap<string, string> } | string {
  const flags = new Map<string, string>();
  const files: string[] = [];
  const rest = args.values();
  for (const arg of rest) {
    if (!arg.startsWith("--")) {
      files.push(arg);
      continue;
    }
    if (!allowed.includes(arg)) return `doesn't know ${arg}; `;
    const { value } = rest.next();
    if (value === undefined) return `${arg} wants a value; `;
    flags.set(arg, value);
  }
  const [file] = files;
  return file === undefined || files.length > 1 ? "" : { file, flags };
}

/** Whether a text is a day of the calendar, `YYYY-MM-DD`. */
export function isDay(text: string): boolean {
  const form = /^\d{4}-\d{2}-\d{2}$/.test(text);
  return form && new Date(`${text}T00:00:00Z`).toJSON()?.startsWith(text) === true;
}
