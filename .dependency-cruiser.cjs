/**
 * Who may import whom. Outside the core, by layer; inside it, by the order of its folders: a later
 * folder may use earlier ones. The same picture is drawn in docs/architecture.md.
 */
const CORE_ORDER = [
  "result",
  "random",
  "measure",
  "pitch",
  "tuning",
  "strings",
  "retuning",
  "neck",
  "voicing",
  "chart",
  "metronome",
  "song",
  "fretting",
  "forms",
  "hand",
  "preference",
  "grip",
  "sound",
  "listing",
  "neighbours",
  "reading",
  "detected",
  "chordGrips",
  "gripSearch",
  "motion",
  "route",
  "plan",
  "arrangement",
  "playing",
  "compare",
  "recall",
  "drill",
  "practice",
];

/** By layer, those it may use beside itself. */
const LAYERS = {
  core: [],
  state: ["core"],
  formats: ["core", "state"],
  wire: ["core", "state", "formats"],
  server: ["core", "state", "wire", "formats"],
  worker: ["core"],
  audio: ["core"],
  cli: ["core", "state", "wire", "formats", "server"],
  ui: ["core", "state", "wire", "formats", "audio"],
  session: ["core", "state", "wire", "formats", "audio", "ui"],
  features: ["core", "state", "wire", "formats", "audio", "ui", "session"],
  shell: ["core", "state", "wire", "ui", "session", "features"],
};

/** Single files that a layer may use beyond the layers above. */
const WORKER = "src/worker/client\\.ts$";
const DOORS = {
  ui: [WORKER],
  session: [WORKER],
  features: [WORKER],
};
/** What tests of the interface ask in the worker's place. */
const ANSWERS = { path: "^src/features/.+\\.test\\.tsx?$", to: "^src/worker/songApi\\.ts$" };

const layerRules = Object.entries(LAYERS).map(([layer, allowed]) => ({
  name: `${layer}-imports`,
  severity: "error",
  comment: `src/${layer} may import only ${[layer, ...allowed].join(", ")}`,
  from: {
    path: `^src/${layer}/`,
    ...(layer === "features" && { pathNot: ANSWERS.path }),
  },
  to: {
    path: "^src/",
    pathNot: [
      ...[layer, ...allowed].map((name) => `^src/${name}/`),
      ...(DOORS[layer] ?? []).map((door) => `^${door}`),
    ],
  },
}));

/** The same for the features' tests, which also may ask what the worker would. */
const testRules = layerRules
  .filter(({ name }) => name === "features-imports")
  .map((rule) => ({
    ...rule,
    name: "feature-tests-imports",
    from: { path: ANSWERS.path },
    to: { ...rule.to, pathNot: [...rule.to.pathNot, ANSWERS.to] },
  }));

const coreRules = CORE_ORDER.map((folder, index) => ({
  name: `core-${folder}-order`,
  severity: "error",
  comment: `src/core/${folder} comes before the folder it imports`,
  from: { path: `^src/core/${folder}/` },
  to: { path: `^src/core/(${CORE_ORDER.slice(index + 1).join("|") || "-"})/` },
}));

/** Folders whose public face is their index.ts: every folder of these. */
const FACED = "src/(?:core|state|wire|formats|server|session|ui|features|shell)";
/** Files that other folders import by name: they pull in nothing else. */
const OWN_DOORS = ["^src/features/room\\.ts$", "^src/wire/build\\.ts$", "^src/formats/[^/]+\\.ts$"];

module.exports = {
  forbidden: [
    ...layerRules,
    ...testRules,
    ...coreRules,
    {
      name: "core-is-pure",
      severity: "error",
      comment: "the core knows no interface, no Node and no database",
      from: { path: "^src/core/", pathNot: "\\.test\\.ts$" },
      // The published scheduler is as pure as the core is.
      to: { dependencyTypes: ["npm", "npm-dev", "core"], pathNot: "node_modules/ts-fsrs" },
    },
    {
      name: "folder-face",
      severity: "error",
      comment: "another folder is used through its index.ts",
      from: { path: "^(src/.+)/[^/]+$" },
      to: { path: `^${FACED}/`, pathNot: ["/index\\.ts$", "^$1/[^/]+$", ...OWN_DOORS] },
    },
    {
      name: "feature-apart",
      severity: "error",
      comment: "a feature never imports another; what two of them share is in ui or session",
      from: { path: "^src/features/([^/]+)/" },
      to: { path: "^src/features/[^/]+/", pathNot: "^src/features/$1/" },
    },
    {
      name: "rig-room-apart",
      severity: "error",
      comment: "a room of the rig never imports another",
      from: { path: "^src/features/rig/([^/]+)/" },
      to: { path: "^src/features/rig/", pathNot: "^src/features/rig/$1/" },
    },
    {
      name: "tables-apart",
      severity: "error",
      comment: "a table's keeper knows no other table; they meet in choice, changes, page and seed",
      from: {
        path: "^src/server/(?:tables/(\\w+?)|practice/.+)\\.ts$",
        pathNot: "\\.test\\.ts$|/index\\.ts$|plainGuitars",
      },
      to: {
        path: "^src/server/(tables|practice)/",
        pathNot: ["^src/server/tables/$1\\.ts$", "^src/server/practice/(?!index)"],
      },
    },
    {
      name: "no-circle",
      severity: "error",
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    doNotFollow: { path: "node_modules" },
  },
};
