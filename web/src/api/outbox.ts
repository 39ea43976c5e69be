import { del, entries, get, set } from 'idb-keyval';

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

const prefix = 'unsent:';

/** Unsent rows wait in IndexedDB, so that a reload, a crash or a lost connection keeps them. */
export const outbox = {
  read: <P extends object>(row: string) => get<Unsent<P>>(prefix + row),
  write: <P extends object>(row: string, unsent: Unsent<P>) => set(prefix + row, unsent),
  clear: (row: string) => del(prefix + row),
  async rows(): Promise<string[]> {
    const all = await entries<string, unknown>();
    return all
      .map(([key]) => String(key))
      .filter((key) => key.startsWith(prefix))
      .map((key) => key.slice(prefix.length));
  },
};
