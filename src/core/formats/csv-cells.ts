/**
 * How tables are written. A cell that a spreadsheet would take for a formula is made harmless by an
 * apostrophe before the sign: at its start, and after whatever a spreadsheet of another language splits
 * cells at (semicolons, tabs, line breaks) too. What has apostrophes there already gets one more, so that
 * reading takes off exactly what writing put on.
 */
import Papa from "papaparse";

/** A text as a cell that no spreadsheet works out. */
export function guarded(text: string): string {
  return text.replace(/(^|[;\t\r\n])( *)(?='*[=+\-@])/g, "$1$2'").replace(/^(?='*[\t\r])/, "'");
}

/** The text that `guarded` made a cell of; other texts are given back as they are. */
export function unguarded(cell: string): string {
  return cell.replace(/^'(?='*[\t\r])/, "").replace(/(^|[;\t\r\n])( *)'(?='*[=+\-@])/g, "$1$2");
}

/** Rows as CSV with a heading, each cell guarded; numbers stay numbers. */
export function csvText(
  columns: readonly string[],
  rows: readonly Readonly<Record<string, string | number | boolean | null | undefined>>[],
): string {
  const data = rows.map((row) =>
    columns.map((name) => {
      const cell = row[name] ?? "";
      return typeof cell === "string" ? guarded(cell) : cell;
    }),
  );
  return Papa.unparse({ fields: [...columns], data }, { newline: "\n" });
}
