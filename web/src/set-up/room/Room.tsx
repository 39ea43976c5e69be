import { useState } from 'react';
import { DndContext, type DragEndEvent } from '@dnd-kit/core';
import type { ClassView } from '@fornax/contract';
import { type Person, placeWell, seatAt, exchangeSeats } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../../classes/class-context.js';
import { Button } from '../../parts/Button.js';
import { lazyPart } from '../../parts/lazy-part.js';
import { spokenMoves } from '../../parts/dragging.js';
import { Field } from '../../parts/Field.js';
import { Quietly, Row } from '../../parts/states.js';
import { Bench, benchId, Waiting, waitingId } from './Bench.js';
import { LastTime } from './LastTime.js';
import { overWhat, useBenchSensors } from './bench-sensors.js';
import { RosterFile } from './RosterFile.js';
import { useRoster } from './useRoster.js';

const PersonDialog = lazyPart(() => import('./PersonDialog.js').then((module) => module.PersonDialog));

/** Who comes is on no paper. */
const OnScreen = styled.section`
  @media print {
    display: none;
  }
`;
const Head = styled(Row)`
  justify-content: space-between;
  margin-bottom: 0.5rem;
`;
const Plan = styled.ol`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11.875rem, 1fr));
  gap: 0.75rem;
`;
const Add = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 13.75rem) auto;
  justify-content: start;
  gap: 0.5rem;
  align-items: end;
  margin: 0.75rem 0 0.25rem;
`;
const Why = styled.ul`
  margin: 0.5rem 0;
  max-width: 51.25rem;
  li {
    padding: 2px 0;
  }
`;

/** Who stands where: the benches from above, with those who are named. */
export function Room() {
  const { view, plan } = useOpenClass();
  const { roster, change, add } = useRoster();
  const [open, setOpen] = useState<string | null>(null);
  const [why, setWhy] = useState<readonly string[]>([]);
  const { sizes } = plan.portions.stations;
  const nameOf = (id: string) => roster.find((person) => person.id === id)?.name ?? wordsOf(id);
  const drop = ({ active, over }: DragEndEvent) => {
    const moved = over && movedTo(view, String(active.id), String(over.id));
    if (moved) change(() => moved);
  };
  const place = () => {
    const seating = placeWell(view);
    change(() => seating.roster, 'Everybody has a place.');
    setWhy(seating.why);
  };
  return (
    <OnScreen aria-label="Room">
      <Head>
        <h2>
          Room <Quietly as="small">{namedWords(roster.length, view.people)}</Quietly>
        </h2>
        <Row $gap={2}>
          {roster.length > 0 ? <Button onPress={place}>Seat everyone</Button> : null}
          <LastTime />
          <RosterFile />
        </Row>
      </Head>
      <DndContext
        sensors={useBenchSensors()}
        collisionDetection={overWhat}
        onDragEnd={drop}
        accessibility={spokenMoves(nameOf)}
      >
        <Plan aria-label="Stations">
          {sizes.map((size, index) => (
            <Bench
              key={benchId(index + 1)}
              station={index + 1}
              size={size}
              people={roster.filter(({ station }) => station === index + 1)}
              onOpen={setOpen}
            />
          ))}
        </Plan>
        <Waiting
          people={roster.filter(({ station }) => station === null || station > sizes.length)}
          onOpen={setOpen}
        />
      </DndContext>
      <Reasons why={why} />
      <AddPerson onAdd={(name) => setOpen(add(name))} isFull={roster.length >= 200} />
      {open ? <PersonDialog id={open} onClose={() => setOpen(null)} /> : null}
    </OnScreen>
  );
}

/** The roster with somebody at a bench, in the place of somebody else, or without a place. */
function movedTo(view: ClassView, id: string, to: string): Person[] | null {
  const { roster } = view;
  if (to === waitingId)
    return roster.map((person) => (person.id === id ? { ...person, station: null } : person));
  const station = Number(/^bench:(\d+)$/.exec(to)?.[1] ?? 0);
  if (station > 0) return seatAt(view, id, station);
  return to === id ? null : exchangeSeats(roster, id, to);
}

const wordsOf = (id: string) =>
  id === waitingId ? 'those without a place' : id.replace('bench:', 'station ');

function Reasons({ why }: { why: readonly string[] }) {
  if (why.length === 0) return null;
  return (
    <Why aria-label="Why they stand there">
      {why.map((sentence) => (
        <li key={sentence}>{sentence}</li>
      ))}
    </Why>
  );
}

function namedWords(named: number, people: number): string {
  if (named === 0) return 'nobody is named yet; names and needs are seen by this kitchen alone';
  return named === people ? `all ${people} are named` : `${named} of ${people} are named`;
}

function AddPerson({ onAdd, isFull }: { onAdd: (name: string) => void; isFull: boolean }) {
  const [name, setName] = useState('');
  return (
    <Add
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() === '' || isFull) return;
        onAdd(name.trim());
        setName('');
      }}
    >
      <Field label="Add a person" value={name} onChange={setName} maxLength={80} autoComplete="off" />
      <Button type="submit">Add</Button>
    </Add>
  );
}
