import ICAL from 'ical.js';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { planClass } from '../plan/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { calendarProblems } from '../tests/strict-calendar.js';
import { writePlanCalendar, writeTripsCalendar } from './calendar.js';
import { readKitchenCsv, writeKitchenCsv } from './kitchen-csv.js';
import { readLarderCsv } from './larder-csv.js';
import { writeKitCsv, writePlanCsv, writeShoppingCsv } from './lists-out.js';
import { writeKitText, writeShoppingText } from './lists-text.js';

const facts = classOf(
  [dish(recipe(['600 g carrots', '400 g =cmd moon dust', '60 g rocket']), { maker: 'demonstration' })],
  { title: 'Roots, and more' },
);
const plan = planClass({
  class: facts,
  kitchen: {
    ...kitchen,
    suppliers: [{ name: 'Market', sections: ['vegetables', 'salad and herbs'], days: [2, 4, 6] }],
  },
});
const ticked = (key: string) => key === 'carrot';

describe('the shopping list elsewhere', () => {
  it('as CSV: a row a thing, with packs, supplier, date and whether it is got', () => {
    const { data, errors } = Papa.parse<Record<string, string>>(writeShoppingCsv(plan.shopping, ticked), {
      header: true,
    });
    expect(errors).toEqual([]);
    // 14 sides of a recipe for 4 are 3½ batches: 2 100 g of carrots.
    expect(data.find(({ name }) => name === 'carrot')).toMatchObject({
      'as purchased': '2100',
      unit: 'g',
      buy: '2.1 kg',
      supplier: 'Market',
      date: '2026-11-26',
      currency: 'GBP',
      got: 'yes',
    });
  });
  it('a name that a spreadsheet would take for a formula is text', () =>
    expect(writeShoppingCsv(plan.shopping, ticked)).toContain("'=cmd moon dust"));
  it('as text for a message: by trip, ticked or not', () => {
    const text = writeShoppingText('Roots: to buy', plan.shopping, ticked);
    expect(text).toMatch(/^Roots: to buy\n\nMarket, 2026-11-26\n/);
    expect(text).toContain('[x] carrot: 2.1 kg');
    expect(text).toContain('[ ] rocket: ');
    expect(text).toContain('without =cmd moon dust');
  });
});

describe('trips as iCalendar', () => {
  const text = writeTripsCalendar(facts, plan.shopping, '2026-11-20T08:00:00Z');
  const events = new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent');
  const value = (event: ICAL.Component, name: string) => String(event.getFirstPropertyValue(name));
  it(
    'an entry a trip, when the clock has it: 30 min there and ' +
      'back and 2 things from 10:00, with an alarm',
    () => {
      const market = events.find((event) => value(event, 'location') === 'Market')!;
      expect([value(market, 'dtstart'), value(market, 'dtend')]).toEqual([
        '2026-11-26T10:00:00Z',
        '2026-11-26T10:32:00Z',
      ]);
      expect(value(market.getFirstSubcomponent('valarm')!, 'trigger')).toBe('-PT1H');
      expect(value(market, 'description')).toContain('carrot: 2.1 kg');
    },
  );
  it('the same UID when it is written again, another for every trip', () => {
    const uids = (of: string) =>
      new ICAL.Component(ICAL.parse(of) as never)
        .getAllSubcomponents('vevent')
        .map((event) => value(event, 'uid'));
    expect(uids(writeTripsCalendar(facts, plan.shopping, '2026-11-21T08:00:00Z'))).toEqual(uids(text));
    expect(new Set(uids(text)).size).toBe(events.length);
  });
  it('without an hour it is of the whole day: from its date to the one after', () => {
    const summer = {
      ...plan.shopping,
      trips: [{ ...plan.shopping.trips[0]!, date: '2026-07-02' as const, visit: undefined }],
    };
    expect(writeTripsCalendar(facts, summer, '2026-06-20T08:00:00Z')).toMatch(
      /DTSTART;VALUE=DATE:20260702\r\nDTEND;VALUE=DATE:20260703/,
    );
  });
  it('lines are folded at 75 bytes and commas escaped, as RFC 5545 wants', () => {
    expect(text).toContain('Roots\\, and more');
    expect(calendarProblems(text)).toEqual([]);
  });
});

