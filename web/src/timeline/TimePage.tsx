import { useCallback, useMemo, useState } from 'react';
import styled from 'styled-components';
import { createAxis, showDate, type Timeline, type TimelineEntry } from '@fornax/core';
import { HandsAtWork } from '../classes/HandsAtWork.js';
import { Spare } from '../classes/Spare.js';
import { useOpenClass } from '../classes/class-context.js';
import { NoteIt } from '../classes/NoteIt.js';
import { Warnings } from '../parts/Warnings.js';
import { Button } from '../parts/Button.js';
import { useFileWork } from '../parts/files/useFileWork.js';
import { lazyPart } from '../parts/lazy-part.js';
import { NoDishes } from '../parts/NoDishes.js';
import { saveFile } from '../parts/files/save-file.js';
import { Loading, Quietly, Row } from '../parts/states.js';
import { Figure, useWorkings } from '../parts/workings.js';
import { ClashPanel } from './ClashPanel.js';
import { ClassMinutes } from './ClassMinutes.js';
import { Clock } from './Clock.js';
import { DayHead, type Extra, Head, type Shown } from './DayHead.js';
import { DayList, DaysBefore } from './DayLists.js';
import { Duet } from './Duet.js';
import { Moved } from './Moved.js';
import { LeftOut, OutOfTheCold } from './OutOfTheCold.js';
import { type PrintedSheet, PrintSheet } from './PrintSheets.js';
import { SelectedJob } from './SelectedJob.js';
import { type ClockEdits, useClockEdits } from './useClockEdits.js';
import { nameWhatIf, titlesOf } from './what-if-words.js';
import { WhatIfPanel } from './WhatIfPanel.js';
import { StopHeading } from '../classes/StopHeading.js';
import { phone, useMedia } from '../parts/useMedia.js';

const LoadingDrawing = () => <Loading what="the drawing" />;
const HandsChart = lazyPart(() => import('./HandsChart.js').then((module) => module.default), LoadingDrawing);
const RehearsalPanel = lazyPart(
  () => import('./RehearsalPanel.js').then((module) => module.default),
  LoadingDrawing,
);

const aims = [
  ['shortest', 'the shortest class'],
  ['freshest', 'the freshest food'],
] as const;

const Trial = styled(Row)`
  margin: 0.375rem 0;
  padding: 0.25rem 0 0.25rem 0.625rem;
  border-left: 3px solid ${({ theme }) => theme.colour.lemon};
`;
const AimRow = styled(Row)`
  gap: 0.25rem;
  margin: 2px 0;
  @media print {
    display: none;
  }
`;
const Screen = styled.div`
  @media print {
    &[data-quiet] {
      display: none;
    }
  }
`;

/** When does everything happen? */
export default function TimePage() {
  const { view, plan } = useOpenClass();
  const [printed, setPrinted] = useState<PrintedSheet | null>(null);
  const onPrinted = useCallback(() => setPrinted(null), []);
  if (view.dishes.length === 0)
    return (
      <>
        <StopHeading stop="Time" sheet="plan">
          Time
        </StopHeading>
        <NoDishes>The plan appears here, worked backwards from the start of class and from eating.</NoDishes>
      </>
    );
  return (
    <>
      {printed ? <PrintSheet kind={printed} onPrinted={onPrinted} /> : null}
      <Screen data-quiet={printed ? '' : undefined}>
        <Warnings
          warnings={plan.warnings.filter((warning) => warning.place === 'timeline' && warning.id !== 'pins')}
          action={(warning) => <NoteIt warning={warning} />}
        />
        <ClashPanel />
        <Head>
          <StopHeading stop="Time" sheet="plan">
            Before the day
          </StopHeading>
          <PlanExports onPrint={setPrinted} />
        </Head>
        <DaysBefore timeline={plan.timeline} />
        <Day />
      </Screen>
    </>
  );
}

function Day() {
  const { view } = useOpenClass();
  // On a phone the class is read down the page; a day in lanes is wider than it.
  const [shown, setShown] = useState<Shown>(() => (window.matchMedia(phone).matches ? 'class' : 'day'));
  const [extra, setExtra] = useState<Extra | null>(null);
  const axis = useMemo(() => createAxis(view.startsAt, view.zone), [view.startsAt, view.zone]);
  const timeAt = useCallback((minute: number) => axis.local(minute).time, [axis]);
  const labelAt = useCallback(
    (minute: number) =>
      shown === 'days'
        ? `${showDate(axis.local(minute).date).slice(0, 3)} ${axis.local(minute).time}`
        : axis.local(minute).time,
    [axis, shown],
  );
  const edits = useClockEdits();
  const { timeline } = edits;
  return (
    <>
      <DayHead startsAt={view.startsAt} shown={shown} onShow={setShown} extra={extra} onExtra={setExtra} />
      <Opened extra={extra} edits={edits} timeAt={timeAt} />
      {edits.whatIf ? (
        <Trial role="status">
          <span>
            Showing what if: <strong>{nameWhatIf(edits.whatIf, titlesOf(timeline, view.dishes))}</strong>.
            Nothing is kept.
          </span>
          <Button onPress={() => edits.tryOut(null)}>Back to the plan</Button>
        </Trial>
      ) : null}
      {edits.before ? <Moved before={edits.before} after={timeline} onHide={edits.forget} /> : null}
      <Chosen edits={edits} />
      <Drawn shown={shown} edits={edits} timeAt={timeAt} labelAt={labelAt} />
      <Used timeline={timeline} />
      <Aim edits={edits} />
      <ClassMinutes timeline={timeline} />
      <OutOfTheCold />
      <LeftOut timeline={timeline} />
    </>
  );
}

