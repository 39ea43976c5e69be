import { describe, expect, it } from 'vitest';
import { larderOf } from '../larder/index.js';
import { readNeeds } from '../people/index.js';
import { parseRecipeText } from '../recipes/index.js';
import { hostileKinds, hostileText } from '../tests/hostile-texts.js';
import { pace } from '../tests/pace.js';
import { readRecipeFile } from './recipe-file.js';
import { readStockCsv } from './stock-csv.js';

/** So long is soon on any machine. */
const soonMilliseconds = 2000;
/** What takes longer is measured by the machine's pace: far more than any takes, far less than a hang. */
const mostPaces = 300;
const options = { system: 'metric', larder: larderOf([]) } as const;

/** All that reads what somebody pasted or a file holds. */
const readers: Readonly<Record<string, (text: string) => unknown>> = {
  'a pasted recipe': (text) => parseRecipeText(text, options),
  'a file of recipes': (text) => readRecipeFile(text, options),
  'needs in a sentence': (text) => readNeeds(text.slice(0, 2000)),
  'a table of stock': (text) => readStockCsv(text.slice(0, 1_000_000), options.larder),
};

describe.each(Object.entries(readers))('%s that is made to hang its reader', (_, read) => {
  it.each(hostileKinds.map((kind) => [kind.name, kind] as const))('is read soon: %s', (_name, kind) => {
    for (const characters of [10_000, 100_000, 1_000_000]) {
      const text = hostileText(kind, characters);
      const begun = performance.now();
      read(text);
      const taken = performance.now() - begun;
      if (taken > soonMilliseconds) expect(taken / pace()).toBeLessThan(mostPaces);
    }
  });
});
