import {
  sections,
  usualTripMinutes,
  vesselKinds,
  type KitchenAppliance,
  type StaffMember,
  type Supplier,
  type Vessel,
  type VesselKind,
} from '@fornax/core';
import { Label } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Field } from '../parts/Field.js';
import { NumberField } from '../parts/NumberField.js';
import { Quietly } from '../parts/states.js';
import { Boxes, TickBox } from '../set-up/DishMakingChoice.js';
import { RowsTable, someWords, wholeNumber, type Column } from './RowsTable.js';
import type { KitchenEditor, KitchenEdits } from './useKitchenEditor.js';

interface Props {
  kitchen: KitchenEdits;
  editor: KitchenEditor;
}

const appliances = (['oven', 'hob', 'fridge', 'blender', 'microwave', 'griddle'] as const).map((id) => ({
  id,
  name: id,
}));
const applianceColumns: readonly Column<KitchenAppliance>[] = [
  {
    title: 'Appliance',
    width: '160px',
    read: (row) => row.appliance,
    write: (row, appliance) => ({ ...row, appliance: appliance as KitchenAppliance['appliance'] }),
    options: appliances,
  },
  {
    title: 'Places',
    width: '90px',
    read: (row) => String(row.capacity),
    write: wholeNumber(200, (row, capacity) => ({ ...row, capacity })),
  },
  {
    title: 'Heats in, min',
    width: '110px',
    read: (row) => String(row.heatMinutes),
    write: wholeNumber(180, (row, heatMinutes) => ({ ...row, heatMinutes })),
  },
  { title: 'Settings', read: (row) => row.settings, write: (row, settings) => ({ ...row, settings }) },
];

/**
 * Ovens, hobs and the like: how many trays, rings or shelves at once, how long they heat, what they can be
 * set to.
 */
export function Appliances({ kitchen, editor }: Props) {
  return (
    <RowsTable<KitchenAppliance>
      label="Appliances"
      rows={kitchen.appliances}
      columns={applianceColumns}
      nameOf={(row) => row.appliance}
      onChange={(rows) => editor.edit({ appliances: rows })}
      makeRow={() => ({ appliance: 'microwave', capacity: 1, heatMinutes: 0, settings: '' })}
      addWords="Add an appliance"
    />
  );
}

type Tool = KitchenEdits['tools'][number];
const toolColumns: readonly Column<Tool>[] = [
  { title: 'Tool', read: (row) => row.tool, write: someWords((row, tool) => ({ ...row, tool })) },
  {
    title: 'How many',
    width: '110px',
    read: (row) => String(row.count),
    write: wholeNumber(1000, (row, count) => ({ ...row, count })),
  },
];

export function Tools({ kitchen, editor }: Props) {
  return (
    <RowsTable
      label="Tools"
      rows={kitchen.tools}
      columns={toolColumns}
      nameOf={(row) => row.tool}
      onChange={(rows) => editor.edit({ tools: rows })}
      makeRow={() => ({ tool: 'new tool', count: 1 })}
      addWords="Add a tool"
    />
  );
}

const flat = (kind: VesselKind) => kind === 'pan' || kind === 'tray';
const vesselColumns: readonly Column<Vessel>[] = [
  { title: 'Vessel', read: (row) => row.name, write: someWords((row, name) => ({ ...row, name })) },
  {
    title: 'Kind',
    width: '170px',
    read: (row) => row.kind,
    write: (row, kind) => withKind(row, kind as VesselKind),
    options: vesselKinds.map((id) => ({ id, name: id })),
  },
  {
    title: 'Holds, ml or cm²',
    width: '130px',
    read: (row) => String(flat(row.kind) ? row.squareCentimetres : row.millilitres),
    write: wholeNumber(
      200_000,
      (row, size) => (flat(row.kind) ? { ...row, squareCentimetres: size } : { ...row, millilitres: size }),
      1,
    ),
  },
  {
    title: 'How many',
    width: '100px',
    read: (row) => String(row.count),
    write: wholeNumber(1000, (row, count) => ({ ...row, count })),
  },
];

