import { useSyncExternalStore } from 'react';

/** A phone, or a window as narrow as one. */
export const phone = 'screen and (max-width: 43.75em)';
/** Too narrow for a panel beside the sheet. */
export const noRoomBeside = 'screen and (max-width: 56.25em)';

/** Whether a media query holds, now and as the window changes. */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const list = window.matchMedia(query);
      list.addEventListener('change', changed);
      return () => list.removeEventListener('change', changed);
    },
    () => window.matchMedia(query).matches,
  );
}
