import { type KeyboardEvent, useEffect, useState } from 'react';

/**
 * Enter in a search box acts on what its list has in focus. While the list has nothing in focus, or nothing
 * in it yet, Enter asks for the first that is found, and it is opened as soon as it is there: lists come over
 * the network, and whoever types fast is done before they are here. What is typed after that takes it back.
 */
export function useFirstFound(first: string | undefined, open: (key: string) => void) {
  const [isAsked, setAsked] = useState(false);
  useEffect(() => {
    if (!isAsked || first === undefined) return;
    setAsked(false);
    open(first);
  }, [isAsked, first, open]);
  return {
    ask: (event: KeyboardEvent) => {
      if (event.key === 'Enter' && !event.currentTarget.hasAttribute('aria-activedescendant')) setAsked(true);
    },
    forget: () => setAsked(false),
  };
}
