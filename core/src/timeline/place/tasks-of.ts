import { cacheByOwner } from '../../identity/index.js';
import { buildTasks } from '../tasks/tasks.js';
import type { ClassTasks, PlanTask, TaskInput } from '../tasks/types.js';

const built = new WeakMap<TaskInput, ClassTasks>();

/** The same in other hours: its tasks are the same ones. */
export function withOtherHours<Input extends TaskInput, Hours extends object>(
  input: Input,
  hours: Hours,
): Input & Hours {
  const other = { ...input, ...hours };
  built.set(other, tasksOf(input, 0));
  return other;
}

/**
 * The tasks of a class that runs over by so many minutes, or below 0 ends before its time: built once for all
 * that is asked of the same input.
 */
export function tasksOf(input: TaskInput, overrun: number): ClassTasks {
  const onTime = built.get(input) ?? buildTasks(input);
  built.set(input, onTime);
  if (overrun === 0) return onTime;
  return moved(onTime, [overrun], () => ({
    ...onTime,
    tasks: onTime.tasks.map((task) => movedWithEnd(task, overrun)),
  }));
}

/** Several questions are asked about the same tasks: they are told to be the same as the same list. */
const moved = cacheByOwner<ClassTasks, ClassTasks>();

function movedWithEnd(task: PlanTask, by: number): PlanTask {
  if (!task.fromEnd) return task;
  const latest = task.latest! + by;
  return task.fromEnd === 'place' ? { ...task, earliest: task.earliest! + by, latest } : { ...task, latest };
}
