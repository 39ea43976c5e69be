import { useMemo } from 'react';
import {
  allergenSentence,
  capital,
  type KitchenFacts,
  type Larder,
  notKnownWords,
  type Recipe,
  recipeFacts,
} from '@fornax/core';
import styled from 'styled-components';
import { Quietly } from '../parts/states.js';
import { Figure } from '../parts/workings.js';
import { ErrorText } from '../parts/kit.js';

const Strip = styled.dl`
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.75rem;
  margin: 0.75rem 0 0.25rem;
  padding: 0.5rem 0;
  border-top: 1px solid ${({ theme }) => theme.colour.ink};
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  dt {
    color: ${({ theme }) => theme.colour.quiet};
    font-size: ${({ theme }) => theme.size.small};
    line-height: 1.125rem;
  }
  dd {
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
    @media (max-width: 32.5em) {
      white-space: normal;
    }
  }
  > div {
    flex: none;
    max-width: 100%;
  }
  button {
    max-width: none;
  }
`;
const Cautions = styled.details`
  margin-bottom: 0.5rem;
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
  summary {
    cursor: pointer;
    color: ${({ theme }) => theme.colour.beet};
    font-weight: 600;
  }
  li {
    padding: 2px 0;
  }
`;

/**
 * What is worked out of a recipe as it stands: yield, batch, minutes, season, cost, allergens and cautions.
 */
export function FactsStrip({
  recipe,
  larder,
  kitchen,
}: {
  recipe: Recipe;
  larder: Larder;
  kitchen: KitchenFacts;
}) {
  const { facts, allergens, notKnown, diets, cautions } = useMemo(
    () =>
      recipeFacts(recipe, {
        larder,
        english: kitchen.english,
        allergenList: kitchen.allergenList,
        currency: kitchen.currency,
        hemisphere: kitchen.hemisphere,
      }),
    [recipe, larder, kitchen],
  );
  return (
    <>
      <Strip aria-label="Worked out">
        {facts.map((fact) => (
          <div key={fact.id}>
            <dt>{fact.label}</dt>
            <dd>
              <Figure id={`fact:${fact.id}`} workings={fact.workings} text={fact.text} label={fact.label} />
            </dd>
          </div>
        ))}
      </Strip>
      {allergens.length + notKnown.length > 0 ? (
        <ErrorText>{capital(allergenSentence(allergens, notKnown))}.</ErrorText>
      ) : (
        <Quietly>{capital(allergenSentence([], []))}.</Quietly>
      )}
      {notKnown.length > 0 ? <Quietly> Diets {notKnownWords(notKnown)}.</Quietly> : null}
      {diets.length > 0 ? <Quietly> {diets.join(', ')} by the larder; check the labels.</Quietly> : null}
      {cautions.length > 0 ? (
        <Cautions>
          <summary>
            {cautions.length} {cautions.length === 1 ? 'caution' : 'cautions'}
          </summary>
          <ul>
            {cautions.map((caution) => (
              <li key={caution.sentence}>
                <strong>{caution.ingredient}:</strong> {caution.sentence}
              </li>
            ))}
          </ul>
          <Quietly>Follow your local food code and a qualified person’s advice.</Quietly>
        </Cautions>
      ) : null}
    </>
  );
}
