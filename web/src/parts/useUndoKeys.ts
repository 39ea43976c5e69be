import { useKeys, whileNotTyping } from './useKeys.js';

/** Ctrl+Z and Ctrl+Shift+Z outside of text fields, which keep their own. */
export function useUndoKeys(undo: () => void, redo: () => void): void {
  const does = (act: () => void) =>
    whileNotTyping((event) => {
      event.preventDefault();
      act();
    });
  useKeys({ '$mod+z': does(undo), '$mod+Shift+z': does(redo) });
}
