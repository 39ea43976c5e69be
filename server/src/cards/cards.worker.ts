import type { LabelSheet, MarkingSheet, StationCard, StorageLabel } from '@fornax/core';
import { cardsPdf, labelsPdf, type Paper } from './cards-pdf.js';

/** What is set: the cards of a class, or its storage labels. */
export type SetWork =
  | {
      readonly cards: readonly StationCard[];
      readonly paper: Paper;
      readonly sheets: readonly MarkingSheet[];
    }
  | { readonly labels: readonly StorageLabel[]; readonly sheet: LabelSheet };

/** Sets cards and labels on a thread of their own. */
export default function setSheets(work: SetWork): Promise<Uint8Array> {
  return 'labels' in work
    ? labelsPdf(work.labels, work.sheet)
    : cardsPdf(work.cards, work.paper, work.sheets);
}
