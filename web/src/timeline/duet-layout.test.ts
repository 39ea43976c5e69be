import { taskRef, type Timeline, type TimelineEntry } from '@fornax/core';
import { describe, expect, it } from 'vitest';
import { layOutDuet } from './duet-layout.js';

const entry = (id: string, start: number, end: number, overrides: Partial<TimelineEntry> = {}) =>
  ({
    id,
    lane: 'stations',
    kind: 'students',
    title: id,
    ref: taskRef('d1', id, 'hands'),
    start,
    end,
    ...overrides,
  }) as TimelineEntry;
const frame = (id: string, start: number, end: number) =>
  entry(id, start, end, { kind: 'class', lane: 'you' });
const shown = (id: string, start: number, end: number) =>
  entry(`${id}:shown`, start, end, {
    kind: 'demonstration',
    lane: 'you',
    ref: taskRef('d1', id, 'shown'),
  });
/** A class that eats at minute 60. */
const timelineOf = (clock: TimelineEntry[]) =>
  ({
    clock: [frame('welcome', 0, 5), ...clock, frame('eat', 60, 80), frame('clear', 80, 95)],
    eatMinute: 60,
    classMinutes: 120,
  }) as unknown as Timeline;
const layOut = (clock: TimelineEntry[]) => layOutDuet(timelineOf(clock), { perMinute: 10, leastHeight: 17 });

describe('the duet', () => {
  it('runs from five minutes before class to five after its end: 0 lies at 50 px, 95 + 5 at 1050', () => {
    const { yOf, height } = layOut([]);
    expect([yOf(0), yOf(60), height]).toEqual([50, 650, 1050]);
  });
  it('a block is as tall as its minutes, and at least as a line of words', () => {
    const { stations } = layOut([entry('a', 10, 20), entry('b', 30, 31)]);
    expect(stations.map(({ top, height }) => [top, height])).toEqual([
      [150, 100],
      [350, 17],
    ]);
  });
  it('what goes on at once stands side by side, and only that', () => {
    const { stations } = layOut([
      entry('a', 10, 20),
      entry('b', 12, 18),
      entry('c', 18, 25),
      entry('d', 30, 40),
    ]);
    expect(stations.map(({ entry: { id }, column, columns }) => `${id} ${column}/${columns}`)).toEqual([
      'a 0/2',
      'b 1/2',
      'c 1/2',
      'd 0/1',
    ]);
  });
  it('with no room beside each other they are a list, in the room of all: 150 ÷ 3 = 50', () => {
    const clock = [entry('a', 10, 20), entry('b', 12, 18), entry('c', 18, 25), entry('d', 30, 40)];
    const { stations } = layOutDuet(timelineOf(clock), { perMinute: 10, leastHeight: 17, mostColumns: 1 });
    expect(stations.map(({ entry: { id }, top, height, columns }) => [id, top, height, columns])).toEqual([
      ['a', 150, 50, 1],
      ['b', 200, 50, 1],
      ['c', 250, 50, 1],
      ['d', 350, 100, 1],
    ]);
  });
  it('washing up right after a job is its foot: 2 of its 12 minutes; after a pause it is a job', () => {
    const wash = (id: string, start: number, end: number) =>
      entry(`${id}:washed`, start, end, { ref: taskRef('d1', id, 'washed') });
    const job = (id: string, start: number, end: number) =>
      entry(`d1/${id}`, start, end, { ref: taskRef('d1', id, 'hands') });
    const { stations } = layOut([job('a', 10, 20), wash('a', 20, 22), job('b', 30, 35), wash('b', 40, 42)]);
    expect(stations.map(({ entry: { id }, height, washing }) => [id, height, washing])).toEqual([
      ['d1/a', 120, 20],
      ['d1/b', 50, undefined],
      ['b:washed', 20, undefined],
    ]);
  });
  it('one pair of hands has one job after the other: a short one ends where the next begins', () => {
    const { you } = layOut([shown('a', 10, 11), shown('b', 11, 15)]);
    expect(you.map(({ top, height, columns }) => [top, height, columns])).toEqual([
      [150, 10, 1],
      [160, 40, 1],
    ]);
  });
  it('a spell without work says how long it is, and whether something is shown in it', () => {
    const { spells } = layOut([
      entry('a', 9, 20),
      shown('b', 22, 26),
      entry('b', 26, 40),
      entry('c', 42, 50),
    ]);
    // From the welcome to 9, from 20 to 26 with a demonstration, 2 min that are none, and 50 to eating.
    expect(spells.map(({ minutes, isWatching }) => [minutes, isWatching])).toEqual([
      [4, false],
      [6, true],
      [10, false],
    ]);
  });
  it('what is shown faces where it is done', () =>
    expect(layOut([shown('b', 22, 26), entry('b', 26, 40)]).faces).toEqual([
      { shown: 'b:shown', done: 'b' },
    ]));
  it('only what goes on has a thread, and an oven with two at once has two columns', () => {
    const oven = { kind: 'wait', lane: 'oven' } as const;
    const { threads } = layOut([entry('r', 10, 40, oven), entry('s', 20, 30, oven)]);
    expect(threads.map(({ name, columns, blocks }) => [name, columns, blocks.length])).toEqual([
      ['Oven', 2, 2],
    ]);
  });
  it('the axis names every ten minutes that no frame covers', () =>
    expect(layOut([]).marks).toEqual([10, 20, 30, 40, 50, 100]));
});
