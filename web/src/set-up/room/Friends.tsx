import type { Person } from '@fornax/core';
import { Boxes, TickBox } from '../../parts/Boxes.js';
import { Quietly } from '../../parts/states.js';

interface Props {
  person: Person;
  edit: (patch: Partial<Person>) => void;
  others: readonly Person[];
}

/** Whom somebody asked to stand with. */
export function Friends({ person, others, edit }: Props) {
  const rest = others.filter(({ id }) => id !== person.id);
  if (rest.length === 0) return null;
  return (
    <details>
      <summary>
        Asked to stand with <Quietly>{friendNames(person, rest) || 'nobody'}</Quietly>
      </summary>
      <Boxes
        aria-label="Asked to stand with"
        value={[...person.friends]}
        onChange={(friends) => edit({ friends: friends.slice(0, 20) })}
      >
        {rest.map(({ id, name }) => (
          <TickBox key={id} value={id}>
            {name}
          </TickBox>
        ))}
      </Boxes>
    </details>
  );
}

const friendNames = ({ friends }: Person, others: readonly Person[]) =>
  others
    .filter(({ id }) => friends.includes(id))
    .map(({ name }) => name)
    .join(', ');
