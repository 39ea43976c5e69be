import type { Timeline } from '@fornax/core';
import { Figure } from '../parts/workings.js';

/** How much of the class students cook: their hands at work, and the longest that they only watch. */
export function HandsAtWork({ timeline: { handsOn, clock } }: { timeline: Timeline }) {
  if (!clock.some(({ kind }) => kind === 'students')) return null;
  return (
    <>
      <br />
      <Figure
        id="hands-on"
        workings={handsOn.workings}
        text={`Students’ hands at work ${handsOn.percent} % of the time until eating`}
      />
      {handsOn.watchMinutes > 0 ? ` · longest watching ${handsOn.watchMinutes} min` : ''}
      {handsOn.delayMinutes ? ` · done up to ${handsOn.delayMinutes} min after it was shown` : ''}
    </>
  );
}
