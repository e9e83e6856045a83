/** The class file: the document itself, laid out for people who open it in a text editor. */
import type { ClassDoc } from "../class/document";
import { err, ok, type Result } from "../result";
import type { Fault } from "../values/faults";

/** Objects and lists that fit on a line of this length are written on one. */
const LINE = 100;

function lay(value: unknown, indent: string): string {
  const flat = JSON.stringify(value);
  if (
    typeof value !== "object" ||
    value === null ||
    (flat.length + indent.length <= LINE && !/[[{].*[[{].*[[{]/.test(flat))
  ) {
    return spaced(value);
  }
  const inner = `${indent}  `;
  if (Array.isArray(value)) {
    return `[\n${value.map((entry) => `${inner}${lay(entry, inner)}`).join(",\n")}\n${indent}]`;
  }
  const lines = Object.entries(value).map(
    ([key, entry]) => `${inner}${JSON.stringify(key)}: ${lay(entry, inner)}`,
  );
  return `{\n${lines.join(",\n")}\n${indent}}`;
}

/** One line with spaces after commas and colons, as people write JSON. */
function spaced(value: unknown): string {
  if (Array.isArray(value)) return value.length === 0 ? "[]" : `[${value.map(spaced).join(", ")}]`;
  if (typeof value === "object" && value !== null) {
    const entries = Object.entries(value);
    if (entries.length === 0) return "{}";
    return `{ ${entries.map(([key, entry]) => `${JSON.stringify(key)}: ${spaced(entry)}`).join(", ")} }`;
  }
  return JSON.stringify(value);
}

/** The text of a class file, ending in a newline. Reading it back gives an equal document. */
export function classFileText(doc: ClassDoc): string {
  return `${lay(doc, "")}\n`;
}

/** A title as part of a file's name: letters, digits and hyphens, at most sixty; `class` where nothing is left of it. */
export function slugOf(title: string): string {
  const words = title
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "");
  return words.slice(0, 60) || "class";
}

/** The name of its file: `gale-warning.brontle.json`. */
export function classFileName(doc: ClassDoc): `${string}.json` {
  return `${slugOf(doc.title)}.brontle.json`;
}

/** The JSON in a text, or the one fault that it is none. */
export function parseJsonText(text: string): Result<unknown, readonly Fault[]> {
  try {
    return ok(JSON.parse(text.replace(/^\uFEFF/, "")));
  } catch (error) {
    const reason = (error as Error).message.replaceAll(/\s+/g, " ");
    return err([{ path: "$", code: "kind", expected: `JSON (${reason})` }]);
  }
}
