import { ensureBuild, ensureNodeModules, ensurePackages } from './lib/machine.mjs';
import { runCommand } from './lib/say.mjs';
import { checkPort, dataFolder, readPort, serveUntilStopped } from './lib/serve.mjs';

await runCommand(async () => {
  const port = readPort();
  await checkPort(port);
  ensurePackages(['mariadb-server']);
  const folder = dataFolder('.fornax');
  ensureNodeModules();
  ensureBuild();
  const { address } = await serveUntilStopped({ folder, port, demo: false });
  process.stdout.write(`Fornax is ready: ${address}\nIts data is in ${folder}. Stop it with Ctrl+C.\n`);
});
