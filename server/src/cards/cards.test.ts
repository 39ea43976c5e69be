import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { StationCard } from '@fornax/core';
import { classNamed, startHarness, type Harness } from '../tests/harness.js';
import { cardsPdf } from './cards-pdf.js';
import { CardsPrinter } from './cards-printer.js';
import { drawn } from './drawn-text.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const step = (number: number, text: string) => ({
  number,
  text,
  minutes: 'about 5 min',
  until: '',
  vessel: '',
  notes: [],
  caution: '',
});
const card = (steps: StationCard['dishes'][number]['steps'], to: Partial<StationCard> = {}): StationCard => ({
  id: 's',
  place: 'Stations 1, 2',
  stations: 2,
  classTitle: 'Test class',
  classLine: 'Friday',
  needs: [],
  containers: [],
  checks: [],
  cautions: [],
  dishes: [
    {
      title: 'Salad',
      batch: '⅔ batch',
      components: [
        {
          name: 'Base',
          lines: [{ name: 'carrots', amount: '400 g', beside: '', note: '', advice: '', kept: '' }],
        },
      ],
      fromOnce: [],
      doneBefore: [],
      steps,
      contents: 'no listed allergen; check the labels',
      credit: '',
    },
  ],
  ...to,
});
const sheet = {
  id: 'd',
  title: 'Blind tasting',
  classTitle: 'Test class',
  classLine: 'Friday',
  copies: 12,
  questions: ['Sharp, 1–5', 'Mark, 1–10'],
  rows: [
    { letter: 'A', name: '' },
    { letter: 'B', name: '' },
  ],
  key: ['A: House', 'B: Lime'],
};
const asBuffer: Parameters<ReturnType<Harness['cook']['get']>['parse']>[0] = (response, done) => {
  const parts: Buffer[] = [];
  response.on('data', (part: Buffer) => parts.push(part));
  response.on('end', () => done(null, Buffer.concat(parts)));
};
const pages = (pdf: Buffer) => (pdf.toString('latin1').match(/\/Type \/Page\b/g) ?? []).length;
const size = (pdf: Buffer) =>
  /\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/.exec(pdf.toString('latin1'))!.slice(1).map(Number);

