import type { ClassSummary } from '@fornax/contract';
import { showDate } from '@fornax/core';
import { Link } from 'react-router';
import styled from 'styled-components';
import { countdown } from '../parts/dates.js';
import { Quietly } from '../parts/states.js';

const Section = styled.section`
  h2 {
    margin-bottom: 0.25rem;
  }
  h3 {
    margin-top: 0.75rem;
    padding-bottom: 2px;
    border-bottom: 1px solid ${({ theme }) => theme.colour.ink};
  }
  h3 span {
    font: 400 0.875rem/1.25rem ${({ theme }) => theme.font.text};
  }
  li {
    display: grid;
    grid-template-columns: 3rem minmax(0, 1fr);
    gap: 0.5rem;
    padding: 0.3125rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    font-variant-numeric: tabular-nums;
    overflow-wrap: anywhere;
  }
  a {
    color: inherit;
    text-decoration-color: ${({ theme }) => theme.colour.hairline};
  }
  small {
    display: block;
    color: ${({ theme }) => theme.colour.quiet};
    font-size: ${({ theme }) => theme.size.small};
    line-height: 1.125rem;
  }
`;

/** So many jobs are shown: what is far off is in the classes. */
const mostShown = 24;

/** What is to be done for all classes, day by day: shopping, jobs of hands, and the classes themselves. */
export function JobsOfDays({ classes }: { classes: readonly ClassSummary[] }) {
  const jobs = classes
    .flatMap(({ id, title, jobs: own = [] }) =>
      own.map((job) => ({ ...job, classId: id, classTitle: title })),
    )
    .sort((a, b) => a.at.localeCompare(b.at))
    .slice(0, mostShown);
  const unplanned = classes.filter(
    ({ dishes, toDecide, isBeingPlanned }) => dishes.length > 0 && toDecide === null && isBeingPlanned,
  ).length;
  const days = [...new Set(jobs.map(({ localDate }) => localDate))];
  return (
    <Section aria-label="Jobs by day">
      <h2>To do, day by day</h2>
      {unplanned > 0 ? <Quietly>{stillBeingPlanned(unplanned)}</Quietly> : null}
      {days.length === 0 && unplanned === 0 ? <Quietly>No dated job: put dishes on a class.</Quietly> : null}
      {days.map((day) => (
        <div key={day}>
          <h3>
            {showDate(day)} <span>{countdown(day)}</span>
          </h3>
          <ul>
            {jobs
              .filter(({ localDate }) => localDate === day)
              .map((job) => (
                <li key={`${job.classId}:${job.at}:${job.title}`}>
                  <span>{job.localTime}</span>
                  <div>
                    {job.kind === 'class' ? (
                      <strong>{job.title}</strong>
                    ) : (
                      <>
                        <Link to={`/classes/${job.classId}/${job.kind === 'buy' ? 'shop' : 'time'}`}>
                          {job.title}
                        </Link>
                        <small>for {job.classTitle}</small>
                      </>
                    )}
                  </div>
                </li>
              ))}
          </ul>
        </div>
      ))}
    </Section>
  );
}

function stillBeingPlanned(classes: number): string {
  return classes === 1
    ? 'One class is being planned; its jobs follow.'
    : `${classes} classes are being planned; their jobs follow.`;
}
