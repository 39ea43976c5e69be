import type { ComponentId } from '../identity/index.js';
import type { Form } from '../larder/index.js';
import { cacheByOwner } from '../identity/index.js';
import { type ActingStep, doing, either, type Recipe, type RecipeLine, saying } from '../recipes/index.js';

/** What steps do to a line that changes what is left of it. */
const forms: readonly (readonly [Form, (step: ActingStep) => boolean])[] = [
  ['charred', either(doing('char', 'blacken', 'blister'), saying('charred skin'))],
  ['peeled', either(doing('peel', 'skin'), saying('skin off'))],
  ['seeded', doing('seed', 'deseed', 'de-seed')],
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
        const using = steps.filter(({ uses }) => uses.some((use) => use.line === line.id));
        const added = forms.filter(
          ([form, isGiven]) => using.some(isGiven) && !line.preparation.includes(form),
        );
        return added.length === 0
          ? line
          : { ...line, preparation: [...line.preparation, ...added.map(([form]) => form)] };
      }),
    );
}

const remembered = cacheByOwner<RecipeLine, RecipeLine>();
