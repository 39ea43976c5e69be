import { describe, expect, it } from 'vitest';
import { toNumber } from '../amounts/index.js';
import type { LocalDate } from '../identity/index.js';
import { larderOf } from '../larder/index.js';
import { list, only, steps, stock, use } from '../tests/shopping-uses.js';
import type { ClassNeeds } from './types.js';

describe('from what is used to what is bought, link by link', () => {
  it('1. per batch: ⅔ egg at 3 stations cannot be shared, 3 × 1 = 3 eggs, not 2', () =>
    expect(only([use('⅔ egg', 3)]).need).toBe('3'));
  it('2. per batch: half an avocado can be shared, 3 × ½ = 1½, and one to spare: 2 + 1 = 3', () =>
    expect(only([use('½ avocado', 3)])).toMatchObject({ need: '3/2', buy: '3' }));
  it('3. use by form: 2 × 100 g peeled carrots, 200 ÷ 0.85 = 235.3 g → 300 g loose', () => {
    expect(toNumber(only([use('100 g peeled carrots', 2)]).need!)).toBeCloseTo(235.294, 3);
    expect(only([use('100 g peeled carrots', 2)]).buy).toBe('300 g');
  });
  it(
    '4. pooled over forms: 100 g peeled (117.6) + 100 g as ' + 'bought = 217.6 g → 300 g once, not 200 + 100',
    () => expect(only([use('100 g peeled carrots'), use('100 g carrots')])).toMatchObject({ buy: '300 g' }),
  );
  it('5. lines as purchased are not divided: 500 g potatoes, peeled, are 500 g', () =>
    expect(only([use('500 g potatoes, peeled')]).need).toBe('500'));
  it('6. fruit: 4 × 30 ml of juice = 120 ÷ 35 = 3.43 → 4 lemons; their zest is there for nothing', () =>
    expect(only([use('2 tbsp lemon juice', 4), use('zest of 3 lemons')]).need).toBe('4'));
  it('7. eggs: 2 whole + max(4 yolks, 1 white) = 6 → a box of 6', () =>
    expect(only([use('2 eggs'), use('4 egg yolks'), use('1 egg white')])).toMatchObject({
      need: '6',
      buy: '1 box of 6',
    }));
  it('8. spare: 500 g + 10 % = 550 g → 600 g loose', () =>
    expect(only([use('500 g carrots')], { decisions: { sparePercent: 10 } }).buy).toBe('600 g'));
  it('9. stock: 500 g wanted, 200 g there: 300 g', () =>
    expect(only([use('500 g carrots')], { stock: [stock('carrot', '200 g')] })).toMatchObject({
      buy: '300 g',
      have: '200 g',
    }));
  it('10. spare before stock: (500 + 10 %) − 200 = 350 → 400 g, not (500 − 200) + 10 % = 330', () =>
    expect(
      only([use('500 g carrots')], { stock: [stock('carrot', '200 g')], decisions: { sparePercent: 10 } })
        .buy,
    ).toBe('400 g'));
  it('11. stock past its date on the day does not count; on the day itself it does', () => {
    expect(
      only([use('500 g carrots')], { stock: [stock('carrot', '200 g', { useBy: '2026-11-26' })] }).buy,
    ).toBe('500 g');
    expect(
      only([use('500 g carrots')], { stock: [stock('carrot', '200 g', { useBy: '2026-11-27' })] }).buy,
    ).toBe('300 g');
  });
  it(
    '12. prepared stock comes off before the yield: 170 g peeled − 85 g peeled = 85 ÷ ' +
      '0.85 = 100 g; taken off after it would be 200 − 85 = 115 → 200 g',
    () => {
      expect(
        only([use('170 g peeled carrots')], { stock: [stock('carrot', '85 g', { state: 'peeled' })] }).buy,
      ).toBe('100 g');
    },
  );
  it('13. prepared in another state is no help: grated carrots are not whole peeled ones', () =>
    expect(
      only([use('170 g peeled carrots')], { stock: [stock('carrot', '85 g', { state: 'grated' })] }).buy,
    ).toBe('200 g'));
  it('14. stock in pieces for a need in grams: 1 carrot of 80 g, 500 − 80 = 420 → 500 g', () =>
    expect(only([use('500 g carrots')], { stock: [stock('carrot', '1 carrot')] }).buy).toBe('500 g'));
  it('15. all of it there: nothing is bought, and it says so', () => {
    const { rows, covered } = list([use('500 g carrots')], { stock: [stock('carrot', '1 kg')] });
    expect([rows.length, covered[0]!.buy, covered[0]!.have]).toEqual([0, 'nothing', '500 g']);
  });
  it('16. dry to cooked: 600 g cooked farro ÷ 2.4 = 250 g, 100 g there: 150 g', () =>
    expect(toNumber(only([use('600 g cooked farro')], { stock: [stock('farro', '100 g')] }).need!)).toBe(
      250,
    ));
  it('17. to taste: 20 people × 1 g of salt = 20 g as an allowance', () =>
    expect(toNumber(only([use('fine salt to taste', 10)]).need!)).toBe(20));
  it('18. the high end of a range is bought: 2–3 tbsp × 4 = 12 tbsp = 180 ml of oil', () =>
    expect(toNumber(only([use('2–3 tbsp olive oil', 4)]).need!)).toBe(180));
  it('19. tins: 3 × 240 g drained ÷ 0.6 = 1 200 g → 3 tins of 400 g', () =>
    expect(only([use('240 g drained chickpeas', 3)]).buy).toBe('3 tins of 400 g'));
  it('shows every link in order', () => {
    expect(
      steps([use('170 g peeled carrots', 2)], {
        stock: [stock('carrot', '85 g', { state: 'peeled' }), stock('carrot', '50 g')],
        decisions: { sparePercent: 10 },
      }),
    ).toEqual([
      'Salad, stations',
      '÷ 0.85 yield',
      '− in the cupboard, peeled',
      '+ 10 % to spare',
      '− in the cupboard',
      'As it is sold',
      'Keeps',
    ]);
  });
});

