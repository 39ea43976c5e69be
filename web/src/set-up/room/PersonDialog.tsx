import { useState } from 'react';
import { Label } from 'react-aria-components';
import {
  type Age,
  ages,
  allergenNeeds,
  type Heat,
  heats,
  type Person,
  type PersonDiet,
  personDiets,
  readNeeds,
  seatAt,
} from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../../classes/class-context.js';
import { Boxes, TickBox } from '../../parts/Boxes.js';
import { Button } from '../../parts/Button.js';
import { Dialog } from '../../parts/Dialog.js';
import { ErasePerson } from '../../parts/ErasePerson.js';
import { Choice } from '../../parts/Choice.js';
import { Field } from '../../parts/Field.js';
import { Row } from '../../parts/states.js';
import { Allergens } from './Allergens.js';
import { Friends } from './Friends.js';
import { useRoster } from './useRoster.js';
import { Stack } from '../../parts/kit.js';

const Two = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.75rem 1rem;
  align-items: start;
  > .low {
    align-self: end;
  }
  @media (max-width: 37.5em) {
    grid-template-columns: 1fr;
  }
`;

const ageNames: Readonly<Record<Age, string>> = {
  baby: 'under 1',
  'small child': '1 to 4',
  child: '5 to 12',
  teenager: '13 to 17',
  adult: 'grown up',
  older: '65 or more',
};
const heatNames: Readonly<Record<Heat, string>> = { none: 'without heat', mild: 'mild', hot: 'hot' };

/** Somebody's name, place and needs. What is changed counts at once. */
export function PersonDialog({ id, onClose }: { id: string; onClose: () => void }) {
  const { plan } = useOpenClass();
  const { roster, change, changePerson } = useRoster();
  const person = roster.find((each) => each.id === id);
  if (!person) return null;
  const edit = (patch: Partial<Person>) => changePerson(id, patch);
  const summary = plan.people.summaries.find(({ personId }) => personId === id)?.sentence;
  const takeOut = () => {
    change(
      (all) =>
        all
          .filter((each) => each.id !== id)
          .map((each) => ({ ...each, friends: each.friends.filter((friend) => friend !== id) })),
      `${person.name} was removed from this class.`,
    );
    onClose();
  };
  return (
    <Dialog title={person.name} isOpen onClose={onClose} wide>
      <Stack>
        {summary ? <p role="status">{summary}</p> : null}
        <Two>
          <Words label="Name" value={person.name} onDone={(name) => name && edit({ name })} maxLength={80} />
          <Station person={person} />
        </Two>
        <AsTold person={person} edit={edit} />
        <Allergens
          needs={person.allergens}
          options={allergenNeeds}
          onChange={(allergens) => edit({ allergens })}
        />
        <Boxes value={[...person.diets]} onChange={(diets) => edit({ diets: diets as PersonDiet[] })}>
          <Label>Diet</Label>
          {personDiets.map((diet) => (
            <TickBox key={diet} value={diet}>
              {diet}
            </TickBox>
          ))}
        </Boxes>
        <Lists person={person} edit={edit} />
        <Bodily person={person} edit={edit} />
        <Friends person={person} others={roster} edit={edit} />
        <Words
          label="Notes"
          value={person.notes}
          onDone={(notes) => edit({ notes })}
          maxLength={400}
          hint="Seen by this kitchen alone; on no card and no list."
        />
        <Row>
          <Button look="act" onPress={onClose}>
            Done
          </Button>
          <Button onPress={takeOut}>Remove from this class</Button>
          <ErasePerson name={person.name} onErased={onClose} />
        </Row>
      </Stack>
    </Dialog>
  );
}

/** Text that counts when one leaves the field, so that half a word is nothing yet. */
function Words({
  label,
  value,
  onDone,
  maxLength,
  hint,
}: {
  label: string;
  value: string;
  onDone: (value: string) => void;
  maxLength?: number;
  hint?: string;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const done = () => {
    if (typed !== null && typed.trim() !== value) onDone(typed.trim());
    setTyped(null);
  };
  return (
    <Field
      label={label}
      value={typed ?? value}
      onChange={setTyped}
      onBlur={done}
      onEnter={done}
      maxLength={maxLength}
      hint={hint}
      autoComplete="off"
    />
  );
}

function Station({ person }: { person: Person }) {
  const { view, plan } = useOpenClass();
  const { change, changePerson } = useRoster();
  const options = [
    { id: '0', name: 'no place yet' },
    ...plan.portions.stations.sizes.map((_, index) => ({
      id: String(index + 1),
      name: `Station ${index + 1}`,
    })),
  ];
  const choose = (value: string) => {
    if (value === '0') return changePerson(person.id, { station: null });
    const moved = seatAt(view, person.id, Number(value));
    if (moved) change(() => moved);
  };
  return <Choice label="Place" value={String(person.station ?? 0)} options={options} onChange={choose} />;
}

interface Part {
  person: Person;
  edit: (patch: Partial<Person>) => void;
}

/** Needs as somebody told them are read into what can be looked for. */
function AsTold({ person, edit }: Part) {
  const [told, setTold] = useState('');
  const read = () => {
    const { allergens, diets, sensitivities, dislikes, pregnant, heat, age } = readNeeds(told);
    const isNew = ({ what }: Person['allergens'][number]) => !allergens.some((each) => each.what === what);
    edit({
      allergens: [...person.allergens.filter(isNew), ...allergens],
      diets: [...new Set([...person.diets, ...diets])],
      sensitivities: [...new Set([...person.sensitivities, ...sensitivities])],
      dislikes: [...new Set([...person.dislikes, ...dislikes])],
      pregnant: person.pregnant || pregnant,
      ...(heat && { heat }),
      ...(age && { age }),
    });
    setTold('');
  };
  return (
    <Two>
      <Field
        label="Needs, as they were told"
        value={told}
        onChange={setTold}
        placeholder="severe nut allergy, vegetarian"
        onEnter={() => told.trim() && read()}
        autoComplete="off"
      />
      <Row className="low">
        <Button isDisabled={told.trim() === ''} onPress={read}>
          Read into the lists below
        </Button>
      </Row>
    </Two>
  );
}

const listOf = (text: string) =>
  text
    .split(/[,;]/)
    .map((word) => word.trim().slice(0, 60))
    .filter(Boolean)
    .slice(0, 20);

function Lists({ person, edit }: Part) {
  return (
    <Two>
      <Words
        label="Cannot have"
        value={person.sensitivities.join(', ')}
        onDone={(text) => edit({ sensitivities: listOf(text) })}
        hint="In your words, with commas: lactose, raw onion."
      />
      <Words
        label="Does not like"
        value={person.dislikes.join(', ')}
        onDone={(text) => edit({ dislikes: listOf(text) })}
      />
    </Two>
  );
}

function Bodily({ person, edit }: Part) {
  const ticks = [
    ['pregnant', 'pregnant'],
    ['leftHanded', 'left-handed'],
    ['experienced', 'has cooked much'],
  ] as const;
  return (
    <>
      <Two>
        <Choice
          label="Age"
          value={person.age}
          options={ages.map((age) => ({ id: age, name: ageNames[age] }))}
          onChange={(age) => edit({ age })}
        />
        <Choice
          label="Eats"
          value={person.heat ?? 'not asked'}
          options={[
            { id: 'not asked', name: 'heat not asked about' },
            ...heats.map((heat) => ({ id: heat as string, name: heatNames[heat] })),
          ]}
          onChange={(heat) => edit({ heat: heats.find((each) => each === heat) ?? null })}
        />
      </Two>
      <Boxes
        value={ticks.filter(([field]) => person[field]).map(([field]) => field)}
        onChange={(on) => edit(Object.fromEntries(ticks.map(([field]) => [field, on.includes(field)])))}
      >
        <Label>Also</Label>
        {ticks.map(([field, name]) => (
          <TickBox key={field} value={field}>
            {name}
          </TickBox>
        ))}
      </Boxes>
      <Words
        label="Standing and reach"
        value={person.reach}
        onDone={(reach) => edit({ reach })}
        maxLength={120}
        hint="Sits, does not lift, needs a low board."
      />
    </>
  );
}
