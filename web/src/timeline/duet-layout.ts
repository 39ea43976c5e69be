import { handsOf, idOf, type Lane, stepKeyOf, type Timeline, type TimelineEntry } from '@fornax/core';

/** A block of the duet, in pixels from its top, and which of the columns beside each other it takes. */
export interface DuetBlock {
  readonly entry: TimelineEntry;
  readonly top: number;
  readonly height: number;
  readonly column: number;
  readonly columns: number;
  /** Pixels at its foot in which what it needed is washed up. */
  readonly washing?: number;
}

/** An appliance, the cold or the assistant, at the outer edge. */
export interface DuetThread {
  readonly lane: Lane;
  readonly name: string;
  readonly blocks: readonly DuetBlock[];
  readonly columns: number;
}

/** A spell in which no station has work in hand. */
interface DuetSpell {
  readonly top: number;
  readonly height: number;
  readonly minutes: number;
  readonly isWatching: boolean;
}

export interface Duet {
  readonly from: number;
  readonly to: number;
  readonly height: number;
  /** Welcome, eating and clearing: across both voices. */
  readonly frames: readonly DuetBlock[];
  readonly you: readonly DuetBlock[];
  readonly stations: readonly DuetBlock[];
  readonly threads: readonly DuetThread[];
  readonly spells: readonly DuetSpell[];
  /** What is shown, and where it is done: ids of both. */
  readonly faces: readonly { readonly shown: string; readonly done: string }[];
  readonly yOf: (minute: number) => number;
  /** Minutes that the axis names. */
  readonly marks: readonly number[];
}

export interface DuetScale {
  readonly perMinute: number;
  /** A block is at least as tall as a line of its words. */
  readonly leastHeight: number;
  /**
   * More jobs of the stations beside each other than so many are a list, in the order in which they begin.
   */
  readonly mostColumns?: number;
}

const minutesBefore = 5;
const markMinutes = 10;
/** A shorter pause is no spell to speak of. */
const leastSpell = 3;

const threadLanes: readonly (readonly [Lane, string])[] = [
  ['oven', 'Oven'],
  ['hob', 'Hob'],
  ['griddle', 'Griddle'],
  ['microwave', 'Microwave'],
  ['blender', 'Blender'],
  ['fridge', 'Cold'],
  ['resting', 'Resting'],
  ['assistant', 'Assistant'],
];

/**
 * The class as a duet: time runs down, on one side what you show or do, on the other what the stations do,
 * at the outer edge what goes on by itself and the assistant.
 */
export function layOutDuet(timeline: Timeline, scale: DuetScale): Duet {
  const last = Math.max(timeline.eatMinute, ...timeline.clock.map(({ end }) => end));
  const from = -minutesBefore;
  const to = last + minutesBefore;
  const yOf = (minute: number) => (Math.min(to, Math.max(from, minute)) - from) * scale.perMinute;
  const isShown = (entry: TimelineEntry) =>
    entry.end > from && entry.start < to && entry.ref.role !== 'ripening';
  const shown = timeline.clock.filter(isShown);
  const inColumns = (entries: readonly TimelineEntry[]) => columnsOf(entries, yOf, scale.leastHeight);
  const stations = shown.filter(({ kind }) => kind === 'students');
  const threads = threadLanes.map(([lane, name]): DuetThread => {
    const blocks = inColumns(shown.filter((entry) => entry.lane === lane && entry.kind !== 'demonstration'));
    const alone = lane === 'assistant' ? inTurn(blocks) : blocks;
    return { lane, name, blocks: alone, columns: Math.max(1, ...alone.map(({ columns }) => columns)) };
  });
  return {
    from,
    to,
    height: yOf(to),
    frames: inColumns(shown.filter(({ kind }) => kind === 'class')),
    you: inTurn(
      inColumns(shown.filter(({ kind, lane }) => lane === 'you' && kind !== 'class' && kind !== 'buy')),
    ),
    stations: columnsOf(stations, yOf, scale.leastHeight, {
      washing: washingOf(stations),
      most: scale.mostColumns,
    }),
    threads: threads.filter(({ blocks }) => blocks.length > 0),
    spells: spellsOf(timeline, yOf),
    faces: facesOf(shown),
    yOf,
    marks: Array.from({ length: Math.floor(to / markMinutes) + 1 }, (_, index) => index * markMinutes).filter(
      (minute) => !shown.some(({ kind, start, end }) => kind === 'class' && start <= minute && minute <= end),
    ),
  };
}

