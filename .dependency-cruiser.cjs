/**
 * Who may import whom. Outside the core, by layer; inside it, by the order of its folders: a later
 * folder may use earlier ones. The same picture is drawn in docs/architecture.md.
 */
const CORE_ORDER = [
  "result",
  "measure",
  "pitch",
  "tuning",
  "neck",
  "stack",
  "fretting",
  "hand",
  "preference",
  "grip",
  "sound",
  "reasons",
  "listing",
  "neighbours",
  "reading",
  "motion",
  "chart",
  "route",
  "compare",
  "plan",
  "practice",
];

const LAYERS = {
  core: ["core"],
  formats: ["core", "formats"],
  server: ["core", "formats", "server"],
  worker: ["core", "worker"],
  audio: ["core", "audio"],
  cli: ["core", "formats", "cli"],
  ui: ["core", "formats", "audio", "ui"],
};

/** Single files that a layer may use beyond the layers above. */
const DOORS = { ui: ["src/worker/client\\.ts$", "src/server/(actions|schemas|types)\\.ts$"] };

const layerRules = Object.entries(LAYERS).map(([layer, allowed]) => ({
  name: `${layer}-imports`,
  severity: "error",
  comment: `src/${layer} may import only ${allowed.join(", ")}`,
  from: { path: `^src/${layer}/` },
  to: {
    path: "^src/",
    pathNot: [
      ...allowed.map((name) => `^src/${name}/`),
      ...(DOORS[layer] ?? []).map((door) => `^${door}`),
    ],
  },
}));

const coreRules = CORE_ORDER.map((folder, index) => ({
  name: `core-${folder}-order`,
  severity: "error",
  comment: `src/core/${folder} comes before the folder it imports`,
  from: { path: `^src/core/${folder}/` },
  to: { path: `^src/core/(${CORE_ORDER.slice(index + 1).join("|") || "-"})/` },
}));

module.exports = {
  forbidden: [
    ...layerRules,
    ...coreRules,
    {
      name: "core-is-pure",
      severity: "error",
      comment: "the core knows no interface, no Node and no database",
      from: { path: "^src/core/", pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["npm", "npm-dev", "core"] },
    },
    {
      name: "folder-face",
      severity: "error",
      comment: "another folder of the core is used through its index.ts",
      from: { path: "^src/core/([^/]+)/" },
      to: { path: "^src/core/([^/]+)/(?!index\\.ts$)", pathNot: "^src/core/$1/" },
    },
    {
      name: "core-face",
      severity: "error",
      comment: "the core is used through the index.ts of its folders",
      from: { path: "^(src/(?!core/)|scripts|bench)" },
      to: { path: "^src/core/[^/]+/(?!index\\.ts$)" },
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
