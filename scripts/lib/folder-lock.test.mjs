import { execFile } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { isHeld, lockFolder } from './folder-lock.mjs';

let folder;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'fornax-lock-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const lock = () => join(folder, 'running.pid');

describe('the lock of a data folder', () => {
  it('is held by the process that has it, until it lets go', () => {
    const relaxed = lockFolder(folder);
    expect(isHeld(folder)).toBe(true);
    expect(() => lockFolder(folder)).toThrow('Fornax is running already');
    relaxed();
    expect([isHeld(folder), existsSync(lock())]).toEqual([false, false]);
    lockFolder(folder)();
    expect(readdirSync(folder)).toEqual([]);
  });

  // This process lives, and is no Fornax that started then: as in a container, where numbers come again.
  it.each([
    ['a number alone', () => String(process.pid)],
    ['another start', () => `${process.pid} 12 ${bootOf()}\n`],
    ['another boot of the machine', () => `${process.pid} ${startOf()} 0b9c\n`],
    ['a number that nobody has', () => '4999999 12 0b9c\n'],
    ['nothing, as a disk without room leaves it', () => ''],
  ])('of a process that has ended is taken over, though another has its number: %s', (_, text) => {
    writeFileSync(lock(), text());
    expect(isHeld(folder)).toBe(false);
    const relaxed = lockFolder(folder);
    expect(isHeld(folder)).toBe(true);
    relaxed();
    expect(readdirSync(folder)).toEqual([]);
  });

  it('that is left behind is taken over by one of many that start at once', async () => {
    writeFileSync(lock(), '4999999 12 0b9c\n');
    const file = new URL('./folder-lock.mjs', import.meta.url).href;
    const script = `import { lockFolder } from '${file}';
      try { lockFolder(${JSON.stringify(folder)}); process.stdout.write('held'); process.stdin.resume(); }
      catch (error) { process.stdout.write('refused'); }`;
    const starts = Array.from({ length: 8 }, () => start(script));
    const said = await Promise.all(starts.map(({ first }) => first));
    for (const { child } of starts) child.kill();
    expect(said.filter((word) => word === 'held')).toHaveLength(1);
  });
});

function start(script) {
  const child = execFile(process.execPath, ['--input-type=module', '-e', script]);
  const first = new Promise((resolve) => {
    child.stdout.once('data', (chunk) => resolve(String(chunk)));
  });
  return { child, first };
}

const bootOf = () => readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim();
const startOf = () => readFileSync('/proc/self/stat', 'utf8').split(') ').pop().split(' ')[19];
