/** The sheet of a class as Markdown (CommonMark, with tables as GitHub's dialect has them). */
import type { Words } from "../../words/words";
import type { Sheet } from "../sheet/class-sheet";

/** A text in which nothing is taken for a mark. */
export function plainly(text: string): string {
  return text
    .replace(/\s+/g, " ")
    .replace(/[\\`*_{}[\]<>#|~]/g, "\\$&")
    .replace(/^(\s*)([-+]|\d+[.)])(?=\s)/, "$1\\$2")
    .trim();
}

const line = (cells: readonly string[]) => `| ${cells.map(plainly).join(" | ")} |\n`;

/** A heading, a table a block, the kit and the cautions. */
export function sheetMarkdown(sheet: Sheet, words: Words): string {
  const { title, studio, total, bounds, blocks, kit, safety } = sheet;
  const head = (["move", "dose", "easier", "harder", "others"] as const).map((key) =>
    words.phrase("sheet", key),
  );
  const about = [studio, bounds ? `${total} (${bounds})` : total].filter(Boolean).map(plainly).join(" · ");
  const parts = blocks.map((block) => {
    const said = [block.length, block.sentence].filter(Boolean).map(plainly).join(" · ");
    const rows = block.rows.map(({ number, move, dose, flat, sharp, others }) =>
      line([`${number} ${move}`, dose, flat, sharp, others]),
    );
    const table = rows.length > 0 ? `\n${line(head)}${"|---".repeat(head.length)}|\n${rows.join("")}` : "";
    return `## ${block.start} ${plainly(block.title)}\n\n${said}\n${table}`;
  });
  return `# ${plainly(title)}\n\n${about}\n\n${parts.join("\n")}\n**${plainly(kit)}**\n\n${plainly(safety)}\n`;
}
