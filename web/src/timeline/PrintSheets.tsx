import { useEffect } from 'react';
import styled from 'styled-components';
import { showDate, showSpan, type TimelineEntry } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { showTimes } from '../parts/dates.js';
import { whatOf } from './DayLists.js';

export type PrintedSheet = 'prep' | 'wall';

const Paper = styled.section<{ $points: number }>`
  display: none;
  @media print {
    display: block;
    color: #000;
    font-size: ${({ $points }) => $points}pt;
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
    &[data-sheet='wall'] {
      td:first-child {
        width: 3.4em;
      }
      td:last-child {
        width: 6.4em;
      }
    }
  }
`;

/**
 * Points of the prep sheet, and of the wall's at most and least: it is read from afar, and stays on one page.
 */
const prepPoints = 11;
const wallPoints = { most: 15, least: 8 };
const rowsAtMost = 27;

function pointsFor(kind: PrintedSheet, rows: number): number {
  return kind === 'prep'
    ? prepPoints
    : Math.max(wallPoints.least, Math.min(wallPoints.most, (wallPoints.most * rowsAtMost) / rows));
}

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
  const prep = [...daysBefore, ...clock].filter((entry) => entry.start < 0 && isAction(entry));
  const onTheWall = clock.filter((entry) => entry.start >= 0 && isAction(entry));
  return (
    <Paper $points={pointsFor(kind, onTheWall.length)} aria-hidden data-sheet={kind}>
      <h2>{kind === 'prep' ? 'Prep' : view.title}</h2>
      <p>
        {kind === 'prep' ? `${view.title} · ` : ''}
        {showDate(view.startsAt)}, {showTimes(view.startsAt, view.lengthMinutes)} · {view.people} people
      </p>
      {kind === 'prep' ? <PrepTables entries={prep} /> : <WallTable entries={onTheWall} />}
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

function whoOf(entry: TimelineEntry): string {
  if (entry.kind === 'students') return 'every station';
  if (entry.kind === 'demonstration') return 'all watch';
  return entry.kind === 'class' ? 'all' : (entry.hands?.who ?? entry.lane);
}

/** One line a job, so that the class fits on one page. */
function WallTable({ entries }: { entries: readonly TimelineEntry[] }) {
  return (
    <table>
      <tbody>
        {entries.map((entry) => (
          <tr key={entry.id}>
            <td>{entry.localTime}</td>
            <td>{entry.title}</td>
            <td>{whoOf(entry)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
