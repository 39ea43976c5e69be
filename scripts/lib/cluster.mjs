import { execFile } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import { userInfo } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { setTimeout as wait } from 'node:timers/promises';
import { startBalancer } from './balancer.mjs';
import { administer } from './database-accounts.mjs';
import { closedFolder, databaseOwner, ownFolder } from './database-owner.mjs';
import { answering, environment, installMariadb, launchMariadb } from './database-process.mjs';
import { freePort } from './database.mjs';
import { keepRunning } from './keep-running.mjs';
import { peopleKey } from './people-key.mjs';
import { PlainError } from './say.mjs';
import { launchServer, prepare, serverEnvironment, today } from './serve.mjs';

const provider = '/usr/lib/galera/libgalera_smm.so';
const nodes = 3;
/** A node that joins may be sent all there is. */
const joinsWithinMilliseconds = 120_000;
const account = 'fornax';

/**
 * Three nodes of a database that agree on every change, two servers over them, and a balancer in front, all
 * on loopback. Returns the address, the parts with how to kill and stop each, and how to stop everything.
 */
export async function startCluster({ folder, port, demo }) {
  const owner = databaseOwner();
  closedFolder(folder, owner);
  const password = randomBytes(24).toString('base64url');
  const places = [];
  for (let number = 1; number <= nodes; number++) places.push(await placeOf(number, folder, owner));
  const databases = [];
  const servers = [];
  const stop = async (...more) => {
    for (const part of [...more, ...servers, ...databases.reverse()]) await part.stop();
  };
  try {
    for (const place of places) databases.push(await startNode(place, places, owner));
    openAccount(places[0], password);
    const urls = places.map((_, first) =>
      urlOf([...places.slice(first), ...places.slice(0, first)], password),
    );
    process.env.FORNAX_KEY_FILE ??= peopleKey(folder);
    prepare(serverEnvironment({ url: urls[0], demo, port }), demo ? ['demo', today()] : []);
    for (const url of urls.slice(0, 2)) servers.push(await startServer(url, demo));
    const balancer = await startBalancer(
      port,
      servers.map(({ address }) => address),
    );
    return {
      address: `http://127.0.0.1:${port}`,
      databases,
      servers,
      stop: () => stop(balancer),
    };
  } catch (error) {
    await stop();
    throw error;
  }
}

/** A folder and the ports of one node; each wants four of its own. */
async function placeOf(number, folder, owner) {
  const own = join(folder, `node-${number}`);
  closedFolder(own, owner);
  for (const part of ['files', 'run']) ownFolder(join(own, part), owner);
  const ports = {};
  for (const use of ['sql', 'group', 'changes', 'whole']) ports[use] = await freePort();
  return { number, folder: own, data: join(own, 'database'), socket: join(own, 'run', 's'), ports };
}

/** The first node of a new cluster begins it; all others, and each that is started again, join. */
async function startNode(place, places, owner) {
  if (!existsSync(join(place.data, 'mysql'))) installMariadb(place.data, owner);
  let begins = place.number === 1;
  const log = join(place.folder, 'database.log');
  const start = async () => {
    const child = launchMariadb(place.data, settings(place, places, begins), log, owner);
    begins = false;
    await answering(child, place.socket, log, joinsWithinMilliseconds);
    return child;
  };
  const kept = await keepRunning({ what: `Database ${place.number}`, start });
  return { ...kept, size: () => clusterSize(place) };
}

function settings({ number, folder, socket, ports }, places, begins) {
  const group = places.map((each) => `127.0.0.1:${each.ports.group}`).join(',');
  const options = [
    `base_port=${ports.group}`,
    `gmcast.listen_addr=tcp://127.0.0.1:${ports.group}`,
    `ist.recv_addr=127.0.0.1:${ports.changes}`,
    'gcache.size=64M',
  ];
  return [
    '--bind-address=127.0.0.1',
    `--port=${ports.sql}`,
    `--socket=${socket}`,
    `--secure-file-priv=${join(folder, 'files')}`,
    '--innodb-buffer-pool-size=64M',
    '--max-connections=60',
    '--binlog-format=ROW',
    '--innodb-autoinc-lock-mode=2',
    '--wsrep-on=ON',
    `--wsrep-provider=${provider}`,
    `--wsrep-provider-options=${options.join(';')}`,
    '--wsrep-cluster-name=fornax',
    `--wsrep-cluster-address=gcomm://${begins ? '' : group}`,
    ...(begins ? ['--wsrep-new-cluster'] : []),
    '--wsrep-node-address=127.0.0.1',
    `--wsrep-node-name=node-${number}`,
    '--wsrep-sst-method=rsync',
    `--wsrep-sst-receive-address=127.0.0.1:${ports.whole}`,
  ];
}

const run = promisify(execFile);
/** One that stands still is not waited for. */
const answersWithinMilliseconds = 1500;

/** How many nodes this one sees, itself among them; 0 where it does not answer. */
async function clusterSize({ socket }) {
  const { username } = userInfo();
  const asked = ['--no-defaults', `-u${username}`, `--socket=${socket}`, '--batch', '-e'];
  const options = { env: environment, timeout: answersWithinMilliseconds, killSignal: 'SIGKILL' };
  const question = "SHOW STATUS LIKE 'wsrep_cluster_size'";
  const stdout = await run('mariadb', [...asked, question], options).then(
    (answer) => answer.stdout,
    () => '',
  );
  return Number(/\t(\d+)/.exec(stdout)?.[1] ?? 0);
}

function openAccount({ socket }, password) {
  const done = administer(
    socket,
    `CREATE DATABASE IF NOT EXISTS ${account} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
    CREATE OR REPLACE USER ${account}@'127.0.0.1' IDENTIFIED BY '${password}';
    GRANT ALL PRIVILEGES ON ${account}.* TO ${account}@'127.0.0.1';`,
    environment,
  );
  if (done.status !== 0) throw new PlainError(`The cluster could not be opened: ${done.stderr.trim()}`);
}

function urlOf(places, password) {
  const hosts = places.map(({ ports }) => `127.0.0.1:${ports.sql}`).join(',');
  return `mariadb://${account}:${password}@${hosts}/${account}`;
}

async function startServer(url, demo) {
  const port = await freePort();
  const environmentOf = { ...serverEnvironment({ url, demo, port }), TRUST_PROXY: 'loopback' };
  const kept = await keepRunning({ what: `Server ${port}`, start: () => launchServer(environmentOf) });
  return { ...kept, address: `http://127.0.0.1:${port}` };
}

/** How many nodes each sees. */
export function sizes(databases) {
  return Promise.all(databases.map((each) => each.size()));
}

/** Waits until every node sees every other. */
export async function whole({ databases }, within = joinsWithinMilliseconds) {
  const until = performance.now() + within;
  while ((await sizes(databases)).some((size) => size !== nodes)) {
    if (performance.now() > until) throw new Error('The nodes did not come together again.');
    await wait(250);
  }
}
