import { ensureBuild, ensureNodeModules, ensurePackages, wishPackages } from './lib/machine.mjs';
import { runCommand } from './lib/say.mjs';
import { checkPort, dataFolder, readPort, serveUntilStopped } from './lib/serve.mjs';

await runCommand(async () => {
  const port = readPort();
  await checkPort(port);
  const isOwn = !process.env.FORNAX_DATABASE;
  if (isOwn) ensurePackages(['mariadb-server']);
  wishPackages(['chromium-headless-shell'], 'cards and labels can be printed, but not saved as PDF');
  const folder = isOwn ? dataFolder('.fornax') : '';
  ensureNodeModules();
  ensureBuild();
  const { address } = await serveUntilStopped({ folder, port, demo: false });
  const where = isOwn ? `in ${folder}` : 'in the database that FORNAX_DATABASE names';
  process.stdout.write(`Fornax is ready: ${address}\nIts data is ${where}. Stop it with Ctrl+C.\n`);
});
