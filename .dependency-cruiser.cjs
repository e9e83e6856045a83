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
  "season",
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
    {
      // What participants meet is whole without them: half a megabyte of moves, and what instructors' screens say.
      name: "no-phone-carries-what-instructors-read",
      severity: "error",
      from: {
        path: "^src/(features/(part|records|language/(in-language|own-language|use-words))|features/alone/|ui|browser|workers)",
        pathNot: "(\\.test\\.tsx?$|^src/features/alone/alone-plans)",
      },
      to: { path: "^src/words/(moves|screens)/", reachable: true },
    },
    {
      // One language's at the most is fetched, by an instructor's screen that is in it.
      name: "no-screen-carries-all-move-texts",
      severity: "error",
      from: { path: "^src/(features|ui|browser|workers)/", pathNot: "\\.test\\.tsx?$" },
      to: { path: "^src/words/moves/(moves-in|texts)\\.ts$", reachable: true },
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
    only("drawing-knows-core-and-words", "^src/drawing", "^src/(core|words|drawing)"),
    only("files-are-over-words-and-drawing", "^src/files", "^src/(core|words|drawing|files)"),
    only("cli-is-core-words-and-files", "^src/cli", "^src/(core|words|files|cli)"),
    only("ui-knows-no-domain", "^src/ui", "^src/ui"),
    only("browser-and-server-never-meet", "^src/browser", "^src/(core|browser)"),
    only("server-and-browser-never-meet", "^src/server", "^src/(core|words|files|server)"),
    only(
      "features-are-over-the-rest",
      "^src/features",
      "^src/(core|words|drawing|files|ui|browser|workers|features)",
    ),
    only("workers-are-core-words-and-files", "^src/workers", "^src/(core|words|files|workers)"),
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
