import type { PieceSize } from '../larder/index.js';

/** The size that a line's note gives its pieces: "large", "small, shredded". Null for medium ones. */
export function pieceSizeOf(note: string): PieceSize | null {
  const match = /\b(small|large|big)\b/i.exec(note);
  return match ? (match[1]!.toLowerCase() === 'small' ? 'small' : 'large') : null;
}
