import type { DishId, LineId, StepId } from './ids.js';

/** A step of a dish, as decisions name it: "dish/step". */
export type StepKey = `${string}/${string}`;

/** A line of a dish, as decisions name it: "dish/line". */
export type LineKey = `${string}/${string}`;

/** What a task is to the step, or to the class, that it is for. */
export type TaskRole =
  'hands' | 'shown' | 'wait' | 'washed' | 'water' | 'heating' | 'ripening' | 'trip' | 'frame';

/** What a task of the plan is. Two tasks are the same job in two plans if their refs are the same. */
export interface TaskRef {
  /** Empty for what belongs to the class as a whole. */
  readonly dishId: DishId;
  /** The step; of the class as a whole what names it: "eat", "oven:200 °C", the key of a trip or of a row. */
  readonly stepId: StepId;
  readonly role: TaskRole;
  /** It makes the ready-made swap. */
  readonly ofSwap: boolean;
  /** Of several of its kind, from 1: which change of the water, which heating. */
  readonly turn?: number;
}

/** The fixed points of a class. */
export const frameSteps = ['welcome', 'eat', 'clear', 'set-out', 'pack'] as const;
export type FrameStep = (typeof frameSteps)[number];

/** What a task of a step is, where it is not its hands. */
const besideHands = ['shown', 'wait', 'washed', 'water'] as const satisfies readonly TaskRole[];

const classPrefixes = { heating: 'heat', trip: 'trip', ripening: 'ripen' } as const;

/** The id of what a part of one station's own way stands for: "s4" of "s4@own-1". */
export function plainId(id: string): string {
  const at = id.indexOf('@');
  return at < 0 ? id : id.slice(0, at);
}

/** What is decided of a step holds for the ways in which single stations do it. */
export function stepKey(dishId: DishId, stepId: StepId): StepKey {
  return `${dishId}/${plainId(stepId)}`;
}

export function dishOfKey(key: StepKey): DishId {
  return key.slice(0, key.indexOf('/')) as DishId;
}

export function lineKey(dishId: DishId, lineId: LineId): LineKey {
  return `${dishId}/${lineId}`;
}

/** The step that a task is for; null for what belongs to the class as a whole. */
export function stepKeyOf({ dishId, stepId }: TaskRef): StepKey | null {
  return dishId === '' ? null : stepKey(dishId, stepId);
}

/** Whether a task is a step of a recipe itself: shown, done or waited for. */
export function isOfStep({ role }: TaskRef): boolean {
  return role === 'hands' || role === 'shown' || role === 'wait';
}

/** The hands of the step that a task is for. */
export function handsOf(ref: TaskRef): TaskRef {
  return taskRef(ref.dishId, ref.stepId, 'hands', { ofSwap: ref.ofSwap });
}

/** A task of a step of a dish. */
export function taskRef(
  dishId: DishId,
  stepId: StepId,
  role: 'hands' | 'shown' | 'wait' | 'washed' | 'water',
  { ofSwap = false, turn }: { ofSwap?: boolean; turn?: number } = {},
): TaskRef {
  return { dishId, stepId, role, ofSwap, ...(turn === undefined ? {} : { turn }) };
}

/** A task of the class as a whole. */
export function classTaskRef(
  role: 'heating' | 'ripening' | 'trip' | 'frame',
  stepId: StepId,
  turn?: number,
): TaskRef {
  return { dishId: '', stepId, role, ofSwap: false, ...(turn === undefined ? {} : { turn }) };
}

/** How a task is named in pins, links and starts. Pins are kept under it, so it must not change. */
export function idOf({ dishId, stepId, role, ofSwap, turn }: TaskRef): string {
  if (role === 'frame') return stepId;
  if (role === 'heating' || role === 'trip' || role === 'ripening')
    return `${classPrefixes[role]}:${stepId}${turn !== undefined && turn > 1 ? `#${turn}` : ''}`;
  const hands = `${dishId}/${ofSwap ? 'swap/' : ''}${stepId}`;
  return role === 'hands' ? hands : `${hands}:${role}${turn ?? ''}`;
}

/** The id of a fixed point of the class. */
export function frameId(step: FrameStep): string {
  return idOf(classTaskRef('frame', step));
}

const ofStep = new RegExp(String.raw`^([^/]+)/(swap/)?([^/:]+)(?::(${besideHands.join('|')})(\d+)?)?$`);
const ofClass = new RegExp(String.raw`^(${Object.values(classPrefixes).join('|')}):(.*?)(?:#(\d+))?$`);

/** What an id names; null for text that names no task. */
export function refOf(id: string): TaskRef | null {
  if ((frameSteps as readonly string[]).includes(id)) return classTaskRef('frame', id);
  const whole = ofClass.exec(id);
  if (whole) {
    const [, prefix, name, turn] = whole;
    const role = (['heating', 'trip', 'ripening'] as const).find((each) => classPrefixes[each] === prefix)!;
    return classTaskRef(role, name!, turn === undefined ? undefined : Number(turn));
  }
  const [, dishId, swap, stepId, role, turn] = ofStep.exec(id) ?? [];
  if (dishId === undefined || stepId === undefined) return null;
  return taskRef(dishId, stepId, (role as 'wait' | undefined) ?? 'hands', {
    ofSwap: swap !== undefined,
    ...(turn === undefined ? {} : { turn: Number(turn) }),
  });
}
