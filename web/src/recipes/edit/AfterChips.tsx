import { X } from 'lucide-react';
import { shortTitle } from '@fornax/core';
import { Choice } from '../../parts/Choice.js';
import { Chip, Chips } from './chips.js';
import type { StepEditorProps } from './step-editor-props.js';

/** What the step comes after, as chips that let go of it, and a choice of what else it comes after. */
export function AfterChips({
  step,
  index,
  recipe,
  onToggleAfter,
}: Pick<StepEditorProps, 'step' | 'index' | 'recipe' | 'onToggleAfter'>) {
  const others = recipe.steps.filter(({ id }) => id !== step.id && !step.after.includes(id));
  const titleOf = (id: string) => shortTitle(recipe.steps.find((each) => each.id === id)?.text ?? '');
  return (
    <>
      <Chips aria-label={`What step ${index + 1} comes after`}>
        {step.after.map((id) => (
          <li key={id}>
            <Chip
              type="button"
              $held
              aria-label={`Step ${index + 1} no longer comes after: ${titleOf(id)}`}
              onClick={() => onToggleAfter(id)}
            >
              after: {titleOf(id)}
              <X size={12} aria-hidden />
            </Chip>
          </li>
        ))}
        {step.after.length === 0 ? <li>Can begin at once.</li> : null}
      </Chips>
      {others.length > 0 ? (
        <Choice<string>
          label="Comes after"
          value=""
          options={[
            { id: '', name: 'choose …' },
            ...others.map(({ id }) => ({
              id,
              name: `${recipe.steps.findIndex((each) => each.id === id) + 1}. ${titleOf(id)}`,
            })),
          ]}
          onChange={(id) => {
            if (id) onToggleAfter(id);
          }}
        />
      ) : null}
    </>
  );
}
