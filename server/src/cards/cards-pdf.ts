import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type {
  CardDish,
  CardLine,
  CardStep,
  LabelSheet,
  MarkingSheet,
  StationCard,
  StorageLabel,
} from '@fornax/core';
import pdfmake from 'pdfmake';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { drawn } from './drawn-text.js';
import { labelsDocument } from './labels-pdf.js';
import { markingContent } from './marking-content.js';

export type Paper = 'a4' | 'letter';

const files = createRequire(import.meta.url);
const fontFile = (family: string, subset: string, style: string) =>
  join(
    dirname(files.resolve(`@fontsource/${family}/package.json`)),
    'files',
    `${family}-${subset}-${style}.woff`,
  );
const text = (subset: string) => ({
  normal: fontFile('atkinson-hyperlegible-next', subset, '400-normal'),
  bold: fontFile('atkinson-hyperlegible-next', subset, '700-normal'),
  italics: fontFile('atkinson-hyperlegible-next', subset, '400-italic'),
  bolditalics: fontFile('atkinson-hyperlegible-next', subset, '700-italic'),
});
const heading = (subset: string) => ({
  normal: fontFile('bricolage-grotesque', subset, '700-normal'),
  bold: fontFile('bricolage-grotesque', subset, '700-normal'),
});

pdfmake.setFonts({
  Text: text('latin'),
  TextExt: text('latin-ext'),
  Heading: heading('latin'),
  HeadingExt: heading('latin-ext'),
});
// Fonts come from the packages that are shipped; nothing else is read, and nothing is fetched.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path) => path.includes('@fontsource'));

/**
 * Station cards as a PDF: black on white, in type that is read at arm's length, a card from the top of a
 * page, no step split over two; and a sheet to mark for each tasting flight.
 */
export async function cardsPdf(
  cards: readonly StationCard[],
  paper: Paper,
  sheets: readonly MarkingSheet[] = [],
): Promise<Buffer> {
  return pdfmake.createPdf(documentOf(cards, paper, sheets)).getBuffer();
}

/** Storage labels as a PDF, on sheets of their size. */
export async function labelsPdf(labels: readonly StorageLabel[], sheet: LabelSheet): Promise<Buffer> {
  return pdfmake.createPdf(labelsDocument(labels, sheet)).getBuffer();
}

const margin = 40;

