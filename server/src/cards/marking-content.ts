import type { MarkingSheet } from '@fornax/core';
import type { Content } from 'pdfmake/interfaces.js';
import { drawn } from './drawn-text.js';

/** The sheets of a class's tasting flights, each on a page of its own, and the key for the instructor. */
export function markingContent(sheets: readonly MarkingSheet[]): Content[] {
  return sheets.flatMap((sheet) => [...sheetContent(sheet), ...keyContent(sheet)]);
}

function sheetContent({ title, copies, questions, rows }: MarkingSheet): Content[] {
  return [
    { text: drawn(title, 'Heading'), font: 'Heading', fontSize: 24, pageBreak: 'before' },
    { text: `A sheet to mark for each of ${copies} people: print ${copies}`, fontSize: 11 },
    { text: 'Name ______________________________', fontSize: 12.5, margin: [0, 14, 0, 14] },
    {
      table: {
        headerRows: 1,
        widths: [90, ...questions.map(() => '*')],
        heights: (row: number) => (row === 0 ? 20 : 56),
        body: [
          [{ text: 'Bowl', bold: true }, ...questions.map((text) => ({ text, bold: true, fontSize: 10.5 }))],
          ...rows.map(({ letter, name }): Content[] => [
            {
              stack: [
                { text: letter, font: 'Heading', fontSize: 20 },
                { text: drawn(name, 'Text'), fontSize: 10 },
              ],
            },
            ...questions.map((): Content => ({ text: '' })),
          ]),
        ],
      },
      layout: { hLineWidth: () => 0.7, vLineWidth: () => 0.7 },
    },
    {
      text: 'Write down your marks before you talk. A clean spoon or a clean piece for every taste.',
      margin: [0, 12, 0, 0],
    },
  ];
}

function keyContent({ title, key }: MarkingSheet): Content[] {
  return [
    { text: drawn(`${title}: key`, 'Heading'), font: 'Heading', fontSize: 24, pageBreak: 'before' },
    { text: 'For you alone, until everybody has marked.', fontSize: 11, margin: [0, 0, 0, 10] },
    ...key.map((line): Content => ({ text: drawn(line, 'Text'), fontSize: 14, margin: [0, 3, 0, 0] })),
  ];
}
