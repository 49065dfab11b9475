import { readdirSync } from "node:fs";
import { dirname } from "node:path";
import { fileURLToPath } from "node:url";
import next from "eslint-config-next";
import nextTypescript from "eslint-config-next/typescript";
import prettier from "eslint-config-prettier";

const root = dirname(fileURLToPath(import.meta.url));

/**
 * The floors of the house, from the top down. A file may import from its own folder and from floors below,
 * never from above. Floors on one line stand side by side and do not import each other.
 */
const coreFloors = [
  ["core/rehearse"],
  ["core/job"],
  ["core/look"],
  ["core/plan"],
  ["core/sequence", "core/finishes"],
  ["core/work"],
  ["core/rounds", "core/tape", "core/paint", "core/setout"],
  ["core/pattern"],
  ["core/fit"],
  ["core/wall", "core/stencil"],
  ["core/colour"],
  ["core/findings"],
  ["core/geometry"],
  ["core/measure"],
  ["core/trade"],
];
const houseFloors = [
  ["trials", "bench"],
  ["e2e"],
  ["scripts"],
  ["app"],
  ["ui"],
  ["workers"],
  ["server"],
  ["cli", "store", "devices"],
  ["formats"],
  ["core"],
];

function zonesOf(floors) {
  return floors.flatMap((floor, index) =>
    floor.map((target) => ({
      target: `./${target}`,
      from: [...floors.slice(0, index).flat(), ...floor.filter((other) => other !== target)].map(
        (path) => `./${path}`,
      ),
      message: "Imports only ever point down; see docs/decisions/0001-floors.md.",
    })),
  );
}

const finishFolders = readdirSync(`${root}/core/finishes`, { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && entry.name !== "tests")
  .map(({ name }) => `./core/finishes/${name}`);
const finishesApart = finishFolders.map((target) => ({
  target,
  from: [
    "./core/finishes/list.ts",
    "./core/finishes/registry.ts",
    ...finishFolders.filter((other) => other !== target),
  ],
  message: "A finish does not know the other finishes.",
}));

// What checks a plan by carrying it out knows the document, the plan and the trade, and nothing of what made the plan.
const rehearsalApart = {
  target: "./core/rehearse",
  from: [
    ...["work", "sequence", "rounds", "finishes", "tape", "paint", "setout", "pattern", "fit", "look"].map(
      (folder) => `./core/${folder}`,
    ),
    ...readdirSync(`${root}/core/job`)
      .filter((file) => !["schema.ts", "parseJob.ts", "problem.ts", "tests"].includes(file))
      .map((file) => `./core/job/${file}`),
  ],
  message: "The rehearsal reads the document and the plan, and nothing of what made the plan.",
};

const uiNeverStore = {
  target: "./ui",
  from: ["./store", "./server"],
  message: "The screens talk to the store over routes.",
};

/** Within the screens: a job's state, parts of screens, the wall, the stations beside each other, and what holds them. */
const screenFloors = [
  ["ui/shell", "ui/home", "ui/print"],
  ["ui/stations"],
  ["ui/wall-view"],
  ["ui/parts"],
  ["ui/job"],
];
const stationFolders = readdirSync(`${root}/ui/stations`, { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => `./ui/stations/${name}`);
const stationsApart = stationFolders.map((target) => ({
  target,
  from: ["./ui/stations/registry.ts", ...stationFolders.filter((other) => other !== target)],
  message: "A station does not know the other stations.",
}));
// The shell holds the stations by their registry, whatever they are.
const shellByRegistry = {
  target: "./ui/shell",
  from: stationFolders,
  message: "Stations come by the registry.",
};

/** Rules that read a file as a part of a screen, which costs most of the time: they are asked of screens alone. */
const screenRules = next
  .flatMap(({ rules }) => Object.keys(rules ?? {}))
  .filter((rule) => /^(react|react-hooks|jsx-a11y|@next\/next)\//.test(rule));

const config = [
  { ignores: [".next/**", "dist/**", "node_modules/**", "next-env.d.ts", "store/migrations/**"] },
  ...next,
  ...nextTypescript,
  prettier,
  {
    settings: {
      "import/resolver": { typescript: { project: `${root}/tsconfig.json` } },
      // Its bundled files are too large for the rule's parser.
      "import/ignore": ["@electric-sql/pglite"],
    },
    rules: {
      "import/no-restricted-paths": [
        "error",
        {
          basePath: root,
          zones: [
            ...zonesOf(houseFloors),
            ...zonesOf(coreFloors),
            ...zonesOf(screenFloors),
            ...finishesApart,
            ...stationsApart,
            shellByRegistry,
            rehearsalApart,
            uiNeverStore,
          ],
        },
      ],
      // It warns of what only the React compiler would get wrong, which is not used here.
      "react-hooks/incompatible-library": "off",
      // The types' own check tells what is not used.
      "@typescript-eslint/no-unused-vars": "off",
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/consistent-type-imports": "error",
      "max-lines": ["error", { max: 330, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ["**/*.{ts,mjs}"],
    ignores: ["ui/**", "app/**"],
    rules: Object.fromEntries(screenRules.map((rule) => [rule, "off"])),
  },
  {
    files: ["core/**/*.ts"],
    ignores: ["**/*.test.ts", "**/tests/**"],
    rules: {
      "no-restricted-globals": [
        "error",
        "window",
        "document",
        "process",
        "Intl",
        "Date",
        "performance",
        "crypto",
        "fetch",
      ],
      "no-restricted-properties": [
        "error",
        { object: "Math", property: "random", message: "Randomness takes a seed from the spec." },
        ...["sin", "cos", "tan", "asin", "acos", "atan", "atan2", "hypot", "exp", "log", "pow", "cbrt"].map(
          (property) => ({
            object: "Math",
            property,
            message: "It differs from engine to engine in the last bit; use core/geometry/trig.ts.",
          }),
        ),
      ],
      "no-restricted-syntax": [
        "error",
        {
          selector: "CallExpression[callee.property.name='localeCompare']",
          message: "Order must not depend on a locale.",
        },
      ],
    },
  },
];

export default config;
