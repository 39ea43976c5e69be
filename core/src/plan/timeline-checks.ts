import { safetyFigures, showCelsius } from '../safety/index.js';
import { fullClass, leastPercentAtWork, mostDelay, mostWatching, type Timeline } from '../timeline/index.js';
import { isPlural, listed, showSpan } from '../words/index.js';
import type { ToCheck } from './to-check.js';
import type { PlanWarning } from './types.js';

export function timelineWarnings(timeline: Timeline): PlanWarning[] {
  const warnings: PlanWarning[] = timeline.clashes.map((clash, index) => ({
    id: `clash:${index}`,
    place: 'timeline',
    level: 'clash',
    sentence: clash.sentence,
    remedy: clash.remedy ?? 'Do it later, let the stations do it, or keep it colder and covered.',
  }));
  if (timeline.brokenPins.length > 0) {
    const [first] = [...timeline.daysBefore, ...timeline.clock].filter(({ id }) =>
      timeline.brokenPins.includes(id),
    );
    warnings.push({
      id: 'pins',
      place: 'timeline',
      level: 'clash',
      sentence:
        timeline.brokenPins.length === 1 && first
          ? `“${first.title}” cannot stay where it is pinned`
          : `${timeline.brokenPins.length} jobs cannot stay where they are pinned`,
      remedy: 'See what clashes, and take one of the ways out.',
    });
  }
  if (timeline.overrunMinutes > 0) {
    warnings.push({
      id: 'overrun',
      place: 'timeline',
      level: 'clash',
      sentence: `The class does not fit: it runs about ${showSpan(timeline.overrunMinutes)} over`,
      remedy: 'Make a dish ahead, show it instead, or make the class longer.',
    });
  } else if (timeline.usedMinutes > timeline.classMinutes * fullClass) {
    warnings.push({
      id: 'full',
      place: 'timeline',
      level: 'look',
      sentence:
        `${timeline.usedMinutes} of ${timeline.classMinutes} class minutes ` +
        `are used, more than ${Math.round(fullClass * 100)} %`,
      remedy: 'Leave something out, or prepare more before class.',
    });
  }
  return [...warnings, ...preparedWarnings(timeline), ...handsWarnings(timeline)];
}

/** What staff prepare as it would not fit. */
function preparedWarnings({ ahead }: Timeline): PlanWarning[] {
  const titles = ahead.filter(({ isForFit }) => isForFit).map(({ title }) => `“${title}”`);
  if (titles.length === 0) return [];
  return [
    {
      id: 'prepared',
      place: 'timeline',
      level: 'look',
      sentence: `So that the class fits, staff prepare ${listed(titles, 4)} before it`,
      remedy: 'Make the class longer or leave a dish out, and students do it.',
    },
  ];
}

/** Where students watch more than they cook. */
function handsWarnings({ handsOn, clock }: Timeline): PlanWarning[] {
  const { percent, watchMinutes, delayMinutes, shownLong, doneLate } = handsOn;
  if (!clock.some(({ kind }) => kind === 'students')) return [];
  const found: Omit<PlanWarning, 'place' | 'level'>[] = [];
  if (percent < leastPercentAtWork)
    found.push({
      id: 'hands:share',
      sentence: `Students’ hands are at work ${percent} % of the time until they eat`,
      remedy: 'Let them do what is prepared for them, do a long wait before class, or show less.',
    });
  if (watchMinutes > mostWatching)
    found.push({
      id: 'hands:watching',
      sentence: `Students watch ${watchMinutes} min in a row: ${listed(shownLong, 3)}`,
      remedy: 'Let them do a step in between, show one thing less, or show it in less time.',
    });
  if (delayMinutes !== null && delayMinutes > mostDelay)
    found.push({
      id: 'hands:delay',
      sentence: `“${doneLate}” is done ${delayMinutes} min after it was shown`,
      remedy: 'Show it right before it is done, or show it again in a word.',
    });
  return found.map((each) => ({ ...each, place: 'timeline', level: 'look' }));
}

/** Food that is out of the cold for longer than the kitchen's safety profile lets it, or cools too slowly. */
export function coldWarnings({ outOfCold, kitchen }: ToCheck): PlanWarning[] {
  const follow = 'Follow your local food code and a qualified person’s advice.';
  const { chillWithinMinutes: chillWithin, coldCelsius } = safetyFigures(kitchen.safety);
  const cold =
    coldCelsius === null ? 'the cold' : `the cold (${showCelsius(coldCelsius, kitchen.english)} or under)`;
  const over = outOfCold
    .filter(({ isOver }) => isOver)
    .map((batch): PlanWarning => ({
      id: `cold:${batch.id}`,
      place: 'timeline',
      level: 'harm',
      sentence:
        `“${batch.dishTitle}”: the ${batch.food} ${isPlural(batch.food) ? 'are' : 'is'} out of the cold ` +
        `for ${showSpan(batch.minutes)}, and your safety profile allows ${showSpan(batch.limitMinutes!)}`,
      remedy: batch.spells.some(({ isHot }) => isHot)
        ? `Cool this food fast and shallow into ${cold} until it is wanted, or cook it later. ${follow}`
        : `Take this food out later, or put it back into ${cold} between two steps. ${follow}`,
    }));
  const slow = outOfCold
    .filter(
      ({ chilledAfterMinutes }) =>
        chilledAfterMinutes !== null && chillWithin !== null && chilledAfterMinutes > chillWithin,
    )
    .map((batch): PlanWarning => ({
      id: `chill:${batch.id}`,
      place: 'timeline',
      level: 'harm',
      sentence:
        `“${batch.dishTitle}”: the ${batch.food} ${isPlural(batch.food) ? 'come' : 'comes'} into the cold ` +
        `${showSpan(batch.chilledAfterMinutes!)} after the heat, and your ` +
        `safety profile allows ${showSpan(chillWithin!)}`,
      remedy: `Spread this food out shallow, and put it into ${cold} sooner. ${follow}`,
    }));
  const again = outOfCold
    .filter(({ isOutAgain, isOver }) => isOutAgain && !isOver)
    .map((batch): PlanWarning => ({
      id: `again:${batch.id}`,
      place: 'timeline',
      level: 'harm',
      sentence:
        `“${batch.dishTitle}”: the ${batch.food} ${isPlural(batch.food) ? 'are' : 'is'} out of the cold ` +
        'a second time, and your safety profile allows one spell',
      remedy: `Take out only what is used, or use it all in one go. ${follow}`,
    }));
  return [...over, ...slow, ...again];
}
