import type { RecipeChoice, When } from '@fornax/core';
import { Choice } from '../parts/Choice.js';

const always = { id: 'always', name: 'always' };

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
  const ways = choices.flatMap((choice) =>
    choice.options.map((option) => {
      const way: When = { choice: choice.id, option: option.id };
      return { id: idOfWay(way), name: `${choice.name}: ${option.name}`, way };
    }),
  );
  return (
    <Choice
      label="Only when"
      value={when ? idOfWay(when) : always.id}
      options={[always, ...ways]}
      onChange={(id) => onChange(ways.find((each) => each.id === id)?.way ?? null)}
    />
  );
}

function idOfWay({ choice, option }: When): string {
  return `${choice}/${option}`;
}
