import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { parseIngredientLine, showRational, type RecipeComponent } from '@fornax/core';
import { Link } from 'react-router';
import styled from 'styled-components';
import { recipesQuery } from '../../api/queries.js';
import { Choice } from '../../parts/Choice.js';
import { Field } from '../../parts/Field.js';
import { Quietly } from '../../parts/states.js';

const Box = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 5.625rem;
  gap: 0.5rem;
  margin: 0.25rem 0 0.375rem 1.625rem;
  font-size: ${({ theme }) => theme.size.small};
`;

/** Says whether a component's lines stand here or another recipe makes it, and how many batches of it. */
export function SubRecipe({
  component,
  recipeId,
  onChange,
}: {
  component: RecipeComponent;
  recipeId: string;
  onChange: (sub: RecipeComponent['recipe']) => void;
}) {
  const { data: recipes = [] } = useQuery(recipesQuery);
  const [typed, setTyped] = useState<string | null>(null);
  const sub = component.recipe ?? null;
  const options = [
    { id: 'here', name: 'lines written here' },
    ...recipes
      .filter(({ id }) => id !== recipeId)
      .map(({ id, title }) => ({ id, name: `made by “${title}”` })),
  ];
  const read = typed === null ? null : parseIngredientLine(`${typed} x`, { system: 'metric' }).amount;
  const changeBatches = (text: string) => {
    setTyped(text);
    const amount = parseIngredientLine(`${text} x`, { system: 'metric' }).amount;
    if (amount && sub) onChange({ ...sub, batches: amount.low });
  };
  if (!sub && recipes.length === 0) return null;
  return (
    <Box>
      <Choice
        label={`What makes ${component.name}`}
        hideLabel
        value={sub?.recipeId ?? 'here'}
        options={options}
        onChange={(id) => onChange(id === 'here' ? null : { recipeId: id, batches: sub?.batches ?? '1' })}
      />
      {sub ? (
        <Field
          label={`Batches of it for ${component.name}`}
          hideLabel
          value={typed ?? showRational(sub.batches)}
          onChange={changeBatches}
          onBlur={() => setTyped(null)}
          problem={typed !== null && !read ? 'Write 1, ½ or 1 1/2.' : undefined}
        />
      ) : (
        <span />
      )}
      {sub ? (
        <Quietly>
          batches of{' '}
          <Link to={`/recipes/${sub.recipeId}`}>
            {recipes.find(({ id }) => id === sub.recipeId)?.title ?? 'a recipe that is not in the library'}
          </Link>
          ; its lines and steps come along.
        </Quietly>
      ) : null}
    </Box>
  );
}
