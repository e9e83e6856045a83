/** How tables are written: cells that a spreadsheet would take for a formula are made harmless, with line breaks in them too. */
export const CSV_CELLS = { escapeFormulae: /^[=+\-@\t\r][\s\S]*$/, newline: "\n" } as const;