/** What is washed up right after a job is the foot of its block. */
function washingOf(entries: readonly TimelineEntry[]): ReadonlyMap<TimelineEntry, TimelineEntry> {
  return new Map(
    entries.flatMap((entry) => {
      const wash = entries.find(
        ({ ref, start }) => ref.role === 'washed' && start === entry.end && idOf(handsOf(ref)) === entry.id,
      );
      return wash ? [[entry, wash] as const] : [];
    }),
  );
}

/** Blocks that overlap stand beside each other; each group of them shares the width. */
function columnsOf(
  entries: readonly TimelineEntry[],
  yOf: (minute: number) => number,
  leastHeight: number,
  {
    washing = new Map(),
    most = Infinity,
  }: { washing?: ReadonlyMap<TimelineEntry, TimelineEntry>; most?: number } = {},
): DuetBlock[] {
  const atFoot = new Set(washing.values());
  const boxes = entries
    .filter((entry) => !atFoot.has(entry))
    .sort((a, b) => a.start - b.start || b.end - a.end)
    .map((entry) => {
      const top = yOf(entry.start);
      const wash = washing.get(entry);
      const foot = wash ? { washing: yOf(wash.end) - yOf(wash.start) } : {};
      return { entry, top, height: Math.max(leastHeight, yOf((wash ?? entry).end) - top), ...foot };
    });
  const groups: (typeof boxes)[] = [];
  let bottom = -Infinity;
  for (const box of boxes) {
    if (box.top >= bottom - 0.5) groups.push([]);
    groups[groups.length - 1]!.push(box);
    bottom = Math.max(bottom, box.top + box.height);
  }
  return groups.flatMap((group) => {
    const bottoms: number[] = [];
    const placed = group.map((box) => {
      const free = bottoms.findIndex((each) => each <= box.top + 0.5);
      const column = free < 0 ? bottoms.length : free;
      bottoms[column] = box.top + box.height;
      return { ...box, column };
    });
    return bottoms.length > most
      ? inAList(placed)
      : placed.map((box) => ({ ...box, columns: bottoms.length }));
  });
}

/** Jobs side by side, one below the other in the room that they take together. */
function inAList(boxes: readonly Omit<DuetBlock, 'columns'>[]): DuetBlock[] {
  const top = Math.min(...boxes.map((box) => box.top));
  const bottom = Math.max(...boxes.map((box) => box.top + box.height));
  const height = (bottom - top) / boxes.length;
  return boxes.map(({ entry }, index) => ({
    entry,
    top: top + index * height,
    height,
    column: 0,
    columns: 1,
  }));
}

/** The jobs of one pair of hands: one below the other, each at most down to the next. */
function inTurn(blocks: readonly DuetBlock[]): DuetBlock[] {
  const sorted = [...blocks].sort((a, b) => a.top - b.top);
  return sorted.map((block, index) => {
    const next = sorted[index + 1];
    const isNext = next !== undefined && next.entry.start >= block.entry.end;
    return isNext
      ? { ...block, column: 0, columns: 1, height: Math.min(block.height, next.top - block.top) }
      : { ...block, column: 0, columns: 1 };
  });
}

function spellsOf({ clock, eatMinute }: Timeline, yOf: (minute: number) => number): DuetSpell[] {
  const work = clock
    .filter(({ kind, end }) => kind === 'students' && end > 0)
    .sort((a, b) => a.start - b.start);
  const welcome = clock.find(({ kind, start }) => kind === 'class' && start === 0);
  const spells: DuetSpell[] = [];
  let from = welcome?.end ?? 0;
  for (const { start, end } of [...work, { start: eatMinute, end: eatMinute }]) {
    if (start - from >= leastSpell) spells.push(spellOf(from, start, clock, yOf));
    from = Math.max(from, end);
  }
  return spells;
}

function spellOf(
  from: number,
  to: number,
  clock: readonly TimelineEntry[],
  yOf: (minute: number) => number,
): DuetSpell {
  const isWatching = clock.some(
    ({ kind, start, end }) => kind === 'demonstration' && start < to && end > from,
  );
  return { top: yOf(from), height: yOf(to) - yOf(from), minutes: to - from, isWatching };
}

function facesOf(entries: readonly TimelineEntry[]): Duet['faces'] {
  return entries
    .filter(({ ref }) => ref.role === 'shown')
    .flatMap((shown) => {
      const done = entries.find(
        ({ kind, ref }) => kind === 'students' && stepKeyOf(ref) === stepKeyOf(shown.ref),
      );
      return done ? [{ shown: shown.id, done: done.id }] : [];
    });
}
