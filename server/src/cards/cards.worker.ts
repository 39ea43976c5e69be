import type { MarkingSheet, StationCard } from '@fornax/core';
import { cardsPdf, type Paper } from './cards-pdf.js';

/** Sets cards on a thread of their own. */
export default function setCards(work: {
  readonly cards: readonly StationCard[];
  readonly paper: Paper;
  readonly sheets: readonly MarkingSheet[];
}): Promise<Uint8Array> {
  return cardsPdf(work.cards, work.paper, work.sheets);
}
