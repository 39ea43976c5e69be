import { ensureNodeModules } from './lib/machine.mjs';
import { runCommand } from './lib/say.mjs';

// What a command imports is looked for before anything of it runs: so a fresh clone gets its packages first.
await runCommand(() => ensureNodeModules());
if (!process.exitCode) await import(`./${process.argv[2]}.mjs`);
