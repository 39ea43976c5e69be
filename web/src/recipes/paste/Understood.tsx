import type { FieldProblem } from '@fornax/contract';
import type { Recipe } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../../parts/Button.js';
import { Quietly, Row } from '../../parts/states.js';
import { yieldSaid } from '../yield-said.js';
import { LookHere } from '../../parts/kit.js';

const Part = styled.section`
  margin-bottom: 1.5rem;
`;
const Problems = styled.ul`
  margin: 0.75rem 0;
  color: ${({ theme }) => theme.colour.beet};
`;

/** The recipes of a text that has several, of which one is shown. */
export function Dishes({
  recipes,
  shown,
  onShow,
}: {
  recipes: readonly Recipe[];
  shown: number;
  onShow: (index: number) => void;
}) {
  if (recipes.length < 2) return null;
  return (
    <Row role="group" aria-label="Recipes of this text">
      {recipes.map((recipe, index) => (
        <Button
          key={`${index} ${recipe.title}`}
          look={index === shown ? 'act' : 'plain'}
          aria-pressed={index === shown}
          onPress={() => onShow(index)}
        >
          {recipe.title || `Recipe ${index + 1}`}
        </Button>
      ))}
    </Row>
  );
}

/** What a recipe was understood as, and the button that keeps all of them. */
export function Understood({
  recipe,
  count,
  problems,
  canKeep,
  onKeep,
}: {
  recipe: Recipe | null;
  count: number;
  problems: readonly FieldProblem[];
  canKeep: boolean;
  onKeep: () => void;
}) {
  const marked = recipe?.lines.filter((line) => line.unread !== '').length ?? 0;
  return (
    <Part>
      <h2>{recipe?.title || 'What was understood'}</h2>
      {recipe ? (
        <Quietly>
          {recipe.kind}, serves {recipe.serves}
          {yieldSaid(recipe)} · {recipe.lines.length} lines, {recipe.steps.length} steps
        </Quietly>
      ) : (
        <Quietly>Nothing yet.</Quietly>
      )}
      {marked > 0 ? (
        <>
          {' '}
          · <LookHere>{marked} to look at</LookHere>
        </>
      ) : null}
      {problems.length > 0 ? (
        <Problems role="alert">
          {problems.map((problem) => (
            <li key={problem.field + problem.sentence}>{problem.sentence}</li>
          ))}
        </Problems>
      ) : null}
      <Row>
        <Button look="act" isDisabled={!canKeep} onPress={onKeep}>
          {count > 1 ? `Save ${count} recipes` : 'Save recipe'}
        </Button>
      </Row>
    </Part>
  );
}
