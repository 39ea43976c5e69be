import { describe, expect, it } from 'vitest';
import { moreWrittenRecipes } from '../../../tests/texts/more-written-recipes.js';
import { writtenRecipes } from '../../../tests/texts/written-recipes.js';
import { showRange } from '../../../words/index.js';
import type { Recipe } from '../../types.js';
import { looseEnds } from '../../loose-ends.js';
import { parseRecipeText } from './text.js';

const corpus = [...writtenRecipes, ...moreWrittenRecipes];
const amountOf = ({ amount, unit }: Recipe['lines'][number]) =>
  amount ? `${amount.low}${amount.high === amount.low ? '' : `..${amount.high}`} ${unit}` : '–';

function stepOf(step: Recipe['steps'][number], recipe: Recipe): string {
  const { waitMinutes } = step;
  const wait = waitMinutes ? ` + ${showRange(waitMinutes.low, waitMinutes.high)}` : '';
  const used = step.uses.map(({ line, share }) => {
    const { ingredient, name } = recipe.lines.find((each) => each.id === line)!;
    return `${share === '1' ? '' : `${share} `}${ingredient ?? name}`;
  });
  return [
    `${step.handsOnMinutes}${wait}`,
    step.place,
    step.occupies ? [step.occupies.appliance, step.occupies.setting].filter(Boolean).join(' ') : '–',
    used.join(', ') || '–',
  ].join(' | ');
}

describe.each(corpus.map((written) => ({ name: written.facts.title, ...written })))(
  '$name',
  ({ system, text, facts, lines, steps, unlisted = [], marked = [] }) => {
    const recipe = parseRecipeText(text, { system });
    it('title, servings and components', () => {
      const { title, serves, portion, kind, components } = recipe;
      expect({ title, serves, portion, kind, components: components.map(({ name }) => name) }).toEqual(facts);
    });
    it('every line under its component', () => {
      const names = new Map(recipe.components.map(({ id, name }) => [id, name]));
      expect(
        recipe.lines.map(
          (line) => `${names.get(line.componentId)} | ${amountOf(line)} | ${line.ingredient ?? '–'}`,
        ),
      ).toEqual(lines);
    });
    it('every step with its minutes, place, appliance and what it uses', () =>
      expect(recipe.steps.map((step) => stepOf(step, recipe))).toEqual(steps));
    it('what is open is told, and nothing else', () => {
      expect(looseEnds(recipe)).toEqual({ unused: [], partly: [], unlisted });
      expect(recipe.lines.filter((line) => line.unread !== '').map((line) => line.text)).toEqual(marked);
    });
  },
);
