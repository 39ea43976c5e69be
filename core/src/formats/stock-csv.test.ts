import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { readStockCsv, type StockRow, writeStockCsv } from './stock-csv.js';

const words = { larder: standardLarder, english: 'uk' } as const;
const farro: StockRow = {
  ingredient: 'farro',
  amount: { low: '500', high: '500', unit: 'g' },
  state: '',
  useBy: '2027-03-01',
  note: 'top shelf',
};
const onions: StockRow = {
  ingredient: 'onion',
  amount: { low: '3', high: '3', unit: 'piece' },
  state: 'peeled',
  useBy: null,
  note: '=two bags',
};

describe('the cupboard as CSV', () => {
  it('out with the mark of spreadsheets, and in again the same', () => {
    const text = writeStockCsv([farro, onions], words);
    expect(text.startsWith('\ufeffwhat,state,use by,note\r\n500 g pearled farro,,2027-03-01,top shelf')).toBe(
      true,
    );
    const read = readStockCsv(text, standardLarder);
    expect(read.refused).toBe('');
    expect(read.rows).toEqual([farro, onions]);
  });
  it('what cannot be read is told by its row, and the rest is read', () => {
    const text = [
      'what,use by,note',
      '500 g farro,2026-02-30,',
      '-2 onions,,',
      '200 g moon dust,,',
      `1 kg onions,,${'x'.repeat(121)}`,
      '2 lemons,,',
    ].join('\n');
    const { rows, report } = readStockCsv(text, standardLarder);
    expect(rows.map(({ ingredient }) => ingredient)).toEqual(['lemon']);
    expect(report.map(({ row, refused }) => [row, refused !== ''])).toEqual([
      [2, true],
      [3, true],
      [4, true],
      [5, true],
      [6, false],
    ]);
    expect(report[0]!.refused).toBe('Write its date as 2026-11-27, or leave it empty.');
  });
  it('a file of something else is refused whole', () =>
    expect(readStockCsv('name,email\nA,b', standardLarder).refused).toBe(
      'The first row must name the column “what”; “what” is missing.',
    ));
});