function documentOf(
  cards: readonly StationCard[],
  paper: Paper,
  sheets: readonly MarkingSheet[],
): TDocumentDefinitions {
  const first = cards[0];
  return {
    pageSize: paper === 'a4' ? 'A4' : 'LETTER',
    pageMargins: [margin, 56, margin, 48],
    info: { title: first ? `${first.classTitle}: station cards` : 'Station cards' },
    defaultStyle: { font: 'Text', fontSize: 12.5, lineHeight: 1.15 },
    header: () => ({
      margin: [margin, 24, margin, 0],
      columns: [
        { text: drawn(first?.classTitle ?? '', 'Text'), bold: true, fontSize: 10.5 },
        { text: drawn(first?.classLine ?? '', 'Text'), alignment: 'right', fontSize: 10.5 },
      ],
    }),
    footer: (page, pages) => ({
      margin: [margin, 12, margin, 0],
      text: `Page ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 10.5,
    }),
    content:
      cards.length > 0
        ? [...cards.flatMap((card, index) => cardContent(card, index > 0)), ...markingContent(sheets)]
        : [{ text: 'No dishes are on the menu yet.' }],
  };
}

function cardContent(card: StationCard, onNewPage: boolean): Content[] {
  return [
    {
      text: drawn(card.place, 'Heading'),
      font: 'Heading',
      fontSize: 24,
      margin: [0, 0, 0, 2],
      ...(onNewPage ? { pageBreak: 'before' as const } : {}),
    },
    {
      text: drawn(card.stations > 1 ? `${card.stations} stations alike: print ${card.stations}` : '', 'Text'),
      fontSize: 11,
      margin: [0, 0, 0, 6],
    },
    ...listContent('Kept free of', card.needs),
    ...card.dishes.flatMap(dishContent),
    ...listContent('Set out in', card.containers),
    ...listContent('Before you go on', card.checks, '☐'),
    ...listContent('Take care', card.cautions),
  ];
}

function dishContent(dish: CardDish): Content[] {
  return [
    {
      unbreakable: true,
      margin: [0, 8, 0, 4],
      stack: [
        { text: drawn(dish.title, 'Heading'), font: 'Heading', fontSize: 17 },
        {
          text: drawn([dish.batch, dish.contents, dish.credit].filter(Boolean).join(' · '), 'Text'),
          fontSize: 11,
        },
        ...dish.components.slice(0, 1).map(componentTable),
      ],
    },
    ...dish.components.slice(1).map(componentTable),
    ...(dish.fromOnce.length > 0
      ? [
          {
            text: drawn(`From the batch made once: ${dish.fromOnce.join('; ')}`, 'Text'),
            bold: true,
            fontSize: 11.5,
            margin: [0, 6, 0, 0] as [number, number, number, number],
          },
        ]
      : []),
    ...(dish.doneBefore.length > 0
      ? [
          {
            text: drawn(`Done before class: ${dish.doneBefore.join(' ')}`, 'Text'),
            fontSize: 11,
            italics: true,
            margin: [0, 6, 0, 2] as [number, number, number, number],
          },
        ]
      : []),
    ...dish.steps.map(stepContent),
  ];
}

function componentTable({ name, lines }: CardDish['components'][number]): Content {
  return {
    margin: [0, 5, 0, 2],
    unbreakable: true,
    stack: [
      { text: drawn(name, 'Text'), bold: true, fontSize: 11.5, margin: [0, 0, 0, 1] },
      {
        table: { widths: [190, '*'], body: lines.map(lineRow) },
        layout: {
          hLineWidth: () => 0.5,
          vLineWidth: () => 0,
          paddingLeft: () => 0,
          paddingRight: () => 6,
          paddingTop: () => 1.5,
          paddingBottom: () => 1,
          hLineColor: () => '#999999',
        },
      },
    ],
  };
}

function lineRow(line: CardLine): Content[] {
  const notes = [line.note, line.advice, line.kept].filter(Boolean).join('; ');
  return [
    {
      text: [
        ...drawn(line.amount, 'Text').map((run) => ({ ...run, bold: true })),
        ...(line.beside ? drawn(`   ${line.beside}`, 'Text').map((run) => ({ ...run, fontSize: 10 })) : []),
      ],
    },
    { text: [...drawn(line.name, 'Text'), ...(notes ? drawn(`, ${notes}`, 'Text') : [])] },
  ];
}

/** A step with its sign, vessel and notes: kept together on one page. */
function stepContent(step: CardStep): Content {
  const small = [step.minutes, step.vessel].filter(Boolean).join(' · ');
  return {
    unbreakable: true,
    margin: [0, 5, 0, 0],
    columns: [
      { width: 26, text: String(step.number), font: 'Heading', fontSize: 17 },
      {
        width: '*',
        stack: [
          { text: drawn(step.text, 'Text'), fontSize: 14 },
          ...(step.until ? [{ text: drawn(`Ready: ${step.until}`, 'Text'), bold: true }] : []),
          ...(small ? [{ text: drawn(small, 'Text'), fontSize: 10.5 }] : []),
          ...step.notes.map((note) => ({ text: drawn(note, 'Text'), italics: true, fontSize: 11.5 })),
          ...(step.caution
            ? [{ text: drawn(`Caution: ${step.caution}`, 'Text'), bold: true, fontSize: 11 }]
            : []),
        ],
      },
    ],
  };
}

function listContent(title: string, items: readonly string[], mark = '–'): Content[] {
  if (items.length === 0) return [];
  return [
    {
      unbreakable: true,
      margin: [0, 12, 0, 0],
      stack: [
        { text: title, font: 'Heading', fontSize: 14 },
        ...items.map((item): Content => ({
          margin: [0, 2, 0, 0],
          columns: [
            { width: 18, ...markContent(mark) },
            { width: '*', text: drawn(item, 'Text'), fontSize: 11.5 },
          ],
        })),
      ],
    },
  ];
}

/** The font has no box to tick: one is drawn. */
function markContent(
  mark: string,
):
  | { text: string }
  | { canvas: { type: 'rect'; x: number; y: number; w: number; h: number; lineWidth: number }[] } {
  return mark === '☐'
    ? { canvas: [{ type: 'rect', x: 0, y: 2, w: 9, h: 9, lineWidth: 0.8 }] }
    : { text: mark };
}
