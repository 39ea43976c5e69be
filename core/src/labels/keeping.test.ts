import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { parseRecipeText } from '../recipes/index.js';
import { dishKeeping } from './keeping.js';

const keeping = (...lines: string[]) =>
  dishKeeping(
    parseRecipeText(['Test', 'Serves 4', '', ...lines].join('\n'), { system: 'metric' }).lines,
    standardLarder,
  );

describe('how long a dish keeps, by what keeps worst in it', () => {
  it.each([
    ['200 g smoked duck breast', 2, 'cooked meat or opened fish'],
    ['100 g chorizo', 2, 'cooked meat or opened fish'],
    ['4 merguez', 2, 'cooked meat or opened fish'],
    ['2 sea bass fillets', 1, 'fish and shellfish'],
    ['200 g crayfish tails', 1, 'fish and shellfish'],
    ['100 g camembert', 3, 'fresh dairy, tofu or mayonnaise'],
    ['200 g paneer', 3, 'fresh dairy, tofu or mayonnaise'],
    ['200 g wild rice', 1, 'cooked rice: within 24 hours'],
    ['100 g mizuna', 1, 'cut leaves'],
    ['3 tbsp champagne vinegar', 3, 'cut vegetables and fruit'],
  ])('%s: %i days', (line, days, why) => expect(keeping(line)).toEqual({ days, why }));
});
