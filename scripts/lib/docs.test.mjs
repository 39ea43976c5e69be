import { readFileSync, readdirSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { pages } from '../docs.mjs';
import { root } from './machine.mjs';

const folder = join(root, 'docs');
const names = readdirSync(folder).filter((name) => name.endsWith('.md'));

describe('documents', () => {
  // Figures of a run of the tests cannot be known while they run.
  it('have their figures as npm run docs writes them', async () => {
    for (const { path, is, mustBe } of await pages(['tests']))
      expect([basename(path), is]).toEqual([basename(path), mustBe]);
  });

  it.each([...names.map((name) => join(folder, name)), join(root, 'README.md')])(
    'every file that %s links is there',
    (path) => {
      const text = readFileSync(path, 'utf8');
      const linked = [...text.matchAll(/\]\((?!https?:|#)([^)#\s]+)/g)].map(([, to]) =>
        join(dirname(path), to),
      );
      expect(linked.filter((to) => !exists(to))).toEqual([]);
    },
  );
});

function exists(path) {
  return readdirSync(dirname(path)).includes(basename(path));
}
