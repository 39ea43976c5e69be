import { del, delMany, entries, set, update } from 'idb-keyval';
import type { Marks } from './ticks.js';

type Mark = Marks[string];

/** A mark that waits on this device, and when it was made, in milliseconds. */
export interface WaitingTick {
  readonly place: string;
  readonly classId: string;
  readonly key: string;
  readonly mark: Mark & { readonly since?: number };
}

/** "tick:<class>:<row>": one a row, so that two tabs do not write over each other; the later mark stands. */
const shape = /^tick:([0-9a-fA-F-]{36}):(.+)$/s;
/** "ticks:<class>" of a version before: all of a class in one. */
const olderShape = /^ticks:([0-9a-fA-F-]{36})$/;

function placeOf(classId: string, key: string): string {
  return `tick:${classId}:${key}`;
}

/** Marks that the server does not have yet, kept on the device before anything else is done with them. */
export const tickOutbox = {
  write: (classId: string, key: string, mark: Mark) =>
    set(placeOf(classId, key), { ...mark, since: Date.now() }),
  /** Lets go of a mark that is settled, unless the row was marked otherwise since. */
  async settle(classId: string, key: string, mark: Mark): Promise<void> {
    let isSame = false;
    await update<Mark>(placeOf(classId, key), (kept) => {
      isSame = kept?.ticked === mark.ticked && kept.count === mark.count;
      return kept ?? mark;
    });
    if (isSame) await del(placeOf(classId, key));
  },
  async all(): Promise<WaitingTick[]> {
    await takeOver();
    return (await entries<string, WaitingTick['mark']>()).flatMap(([place, mark]) => {
      const [, classId, key] = shape.exec(String(place)) ?? [];
      return classId && key ? [{ place: String(place), classId, key, mark }] : [];
    });
  },
  async of(classId: string): Promise<Marks> {
    const own = (await tickOutbox.all()).filter((each) => each.classId === classId);
    return Object.fromEntries(own.map(({ key, mark: { ticked, count } }) => [key, { ticked, count }]));
  },
};

async function takeOver(): Promise<void> {
  const older = (await entries<string, Marks>()).filter(([place]) => olderShape.test(String(place)));
  for (const [place, marks] of older) {
    const [, classId] = olderShape.exec(place)!;
    for (const [key, mark] of Object.entries(marks)) await tickOutbox.write(classId!, key, mark);
  }
  await delMany(older.map(([place]) => place));
}
