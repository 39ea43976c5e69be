import { planClass } from '@fornax/core';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CreateClassDto, fieldProblems, RecipeContentDto, StockDto, UpdateKitchenDto } from './index.js';
import { anything, bundleOf } from './tests/anything.js';

/** So many in each run; FORNAX_CLASSES asks for more, as npm run torture does. */
const classes = Number(process.env.FORNAX_CLASSES ?? 500);
/** Only a plan that does not end takes so long; what one takes is measured by npm run bench. */
const longestMilliseconds = 60_000;

function isTaken(shape: new () => object, value: object): boolean {
  const found = fieldProblems(
    validateSync(plainToInstance(shape, value), { whitelist: true, forbidNonWhitelisted: true }),
  );
  return found.length === 0;
}

describe('anything that can be saved', () => {
  it(`${classes} random kitchens, classes and recipes: each has a plan, or says why not`, () => {
    let planned = 0;
    let slowest = 0;
    fc.assert(
      fc.property(anything, (drawn) => {
        const saved =
          isTaken(UpdateKitchenDto, drawn.kitchen) &&
          isTaken(CreateClassDto, drawn.facts) &&
          drawn.recipes.every((recipe) => isTaken(RecipeContentDto, recipe)) &&
          drawn.stock.every((item) => isTaken(StockDto, item));
        if (!saved) return;
        planned++;
        const start = performance.now();
        const { timeline } = planClass(bundleOf(drawn));
        slowest = Math.max(slowest, performance.now() - start);
        expect(timeline.clock.length > 0 || timeline.clashes.length > 0).toBe(true);
      }),
      { numRuns: classes, interruptAfterTimeLimit: 290_000 },
    );
    expect(planned).toBeGreaterThan(classes * 0.8);
    expect(slowest).toBeLessThan(longestMilliseconds);
  });
});
