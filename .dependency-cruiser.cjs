/** Which way imports may go: app → features → ui, browser, server → core. */
const only = (name, from, allowed) => ({
  name,
  severity: "error",
  from: { path: from },
  to: { path: "^(src|ops)/", pathNot: allowed },
});

module.exports = {
  forbidden: [
    {
      name: "no-cycles",
      severity: "error",
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ["type-only"] } },
    },
    only("core-imports-itself-only", "^src/core", "^src/core"),
    {
      name: "core-is-pure",
      severity: "error",
      from: { path: "^src/core", pathNot: "(\\.test\\.ts$|^src/core/testing)" },
      to: {
        dependencyTypes: ["core", "npm"],
        pathNot: "node_modules/(@types/)?(fastest-levenshtein|papaparse|@date-fns/tz|date-fns)",
      },
    },
    only("cli-is-core-only", "^src/cli", "^src/(core|cli)"),
    only("ui-knows-no-domain", "^src/ui", "^src/ui"),
    only("browser-and-server-never-meet", "^src/browser", "^src/(core|browser)"),
    only("server-and-browser-never-meet", "^src/server", "^src/(core|server)"),
    only("features-are-over-the-rest", "^src/features", "^src/(core|ui|browser|workers|features)"),
    only("workers-are-core", "^src/workers", "^src/(core|workers)"),
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      extensions: [".ts", ".tsx", ".js", ".mjs", ".cjs", ".json"],
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default"],
    },
  },
};
