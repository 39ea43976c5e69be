import type { RecipeChoice, When } from '@fornax/core';
import { Choice } from '../parts/Field.js';

/** Ties a line or a step to one way of a choice. */
export function WhenChoice({
  choices,
  when,
  onChange,
}: {
  choices: readonly RecipeChoice[];
  when: When | null;
  onChange: (when: When | null) => void;
}) {
  if (choices.length === 0) return null;
  const options = [
    { id: 'always', name: 'always' },
    ...choices.flatMap((choice) =>
      choice.options.map((option) => ({
        id: `${choice.id}/${option.id}`,
        name: `${choice.name}: ${option.name}`,
      })),
    ),
  ];
  const change = (id: string) => {
    const [choice, option] = id.split('/');
    onChange(choice && option ? { choice, option } : null);
  };
  return (
    <Choice
      label="Only when"
      value={when ? `${when.choice}/${when.option}` : 'always'}
      options={options}
      onChange={change}
    />
  );
}
