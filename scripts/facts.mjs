import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { root } from './lib/machine.mjs';

/** Folders whose tables are CSV, to be read and corrected by a cook. */
const folders = [
  'core/src/language/data',
  'core/src/larder/data',
  'core/src/techniques/data',
  'core/src/recipes/handwork/data',
  'core/src/people/data',
  'core/src/recipes/intake/data',
  'core/src/recipes/reading/data',
];

/** The module that a table is written to beside it: neither browsers nor threads read files. */
export function moduleOf(path) {
  const text = readFileSync(path, 'utf8');
  const name = basename(path, '.csv');
  const constant = `${name.replace(/-(\w)/g, (_, letter) => letter.toUpperCase())}Table`;
  return `/** Written from ${name}.csv by npm run facts. */\nexport const ${constant} = \`\n${text}\`;\n`;
}

/** The tables, each with the path of its module. */
export function tables() {
  return folders.flatMap((folder) =>
    readdirSync(join(root, folder))
      .filter((name) => name.endsWith('.csv'))
      .map((name) => join(root, folder, name))
      .map((path) => ({ path, module: path.replace(/\.csv$/, '.ts') })),
  );
}

if (process.argv[1] === import.meta.filename)
  for (const { path, module } of tables()) writeFileSync(module, moduleOf(path));
