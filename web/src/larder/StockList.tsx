import { useState } from 'react';
import { getLocalTimeZone, today } from '@internationalized/date';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { StockView } from '@fornax/contract';
import { Link } from 'react-router';
import styled from 'styled-components';
import { v7 as uuid } from 'uuid';
import { readStockLine, showDate, showRational, toNumber, unitName } from '@fornax/core';
import { ApiError, call } from '../api/client.js';
import { stockQuery } from '../api/queries.js';
import { Button } from '../parts/Button.js';
import { daysAhead } from '../parts/dates.js';
import { DateField } from '../parts/DateTimeFields.js';
import { Field } from '../parts/Field.js';
import { Empty, Failed, Loading, Quietly } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import type { LarderEntries } from '../api/useLarderEntries.js';
import { useKitchen } from '../api/useLarder.js';
import { PageHeading } from '../parts/page.js';
import { StockFiles } from './StockFiles.js';
import { Due, Over } from '../parts/kit.js';

const Form = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 2fr) 10rem 9.375rem minmax(0, 1fr) auto;
  gap: 0.625rem;
  align-items: start;
  max-width: 56.25rem;
  margin: 0.5rem 0 1rem;
  > button {
    margin-top: 1.25rem;
  }
  @media (max-width: 62.5em) {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  @media (max-width: 25em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Table = styled.table`
  width: 100%;
  max-width: 56.25rem;
  @media (max-width: 32.5em) {
    display: block;
    overflow-x: auto;
  }
  td,
  th {
    padding: 0.3125rem 1rem 0.3125rem 0;
    text-align: left;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  thead th {
    font-weight: 400;
    color: ${({ theme }) => theme.colour.quiet};
    border-bottom: 1.5px solid ${({ theme }) => theme.colour.ink};
  }
  td {
    font-variant-numeric: tabular-nums;
  }
`;
/** Within these days a date is pointed out. */
const soonDays = 3;

/** What is in the cupboard, with its dates. */
export function StockList({ entries }: { entries: LarderEntries }) {
  const { data: stock, error, refetch } = useQuery(stockQuery);
  const client = useQueryClient();
  const kitchen = useKitchen();
  const say = useSay();
  const refresh = () => client.invalidateQueries({ queryKey: stockQuery.queryKey });
  const remove = async (row: StockView) => {
    await call(`/stock/${row.id}`, { method: 'DELETE' });
    await refresh();
    say(`Removed from the cupboard: ${nameOf(entries, row)}.`, {
      label: 'Undo',
      run: () => void call(`/stock/${row.id}/restore`, { method: 'POST' }).then(refresh),
    });
  };
  return (
    <article>
      <PageHeading level={2} names={['In the cupboard', 'Larder']}>
        In the cupboard
      </PageHeading>
      <AddStock entries={entries} onAdded={refresh} />
      {stock ? (
        <StockFiles stock={stock} entries={entries} english={kitchen?.english ?? 'uk'} onTaken={refresh} />
      ) : null}
      {error && !stock ? <Failed error={error} onRetry={() => void refetch()} /> : null}
      {!stock && !error ? <Loading what="the cupboard" /> : null}
      {stock?.length === 0 ? (
        <Empty title="Nothing is written down">
          Write what you have, as in a recipe: “500 g dried chickpeas”. Give its date where it has one.
        </Empty>
      ) : null}
      {stock && stock.length > 0 ? (
        <Table>
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">How much</th>
              <th scope="col">Use by</th>
              <th scope="col">Note</th>
              <th scope="col">
                <Quietly>Used up</Quietly>
              </th>
            </tr>
          </thead>
          <tbody>
            {stock.map((row) => (
              <StockRow
                key={row.id}
                row={row}
                name={nameOf(entries, row)}
                onUsedUp={() => void remove(row).catch((failure: Error) => say(failure.message))}
              />
            ))}
          </tbody>
        </Table>
      ) : null}
    </article>
  );
}

function StockRow({ row, name, onUsedUp }: { row: StockView; name: string; onUsedUp: () => void }) {
  return (
    <tr>
      <td>
        <Link to={`/larder/${row.ingredient}`}>{name}</Link>
        {row.state ? <Quietly>, {row.state}</Quietly> : null}
      </td>
      <td>
        {showRational(row.amount.low)} {unitName(row.amount.unit, toNumber(row.amount.high))}
      </td>
      <td>
        <UseBy date={row.useBy} />
      </td>
      <td>{row.note}</td>
      <td>
        <Button look="quiet" aria-label={`Used up: ${name}`} onPress={onUsedUp}>
          used up
        </Button>
      </td>
    </tr>
  );
}

function nameOf(entries: LarderEntries, row: StockView): string {
  return entries.larder.ingredients.get(row.ingredient)?.names.uk ?? row.ingredient;
}

function UseBy({ date }: { date: string | null }) {
  if (!date) return <Quietly>keeps</Quietly>;
  const left = daysAhead(date);
  if (left < 0) return <Over>{showDate(date)}, past</Over>;
  return left <= soonDays ? <Due>{showDate(date)}</Due> : <>{showDate(date)}</>;
}

function AddStock({ entries, onAdded }: { entries: LarderEntries; onAdded: () => Promise<unknown> }) {
  const [text, setText] = useState('');
  const [useBy, setUseBy] = useState(() => today(getLocalTimeZone()).add({ days: 14 }).toString());
  const [state, setState] = useState('');
  const [note, setNote] = useState('');
  const [problem, setProblem] = useState('');
  const add = async () => {
    const read = readStockLine(text, entries.larder);
    if ('problem' in read) return setProblem(read.problem);
    const body = { id: uuid(), ...read, state: state || read.state, useBy: useBy || null, note };
    await call('/stock', { method: 'POST', body }).then(
      async () => {
        setText('');
        setNote('');
        setState('');
        setProblem('');
        await onAdded();
      },
      (error: Error) =>
        setProblem(error instanceof ApiError ? (error.fields[0]?.sentence ?? error.message) : error.message),
    );
  };
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <Field
        label="What and how much"
        value={text}
        onChange={(value) => {
          setText(value);
          setProblem('');
        }}
        problem={problem || undefined}
        placeholder="500 g dried chickpeas"
      />
      <DateField label="Use by" value={useBy} onChange={setUseBy} whenEmpty="No date: it keeps." />
      <Field label="State" value={state} onChange={setState} hint="opened, cooked" maxLength={40} />
      <Field label="Note" value={note} onChange={setNote} maxLength={120} />
      <Button type="submit">Put it in</Button>
    </Form>
  );
}
