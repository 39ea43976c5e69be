import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './machine.mjs';

const folder = join(root, 'core/src/recipes');

/**
 * Sentences with their roles: those of the corpus of roles, and the steps of the corpus of methods, in which
 * everything is work but what says how long it keeps.
 */
export async function corpusOfRoles() {
  const { labelledSentences } = await import('../../core/dist/recipes/reading/train.js');
  const own = labelledSentences(readFileSync(join(folder, 'reading/corpus/roles.txt'), 'utf8'));
  const methods = readFileSync(join(folder, 'intake/corpus/methods.txt'), 'utf8');
  const rows = methods.split('\n').filter((row) => row.trim() && !/^[@=]/.test(row) && /[.!]$/.test(row));
  const steps = rows
    .flatMap((row) => row.split(/(?<=[.!])\s+/))
    .filter((text) => text.split(' ').length > 2 && !/\bkeeps?\b|\bwill keep\b/i.test(text))
    .map((text) => ({ genre: 'method', role: 'step', text }));
  return [...own, ...steps];
}
