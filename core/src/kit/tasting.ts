import { tastingOf } from '../class/index.js';
import type { ContainerInput } from './containers.js';

interface TastingRow {
  readonly tool: string;
  readonly count: number;
  readonly note: string;
  readonly why: string;
  readonly grams: number;
}

/** What the tasting flights of a class take: a clean spoon a taste, a letter a bowl, a sheet a person. */
export function tastingRows({ dishes, people }: ContainerInput & { readonly people: number }): TastingRow[] {
  const flights = dishes.flatMap(({ decided, portions }) => {
    const tasting = tastingOf(decided);
    if (!tasting) return [];
    const batches = portions.batches
      .filter(({ stations }) => stations.length > 0)
      .reduce((sum, { count }) => sum + count, 0);
    const isDealt = Boolean(decided.making?.flight);
    // Where each station makes another one it makes one bowl; else every station makes all of them.
    return [{ bowls: tasting.bowls.length, letters: isDealt ? batches : batches * tasting.bowls.length }];
  });
  if (flights.length === 0) return [];
  const bowls = flights.reduce((sum, each) => sum + each.bowls, 0);
  return [
    {
      tool: 'tasting spoon for a flight',
      count: bowls * people,
      note: 'a clean one for every taste',
      why: `${bowls} bowls × ${people} people`,
      grams: 25,
    },
    {
      tool: 'letter to stick on a bowl',
      count: flights.reduce((sum, { letters }) => sum + letters, 0),
      note: 'A, B, C: one on every bowl that is made',
      why: 'One for each bowl',
      grams: 1,
    },
    {
      tool: 'sheet to mark and a pencil',
      count: people,
      note: 'printed with the station cards',
      why: 'One a person',
      grams: 15,
    },
  ];
}
