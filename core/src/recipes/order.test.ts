import { describe, expect, it } from 'vitest';
import { recipe, step } from '../tests/recipes.js';
import { addStep, moveLine, moveStep, nextId, removeComponent, removeStep } from './order.js';

const two = recipe(['1 lemon', '2 limes', '3 oranges'], {
  components: [
    { id: 'c1', name: 'Salad', role: 'base' },
    { id: 'c2', name: 'Dressing', role: 'dressing' },
  ],
});
const order = (lines: typeof two.lines) => lines.map(({ id, componentId }) => `${id}@${componentId}`);
const chain = [
  step('s1'),
  step('s2', { after: ['s1'] }),
  step('s3', { after: ['s2'] }),
  step('s4', { after: ['s1', 's3'] }),
];
const afters = (steps: typeof chain) => steps.map(({ id, after }) => `${id}<${after.join('+')}`);

describe('lines', () => {
  it('before another line, and with it into its component', () => {
    const moved = moveLine(two.lines, 'l3', { endOf: 'c2' });
    expect(order(moved)).toEqual(['l1@c1', 'l2@c1', 'l3@c2']);
    expect(order(moveLine(moved, 'l1', { before: 'l3' }))).toEqual(['l2@c1', 'l1@c2', 'l3@c2']);
  });
  it('to itself or to nothing known is no move', () =>
    expect([
      order(moveLine(two.lines, 'l1', { before: 'l1' })),
      order(moveLine(two.lines, 'l9', { endOf: 'c2' })),
    ]).toEqual([order([...two.lines]), order([...two.lines])]));
  it('ids are never given twice', () =>
    expect(nextId('l', [{ id: 'l1' }, { id: 'l4' }, { id: 'l3' }])).toBe('l5'));
});

describe('steps', () => {
  it(
    'the first moved down: what followed still follows, what ' + 'joined two keeps only what stands above',
    () => {
      expect(afters(moveStep(chain, 0, 2))).toEqual(['s2<', 's3<s2', 's1<s3', 's4<s1+s3']);
      expect(afters(moveStep(chain, 3, 1))).toEqual(['s1<', 's4<s1', 's2<s4', 's3<s2']);
    },
  );
  it('one taken out hands on what it waited for', () =>
    expect(afters(removeStep(chain, 's3'))).toEqual(['s1<', 's2<s1', 's4<s1+s2']));
  it('a new one follows the last', () =>
    expect(afters(addStep(chain.slice(0, 2), step('s9')))).toEqual(['s1<', 's2<s1', 's9<s2']));
});

describe('components', () => {
  it('one taken out leaves its lines to the first', () =>
    expect(
      order([...removeComponent({ ...two, lines: moveLine(two.lines, 'l3', { endOf: 'c2' }) }, 'c2').lines]),
    ).toEqual(['l1@c1', 'l2@c1', 'l3@c1']));
  it('the last one stays', () =>
    expect(removeComponent(recipe(['1 lemon']), 'c1').components).toHaveLength(1));
});
