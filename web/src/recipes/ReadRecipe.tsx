import styled from 'styled-components';
import { useMemo } from 'react';
import { findCautions, type Larder, type Recipe, type SafetyProfile } from '@fornax/core';
import { AmountText } from '../parts/AmountText.js';
import { Quietly } from '../parts/states.js';
import { Cautions } from './Cautions.js';
import { Look } from './Look.js';
import { RecipeNotes } from './RecipeNotes.js';
import { StepList } from './StepList.js';

const Reading = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 17.5rem) minmax(0, 1fr);
  gap: 2.5rem;
  margin-top: 1rem;
  @media (max-width: 56.25em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Component = styled.section`
  margin-bottom: 1rem;
  h2 {
    font-size: ${({ theme }) => theme.size.lead};
    line-height: 1.375rem;
  }
  li {
    padding: 0.25rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    overflow-wrap: anywhere;
  }
`;

export function ReadRecipe({
  recipe,
  larder,
  profile,
}: {
  recipe: Recipe;
  larder: Larder;
  profile: SafetyProfile;
}) {
  const cautions = useMemo(() => findCautions('', { recipe, larder, profile }), [recipe, larder, profile]);
  return (
    <>
      {recipe.story ? <p>{recipe.story}</p> : null}
      {recipe.choices.length > 0 ? (
        <p>
          <Quietly>
            {recipe.choices
              .map((choice) => `${choice.name}: ${choice.options.map(({ name }) => name).join(' or ')}`)
              .join(' · ')}
          </Quietly>
        </p>
      ) : null}
      <Reading>
        <div>
          {recipe.components.map((component) => (
            <Component key={component.id}>
              <h2>{component.name}</h2>
              <ul>
                {recipe.lines
                  .filter((line) => line.componentId === component.id)
                  .map((line) => (
                    <li key={line.id}>
                      <AmountText text={line.text} />
                      {wayOf(recipe, line)}
                      {line.unread ? <Look>{line.unread}</Look> : null}
                    </li>
                  ))}
              </ul>
            </Component>
          ))}
          {recipe.lines.length === 0 ? <Quietly>No ingredient lines yet.</Quietly> : null}
          <p>
            <Quietly>
              {[recipe.source, recipe.credit && `credit: ${recipe.credit}`, recipe.permission]
                .filter(Boolean)
                .join(' · ')}
            </Quietly>
          </p>
        </div>
        <div>
          <Cautions found={cautions.filter(({ stepId }) => stepId === null)} />
          <StepList recipe={recipe} notesBeside cautions={cautions} />
          <RecipeNotes recipe={recipe} />
        </div>
      </Reading>
    </>
  );
}

/** The way that a line or step belongs to, set quietly behind it. */
function wayOf(recipe: Recipe, part: Pick<Recipe['lines'][number], 'when'>) {
  const option = recipe.choices
    .find((choice) => choice.id === part.when?.choice)
    ?.options.find(({ id }) => id === part.when?.option);
  return option ? <Quietly> only {option.name}</Quietly> : null;
}
