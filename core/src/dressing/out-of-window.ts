import type { Larder } from '../larder/index.js';
import { capital } from '../words/index.js';
import { type Addition, adjustments, type Complaint } from './adjust.js';
import { oneDecimal } from './as-written.js';
import type { SchoolTarget } from './schools.js';
import type { Balance } from './types.js';

type WindowFigure = 'salt' | 'acid' | 'sugar';

/** A figure of a bowl that lies outside the window of its school. */
export interface OutOfWindow {
  readonly figure: WindowFigure;
  readonly side: 'over' | 'under';
  /** "Salt is 3.1 %, over the usual 1.5–2.5 %". */
  readonly sentence: string;
  /** What is said of it by who tastes it. */
  readonly complaint: Complaint;
}

/** Shown with one decimal, a figure on the edge of its window is in it. */
const slack = 0.05;

const complaintOf: Readonly<Record<WindowFigure, Readonly<Record<OutOfWindow['side'], Complaint>>>> = {
  salt: { over: 'too salty', under: 'flat' },
  acid: { over: 'too sharp', under: 'flat' },
  sugar: { over: 'too sweet', under: 'too sharp' },
};

/**
 * What of a bowl is out of the window of its school, in per cent of its weight. First what is over, since
 * nothing can be taken out again; then what is under, to which something is added.
 */
export function outOfWindow(
  { grams, salt, acidity, sugar }: Balance,
  target: Pick<SchoolTarget, 'salt' | 'acidity' | 'sugar'>,
): OutOfWindow[] {
  if (grams <= 0) return [];
  const figures = [
    ['salt', salt * 100, target.salt],
    ['acid', acidity, target.acidity],
    ['sugar', sugar * 100, target.sugar],
  ] as const;
  return figures
    .flatMap(([figure, percent, [from, to]]) => {
      const side = percent > to + slack ? 'over' : percent < from - slack ? 'under' : null;
      if (!side) return [];
      const usual = `${oneDecimal(from)}–${oneDecimal(to)} %`;
      const sentence = `${capital(figure)} is ${oneDecimal(percent)} %, ${side} the usual ${usual}`;
      return [{ figure, side, sentence, complaint: complaintOf[figure][side] } as const];
    })
    .sort((a, b) => (a.side === b.side ? 0 : a.side === 'over' ? -1 : 1));
}

/** Of what helps, in the order of the trade, the first that moves the figure the right way. */
export function helpFor(
  { figure, side, complaint }: OutOfWindow,
  bowl: Balance,
  larder: Larder,
): Addition | null {
  const helps = ({ saltPoints, acidPoints }: Addition) => {
    if (figure === 'sugar') return true;
    const points = figure === 'salt' ? saltPoints : acidPoints;
    return side === 'over' ? points < 0 : points > 0;
  };
  return adjustments(bowl, complaint, larder).find(helps) ?? null;
}
