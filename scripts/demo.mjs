import { ensureBuild, ensureNodeModules, ensurePackages } from './lib/machine.mjs';
import { runCommand } from './lib/say.mjs';
import { checkPort, dataFolder, readPort, resetData, serveUntilStopped } from './lib/serve.mjs';

await runCommand(async () => {
  const port = readPort();
  const folder = dataFolder('.fornax-demo');
  await checkPort(port);
  if (process.argv.includes('--reset')) await resetData(folder);
  ensurePackages(['mariadb-server']);
  ensureNodeModules();
  ensureBuild();
  const { address } = await serveUntilStopped({ folder, port, demo: true });
  process.stdout.write(
    `Fornax is ready with its demo kitchen: ${address}\nStop it with Ctrl+C. ` +
      `What you enter is kept; npm run demo -- --reset starts over.\n`,
  );
});
