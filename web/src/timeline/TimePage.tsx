import { useMemo, useState } from 'react';
import { createAxis, showSpan, writePlanCalendar, writePlanCsv, type TimelineEntry } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Warnings } from '../classes/Warnings.js';
import { Button } from '../parts/Button.js';
import { showDate, countdown } from '../parts/dates.js';
import { saveFile } from '../parts/save-file.js';
import { Quietly, Row } from '../parts/states.js';
import { Figure, walkFigures } from '../parts/workings.js';
import { NoDishes } from '../portions/PortionPage.js';
import { Clock } from './Clock.js';
import type { ClockWindow } from './clock-layout.js';

const views: readonly (readonly [ClockWindow | 'list', string])[] = [['day', 'Whole day'], ['class', 'In class'], ['list', 'List']];

const Head = styled(Row)`justify-content: space-between;`;
const Table = styled.table`
  width: 100%; margin: 4px 0 16px;
  td, th { padding: 5px 16px 5px 0; text-align: left; border-bottom: 1px solid ${({ theme }) => theme.colour.hairline}; vertical-align: top; }
  thead th { font-weight: 400; color: ${({ theme }) => theme.colour.quiet}; border-bottom-color: ${({ theme }) => theme.colour.ink}; }
  td:first-child { white-space: nowrap; font-variant-numeric: tabular-nums; }
`;
const Soon = styled.strong`color: ${({ theme }) => theme.colour.emberText};`;
const whose: Readonly<Record<string, string>> = { you: 'you', assistant: 'assistant', stations: 'every station', oven: 'oven', hob: 'hob', blender: 'blender', fridge: 'cold', microwave: 'microwave', griddle: 'griddle', resting: 'nobody' };

/** When does everything happen? */
export default function TimePage() {
  const { view, plan } = useOpenClass();
  const [shown, setShown] = useState<ClockWindow | 'list'>('day');
  const axis = useMemo(() => createAxis(view.startsAt, view.zone), [view.startsAt, view.zone]);
  const { timeline } = plan;
  if (view.dishes.length === 0) return <><h2>Time</h2><NoDishes>The plan appears here, worked backwards from the start of class and from eating.</NoDishes></>;
  return (
    <>
      <Warnings warnings={plan.warnings.filter((warning) => warning.place === 'timeline')} />
      <Head><h2>Before the day</h2><PlanExports /></Head>
      <DaysBefore entries={timeline.daysBefore} />
      <Head>
        <h2>The day, {showDate(view.startsAt)}</h2>
        <Row $gap={1}>
          {views.map(([id, name]) => <Button key={id} look={shown === id ? 'plain' : 'quiet'} aria-pressed={shown === id} onPress={() => setShown(id)}>{name}</Button>)}
        </Row>
      </Head>
      {shown === 'list' ? <DayList entries={timeline.clock} /> : <Clock timeline={timeline} window={shown} timeAt={(minute) => axis.local(minute).time} />}
      <p>
        <Quietly>
          <Figure id="used" workings={timeline.usedWorkings} text={`Class minutes used: ${timeline.usedMinutes} of ${timeline.classMinutes} (${timeline.usedPercent} %)`} />
          {timeline.spareMinutes > 0 ? `. ${showSpan(timeline.spareMinutes)} to spare at the end` : ''}. A tail shows how long the result stays good.
        </Quietly>
      </p>
    </>
  );
}

/** The plan for elsewhere: a calendar with alarms, a spreadsheet, paper. */
function PlanExports() {
  const { view, plan } = useOpenClass();
  const name = `${view.title} ${view.startsAt.slice(0, 10)}`;
  return (
    <Row $gap={1}>
      <Button look="quiet" onPress={() => saveFile(`${name} plan.ics`, 'text/calendar', writePlanCalendar(view, plan.shopping, plan.timeline, new Date().toISOString()))}>Calendar</Button>
      <Button look="quiet" onPress={() => saveFile(`${name} plan.csv`, 'text/csv', writePlanCsv(plan.timeline))}>CSV</Button>
      <Button look="quiet" onPress={() => window.print()}>Print</Button>
    </Row>
  );
}

function DaysBefore({ entries }: { entries: readonly TimelineEntry[] }) {
  const { plan } = useOpenClass();
  const trips = plan.jobs.filter((job) => job.kind === 'buy');
  return (
    <Table onKeyDown={walkFigures}>
      <tbody>
        {trips.map((trip) => <tr key={`${trip.localDate} ${trip.title}`}><td>{showDate(trip.localDate)}, {trip.localTime}</td><td>{trip.title}</td><td><Quietly>see Shop</Quietly></td><td><Soon>{countdown(trip.localDate)}</Soon></td></tr>)}
        {entries.map((entry) => (
          <tr key={entry.id}>
            <td><Figure id={`time:${entry.id}`} workings={entry.workings} text={`${showDate(entry.localDate)}, ${entry.localTime}`} label={entry.title} /></td>
            <td>{entry.kind === 'wait' ? `Waiting: ${entry.detail}` : entry.detail}</td>
            <td><Quietly>{showSpan(entry.end - entry.start)}, {whose[entry.lane]}</Quietly></td>
            <td><Soon>{countdown(entry.localDate)}</Soon></td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

/** The same as the clock, for those who prefer a list and for screen readers. */
function DayList({ entries }: { entries: readonly TimelineEntry[] }) {
  return (
    <Table onKeyDown={walkFigures}>
      <thead><tr><th scope="col">When</th><th scope="col">What</th><th scope="col">Who or where</th><th scope="col">Dish</th></tr></thead>
      <tbody>
        {entries.map((entry) => (
          <tr key={entry.id}>
            <td><Figure id={`time:${entry.id}`} workings={entry.workings} text={`${entry.localTime}–${entry.localEnd}`} label={entry.title} /></td>
            <td>{entry.kind === 'demonstration' ? entry.title : entry.detail}{entry.keeps ? <Quietly> Keeps {showSpan(entry.keeps.until - entry.end)}.</Quietly> : null}</td>
            <td>{whose[entry.lane]}</td>
            <td><Quietly>{entry.dishTitle}</Quietly></td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
