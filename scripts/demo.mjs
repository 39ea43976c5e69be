import { ensureBuild, ensureNodeModules, ensurePackages, wishPackages } from './lib/machine.mjs';
import { runCommand } from './lib/say.mjs';
import { checkPort, dataFolder, readPort, resetData, serveUntilStopped } from './lib/serve.mjs';

await runCommand(async () => {
  const port = readPort();
  await checkPort(port);
  ensurePackages(['mariadb-server']);
  wishPackages(['chromium-headless-shell'], 'cards and labels can be printed, but not saved as PDF');
  const folder = dataFolder('.fornax-demo');
  if (process.argv.includes('--reset')) await resetData(folder);
  ensureNodeModules();
  ensureBuild();
  const { address } = await serveUntilStopped({ folder, port, demo: true });
  process.stdout.write(
    `Fornax is ready with its demo kitchen: ${address}\nStop it with Ctrl+C. ` +
      `What you enter is kept in ${folder}; npm run demo -- --reset starts over.\n`,
  );
});
