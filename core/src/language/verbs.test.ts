import { describe, expect, it } from 'vitest';
import { verbsTable } from './data/verbs.js';
import { rowsOf } from './table.js';

const rows = rowsOf<'verb' | 'kind' | 'heat' | 'appliance' | 'hands' | 'also'>(verbsTable);

describe('the table of verbs', () => {
  it('has no verb twice', () => {
    const verbs = rows.map(({ verb }) => verb);
    expect(verbs.filter((verb, index) => verbs.indexOf(verb) !== index)).toEqual([]);
  });
  it('has in each column only what the code knows', () => {
    const known = {
      kind: ['heat', 'warm', 'left', 'work'],
      heat: ['wet', 'fat', 'dry', 'any', ''],
      appliance: ['hob', 'oven', 'griddle', 'microwave', 'blender', 'fridge', ''],
      hands: ['stay', 'free', ''],
      also: ['noun', 'adjective', 'food', ''],
    };
    for (const [column, values] of Object.entries(known))
      expect(rows.filter((row) => !values.includes(row[column as keyof typeof known]))).toEqual([]);
  });
  it('says of each verb that heats how the heat comes, and of no other', () => {
    expect(rows.filter(({ kind, heat }) => (kind === 'heat' || kind === 'warm') !== (heat !== ''))).toEqual(
      [],
    );
  });
  it('refuses a row with a cell too many', () => {
    expect(() => rowsOf('a,b\n1,2\n3,4,5\n')).toThrow('Not 2 cells: “3,4,5”.');
  });
});
