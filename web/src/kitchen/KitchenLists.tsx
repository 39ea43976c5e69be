import { Label } from 'react-aria-components';
import {
  appliances,
  vesselKinds,
  type KitchenAppliance,
  type StaffMember,
  type Vessel,
  type VesselKind,
} from '@fornax/core';
import { Boxes, TickBox } from '../parts/Boxes.js';
import { type Column, RowsTable, someWords, wholeNumber } from './RowsTable.js';
import type { KitchenEditor } from './useKitchenEditor.js';
import type { KitchenEdits } from '../api/rows.js';

export interface Props {
  kitchen: KitchenEdits;
  editor: KitchenEditor;
}

const applianceOptions = appliances.map((id) => ({
  id,
  name: id,
}));
const applianceColumns: readonly Column<KitchenAppliance>[] = [
  {
    title: 'Appliance',
    width: '160px',
    read: (row) => row.appliance,
    write: (row, appliance) => ({ ...row, appliance: appliance as KitchenAppliance['appliance'] }),
    options: applianceOptions,
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

const weekdays = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
const fromMonday = [1, 2, 3, 4, 5, 6, 0];

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
