import { ESLint } from "eslint";
import { expect, it } from "vitest";

async function rulesBroken(filePath: string, code: string): Promise<(string | null)[]> {
  // The cycle rule reads the file from disk, where a planted one does not stand.
  const lint = new ESLint({ overrideConfig: { rules: { "import/no-cycle": "off" } } });
  const [result] = await lint.lintText(code, { filePath });
  return result!.messages.map((message) => message.ruleId);
}

it.each([
  [
    "core/measure/planted.ts",
    'import { divideSpan } from "../fit/divideSpan";\nexport const planted = divideSpan;\n',
  ],
  [
    "core/fit/planted.ts",
    'import { buildStore } from "@/store/files/openStore";\nexport const planted = buildStore;\n',
  ],
  [
    "core/tape/planted.ts",
    'import { choosePacks } from "../paint/choosePacks";\nexport const planted = choosePacks;\n',
  ],
  [
    "scripts/planted.ts",
    'import { removeFolder } from "../e2e/support/server";\nexport const planted = removeFolder;\n',
  ],
  ["app/planted.ts", 'import { tryLock } from "@/trials/lock";\nexport const planted = tryLock;\n'],
  [
    "ui/planted.ts",
    'import { openStore } from "@/store/files/openStore";\nexport const planted = openStore;\n',
  ],
])("an import that points up fails lint: %s", async (path, code) => {
  expect(await rulesBroken(path, code)).toContain("import/no-restricted-paths");
});

it.each([
  ["core/finishes/bands/planted.ts", "../stripes/spec"],
  ["core/finishes/bands/planted.ts", "../registry"],
  ["core/finishes/bands/planted.ts", "../list"],
  ["core/work/planted.ts", "../finishes/defineFinish"],
  ["core/work/taped/planted.ts", "../../sequence/schedule"],
  ["core/tape/planted.ts", "../work/step"],
  ["core/sequence/planted.ts", "../finishes/registry"],
])(
  "work stands below the finishes, and they do not know each other: %s takes nothing of %s",
  async (path, of) => {
    expect(await rulesBroken(path, `export * as planted from "${of}";\n`)).toContain(
      "import/no-restricted-paths",
    );
  },
);

it.each([
  ["ui/job/planted.ts", "../parts/Button"],
  ["ui/parts/planted.ts", "../wall-view/useView"],
  ["ui/wall-view/planted.ts", "../stations/registry"],
  ["ui/stations/mark/planted.ts", "../days/timeScale"],
  ["ui/stations/mark/planted.ts", "../registry"],
  ["ui/stations/mark/planted.ts", "../../shell/ledger/Ledger"],
  ["ui/shell/planted.ts", "../stations/mark/MarkCard"],
  ["ui/shell/planted.ts", "../home/NewJob"],
])(
  "the screens have floors, and stations do not know each other: %s takes nothing of %s",
  async (path, of) => {
    expect(await rulesBroken(path, `export * as planted from "${of}";\n`)).toContain(
      "import/no-restricted-paths",
    );
  },
);

it("an import that points down passes", async () => {
  const code = 'import { parseLength } from "../measure/parseLength";\nexport const planted = parseLength;\n';
  expect(await rulesBroken("core/fit/planted.ts", code)).toEqual([]);
});

it("the core keeps away from clocks, chance and locales", async () => {
  const code = 'export const planted = () => [Math.random(), Date.now(), "a".localeCompare("b")];\n';
  expect((await rulesBroken("core/fit/planted.ts", code)).sort()).toEqual([
    "no-restricted-globals",
    "no-restricted-properties",
    "no-restricted-syntax",
  ]);
});
