import type { ComponentId } from '../identity/index.js';
import type { Form } from '../larder/index.js';
import { rememberLast } from '../identity/index.js';
import type { Recipe, RecipeLine } from '../recipes/index.js';

/** What steps do to a line that changes what is left of it. */
const forms: readonly (readonly [Form, RegExp])[] = [
  ['charred', /\b(?:char|burn the skin|blacken|blister|over the flame)/i],
  ['peeled', /\b(?:peel|skin them|skins? (?:off|away)|scoop|scrape out)/i],
  ['seeded', /\b(?:seed|deseed)/i],
];

/**
 * The lines of a dressing or dip as its steps make them: "3 aubergines" that are charred and scooped out are
 * what is left of them.
 */
export function linesAsMade({ lines, steps }: Recipe, componentId: ComponentId): RecipeLine[] {
  return lines
    .filter((line) => line.componentId === componentId)
    .map((line) =>
      remembered(line, [steps], () => {
        const words = steps
          .filter(({ uses }) => uses.some((use) => use.line === line.id))
          .map(({ text }) => text)
          .join(' ');
        const added = forms.filter(
          ([form, pattern]) => pattern.test(words) && !line.preparation.includes(form),
        );
        return added.length === 0
          ? line
          : { ...line, preparation: [...line.preparation, ...added.map(([form]) => form)] };
      }),
    );
}

const remembered = rememberLast<RecipeLine, RecipeLine>();
