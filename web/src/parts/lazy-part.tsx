import { type ComponentType, useEffect, useState } from 'react';
import { useSay } from './toasts.js';

/**
 * A part whose script comes when it is first shown, so that its page opens without it. Until then
 * `Meanwhile` stands in its place. Where it does not come, that is said and it can be asked for again; it is
 * asked for by itself once the connection is back. The page around it stays as it is.
 */
export function lazyPart<P extends object>(
  load: () => Promise<ComponentType<P>>,
  Meanwhile: ComponentType<P> = Nothing,
): ComponentType<P> {
  let loaded: ComponentType<P> | null = null;
  return function LazyPart(props: P) {
    const [Part, setPart] = useState<ComponentType<P> | null>(() => loaded);
    const [tries, setTries] = useState(1);
    const say = useSay();
    useEffect(() => {
      if (loaded) return undefined;
      let isShown = true;
      const again = () => isShown && setTries(tries + 1);
      load().then(
        (part) => {
          loaded = part;
          if (isShown) setPart(() => part);
        },
        () => {
          if (!isShown) return;
          window.addEventListener('online', again, { once: true });
          say('This part could not be loaded. Try again, or load the page again; what you entered is kept.', {
            label: 'Try again',
            run: again,
          });
        },
      );
      return () => {
        isShown = false;
        window.removeEventListener('online', again);
      };
    }, [tries, say]);
    return Part ? <Part {...props} /> : <Meanwhile {...props} />;
  };
}

function Nothing(): null {
  return null;
}
