import { benchAgainst } from './lib/bench-against.mjs';
import { benchBrowser } from './lib/bench-browser.mjs';
import { benchOddLines, benchParsing } from './lib/bench-parsing.mjs';
import { benchPlanning } from './lib/bench-plan.mjs';
import { benchServer } from './lib/bench-server.mjs';
import { benchSchedule } from './lib/bench-schedule.mjs';
import { ensureBuild, ensureNodeModules, ensurePackages } from './lib/machine.mjs';
import { row } from './lib/measure.mjs';
import { runCommand } from './lib/say.mjs';

/**
 * Prints the measurements of docs/performance.md; with `--against <commit>`, one edit beside that of another
 * version.
 */
await runCommand(async () => {
  ensurePackages(['mariadb-server', 'chromium-headless-shell']);
  ensureNodeModules();
  ensureBuild();
  const core = await import('../core/dist/index.js');
  const demo = await import('../demo/dist/index.js');
  const against = process.argv.indexOf('--against');
  if (against > 0) return benchAgainst(process.argv[against + 1] ?? 'HEAD', core, demo);
  benchPlanning(core, demo);
  benchParsing(core);
  benchOddLines(core);
  await benchSchedule(core, row);
  await benchServer(core);
  await benchBrowser(core);
});
