import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { root } from './machine.mjs';
import { roleWeightsModule } from './role-weights.mjs';

it('the weights of sentences are those that the corpus teaches (npm run train)', async () => {
  const written = readFileSync(join(root, 'core/src/recipes/reading/data/role-weights.ts'), 'utf8');
  expect(written === (await roleWeightsModule())).toBe(true);
});
