import type { checks as rules } from './check.js';

type Checks = typeof rules;

let checks: Checks | null = null;
let coming: Promise<Checks | null> | null = null;

/** The contract's rules, fetched once; null where they cannot be fetched, and the server alone checks. */
export async function fetchChecks(): Promise<Checks | null> {
  coming ??= import('./check.js').then(
    (loaded) => (checks = loaded.checks),
    () => (coming = null),
  );
  return coming;
}

/** The rules if they are here: what is typed before they are is checked by the server, in the same words. */
export function checksIfHere(): Checks | null {
  return checks;
}

/**
 * Fetches the rules at the first touch of anything that can be changed; a page that is only read does without
 * them. Returns what stops waiting for it.
 */
export function fetchChecksOnTouch(): () => void {
  const kinds = ['pointerdown', 'keydown', 'focusin'] as const;
  const stop = () => kinds.forEach((kind) => window.removeEventListener(kind, touched, true));
  const touched = ({ target }: Event) => {
    if (!(target instanceof Element) || !target.closest(controls)) return;
    stop();
    void fetchChecks();
  };
  if (!checks) kinds.forEach((kind) => window.addEventListener(kind, touched, true));
  return stop;
}

const controls = 'input, textarea, select, button, summary, [role]';
