type Item = HTMLElement | SVGElement;

/** What makes a box one stop, given as a ref: called with the box, it returns what ends it. */
type BoxRef = (box: Item | null) => (() => void) | undefined;

/**
 * Makes what is long one stop for Tab: of the items in a box the one that was used last can be reached, and
 * from there the others. With `arrows` they are walked by ArrowUp, ArrowDown, Home and End; without, the box
 * has keys of its own. Given as a ref, it follows what comes and goes.
 */
function oneStop(selector: string, arrows = true): BoxRef {
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
    return followed(box, settle, { focusin: onFocus, ...(arrows ? { keydown: onKey } : {}) });
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

/** What is filled in, pressed or opened in a row that is edited. */
const edited = 'input, button';

/**
 * Makes rows that are edited one row of stops: Tab goes along the row that was used last, the arrow keys go
 * to the same place of the row above or below. What opens with the arrow keys keeps them.
 */
export const editedRowsAreOneStop: BoxRef = (box) => {
  if (!box) return undefined;
  let stop: Element | undefined;
  const rows = () => [...box.querySelectorAll('tbody tr')];
  const settle = () => {
    const all = rows();
    if (!stop || !all.includes(stop)) stop = all[0];
    for (const row of all)
      for (const item of row.querySelectorAll<HTMLElement>(edited)) {
        const wanted = row === stop ? 0 : -1;
        if (item.tabIndex !== wanted) item.tabIndex = wanted;
      }
  };
  const onFocus = (event: Event) => {
    stop = (event.target as Element).closest('tbody tr') ?? stop;
    settle();
  };
  const onKey = (event: Event) => {
    const { key, altKey, ctrlKey, metaKey } = event as KeyboardEvent;
    const step = { ArrowUp: -1, ArrowDown: 1 }[key];
    const target = event.target as Element;
    const cell = target.closest('td');
    if (!step || !cell || target.matches('[aria-haspopup]') || altKey || ctrlKey || metaKey) return;
    const all = rows();
    const next = all[all.indexOf(cell.closest('tr')!) + step];
    const there = next?.querySelectorAll('td')[cell.cellIndex]?.querySelector<HTMLElement>(edited);
    if (!there) return;
    event.preventDefault();
    there.focus();
  };
  return followed(box, settle, { focusin: onFocus, keydown: onKey });
};

/** Settles a box now and as something comes or goes in it, and hears its events; returns what ends it. */
function followed(
  box: Item,
  settle: () => void,
  heard: Readonly<Record<string, (event: Event) => void>>,
): () => void {
  const follow = new MutationObserver(settle);
  follow.observe(box, { childList: true, subtree: true });
  for (const [kind, hear] of Object.entries(heard)) box.addEventListener(kind, hear);
  settle();
  return () => {
    follow.disconnect();
    for (const [kind, hear] of Object.entries(heard)) box.removeEventListener(kind, hear);
  };
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
/** Boxes to tick, walked by the arrow keys as the buttons of a radio group are. */
export const ticksAreOneStop = oneStop('input[type="checkbox"]');
