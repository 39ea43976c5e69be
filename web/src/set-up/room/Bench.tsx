import { useDraggable, useDroppable } from '@dnd-kit/core';
import { GripVertical } from 'lucide-react';
import { marksOf, type Person } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../../classes/class-context.js';

export const benchId = (station: number) => `bench:${station}`;
export const waitingId = 'waiting';

const Place = styled.li<{ $over: boolean }>`
  display: flex;
  flex-direction: column;
  gap: 0.375rem;
  padding: 0.5rem;
  border: 1px solid ${({ $over, theme }) => ($over ? theme.colour.basil : 'transparent')};
  background: ${({ theme }) => theme.colour.ground};
  border-radius: ${({ theme }) => theme.radius};
`;
const Board = styled.div`
  display: flex;
  justify-content: space-between;
  padding: 0.25rem 0.625rem;
  background: ${({ theme }) => theme.colour.sheet};
  border: 1.5px solid ${({ theme }) => theme.colour.ink};
  border-radius: 2px;
  font-weight: 700;
  small {
    font-weight: 400;
    color: ${({ theme }) => theme.colour.quiet};
  }
`;
const Sides = styled.ul`
  display: grid;
  gap: 0.25rem;
`;
const Chip = styled.li<{ $moving: boolean }>`
  display: flex;
  align-items: flex-start;
  opacity: ${({ $moving }) => ($moving ? 0.6 : 1)};
  position: relative;
  z-index: ${({ $moving }) => ($moving ? 3 : 'auto')};
  background: ${({ theme }) => theme.colour.sheet};
  border: 1px solid ${({ theme }) => theme.colour.hairline};
  border-radius: ${({ theme }) => theme.radius};
`;
const Handle = styled.button`
  flex: none;
  width: 1.5rem;
  min-height: 2rem;
  padding: 0;
  border: 0;
  background: transparent;
  color: ${({ theme }) => theme.colour.quiet};
  cursor: grab;
  touch-action: none;
  @media (pointer: coarse) {
    width: 2.75rem;
    min-height: 2.75rem;
  }
`;
const Name = styled.button`
  flex: 1;
  min-width: 0;
  min-height: 2rem;
  padding: 0.25rem 0.375rem 0.25rem 2px;
  border: 0;
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
  overflow-wrap: anywhere;
  cursor: pointer;
  &:hover strong {
    text-decoration: underline;
  }
  small {
    display: block;
    color: ${({ theme }) => theme.colour.quiet};
    font-size: ${({ theme }) => theme.size.small};
    line-height: 1.0625rem;
  }
  @media (pointer: coarse) {
    min-height: 2.75rem;
  }
`;
const Seat = styled.li`
  padding: 3px 0.5rem;
  border: 1px dashed #98a29b;
  border-radius: ${({ theme }) => theme.radius};
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
`;
const Found = styled.b<{ $level: 'harm' | 'clash' }>`
  color: ${({ $level, theme }) => ($level === 'harm' ? theme.colour.beet : theme.colour.emberText)};
  font-size: ${({ theme }) => theme.size.small};
`;

interface Props {
  people: readonly Person[];
  onOpen: (id: string) => void;
}

/** A bench from above, with who stands at it. */
export function Bench({ station, size, people, onOpen }: Props & { station: number; size: number }) {
  const { setNodeRef, isOver } = useDroppable({ id: benchId(station) });
  const free = Math.max(0, size - people.length);
  return (
    <Place ref={setNodeRef} $over={isOver} aria-label={`Station ${station}: ${size} people`}>
      <Board>
        <span>{station}</span>
        <small>{size === 1 ? '1 person' : `${size} people`}</small>
      </Board>
      <Sides aria-label={`At station ${station}`}>
        {people.map((person) => (
          <PersonChip key={person.id} person={person} onOpen={onOpen} />
        ))}
        {free > 0 ? <Seat>{free === 1 ? '1 not named' : `${free} not named`}</Seat> : null}
      </Sides>
    </Place>
  );
}

/** Those who have no place yet. */
export function Waiting({ people, onOpen }: Props) {
  const { setNodeRef, isOver } = useDroppable({ id: waitingId });
  if (people.length === 0) return null;
  return (
    <Place as="div" ref={setNodeRef} $over={isOver} style={{ marginTop: 12 }}>
      <h3>Without a place yet</h3>
      <Row as="ul" aria-label="Without a place yet">
        {people.map((person) => (
          <PersonChip key={person.id} person={person} onOpen={onOpen} />
        ))}
      </Row>
    </Place>
  );
}
const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.375rem;
`;

function PersonChip({ person, onOpen }: { person: Person; onOpen: (id: string) => void }) {
  const { plan } = useOpenClass();
  const { setNodeRef: dropRef } = useDroppable({ id: person.id });
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, isDragging } = useDraggable({
    id: person.id,
  });
  const marks = marksOf(person);
  const found = plan.people.findings.filter(
    ({ personId, id }) => personId === person.id && plan.warnings.some((open) => open.id === `person:${id}`),
  );
  const level = found.some((each) => each.level === 'harm')
    ? 'harm'
    : found.some((each) => each.level === 'clash')
      ? 'clash'
      : null;
  return (
    <Chip
      ref={(node) => {
        setNodeRef(node);
        dropRef(node);
      }}
      $moving={isDragging}
      style={transform ? { transform: `translate3d(${transform.x}px, ${transform.y}px, 0)` } : undefined}
    >
      <Handle
        ref={setActivatorNodeRef}
        type="button"
        {...attributes}
        {...listeners}
        aria-label={`Move ${person.name}`}
      >
        <GripVertical size={15} aria-hidden />
      </Handle>
      <Name type="button" onClick={() => onOpen(person.id)}>
        <strong>{person.name}</strong>
        {level ? (
          <>
            {' '}
            <Found $level={level}>{level === 'harm' ? 'to solve' : 'to decide'}</Found>
          </>
        ) : null}
        {marks.length > 0 ? <small>{marks.join(' · ')}</small> : null}
      </Name>
    </Chip>
  );
}