/** The day as it is looked at: a list, the duet of the class, or lanes. */
function Drawn({
  shown,
  edits,
  timeAt,
  labelAt,
}: {
  shown: Shown;
  edits: ClockEdits;
  timeAt: (minute: number) => string;
  labelAt: (minute: number) => string;
}) {
  const { plan } = useOpenClass();
  const { timeline, before } = edits;
  // A drawing as wide as a day is no sheet: on paper it is the list.
  const isPaper = useMedia('print');
  if (isPaper || shown === 'list') return <DayList entries={timeline.clock} />;
  const moves = {
    onMove: edits.pin,
    onPreview: edits.preview,
    onCancel: edits.cancel,
    onUnpin: edits.unpin,
  };
  const stations = plan.portions.stations.sizes.length;
  return shown === 'class' ? (
    <Duet timeline={timeline} stations={stations} timeAt={timeAt} {...moves} />
  ) : (
    <Clock timeline={timeline} before={before} window={shown} timeAt={timeAt} labelAt={labelAt} {...moves} />
  );
}

function Chosen({ edits }: { edits: ClockEdits }) {
  const { selected } = useWorkings();
  const entries = [...edits.timeline.daysBefore, ...edits.timeline.clock];
  const entry: TimelineEntry | undefined = entries.find(({ id }) => selected?.key === `time:${id}`);
  return <SelectedJob entry={entry} edits={edits} />;
}

function Opened({
  extra,
  edits,
  timeAt,
}: {
  extra: Extra | null;
  edits: ClockEdits;
  timeAt: (minute: number) => string;
}) {
  if (extra === null) return null;
  if (extra === 'what if') return <WhatIfPanel chosen={edits.whatIf} tryOut={edits.tryOut} timeAt={timeAt} />;
  return extra === 'hands' ? (
    <HandsChart timeline={edits.timeline} timeAt={timeAt} />
  ) : (
    <RehearsalPanel timeAt={timeAt} />
  );
}

function Used({ timeline }: { timeline: Timeline }) {
  const { isBettering } = useOpenClass();
  return (
    <p>
      <Quietly>
        <Figure
          id="used"
          workings={timeline.usedWorkings}
          text={
            `Class minutes used: ${timeline.usedMinutes} of ` +
            `${timeline.classMinutes} (${timeline.usedPercent} %)`
          }
        />
        <Spare />. A tail shows how long the result stays good.
        {isBettering ? ' Looking for a better plan …' : ''}
        <HandsAtWork timeline={timeline} />
      </Quietly>
    </p>
  );
}

/** What is wanted most of the plan. */
function Aim({ edits }: { edits: ClockEdits }) {
  const { view } = useOpenClass();
  return (
    <AimRow role="group" aria-label="What the plan aims at">
      <Quietly>Plan for</Quietly>
      {aims.map(([aim, name]) => (
        <Button
          key={aim}
          look={view.decisions.aim === aim ? 'plain' : 'quiet'}
          aria-pressed={view.decisions.aim === aim}
          onPress={() => edits.want(aim)}
        >
          {name}
        </Button>
      ))}
    </AimRow>
  );
}

/** The plan for elsewhere: a calendar with alarms, a spreadsheet, paper. */
function PlanExports({ onPrint }: { onPrint: (sheet: PrintedSheet) => void }) {
  const { view, plan } = useOpenClass();
  const name = `${view.title} ${view.startsAt.slice(0, 10)}`;
  const handle = useFileWork();
  const saveCalendar = async () => {
    const { writePlanCalendar } = await import('../parts/files/calendars.js');
    const calendar = writePlanCalendar(view, plan.shopping, plan.timeline, new Date().toISOString());
    saveFile(`${name} plan.ics`, 'text/calendar', calendar);
  };
  const saveCsv = async () => {
    const { writePlanCsv } = await import('../parts/files/tables.js');
    saveFile(`${name} plan.csv`, 'text/csv', writePlanCsv(plan.timeline));
  };
  return (
    <Row $gap={1}>
      <Button look="quiet" onPress={() => handle(saveCalendar)}>
        Calendar
      </Button>
      <Button look="quiet" onPress={() => handle(saveCsv)}>
        CSV
      </Button>
      <Button look="quiet" onPress={() => onPrint('prep')}>
        Print prep sheet
      </Button>
      <Button look="quiet" onPress={() => onPrint('wall')}>
        Print wall clock
      </Button>
    </Row>
  );
}
