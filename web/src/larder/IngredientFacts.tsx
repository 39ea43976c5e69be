import { Link } from 'react-router';
import styled from 'styled-components';
import {
  allergensByList,
  capital,
  cautionWords,
  figuresOf,
  type English,
  type Ingredient,
  monthsText,
  standardLarder,
} from '@fornax/core';
import { useKitchen } from '../api/useLarder.js';
import { Quietly } from '../parts/states.js';
import { AddFigure, FigureRow, Problem } from './FigureRow.js';
import type { LarderEntries } from '../api/useLarderEntries.js';
import { OfThisKitchen } from './OfThisKitchen.js';
import { PageHeading } from '../parts/page.js';

const Table = styled.table`
  width: 100%;
  max-width: 40rem;
  margin: 0.5rem 0 1.25rem;
  @media (max-width: 32.5em) {
    display: block;
    overflow-x: auto;
  }
  th,
  td {
    padding: 0.25rem 0.75rem 0.25rem 0;
    text-align: left;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    vertical-align: middle;
  }
  thead th {
    font-weight: 400;
    color: ${({ theme }) => theme.colour.quiet};
    border-bottom: 1.5px solid ${({ theme }) => theme.colour.ink};
  }
  td:nth-child(2) {
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
  }
  tr:last-child td {
    border-bottom-color: ${({ theme }) => theme.colour.ink};
  }
`;
const Facts = styled.dl`
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 0.25rem 1.25rem;
  max-width: 45rem;
  dt {
    color: ${({ theme }) => theme.colour.quiet};
  }
`;
const Caution = styled.p`
  max-width: 45rem;
  margin: 0.375rem 0;
  padding-left: 0.625rem;
  border-left: 3px solid ${({ theme }) => theme.colour.beet};
`;

/**
 * One ingredient: every figure with its source, to be replaced by the kitchen's own; and what else is known.
 */
export function IngredientFacts({ ingredient, entries }: { ingredient: Ingredient; entries: LarderEntries }) {
  const kitchen = useKitchen();
  const english = kitchen?.english ?? 'uk';
  return (
    <article>
      <PageHeading level={2} names={[capital(ingredient.names[english]), 'Larder']}>
        {capital(ingredient.names[english])}
      </PageHeading>
      <NamesAndAllergens ingredient={ingredient} />
      <OfThisKitchen ingredient={ingredient} entries={entries} />
      <Table>
        <thead>
          <tr>
            <th scope="col">Figure</th>
            <th scope="col">Value</th>
            <th scope="col">Comes from</th>
            <th scope="col">
              <Quietly>Put back</Quietly>
            </th>
          </tr>
        </thead>
        <tbody>
          {figuresOf(ingredient).map((figure) => (
            <FigureRow key={figure.key} figure={figure} ingredient={ingredient} entries={entries} />
          ))}
        </tbody>
      </Table>
      <AddFigure key={ingredient.id} ingredient={ingredient} entries={entries} />
      <Facts>
        <dt>Sold as</dt>
        <dd>
          {ingredient.packs.map((pack) => packWords(pack, ingredient.shoppingUnit)).join(', ') ||
            'not bought'}
        </dd>
        <dt>In season</dt>
        <dd>
          {ingredient.seasonMonths.length > 0 ? monthsText(ingredient.seasonMonths) : 'no season'}
          {kitchen?.hemisphere === 'south' && ingredient.seasonMonths.length > 0
            ? ' in the north, six months later here'
            : ''}
        </dd>
        <dt>Eaten by</dt>
        <dd>{dietWords(ingredient.diet)}</dd>
        <Instead ingredient={ingredient} english={english} />
      </Facts>
      {ingredient.cautions.map((caution) => (
        <Caution key={caution}>
          {cautionWords[caution]}{' '}
          <Quietly>Follow your local food code and a qualified person’s advice.</Quietly>
        </Caution>
      ))}
    </article>
  );
}

function NamesAndAllergens({ ingredient }: { ingredient: Ingredient }) {
  const kitchen = useKitchen();
  const english = kitchen?.english ?? 'uk';
  const other = english === 'uk' ? 'us' : 'uk';
  const names = [...new Set([ingredient.names[other], ...ingredient.names.also])].filter(
    (name) => name !== ingredient.names[english],
  );
  const contains = allergensByList(ingredient.allergens, kitchen?.allergenList ?? 'eu');
  return (
    <>
      {names.length > 0 ? (
        <p>
          <Quietly>also {names.join(', ')}</Quietly>
        </p>
      ) : null}
      {ingredient.allergensNotKnown ? (
        <Problem as="strong">Its allergens are not known.</Problem>
      ) : contains.length > 0 ? (
        <p>
          <Problem as="strong">Contains {contains.join(', ')}.</Problem> <Quietly>Check the label.</Quietly>
        </p>
      ) : (
        <Quietly>No listed allergens; check the label.</Quietly>
      )}
    </>
  );
}

function Instead({ ingredient, english }: { ingredient: Ingredient; english: English }) {
  return (
    <>
      {ingredient.substitutes.length > 0 ? (
        <>
          <dt>Instead</dt>
          <dd>
            {ingredient.substitutes.map((substitute) => (
              <p key={substitute.ingredient}>
                ~ {Math.round(substitute.ratio * 100) / 100} ×{' '}
                <Link to={`/larder/${substitute.ingredient}`}>
                  {standardLarder.ingredients.get(substitute.ingredient)?.names[english] ??
                    substitute.ingredient}
                </Link>{' '}
                by {substitute.by}. <Quietly>{substitute.effect}</Quietly>
              </p>
            ))}
          </dd>
        </>
      ) : null}
    </>
  );
}

function dietWords({ unknown, vegan, vegetarian, pork }: Ingredient['diet']): string {
  if (unknown) return 'not known';
  if (vegan) return 'vegans too';
  return `${vegetarian ? 'vegetarians' : 'neither vegetarians nor vegans'}${pork ? '; it is pork' : ''}`;
}

function packWords(pack: Ingredient['packs'][number], unit: Ingredient['shoppingUnit']): string {
  if (pack.loose) return `loose, in steps of ${pack.size} ${unit}`;
  const size = unit === 'piece' ? (pack.size === 1 ? '' : ` of ${pack.size}`) : ` of ${pack.size} ${unit}`;
  return `${pack.name || (unit === 'piece' ? 'piece' : 'pack')}${size}`;
}
