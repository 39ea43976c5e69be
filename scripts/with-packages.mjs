import { ensureNodeModules } from './lib/machine.mjs';
import { runCommand } from './lib/say.mjs';

// What a command imports is looked for before anything of it runs: so a fresh clone gets its packages first.
await runCommand(() => ensureNodeModules());
// The command sees its own arguments alone.
const [name] = process.argv.splice(2, 1);
if (!process.exitCode) await import(`./${name}.mjs`);
