import { useEffect } from 'react';
import styled from 'styled-components';
import { capital, createAxis, showDate, showSpan, type TimelineEntry } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { showDateInYear, showTimes } from '../parts/dates.js';
import { PaperName } from '../parts/page.js';
import { whatOf } from './DayLists.js';
import { Duet } from './Duet.js';

export type PrintedSheet = 'prep' | 'wall';

const sheetNames: Readonly<Record<PrintedSheet, string>> = { prep: 'prep sheet', wall: 'wall clock' };

const Paper = styled.section`
  display: none;
  @media print {
    display: block;
    color: #000;
    font-size: 11pt;
    line-height: 1.3;
    h2 {
      font-size: 1.6em;
      line-height: 1.2;
    }
    h2 + p {
      margin-bottom: 6pt;
    }
    h3 {
      margin: 10pt 0 2pt;
      font-size: 1.2em;
    }
    table {
      width: 100%;
      table-layout: fixed;
    }
    td {
      padding: 0.14em 10pt 0.14em 0;
      border-bottom: 0.5pt solid #999;
      vertical-align: top;
    }
    td:first-child {
      width: 5.2em;
      white-space: nowrap;
      font-weight: 700;
      font-variant-numeric: tabular-nums;
    }
    td:last-child {
      width: 8.6em;
      padding-right: 0;
      white-space: nowrap;
    }
    tr {
      break-inside: avoid;
    }
  }
`;

/** Jobs in full that have no room for their words in the drawing. */
const Beside = styled.ul`
  columns: 2;
  column-gap: 18pt;
  margin: 4pt 0 0;
  padding: 0;
  list-style: none;
  font-size: 9pt;
  line-height: 1.25;
  li {
    break-inside: avoid;
  }
  strong {
    font-variant-numeric: tabular-nums;
  }
`;

/** Pixels of a printed page that the duet may take, so that the class is on one sheet. */
const pageHeight = 860;
/** Minutes drawn before and after the class. */
const around = 12;

/** Heating is a wait that somebody must begin. */
function isAction(entry: TimelineEntry): boolean {
  return entry.kind !== 'wait' || entry.ref.role === 'heating';
}

/**
 * What is printed: prep by day with boxes to tick, or the class on one page for the wall. The screen does not
 * show it.
 */
export function PrintSheet({ kind, onPrinted }: { kind: PrintedSheet; onPrinted: () => void }) {
  const { view, plan } = useOpenClass();
  useEffect(() => {
    window.print();
    onPrinted();
  }, [onPrinted]);
  const { daysBefore, clock } = plan.timeline;
  const when = `${showDateInYear(view.startsAt)}, ${showTimes(view.startsAt, view.lengthMinutes)}`;
  const prep = [...daysBefore, ...clock].filter((entry) => entry.start < 0 && isAction(entry));
  return (
    <Paper aria-hidden data-sheet={kind}>
      <PaperName
        sheet={`${view.title}, ${sheetNames[kind]}`}
        head={[capital(sheetNames[kind]), view.title, when].join(' · ')}
      />
      <h2>{kind === 'prep' ? 'Prep' : view.title}</h2>
      <p>
        {kind === 'prep' ? `${view.title} · ` : ''}
        {showDate(view.startsAt)}, {showTimes(view.startsAt, view.lengthMinutes)} · {view.people} people
      </p>
      {kind === 'prep' ? <PrepTables entries={prep} /> : <WallDuet />}
    </Paper>
  );
}

function PrepTables({ entries }: { entries: readonly TimelineEntry[] }) {
  const days = [...new Set(entries.map((entry) => entry.localDate))];
  return (
    <>
      {days.map((day) => (
        <div key={day}>
          <h3>{showDate(day)}</h3>
          <table>
            <tbody>
              {entries
                .filter((entry) => entry.localDate === day)
                .map((entry) => (
                  <tr key={entry.id}>
                    <td>☐ {entry.localTime}</td>
                    <td>
                      {whatOf(entry)}
                      {entry.keeps ? ` Keeps ${showSpan(entry.keeps.until - entry.end)}.` : ''}
                    </td>
                    <td>
                      {entry.hands?.who ?? entry.lane}, {showSpan(entry.end - entry.start)}
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        </div>
      ))}
    </>
  );
}

/** The class as a duet, as large as one page takes it. */
function WallDuet() {
  const { view, plan } = useOpenClass();
  const { timeline, portions } = plan;
  const axis = createAxis(view.startsAt, view.zone);
  const end = Math.max(timeline.eatMinute, ...timeline.clock.map((entry) => entry.end));
  const inClass = timeline.clock.filter(({ kind, end: until }) => until > -around && kind !== 'class');
  const beside = inClass.filter((entry) =>
    isTooLong(entry, inClass, (pageHeight - mostBeside) / (end + around)),
  );
  const forBeside = Math.ceil(beside.length / besideColumns) * besideHeight;
  return (
    <>
      <Duet
        timeline={timeline}
        stations={portions.stations.sizes.length}
        timeAt={(minute) => axis.local(minute).time}
        scale={Math.min(mostPerMinute, (pageHeight - forBeside) / (end + around))}
        onMove={ignore}
        onPreview={ignore}
        onCancel={ignore}
        onUnpin={ignore}
      />
      <Beside>
        {beside.map((entry) => (
          <li key={entry.id}>
            <strong>{entry.localTime}</strong> {entry.title} ({entry.hands?.who ?? entry.lane}, until{' '}
            {entry.localEnd})
          </li>
        ))}
      </Beside>
    </>
  );
}

/** What the list below may take at most, as the duet is drawn. */
const mostBeside = 240;
/** Pixels of a voice on paper, of a letter, and of a line. */
const voiceWidth = 235;
const letterWidth = 5.6;
const lineHeight = 12;

/** Whether the words of a job do not fit its block: they are narrow where several go on side by side. */
function isTooLong(entry: TimelineEntry, all: readonly TimelineEntry[], scale: number): boolean {
  if (entry.lane !== 'you' && entry.lane !== 'stations') return true;
  const atOnce = all.filter(
    ({ lane, start, end }) => lane === entry.lane && start < entry.end && end > entry.start,
  ).length;
  const lines = Math.max(1, Math.floor(((entry.end - entry.start) * scale - 6) / lineHeight));
  return entry.title.length * letterWidth > (voiceWidth / atOnce) * lines;
}

/** In how many columns the jobs of the narrow threads are written out, and what a row of them takes. */
const besideColumns = 2;
const besideHeight = 24;

const mostPerMinute = 7;
const ignore = () => undefined;
