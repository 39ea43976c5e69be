import { useEffect } from 'react';
import { showSpan, type TimelineEntry } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { showDate, showTimes } from '../parts/dates.js';

export type PrintedSheet = 'prep' | 'wall';

const Paper = styled.section<{ $isWall: boolean }>`
  display: none;
  @media print {
    display: block; color: #000; font-size: ${({ $isWall }) => ($isWall ? '15pt' : '11pt')}; line-height: 1.3;
    h2 { font-size: ${({ $isWall }) => ($isWall ? '24pt' : '18pt')}; line-height: 1.2; } h3 { margin: 10pt 0 2pt; font-size: 13pt; }
    table { width: 100%; } td { padding: 2pt 10pt 2pt 0; border-bottom: 0.5pt solid #999; vertical-align: top; } td:first-child { white-space: nowrap; font-weight: 700; font-variant-numeric: tabular-nums; } tr { break-inside: avoid; }
  }
`;

/** What is printed: prep by day with boxes to tick, or the class on one page for the wall. The screen does not show it. */
export function PrintSheet({ kind, onPrinted }: { kind: PrintedSheet; onPrinted: () => void }) {
  const { view, plan } = useOpenClass();
  useEffect(() => {
    window.print();
    onPrinted();
  }, [onPrinted]);
  const { daysBefore, clock } = plan.timeline;
  const prep = [...daysBefore, ...clock].filter((entry) => entry.start < 0 && entry.kind !== 'wait');
  const onTheWall = clock.filter((entry) => entry.end > 0 && entry.kind !== 'wait' && !(entry.kind === 'prep' && entry.start < 0));
  return (
    <Paper $isWall={kind === 'wall'} aria-hidden data-sheet={kind}>
      <h2>{kind === 'prep' ? 'Prep' : view.title}</h2>
      <p>{kind === 'prep' ? `${view.title} · ` : ''}{showDate(view.startsAt)}, {showTimes(view.startsAt, view.lengthMinutes)} · {view.people} people</p>
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
          <table><tbody>{entries.filter((entry) => entry.localDate === day).map((entry) => (
            <tr key={entry.id}><td>☐ {entry.localTime}</td><td>{entry.detail || entry.title}{entry.keeps ? ` Keeps ${showSpan(entry.keeps.until - entry.end)}.` : ''}</td><td>{entry.lane === 'assistant' ? 'assistant' : 'you'}, {showSpan(entry.end - entry.start)}</td></tr>
          ))}</tbody></table>
        </div>
      ))}
    </>
  );
}

/** One line a job, so that the class fits on one page. */
function WallTable({ entries }: { entries: readonly TimelineEntry[] }) {
  return <table><tbody>{entries.map((entry) => <tr key={entry.id}><td>{entry.localTime}</td><td>{entry.title}</td><td>{entry.kind === 'students' ? 'every station' : entry.lane === 'assistant' ? 'assistant' : 'all'}</td></tr>)}</tbody></table>;
}
