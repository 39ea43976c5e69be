import {
  isUkStyle,
  isUsStyle,
  type SafetyFigure,
  type SafetyFigures,
  type SafetyProfile,
  type SafetyStyle,
} from '../class/index.js';
import type { English } from '../words/index.js';
import type { SafetyFact } from './types.js';

/**
 * Usual figures by style, of general advice for home and teaching kitchens. They are where a kitchen begins:
 * its local food code and a qualified person decide. A country of the EU sets its own, so nothing is given
 * there.
 */
const uk: SafetyFigures = {
  coldCelsius: 8,
  hotCelsius: 63,
  coldOutMinutes: 240,
  hotOutMinutes: 120,
  chillWithinMinutes: 90,
  roomCelsius: null,
  reheatCelsius: 75,
  coldThroughMinutes: null,
  beansBoilMinutes: 10,
};
const us: SafetyFigures = {
  coldCelsius: 5,
  hotCelsius: 57,
  coldOutMinutes: 120,
  hotOutMinutes: 120,
  // From 57 to 21 °C in two hours, and to 5 in four more.
  chillWithinMinutes: 120,
  coldThroughMinutes: 360,
  roomCelsius: null,
  reheatCelsius: 74,
  beansBoilMinutes: 30,
};
const usual: Readonly<Record<SafetyStyle, SafetyFigures>> = {
  uk,
  scotland: { ...uk, reheatCelsius: 82 },
  us,
  'us-licensed': { ...us, coldOutMinutes: 240, hotOutMinutes: 240 },
  eu: {
    coldCelsius: null,
    hotCelsius: null,
    coldOutMinutes: null,
    hotOutMinutes: null,
    chillWithinMinutes: null,
    roomCelsius: null,
    reheatCelsius: null,
    coldThroughMinutes: null,
    beansBoilMinutes: null,
  },
};

export const usualSafety: SafetyProfile = { style: 'uk', own: {} };

const names: readonly (readonly [SafetyFigure, string, SafetyFact['unit']])[] = [
  ['coldCelsius', 'Cold food is kept at or under', '°C'],
  ['hotCelsius', 'Hot food is kept at or over', '°C'],
  ['coldOutMinutes', 'Cold food may be out', 'min'],
  ['hotOutMinutes', 'Cooked food may stand', 'min'],
  ['chillWithinMinutes', 'Cooked food is in the cold within', 'min'],
  ['coldThroughMinutes', 'Cooked food is cold all through within', 'min'],
  ['reheatCelsius', 'Food is heated again to', '°C'],
  ['beansBoilMinutes', 'Kidney-type beans are boiled hard for', 'min'],
  ['roomCelsius', 'The room gets as warm as', '°C'],
];

/** Every figure of a profile with its source: the kitchen's own before the usual one. */
export function safetyFacts({ style, own }: SafetyProfile): SafetyFact[] {
  return names.map(([figure, name, unit]) => {
    const written = own[figure] ?? null;
    const value = written ?? usual[style][figure];
    return {
      figure,
      name,
      unit,
      value,
      source: written !== null ? 'your own' : value === null ? 'not set' : 'general advice',
    };
  });
}

/** The figures that hold. */
export function safetyFigures(profile: SafetyProfile): SafetyFigures {
  return Object.fromEntries(
    safetyFacts(profile).map(({ figure, value }) => [figure, value]),
  ) as unknown as SafetyFigures;
}

/**
 * UK-style advice allows one spell of its length; US-style advice, and who sets their own, counts all spells
 * together.
 */
export function countsInAll(profile: SafetyProfile): boolean {
  return !isUkStyle(profile);
}

/** In a room warmer than this US-style advice lets food stand for an hour. */
const hotRoom = 32;
const hotRoomMinutes = 60;

/** How long food may be out: what the profile allows, in a hot room at most an hour by US-style advice. */
export function outLimit(
  allowed: number | null,
  roomCelsius: number | null,
  profile: SafetyProfile,
): number | null {
  const isHot = profile.style === 'us' && roomCelsius !== null && roomCelsius > hotRoom;
  return isHot && allowed !== null ? Math.min(allowed, hotRoomMinutes) : allowed;
}

/** US-style advice counts leaves, tomatoes and melons as food for the cold as soon as they are cut. */
export function countsCutGreens(profile: SafetyProfile): boolean {
  return isUsStyle(profile);
}

/** A temperature in the reader's words: "5 °C", or "41 °F" in US words. */
export function showCelsius(celsius: number, english: English): string {
  return english === 'us' ? `${Math.round(celsius * 1.8 + 32)} °F` : `${celsius} °C`;
}
