import { useEffect, useLayoutEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Timeline, TimelineEntry } from '@fornax/core';
import { Pin } from 'lucide-react';
import styled, { useTheme } from 'styled-components';
import { useWorkings } from '../parts/workings.js';
import {
  isFixed,
  layOutClock,
  minutesZoom,
  shortLabel,
  threadsOf,
  type ClockLayout,
  type ClockWindow,
  type PlacedBar,
} from './clock-layout.js';

const rowHeight = 24;
const barHeight = 19;
const lanePadding = 5;
const axisHeight = 26;
const footHeight = 24;
const laneNameWidth = 92;
const leastWidth = 760;
/** Half an hour label past the end of the axis. */
const rightMargin = 22;

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

interface ClockProps {
  timeline: Timeline;
  /** The plan before: where the chosen job stood in it is drawn as an outline. */
  before: Timeline | null;
  window: ClockWindow;
  timeAt: (minute: number) => string;
  /** What a line of the axis is called. */
  labelAt: (minute: number) => string;
  onMove: (entry: TimelineEntry, start: number) => void;
  onPreview: (task: string, start: number) => void;
  /** A drag came to nothing. */
  onCancel: () => void;
  onUnpin: (entry: TimelineEntry) => void;
}

/** Where things are drawn: minutes to pixels, and the top of each bar. */
interface Place {
  readonly x: (minute: number) => number;
  readonly perMinute: number;
  readonly right: number;
  readonly topOf: ReadonlyMap<string, number>;
}

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
        <Threads
          timeline={timeline}
          selected={selected?.key.startsWith('time:') ? selected.key.slice(5) : null}
          place={place}
        />
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

/** Top of each lane, and the foot of the last. */
function laneTops(layout: ClockLayout): number[] {
  return layout.lanes.reduce(
    (tops, lane) => [...tops, tops[tops.length - 1]! + lane.rows * rowHeight + lanePadding * 2 - 4],
    [axisHeight],
  );
}

interface AxisProps {
  x: (minute: number) => number;
  bottom: number;
  timeAt: (minute: number) => string;
}

function Hours({
  layout,
  x,
  bottom,
  timeAt,
  labelAt,
}: AxisProps & { layout: ClockLayout; labelAt: (minute: number) => string }) {
  const { colour } = useTheme();
  const span = layout.to - layout.from;
  const step = span > 2880 ? 720 : span > 1200 ? 360 : span > 480 ? 120 : span > 240 ? 60 : 30;
  const first =
    Array.from({ length: 60 }, (_, minute) => layout.from + minute).find((minute) =>
      timeAt(minute).endsWith(':00'),
    ) ?? layout.from;
  const hours = Array.from(
    { length: Math.floor((layout.to - first) / step) + 1 },
    (_, index) => first + index * step,
  );
  return (
    <g aria-hidden>
      {hours.map((minute) => (
        <g key={minute}>
          <line x1={x(minute)} x2={x(minute)} y1={axisHeight - 6} y2={bottom} stroke={colour.hairline} />
          <text x={x(minute)} y={14} textAnchor="middle" fill={colour.quiet}>
            {labelAt(minute)}
          </text>
        </g>
      ))}
    </g>
  );
}

/** Under this many pixels from class start to eating, their names do not fit side by side. */
const namesApart = 130;

