import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { freePort, startDatabase } from './database.mjs';
import { lockFolder } from './folder-lock.mjs';
import { root } from './machine.mjs';
import { checkPort, readPort, resetData, startFornax, today } from './serve.mjs';

let folder;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'fornax-scripts-'));
});
afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
});

function listenOn(port) {
  return new Promise((resolve) => {
    const server = createServer().listen(port, '127.0.0.1', () => resolve(server));
  });
}

/** Runs a command of the project; its exit code and what it said. */
function command(name, environment = {}, args = []) {
  const done = spawnSync(process.execPath, [join(root, 'scripts', name), ...args], {
    env: { ...process.env, ...environment },
    encoding: 'utf8',
    timeout: 60_000,
  });
  return { code: done.status, said: `${done.stdout}${done.stderr}`.trim() };
}

/** Packages that a file imports before anything of it runs, itself or through its own files. */
function packagesOf(file, seen = new Set()) {
  if (seen.has(file)) return [];
  seen.add(file);
  const imported = [...readFileSync(file, 'utf8').matchAll(/^(?:import|export)[^;]*?from '([^']+)'/gm)];
  return imported.flatMap(([, from]) => {
    if (from.startsWith('.')) return packagesOf(join(dirname(file), from), seen);
    return from.startsWith('node:') ? [] : [`${from} in ${file}`];
  });
}

describe('commands', () => {
  const { scripts } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'));
  const commands = Object.entries(scripts).filter(([, line]) => line.startsWith('node '));
  it.each(commands)('npm run %s starts in a clone that has no packages yet', (_, line) => {
    expect(packagesOf(join(root, line.split(' ')[1]))).toEqual([]);
  });
  it('there are some', () => expect(commands.length).toBeGreaterThan(10));
});

describe('ports', () => {
  it('one in use is told in a sentence', async () => {
    const port = await freePort();
    const server = await listenOn(port);
    await expect(checkPort(port)).rejects.toThrow(
      `Port ${port} is in use: choose another with PORT=${port + 1}.`,
    );
    const { code, said } = command('demo.mjs', { PORT: String(port), FORNAX_DATA: folder });
    expect([code, said]).toEqual([1, `Port ${port} is in use: choose another with PORT=${port + 1}.`]);
    server.close();
  });
  it('one that is none is told', () => {
    expect(command('start.mjs', { PORT: 'harbour' })).toEqual({
      code: 1,
      said: '“harbour” is no port: choose a number from 1 to 65535.',
    });
    expect(readPort()).toBe(4600);
  });
});

describe('what is missing on the machine', () => {
  it('without apt it says what to install', () => {
    const bin = join(folder, 'bin');
    mkdirSync(bin);
    const shell = spawnSync('sh', ['-c', 'command -v sh'], { encoding: 'utf8' }).stdout.trim();
    writeFileSync(join(bin, 'sh'), `#!${shell}\nexit 1\n`, { mode: 0o755 });
    const { code, said } = command('demo.mjs', { PATH: bin, FORNAX_DATA: folder, PORT: '4788' });
    expect(code).toBe(1);
    expect(said).toBe(
      'Fornax needs mariadb-server, and there is no apt here: install it ' +
        "with this machine's package manager and start again.",
    );
  });
});

describe('the data folder', () => {
  it('is not emptied when it is not Fornax’s own', async () => {
    writeFileSync(join(folder, 'letter.txt'), 'keep me');
    await expect(resetData(folder)).rejects.toThrow('holds no Fornax data, so it was not emptied');
    expect(existsSync(join(folder, 'letter.txt'))).toBe(true);
  });
  it('is emptied when it is, unless Fornax runs with it', async () => {
    mkdirSync(join(folder, 'database'));
    const relaxed = lockFolder(folder);
    await expect(resetData(folder)).rejects.toThrow('Fornax is running with the data in');
    relaxed();
    await resetData(folder);
    expect(existsSync(folder)).toBe(false);
  });
  it('a database that cannot come up is told in a sentence', async () => {
    mkdirSync(join(folder, 'database', 'mysql'), { recursive: true });
    await expect(startDatabase(folder)).rejects.toThrow(
      /^The database did not come up: .+ The whole log is in .+database\.log\.$/,
    );
    expect(existsSync(join(folder, 'running.pid'))).toBe(false);
  });
  it('a lock whose process is gone is taken over, one that runs is not', async () => {
    writeFileSync(join(folder, 'running.pid'), '999999');
    const database = await startDatabase(folder);
    await expect(startDatabase(folder)).rejects.toThrow('Fornax is running already with the data in');
    await database.stop();
    expect(existsSync(join(folder, 'running.pid'))).toBe(false);
  });
});

describe('two copies', () => {
  it('stand side by side, and each keeps what was entered through a stop', async () => {
    const other = mkdtempSync(join(tmpdir(), 'fornax-scripts-'));
    const [one, two] = await Promise.all([
      startFornax({ folder, port: await freePort(), demo: true }),
      startFornax({ folder: other, port: await freePort(), demo: false }),
    ]);
    expect(await (await fetch(`${one.address}/api/session/options`)).json()).toEqual({
      demo: true,
      firstStart: false,
    });
    expect(await (await fetch(`${two.address}/api/session/options`)).json()).toEqual({
      demo: false,
      firstStart: true,
    });
    await fetch(`${two.address}/api/accounts`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Origin: two.address },
      body: JSON.stringify({
        kitchenName: 'Two',
        name: 'Bo',
        email: 'bo@example.org',
        password: 'a long password',
      }),
    });
    await Promise.all([one.stop(), two.stop()]);
    const again = await startFornax({ folder: other, port: await freePort(), demo: false });
    expect(await (await fetch(`${again.address}/api/session/options`)).json()).toEqual({
      demo: false,
      firstStart: false,
    });
    await again.stop();
    rmSync(other, { recursive: true, force: true });
  });
});

describe('the date', () => {
  it('is local and whole', () => expect(today()).toMatch(/^\d{4}-\d{2}-\d{2}$/));
});
