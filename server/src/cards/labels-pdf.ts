import { labelPlaces, type LabelSheet, type StorageLabel } from '@fornax/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { drawn } from './drawn-text.js';

/** Points of type in a millimetre. */
const point = 72 / 25.4;
const padding = 2 * point;

/** Labels as they are stuck on: each at its place on the sheet, nothing beside it. */
export function labelsDocument(labels: readonly StorageLabel[], sheet: LabelSheet): TDocumentDefinitions {
  const all = labels.flatMap((label) => Array.from({ length: label.copies }, () => label));
  const places = labelPlaces(sheet, all.length);
  const pages = (places[places.length - 1]?.page ?? 0) + 1;
  return {
    pageSize: sheet.paper === 'a4' ? 'A4' : 'LETTER',
    pageMargins: [0, 0, 0, 0],
    info: { title: 'Storage labels' },
    defaultStyle: { font: 'Text', lineHeight: 1.05 },
    content:
      all.length === 0
        ? [{ text: 'Nothing is kept or carried home yet.', margin: [40, 40, 40, 0] }]
        : Array.from({ length: pages }, (_, page) => pageContent(page, all, { sheet, places })),
  };
}

function pageContent(
  page: number,
  labels: readonly StorageLabel[],
  { sheet, places }: { sheet: LabelSheet; places: ReturnType<typeof labelPlaces> },
): Content {
  return {
    ...(page > 0 ? { pageBreak: 'before' as const } : {}),
    stack: [
      { text: ' ', fontSize: 1 },
      ...labels.flatMap((label, index): Content[] => {
        const place = places[index]!;
        return place.page === page ? [labelContent(label, sheet, place)] : [];
      }),
    ],
  };
}

function labelContent(
  label: StorageLabel,
  sheet: LabelSheet,
  place: { readonly left: number; readonly top: number },
): Content {
  // Small labels are set smaller, so that all of their words are on them.
  const size = Math.max(6, Math.min(10, (sheet.height * point) / 9, (sheet.width * point) / 19));
  return {
    absolutePosition: { x: place.left * point + padding, y: place.top * point + padding },
    columns: [
      {
        width: sheet.width * point - 2 * padding,
        stack: [
          { text: drawn(label.what, 'Text'), bold: true, fontSize: size * 1.15 },
          { text: drawn(`${label.place} · made ${label.made}`, 'Text'), fontSize: size * 0.9 },
          { text: drawn(`Use by ${label.useBy}`, 'Text'), bold: true, fontSize: size },
          { text: drawn(`Keep ${label.keepAt}`, 'Text'), fontSize: size * 0.9 },
          { text: drawn(label.allergens, 'Text'), fontSize: size * 0.9 },
          { text: drawn(label.note, 'Text'), fontSize: size * 0.8 },
        ],
      },
    ],
  };
}
