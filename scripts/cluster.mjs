import { join } from 'node:path';
import { startCluster } from './lib/cluster.mjs';
import { ensureBuild, ensurePackages } from './lib/machine.mjs';
import { runCommand } from './lib/say.mjs';
import { checkPort, dataFolder, readPort, resetData } from './lib/serve.mjs';

/** Three databases, two servers and a balancer on this machine, to see Fornax on more than one. */
await runCommand(async () => {
  const port = readPort();
  await checkPort(port);
  ensurePackages(['mariadb-server', 'galera-4', 'rsync']);
  ensureBuild();
  const folder = dataFolder('.fornax-cluster');
  await resetData(folder, join(folder, 'node-1'));
  const cluster = await startCluster({ folder, port, demo: true });
  let isStopping = false;
  const end = async () => {
    if (isStopping) return;
    isStopping = true;
    await cluster.stop();
    process.exit(0);
  };
  process.on('SIGINT', () => void end());
  process.on('SIGTERM', () => void end());
  process.stdout.write(
    `Fornax is ready on three databases and two servers: ${cluster.address}\n` +
      'It begins with the demo kitchen each time. Stop it with Ctrl+C.\n',
  );
});
