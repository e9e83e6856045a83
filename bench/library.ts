/** The library: how long it takes to load in a process of its own, and to search. */
import { execFileSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { performance } from "node:perf_hooks";
import { findMoves } from "../src/core/moves/find";
import { LIBRARY, LIBRARY_BOOK } from "../src/core/moves/library";
import { TYPED_CLASSES } from "../src/core/moves/typed-classes";

interface Bundler {
  readonly buildSync: (options: object) => void;
}
const bundler = createRequire(import.meta.url)("esbuild") as Bundler;
const median = (times: readonly number[]) => [...times].sort((a, b) => a - b)[times.length >> 1] ?? 0;

const folder = mkdtempSync(join(tmpdir(), "brontle-bench-"));
try {
  const outfile = join(folder, "library.mjs");
  const entry = join(import.meta.dirname, "../src/core/moves/library/index.ts");
  bundler.buildSync({ entryPoints: [entry], bundle: true, minify: true, format: "esm", outfile });
  const probe = join(folder, "probe.mjs");
  writeFileSync(
    probe,
    `const t = performance.now(); await import(${JSON.stringify(outfile)}); console.log(performance.now() - t);`,
  );
  const loads = Array.from({ length: 9 }, () => Number(execFileSync(process.execPath, [probe]).toString()));
  console.log(`${LIBRARY.length} moves load in ${median(loads).toFixed(0)} ms, in a process of their own`);
} finally {
  rmSync(folder, { recursive: true });
}

const typed = TYPED_CLASSES.flatMap(({ moves }) => moves.map(([words]) => words));
for (const words of typed) findMoves(words, LIBRARY_BOOK);
const searches = typed.map((words) => {
  const start = performance.now();
  findMoves(words, LIBRARY_BOOK);
  return performance.now() - start;
});
console.log(
  `a search takes ${median(searches).toFixed(2)} ms, the longest of ${typed.length} ${Math.max(...searches).toFixed(1)} ms`,
);
