/** Class documents for tests that are about their blocks alone. */
import type { ClassDoc } from "../class/document";

/** A class of these blocks, as they would stand in a file. */
export function classOf(blocks: readonly object[]): ClassDoc {
  return {
    format: "brontle.class",
    version: 1,
    title: "T",
    stance: "density",
    blocks,
  } as unknown as ClassDoc;
}
