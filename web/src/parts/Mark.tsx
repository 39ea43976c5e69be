import { theme } from '../theme/theme.js';

/** The mark: three points on a bent line, like the path of a class. */
export function Mark() {
  return (
    <svg width="30" height="20" viewBox="0 0 30 20" aria-hidden>
      <path d="M4 15 14 6l12 7" fill="none" stroke={theme.colour.ink} strokeWidth="1.6" />
      <circle cx="4" cy="15" r="3.4" fill={theme.colour.ink} />
      <circle cx="14" cy="6" r="3.6" fill={theme.colour.ember} />
      <circle cx="26" cy="13" r="3.4" fill={theme.colour.ink} />
    </svg>
  );
}
