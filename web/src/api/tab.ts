import { v4 as uuid } from 'uuid';

const place = 'fornax-tab';
const lockOf = (tab: string) => `fornax-tab:${tab}`;

let claimed: Promise<string> | null = null;

/**
 * The name of this tab, the same after a reload. A lock is held as long as the tab is open, so that others
 * can tell whether it still is; a copy of a tab, which begins with its name, takes another.
 */
export function tabName(): Promise<string> {
  claimed ??= claim(sessionStorage.getItem(place) ?? uuid());
  return claimed;
}

async function claim(name: string): Promise<string> {
  const own = (await isHeldByUs(name)) ? name : uuid();
  if (own !== name) await isHeldByUs(own);
  sessionStorage.setItem(place, own);
  return own;
}

/** Takes the lock until the tab is closed; false where another tab has it. */
function isHeldByUs(name: string): Promise<boolean> {
  if (!('locks' in navigator)) return Promise.resolve(true);
  return new Promise((resolve) => {
    void navigator.locks.request(lockOf(name), { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise<never>(() => undefined);
    });
  });
}

/** Resolves as soon as one of the other tabs that are open now is closed; never without any. */
export async function whenATabCloses(signal: AbortSignal): Promise<void> {
  const own = await tabName();
  const others = [...(await openTabs())].filter((tab) => tab !== own);
  await Promise.race([
    ...others.map((tab) => navigator.locks.request(lockOf(tab), { signal }, () => undefined)),
    new Promise<never>(() => undefined),
  ]);
}

/** The names of tabs that are open. */
export async function openTabs(): Promise<ReadonlySet<string>> {
  const own = await tabName();
  if (!('locks' in navigator)) return new Set([own]);
  const { held = [] } = await navigator.locks.query();
  const start = lockOf('');
  return new Set([
    own,
    ...held.flatMap(({ name }) => (name?.startsWith(start) ? [name.slice(start.length)] : [])),
  ]);
}
