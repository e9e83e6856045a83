/** Placed pieces as a PDF file. */
import PDFDocument from "pdfkit";
import type { Ink, Mark, Placed } from "./flow";
import type { Letters } from "./letters";

/** Inks that a printer in grey keeps apart. */
const INKS: Readonly<Record<Ink, string>> = { ink: "#101c1a", quiet: "#4a5654", pine: "#17544e" };

export interface Print {
  readonly size: readonly [width: number, height: number];
  readonly pages: readonly (readonly Placed[])[];
  readonly title: string;
  /** BCP 47. */
  readonly language: string;
  /** When it was made: stands in the file. */
  readonly madeAt: Date;
}

type Pdf = InstanceType<typeof PDFDocument>;

function draw(pdf: Pdf, mark: Mark, x: number, y: number, letters: Letters): void {
  if (mark.kind === "rule") {
    pdf
      .moveTo(x + mark.x, y + mark.y)
      .lineTo(x + mark.x + mark.width, y + mark.y)
      .lineWidth(mark.thick)
      .stroke(INKS[mark.ink]);
    return;
  }
  const { text, size, weight, ink } = mark;
  let at = x + mark.x;
  pdf.fillColor(INKS[ink]).fontSize(size);
  for (const run of letters.runs(text, weight)) {
    pdf.font(run.file).text(run.text, at, y + mark.y, { lineBreak: false, baseline: "alphabetic" });
    at += letters.width(run.text, size, weight);
  }
}

/** The file, complete. */
export function printed(
  { size, pages, title, language, madeAt }: Print,
  letters: Letters,
): Promise<Uint8Array> {
  const pdf = new PDFDocument({
    size: [...size],
    margin: 0,
    autoFirstPage: false,
    lang: language,
    displayTitle: true,
    info: { Title: title, Producer: "Brontle", Creator: "Brontle", CreationDate: madeAt },
  });
  const chunks: Uint8Array[] = [];
  const done = new Promise<Uint8Array>((resolve, reject) => {
    pdf.on("data", (chunk: Uint8Array) => chunks.push(chunk));
    pdf.on("end", () => resolve(new Uint8Array(Buffer.concat(chunks))));
    pdf.on("error", reject);
  });
  for (const page of pages) {
    pdf.addPage();
    for (const { x, y, piece } of page) for (const mark of piece.marks) draw(pdf, mark, x, y, letters);
  }
  pdf.end();
  return done;
}