function ClassWindow({ timeline, x, bottom, timeAt }: AxisProps & { timeline: Timeline }) {
  const { colour } = useTheme();
  const isNarrow = x(timeline.eatMinute) - x(0) < namesApart;
  return (
    <g>
      <rect
        x={x(0)}
        y={axisHeight - 6}
        width={x(timeline.classMinutes) - x(0)}
        height={bottom - axisHeight + 6}
        fill={colour.ground}
      />
      <line x1={x(0)} x2={x(0)} y1={axisHeight - 6} y2={bottom + 6} stroke={colour.ember} strokeWidth="2" />
      {isNarrow ? (
        <text
          x={x(timeline.classMinutes)}
          y={bottom + 18}
          textAnchor="end"
          fontWeight="700"
          fill={colour.emberText}
        >
          class starts {timeAt(0)}, eat {timeAt(timeline.eatMinute)}
        </text>
      ) : (
        <text x={x(0) + 4} y={bottom + 18} fontWeight="700" fill={colour.emberText}>
          class starts {timeAt(0)}
        </text>
      )}
      <line
        x1={x(timeline.eatMinute)}
        x2={x(timeline.eatMinute)}
        y1={axisHeight - 6}
        y2={bottom + 6}
        stroke={colour.ink}
        strokeWidth="1.6"
      />
      {isNarrow ? null : (
        <text x={x(timeline.eatMinute) + 4} y={bottom + 18} fontWeight="700">
          eat {timeAt(timeline.eatMinute)}
        </text>
      )}
    </g>
  );
}

/** Dragging and arrow keys move a start in steps of five minutes. */
const snapMinutes = 5;
/** Pixels before a press becomes a drag. */
const dragPixels = 5;

interface BarProps extends Pick<ClockProps, 'before' | 'onMove' | 'onPreview' | 'onCancel' | 'onUnpin'> {
  bar: PlacedBar;
  place: Place;
}

function Bar({ bar: { entry, label }, place, before, onMove, onPreview, onCancel, onUnpin }: BarProps) {
  const { colour } = useTheme();
  const { selected, select } = useWorkings();
  const key = `time:${entry.id}`;
  const { x } = place;
  const top = place.topOf.get(entry.id)!;
  const left = x(entry.start);
  const width = Math.max(3, x(entry.end) - left);
  const inside = label === 'inside';
  const textX = inside ? left + 6 : label === 'right' ? left + width + 6 : left - 6;
  const look = barLook(entry, colour);
  const choose = () => select({ key, workings: entry.workings });
  const isChosen = selected?.key === key;
  const isStale = isChosen && selected.workings !== entry.workings;
  useEffect(() => {
    if (isStale) select({ key, workings: entry.workings });
  }, [isStale, key, entry, select]);
  const drag = useDrag(entry, place.perMinute, { onMove, onPreview, onCancel });
  const fixed = isFixed(entry);
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (fixed || (!by && event.key !== 'Delete' && event.key !== 'Backspace')) return;
    event.preventDefault();
    if (by) onMove(entry, entry.start + by * (event.shiftKey ? 1 : snapMinutes));
    else if (entry.isPinned) onUnpin(entry);
  };
  return (
    <g
      role="button"
      tabIndex={0}
      data-bar
      aria-label={
        `${entry.title}, ${entry.localTime} to ` +
        `${entry.localEnd}${entry.dishTitle ? `, ${entry.dishTitle}` : ''}${entry.isPinned ? ', pinned' : ''}`
      }
      onFocus={choose}
      onClick={choose}
      onKeyDown={onKeyDown}
      {...(fixed ? {} : drag)}
    >
      {isChosen ? <Ghost entry={entry} before={before} place={place} /> : null}
      <Tail entry={entry} top={top} x={x} right={place.right} colour={look.tail} />
      <rect x={left} y={top} width={width} height={barHeight} rx="2" fill={look.fill} stroke={look.stroke} />
      <rect
        className="ring"
        x={left - 3}
        y={top - 3}
        width={width + 6}
        height={barHeight + 6}
        rx="4"
        fill="none"
        stroke={isChosen ? colour.ink : 'none'}
        strokeWidth="2"
      />
      <text
        x={textX}
        y={top + 14}
        textAnchor={label === 'left' ? 'end' : 'start'}
        fill={inside ? look.text : colour.ink}
        stroke={inside ? 'none' : colour.sheet}
        strokeWidth={inside ? 0 : 3}
        paintOrder="stroke"
        fontWeight="600"
      >
        {shortLabel(entry)}
      </text>
      {entry.isPinned ? (
        <Pin
          x={left - 5}
          y={top - 6}
          width={12}
          height={12}
          fill={colour.lemon}
          stroke={colour.ink}
          aria-hidden
        />
      ) : null}
    </g>
  );
}