describe('the plan elsewhere', () => {
  const prepared = classOf(
    [
      dish(
        recipe(['600 g carrots'], {
          steps: [
            step('peel', {
              text: 'Peel the carrots.',
              place: 'before',
              handsOnMinutes: 20,
              uses: [{ line: 'l1', share: '1' as const }],
            }),
            step('toss', { text: 'Toss them.', after: ['peel'] }),
          ],
        }),
      ),
    ],
    { place: 'Main kitchen' },
  );
  const planned = planClass({ class: prepared, kitchen });
  const events = (text: string) =>
    new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((event) => ({
      uid: String(event.getFirstPropertyValue('uid')),
      summary: String(event.getFirstPropertyValue('summary')),
      start: String(event.getFirstPropertyValue('dtstart')),
      end: String(event.getFirstPropertyValue('dtend')),
    }));
  const text = writePlanCalendar(prepared, planned.shopping, planned.timeline, '2026-11-20T08:00:00Z');
  it('as iCalendar: a trip, and one visit with every job of hands before class, none in it', () => {
    expect(events(text).map(({ summary }) => summary)).toEqual([
      'Buy for Test class: 1 thing at Shop',
      '3 jobs for Test class: Pack the crates, Peel the carrots, Set out the stations',
    ]);
    expect(calendarProblems(text)).toEqual([]);
  });
  it('a visit is where the plan has it, from its first job to the end of its last', () => {
    const jobs = planned.timeline.clock.filter(({ kind, end }) => kind === 'prep' && end <= 0);
    const visit = events(text)[1]!;
    expect([visit.start, Date.parse(visit.end) - Date.parse(visit.start)]).toEqual([
      jobs[0]!.startsAt.replace('.000', ''),
      (Math.max(...jobs.map(({ end }) => end)) - jobs[0]!.start) * 60_000,
    ]);
  });
  it('suppliers whose names have no plain letter have UIDs of their own, in any script and length', () => {
    const names = ['Овощи', 'Фрукты', '野菜', '果物', 'الخضار', '👩🏽‍🌾', `${'é'.repeat(90)}`, 'A', 'a-1', '-'];
    const trips = names.map((supplier, index) => ({
      ...planned.shopping.trips[0]!,
      id: `t${index}`,
      supplier,
    }));
    const many = writeTripsCalendar(prepared, { ...planned.shopping, trips }, '2026-11-20T08:00:00Z');
    expect(new Set(events(many).map(({ uid }) => uid)).size).toBe(names.length);
    expect(calendarProblems(many)).toEqual([]);
  });
  it('its sequence is the revision of the class, and it says when it was last changed', () => {
    const changed = writePlanCalendar(
      { ...prepared, revision: 7 },
      planned.shopping,
      planned.timeline,
      '2026-11-21T08:00:00Z',
    );
    expect(changed).toContain('SEQUENCE:7\r\n');
    expect(changed).toContain('LAST-MODIFIED:20261121T080000Z\r\n');
  });
  it('keeps its UID when the class moves by a day', () => {
    const later = { ...prepared, startsAt: '2026-11-28T18:30' as const };
    const moved = planClass({ class: later, kitchen });
    const again = events(writePlanCalendar(later, moved.shopping, moved.timeline, '2026-11-21T08:00:00Z'));
    expect(again.map(({ uid }) => uid)).toEqual(events(text).map(({ uid }) => uid));
    expect(again[1]!.start).not.toBe(events(text)[1]!.start);
  });
  it('as CSV: a row a job, with its minutes and whose it is', () => {
    const { data } = Papa.parse<Record<string, string>>(writePlanCsv(planned.timeline), { header: true });
    expect(data.find(({ what }) => what === 'Peel the carrots.')).toMatchObject({
      date: '2026-11-27',
      'to date': '2026-11-27',
      'who or where': 'you',
      kind: 'prep',
      dish: 'Test salad',
    });
    expect(data.length).toBe(planned.timeline.daysBefore.length + planned.timeline.clock.length);
  });
});

