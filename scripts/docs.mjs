import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './lib/machine.mjs';

const folder = join(root, 'docs');
/** A block that this command writes stands between two remarks with its name. */
const block = /<!-- (\w+), written by npm run docs -->\n[\s\S]*?<!-- \/\1 -->/g;

/** Writers of the blocks, by name. Each returns Markdown. */
const writers = {
  /** The aims of a plan in their order, from `core/src/timeline/objective.ts`. */
  async objective() {
    const { objective } = await import('../core/dist/timeline/objective.js');
    const rows = Object.values(objective).map(({ wish, figure, limits, weight, reason }) => [
      wish,
      figure,
      Object.entries(limits)
        .map(([name, value]) => `\`${name}\` ${value}`)
        .join(', '),
      weight,
      reason,
    ]);
    return table(['wish', 'figure', 'limits', 'weight', 'reason'], rows);
  },
  /** How much the tables know: rows of each file of facts. */
  async tables() {
    const { tables } = await import('./facts.mjs');
    const rows = tables().map(({ path }) => [`\`${path.slice(root.length + 1)}\``, String(rowsOf(path))]);
    return table(['table', 'rows'], rows);
  },
  /** Tests by project, of the last run of `npm test` on this machine; as it was where there was none. */
  tests(before) {
    const [unit, e2e] = ['unit.json', 'e2e.json'].map((name) => join(root, 'test-results', name));
    if (!existsSync(unit) || !existsSync(e2e)) return before;
    const counts = new Map();
    for (const { name, assertionResults } of JSON.parse(readFileSync(unit, 'utf8')).testResults) {
      const project = name.slice(root.length + 1).split('/')[0];
      counts.set(project, (counts.get(project) ?? 0) + assertionResults.length);
    }
    counts.set('e2e', JSON.parse(readFileSync(e2e, 'utf8')).stats.expected);
    return table(
      ['part', 'tests'],
      [...counts].sort(([a], [b]) => a.localeCompare(b)).map(([name, count]) => [name, String(count)]),
    );
  },
};

function rowsOf(path) {
  return readFileSync(path, 'utf8').trim().split('\n').length - 1;
}

function table(heads, rows) {
  const line = (cells) => `| ${cells.join(' | ')} |`;
  return [line(heads), line(heads.map(() => '---')), ...rows.map(line)].join('\n');
}

/** The pages of `docs/` with their blocks as they must be: `[{ path, is, mustBe }]`. */
export async function pages(leaveOut = []) {
  const paths = readdirSync(folder)
    .filter((name) => name.endsWith('.md'))
    .map((name) => join(folder, name));
  return Promise.all(
    paths.map(async (path) => {
      const is = readFileSync(path, 'utf8');
      let mustBe = is;
      for (const [whole, name] of is.matchAll(block)) {
        const [first, ...lines] = whole.split('\n');
        if (leaveOut.includes(name)) continue;
        const written = await writers[name](lines.slice(0, -1).join('\n').trim());
        mustBe = mustBe.replace(whole, () => `${first}\n\n${written}\n\n<!-- /${name} -->`);
      }
      return { path, is, mustBe };
    }),
  );
}

if (process.argv[1] === import.meta.filename)
  for (const { path, mustBe } of await pages()) writeFileSync(path, mustBe);
