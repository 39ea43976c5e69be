import type { MeasureSystem, Workings } from '../amounts/index.js';
import type { Vessel, VesselKind } from '../class/index.js';
import type { Larder } from '../larder/index.js';
import { usualManner } from '../portions/index.js';
import { balanceDressing } from './balance.js';
import { needsBlending } from './emulsion.js';
import type { Balance, DressingLine, DressingMethod } from './types.js';

/** A way to bring a dressing together: in what, by which method, and how long it takes. Minutes are ~. */
interface MethodFacts {
  readonly name: string;
  readonly kind: VesselKind;
  readonly method: DressingMethod;
  /** For a batch, and more for each 100 ml. */
  readonly minutes: number;
  readonly minutesPer100: number;
  readonly how: string;
}

const ways: readonly MethodFacts[] = [
  {
    name: 'shaken in a jar',
    kind: 'jar',
    method: 'shake',
    minutes: 2,
    minutesPer100: 0.2,
    how: 'Salt and acid first, then oil; shake for half a minute.',
  },
  {
    name: 'stirred into a paste',
    kind: 'bowl',
    method: 'paste',
    minutes: 5,
    minutesPer100: 1,
    how: 'Crush garlic with salt to a paste, stir in the acid, then the oil by the spoon.',
  },
  {
    name: 'whisked in a stream',
    kind: 'bowl',
    method: 'whisk',
    minutes: 3,
    minutesPer100: 1.5,
    how: 'Whisk acid and mustard, then pour the oil in a thin stream.',
  },
  {
    name: 'with a stick blender',
    kind: 'stick blender cup',
    method: 'stick blender',
    minutes: 2,
    minutesPer100: 0.3,
    how: 'All in a tall narrow vessel, the blades at its bottom, then slowly up.',
  },
  {
    name: 'in a jug blender',
    kind: 'jug blender',
    method: 'blend',
    minutes: 3,
    minutesPer100: 0.3,
    how: 'Solids and acid first, broken down, then the oil through the lid.',
  },
  {
    name: 'in a food processor',
    kind: 'food processor',
    method: 'blend',
    minutes: 3,
    minutesPer100: 0.3,
    how: 'Solids first, broken down and scraped down, then acid and oil while it runs.',
  },
];

/** One way to bring a bowl together in this kitchen. */
export interface FittingMethod {
  readonly name: string;
  readonly how: string;
  readonly method: DressingMethod;
  /** The smallest vessel that takes it; null where there is none. */
  readonly vessel: Vessel | null;
  /** Batches one after the other where the largest vessel does not take it. */
  readonly rounds: number;
  readonly minutes: number;
  readonly holdMinutes: number;
  /** Why it cannot be done so; empty where it can. */
  readonly problem: string;
  readonly workings: Workings;
}

/**
 * The ways to bring a bowl together with what the kitchen has and this batch allows: a jar is two thirds
 * full at most, blades must be covered, what is thick is neither shaken nor whisked thin. Those that can be
 * done come first, among them what holds longest.
 */
export function waysOf(
  lines: readonly DressingLine[],
  larder: Larder,
  { vessels, system }: { readonly vessels: readonly Vessel[]; readonly system: MeasureSystem },
): FittingMethod[] {
  const hasGarlic = lines.some(({ ingredient }) => ingredient === 'garlic');
  return ways
    .filter(({ method }) => method !== 'paste' || hasGarlic)
    .map((way) =>
      wayOf(way, balanceDressing(lines, larder, { method: way.method, system }), ownOf(vessels, way.kind)),
    )
    .sort(
      (a, b) =>
        Number(a.problem !== '') - Number(b.problem !== '') ||
        a.rounds - b.rounds ||
        b.holdMinutes - a.holdMinutes,
    );
}

function ownOf(vessels: readonly Vessel[], kind: VesselKind): Vessel[] {
  return vessels
    .filter((vessel) => vessel.kind === kind && vessel.count > 0 && vessel.millilitres > 0)
    .sort((a, b) => a.millilitres - b.millilitres);
}

function wayOf(way: MethodFacts, bowl: Balance, vessels: readonly Vessel[]): FittingMethod {
  const { share, least = 0, note } = usualManner(way.kind);
  const { millilitres } = bowl;
  const largest = vessels[vessels.length - 1];
  const vessel = vessels.find((each) => each.millilitres * share >= millilitres) ?? largest ?? null;
  const rounds = vessel ? Math.max(1, Math.ceil(millilitres / (vessel.millilitres * share) - 1e-9)) : 1;
  const minutes = Math.ceil(rounds * way.minutes + (millilitres / 100) * way.minutesPer100);
  return {
    name: way.name,
    how: way.how,
    method: way.method,
    vessel,
    rounds,
    minutes,
    holdMinutes: bowl.holdMinutes,
    problem: problemOf(way, bowl, vessel, least),
    workings: {
      title: `Minutes ${way.name}`,
      estimated: true,
      result: `${minutes} min`,
      steps: [
        { label: 'The bowl', value: `${Math.round(millilitres)} ml` },
        ...(vessel
          ? [
              {
                label: `${vessel.name}, ${vessel.millilitres} ml × ${showShare(share)}`,
                value: `${Math.floor(vessel.millilitres * share)} ml`,
                note,
              },
            ]
          : []),
        {
          label:
            `${rounds > 1 ? `${rounds} rounds × ` : ''}${way.minutes} min, ` +
            `and ${way.minutesPer100} min for each 100 ml`,
          value: `${minutes} min`,
        },
      ],
    },
  };
}

function showShare(share: number): string {
  return Math.abs(share - 2 / 3) < 1e-9 ? '⅔' : String(share);
}

function problemOf(way: MethodFacts, bowl: Balance, vessel: Vessel | null, least: number): string {
  if (!vessel) return `The kitchen has no ${way.kind}.`;
  const isByHand = way.method === 'shake' || way.method === 'whisk' || way.method === 'paste';
  if (way.method === 'shake' && bowl.thickness !== 'pourable') return 'Too thick to shake.';
  if (isByHand && bowl.thickness === 'spreadable') return 'Too thick to bring together by hand: blend it.';
  if (isByHand && needsBlending(bowl.lines)) return 'What is in it must be broken down: blend it.';
  if (bowl.millilitres < least) {
    const times = Math.ceil((least / Math.max(1, bowl.millilitres)) * 2) / 2;
    return `Too little to cover the blades: at least ${least} ml, ${times} times this bowl.`;
  }
  return '';
}
