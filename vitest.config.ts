import { defineConfig } from "vitest/config";

/** Three projects: `core` needs nothing, `integration` a database, `browser` the running application. */
export default defineConfig({
  resolve: { alias: { "@": new URL("./src", import.meta.url).pathname } },
  test: {
    projects: [
      {
        extends: true,
        test: {
          name: "core",
          include: ["src/**/*.test.ts", "tests/cases.test.ts", "tests/ops/**/*.test.ts"],
        },
      },
      { extends: true, test: { name: "fuzz", include: ["tests/fuzz/**/*.test.ts"] } },
      {
        extends: true,
        test: {
          name: "integration",
          include: ["tests/integration/**/*.test.ts"],
          testTimeout: 30_000,
          fileParallelism: false,
        },
      },
      {
        extends: true,
        test: {
          name: "browser",
          include: ["tests/browser/**/*.test.ts"],
          testTimeout: 120_000,
          hookTimeout: 120_000,
          fileParallelism: false,
        },
      },
    ],
  },
});
