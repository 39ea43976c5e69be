import { delMany, entries, del, set } from 'idb-keyval';
import { openTabs, tabName } from './tab.js';

/** What was typed into one row and is not yet on the server, with what it was based on. */
export interface Unsent<P extends object> {
  readonly patch: P;
  /**
   * The values of the same fields when they were first changed, to tell a clash from two changes side by
   * side.
   */
  readonly base: Partial<P>;
  readonly revision: number;
}

/** What waits on this device, with the key it is kept under and when it was typed, in milliseconds. */
export interface Waiting {
  readonly key: string;
  readonly row: string;
  readonly unsent: Unsent<object>;
  readonly since: number;
  /** Whether this tab wrote it. */
  readonly isOwn: boolean;
}

type Stored = Unsent<object> & { readonly since?: number };

/** "unsent:<tab>:<row>"; without a tab where a version before wrote it. */
const keyShape = /^unsent:(?:([0-9a-f]{8}-[0-9a-f-]{27}):)?(.+)$/;

/**
 * Unsent rows wait in IndexedDB, so that a reload, a crash or a lost connection keeps them: each tab has its
 * own, so that two tabs never write over each other, and what a closed tab left is taken up by the next.
 */
export const outbox = {
  async write(row: string, unsent: Unsent<object>): Promise<void> {
    await set(`unsent:${await tabName()}:${row}`, { ...unsent, since: Date.now() } satisfies Stored);
  },
  async clear(row: string): Promise<void> {
    await del(`unsent:${await tabName()}:${row}`);
  },
  /** What waits and no other open tab is at, oldest first. */
  async waiting(): Promise<Waiting[]> {
    const [all, open, own] = await Promise.all([entries<string, Stored>(), openTabs(), tabName()]);
    return all
      .flatMap(([key, unsent]): Waiting[] => {
        const [, tab, row] = keyShape.exec(String(key)) ?? [];
        if (!row || (tab && tab !== own && open.has(tab))) return [];
        return [{ key, row, unsent, since: unsent.since ?? 0, isOwn: tab === own }];
      })
      .sort((a, b) => a.since - b.since);
  },
  /** The same of one row. */
  async of(row: string): Promise<Waiting[]> {
    return (await outbox.waiting()).filter((each) => each.row === row);
  },
  /** Lets go of what others left, once it is kept as this tab's own. */
  forget: (waiting: readonly Waiting[]) =>
    delMany(waiting.filter(({ isOwn }) => !isOwn).map(({ key }) => key)),
  /** Lets go of what has been sent, or is given up. */
  remove: (waiting: readonly Waiting[]) => delMany(waiting.map(({ key }) => key)),
};

const open = new Map<string, number>();

/** The rows that are being edited in this tab: what waits of them is theirs to send. */
export const openRows = {
  /** Returns how to leave it again. */
  enter(row: string): () => void {
    open.set(row, (open.get(row) ?? 0) + 1);
    return () => {
      const left = open.get(row)! - 1;
      if (left > 0) open.set(row, left);
      else open.delete(row);
    };
  },
  has: (row: string) => open.has(row),
};
