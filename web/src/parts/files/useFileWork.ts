import { useSay } from '../toasts.js';

/**
 * Runs what saves or reads a file. What it needs comes with the first press; where it does not come, that is
 * said.
 */
export function useFileWork(): (work: () => Promise<void>) => void {
  const say = useSay();
  return (work) =>
    void work().catch(() => say('The file could not be handled: the connection is lost. Try again.'));
}
