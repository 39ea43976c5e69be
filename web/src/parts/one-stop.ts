type Item = HTMLElement | SVGElement;

/**
 * Makes what is long one stop for Tab: of the items in a box the one that was used last can be reached, and
 * from there the others. With `arrows` they are walked by ArrowUp, ArrowDown, Home and End; without, the box
 * has keys of its own. Given as a ref, it follows what comes and goes.
 */
function oneStop(selector: string, arrows = true): (box: Item | null) => (() => void) | undefined {
  return (box) => {
    if (!box) return undefined;
    let stop: Item | undefined;
    const items = () => [...box.querySelectorAll<Item>(selector)];
    const settle = () => {
      const all = items();
      if (!stop || !all.includes(stop))
        stop = all.find((item) => item.getAttribute('aria-current') === 'page') ?? all[0];
      for (const item of all) {
        const wanted = item === stop ? 0 : -1;
        if (item.tabIndex !== wanted) item.tabIndex = wanted;
      }
    };
    const onFocus = (event: Event) => {
      const item = (event.target as Element).closest<Item>(selector);
      if (!item || !box.contains(item)) return;
      stop = item;
      settle();
    };
    const onKey = (event: Event) => walk(event as KeyboardEvent, items());
    const follow = new MutationObserver(settle);
    follow.observe(box, { childList: true, subtree: true });
    box.addEventListener('focusin', onFocus);
    if (arrows) box.addEventListener('keydown', onKey);
    settle();
    return () => {
      follow.disconnect();
      box.removeEventListener('focusin', onFocus);
      box.removeEventListener('keydown', onKey);
    };
  };
}

function walk(event: KeyboardEvent, items: readonly Item[]): void {
  const at = items.indexOf(document.activeElement as Item);
  const to = { ArrowDown: at + 1, ArrowUp: at - 1, Home: 0, End: items.length - 1 }[event.key];
  if (at < 0 || to === undefined || event.altKey || event.ctrlKey || event.metaKey) return;
  const next = items[to];
  if (!next) return;
  event.preventDefault();
  next.focus();
}

/** What is walked in a table: its figures and ticks. */
export const walked = '[data-figure], input[type="checkbox"]';
/** The same where cells have buttons; those of a form follow its field. */
export const walkedWithButtons = `${walked}, button:not(form button)`;
/** A table, which is walked in both ways. */
export const figuresAreOneStop = oneStop(walked, false);
export const figuresAndButtonsAreOneStop = oneStop(walkedWithButtons, false);
/** Figures and ticks that stand in a list. */
export const listedFiguresAreOneStop = oneStop(walked);
/** Bars and blocks of the clock. */
export const jobsAreOneStop = oneStop('[data-bar]', false);
export const linksAreOneStop = oneStop('a');
