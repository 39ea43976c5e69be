import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import type { DishPortions } from '@fornax/core';
import { Switch } from '../parts/Switch.js';
import { phone, useMedia } from '../parts/useMedia.js';

const inAll = 'In all';

interface Chosen {
  /** Heading of the column that is looked at on a phone. */
  readonly heading: string | null;
  choose: (heading: string) => void;
}

const ChosenContext = createContext<Chosen>({ heading: null, choose: () => undefined });

/** The same bench is looked at in every dish that has it. */
export function ChosenColumn({ children }: { children: ReactNode }) {
  const [heading, choose] = useState<string | null>(null);
  const value = useMemo(() => ({ heading, choose }), [heading]);
  return <ChosenContext value={value}>{children}</ChosenContext>;
}

/** The columns of a dish that are shown: by the places of its batches, and whether its total is. */
export interface Columns {
  readonly batches: readonly number[];
  readonly total: boolean;
}

/** All columns, or on a phone one at a time. */
export function useColumns({ batches }: DishPortions): Columns {
  const { heading } = useContext(ChosenContext);
  const isOne = useMedia(phone);
  if (!isOne) return { batches: batches.map((_, index) => index), total: true };
  if (heading === inAll) return { batches: [], total: true };
  const chosen = batches.findIndex((batch) => batch.heading === heading);
  const atBenches = batches.findIndex(({ kind }) => kind === 'stations');
  return { batches: [chosen >= 0 ? chosen : Math.max(0, atBenches)], total: false };
}

/** On a phone: which bench is looked at. */
export function ColumnSwitch({ dish, columns }: { dish: DishPortions; columns: Columns }) {
  const { choose } = useContext(ChosenContext);
  if (!useMedia(phone)) return null;
  const headings = [...dish.batches.map(({ heading }) => heading), inAll];
  const at = columns.batches[0];
  return (
    <Switch
      label="Bench"
      value={at === undefined ? inAll : headings[at]!}
      onChange={choose}
      options={headings.map((heading) => [heading, heading] as const)}
    />
  );
}
