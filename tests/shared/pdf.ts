/** Reads PDF files as a reader that isn't ours does: their texts, and pictures of their pages. */
import { createCanvas } from "@napi-rs/canvas";
import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";

export interface PdfPage {
  /** Points. */
  readonly width: number;
  readonly height: number;
  /** In the order in which it stands in the file, lines divided. */
  readonly text: string;
  readonly items: readonly {
    readonly text: string;
    readonly x: number;
    /** From the page's foot. */
    readonly y: number;
    readonly width: number;
    readonly size: number;
  }[];
  readonly png: (scale?: number) => Promise<Buffer>;
}

export interface Pdf {
  readonly pages: readonly PdfPage[];
  readonly title: string;
  readonly language: string | null;
}

export async function readPdf(file: Uint8Array): Promise<Pdf> {
  const task = getDocument({ data: new Uint8Array(file), useSystemFonts: false, verbosity: 0 });
  const pdf = await task.promise;
  const { info } = await pdf.getMetadata();
  const pages: PdfPage[] = [];
  for (let n = 1; n <= pdf.numPages; n += 1) {
    const page = await pdf.getPage(n);
    const [, , width = 0, height = 0] = page.view;
    const { items } = await page.getTextContent();
    const found = items.flatMap((item) =>
      "str" in item && item.str.trim() !== ""
        ? [
            {
              text: item.str,
              x: Number(item.transform[4]),
              y: Number(item.transform[5]),
              width: item.width,
              size: Math.hypot(Number(item.transform[2]), Number(item.transform[3])),
            },
          ]
        : [],
    );
    pages.push({
      width,
      height,
      text: found.map(({ text }) => text).join("\n"),
      items: found,
      png: async (scale = 1.5) => {
        const viewport = page.getViewport({ scale });
        const canvas = createCanvas(Math.ceil(viewport.width), Math.ceil(viewport.height));
        const context = canvas.getContext("2d");
        context.fillStyle = "#ffffff";
        context.fillRect(0, 0, canvas.width, canvas.height);
        await page.render({ canvasContext: context as never, viewport }).promise;
        return canvas.encode("png");
      },
    });
  }
  const own = info as { readonly Title?: string; readonly Language?: string };
  return { pages, title: own.Title ?? "", language: own.Language ?? null };
}
