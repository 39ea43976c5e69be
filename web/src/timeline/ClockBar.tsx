import { useEffect, type KeyboardEvent } from 'react';
import { Pin } from 'lucide-react';
import { useTheme } from 'styled-components';
import type { Timeline, TimelineEntry } from '@fornax/core';
import { useWorkings } from '../parts/workings.js';
import { isFixed, type PlacedBar, shortLabel } from './clock-layout.js';
import { barHeight, type ClockProps, type Place, workingsKeyOf } from './clock-measures.js';
import { snapMinutes, useDrag } from './useDrag.js';

/** Where a bar stands, in pixels. */
interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
}

interface BarProps extends Pick<ClockProps, 'before' | 'onMove' | 'onPreview' | 'onCancel' | 'onUnpin'> {
  bar: PlacedBar;
  place: Place;
}

export function Bar({
  bar: { entry, label },
  place,
  before,
  onMove,
  onPreview,
  onCancel,
  onUnpin,
}: BarProps) {
  const { colour } = useTheme();
  const { selected, select } = useWorkings();
  const key = workingsKeyOf(entry.id);
  const { x } = place;
  const top = place.topOf.get(entry.id)!;
  const left = x(entry.start);
  const width = Math.max(3, x(entry.end) - left);
  const look = barLook(entry, colour);
  const choose = () => select({ key, workings: entry.workings });
  const isChosen = selected?.key === key;
  const isStale = isChosen && selected.workings !== entry.workings;
  useEffect(() => {
    if (isStale) select({ key, workings: entry.workings });
  }, [isStale, key, entry, select]);
  const drag = useDrag(entry, { perMinute: place.perMinute, way: 'across' }, { onMove, onPreview, onCancel });
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
      <Face entry={entry} label={label} box={{ left, top, width }} isChosen={isChosen} />
    </g>
  );
}

/** The bar itself, the ring of the chosen one, its label and its pin. */
function Face({
  entry,
  label,
  box: { left, top, width },
  isChosen,
}: {
  entry: TimelineEntry;
  label: PlacedBar['label'];
  box: Box;
  isChosen: boolean;
}) {
  const { colour } = useTheme();
  const look = barLook(entry, colour);
  const inside = label === 'inside';
  const textX = inside ? left + 6 : label === 'right' ? left + width + 6 : left - 6;
  return (
    <>
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
    </>
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
