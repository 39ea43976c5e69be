import { objective } from '../objective.js';

/** From one minute of the class to another. */
export type Spell = readonly [from: number, to: number];

/** Minutes in a row for which people watch with attention. */
export const mostWatching = objective.watching.limits.mostWatchingMinutes;
/** Minutes after which what was shown should be in their hands. */
export const mostDelay = objective.doneSoon.limits.mostDelayMinutes;
/** Of 100 minutes until eating, the fewest with work in their hands. */
export const leastPercentAtWork = objective.atWork.limits.saidUnderPercent;
/** Between two things that are shown nobody goes back to work for less. */
export const shortPause = objective.watching.limits.pauseMinutes;

/** Spells in order, those that touch or overlap as one; with a pause between them that is bridged, too. */
export function joined(spells: readonly Spell[], pause = 0): Spell[] {
  return joinedWhere(spells, (last, from) => from <= last[1] + pause);
}

/** The spells in which people only watch: what is shown, one after the other, with no work in between. */
export function watchedSpells(shown: readonly Spell[], work: readonly Spell[]): Spell[] {
  const isBroken = (from: number, to: number) => work.some((spell) => spell[0] < to && spell[1] > from);
  return joinedWhere(shown, (last, from) => from - last[1] <= shortPause && !isBroken(last[1], from));
}

function joinedWhere(spells: readonly Spell[], goesOn: (last: Spell, from: number) => boolean): Spell[] {
  const found: Spell[] = [];
  for (const spell of [...spells].sort((a, b) => a[0] - b[0])) {
    const last = found[found.length - 1];
    if (last && goesOn(last, spell[0])) found[found.length - 1] = [last[0], Math.max(last[1], spell[1])];
    else found.push(spell);
  }
  return found;
}
