import type { Workings } from '../amounts/index.js';
import { creamyShare, emulsifiersOf, needsBlending, pureedShare } from './emulsion.js';
import type { MeasuredLine } from './line-shares.js';
import { type BalanceOptions, type Part, type Thickness, thicknesses } from './types.js';

/** Fat that is bound thickens by so much of its share. ~ */
const boundFat = 0.4;
/** The fibre of puréed vegetables holds water: firmness for their share. ~ */
const fibreFactor = 0.05;
/** In the cold it firms up by so much. ~ */
const coldFactor = 1.25;
/** Firmness under which it pours, and under which it is taken up with bread; beyond it is spread. ~ */
export const thinnerThan: Readonly<Record<Thickness, number>> = {
  pourable: 0.1,
  dippable: 0.4,
  spreadable: Infinity,
};

export function thicknessFrom(firmness: number): Thickness {
  return thicknesses.find((each) => firmness < thinnerThan[each]) ?? 'spreadable';
}

/** How thick it is, from its solids and the fat that is bound in it. A starting estimate. */
export function thicknessOf(
  lines: readonly MeasuredLine[],
  { solids, oil }: Readonly<Record<Part, number>>,
  { temperature = 'room', method }: BalanceOptions,
): { thickness: Thickness; firmness: number; workings: Workings } {
  const isBlended = method === 'stick blender' || method === 'blend';
  const isBound =
    creamyShare(lines) >= 0.15 || (isBlended && (needsBlending(lines) || emulsifiersOf(lines).length > 0));
  const bound = isBound ? oil * boundFat : 0;
  const fibre = pureedShare(lines) * fibreFactor;
  const firmness = (solids + bound + fibre) * (temperature === 'cold' ? coldFactor : 1);
  const thickness = thicknessFrom(firmness);
  const percent = (share: number) => `${Math.round(share * 1000) / 10} %`;
  return {
    thickness,
    firmness,
    workings: {
      title: 'How thick it is',
      estimated: true,
      result: thickness,
      steps: [
        { label: 'Solids', value: percent(solids) },
        ...(bound > 0 ? [{ label: `Bound fat, ${percent(oil)} × ${boundFat}`, value: percent(bound) }] : []),
        ...(fibre > 0 ? [{ label: 'Fibre of puréed vegetables', value: percent(fibre) }] : []),
        ...(temperature === 'cold' ? [{ label: 'Firmer in the cold', value: `× ${coldFactor}` }] : []),
        {
          label: 'Together',
          value: percent(firmness),
          note:
            `Dippable from ${percent(thinnerThan.pourable)}, ` +
            `spreadable from ${percent(thinnerThan.dippable)}.`,
        },
      ],
    },
  };
}
