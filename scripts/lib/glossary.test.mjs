import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { root } from './machine.mjs';

const [terms, retired] = readFileSync(join(root, 'docs', 'glossary.md'), 'utf8').split('## Retired');
const rowsOf = (text) =>
  [...text.matchAll(/^\| (?!term|not|---)(.+?) \| (.+?) \|$/gm)].map(([, a, b]) => [a, b]);
const sources = execFileSync('git', ['ls-files', '*.ts', '*.tsx', '*.mjs'], { cwd: root, encoding: 'utf8' })
  .split('\n')
  .filter((path) => path && !path.endsWith('glossary.test.mjs'))
  .map((path) => [path, new Set(readFileSync(join(root, path), 'utf8').match(/[A-Za-z_$][\w$]*/g))]);

describe('the glossary', () => {
  it('has each term once, each with a sentence', () => {
    const names = rowsOf(terms).map(([term]) => term);
    expect(names.length).toBeGreaterThanOrEqual(60);
    expect(names).toEqual([...new Set(names)]);
  });
  it.each(rowsOf(retired))('%s is retired, the code says %s', (old, now) => {
    const has = (word) =>
      sources.filter(([, words]) => words.has(word.replaceAll('`', ''))).map(([path]) => path);
    expect(has(old)).toEqual([]);
    expect(has(now)).not.toEqual([]);
  });
});
