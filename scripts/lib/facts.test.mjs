import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import { describe, expect, it } from 'vitest';
import { moduleOf, tables } from '../facts.mjs';

describe('tables of facts', () => {
  it.each(tables().map((each) => [basename(each.path), each]))(
    '%s stands in its module as it is in the file (npm run facts)',
    (_, { path, module }) => expect(readFileSync(module, 'utf8')).toBe(moduleOf(path)),
  );
});
