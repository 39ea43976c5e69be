import styled, { useTheme } from 'styled-components';
import { jobsAreOneStop } from '../parts/one-stop.js';
import { useLayoutEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { Timeline } from '@fornax/core';
import { useWorkings } from '../parts/workings.js';
import { layOutClock, minutesZoom, threadsOf } from './clock-layout.js';
import {
  barHeight,
  type ClockProps,
  footHeight,
  laneNameWidth,
  lanePadding,
  laneTops,
  leastWidth,
  type Place,
  rightMargin,
  rowHeight,
  workingsKeyOf,
} from './clock-measures.js';
import { ClassWindow, Hours } from './ClockAxis.js';
import { Bar } from './ClockBar.js';

const Wrap = styled.div`
  overflow-x: auto;
  margin-top: 8px;
`;
const Svg = styled.svg`
  display: block;
  font-family: ${({ theme }) => theme.font.text};
  text {
    font-size: 12.5px;
  }
  [role='button'] {
    cursor: pointer;
    outline: none;
  }
  [role='button']:focus-visible .ring {
    stroke: ${({ theme }) => theme.colour.ink};
    stroke-width: 2.5;
  }
`;

/**
 * The clock: lanes for hands and appliances, bars with the time their result keeps behind them. Bars are
 * dragged to pin them.
 */
export function Clock({ timeline, before, window, timeAt, labelAt, ...moves }: ClockProps) {
  const [width, measure] = useWidth();
  const { selected } = useWorkings();
  const room =
    (Math.max(leastWidth, width) - laneNameWidth - rightMargin) * (window === 'minutes' ? minutesZoom : 1);
  const layout = layOutClock(timeline, window, room);
  const perMinute = room / (layout.to - layout.from);
  const x = (minute: number) => laneNameWidth + (Math.max(layout.from, minute) - layout.from) * perMinute;
  const tops = laneTops(layout);
  const bottom = tops[tops.length - 1]!;
  const topOf = new Map(
    layout.lanes.flatMap((lane, index) =>
      lane.bars.map((bar) => [bar.entry.id, tops[index]! + lanePadding + bar.row * rowHeight] as const),
    ),
  );
  const place: Place = { x, perMinute, right: laneNameWidth + room, topOf };
  return (
    <Wrap ref={measure}>
      <Svg
        width={laneNameWidth + room + rightMargin}
        height={bottom + footHeight}
        role="group"
        aria-label="Clock"
        ref={jobsAreOneStop}
        onKeyDown={walkBars}
      >
        <Hours layout={layout} x={x} bottom={bottom} timeAt={timeAt} labelAt={labelAt} />
        <ClassWindow timeline={timeline} x={x} bottom={bottom} timeAt={timeAt} />
        {layout.lanes.map((lane, index) => (
          <g key={lane.lane}>
            <line x1={0} x2={laneNameWidth + room} y1={tops[index]} y2={tops[index]} stroke="#DDE2D8" />
            <text x={0} y={tops[index]! + lanePadding + 15} fontWeight="700">
              {lane.name}
            </text>
            {lane.bars.map((bar) => (
              <Bar key={bar.entry.id} bar={bar} place={place} before={before} {...moves} />
            ))}
          </g>
        ))}
        <line x1={0} x2={laneNameWidth + room} y1={bottom} y2={bottom} stroke="#DDE2D8" />
        <Threads timeline={timeline} selected={chosenJob(timeline, selected?.key)} place={place} />
      </Svg>
    </Wrap>
  );
}

/** Lines from where a result is done to where it is used: of the chosen job, and of results used too late. */
function Threads({
  timeline,
  selected,
  place,
}: {
  timeline: Timeline;
  selected: string | null;
  place: Place;
}) {
  const { colour } = useTheme();
  const byId = new Map([...timeline.daysBefore, ...timeline.clock].map((entry) => [entry.id, entry]));
  return (
    <g aria-hidden fill="none" pointerEvents="none">
      {threadsOf(timeline, selected).map(({ from, to, isBroken }) => {
        const [fromTop, toTop] = [place.topOf.get(from), place.topOf.get(to)];
        if (fromTop === undefined || toTop === undefined) return null;
        const [x1, y1, x2, y2] = [
          place.x(byId.get(from)!.end),
          fromTop + barHeight / 2,
          place.x(byId.get(to)!.start),
          toTop + barHeight / 2,
        ];
        const bend = Math.max(14, (x2 - x1) / 2);
        return (
          <g key={`${from} ${to}`} stroke={isBroken ? colour.beet : colour.ink} strokeWidth="1.5">
            <path
              d={`M${x1},${y1} C${x1 + bend},${y1} ${x2 - bend},${y2} ${x2},${y2}`}
              strokeDasharray={isBroken ? '5 4' : undefined}
            />
            <path d={`M${x2 - 6},${y2 - 4} L${x2},${y2} L${x2 - 6},${y2 + 4}`} />
          </g>
        );
      })}
    </g>
  );
}

function useWidth(): [number, (element: HTMLElement | null) => void] {
  const [width, setWidth] = useState(900);
  const element = useRef<HTMLElement | null>(null);
  useLayoutEffect(() => {
    if (!element.current) return undefined;
    const observer = new ResizeObserver(([entry]) => setWidth(Math.floor(entry!.contentRect.width)));
    observer.observe(element.current);
    return () => observer.disconnect();
  }, []);
  return [
    width,
    (found) => {
      element.current = found;
    },
  ];
}

/** Up and down walk the bars; left and right move the chosen one. */
function walkBars(event: KeyboardEvent<SVGSVGElement>): void {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (!by) return;
  const bars = [...event.currentTarget.querySelectorAll<SVGGElement>('[data-bar]')];
  const next = bars[bars.indexOf(document.activeElement as never) + by];
  if (!next) return;
  event.preventDefault();
  next.focus();
}

/** The job whose Workings are open. */
function chosenJob({ daysBefore, clock }: Timeline, key: string | undefined): string | null {
  return [...daysBefore, ...clock].find(({ id }) => workingsKeyOf(id) === key)?.id ?? null;
}
