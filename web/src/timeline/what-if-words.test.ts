import { parseRecipeText, planClass, usualKitchen, type ClassBundle } from '@fornax/core';
import { describe, expect, it } from 'vitest';
import { nameWhatIf, sayDifference, sayEffect, titlesOf, whatIfsFor } from './what-if-words.js';

const titleOf = (id: string) => (id === 'd1/peel' ? 'Peel the beetroot' : id);
const timeAt = (minute: number) => `+${minute}`;

describe('changes in words', () => {
  it.each([
    [{ kind: 'assistant' }, 'One assistant more'],
    [{ kind: 'longer', minutes: 15 }, 'Class 15 min longer'],
    [{ kind: 'appliance', appliance: 'oven' }, 'Twice the oven'],
    [{ kind: 'unpin', task: 'd1/peel' }, 'Unpin “Peel the beetroot”'],
    [{ kind: 'before', step: 'd1/peel' }, 'Do “Peel the beetroot” before class'],
    [{ kind: 'in class', step: 'd1/peel' }, 'Let students do “Peel the beetroot”'],
    [{ kind: 'leave out', step: 'd1/peel' }, 'Leave out “Peel the beetroot”'],
    [{ kind: 'swap', dish: 'd1/peel' }, 'A ready-made swap of “Peel the beetroot”'],
  ] as const)('%j is “%s”', (whatIf, words) => expect(nameWhatIf(whatIf, titleOf)).toBe(words));
  it.each([
    [
      { usedPercent: 70, overrunMinutes: 0, clashes: 0, firstStart: -90 },
      '70 % of the class used, the day begins +-90, no clash',
    ],
    [
      { usedPercent: 120, overrunMinutes: 30, clashes: 1, firstStart: 0 },
      '120 % of the class used, 30 min over, the day begins +0, 1 clash',
    ],
    [
      { usedPercent: 90, overrunMinutes: 0, clashes: 3, firstStart: 0 },
      '90 % of the class used, the day begins +0, 3 clashes',
    ],
  ])('%j is said', (effect, words) => expect(sayEffect(effect, timeAt)).toBe(words));
});

describe('a change beside the class as it is', () => {
  const effect = (atWorkPercent: number, usedPercent: number, clashes = 0, overrunMinutes = 0) => ({
    whatIf: null,
    atWorkPercent,
    usedPercent,
    clashes,
    overrunMinutes,
    firstStart: 0,
  });
  it('what moves from what to what, and what stays', () => {
    expect(sayDifference(effect(62, 80), effect(70, 84))).toBe(
      'Hands at work 62 → 70 %, class used 80 → 84 %, no clash',
    );
    expect(sayDifference(effect(62, 80), effect(62, 104, 2, 6))).toBe(
      'Hands at work 62 % as before, class used 80 → 104 %, 6 min over, 2 clashes',
    );
  });
});

describe('what can be tried', () => {
  const bundle: ClassBundle = {
    class: {
      id: 'c',
      title: 'C',
      startsAt: '2026-11-27T18:30',
      zone: 'Europe/London',
      lengthMinutes: 90,
      place: '',
      people: 4,
      peoplePerStation: 4,
      assistants: 0,
      demonstrationPlates: 0,
      dishes: [],
    },
    kitchen: { ...usualKitchen, name: 'Test kitchen' },
  };
  const { timeline } = planClass(bundle);
  it('appliances only where the class uses them', () => {
    expect(whatIfsFor(bundle, timeline)).toEqual([
      { kind: 'assistant' },
      { kind: 'longer', minutes: 15 },
      { kind: 'shorter', minutes: 15 },
    ]);
    const roasting = { ...timeline, clock: [{ ...timeline.clock[0]!, lane: 'oven' as const }] };
    expect(whatIfsFor(bundle, roasting)).toContainEqual({ kind: 'appliance', appliance: 'oven' });
    expect(whatIfsFor(bundle, roasting)).toContainEqual({ kind: 'without', appliance: 'oven' });
  });
  it('titles come from the clock, and no id is ever shown', () => {
    expect(titlesOf(timeline, [])('welcome')).toBe('Welcome, hands, knives and safety');
    expect(titlesOf(timeline, [])('d9/gone')).toBe('a job that is gone');
  });
  it('a step has its title where no plan was found, and nothing is on the clock', () => {
    const recipe = parseRecipeText('Slaw\nIngredients\n1 carrot\nMethod\n1. Peel the carrot. Cut it.', {
      system: 'metric',
    });
    const dish = { id: 'd1', recipe } as unknown as ClassBundle['class']['dishes'][number];
    const find = titlesOf({ ...timeline, clock: [], daysBefore: [] }, [dish]);
    expect([find('d1'), find(`d1/${recipe.steps[0]!.id}`)]).toEqual(['Slaw', 'Peel the carrot']);
  });
});
