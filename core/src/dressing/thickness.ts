import type { Workings } from '../amounts/index.js';
import { creamyShare } from './emulsion.js';
import type { MeasuredLine } from './line-shares.js';
import type { BalanceOptions, Part, Thickness } from './types.js';

/** Fat that is bound thickens by so much of its share. ~ */
const boundFat = 0.4;
/** In the cold it firms up by so much. ~ */
const coldFactor = 1.25;
/** From here on a dip is taken up with bread, and from there on it is spread. ~ */
const dippableFrom = 0.1;
const spreadableFrom = 0.4;

/** How thick it is, from its solids and the fat that is bound in it. A starting estimate. */
export function thicknessOf(
  lines: readonly MeasuredLine[],
  { solids, oil }: Readonly<Record<Part, number>>,
  { temperature = 'room', method }: BalanceOptions,
): { thickness: Thickness; workings: Workings } {
  const isBound = creamyShare(lines) >= 0.15 || method === 'stick blender' || method === 'blend';
  const bound = isBound ? oil * boundFat : 0;
  const index = (solids + bound) * (temperature === 'cold' ? coldFactor : 1);
  const thickness = index >= spreadableFrom ? 'spreadable' : index >= dippableFrom ? 'dippable' : 'pourable';
  const percent = (share: number) => `${Math.round(share * 1000) / 10} %`;
  return {
    thickness,
    workings: {
      title: 'How thick it is',
      estimated: true,
      result: thickness,
      steps: [
        { label: 'Solids', value: percent(solids) },
        ...(bound > 0 ? [{ label: `Bound fat, ${percent(oil)} × ${boundFat}`, value: percent(bound) }] : []),
        ...(temperature === 'cold' ? [{ label: 'Firmer in the cold', value: `× ${coldFactor}` }] : []),
        {
          label: 'Together',
          value: percent(index),
          note: `Dippable from ${percent(dippableFrom)}, spreadable from ${percent(spreadableFrom)}.`,
        },
      ],
    },
  };
}
