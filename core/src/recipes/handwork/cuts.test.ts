import { describe, expect, it } from 'vitest';
import { parseIngredientLine } from '../intake/line/line.js';
import { lineOf } from '../intake/line/recipe-line.js';
import { step } from '../../tests/recipes.js';
import { cutOf, cutsOfStep } from './cuts.js';
import { workOf } from './work.js';

const carrot = { id: 'carrot', section: 'vegetables' } as const;
const cuts: [string, string | null][] = [
  ['2 cucumbers, diced', 'dice, 6 mm'],
  ['2 finely diced cucumbers', 'fine dice, 3 mm'],
  ['3 tomatoes, roughly chopped', 'large dice, 12 mm'],
  ['1 mango, cut into chunks', 'large dice, 12 mm'],
  ['2 carrots, cut into matchsticks', 'matchsticks, 3 × 3 × 40 mm'],
  ['1 fennel bulb, thinly sliced', 'slices, 2 mm'],
  ['1 fennel bulb, sliced', 'slices, 4 mm'],
  ['2 courgettes in ribbons', 'ribbons, 3 mm'],
  ['1 aubergine, in bite-sized pieces', 'forkable, 20 mm'],
  ['1 aubergine, in 2 cm cubes', 'cubes, 20 mm'],
  ['2 carrots, in slices 5 mm thick', 'slices, 4 mm'],
  ['2 carrots, in 5 mm slices', 'slices, 5 mm'],
  ['1–2 cm pieces of carrot', 'pieces, 10–20 mm'],
  ['2 carrots', null],
];

describe('a cut is a specification', () => {
  it.each(cuts)('“%s”: %s', (text, words) => expect(cutOf(text, carrot)?.words ?? null).toBe(words));
  it('a bite of onion, garlic or ginger would be too much: finer', () => {
    expect(cutOf('1 red onion, diced', { id: 'red-onion', section: 'vegetables' })?.words).toBe(
      'fine dice, 3 mm',
    );
    expect(cutOf('2 cloves garlic, sliced', { id: 'garlic', section: 'vegetables' })?.words).toBe(
      'thin slices, 2 mm',
    );
  });
  it('nuts, herbs and bread have no size; 5 cm of ginger is no cut', () => {
    expect(cutOf('walnuts, sliced', { id: 'walnut', section: 'nuts and seeds' })).toBeNull();
    expect(cutOf('4 slices of bread', { id: 'bread', section: 'bakery' })).toBeNull();
    expect(cutOf('5 cm of ginger', { id: 'ginger', section: 'vegetables' })).toBeNull();
  });
  it('a step names each of its cuts once', () => {
    expect(cutsOfStep('Dice the tomatoes, slice the onion thinly and dice the cucumber.')).toEqual([
      'dice, 6 mm',
      'slices, 2 mm',
    ]);
    expect(cutsOfStep('Serve with slices of lemon.')).toEqual([]);
  });
});

describe('minutes follow the size', () => {
  const minutes = (line: string) => {
    const lines = [lineOf(parseIngredientLine(line, { system: 'metric' }), 0, 'c1')];
    const [parts] = workOf({
      steps: [step('s', { text: 'Put it in.', uses: [{ line: 'l1', share: '1' }] })],
      lines,
      system: 'metric',
    });
    return parts![0]!;
  };
  it('500 g tomatoes diced 4; fine 4 × 1.4 = 5.6; in chunks 4 × 0.7 = 2.8', () => {
    expect(minutes('500 g tomatoes, diced')).toMatchObject({ what: 'tomatoes, diced, 6 mm', minutes: 4 });
    expect(minutes('500 g tomatoes, finely diced').minutes).toBeCloseTo(5.6);
    expect(minutes('500 g tomatoes, roughly chopped').minutes).toBeCloseTo(2.8);
  });
});
