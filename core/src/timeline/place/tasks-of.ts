import { buildTasks } from '../tasks/tasks.js';
import type { ClassTasks, TaskInput } from '../tasks/types.js';

type Asked = Omit<TaskInput, 'overrun'>;

const built = new WeakMap<Asked, Map<number, ClassTasks>>();

/** The tasks of a class that runs over by so much: built once for all that is asked of the same input. */
export function tasksOf(input: Asked, overrun: number): ClassTasks {
  const known = built.get(input) ?? new Map<number, ClassTasks>();
  built.set(input, known);
  const tasks = known.get(overrun) ?? buildTasks({ ...input, overrun });
  known.set(overrun, tasks);
  return tasks;
}