describe('the kit elsewhere', () => {
  it('as CSV and as text, crate by crate', () => {
    expect(
      Papa.parse<Record<string, string>>(writeKitCsv(plan.kit), { header: true }).data.find(
        ({ thing }) => thing === 'tasting spoons',
      ),
    ).toMatchObject({ 'in each': '8' });
    expect(writeKitText('Roots', plan.kit)).toContain('8 × tasting spoons');
  });
});

describe('tools and vessels as CSV', () => {
  const counted = {
    tools: [{ tool: 'whisk', count: 6 }],
    vessels: [
      { name: 'large bowl', kind: 'bowl' as const, millilitres: 5000, squareCentimetres: 0, count: 12 },
      { name: 'tray', kind: 'tray' as const, millilitres: 0, squareCentimetres: 1100, count: 4 },
    ],
  };
  it('out and in again without loss', () =>
    expect(readKitchenCsv(writeKitchenCsv(counted), { tools: [], vessels: [] })).toMatchObject({
      ...counted,
      refused: '',
    }));
  it('a name that is there is replaced, another is added', () =>
    expect(readKitchenCsv('kind,name,count\ntool,whisk,9\ntool,ladle,2', counted).tools).toEqual([
      { tool: 'whisk', count: 9 },
      { tool: 'ladle', count: 2 },
    ]));
  it.each([
    ['tool,whisk,-1', 'A count is a whole number from 0 to 1000.'],
    ['tool,whisk,1.5', 'A count is a whole number from 0 to 1000.'],
    ['tool,,1', 'A name has 1 to 60 characters.'],
    ['bowl,glass,1', 'Write how many millilitres it holds, above 0.'],
    ['tray,flat,1', 'Write its area in square centimetres, above 0.'],
    ['oven,big,1', expect.stringContaining('“oven” is no tool and no vessel')],
  ])('refuses %s', (row, refused) => {
    const read = readKitchenCsv(`kind,name,count\n${row}`, counted);
    expect([read.report[0]!.refused, read.tools, read.vessels]).toEqual([
      refused,
      counted.tools,
      counted.vessels,
    ]);
  });
  it('a bowl of nothing is refused', () =>
    expect(readKitchenCsv('kind,name,count,millilitres\nbowl,glass,1,0', counted).report[0]!.refused).toBe(
      'Write how many millilitres it holds, above 0.',
    ));
  it('says which columns are missing', () =>
    expect(readKitchenCsv('name\nwhisk', counted).refused).toContain('“kind” and “count”'));
});

describe('prices in another money', () => {
  it.each(['EUR a kilogram', '€ a kilogram'])(
    '“%s” in a kitchen that counts in pounds is refused with the reason',
    (unit) => {
      const read = readLarderCsv(
        `ingredient,figure,value,unit\ncarrot,price.0,1.20,${unit}`,
        standardLarder,
        [],
        'GBP',
      );
      expect(read.report[0]!.refused).toBe(
        'This price is in EUR; the kitchen counts in GBP. Convert it first.',
      );
    },
  );
  it('one in its own money, or without any, is taken', () => {
    expect(
      readLarderCsv(
        'ingredient,figure,value,unit\ncarrot,price.0,1.25,GBP a kilogram',
        standardLarder,
        [],
        'GBP',
      ).report[0]!.refused,
    ).toBe('');
    expect(
      readLarderCsv('ingredient,figure,value\ncarrot,price.0,1.25', standardLarder, [], 'GBP').report[0]!
        .refused,
    ).toBe('');
  });
});
