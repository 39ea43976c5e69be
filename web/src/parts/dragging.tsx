import { KeyboardSensor, PointerSensor, useSensor, useSensors, type Announcements } from '@dnd-kit/core';
import { sortableKeyboardCoordinates, useSortable } from '@dnd-kit/sortable';
import { GripVertical } from 'lucide-react';
import type { ReactNode } from 'react';
import styled from 'styled-components';

const Handle = styled.button`
  flex: none;
  width: 1.5rem;
  height: 2.125rem;
  margin-top: 0.3125rem;
  padding: 0;
  border: 0;
  background: transparent;
  color: ${({ theme }) => theme.colour.quiet};
  cursor: grab;
  touch-action: none;
  &:focus-visible {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
  @media (pointer: coarse) {
    width: 2.75rem;
    height: 2.75rem;
  }
`;

/** What a screen reader says while something is moved; `nameOf` gives the words of an item or a place. */
export function spokenMoves(nameOf: (id: string) => string): {
  announcements: Announcements;
  screenReaderInstructions: { draggable: string };
} {
  const over = (event: { active: { id: string | number }; over: { id: string | number } | null }) =>
    event.over?.id === event.active.id
      ? undefined
      : event.over
        ? `Over ${nameOf(String(event.over.id))}.`
        : 'Over no place.';
  return {
    announcements: {
      onDragStart: ({ active }) => `Lifted ${nameOf(String(active.id))}.`,
      onDragOver: over,
      onDragEnd: ({ active }) => `Set down ${nameOf(String(active.id))}.`,
      onDragCancel: ({ active }) => `Left ${nameOf(String(active.id))} where it was.`,
    },
    screenReaderInstructions: {
      draggable:
        'Press space to lift, the arrow keys to move, space to set down, escape to leave it where it was.',
    },
  };
}

/** Moves by pointer from the handle, and by keyboard: space to lift, arrows to move, space to set down. */
export function useDragSensors() {
  return useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
}

/** An item that can be moved: its place, its style while it moves, and the handle to move it by. */
export function useMovable(id: string, label: string) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, isDragging } = useSortable({
    id,
    transition: null,
  });
  const handle: ReactNode = (
    <Handle ref={setActivatorNodeRef} type="button" {...attributes} {...listeners} aria-label={label}>
      <GripVertical size={15} aria-hidden />
    </Handle>
  );
  const style = {
    transform: transform ? `translate3d(0, ${transform.y}px, 0)` : undefined,
    opacity: isDragging ? 0.6 : undefined,
    position: 'relative' as const,
    zIndex: isDragging ? 2 : undefined,
  };
  return { setNodeRef, style, handle };
}
