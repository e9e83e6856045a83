import { defineConfig } from "vitest/config";

/** What measures or holds up the one server that all ask has it to itself. */
const ALONE = ["at-once", "bounds", "jobs", "journal"].map((name) => `tests/integration/${name}.test.ts`);

/** What measures tenths of a second, or ends the server, has the machine to itself. */
const ALONE_IN_BROWSER = ["killed", "one-clock", "teach", "together"].map(
  (name) => `tests/browser/${name}.test.ts`,
);

/**
 * `core` and `fuzz` need nothing, `integration` a database and the running application, `browser` Chromium
 * besides. Files of integration and of browsers run
 * two at a time; those of `…-alone` after them, one by one.
 */
export default defineConfig({
  resolve: { alias: { "@": new URL("./src", import.meta.url).pathname } },
  test: {
    projects: [
      {
        extends: true,
        test: {
          name: "core",
          include: ["src/**/*.test.ts", "tests/cases.test.ts", "tests/ops/**/*.test.ts"],
          setupFiles: ["tests/shared/bounded-properties.ts"],
          // Pure functions leave nothing behind: what is imported once serves all files.
          isolate: false,
          // Against what never ends: how fast a machine is decides nothing.
          testTimeout: 60_000,
        },
      },
      {
        extends: true,
        test: { name: "fuzz", include: ["tests/fuzz/**/*.test.ts"], testTimeout: 180_000 },
      },
      {
        extends: true,
        test: {
          name: "integration",
          include: ["tests/integration/**/*.test.ts"],
          exclude: ALONE,
          testTimeout: 60_000,
          hookTimeout: 60_000,
          maxWorkers: 2,
          sequence: { groupOrder: 1 },
        },
      },
      {
        extends: true,
        test: {
          name: "integration-alone",
          include: ALONE,
          testTimeout: 30_000,
          maxWorkers: 1,
          fileParallelism: false,
          sequence: { groupOrder: 2 },
        },
      },
      {
        extends: true,
        test: {
          name: "browser",
          include: ["tests/browser/**/*.test.ts"],
          exclude: ALONE_IN_BROWSER,
          testTimeout: 180_000,
          hookTimeout: 180_000,
          maxWorkers: 2,
          sequence: { groupOrder: 1 },
        },
      },
      {
        extends: true,
        test: {
          name: "browser-alone",
          include: ALONE_IN_BROWSER,
          testTimeout: 180_000,
          hookTimeout: 180_000,
          maxWorkers: 1,
          fileParallelism: false,
          sequence: { groupOrder: 2 },
        },
      },
    ],
  },
});
