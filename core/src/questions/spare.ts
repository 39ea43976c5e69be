import type { Workings } from '../amounts/index.js';
import { type ClassBundle, planClass } from '../plan/index.js';
import { rehearse } from '../rehearsal/index.js';
import type { Starts } from '../timeline/index.js';
import { showSpan } from '../words/index.js';
import { rehearsalProblem } from './rehearse.js';

/** Enough plays for a median that stands within a minute. */
const runs = 400;

/** Minutes to spare at the end of a class as it mostly goes; below 0 where it mostly runs over. */
export interface RehearsedSpare {
  readonly minutes: number;
  /** What the plan has as it is drawn, with nobody waiting for anybody. */
  readonly drawnMinutes: number;
  /** Share of the plays that end on time, in per cent, whole. */
  readonly onTimePercent: number;
  readonly workings: Workings;
}

/**
 * What a plan really has to spare: the median of its rehearsals with a mixed group, not the best case that
 * is drawn. The drawing and the plays differ by waiting: for the slowest station, and in queues.
 */
export function rehearsedSpare(bundle: ClassBundle, standing?: Starts): RehearsedSpare {
  const { timeline } = planClass(bundle, { standing });
  const { median, onTime, costly } = rehearse(rehearsalProblem(bundle, timeline, 'mixed'), { runs, seed: 1 });
  const minutes = timeline.classMinutes - median;
  const drawnMinutes = timeline.spareMinutes - timeline.overrunMinutes;
  return {
    minutes,
    drawnMinutes,
    onTimePercent: Math.round(onTime * 100),
    workings: {
      title: minutes >= 0 ? 'Minutes to spare' : 'Minutes over',
      estimated: true,
      result: `${Math.abs(minutes)} min`,
      steps: [
        { label: 'The class', value: `${timeline.classMinutes} min` },
        { label: `Half of ${runs} plays with a mixed group end by`, value: `− ${median} min` },
        {
          label: 'The plan as it is drawn has',
          value: drawnMinutes >= 0 ? `${drawnMinutes} min to spare` : `${-drawnMinutes} min over`,
          note: 'Drawn, every station is done when planned; played, all wait for the slowest and queue.',
        },
        ...costly.map((each) => ({
          label: each.title,
          value: `${each.minutes.toFixed(1)} min`,
          note: 'delay, on average',
        })),
      ],
    },
  };
}

/** "about 31 min to spare (44 min as planned)"; "likely 6 min over (2 min to spare as planned)". */
export function spareInWords({ minutes, drawnMinutes }: RehearsedSpare): string {
  const words = (of: number) => `${showSpan(Math.abs(of))} ${of < 0 ? 'over' : 'to spare'}`;
  const isSameSide = minutes < 0 === drawnMinutes < 0;
  const planned = isSameSide ? showSpan(Math.abs(drawnMinutes)) : words(drawnMinutes);
  const beside = drawnMinutes === minutes ? '' : ` (${planned} as planned)`;
  return `${minutes < 0 ? 'likely' : 'about'} ${words(minutes)}${beside}`;
}
