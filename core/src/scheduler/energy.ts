import type { Engine, Propagator } from './engine.js';
import type { Use } from './timetable.js';

/** No window of time holds more work on a resource than its capacity and opening hours allow. */
export class Energy implements Propagator {
  readonly priority = 2;

  /** With `isThorough`, after every decision; else before the first only. */
  constructor(
    private readonly uses: readonly Use[],
    private readonly capacity: number,
    private readonly open: readonly (readonly [number, number])[] | null,
    private readonly isThorough: boolean,
  ) {}

  propagate(engine: Engine): boolean {
    if (!this.isThorough && engine.level > 0) return true;
    const windows = this.uses
      .map((use) => ({ use, from: engine.from(use.task), to: engine.to(use.task) + use.minutes }))
      .sort((a, b) => b.from - a.from);
    const ends = [...new Set(windows.map(({ to }) => to))];
    for (const end of ends) {
      let work = 0;
      for (let index = 0; index < windows.length; index++) {
        const { use, from, to } = windows[index]!;
        if (to > end) continue;
        work += use.minutes * use.units;
        if (work <= this.capacity * this.#openMinutes(from, end)) continue;
        const inside = windows.slice(0, index + 1).filter((window) => window.to <= end);
        return engine.fail(
          inside.flatMap((window) => [
            2 * window.use.task,
            from,
            2 * window.use.task + 1,
            window.use.minutes - end,
          ]),
        );
      }
    }
    return true;
  }

  #openMinutes(from: number, to: number): number {
    if (!this.open) return to - from;
    return this.open.reduce(
      (sum, [opens, closes]) => sum + Math.max(0, Math.min(to, closes) - Math.max(from, opens)),
      0,
    );
  }
}
