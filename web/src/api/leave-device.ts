import { clear, entries } from 'idb-keyval';

/** What is kept on this device and nowhere else. */
export interface WaitingHere {
  readonly count: number;
  readonly sentence: string;
}

/** Texts that are being written and were not kept yet, by how their key begins. */
const draftKeys = ['fornax:pasted-recipe', 'fornax:note:'];

/** What was said of such a text goes with it. */
const besideDrafts = ['fornax:answers-to-text'];

/** What has not been sent yet, of changes, ticks and texts. */
export async function waitingHere(): Promise<WaitingHere> {
  const keys = (await entries()).map(([key]) => String(key));
  const changes = keys.filter((key) => key.startsWith('unsent:')).length;
  const ticks = keys.filter((key) => key.startsWith('tick')).length;
  const texts = Object.keys(localStorage).filter(
    (key) => draftKeys.some((begin) => key.startsWith(begin)) && localStorage.getItem(key)?.trim(),
  ).length;
  const named = [
    counted(changes, 'change', 'changes'),
    counted(ticks, 'tick', 'ticks'),
    counted(texts, 'text that was not kept', 'texts that were not kept'),
  ].filter(Boolean);
  const count = changes + ticks + texts;
  return {
    count,
    sentence:
      `${named.join(', ')} ${count === 1 ? 'is' : 'are'} on this device only. Signing out deletes ` +
      `${count === 1 ? 'it' : 'them'}; to keep ${count === 1 ? 'it' : 'them'}, stay until all is saved.`,
  };
}

/** Deletes all that this device keeps of a kitchen. How pages are shown stays. */
export async function leaveDevice(): Promise<void> {
  await clear();
  for (const key of Object.keys(localStorage))
    if ([...draftKeys, ...besideDrafts].some((begin) => key.startsWith(begin))) localStorage.removeItem(key);
}

function counted(count: number, one: string, many: string): string {
  if (count === 0) return '';
  return count === 1 ? `1 ${one}` : `${count} ${many}`;
}
