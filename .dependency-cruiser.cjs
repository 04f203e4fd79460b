/** The arrows of the architecture: app -> ui -> state -> core; workers and the server call core. */
const only = (name, from, to) => ({
  name,
  severity: "error",
  from: { path: from },
  to: { path: "^src/", pathNot: to },
});

module.exports = {
  forbidden: [
    { name: "no-circles", severity: "error", from: {}, to: { circular: true } },
    only("core-stands-alone", "^src/core/.*(?<!\\.test)\\.ts$", "^src/core/"),
    only("demo-uses-core", "^src/demo/", "^src/(core|demo)/"),
    only("drawing-uses-core", "^src/drawing/", "^src/(core|drawing)/"),
    only("workers-use-core", "^src/workers/", "^src/(core|drawing|workers)/"),
    only("offline-stands-alone", "^src/offline/", "^src/offline/"),
    only("state-uses-core", "^src/state/", "^src/(core|demo|state|workers)/"),
    only("ui-uses-state", "^src/ui/", "^src/(core|drawing|state|ui|workers)/"),
    only("server-uses-core", "^src/server/", "^src/(core|demo|server)/"),
    {
      name: "makers-are-for-tests",
      comment: "What tests are made of is no part of the product.",
      severity: "error",
      from: { path: "^src/", pathNot: "\\.test\\.tsx?$" },
      to: { path: "^testing/" },
    },
    {
      name: "core-is-pure",
      comment:
        "No interface, storage, clock or server in the core; Zod checks files, papaparse takes tables apart, chevrotain reads rows, diff3 puts texts together.",
      severity: "error",
      from: { path: "^src/core/", pathNot: "\\.test\\.ts$" },
      to: {
        dependencyTypes: ["npm", "core"],
        pathNot: "node_modules/(zod|papaparse|@types/papaparse|chevrotain|@chevrotain|node-diff3)/",
      },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { exportsFields: ["exports"], conditionNames: ["import", "types", "default"] },
  },
};