describe('packs, left-overs and what to decide', () => {
  const priced = larderOf([{ ingredient: 'tinned-chickpeas', figures: { 'price.0': 0.6 }, own: null }]);
  it('23. 404 g of tins: two at 1.20, or make do with one: 400 ÷ 404 = 100/101 of it', () => {
    const row = only([use('404 g tinned chickpeas')], { larder: priced });
    expect(row).toMatchObject({
      buy: '2 tins of 400 g',
      cost: 1.2,
      offers: [{ kind: 'useWhatItHolds', share: '100/101' }],
    });
  });
  it('a share that would be long to write is rounded down, and the packs still hold enough', () => {
    // 3 uses of 1/3 cup and the like make needs of long fractions: 405.123456789 g of a 400 g tin.
    const long = use('405 g tinned chickpeas', 1, {
      amount: { low: '405123456789/1000000000', high: '405123456789/1000000000', unit: 'g' },
    });
    const [offer] = only([long], { larder: priced }).offers;
    // 400 ÷ 405.123456789 = 0.98735…, in ten thousandths 9873.
    expect(offer).toMatchObject({ kind: 'useWhatItHolds', share: '9873/10000' });
  });
  it('with 400 g there, 804 g lack 404: 4 g less of 804 are 200/201, and one tin is just enough', () => {
    const there = [stock('tinned-chickpeas', '400 g')];
    const [offer] = only([use('804 g tinned chickpeas')], { larder: priced, stock: there }).offers;
    expect(offer).toMatchObject({
      share: '200/201',
      sentence: '1 tin of 400 g is 0.99 % short of 404 g',
    });
    expect(only([use('800 g tinned chickpeas')], { larder: priced, stock: there }).buy).toBe(
      '1 tin of 400 g',
    );
  });
  it(
    'with 10 % to spare: 366 g and 36.6 are 402.6; 2.6 less, ' +
      'of which a tenth was spare, are 2.36 of 366',
    () => {
      const [offer] = only([use('366 g tinned chickpeas')], {
        larder: priced,
        decisions: { sparePercent: 10 },
      }).offers;
      // 366 × 1.1 − 400 = 2.6; 2.6 ÷ 1.1 ÷ 366 = 0.006458, so the share is 0.993542.
      expect(toNumber(offer!.share!)).toBeCloseTo(1 - 2.6 / 1.1 / 366, 9);
    },
  );
  it('no offer to make do where salt must start low or an egg is whole', () =>
    expect(only([use('404 g tinned chickpeas', 1, { scaling: 'startLow' })]).offers).toEqual([]));
  it('an optional spoonful that opens a jar may be skipped: 5 g of 100 g', () => {
    expect(only([use('1 tsp capers, drained', 1, { optional: true })]).offers).toMatchObject([
      { kind: 'skip' },
    ]);
    expect(only([use('1 tsp capers, drained')]).offers).toEqual([]);
  });
  it('a jar opened for little is said: 40 g drained gherkins ÷ 0.55 = 73 g of 350; half a jar is not', () => {
    expect(only([use('40 g drained gherkins')]).remark).toBe('1 jar of 350 g opened for 72.7 g.');
    expect(only([use('100 g drained gherkins')]).remark).toBe('');
  });
  it('left-overs name the class that could use them within their keeping time: mint keeps 3 days', () => {
    const other = (date: LocalDate): ClassNeeds => ({
      classId: 'c2',
      title: 'Next class',
      date,
      needs: { mint: '20' },
    });
    expect(only([use('10 g mint')], { others: [other('2026-11-29')] })).toMatchObject({
      leftOverServes: 'for “Next class” on 2026-11-29',
    });
    expect(only([use('10 g mint')], { others: [other('2026-12-09')] }).leftOverServes).toBe('');
  });
  it('a combination that was chosen stands while it is one of those that cover the need', () => {
    const row = only([use('60 g parsley')]);
    const other = row.others[0]!;
    expect(only([use('60 g parsley')], { decisions: { packs: { [row.key]: other.key } } }).buy).toBe(
      other.buy,
    );
    expect(only([use('60 g parsley')], { decisions: { packs: { [row.key]: '9x9' } } }).buy).toBe(row.buy);
  });
});
