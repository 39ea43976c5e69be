import type { Recipe, RecipeStep } from '../types.js';
import type { Aside } from './asides.js';

/** Remarks that help while the work is done stand with its step. */
const withStep: ReadonlySet<Aside['role']> = new Set(['rescue', 'aside']);

/**
 * A recipe with what its text says beside the work: remarks and rescues with the step that they stand
 * behind, other ways, serving ideas and keeping in the notes, chatter in the story.
 */
export function withAsides(recipe: Recipe, asides: readonly Aside[], rows: readonly string[]): Recipe {
  const texts = (is: (aside: Aside) => boolean) => asides.filter(is).map(({ text }) => text);
  const isOfStep = ({ role, behind }: Aside) => withStep.has(role) && behind >= 0;
  return {
    ...recipe,
    notes: joined(
      recipe.notes,
      texts((aside) => aside.role !== 'chatter' && !isOfStep(aside)),
    ),
    story: joined(
      recipe.story,
      texts(({ role }) => role === 'chatter'),
    ),
    steps: asides.filter(isOfStep).reduce((steps, aside) => noted(steps, aside, rows), recipe.steps),
  };
}

const joined = (before: string, texts: readonly string[]) => [before, ...texts].filter(Boolean).join('\n');

/** The step that a row became last takes the remark; a row may have been cut into several. */
function noted(
  steps: readonly RecipeStep[],
  { text, behind }: Aside,
  rows: readonly string[],
): readonly RecipeStep[] {
  const row = lettersOf(rows[behind] ?? '');
  const own = steps.findLastIndex((step) => row.includes(lettersOf(step.text)));
  const at = own < 0 ? Math.min(behind, steps.length - 1) : own;
  return steps.map((step, index) =>
    index === at ? { ...step, techniqueNote: [step.techniqueNote, text].filter(Boolean).join(' ') } : step,
  );
}

const lettersOf = (text: string) => text.toLowerCase().replace(/[^\p{L}\d]/gu, '');
