/** Which way imports may go: app → features → ui, words, browser, server → core; words → core. */
const only = (name, from, allowed) => ({
  name,
  severity: "error",
  from: { path: from },
  to: { path: "^(src|ops)/", pathNot: allowed },
});

/** The floors of the core, lowest first: a folder knows those below it. */
const FLOORS = [
  "values",
  "moves",
  "homes",
  "class",
  "strength",
  "notation",
  "reasons",
  "score",
  "parts",
  "effort",
  "shape",
  "review",
  "starting",
  "formats",
  "live",
  "log",
  "rehearsal",
  "progress",
  "readiness",
  "trail",
  "settings",
  "engine",
];
const floors = FLOORS.map((folder, i) => ({
  name: `core-${folder}-knows-what-is-below`,
  severity: "error",
  from: { path: `^src/core/${folder}/`, pathNot: "\\.test\\.ts$" },
  to: { path: `^src/core/(${FLOORS.slice(i + 1).join("|") || "nothing"})/` },
}));
/** What stands in no folder is below all of them; a folder that has no floor is a fault. */
const ground = [
  {
    name: "core-ground-knows-no-folder",
    severity: "error",
    from: { path: "^src/core/[^/]+\\.ts$", pathNot: "\\.test\\.ts$" },
    to: { path: "^src/core/[^/]+/" },
  },
  {
    name: "core-folders-have-a-floor",
    severity: "error",
    from: {},
    to: { path: "^src/core/[^/]+/", pathNot: `^src/core/(${FLOORS.join("|")}|testing)/` },
  },
];

module.exports = {
  forbidden: [
    ...floors,
    ...ground,
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
        pathNot: "node_modules/(@types/)?(fastest-levenshtein|papaparse|pure-rand|@date-fns/tz|date-fns)",
      },
    },
    only("words-know-the-core-alone", "^src/words", "^src/(core|words)"),
    only("cli-is-core-and-words", "^src/cli", "^src/(core|words|cli)"),
    only("ui-knows-no-domain", "^src/ui", "^src/ui"),
    only("browser-and-server-never-meet", "^src/browser", "^src/(core|browser)"),
    only("server-and-browser-never-meet", "^src/server", "^src/(core|words|server)"),
    only("features-are-over-the-rest", "^src/features", "^src/(core|words|ui|browser|workers|features)"),
    only("workers-are-core-and-words", "^src/workers", "^src/(core|words|workers)"),
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
