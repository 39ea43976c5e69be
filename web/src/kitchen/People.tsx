import { useState } from 'react';
import styled from 'styled-components';
import { ErasePerson } from '../parts/ErasePerson.js';
import { Field } from '../parts/Field.js';
import { NumberField } from '../parts/NumberField.js';
import { Row } from '../parts/states.js';
import type { KitchenEdits } from '../api/rows.js';
import type { KitchenEditor } from './useKitchenEditor.js';

const Narrow = styled.div`
  display: grid;
  gap: 1rem;
  max-width: 26.5rem;
`;
const usualDays = 30;

/** How long names and needs are kept, and erasing somebody who asks for it. */
export function People({ kitchen, editor }: { kitchen: KitchenEdits; editor: KitchenEditor }) {
  const [name, setName] = useState('');
  return (
    <Narrow>
      <NumberField
        label="Days after a class until its people are erased"
        value={kitchen.forgetPeopleAfterDays ?? usualDays}
        onChange={(forgetPeopleAfterDays) => editor.edit({ forgetPeopleAfterDays })}
        problem={editor.problems.forgetPeopleAfterDays}
        hint="Names and needs are seen by this kitchen alone, and are on no card, list or calendar."
      />
      <Field
        label="Erase somebody who asks for it"
        value={name}
        onChange={setName}
        maxLength={80}
        autoComplete="off"
        hint="Their name as it stands in the classes."
      />
      {name.trim() ? (
        <Row>
          <ErasePerson name={name.trim()} onErased={() => setName('')} />
        </Row>
      ) : null}
    </Narrow>
  );
}
