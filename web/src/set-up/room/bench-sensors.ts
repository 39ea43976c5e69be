import {
  closestCenter,
  type CollisionDetection,
  KeyboardSensor,
  type KeyboardCoordinateGetter,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
} from '@dnd-kit/core';

const steps: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** With the arrow keys somebody goes from one bench to the next, in the order of their numbers. */
const benchByBench: KeyboardCoordinateGetter = (event, { context }) => {
  const step = steps[event.code];
  if (step === undefined) return undefined;
  event.preventDefault();
  const benches = context.droppableContainers
    .getEnabled()
    .filter(({ id }) => isPlace(id))
    .sort((a, b) => orderOf(String(a.id)) - orderOf(String(b.id)));
  const { over, collisionRect } = context;
  const at = benches.findIndex(({ id }) => id === over?.id);
  const next = benches[(at + step + benches.length) % benches.length];
  const rect = next && context.droppableRects.get(next.id);
  if (!rect || !collisionRect) return undefined;
  return {
    x: rect.left + (rect.width - collisionRect.width) / 2,
    y: rect.top + (rect.height - collisionRect.height) / 2,
  };
};

/**
 * What somebody is over: with the pointer the person under it, who changes places with them, or the bench;
 * with the keyboard the bench that is nearest.
 */
export const overWhat: CollisionDetection = (args) => {
  const places = args.droppableContainers.filter(({ id }) => isPlace(id));
  if (!args.pointerCoordinates) return closestCenter({ ...args, droppableContainers: places });
  const under = pointerWithin(args).filter(({ id }) => id !== args.active.id);
  const person = under.find(({ id }) => !isPlace(id));
  return person ? [person] : under;
};

const isPlace = (id: string | number) => String(id).startsWith('bench:') || id === 'waiting';
const orderOf = (id: string) => (id === 'waiting' ? Infinity : Number(id.split(':')[1]));

/** Moves by pointer, and by keyboard: space to lift, arrows to go, space to set down. */
export function useBenchSensors() {
  return useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: benchByBench }),
  );
}
