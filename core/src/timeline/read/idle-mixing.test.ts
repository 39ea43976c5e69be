import { describe, expect, it } from 'vitest';
import { planClass } from '../../plan/index.js';
import { classOf, dish, kitchen, recipe, step } from '../../tests/recipes.js';

/** A dressing that is whisked, and holds about 10 minutes; then potatoes that take so long. */
function mixings(minutesBetween: number) {
  const salad = recipe(['800 g potatoes', '60 ml olive oil', '20 ml wine vinegar'], {
    steps: [
      step('whisk', {
        text: 'Whisk the oil and vinegar.',
        techniques: ['whisk-dressing'],
        uses: [
          { line: 'l2', share: '1' },
          { line: 'l3', share: '1' },
        ],
      }),
      step('cut', { text: 'Cut the potatoes.', handsOnMinutes: minutesBetween, after: ['whisk'] }),
      step('pour', { text: 'Pour the dressing over and toss.', after: ['whisk', 'cut'] }),
    ],
  });
  const { timeline } = planClass({ kitchen, class: classOf([dish(salad)]) });
  return {
    titles: timeline.clock.filter(({ kind }) => kind === 'students').map(({ title }) => title),
    pour: timeline.clock.find(({ ref }) => ref.stepId === 'pour')!,
  };
}

describe('a dressing is mixed again only where it will have separated', () => {
  it('poured 4 × 1.5 = 6 minutes after whisking: not again, and pouring comes after both', () => {
    const { titles, pour } = mixings(4);
    expect(titles).not.toContain('Mix the dressing again just before pouring');
    expect(pour.after).toContain('d1/whisk');
  });
  it('30 × 1.5 ÷ 2 = 23 minutes later it is', () =>
    expect(mixings(30).titles).toContain('Mix the dressing again just before pouring'));
});
