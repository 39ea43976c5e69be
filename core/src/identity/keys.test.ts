import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { classTaskRef, handsOf, idOf, isOfStep, refOf, stepKeyOf, taskRef, type TaskRef } from './keys.js';

describe('the ids of tasks, as pins are kept under them', () => {
  it.each<[TaskRef, string]>([
    [taskRef('d1', 's1', 'hands'), 'd1/s1'],
    [taskRef('d1', 's1', 'shown'), 'd1/s1:shown'],
    [taskRef('d1', 's1', 'wait'), 'd1/s1:wait'],
    [taskRef('d1', 's1', 'washed'), 'd1/s1:washed'],
    [taskRef('d1', 's1', 'water', { turn: 2 }), 'd1/s1:water2'],
    [taskRef('d1', 's1', 'hands', { ofSwap: true }), 'd1/swap/s1'],
    [taskRef('d1', 's1', 'wait', { ofSwap: true }), 'd1/swap/s1:wait'],
    [taskRef('d1', 'auto-thaw-l7', 'wait'), 'd1/auto-thaw-l7:wait'],
    [classTaskRef('heating', 'oven:200 °C'), 'heat:oven:200 °C'],
    [classTaskRef('heating', 'oven:200 °C', 2), 'heat:oven:200 °C#2'],
    [classTaskRef('trip', '2026-11-27|Greens: the market'), 'trip:2026-11-27|Greens: the market'],
    [classTaskRef('ripening', 'avocado'), 'ripen:avocado'],
    [classTaskRef('frame', 'eat'), 'eat'],
    [classTaskRef('frame', 'set-out'), 'set-out'],
  ])('%j is %s, both ways', (ref, id) => {
    expect(idOf(ref)).toBe(id);
    expect(refOf(id)).toEqual(ref);
  });
  it('text that names no task is none', () =>
    expect(['', 'd1', 'd1/', '/s1', 'd1/s1:other'].map(refOf)).toEqual([null, null, null, null, null]));
  it('whatever the dish and the step, a ref is read back from its id', () => {
    const name = fc.stringMatching(/^[a-z0-9-]{1,12}$/);
    const role = fc.constantFrom('hands' as const, 'shown' as const, 'wait' as const, 'washed' as const);
    fc.assert(
      fc.property(name, name, role, fc.boolean(), (dish, step, as, ofSwap) => {
        const ref = taskRef(dish, step, as, { ofSwap });
        expect(refOf(idOf(ref))).toEqual(ref);
      }),
    );
  });
});

describe('what a task is for', () => {
  it('a step of a dish has a key, the class as a whole has none', () => {
    expect(stepKeyOf(taskRef('d1', 's1', 'wait', { ofSwap: true }))).toBe('d1/s1');
    expect(stepKeyOf(classTaskRef('frame', 'eat'))).toBeNull();
  });
  it('washing up and changing water are for a step, but not the step itself', () =>
    expect(
      (['hands', 'shown', 'wait', 'washed', 'water'] as const).map((role) =>
        isOfStep(taskRef('d', 's', role)),
      ),
    ).toEqual([true, true, true, false, false]));
  it('the hands of a change of water are those of its soak', () =>
    expect(handsOf(taskRef('d1', 's1', 'water', { ofSwap: true, turn: 3 }))).toEqual(
      taskRef('d1', 's1', 'hands', { ofSwap: true }),
    ));
});