describe('station cards as PDF', () => {
  it('of a class, to keep, under its title', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    const { headers, body } = await harness.cook
      .get(`/api/classes/${view.id}/cards.pdf`)
      .buffer()
      .parse(asBuffer)
      .expect(200);
    expect(headers['content-type']).toBe('application/pdf');
    expect(headers['content-disposition']).toContain(
      `filename*=UTF-8''Roots%20and%20citrus%202099-03-05%20cards.pdf`,
    );
    expect((body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
    expect(pages(body as Buffer)).toBeGreaterThan(3);
  });
  it('on A4 and US Letter, on no other paper, and not for strangers', async () => {
    expect(size(await cardsPdf([card([])], 'a4'))).toEqual([595.28, 841.89]);
    expect(size(await cardsPdf([card([])], 'letter'))).toEqual([612, 792]);
    const view = await classNamed(harness.cook, 'Roots and citrus');
    expect(
      (await harness.cook.get(`/api/classes/${view.id}/cards.pdf?paper=a3`).expect(422)).body.errors,
    ).toEqual([{ field: 'paper', sentence: 'Choose A4 or US Letter as the paper.' }]);
    await harness.stranger.get(`/api/classes/${view.id}/cards.pdf`).expect(401);
  });
  it('are set on a thread of their own: timers run meanwhile, and the same comes out', async () => {
    const printer = new CardsPrinter();
    const many = Array.from({ length: 40 }, (_, at) =>
      card(Array.from({ length: 8 }, (_each, index) => step(index + 1, `Chop it, card ${at}.`))),
    );
    let turns = 0;
    const timer = setInterval(() => {
      turns++;
    }, 1);
    const pdf = await printer.pdf(many, 'a4');
    clearInterval(timer);
    expect(turns).toBeGreaterThan(20);
    expect(pages(pdf)).toBe(pages(await cardsPdf(many, 'a4')));
    await printer.onModuleDestroy();
  });
  it('each card begins a page', async () =>
    expect(pages(await cardsPdf([card([]), card([]), card([])], 'a4'))).toBe(3));
  it('a tasting flight has a sheet to mark and its key, each on a page', async () => {
    const printer = new CardsPrinter();
    const pdf = await printer.pdf([card([step(1, 'Stir.')])], 'a4', [sheet]);
    await printer.onModuleDestroy();
    expect(pages(pdf)).toBe(3);
  });
  it('no step is split: one that fills most of a page goes to the next as a whole', async () => {
    const long = step(2, 'Chop it. '.repeat(260));
    expect(pages(await cardsPdf([card([long])], 'a4'))).toBe(2);
    expect(pages(await cardsPdf([card([step(1, 'Chop it.'), step(2, 'Chop it.')])], 'a4'))).toBe(1);
  });
  it('a menu without dishes says so instead of failing', async () =>
    expect(pages(await cardsPdf([], 'a4'))).toBe(1));
  it('texts of every kind are set: fractions, accents, arrows, markup, emoji', async () => {
    const text = '⅔ tbsp crème fraîche → Łódź żurek <script>alert(1)</script> 🥕 漢字';
    expect(pages(await cardsPdf([card([step(1, text)], { classTitle: text })], 'a4'))).toBe(1);
  });
});

describe('storage labels as PDF', () => {
  const ask = async (query = '') => {
    const { id } = await classNamed(harness.cook, 'Smoke, char and warm salads');
    return harness.cook.get(`/api/classes/${id}/labels.pdf${query}`).buffer(true).parse(asBuffer);
  };
  it('stand on sheets of their size', async () => {
    const usual = await ask();
    expect([usual.status, usual.headers['content-type']]).toEqual([200, 'application/pdf']);
    const [few, many] = [await ask('?width=100&height=140'), await ask('?width=40&height=20')];
    expect(pages(few.body as Buffer)).toBeGreaterThan(pages(usual.body as Buffer));
    expect(pages(many.body as Buffer)).toBeLessThan(pages(usual.body as Buffer));
  });
  it.each([
    ['?width=250', 'No label of this size fits on the paper.'],
    ['?width=20', 'A label is at least 35 by 18 mm, to hold its words.'],
    ['?width=wide', 'Write millimetres from 10 to 300.'],
    ['?paper=a5', 'Choose A4 or US Letter as the paper.'],
    ['?startAt=22', 'There are 21 labels on a sheet.'],
  ])('%s is refused in a sentence', async (query, sentence) => {
    const { id } = await classNamed(harness.cook, 'Smoke, char and warm salads');
    const { status, body } = await harness.cook.get(`/api/classes/${id}/labels.pdf${query}`);
    expect([status, JSON.stringify(body)]).toEqual([422, expect.stringContaining(sentence)]);
  });
});

describe('text for the shipped fonts', () => {
  it('thirds are drawn from digits', () =>
    expect(drawn('⅔ cup', 'Text')).toEqual([
      { text: '2', font: 'Text', sup: true },
      { text: '/', font: 'Text' },
      { text: '3', font: 'Text', sub: true },
      { text: ' cup', font: 'Text' },
    ]));
  it('letters of Latin Extended come from their own file', () =>
    expect(drawn('aż', 'Text')).toEqual([
      { text: 'a', font: 'Text' },
      { text: 'ż', font: 'TextExt' },
    ]));
  it('what no shipped font has is marked, not dropped', () =>
    expect(drawn('🥕漢', 'Text')).toEqual([{ text: '??', font: 'Text' }]));
  it('an empty text is one empty run', () => expect(drawn('', 'Text')).toEqual([{ text: '', font: 'Text' }]));
});
