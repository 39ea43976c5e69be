import type { LabelSheet } from './types.js';

/** Width and height of the papers, in millimetres. */
export const paperMillimetres: Readonly<Record<LabelSheet['paper'], readonly [number, number]>> = {
  a4: [210, 297],
  letter: [215.9, 279.4],
};

/** 21 to a sheet of A4. */
export const usualLabelSheet: LabelSheet = {
  paper: 'a4',
  width: 63.5,
  height: 38.1,
  marginLeft: 7.2,
  marginTop: 15.1,
  gapAcross: 2.5,
  gapDown: 0,
  startAt: 1,
};

/** How many labels stand side by side and below each other. */
export function labelGrid(sheet: LabelSheet): { readonly across: number; readonly down: number } {
  const [width, height] = paperMillimetres[sheet.paper];
  // A tenth of a millimetre is less than a printer keeps to.
  const fit = (room: number, size: number, gap: number) =>
    Math.max(0, Math.floor((room + gap + 0.1) / (size + gap)));
  return {
    across: fit(width - sheet.marginLeft, sheet.width, sheet.gapAcross),
    down: fit(height - sheet.marginTop, sheet.height, sheet.gapDown),
  };
}

/** The least a label can be to hold its words, in millimetres. */
const leastLabel = { width: 35, height: 18 } as const;

/** Why a sheet cannot be printed; empty where it can. */
export function labelSheetProblem(sheet: LabelSheet): string {
  const { across, down } = labelGrid(sheet);
  if (sheet.width < leastLabel.width || sheet.height < leastLabel.height)
    return `A label is at least ${leastLabel.width} by ${leastLabel.height} mm, to hold its words.`;
  if (across === 0 || down === 0) return 'No label of this size fits on the paper.';
  if (sheet.startAt > across * down) return `There are ${across * down} labels on a sheet.`;
  return '';
}

/** Where one label stands: its page from 0, and its corner in millimetres. */
export interface LabelPlace {
  readonly page: number;
  readonly left: number;
  readonly top: number;
}

/** The place of each of so many labels, row by row, from the first that is still on the sheet. */
export function labelPlaces(sheet: LabelSheet, count: number): LabelPlace[] {
  const { across, down } = labelGrid(sheet);
  return Array.from({ length: count }, (_, index) => {
    const at = index + sheet.startAt - 1;
    const onPage = at % (across * down);
    return {
      page: Math.floor(at / (across * down)),
      left: sheet.marginLeft + (onPage % across) * (sheet.width + sheet.gapAcross),
      top: sheet.marginTop + Math.floor(onPage / across) * (sheet.height + sheet.gapDown),
    };
  });
}
