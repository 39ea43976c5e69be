import type { KeyboardEvent } from 'react';
import { useTheme } from 'styled-components';
import { jobsAreOneStop } from '../parts/one-stop.js';
import { phone, useMedia } from '../parts/useMedia.js';
import type { ClockProps } from './clock-measures.js';
import { type Duet as Layout, type DuetBlock, type DuetThread, layOutDuet } from './duet-layout.js';
import { Across, Hour, Mark, Score, Scroll, Spell, Stem, Voice, VoiceName } from './duet-style.js';
import { Job, type Moves, type Shared } from './DuetJob.js';

const perMinute = 7;
const leastHeight = 17;
/** On a phone time runs longer, and what goes on side by side is a list. */
const narrow = { perMinute: 11, mostColumns: 1 };

interface DuetProps extends Pick<ClockProps, 'timeline' | 'timeAt'>, Moves {
  stations: number;
  /** Pixels a minute, where the whole must fit a sheet. */
  scale?: number;
}

/**
 * The class as two voices: what you show and do, and what the stations do, with time running down between
 * them.
 */
export function Duet({ timeline, timeAt, stations, scale: given, ...moves }: DuetProps) {
  const isNarrow = useMedia(phone) && given === undefined;
  const scale = given ?? (isNarrow ? narrow.perMinute : perMinute);
  const layout = layOutDuet(timeline, {
    perMinute: scale,
    leastHeight: Math.min(leastHeight, scale * 2.3),
    ...(isNarrow ? { mostColumns: narrow.mostColumns } : {}),
  });
  const threads = layout.threads.reduce((sum, thread) => sum + widthOf(thread), 0);
  const shared = { layout, scale, timeAt, moves };
  return (
    <Scroll>
      <Score $threads={threads} role="group" aria-label="Duet" ref={jobsAreOneStop} onKeyDown={walkBlocks}>
        <ThreadNames layout={layout} />
        <VoiceName data-voice="you">You</VoiceName>
        <div />
        <VoiceName data-voice="stations">{stations > 1 ? `Stations 1–${stations}` : 'Station 1'}</VoiceName>
        <Threads {...shared} total={threads} />
        <Voice $at={2} style={{ height: layout.height }}>
          <Hours layout={layout} />
          {layout.you.map((block) => (
            <Job key={block.entry.id} block={block} {...shared} inset={{ left: 6, right: 0 }} />
          ))}
        </Voice>
        <Voice $at={3} style={{ height: layout.height }} aria-hidden>
          <Stem />
          {layout.marks.map((minute) => (
            <Mark key={minute} style={{ top: layout.yOf(minute) }}>
              <span>{timeAt(minute)}</span>
            </Mark>
          ))}
        </Voice>
        <Voice $at={4} style={{ height: layout.height }}>
          <Hours layout={layout} />
          <Spells layout={layout} />
          <Faces layout={layout} />
          {layout.stations.map((block) => (
            <Job key={block.entry.id} block={block} {...shared} inset={{ left: 12, right: 10 }} />
          ))}
        </Voice>
        <Across style={{ height: layout.height }}>
          {layout.frames.map((block) => (
            <Job key={block.entry.id} block={block} {...shared} inset={{ left: 6, right: 0 }} />
          ))}
        </Across>
      </Score>
    </Scroll>
  );
}

/** A person's jobs have more words than an oven's. */
function widthOf({ lane, columns }: DuetThread): number {
  return columns * (lane === 'assistant' ? 1.8 : 1);
}

function ThreadNames({ layout }: { layout: Layout }) {
  return (
    <div style={{ display: 'flex' }}>
      {layout.threads.map((thread) => (
        <VoiceName
          key={thread.lane}
          data-voice="thread"
          style={{ width: `calc(${widthOf(thread)} * var(--thread))` }}
          title={thread.name}
        >
          {thread.name}
        </VoiceName>
      ))}
    </div>
  );
}

function Threads({ layout, total, ...shared }: Shared & { total: number }) {
  return (
    <Voice $at={1} style={{ height: layout.height, display: 'flex' }}>
      {layout.threads.map((thread) => (
        <Voice key={thread.lane} style={{ width: `${(widthOf(thread) / total) * 100}%` }}>
          {thread.blocks.map((block) => (
            <Job
              key={block.entry.id}
              block={{ ...block, columns: thread.columns }}
              layout={layout}
              {...shared}
              inset={{ left: 0, right: 5 }}
              isThread
            />
          ))}
        </Voice>
      ))}
    </Voice>
  );
}

function Hours({ layout }: { layout: Layout }) {
  return layout.marks.map((minute) => <Hour key={minute} style={{ top: layout.yOf(minute) }} aria-hidden />);
}

/** Where nobody at the stations has anything in hand. */
function Spells({ layout }: { layout: Layout }) {
  return layout.spells.map(({ top, height, minutes, isWatching }) => (
    <Spell key={top} $watching={isWatching} style={{ top, height }}>
      <span>{isWatching ? `watching, ${minutes} min` : `nothing in hand, ${minutes} min`}</span>
    </Spell>
  ));
}

/** From what is shown to where it is done. */
function Faces({ layout }: { layout: Layout }) {
  const { colour } = useTheme();
  const find = (blocks: readonly DuetBlock[], id: string) => blocks.find(({ entry }) => entry.id === id);
  return (
    <svg
      width={13}
      height={layout.height}
      aria-hidden
      style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
    >
      {layout.faces.map(({ shown, done }) => {
        const [from, to] = [find(layout.you, shown), find(layout.stations, done)];
        if (!from || !to) return null;
        const [y1, y2] = [from.top + from.height / 2, to.top + 7];
        return (
          <g key={shown} stroke={colour.aubergine} strokeWidth="1.5" fill="none">
            <path d={`M0,${y1} H5 V${y2} H12`} />
            <path d={`M8,${y2 - 4} L12,${y2} L8,${y2 + 4}`} />
          </g>
        );
      })}
    </svg>
  );
}

/** Left and right walk the blocks; up and down move the chosen one. */
function walkBlocks(event: KeyboardEvent<HTMLElement>): void {
  const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
  if (!by) return;
  const blocks = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-bar]')];
  const next = blocks[blocks.indexOf(document.activeElement as never) + by];
  if (!next) return;
  event.preventDefault();
  next.focus();
}
