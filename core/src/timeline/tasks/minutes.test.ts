import { describe, expect, it } from 'vitest';
import { nameOfWait, waitingText } from './titles.js';

const steps: [string, string][] = [
  ['Cut the carrots on the slant, oil them and roast in one layer.', 'Roast the carrots'],
  ['Wrap the beetroot and roast it.', 'Roast the beetroot'],
  ['Tear and oil the flatbreads and toast them.', 'Toast the flatbreads'],
  ['Pick over the beans and soak them in plenty of cold water.', 'Soak the beans'],
  ['Throw the soaking water away, boil the beans hard for ten minutes in fresh water.', 'Boil the beans'],
  ['Shred the cabbage, salt it and leave it in a strainer.', 'Leave the cabbage'],
  ['Prick the aubergines and char them in a very hot oven.', 'Char the aubergines'],
  ['Toast the hazelnuts in the oven, rub off the skins and chop.', 'Toast the hazelnuts'],
  [
    'Boil the eggs nine minutes from boiling, then into ice water.',
    'Boil the eggs nine minutes from boiling',
  ],
  ['Stir it well, then chill.', 'Chill'],
  ['Cover ten minutes.', 'Cover ten minutes'],
];

describe('what a bar of waiting is called', () => {
  it.each(steps)('“%s” is “%s”', (text, waiting) => expect(waitingText(text)).toBe(waiting));
  it('told apart from the work before it', () => {
    expect(nameOfWait('Cut the carrots and roast them.')).toBe('Roast the carrots');
    expect(nameOfWait('Boil the farro in plenty of water.')).toBe('Boil the farro: waiting');
  });
});
