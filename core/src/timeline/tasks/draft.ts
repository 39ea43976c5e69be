import type { TimedDish } from '../../class/index.js';
import { idOf, type StepId, stepKey } from '../../identity/index.js';
import type { WorkPart } from '../../recipes/index.js';
import { eatMinuteOf } from './frame-minutes.js';
import { showsOf } from './shows.js';
import { type SettingOut, settingOut } from './setting-out.js';
import type { ClassTasks, PlanLink, PlanTask, Shows, Staff, StepTasks, TaskInput } from './types.js';

/** The tasks of a class while they are being put together. */
export class TaskDraft {
  readonly #tasks: PlanTask[] = [];
  readonly #links: PlanLink[] = [];
  readonly #steps = new Map<string, StepTasks>();
  readonly #turns = new Map<string, readonly string[]>();
  /** Prep minutes of each of the staff so far: the one with fewer does the next step. */
  readonly load: Record<Staff, number> = { you: 0, assistant: 0 };
  /** When eating starts where the class ends on time. */
  readonly eatAt: number;
  /** Setting out the stations, before class. */
  readonly settingOut: SettingOut;
  /** The fewest people at a station. */
  readonly stationHands: number;

  /** What the class is shown. */
  readonly shows: Shows;

  constructor(readonly input: TaskInput) {
    this.shows = input.shows ?? showsOf(timedOf(input), input.facts, input.kitchen);
    this.eatAt = eatMinuteOf(input.facts.lengthMinutes);
    this.settingOut = settingOut(input);
    this.stationHands = Math.min(...input.stations.sizes);
  }

  get setOutMinutes(): number {
    return this.settingOut.minutes;
  }

  /** Which of its kind a user is, from 1: the same number for the same user. */
  turnOf(kind: string, user: string): number {
    const users = this.#turns.get(kind) ?? [];
    if (!users.includes(user)) this.#turns.set(kind, [...users, user]);
    return this.#turns.get(kind)!.indexOf(user) + 1;
  }

  /** What the hands of a step do, where its minutes follow that; null where they are as written. */
  workOf(dish: TimedDish, stepId: StepId): readonly WorkPart[] | null {
    return this.input.dishes.find(({ timed }) => timed === dish)?.work?.get(stepId) ?? null;
  }

  /** Whether it is students who do a task. */
  isOfStudents(id: string): boolean {
    return this.#tasks.some((task) => task.id === id && task.kind === 'students');
  }

  has(id: string): boolean {
    return this.#tasks.some((task) => task.id === id);
  }

  /** Adds a task and returns its id. */
  add(task: Omit<PlanTask, 'id' | 'name'> & { readonly name?: string }): string {
    const id = idOf(task.ref);
    this.#tasks.push({ ...task, id, name: task.name ?? task.title });
    return id;
  }

  link(from: string, to: string, lags: Partial<Omit<PlanLink, 'from' | 'to'>> = {}): void {
    this.#links.push({ from, to, minLag: 0, ...lags });
  }

  /** Keeps the tasks of a step, of the dish or of its ready-made swap. */
  keep(dish: TimedDish, stepId: StepId, tasks: StepTasks, ofSwap = false): void {
    this.#steps.set(keyOf(dish, stepId, ofSwap), tasks);
  }

  tasksOf(dish: TimedDish, stepId: StepId, ofSwap = false): StepTasks | undefined {
    return this.#steps.get(keyOf(dish, stepId, ofSwap));
  }

  result(): ClassTasks {
    return { tasks: this.#tasks, links: this.#links, resources: [] };
  }
}

export function timedOf({ dishes }: Pick<TaskInput, 'dishes'>): TimedDish[] {
  return dishes.map(({ timed }) => timed);
}

function keyOf({ id }: TimedDish, stepId: StepId, ofSwap: boolean): string {
  return `${ofSwap ? 'swap of ' : ''}${stepKey(id, stepId)}`;
}
