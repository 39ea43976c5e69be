import { showNumber } from '../../amounts/index.js';
import { betweenJobsMinutes, nameOfPart, type WorkPart } from '../../recipes/index.js';
import { type HandsOn, minutesBetweenRounds, type PairsOfHands, shareWorkOverMinutes } from './minutes.js';
import type { HowStep } from './types.js';

/**
 * Hands-on minutes from the work: what is cut, peeled and squeezed grows with the amount, mixing goes by
 * the batch and its rounds. Work that is long is shared by as many pairs of hands as there are.
 */
export function handsOnWork(
  parts: readonly WorkPart[],
  factor: number,
  { hands, pace, rounds }: PairsOfHands,
): HandsOn {
  const practised = parts.reduce(
    (sum, { minutes, grows }) => sum + minutes * (grows ? factor : 1),
    betweenJobsMinutes,
  );
  const alone = practised * pace;
  const pairs = Math.max(1, Math.min(hands, Math.ceil(alone / shareWorkOverMinutes - 1e-9)));
  const again = (rounds - 1) * minutesBetweenRounds;
  const minutes = Math.max(1, Math.ceil(alone / pairs - 1e-9) + again);
  return {
    minutes,
    pairs,
    how: howOf(parts, factor, { practised, alone, pairs, pace, again, rounds, minutes }),
  };
}

interface Sums {
  readonly practised: number;
  readonly alone: number;
  readonly pairs: number;
  readonly pace: number;
  readonly again: number;
  readonly rounds: number;
  readonly minutes: number;
}

function howOf(parts: readonly WorkPart[], factor: number, sums: Sums): HowStep[] {
  const { practised, alone, pairs, pace, again, rounds, minutes } = sums;
  return [
    ...parts.map((part) => ({
      label: nameOfPart(part, factor),
      value: `${showNumber(part.minutes * (part.grows ? factor : 1))} min`,
    })),
    { label: 'Carrying, rinsing and wiping', value: `${betweenJobsMinutes} min` },
    { label: 'Practised hands', value: `${showNumber(practised)} min` },
    ...(pace === 1
      ? []
      : [{ label: `× ${pace} for people who are learning`, value: `${showNumber(alone)} min` }]),
    ...(pairs > 1 ? [{ label: `${pairs} pairs of hands`, value: `${minutes - again} min` }] : []),
    ...(again > 0 ? [{ label: `${rounds} rounds: it does not fit at once`, value: `+ ${again} min` }] : []),
  ];
}
