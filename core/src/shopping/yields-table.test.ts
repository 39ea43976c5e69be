import { describe, expect, it } from 'vitest';
import { toNumber } from '../amounts/index.js';
import { findIngredient, standardLarder } from '../larder/index.js';
import { pieceSizeOf, parseIngredientLine } from '../recipes/index.js';
import { asPurchased } from './as-purchased.js';

/**
 * A line for edible portion, and as purchased worked by hand: edible ÷ yield, ÷ weight of a piece where it is
 * sold by the piece.
 */
const table = `
170 g cored apple | 170 / 0.9 / 170
82 g peeled potatoes | 82 / 0.82
85 g peeled carrots | 85 / 0.85
300 g diced celery | 300 / 0.85 / 450
178 g chopped onion | 178 / 0.89 / 150
166 g sliced spring onions | 166 / 0.83
256 g chopped kale | 256 / 0.63
320 g shredded romaine | 320 / 0.8 / 400
210 g shaved fennel | 210 / 0.7 / 250
124 g broccoli florets | 124 / 0.62 / 400
88 g trimmed green beans | 88 / 0.88
160 g shredded white cabbage | 160 / 0.8 / 900
390 g cooked beetroot | 390 / 0.78
150 g charred, peeled aubergine | 150 / 0.5 / 300
148 g diced avocado | 148 / 0.74 / 200
82 g diced red pepper | 82 / 0.82 / 170
320 g seeded cucumber | 320 / 0.8 / 350
340 g peeled cucumber | 340 / 0.85 / 350
280 g peeled, seeded cucumber | 280 / 0.7 / 350
110 g chopped parsley | 110 / 0.55
48 g torn mint | 48 / 0.48
60 g chopped dill | 60 / 0.6
80 g chopped coriander | 80 / 0.8
91 g chopped tomatoes | 91 / 0.91
70 g peeled, seeded tomatoes | 70 / 0.7
240 g drained chickpeas | 240 / 0.6
120 g drained tuna | 120 / 0.72
260 g cooked white rice | 260 / 2.6
290 g cooked bulgur | 290 / 2.9
300 g cooked quinoa | 300 / 3
230 g cooked dried chickpeas | 230 / 2.3
2 tbsp chopped walnuts | 30 * 0.5
1 cup diced beetroot | 250 * 0.6 / 0.9
3 tbsp honey | 45 * 1.42
1 cup rocket | 250 * 0.09 / 0.95
250 g beetroot | 250
4 shallots, minced | 4
2 heads fennel | 2 * 250 / 250
6 cloves garlic | 6 * 5 / 50
4 cm ginger | 4 * 6
2 handfuls rocket | 2 * 25 / 0.95
`
  .trim()
  .split('\n')
  .map((row) => {
    const [text, sum] = row.split(' | ') as [string, string];
    const bought = sum.split(' ').reduce((total, part, index, parts) => {
      const before = parts[index - 1];
      if (before === '/') return total / Number(part);
      return before === '*' ? total * Number(part) : index === 0 ? Number(part) : total;
    }, 0);
    return { text, sum, bought };
  });

describe('edible portion to as purchased', () => {
  it.each(table)('$text: $sum', ({ text, bought }) => {
    const line = parseIngredientLine(text, { system: 'metric' });
    const ingredient = findIngredient(standardLarder, line.ingredient)!;
    const result = asPurchased(
      {
        dishId: 'd',
        dishTitle: 'Dish',
        where: 'demonstration',
        count: 1,
        name: line.name,
        ingredient: ingredient.id,
        amount: { ...line.amount!, unit: line.unit! },
        pack: line.pack,
        preparation: line.preparation,
        basis: line.basis,
        size: pieceSizeOf(line.note),
        part: line.byProducts,
        optional: false,
        system: 'metric',
      },
      ingredient,
    );
    expect(result.ok && toNumber(result.need)).toBeCloseTo(bought, 6);
    expect(result.ok && result.steps.length).toBeGreaterThan(0);
  });
});
