import { useLayoutEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { Timeline, TimelineEntry } from '@fornax/core';
import styled, { useTheme } from 'styled-components';
import { useWorkings } from '../parts/workings.js';
import { layOutClock, shortLabel, type ClockLayout, type ClockWindow, type PlacedBar } from './clock-layout.js';

const rowHeight = 24;
const barHeight = 19;
const lanePadding = 5;
const axisHeight = 26;
const footHeight = 24;
const laneNameWidth = 92;
const leastWidth = 760;
/** Half an hour label past the end of the axis. */
const rightMargin = 22;

const Wrap = styled.div`overflow-x: auto; margin-top: 8px;`;
const Svg = styled.svg`
  display: block; font-family: ${({ theme }) => theme.font.text};
  text { font-size: 12.5px; }
  [role='button'] { cursor: pointer; outline: none; }
  [role='button']:focus-visible .ring { stroke: ${({ theme }) => theme.colour.ink}; stroke-width: 2.5; }
`;

/** The clock: lanes for hands and appliances, bars with the time their result keeps behind them. */
export function Clock({ timeline, window, timeAt }: { timeline: Timeline; window: ClockWindow; timeAt: (minute: number) => string }) {
  const [width, measure] = useWidth();
  const room = Math.max(leastWidth, width) - laneNameWidth - rightMargin;
  const layout = layOutClock(timeline, window, room);
  const x = (minute: number) => laneNameWidth + (Math.max(layout.from, minute) - layout.from) * (room / (layout.to - layout.from));
  const tops = laneTops(layout);
  const bottom = tops[tops.length - 1]!;
  return (
    <Wrap ref={measure}>
      <Svg width={laneNameWidth + room + rightMargin} height={bottom + footHeight} role="group" aria-label="Clock of the day" onKeyDown={walkBars}>
        <Hours layout={layout} x={x} bottom={bottom} timeAt={timeAt} />
        <ClassWindow timeline={timeline} x={x} bottom={bottom} timeAt={timeAt} />
        {layout.lanes.map((lane, index) => (
          <g key={lane.lane}>
            <line x1={0} x2={laneNameWidth + room} y1={tops[index]} y2={tops[index]} stroke="#DDE2D8" />
            <text x={0} y={tops[index]! + lanePadding + 15} fontWeight="700">{lane.name}</text>
            {lane.bars.map((bar) => <Bar key={bar.entry.id} bar={bar} top={tops[index]! + lanePadding + bar.row * rowHeight} x={x} right={laneNameWidth + room} />)}
          </g>
        ))}
        <line x1={0} x2={laneNameWidth + room} y1={bottom} y2={bottom} stroke="#DDE2D8" />
      </Svg>
    </Wrap>
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
  return [width, (found) => { element.current = found; }];
}

/** Top of each lane, and the foot of the last. */
function laneTops(layout: ClockLayout): number[] {
  return layout.lanes.reduce((tops, lane) => [...tops, tops[tops.length - 1]! + lane.rows * rowHeight + lanePadding * 2 - 4], [axisHeight]);
}

interface AxisProps { x: (minute: number) => number; bottom: number; timeAt: (minute: number) => string }

function Hours({ layout, x, bottom, timeAt }: AxisProps & { layout: ClockLayout }) {
  const { colour } = useTheme();
  const span = layout.to - layout.from;
  const step = span > 480 ? 120 : span > 240 ? 60 : 30;
  const first = Array.from({ length: 60 }, (_, minute) => layout.from + minute).find((minute) => timeAt(minute).endsWith(':00')) ?? layout.from;
  const hours = Array.from({ length: Math.floor((layout.to - first) / step) + 1 }, (_, index) => first + index * step);
  return (
    <g aria-hidden>
      {hours.map((minute) => (
        <g key={minute}>
          <line x1={x(minute)} x2={x(minute)} y1={axisHeight - 6} y2={bottom} stroke={colour.hairline} />
          <text x={x(minute)} y={14} textAnchor="middle" fill={colour.quiet}>{timeAt(minute)}</text>
        </g>
      ))}
    </g>
  );
}

function ClassWindow({ timeline, x, bottom, timeAt }: AxisProps & { timeline: Timeline }) {
  const { colour } = useTheme();
  return (
    <g>
      <rect x={x(0)} y={axisHeight - 6} width={x(timeline.classMinutes) - x(0)} height={bottom - axisHeight + 6} fill={colour.ground} />
      <line x1={x(0)} x2={x(0)} y1={axisHeight - 6} y2={bottom + 6} stroke={colour.ember} strokeWidth="2" />
      <text x={x(0) + 4} y={bottom + 18} fontWeight="700" fill={colour.emberText}>class starts {timeAt(0)}</text>
      <line x1={x(timeline.eatMinute)} x2={x(timeline.eatMinute)} y1={axisHeight - 6} y2={bottom + 6} stroke={colour.ink} strokeWidth="1.6" />
      <text x={x(timeline.eatMinute) + 4} y={bottom + 18} fontWeight="700">eat {timeAt(timeline.eatMinute)}</text>
    </g>
  );
}

function Bar({ bar: { entry, label }, top, x, right }: { bar: PlacedBar; top: number; x: (minute: number) => number; right: number }) {
  const { colour } = useTheme();
  const { selected, select } = useWorkings();
  const key = `time:${entry.id}`;
  const isSelected = selected?.key === key;
  const left = x(entry.start);
  const width = Math.max(3, x(entry.end) - left);
  const inside = label === 'inside';
  const textX = inside ? left + 6 : label === 'right' ? left + width + 6 : left - 6;
  const look = barLook(entry, colour);
  const choose = () => select({ key, workings: entry.workings });
  return (
    <g role="button" tabIndex={0} data-bar aria-label={`${entry.title}, ${entry.localTime} to ${entry.localEnd}${entry.dishTitle ? `, ${entry.dishTitle}` : ''}`} onFocus={choose} onClick={choose}>
      <Tail entry={entry} top={top} x={x} right={right} colour={look.tail} />
      <rect x={left} y={top} width={width} height={barHeight} rx="2" fill={look.fill} stroke={look.stroke} />
      <rect className="ring" x={left - 3} y={top - 3} width={width + 6} height={barHeight + 6} rx="4" fill="none" stroke={isSelected ? colour.ink : 'none'} strokeWidth="2" />
      <text x={textX} y={top + 14} textAnchor={label === 'left' ? 'end' : 'start'} fill={inside ? look.text : colour.ink} stroke={inside ? 'none' : colour.sheet} strokeWidth={inside ? 0 : 3} paintOrder="stroke" fontWeight="600">{shortLabel(entry)}</text>
    </g>
  );
}

/** How long the result stays good: a wedge that thins to the moment it is no longer. Beet where it is used too late. */
function Tail({ entry, top, x, right, colour }: { entry: TimelineEntry; top: number; x: (minute: number) => number; right: number; colour: string }) {
  const theme = useTheme();
  if (!entry.keeps) return null;
  const from = x(entry.end);
  const end = Math.min(right, x(entry.keeps.until));
  if (end - from < 3) return null;
  const middle = top + barHeight / 2;
  return <polygon points={`${from},${top + 3} ${end},${middle} ${from},${top + barHeight - 3}`} fill={entry.keeps.broken ? theme.colour.beet : colour} opacity={entry.keeps.broken ? 0.3 : 0.16} />;
}

type Colours = ReturnType<typeof useTheme>['colour'];

function barLook(entry: TimelineEntry, colour: Colours): { fill: string; stroke: string; text: string; tail: string } {
  const solid = (fill: string) => ({ fill, stroke: fill, text: '#fff', tail: fill });
  if (entry.kind === 'demonstration') return solid(colour.aubergine);
  if (entry.kind === 'students') return solid(colour.thymeText);
  if (entry.kind === 'class') return { fill: colour.sheet, stroke: colour.ink, text: colour.ink, tail: colour.ink };
  if (entry.lane === 'fridge') return { fill: colour.seaPale, stroke: colour.sea, text: colour.ink, tail: colour.sea };
  if (entry.lane === 'resting') return { fill: colour.ground, stroke: colour.quiet, text: colour.ink, tail: colour.quiet };
  if (entry.kind === 'wait') return solid(colour.emberText);
  return solid(colour.basil);
}

/** Arrow keys walk the bars in the order of the day. */
function walkBars(event: KeyboardEvent<SVGSVGElement>): void {
  const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
  if (!by) return;
  const bars = [...event.currentTarget.querySelectorAll<SVGGElement>('[data-bar]')];
  const next = bars[bars.indexOf(document.activeElement as never) + by];
  if (!next) return;
  event.preventDefault();
  next.focus();
}
