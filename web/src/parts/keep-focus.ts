const focusable =
  'a[href], button:not([disabled]), input:not([disabled]), select, textarea, [tabindex]:not([tabindex="-1"])';

/** Those who close something give the focus back themselves, within this time. */
const giveBackMilliseconds = 80;

/** Where an element stood: in which boxes, as which child, and which of the child's stops it was. */
interface Place {
  readonly element: Element;
  readonly boxes: readonly { readonly box: Element; readonly child: number; readonly stop: number }[];
}

/**
 * What has the focus and goes, as a row that is deleted, hands it to what took its place, the last of the
 * list, or the heading of the page: never to nothing. Returns what ends it.
 */
export function keepFocus(): () => void {
  let last: Place | null = null;
  let waiting = 0;
  const onFocus = ({ target }: Event) => {
    if (target instanceof Element && target !== document.body) last = placeOf(target);
  };
  const mend = () => {
    if (last && !last.element.isConnected && document.activeElement === document.body)
      neighbour(last)?.focus();
  };
  const observer = new MutationObserver(() => {
    if (!last || last.element.isConnected) return;
    window.clearTimeout(waiting);
    waiting = window.setTimeout(mend, giveBackMilliseconds);
  });
  observer.observe(document.body, { childList: true, subtree: true });
  document.addEventListener('focusin', onFocus);
  return () => {
    observer.disconnect();
    window.clearTimeout(waiting);
    document.removeEventListener('focusin', onFocus);
  };
}

function placeOf(element: Element): Place {
  const boxes: { box: Element; child: number; stop: number }[] = [];
  let branch = element;
  for (let box = element.parentElement; box && box !== document.body; box = box.parentElement) {
    boxes.push({
      box,
      child: [...box.children].indexOf(branch),
      stop: stopsIn(branch).indexOf(element as HTMLElement),
    });
    branch = box;
  }
  return { element, boxes };
}

function stopsIn(box: Element): HTMLElement[] {
  const within = [...box.querySelectorAll<HTMLElement>(focusable)];
  return box.matches(focusable) ? [box as HTMLElement, ...within] : within;
}

function neighbour({ boxes }: Place): HTMLElement | null {
  for (const { box, child, stop } of boxes.filter(({ box: each }) => each.isConnected)) {
    for (const at of [child, child - 1]) {
      const stops = box.children[at] ? stopsIn(box.children[at]) : [];
      const next = stops[Math.min(Math.max(0, stop), stops.length - 1)];
      if (next) return next;
    }
  }
  return document.querySelector<HTMLElement>('main :is(h1, h2)[tabindex]');
}
