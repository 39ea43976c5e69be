import { useLocation, Link } from 'react-router';
import { type PlanWarning, showDate } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { OpenList } from '../parts/OpenList.js';
import { daysAhead } from '../parts/dates.js';
import { warningId } from '../parts/Warnings.js';
import { useOpenClass } from './class-context.js';

/** The stop at which a finding is decided. */
const stopOf: Readonly<Record<PlanWarning['place'], string>> = {
  people: 'set-up',
  portions: 'portion',
  shopping: 'shop',
  kit: 'pack',
  timeline: 'time',
};
const order: readonly PlanWarning['level'][] = ['harm', 'clash', 'look'];
/** More than these are told by their number. */
const mostShown = 5;

/** What is only to be decided needs no word of its own under that heading. */
const levels = {
  harm: 'Safety risk',
  clash: 'Clash',
} as const;
const Level = styled.p<{ $level: keyof typeof levels }>`
  color: ${({ theme, $level }) => ({ harm: theme.colour.beet, clash: theme.colour.emberText })[$level]};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
  font-weight: 600;
`;

/** What is open at the stop that is shown, what does most harm first, and what is to be done next. */
export function WhatIsOpen() {
  const { view, plan } = useOpenClass();
  const { pathname } = useLocation();
  const stop = pathname.slice(pathname.lastIndexOf('/') + 1);
  const open = plan.warnings
    .filter(({ place }) => stopOf[place] === stop)
    .sort((a, b) => order.indexOf(a.level) - order.indexOf(b.level));
  const next = plan.jobs.find((job) => daysAhead(job.localDate) >= 0 && job.kind !== 'class');
  return (
    <>
      <h2>{open.length > 0 ? 'To decide here' : 'All done here'}</h2>
      <OpenList aria-label="Decisions of this stop">
        {open.slice(0, mostShown).map((warning) => (
          <li key={warning.id}>
            {warning.level === 'look' ? null : <Level $level={warning.level}>{levels[warning.level]}</Level>}
            <Button look="quiet" onPress={() => goTo(warning)}>
              {warning.sentence}
            </Button>
          </li>
        ))}
        {open.length > mostShown ? <li>{open.length - mostShown} more on the sheet.</li> : null}
        {next ? (
          <li>
            Next: {next.title}, {showDate(next.localDate)} {next.localTime}.{' '}
            <Link to={`/classes/${view.id}/${next.kind === 'buy' ? 'shop' : 'time'}`}>
              {next.kind === 'buy' ? 'Open the list' : 'Open the clock'}
            </Link>
          </li>
        ) : null}
      </OpenList>
    </>
  );
}

/** The finding on the sheet has the focus, in whatever it was folded away. */
function goTo(warning: PlanWarning): void {
  const found = document.getElementById(warningId(warning));
  if (!found) return;
  for (let folded = found.closest('details'); folded; folded = folded.parentElement!.closest('details'))
    folded.open = true;
  found.focus();
}
