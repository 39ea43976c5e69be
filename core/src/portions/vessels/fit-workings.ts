import { formatMillilitres, showNumber, type Workings, type WorkingStep } from '../../amounts/index.js';
import type { Vessel, VesselKind } from '../../class/index.js';
import { capital } from '../../words/index.js';
import type { Batch } from '../types.js';
import type { Manner } from './manners.js';
import type { Volume } from './volumes.js';

/** Whether a vessel holds by its area instead of its volume. */
export function isFlat(kind: VesselKind): boolean {
  return kind === 'pan' || kind === 'tray';
}

interface FittedVessel {
  readonly kind: VesselKind;
  readonly chosen: Vessel | null;
  readonly food: number;
  readonly limit: number;
  readonly rounds: number;
  readonly manner: Manner;
  readonly batch: Batch;
  readonly volume: Volume;
}

/** How a vessel was chosen: what is in it, what it holds for this way of working, and the rounds. */
export function fitWorkings({
  kind,
  chosen,
  food,
  limit,
  rounds,
  manner,
  batch,
  volume,
}: FittedVessel): Workings {
  const flat = isFlat(kind);
  const show = (value: number) => (flat ? `${showNumber(Math.round(value))} cm²` : formatMillilitres(value));
  const steps: WorkingStep[] = [
    {
      label: flat
        ? `${formatMillilitres(volume.millilitres)} in a layer of ${manner.depthCentimetres} cm`
        : 'Food in it',
      value: show(food),
      note: volume.estimated ? 'Where no density is known, that of cut vegetables is taken.' : undefined,
    },
  ];
  if (chosen) steps.push({ label: holds(chosen, flat, manner), value: show(limit), note: manner.note });
  if (rounds > 1) steps.push({ label: `${show(food)} ÷ ${show(limit)}`, value: `${rounds} rounds` });
  const result = chosen ? `${chosen.name}${rounds > 1 ? `, ${rounds} rounds` : ''}` : 'none';
  const title = `${capital(manner.words)}: ${result}, ${batch.heading.toLowerCase()}`;
  return { title, steps, result, estimated: true };
}

function holds({ name, millilitres }: Vessel, flat: boolean, { share }: Manner): string {
  if (flat) return `The ${name} holds`;
  return `The ${name} holds, ${showNumber(Math.round(share * 100))} % of ${formatMillilitres(millilitres)}`;
}