/** A pan or tray holds by area, the rest by volume: the figure moves along with the kind. */
function withKind(row: Vessel, kind: VesselKind): Vessel {
  const size = flat(row.kind) ? row.squareCentimetres : row.millilitres;
  return { ...row, kind, millilitres: flat(kind) ? 0 : size, squareCentimetres: flat(kind) ? size : 0 };
}

export function Vessels({ kitchen, editor }: Props) {
  return (
    <RowsTable<Vessel>
      label="Vessels"
      rows={kitchen.vessels}
      columns={vesselColumns}
      nameOf={(row) => row.name}
      onChange={(rows) => editor.edit({ vessels: rows })}
      makeRow={() => ({ name: 'new bowl', kind: 'bowl', millilitres: 3000, squareCentimetres: 0, count: 1 })}
      addWords="Add a vessel"
    />
  );
}

const staffColumns: readonly Column<StaffMember>[] = [
  { title: 'Name', read: (row) => row.name, write: someWords((row, name) => ({ ...row, name })) },
  { title: 'Role', read: (row) => row.role, write: (row, role) => ({ ...row, role }) },
];

export function Staff({ kitchen, editor }: Props) {
  return (
    <RowsTable
      label="Staff"
      rows={kitchen.staff}
      columns={staffColumns}
      nameOf={(row) => row.name}
      onChange={(rows) => editor.edit({ staff: rows })}
      makeRow={() => ({ name: 'New person', role: 'assistant' })}
      addWords="Add a person"
    />
  );
}

const Shop = styled.fieldset`
  margin: 0 0 16px;
  padding: 10px 0 12px;
  border: 0;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  max-width: 860px;
  legend {
    font-weight: 700;
    padding: 0;
    float: left;
    width: 100%;
    margin-bottom: 6px;
  }
  legend + * {
    clear: both;
  }
`;
const Line = styled.div`
  display: flex;
  gap: 12px;
  align-items: end;
  max-width: 560px;
  > :first-child {
    flex: 1;
  }
  > :nth-child(2) {
    flex: 0 0 150px;
  }
`;
export const weekdays = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
const fromMonday = [1, 2, 3, 4, 5, 6, 0];

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
      {kitchen.suppliers.map((supplier, at) => (
        <Shop key={at}>
          <legend>{supplier.name}</legend>
          <Line>
            <Field
              label="Name"
              value={supplier.name}
              onChange={(name) => change(at, { name })}
              problem={editor.problems[`suppliers.${at}.name`]}
              maxLength={60}
            />
            <NumberField
              label="There and back, min"
              value={supplier.tripMinutes ?? null}
              onChange={(tripMinutes) => change(at, { tripMinutes })}
              onClear={() => change(at, { tripMinutes: undefined })}
              placeholder={`about ${usualTripMinutes}`}
              problem={editor.problems[`suppliers.${at}.tripMinutes`]}
            />
            <Button
              look="quiet"
              onPress={() => editor.edit({ suppliers: kitchen.suppliers.filter((_, index) => index !== at) })}
            >
              Take out
            </Button>
          </Line>
          <WeekdayBoxes label="Open on" days={supplier.days} onChange={(days) => change(at, { days })} />
          <Boxes
            value={[...supplier.sections]}
            onChange={(chosen) =>
              change(at, { sections: sections.filter((section) => chosen.includes(section)) })
            }
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

export function WeekdayBoxes({
  label,
  days,
  onChange,
}: {
  label: string;
  days: readonly number[];
  onChange: (days: number[]) => void;
}) {
  return (
    <Boxes value={days.map(String)} onChange={(chosen) => onChange(chosen.map(Number).sort((a, b) => a - b))}>
      <Label>{label}</Label>
      {fromMonday.map((day) => (
        <TickBox key={day} value={String(day)}>
          {weekdays[day]!}
        </TickBox>
      ))}
    </Boxes>
  );
}
