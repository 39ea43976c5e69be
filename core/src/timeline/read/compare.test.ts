import { describe, expect, it } from 'vitest';
import { noDecisions } from '../../class/index.js';
import { planClass } from '../../plan/index.js';
import { classOf, dish, kitchen, recipe, step } from '../../tests/recipes.js';
import { handsBusy, movedBetween } from './compare.js';

const salad = recipe([], {
  steps: [step('cut', { place: 'before', handsOnMinutes: 10 }), step('toss', { after: ['cut'] })],
});
const timelineOf = (pins: Record<string, number> = {}, of = salad) =>
  planClass({ class: classOf([dish(of)], { people: 4, decisions: { ...noDecisions, pins } }), kitchen })
    .timeline;

describe('one plan beside another', () => {
  it('names what moved, with both times', () => {
    const moved = movedBetween(timelineOf(), timelineOf({ 'd1/cut': -90 }));
    expect(moved[0]).toMatchObject({ id: 'd1/cut', after: -90, afterTime: '17:00' });
    expect(moved.every(({ before, after }) => before !== after)).toBe(true);
  });
  it('the same plan has nothing moved', () => expect(movedBetween(timelineOf(), timelineOf())).toEqual([]));
  it('names what came and what went', () => {
    const without = recipe([], { steps: [step('toss')] });
    expect(
      movedBetween(timelineOf(), timelineOf({}, without)).find(({ id }) => id === 'd1/cut'),
    ).toMatchObject({ after: null, afterTime: '' });
  });
});

describe('hands at work', () => {
  it(
    'one pair of yours while you cut, none of the stations before ' +
      'class, and none of anybody after the last end',
    () => {
      const timeline = timelineOf();
      const hands = handsBusy(timeline);
      const cut = timeline.clock.find(({ id }) => id === 'd1/cut')!;
      expect(hands.find(({ minute }) => minute === cut.start)).toEqual({
        minute: cut.start,
        you: 1,
        assistant: 0,
        stations: 0,
      });
      expect(hands[hands.length - 1]).toMatchObject({ you: 0, assistant: 0, stations: 0 });
    },
  );
});
