/** Arguments of the commands, taken apart. */

/** Any number of files, at least one, and flags with their values; or what is wrong, as the beginning of a sentence. */
export function splitFiles(
  args: readonly string[],
  allowed: readonly string[],
): { readonly files: readonly string[]; readonly flags: ReadonlyMap<string, string> } | string {
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
  return files.length === 0 ? "" : { files, flags };
}

/** The same of one file. */
export function splitArgs(
  args: readonly string[],
  allowed: readonly string[],
): { readonly file: string; readonly flags: ReadonlyMap<string, string> } | string {
  const split = splitFiles(args, allowed);
  if (typeof split === "string") return split;
  const [file] = split.files;
  return file === undefined || split.files.length > 1 ? "" : { file, flags: split.flags };
}
