import { describe, expect, it } from 'vitest';
import {
  noTicks,
  overturnedTicks,
  reduceTicks,
  ticksShown,
  type TickEvent,
  type TickState,
} from './ticks.js';

const on = { ticked: true, count: 0 };
const off = { ticked: false, count: 0 };
const after = (...events: TickEvent[]): TickState => events.reduce(reduceTicks, noTicks);
const marked = (key: string, mark = on): TickEvent => ({ kind: 'marked', key, mark });
const stored = (key: string, ticked: boolean, count = 0) => ({
  key,
  ticked,
  count,
  by: 'Tomas',
  at: '10:00',
});

describe('ticks', () => {
  it('show at once, over what the server has', () => {
    const shown = ticksShown([stored('carrot', false), stored('kale', true)], after(marked('carrot')).unsent);
    expect([shown.get('carrot')?.ticked, shown.get('carrot')?.by]).toEqual([true, 'you']);
    expect(shown.get('kale')).toEqual(stored('kale', true));
  });
  it('once sent nothing waits, and it is ours', () =>
    expect(after(marked('carrot'), { kind: 'sent', key: 'carrot', mark: on })).toEqual({
      unsent: {},
      mine: { carrot: on },
    }));
  it('changed again while it was on its way: the later one still waits', () =>
    expect(
      after(marked('carrot'), marked('carrot', off), { kind: 'sent', key: 'carrot', mark: on }).unsent,
    ).toEqual({ carrot: off }));
  it('refused for good: no longer waits, and is not ours', () =>
    expect(after(marked('carrot'), { kind: 'refused', key: 'carrot', mark: on })).toEqual(noTicks));
  it('found on the device: taken up, but not over what was marked meanwhile', () =>
    expect(
      after(marked('carrot', off), { kind: 'found on device', unsent: { carrot: on, kale: on } }).unsent,
    ).toEqual({ carrot: off, kale: on }));
});

describe('what somebody else changed after us', () => {
  const sent = after(marked('carrot'), { kind: 'sent', key: 'carrot', mark: on });
  it('is shown', () =>
    expect(overturnedTicks([stored('carrot', false)], sent)).toEqual([stored('carrot', false)]));
  it('another count counts too', () =>
    expect(overturnedTicks([stored('carrot', true, 2)], sent)).toHaveLength(1));
  it('not while ours is still to be sent, nor where it stands as we left it, nor what was never ours', () => {
    expect(overturnedTicks([stored('carrot', false)], reduceTicks(sent, marked('carrot')))).toEqual([]);
    expect(overturnedTicks([stored('carrot', true)], sent)).toEqual([]);
    expect(overturnedTicks([stored('kale', true)], sent)).toEqual([]);
  });
  it('not once it was accepted', () =>
    expect(
      overturnedTicks([stored('carrot', false)], reduceTicks(sent, { kind: 'accepted', key: 'carrot' })),
    ).toEqual([]));
});