/** Where the job stood in the plan before. */
function Ghost({ entry, before, place }: { entry: TimelineEntry; before: Timeline | null; place: Place }) {
  const { colour } = useTheme();
  const was = before?.clock.find(({ id }) => id === entry.id);
  if (!was || was.start === entry.start) return null;
  return (
    <rect
      x={place.x(was.start)}
      y={place.topOf.get(entry.id)!}
      width={Math.max(3, place.x(was.end) - place.x(was.start))}
      height={barHeight}
      rx="2"
      fill="none"
      stroke={colour.quiet}
      strokeDasharray="3 3"
    />
  );
}

/**
 * While a bar is dragged the rest is planned around it; where it is let go it is pinned. The window is
 * listened to, not the bar: bars change places while the plan changes, and one that is moved in the page
 * loses the pointer.
 */
function useDrag(
  entry: TimelineEntry,
  perMinute: number,
  handlers: Pick<BarProps, 'onMove' | 'onPreview' | 'onCancel'>,
) {
  const latest = useRef(handlers);
  latest.current = handlers;
  const onPointerDown = (event: PointerEvent<SVGGElement>) => {
    if (event.button !== 0) return;
    const { clientX: from } = event;
    const startAt = (to: MouseEvent) =>
      Math.round((entry.start + (to.clientX - from) / perMinute) / snapMinutes) * snapMinutes;
    const isDrag = (to: MouseEvent) => Math.abs(to.clientX - from) >= dragPixels;
    let shown: number | null = null;
    const move = (to: MouseEvent) => {
      if (!isDrag(to) || startAt(to) === shown) return;
      shown = startAt(to);
      latest.current.onPreview(entry.id, shown);
    };
    const end = (to: MouseEvent) => {
      stop();
      if (to.type === 'pointerup' && isDrag(to) && startAt(to) !== entry.start)
        latest.current.onMove(entry, startAt(to));
      else if (shown !== null) latest.current.onCancel();
    };
    const stop = () => {
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', end);
      window.removeEventListener('pointercancel', end);
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', end);
    window.addEventListener('pointercancel', end);
  };
  return { style: { touchAction: 'pan-y' as const }, onPointerDown };
}

/**
 * How long the result stays good: a wedge that thins to the moment it is no longer. Beet where it is used too
 * late.
 */
function Tail({
  entry,
  top,
  x,
  right,
  colour,
}: {
  entry: TimelineEntry;
  top: number;
  x: (minute: number) => number;
  right: number;
  colour: string;
}) {
  const theme = useTheme();
  if (!entry.keeps) return null;
  const from = x(entry.end);
  const end = Math.min(right, x(entry.keeps.until));
  if (end - from < 3) return null;
  const middle = top + barHeight / 2;
  return (
    <polygon
      points={`${from},${top + 3} ${end},${middle} ${from},${top + barHeight - 3}`}
      fill={entry.keeps.broken ? theme.colour.beet : colour}
      opacity={entry.keeps.broken ? 0.3 : 0.16}
    />
  );
}

type Colours = ReturnType<typeof useTheme>['colour'];

function barLook(
  entry: TimelineEntry,
  colour: Colours,
): { fill: string; stroke: string; text: string; tail: string } {
  const solid = (fill: string) => ({ fill, stroke: fill, text: '#fff', tail: fill });
  if (entry.kind === 'demonstration') return solid(colour.aubergine);
  if (entry.kind === 'students') return solid(colour.thymeText);
  if (entry.kind === 'class')
    return { fill: colour.sheet, stroke: colour.ink, text: colour.ink, tail: colour.ink };
  if (entry.lane === 'fridge')
    return { fill: colour.seaPale, stroke: colour.sea, text: colour.ink, tail: colour.sea };
  if (entry.lane === 'resting')
    return { fill: colour.ground, stroke: colour.quiet, text: colour.ink, tail: colour.quiet };
  if (entry.kind === 'wait') return solid(colour.emberText);
  return solid(colour.basil);
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
