import type { PieceSize } from '../larder/index.js';
import { lineCues } from './intake/line-cues.js';

const isSmall = lineCues.has('small');
const isLarge = lineCues.has('large');

/** The size that a line's note gives its pieces: "large", "small, shredded". Null for medium ones. */
export function pieceSizeOf(note: string): PieceSize | null {
  if (isSmall(note)) return 'small';
  return isLarge(note) ? 'large' : null;
}
