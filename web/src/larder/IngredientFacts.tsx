import { useState } from 'react';
import {
  allergensByList,
  cautionWords,
  figuresOf,
  missingFigures,
  moneyProblem,
  monthsText,
  standardLarder,
  type Ingredient,
  type LarderFigure,
} from '@fornax/core';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useKitchen } from '../api/useLarder.js';
import { Button } from '../parts/Button.js';
import { Choice, Field } from '../parts/Field.js';
import { Quietly } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import type { LarderEntries } from './useLarderEntries.js';

const Table = styled.table`
  width: 100%;
  max-width: 640px;
  margin: 8px 0 20px;
  @media (max-width: 520px) {
    display: block;
    overflow-x: auto;
  }
  th,
  td {
    padding: 4px 12px 4px 0;
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
const Box = styled.input<{ $wrong: boolean }>`
  width: 84px;
  min-height: 30px;
  padding: 2px 8px;
  text-align: right;
  font: inherit;
  font-variant-numeric: tabular-nums;
  border: 1px solid ${({ $wrong, theme }) => ($wrong ? theme.colour.beet : '#98a29b')};
  border-radius: ${({ theme }) => theme.radius};
  &:focus-visible {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
const Problem = styled.p`
  color: ${({ theme }) => theme.colour.beet};
  font-size: 13px;
  line-height: 18px;
  white-space: normal;
`;
const Measured = styled.strong`
  color: ${({ theme }) => theme.colour.basil};
`;
const Facts = styled.dl`
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 4px 20px;
  max-width: 720px;
  dt {
    color: ${({ theme }) => theme.colour.quiet};
  }
`;
const Caution = styled.p`
  max-width: 720px;
  margin: 6px 0;
  padding-left: 10px;
  border-left: 3px solid ${({ theme }) => theme.colour.beet};
`;

const Adding = styled.form`
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 8px 12px;
  max-width: 640px;
  margin-bottom: 20px;
  > .which {
    flex: 1 1 240px;
  }
  > .value {
    flex: 0 1 140px;
  }
  > p {
    flex: 1 0 100%;
  }
`;

const sourceWords: Readonly<Record<LarderFigure['source'], string>> = {
  standard: 'standard',
  label: 'a label',
  estimate: '~ an estimate',
  measured: 'measured here',
};

/**
 * One ingredient: every figure with its source, to be replaced by the kitchen's own; and what else is known.
 */
export function IngredientFacts({ ingredient, entries }: { ingredient: Ingredient; entries: LarderEntries }) {
  const kitchen = useKitchen();
  const english = kitchen?.english ?? 'uk';
  const other = english === 'uk' ? 'us' : 'uk';
  const names = [...new Set([ingredient.names[other], ...ingredient.names.also])].filter(
    (name) => name !== ingredient.names[english],
  );
  const contains = allergensByList(ingredient.allergens, kitchen?.allergenList ?? 'eu');
  return (
    <article>
      <h2>{ingredient.names[english].charAt(0).toUpperCase() + ingredient.names[english].slice(1)}</h2>
      {names.length > 0 ? (
        <p>
          <Quietly>also {names.join(', ')}</Quietly>
        </p>
      ) : null}
      {contains.length > 0 ? (
        <p>
          <Problem as="strong">Contains {contains.join(', ')}.</Problem> <Quietly>Check the label.</Quietly>
        </p>
      ) : (
        <Quietly>No listed allergens; check the label.</Quietly>
      )}
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
        {ingredient.substitutes.length > 0 ? (
          <>
            <dt>Instead</dt>
            <dd>
              {ingredient.substitutes.map((each) => (
                <p key={each.ingredient}>
                  ~ {Math.round(each.ratio * 100) / 100} ×{' '}
                  <Link to={`/larder/${each.ingredient}`}>
                    {standardLarder.ingredients.get(each.ingredient)?.names[english] ?? each.ingredient}
                  </Link>{' '}
                  by {each.by}. <Quietly>{each.effect}</Quietly>
                </p>
              ))}
            </dd>
          </>
        ) : null}
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

function FigureRow({
  figure,
  ingredient,
  entries,
}: {
  figure: LarderFigure;
  ingredient: Ingredient;
  entries: LarderEntries;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const say = useSay();
  const save = async () => {
    if (typed === null || typed.trim() === '' || numberOf(typed) === figure.value) return setTyped(null);
    const money = moneyOf(figure.key, typed, entries);
    if (money) return setProblem(money);
    await entries.setFigure(ingredient.id, figure.key, numberOf(typed)).then(
      () => {
        setTyped(null);
        setProblem('');
      },
      (error: Error) => setProblem(error.message),
    );
  };
  const putBack = () =>
    void entries.setFigure(ingredient.id, figure.key, null).catch((error: Error) => say(error.message));
  const id = `figure-${figure.key}`;
  return (
    <tr>
      <td>
        <label htmlFor={id}>{figure.label}</label>
      </td>
      <td>
        <Box
          id={id}
          inputMode="decimal"
          value={typed ?? String(figure.value)}
          $wrong={problem !== ''}
          aria-invalid={problem !== ''}
          aria-describedby={problem ? `${id}-problem` : undefined}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => void save()}
          onKeyDown={(event) => {
            if (event.key === 'Enter') void save();
            if (event.key === 'Escape') {
              setTyped(null);
              setProblem('');
            }
          }}
        />{' '}
        {figure.unit}
        {problem ? (
          <Problem id={`${id}-problem`} role="alert">
            {problem}
          </Problem>
        ) : null}
      </td>
      <td>
        {figure.source === 'measured' ? (
          <Measured>{sourceWords.measured}</Measured>
        ) : (
          sourceWords[figure.source]
        )}
      </td>
      <td>
        {figure.source === 'measured' && !ingredient.own ? (
          <Button look="quiet" aria-label={`Put the standard figure back: ${figure.label}`} onPress={putBack}>
            standard
          </Button>
        ) : null}
      </td>
    </tr>
  );
}

/** A number with a point or a comma; not a number where nothing is written. */
const numberOf = (typed: string) =>
  typed.trim() === ''
    ? Number.NaN
    : Number(
        typed
          .replace(/[£€$¥]/g, '')
          .trim()
          .replace(',', '.'),
      );
/** Why a price as it was typed is not taken: it is in another money than the kitchen's. */
const moneyOf = (key: string, typed: string, entries: LarderEntries) =>
  key.startsWith('price') ? moneyProblem(typed, entries.currency) : '';

/** A figure that the larder does not have of this ingredient, measured and written here. */
function AddFigure({ ingredient, entries }: { ingredient: Ingredient; entries: LarderEntries }) {
  const missing = missingFigures(ingredient);
  const [chosen, setChosen] = useState('');
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const figure = missing.find(({ key }) => key === chosen) ?? missing[0];
  if (!figure) return null;
  const add = () =>
    moneyOf(figure.key, typed, entries)
      ? Promise.resolve(setProblem(moneyOf(figure.key, typed, entries)))
      : entries.setFigure(ingredient.id, figure.key, numberOf(typed)).then(
          () => {
            setChosen('');
            setTyped('');
            setProblem('');
          },
          (error: Error) => setProblem(error.message),
        );
  return (
    <Adding
      noValidate
      aria-label="Add a figure"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <div className="which">
        <Choice
          label="A figure that is missing"
          value={figure.key}
          options={missing.map(({ key, label }) => ({ id: key, name: label }))}
          onChange={(key) => {
            setChosen(key);
            setProblem('');
          }}
        />
      </div>
      <div className="value">
        <Field label={figure.unit || 'as a share, 0 to 1'} value={typed} onChange={setTyped} />
      </div>
      <Button type="submit">Add it</Button>
      {problem ? <Problem role="alert">{problem}</Problem> : null}
    </Adding>
  );
}
