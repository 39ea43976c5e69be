import { sections, usualTripMinutes, type Supplier } from '@fornax/core';
import { Label } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Field } from '../parts/Field.js';
import { NumberField } from '../parts/NumberField.js';
import { Quietly } from '../parts/states.js';
import { Boxes, TickBox } from '../parts/Boxes.js';
import { ticksAreOneStop } from '../parts/one-stop.js';
import { type Props, WeekdayBoxes } from './KitchenLists.js';
import type { KitchenEditor } from './useKitchenEditor.js';

const Line = styled.div`
  display: flex;
  gap: 0.75rem;
  align-items: end;
  max-width: 35rem;
  > :first-child {
    flex: 1;
  }
  > :nth-child(2) {
    flex: 0 0 9.375rem;
  }
`;
const Shop = styled.fieldset`
  margin: 0 0 1rem;
  padding: 0.625rem 0 0.75rem;
  border: 0;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  max-width: 53.75rem;
  legend {
    font-weight: 700;
    padding: 0;
    float: left;
    width: 100%;
    margin-bottom: 0.375rem;
  }
  legend + * {
    clear: both;
  }
`;

/** Shops with what is bought there and when they are open. */
export function Suppliers({ kitchen, editor }: Props) {
  const change = (at: number, to: Partial<Supplier>) =>
    editor.edit({
      suppliers: kitchen.suppliers.map((each, index) => (index === at ? { ...each, ...to } : each)),
    });
  return (
    <>
      {kitchen.suppliers.length === 0 ? (
        <p>
          <Quietly>
            No supplier is written down: everything is bought at one shop that is open every day.
          </Quietly>
        </p>
      ) : null}
      {kitchen.suppliers.map((supplier, place) => (
        <SupplierFields
          key={place}
          supplier={supplier}
          at={place}
          editor={editor}
          change={(to) => change(place, to)}
          remove={() => editor.edit({ suppliers: kitchen.suppliers.filter((_, index) => index !== place) })}
        />
      ))}
      <Button
        onPress={() =>
          editor.edit({
            suppliers: [
              ...kitchen.suppliers,
              { name: 'New supplier', sections: [], days: [1, 2, 3, 4, 5, 6] },
            ],
          })
        }
      >
        Add a supplier
      </Button>
    </>
  );
}

function SupplierFields({
  supplier,
  at: place,
  editor,
  change,
  remove,
}: {
  supplier: Supplier;
  at: number;
  editor: KitchenEditor;
  change: (to: Partial<Supplier>) => void;
  remove: () => void;
}) {
  return (
    <Shop>
      <legend>{supplier.name}</legend>
      <Line>
        <Field
          label="Name"
          value={supplier.name}
          onChange={(name) => change({ name })}
          problem={editor.problems[`suppliers.${place}.name`]}
          maxLength={60}
        />
        <NumberField
          label="There and back, min"
          value={supplier.tripMinutes ?? null}
          onChange={(tripMinutes) => change({ tripMinutes })}
          onClear={() => change({ tripMinutes: undefined })}
          placeholder={`about ${usualTripMinutes}`}
          problem={editor.problems[`suppliers.${place}.tripMinutes`]}
        />
        <Button look="quiet" onPress={remove}>
          Remove
        </Button>
      </Line>
      <WeekdayBoxes label="Open on" days={supplier.days} onChange={(days) => change({ days })} />
      <Boxes
        ref={ticksAreOneStop}
        value={[...supplier.sections]}
        onChange={(chosen) => change({ sections: sections.filter((section) => chosen.includes(section)) })}
      >
        <Label>Sells</Label>
        {sections.map((section) => (
          <TickBox key={section} value={section}>
            {section}
          </TickBox>
        ))}
      </Boxes>
      {supplier.sections.length === 0 ? (
        <Quietly>Nothing is ticked: it sells whatever no other one does.</Quietly>
      ) : null}
    </Shop>
  );
}
