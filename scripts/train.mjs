import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './lib/machine.mjs';
import { roleWeightsModule } from './lib/role-weights.mjs';

/** Learns the weights by which sentences are told apart. */
writeFileSync(join(root, 'core/src/recipes/reading/data/role-weights.ts'), await roleWeightsModule());
