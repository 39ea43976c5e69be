import styled from 'styled-components';
import { Fragment } from 'react';
import { isOfStep, showDate, showSpan, type Timeline, type TimelineEntry } from '@fornax/core';
import { countdown } from '../parts/dates.js';
import { Quietly } from '../parts/states.js';
import { figuresAreOneStop } from '../parts/one-stop.js';
import { Figure } from '../parts/workings.js';
import { walkFigures } from '../parts/walk-figures.js';
import { Due } from '../parts/kit.js';

const Table = styled.table`
  width: 100%;
  margin: 0.25rem 0 1rem;
  td,
  th {
    padding: 0.3125rem 1rem 0.3125rem 0;
    text-align: left;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    vertical-align: top;
  }
  thead th {
    font-weight: 400;
    color: ${({ theme }) => theme.colour.quiet};
    border-bottom-color: ${({ theme }) => theme.colour.ink};
  }
  td:first-child {
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
  }
  @media (max-width: 32.5em) {
    td,
    th {
      padding-right: 0.5rem;
    }
    td:first-child {
      white-space: normal;
    }
  }
`;
const whose: Readonly<Record<string, string>> = {
  you: 'you',
  assistant: 'assistant',
  stations: 'every station',
  oven: 'oven',
  hob: 'hob',
  blender: 'blender',
  fridge: 'cold',
  microwave: 'microwave',
  griddle: 'griddle',
  resting: 'nobody',
};

/** What a job is, in full. What no recipe says has its name before it. */
export function whatOf(entry: TimelineEntry): string {
  if (entry.kind === 'wait' && entry.detail !== entry.title)
    return `Waiting: ${entry.detail.replace(/\.?$/, '.')}`;
  if (entry.kind === 'demonstration' || entry.detail === entry.title) return entry.title;
  return !isOfStep(entry.ref) ? `${entry.title}. ${entry.detail}` : entry.detail;
}

/** What the plan added says why. */
function Added({ entry }: { entry: TimelineEntry }) {
  return entry.addedFor && entry.kind !== 'wait' ? <Quietly> Added: {entry.addedFor}</Quietly> : null;
}

/** Shopping trips and jobs of the days before, in order. */
export function DaysBefore({ timeline }: { timeline: Timeline }) {
  const { daysBefore: entries, visits } = timeline;
  const visitFrom = (id: string) => visits.find(({ entryIds }) => entryIds[0] === id);
  return (
    <Table ref={figuresAreOneStop} onKeyDown={walkFigures}>
      <tbody>
        {entries.map((entry) => (
          <Fragment key={entry.id}>
            {visitFrom(entry.id) ? (
              <tr>
                <th colSpan={4} scope="rowgroup">
                  In the kitchen {showDate(entry.localDate)}, {visitFrom(entry.id)!.words}
                </th>
              </tr>
            ) : null}
            <tr>
              <td>
                <Figure
                  id={`time:${entry.id}`}
                  workings={entry.workings}
                  text={`${showDate(entry.localDate)}, ${entry.localTime}`}
                  label={entry.title}
                />
              </td>
              <td>
                {whatOf(entry)}
                <Added entry={entry} />
              </td>
              <td>
                <Quietly>
                  {showSpan(entry.end - entry.start)}, {whose[entry.lane]}
                </Quietly>
              </td>
              <td>
                <Due>{countdown(entry.localDate)}</Due>
              </td>
            </tr>
          </Fragment>
        ))}
      </tbody>
    </Table>
  );
}

/** The same as the clock, for those who prefer a list and for screen readers. */
export function DayList({ entries }: { entries: readonly TimelineEntry[] }) {
  return (
    <Table ref={figuresAreOneStop} onKeyDown={walkFigures}>
      <thead>
        <tr>
          <th scope="col">When</th>
          <th scope="col">What</th>
          <th scope="col">Who or where</th>
          <th scope="col">Dish</th>
        </tr>
      </thead>
      <tbody>
        {entries.map((entry) => (
          <tr key={entry.id}>
            <td>
              <Figure
                id={`time:${entry.id}`}
                workings={entry.workings}
                text={`${entry.localTime}–${entry.localEnd}`}
                label={entry.title}
              />
            </td>
            <td>
              {whatOf(entry)}
              <Added entry={entry} />
              {entry.keeps ? <Quietly> Keeps {showSpan(entry.keeps.until - entry.end)}.</Quietly> : null}
            </td>
            <td>{whose[entry.lane]}</td>
            <td>
              <Quietly>{entry.dishTitle}</Quietly>
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
