import { benchAgainst } from './lib/bench-against.mjs';
import { benchBeside } from './lib/bench-beside.mjs';
import { benchBrowser } from './lib/bench-browser.mjs';
import { benchLoad } from './lib/bench-load.mjs';
import { benchDressing } from './lib/bench-dressing.mjs';
import { benchMap } from './lib/bench-map.mjs';
import { benchMenus } from './lib/bench-menus.mjs';
import { benchMixed } from './lib/bench-mixed.mjs';
import { benchOddLines, benchParsing, benchUnderstanding } from './lib/bench-parsing.mjs';
import { benchPeople } from './lib/bench-people.mjs';
import { benchPlanning } from './lib/bench-plan.mjs';
import { benchServer } from './lib/bench-server.mjs';
import { benchSoak } from './lib/bench-soak.mjs';
import { benchSchedule } from './lib/bench-schedule.mjs';
import { benchReading } from './lib/bench-reading.mjs';
import { benchWords } from './lib/bench-words.mjs';
import { ensureBuild, ensurePackages } from './lib/machine.mjs';
import { row } from './lib/measure.mjs';
import { PlainError, runCommand } from './lib/say.mjs';

/**
 * Prints the measurements of docs/performance.md; with `--only <part>` those of one part, with
 * `--against <commit>` one edit beside that of another version.
 */
await runCommand(async () => {
  ensurePackages(['mariadb-server', 'chromium-headless-shell']);
  ensureBuild();
  const core = await import('../core/dist/node/index.js');
  const demo = await import('../demo/dist/index.js');
  const against = process.argv.indexOf('--against');
  if (against > 0) return benchAgainst(process.argv[against + 1] ?? 'HEAD', core, demo);
  const only = process.argv.indexOf('--only');
  const wanted = only > 0 ? process.argv[only + 1] : null;
  const benches = {
    plan: () => benchPlanning(core, demo),
    parsing: () => {
      benchParsing(core);
      benchOddLines(core);
      benchUnderstanding(core);
    },
    menus: () => benchMenus(core),
    words: () => benchWords(core),
    reading: () => benchReading(),
    dressing: () => benchDressing(core),
    people: () => benchPeople(core, demo),
    schedule: () => benchSchedule(core, row),
    server: () => benchServer(core),
    load: async () => {
      await benchLoad();
      await benchMixed();
      await benchBeside();
    },
    map: () => benchMap(),
    browser: () => benchBrowser(core),
  };
  if (wanted && wanted !== 'soak' && !benches[wanted])
    throw new PlainError(
      `There is no “${wanted}” to measure: choose from ${Object.keys(benches).join(', ')}.`,
    );
  // An hour is asked for by its name.
  if (wanted === 'soak') return benchSoak(core);
  for (const [name, bench] of Object.entries(benches)) if (!wanted || name === wanted) await bench();
});
