import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { MarkingSheet, StationCard } from '@fornax/core';
import { ProblemException } from '../common/problem.js';
import { Printer } from '../print/printer.js';
import type { Paper } from '../print/sheet.js';
import { classNamed, startHarness, type Harness } from '../tests/harness.js';
import { readPdf } from '../tests/pdf.js';
import { cardsSheet } from './cards-sheet.js';

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
const card = (
  steps: StationCard['dishes'][number]['steps'],
  overrides: Partial<StationCard> = {},
): StationCard => ({
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
  ...overrides,
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
const printer = new Printer();
const printed = async (
  cards: readonly StationCard[],
  {
    paper = 'a4' as const,
    ...overrides
  }: { paper?: Paper; title?: string; sheets?: readonly MarkingSheet[] } = {},
) =>
  readPdf(
    await printer.pdf(
      cardsSheet({ title: 'Test class, station cards', lang: 'en-GB', paper, cards, ...overrides }),
    ),
  );

describe('station cards as PDF', () => {
  it('of a class, to keep, under the name of the sheet', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    const { headers, body } = await harness.cook
      .get(`/api/classes/${view.id}/cards.pdf`)
      .buffer()
      .parse(asBuffer)
      .expect(200);
    expect(headers['content-type']).toBe('application/pdf');
    expect(headers['content-disposition']).toContain(
      `filename*=UTF-8''Roots%20and%20citrus%2C%20station%20cards%2C%202099-03-05.pdf`,
    );
    const { title, lang, pages, roles } = await readPdf(body as Buffer);
    expect([title, lang]).toEqual(['Roots and citrus, station cards', 'en-GB']);
    expect(pages.length).toBeGreaterThan(3);
    // Each page says what it is, of which class, when, and for whom.
    pages.forEach((words, at) => {
      expect(words).toMatch(/Station card · Roots and citrus · .*2099.* · (?:Station|Demonstration)/);
      expect(words).toContain(`Page ${at + 1} of ${pages.length}`);
    });
    expect(roles.flat()).toEqual(expect.arrayContaining(['H1', 'H2', 'Table', 'TH', 'L', 'LI']));
  });
  it('on A4 and US Letter, on no other paper, and not for strangers', async () => {
    expect((await printed([card([])])).sizes).toEqual([[595, 842]]);
    expect((await printed([card([])], { paper: 'letter' })).sizes).toEqual([[612, 792]]);
    const view = await classNamed(harness.cook, 'Roots and citrus');
    expect(
      (await harness.cook.get(`/api/classes/${view.id}/cards.pdf?paper=a3`).expect(422)).body.errors,
    ).toEqual([{ field: 'paper', sentence: 'Choose A4 or US Letter as the paper.' }]);
    await harness.stranger.get(`/api/classes/${view.id}/cards.pdf`).expect(401);
  });
  it('each card begins a page, and pages of two stations can be told apart', async () => {
    const { pages } = await printed([card([]), card([], { place: 'Station 3' })]);
    expect(pages.map((words) => words.includes('Friday · Station 3 · Salad'))).toEqual([false, true]);
  });
  it('small dishes share a page, and its head names them; large ones begin their own', async () => {
    const [dish] = card([step(1, 'Stir.')]).dishes;
    const small = { ...dish!, title: 'Dip' };
    const large = {
      ...dish!,
      title: 'Slaw',
      steps: Array.from({ length: 14 }, (_, at) => step(at + 1, 'Shred it.')),
    };
    const { pages } = await printed([card([], { dishes: [dish!, small, large] })]);
    expect(pages.map((words) => /Stations 1, 2 · (.*?) ?Page/.exec(words)?.[1])).toEqual([
      'Salad, Dip',
      'Slaw',
    ]);
  });
  it('a tasting flight has a sheet to mark and its key, each on a page', async () => {
    const { pages } = await printed([card([step(1, 'Stir.')])], { sheets: [sheet] });
    expect(pages.length).toBe(3);
    expect(pages[1]).toContain('Sheet to mark · Test class · Friday · Blind tasting');
    expect(pages[1]).not.toContain('House');
    expect(pages[2]).toContain('A: House');
  });
  it('no step is split: one that fills most of a page goes to the next as a whole', async () => {
    const { pages } = await printed([card([step(1, 'Chop it.'), step(2, 'Toss them. '.repeat(260))])]);
    expect(pages.map((words) => words.includes('Toss them.'))).toEqual([false, true]);
  });
  it('a menu without dishes says so instead of failing', async () =>
    expect((await printed([])).pages[0]).toContain('No dishes are on the menu yet.'));
  it.each([
    ['Latin', 'crème fraîche → Łódź żurek'],
    ['Cyrillic', 'Морковь и свёкла'],
    ['Greek', 'Σαλάτα με πορτοκάλι'],
    ['Chinese', '胡萝卜橙子沙拉'],
    ['Japanese', 'にんじんサラダ'],
    ['Korean', '당근 샐러드'],
    ['Devanagari', 'गाजर'],
    ['symbols', '⅔ ⅛ ☐ ✓ ≥'],
    ['markup', '<script>alert(1)</script> & "quotes" </style> \\'],
  ])('%s is set in a title, a running head and a step: %s', async (_, text) => {
    const { pages, title } = await printed([card([step(1, text)], { classTitle: text })], { title: text });
    expect(title).toBe(text);
    const words = pages.join(' ').replaceAll(/\s+/g, '');
    // The running head and the step.
    expect(words.split(text.replaceAll(/\s+/g, '')).length - 1).toBe(2);
    expect(words).not.toContain('�');
  });
  it.each([
    ['Arabic', 'سلطة الجزر'],
    ['Hebrew', 'סלט גזר'],
    ['emoji', '🥕'],
  ])('%s has its signs: %s', async (_, text) => {
    const { pages } = await printed([card([step(1, text)])]);
    const signs = [...text.replaceAll(' ', '')];
    // From right to left the order of what is read from a PDF is not that of what is written.
    expect(signs.filter((sign) => !pages[0]!.normalize('NFKC').includes(sign))).toEqual([]);
  });
  it('who prints meanwhile waits in turn, and each gets their own', async () => {
    const all = await Promise.all(['Dip', 'Slaw', 'Tabbouleh'].map((title) => printed([], { title })));
    expect(all.map(({ title }) => title)).toEqual(['Dip', 'Slaw', 'Tabbouleh']);
  });
  it('without Chromium it says what to do instead', async () => {
    vi.stubEnv('FORNAX_CHROMIUM', '/nowhere/chromium');
    const failed = await printed([]).catch((error: unknown) => error);
    vi.unstubAllEnvs();
    expect((failed as ProblemException).getResponse()).toMatchObject({
      status: 503,
      detail: 'The PDF could not be made. Try again, or print the page from the browser.',
    });
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
    const [all, few, many] = await Promise.all(
      [usual, await ask('?width=100&height=140'), await ask('?width=40&height=20&paper=letter')].map(
        ({ body }) => readPdf(body as Buffer),
      ),
    );
    expect(all!.title).toBe('Smoke, char and warm salads, storage labels');
    expect(few!.pages.length).toBeGreaterThan(all!.pages.length);
    expect(many!.pages.length).toBeLessThan(all!.pages.length);
    expect(many!.sizes[0]).toEqual([612, 792]);
    expect(all!.pages.join(' ')).toContain('Use by');
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
