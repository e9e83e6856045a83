/** Where the letters of paper and pictures lie: they ship with Brontle's packages. */
import { join } from "node:path";

const TEXT = "@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next";
const SYMBOLS = "@fontsource/noto-sans-symbols/files/noto-sans-symbols-symbols";

/** The files of each face, the one that is asked first before those that have what it lacks. */
export interface Faces {
  readonly regular: readonly string[];
  readonly bold: readonly string[];
}

/** `root`: the folder that holds `node_modules`. */
export function facesIn(root: string): Faces {
  const file = (path: string) => join(root, "node_modules", `${path}-normal.woff`);
  const of = (weight: number) => [
    file(`${TEXT}-latin-${weight}`),
    file(`${TEXT}-latin-ext-${weight}`),
    file(`${SYMBOLS}-400`),
  ];
  return { regular: of(400), bold: of(700) };
}
