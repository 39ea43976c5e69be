/** What of a plan the objective looks at. Percent is of 100; minutes are whole. */
export interface PlanFigures {
  /** Minutes that the class ends late; below 0 where it ends early. */
  readonly overrunMinutes: number;
  /** Whether every result is used as long as it keeps. */
  readonly isKept: boolean;
  /** Whether everything is done soon after it was shown. */
  readonly isDoneSoon: boolean;
  /** Minutes of 100 until eating with work in the students' hands. */
  readonly workPercent: number;
}

/** One wish of a careful cook, with the figure that it is measured by and where that figure comes from. */
export interface Aim {
  readonly wish: string;
  readonly figure: string;
  /** How it weighs against the others. */
  readonly weight: string;
  readonly reason: string;
  readonly limits: Readonly<Record<string, number>>;
}

/**
 * What a plan of a class is to be, most important first: of two plans the better one falls less short of the
 * first aim in which they differ. Every threshold of the passes in `place` stands here and nowhere else.
 * Figures are starting estimates but those of the first two.
 */
export const objective = {
  onTime: {
    wish: 'The class ends when it should',
    figure: 'minutes over',
    weight: 'before all else',
    reason: 'people go home, and rooms are let',
    limits: { mostOverrunMinutes: 0 },
  },
  kept: {
    wish: 'What was made is used as long as it keeps',
    figure: 'keeping times',
    weight: 'given up only where the class would end later otherwise, and named',
    reason: 'dressed leaves wilt, cut avocado browns, warm food is a danger',
    limits: {},
  },
  doneSoon: {
    wish: 'What was shown is done soon',
    figure: 'minutes from being shown to being done',
    weight: 'given up before a keeping time is',
    reason: 'a movement is forgotten in a quarter of an hour',
    limits: { mostDelayMinutes: 10 },
  },
  atWork: {
    wish: 'Students cook',
    figure: 'minutes of 100 until eating with work in their hands',
    weight:
      'above the first limit no more is looked for, under the second the plan gives up what it shows ' +
      'by itself, under the third it is said',
    reason: 'people come to cook, not to watch: two thirds of the minutes',
    limits: { wantedPercent: 66, beforeShowsPercent: 60, saidUnderPercent: 50 },
  },
  watching: {
    wish: 'Nobody watches for long',
    figure: 'minutes in a row without work, pauses of a few minutes among them',
    weight: 'a minute too many weighs as much as four of work',
    reason: 'attention lasts about ten minutes',
    limits: { mostWatchingMinutes: 12, pauseMinutes: 4, minuteWeighs: 4 },
  },
  shown: {
    wish: 'What is new is shown, and not too much of it',
    figure: 'demonstrations that the plan adds by itself',
    weight: 'they give way to all above, half of them and then all',
    reason: 'a demonstration stops every station',
    limits: { minutesForOne: 10, mostPercent: 8 },
  },
  reserve: {
    wish: 'The class has minutes in reserve',
    figure: 'share of its minutes that are used',
    weight: 'a step that may be done before is done in class only under it',
    reason: 'a class that fills more runs late',
    limits: { fullShare: 0.85 },
  },
  inTurn: {
    wish: 'One job after the other where there is time',
    figure: 'percent of the minutes that are used',
    weight: 'under it the class eats later, so that jobs side by side come in turn',
    reason: 'one thing at a time is taught better',
    limits: { roomyPercent: 75 },
  },
  visits: {
    wish: 'Few visits to the kitchen before class',
    figure: 'visits',
    weight: 'jobs of earlier days are moved together as far as all above stays',
    reason: 'nobody comes for five minutes',
    limits: {},
  },
} as const satisfies Record<string, Aim>;

/** How far a plan falls short of the aims that whole plans are compared by, in their order; 0 is met. */
const shortfalls = {
  onTime: ({ overrunMinutes }: PlanFigures) =>
    Math.max(0, overrunMinutes - objective.onTime.limits.mostOverrunMinutes),
  kept: ({ isKept }: PlanFigures) => Number(!isKept),
  doneSoon: ({ isDoneSoon }: PlanFigures) => Number(!isDoneSoon),
  atWork: ({ workPercent }: PlanFigures) => Math.max(0, objective.atWork.limits.wantedPercent - workPercent),
};

export type ComparedAim = keyof typeof shortfalls;

/** Whether a plan meets all of some aims. */
export function meets(figures: PlanFigures, aims: readonly ComparedAim[]): boolean {
  return aims.every((aim) => shortfalls[aim](figures) === 0);
}

/** Whether one plan is better than another in the first of some aims in which they differ. */
export function isBetterPlan(one: PlanFigures, other: PlanFigures, aims: readonly ComparedAim[]): boolean {
  for (const aim of Object.keys(shortfalls) as ComparedAim[]) {
    if (!aims.includes(aim)) continue;
    const difference = shortfalls[aim](one) - shortfalls[aim](other);
    if (difference !== 0) return difference < 0;
  }
  return false;
}
