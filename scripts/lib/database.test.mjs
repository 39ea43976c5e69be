import { spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createConnection } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startDatabase } from './database.mjs';
import { usableFolder } from './database-owner.mjs';

const isRoot = process.getuid() === 0;
const nobody = { uid: 65534, gid: 65534 };
let folder;
let database;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'fornax-database-'));
  database = await startDatabase(folder);
});
afterAll(async () => {
  await database.stop();
  rmSync(folder, { recursive: true, force: true });
});

/** A statement as the application, or as whoever. */
function ask(statement, { user = 'fornax', password = '', as = {} } = {}) {
  const done = spawnSync(
    'mariadb',
    ['--no-defaults', `-u${user}`, `--socket=${database.socket}`, '--batch', '-e', statement],
    { encoding: 'utf8', env: { ...process.env, MYSQL_PWD: password }, ...as },
  );
  return { status: done.status, said: `${done.stdout}${done.stderr}` };
}
const own = () => ({ password: decodeURIComponent(new URL(database.url).password) });
const mode = (path) => (statSync(path).mode & 0o777).toString(8);

describe('the database', () => {
  it('does not run as root, and not on the network', async () => {
    const status = readFileSync(`/proc/${database.pid()}/status`, 'utf8');
    expect(/^Uid:\s+(\d+)/m.exec(status)[1]).not.toBe('0');
    const refused = await new Promise((resolve) => {
      createConnection(3306, '127.0.0.1')
        .once('error', ({ code }) => resolve(code))
        .once('connect', () => resolve('connected'));
    });
    expect(refused).toBe('ECONNREFUSED');
  });
  it('keeps temporary tables in a folder of its own, where no other that starts deletes them', () => {
    expect(ask('SELECT @@tmpdir', own()).said).toContain(join(folder, 'database.tmp'));
    expect(mode(join(folder, 'database.tmp'))).toBe('700');
  });
  it('its folders, its log and its password are closed to others', () => {
    expect(mode(join(folder, 'database'))).toBe('700');
    expect(mode(join(folder, 'secrets'))).toBe('700');
    expect(mode(join(folder, 'secrets', 'database'))).toBe('600');
    expect(mode(join(folder, 'database.log'))).toBe('600');
    expect(mode(dirname(database.socket))).toBe('700');
    expect(mode(folder)).toBe(isRoot ? '750' : '700');
  });
  it('the application reaches its own schema and no other', () => {
    expect(ask('CREATE TABLE fornax.t (a INT); DROP TABLE fornax.t', own()).status).toBe(0);
    for (const statement of [
      'SELECT * FROM mysql.global_priv',
      'CREATE DATABASE other',
      `SELECT 1 INTO OUTFILE '${folder}/database-files/x'`,
      "SELECT LOAD_FILE('/etc/hostname') IS NULL AND 1 / (SELECT 0) FROM mysql.user",
      'GRANT ALL ON *.* TO fornax@localhost',
    ])
      expect(ask(statement, own()), statement).toMatchObject({ status: 1, said: /denied|not allowed/i });
  });
  it('without the password nobody gets in, nor does root by name', () => {
    for (const user of ['fornax', 'root', 'mysql', ''])
      expect(ask('SELECT 1', { user: user || 'anonymous', as: isRoot ? nobody : {} }).status).not.toBe(0);
    expect(ask('SELECT 1', { password: 'guess' }).status).not.toBe(0);
  });
  it.runIf(isRoot)('another user of the machine sees neither data nor password nor socket', () => {
    for (const path of [join(folder, 'database', 'ibdata1'), join(folder, 'secrets', 'database')])
      expect(spawnSync('cat', [path], nobody).status).not.toBe(0);
    expect(spawnSync('ls', [dirname(database.socket)], nobody).status).not.toBe(0);
  });
});

describe('where the data is', () => {
  it.runIf(isRoot)('a checkout that the database’s user cannot enter has its data elsewhere', () => {
    const home = mkdtempSync(join(tmpdir(), 'fornax-home-'));
    chmodSync(home, 0o700);
    expect(usableFolder(join(home, '.fornax'), false)).toMatch(
      /^\/var\/lib\/fornax\/[0-9a-f]{12}\/\.fornax$/,
    );
    expect(() => usableFolder(join(home, '.fornax'), true)).toThrow(
      `The database runs as “mysql”, which cannot enter ${home}: choose another folder with FORNAX_DATA.`,
    );
    chmodSync(home, 0o755);
    expect(usableFolder(join(home, '.fornax'), false)).toBe(join(home, '.fornax'));
    rmSync(home, { recursive: true });
  });
  it('data of a version before, root’s own and without a password, is taken over and closed', async () => {
    const older = mkdtempSync(join(tmpdir(), 'fornax-database-'));
    const data = join(older, 'database');
    const method = '--auth-root-authentication-method=normal';
    const user = isRoot ? ['--user=root'] : [];
    const install = ['--no-defaults', method, '--skip-test-db', `--datadir=${data}`, ...user];
    spawnSync('mariadb-install-db', install, { env: { ...process.env, TMPDIR: older } });
    const taken = await startDatabase(older);
    const tryIn = (name) =>
      spawnSync('mariadb', ['--no-defaults', `-u${name}`, `--socket=${taken.socket}`, '-e', 'SELECT 1'], {
        ...(isRoot ? nobody : {}),
      }).status;
    expect(tryIn('root')).not.toBe(0);
    expect(mode(data)).toBe('700');
    await taken.stop();
    const again = await startDatabase(older);
    expect(again.url.replace(/socketPath.*/, '')).toBe(taken.url.replace(/socketPath.*/, ''));
    await again.stop();
    rmSync(older, { recursive: true, force: true });
  });
  it('what a killed one left of its socket is cleared away', async () => {
    const other = mkdtempSync(join(tmpdir(), 'fornax-database-'));
    const left = mkdtempSync(join(tmpdir(), 'fornax-'));
    writeFileSync(join(other, 'socket'), left);
    const again = await startDatabase(other);
    expect(existsSync(left)).toBe(false);
    await again.stop();
    rmSync(other, { recursive: true, force: true });
  });
});
