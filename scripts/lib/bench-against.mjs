import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { edits, planEdited } from './bench-edit.mjs';
import { editBundle } from './bench-plan.mjs';
import { root } from './machine.mjs';
import { median, row } from './measure.mjs';

const rooms = ['core', 'contract', 'demo'];
const stations = 10;
const warm = 50;
const rounds = 80;

/**
 * One edit in this version and in that of another commit, turn about in one process, so that both meet the
 * same noise of the machine: the median of the ratios is what counts.
 */
export async function benchAgainst(commit, core, demo) {
  const folder = mkdtempSync(join(tmpdir(), 'fornax-against-'));
  try {
    checkOut(commit, folder);
    const other = await loaded(folder);
    for (const kind of Object.keys(edits)) {
      const versions = [
        planEdited(other.core, editBundle(other.demo, stations), kind),
        planEdited(core, editBundle(demo, stations), kind),
      ];
      for (let round = 0; round < warm; round++) for (const plan of versions) plan();
      const times = Array.from({ length: rounds }, () => versions.map((plan) => plan()));
      const [before, now] = [0, 1].map((at) => median(times.map((each) => each[at])));
      const ratio = median(times.map(([then, after]) => after / then));
      row(
        `one edit, ${kind}: against ${commit}`,
        `${now.toFixed(1)} ms for ${before.toFixed(1)} ms, ${ratio.toFixed(2)} ×`,
      );
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** The files of the commit, built beside the packages that are installed here. */
function checkOut(commit, folder) {
  const files = [...rooms, 'tsconfig.base.json', 'rolldown.config.mjs'];
  const archive = execFileSync('git', ['archive', '--format=tar', commit, ...files], {
    cwd: root,
    maxBuffer: 1e9,
  });
  execFileSync('tar', ['-x', '-C', folder], { input: archive });
  const packages = join(folder, 'node_modules');
  mkdirSync(join(packages, '@fornax'), { recursive: true });
  for (const name of readdirSync(join(root, 'node_modules')))
    if (name !== '@fornax') symlinkSync(join(root, 'node_modules', name), join(packages, name));
  for (const name of rooms) symlinkSync(join(folder, name), join(packages, '@fornax', name));
  execFileSync(process.execPath, [join(root, 'node_modules/typescript/bin/tsc'), '-b', ...rooms], {
    cwd: folder,
    stdio: 'inherit',
  });
  bundleCore(folder);
}

/** Core is loaded from its bundle, of which the checkout has only the first part of the configuration. */
function bundleCore(folder) {
  const config = join(folder, 'core.rolldown.config.mjs');
  writeFileSync(config, "import all from './rolldown.config.mjs';\nexport default all[0];\n");
  const arguments_ = [join(root, 'node_modules/rolldown/bin/cli.mjs'), '--config', config];
  execFileSync(process.execPath, [...arguments_, '--log-level', 'silent'], { cwd: folder, stdio: 'ignore' });
}

async function loaded(folder) {
  const demo = await import(join(folder, 'demo/dist/index.js'));
  return { core: await import(join(folder, 'core/dist/node/index.js')), demo };
}
