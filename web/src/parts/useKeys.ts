import { useLayoutEffect, useRef } from 'react';
import { tinykeys, type KeyBindingMap } from 'tinykeys';

/** Whether the focus is where typing belongs to the field. A box to tick is none. */
function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !/^(?:checkbox|radio|button|submit|file)$/.test(target.type);
  return target.isContentEditable || /^(?:TEXTAREA|SELECT)$/.test(target.tagName);
}

/**
 * Keys of the whole window, as "Control+k" or "?". They are heard before any field hears them; those that
 * fields type for themselves are for `whileNotTyping` to let go.
 */
export function useKeys(keys: KeyBindingMap): void {
  const latest = useRef(keys);
  // What is seen answers to its keys at once: a quick hand is there before the next frame.
  useLayoutEffect(() => {
    latest.current = keys;
  });
  const names = Object.keys(keys).join('\n');
  useLayoutEffect(
    () =>
      tinykeys(
        window,
        Object.fromEntries(
          names
            .split('\n')
            .filter(Boolean)
            .map((name) => [name, (event) => latest.current[name]?.(event)] as const),
        ),
        { capture: true },
      ),
    [names],
  );
}

/** A key that means something only where it is not typed. */
export function whileNotTyping(run: (event: KeyboardEvent) => void): (event: KeyboardEvent) => void {
  return (event) => {
    if (!isTyping(event.target)) run(event);
  };
}
