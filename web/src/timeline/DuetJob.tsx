import { Pin, TriangleAlert } from 'lucide-react';
import { type KeyboardEvent, useEffect } from 'react';
import { useTheme } from 'styled-components';
import type { TimelineEntry } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useWorkings } from '../parts/workings.js';
import { foundAt } from './found-at.js';
import { isFixed, shortLabel } from './clock-layout.js';
import { type ClockProps, workingsKeyOf } from './clock-measures.js';
import type { Duet as Layout, DuetBlock } from './duet-layout.js';
import { Block, Foot, lookOf, Tail } from './duet-style.js';
import { snapMinutes, useDrag } from './useDrag.js';

const lineHeight = 15;

export type Moves = Pick<ClockProps, 'onMove' | 'onPreview' | 'onCancel' | 'onUnpin'>;

/** What every block is drawn by. */
export interface Shared {
  layout: Layout;
  scale: number;
  timeAt: (minute: number) => string;
  moves: Moves;
}

interface JobProps extends Shared {
  block: DuetBlock;
  inset: { left: number; right: number };
  isThread?: boolean;
}

/** A block of the duet with its words, its tail, and the moves that pin it. */
export function Job({ block, layout, scale, timeAt, moves, inset, isThread = false }: JobProps) {
  const { entry, top, height, column, columns } = block;
  const { isChosen, choose } = useChosen(entry);
  const { plan } = useOpenClass();
  const found = foundAt(plan, entry);
  const { onMove, onUnpin } = moves;
  const { style, onPointerDown } = useDrag(entry, { perMinute: scale, way: 'down' }, moves);
  const fixed = isFixed(entry);
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (fixed || (!by && event.key !== 'Delete' && event.key !== 'Backspace')) return;
    event.preventDefault();
    if (by) onMove(entry, entry.start + by * (event.shiftKey ? 1 : snapMinutes));
    else if (entry.isPinned) onUnpin(entry);
  };
  const left = `calc(${inset.left}px + (100% - ${inset.left}px) * ${column / columns})`;
  const width = `calc((100% - ${inset.left}px) / ${columns} - ${inset.right}px)`;
  const foot = block.washing ?? 0;
  const lines = Math.floor((height - foot - 6) / lineHeight);
  return (
    <>
      <Block
        type="button"
        data-bar
        data-thread={isThread ? '' : undefined}
        aria-label={
          `${entry.title}, ${entry.localTime} to ${entry.localEnd}` +
          `${entry.dishTitle ? `, ${entry.dishTitle}` : ''}${foot > 0 ? ', then wash up' : ''}` +
          `${entry.isPinned ? ', pinned' : ''}${found.length > 0 ? `; ${found[0]!.sentence}` : ''}`
        }
        title={entry.title}
        $look={lookOf(entry)}
        $chosen={isChosen}
        $lines={lines}
        style={{ top, height: Math.max(height - 1, 12), left, width, paddingBottom: foot, ...style }}
        onFocus={choose}
        onClick={choose}
        onKeyDown={onKeyDown}
        {...(fixed ? {} : { onPointerDown })}
      >
        <strong>
          {entry.isPinned ? <Pin size={11} aria-hidden /> : null}
          {found.length > 0 ? <TriangleAlert size={12} aria-hidden /> : null}{' '}
          <Words entry={entry} lines={lines} timeAt={timeAt} />
        </strong>
        {foot > 0 ? <Foot style={{ height: foot }} /> : null}
        {lines > 2 && entry.dishTitle && !isThread ? <small>{entry.dishTitle}</small> : null}
      </Block>
      <Kept entry={entry} layout={layout} foot={top + height} left={left} width={width} />
    </>
  );
}

/**
 * The whole of it where there is room for more than a line; a frame says when. That it is shown is said by
 * its shape, too, and not again where there is no room.
 */
function Words({
  entry,
  lines,
  timeAt,
}: {
  entry: TimelineEntry;
  lines: number;
  timeAt: (minute: number) => string;
}) {
  if (entry.kind === 'class') return `${entry.title}, ${timeAt(entry.start)}`;
  const words = lines > 1 ? entry.title : shortLabel(entry);
  const [, shown, rest] = /^(Show: )(.*)$/.exec(words) ?? ['', '', words];
  return (
    <>
      {shown ? <span data-shown>{shown}</span> : null}
      {rest}
    </>
  );
}

function Kept({
  entry,
  layout,
  foot,
  left,
  width,
}: {
  entry: TimelineEntry;
  layout: Layout;
  foot: number;
  left: string;
  width: string;
}) {
  const { colour } = useTheme();
  const { keeps } = entry;
  if (!keeps) return null;
  // Down to where it is used, or to where it is no longer good, if that is sooner.
  const to = layout.yOf(keeps.usedAt === null ? keeps.until : Math.min(keeps.until, keeps.usedAt));
  if (to - foot < 6) return null;
  return (
    <Tail
      aria-hidden
      $colour={keeps.broken ? colour.beet : colour.thymeText}
      $broken={keeps.broken}
      style={{ top: foot, height: to - foot, left: `calc(${left} + ${width} - 1px)` }}
    />
  );
}

/** Choosing a block opens its Workings, which follow it through changes. */
function useChosen(entry: TimelineEntry): { isChosen: boolean; choose: () => void } {
  const { selected, select } = useWorkings();
  const key = workingsKeyOf(entry.id);
  const isChosen = selected?.key === key;
  const isStale = isChosen && selected.workings !== entry.workings;
  useEffect(() => {
    if (isStale) select({ key, workings: entry.workings });
  }, [isStale, key, entry, select]);
  return { isChosen, choose: () => select({ key, workings: entry.workings }) };
}
