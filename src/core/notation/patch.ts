/**
 * What words don't say: a JSON object in braces at the end of a line, over what was read of it. So every class has
 * a text that reads back as it is, however rare its keys. A null takes a key away.
 */

export type Patch = Readonly<Record<string, unknown>>;

/** Keys that belong to the reader. */
const OWN = ["id", "slots", "blocks", "format", "version"];

function objectIn(text: string): Patch | null {
  try {
    const value: unknown = JSON.parse(text);
    return typeof value === "object" && value !== null && !Array.isArray(value) ? (value as Patch) : null;
  } catch {
    return null;
  }
}

/** The object in braces at the end of a line, and the line without it; null where there is none. */
export function patchIn(line: string): { readonly text: string; readonly patch: Patch } | null {
  if (!line.trimEnd().endsWith("}")) return null;
  for (let at = line.indexOf("{"); at >= 0; at = line.indexOf("{", at + 1)) {
    const patch = objectIn(line.slice(at).trim());
    if (patch) return { text: line.slice(0, at), patch };
  }
  return null;
}

/** A value with a patch over it. */
export function patched<T extends object>(value: T, patch: Patch | null): T {
  if (!patch) return value;
  const made = { ...value } as Record<string, unknown>;
  for (const [key, to] of Object.entries(patch)) {
    if (OWN.includes(key)) continue;
    if (to === null) delete made[key];
    else
      Object.defineProperty(made, key, { value: to, enumerable: true, configurable: true, writable: true });
  }
  return made as T;
}

/** What has to be patched so that `read` becomes `meant`; null where nothing has. */
export function patchFor(read: object, meant: object): Patch | null {
  const [a, b] = [read as Record<string, unknown>, meant as Record<string, unknown>];
  const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])].filter((key) => !OWN.includes(key));
  const differing = keys.filter((key) => JSON.stringify(a[key]) !== JSON.stringify(b[key]));
  if (differing.length === 0) return null;
  return Object.fromEntries(differing.map((key) => [key, b[key] ?? null]));
}
