import type { DishPortions, VesselFit } from '@fornax/core';
import styled from 'styled-components';
import { listedFiguresAreOneStop } from '../parts/one-stop.js';
import { Quietly } from '../parts/states.js';
import { Figure } from '../parts/workings.js';

const Details = styled.details`
  margin-top: 0.5rem;
  summary {
    cursor: pointer;
    color: ${({ theme }) => theme.colour.quiet};
    font-weight: 600;
    padding: 0.25rem 0;
  }
`;
const List = styled.ul`
  max-width: 51.25rem;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
`;
const Item = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 12.5rem) minmax(0, 13.75rem);
  gap: 1rem;
  padding: 0.3125rem 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  @media screen and (max-width: 43.75em) {
    grid-template-columns: 1fr;
    gap: 0;
  }
`;
const Problem = styled.span`
  color: ${({ theme }) => theme.colour.emberText};
  font-weight: 600;
`;

/** What every step is done in. */
export function Vessels({ dish }: { dish: DishPortions }) {
  if (dish.fits.length === 0) return null;
  const rounds = dish.fits.filter((fit) => fit.problem).length;
  return (
    <>
      <Details data-empty={rounds === 0 || undefined} open={rounds > 0 || undefined}>
        <summary>Rounds and vessels{rounds > 0 ? `: ${rounds} to look at` : ''}</summary>
        <List ref={listedFiguresAreOneStop} aria-label={`Vessels of ${dish.title}`}>
          {alike(dish.fits).map(({ fit, headings }) => (
            <Fit key={`${fit.stepId}:${fit.batchId}:${fit.kind}`} fit={fit} headings={headings} />
          ))}
        </List>
      </Details>
    </>
  );
}

/** Batches that do a step in the same vessel and rounds stand in one row, with the figures of the fullest. */
function alike(fits: readonly VesselFit[]): { fit: VesselFit; headings: string }[] {
  const rows = new Map<string, { fit: VesselFit; headings: string }>();
  for (const fit of fits) {
    const key = [fit.stepId, fit.kind, fit.vessel, fit.rounds, fit.problem].join('|');
    const known = rows.get(key);
    rows.set(
      key,
      known
        ? { fit: known.fit.food >= fit.food ? known.fit : fit, headings: `${known.headings}; ${fit.heading}` }
        : { fit, headings: fit.heading },
    );
  }
  return [...rows.values()];
}

function Fit({ fit, headings }: { fit: VesselFit; headings: string }) {
  return (
    // The cards say what each step is done in: on this paper stands what does not fit.
    <Item data-empty={fit.problem === '' || undefined}>
      <span>{fit.title.length > 70 ? `${fit.title.slice(0, 69)}…` : fit.title}</span>
      <Quietly>{headings}</Quietly>
      <span>
        <Figure
          id={`fit:${fit.stepId}:${fit.batchId}:${fit.kind}`}
          workings={fit.workings}
          text={`${fit.vessel || 'no vessel'}${fit.rounds > 1 ? `, ${fit.rounds} rounds` : ''}`}
          label={`${fit.manner}, ${fit.heading}`}
        />
        {fit.problem ? (
          <div>
            <Problem>{fit.problem}</Problem>
          </div>
        ) : null}
      </span>
    </Item>
  );
}
