import { type PointerEvent, useRef } from 'react';
import type { TimelineEntry } from '@fornax/core';
import type { ClockProps } from './clock-measures.js';

/** Dragging and arrow keys move a start in steps of five minutes. */
export const snapMinutes = 5;

/** Pixels before a press becomes a drag. */
const dragPixels = 5;

/** Which way time runs. */
type Way = 'across' | 'down';

/**
 * While a bar is dragged the rest is planned around it; where it is let go it is pinned. The window is
 * listened to, not the bar: bars change places while the plan changes, and one that is moved in the page
 * loses the pointer.
 */
export function useDrag(
  entry: TimelineEntry,
  { perMinute, way }: { readonly perMinute: number; readonly way: Way },
  handlers: Pick<ClockProps, 'onMove' | 'onPreview' | 'onCancel'>,
) {
  const latest = useRef(handlers);
  latest.current = handlers;
  const onPointerDown = (event: PointerEvent<Element>) => {
    if (event.button !== 0) return;
    const placeOf = (at: { clientX: number; clientY: number }) =>
      way === 'across' ? at.clientX : at.clientY;
    const from = placeOf(event);
    const startAt = (to: MouseEvent) =>
      Math.round((entry.start + (placeOf(to) - from) / perMinute) / snapMinutes) * snapMinutes;
    const isDrag = (to: MouseEvent) => Math.abs(placeOf(to) - from) >= dragPixels;
    let shown: number | null = null;
    const move = (to: MouseEvent) => {
      if (!isDrag(to) || startAt(to) === shown) return;
      shown = startAt(to);
      latest.current.onPreview(entry.id, shown);
    };
    const end = (to: MouseEvent) => {
      stop();
      if (to.type === 'pointerup' && isDrag(to) && startAt(to) !== entry.start)
        latest.current.onMove(entry, startAt(to));
      else if (shown !== null) latest.current.onCancel();
    };
    const stop = () => {
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', end);
      window.removeEventListener('pointercancel', end);
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', end);
    window.addEventListener('pointercancel', end);
  };
  // A finger scrolls the page; what is chosen is moved with the buttons above.
  return { style: { touchAction: 'pan-y' as const }, onPointerDown };
}
