import { labelPlaces, type LabelSheet, type StorageLabel } from '@fornax/core';
import { textFonts } from '../print/fonts.js';
import { html, type Markup } from '../print/markup.js';
import { page } from '../print/sheet.js';

/** Points of type in a millimetre. */
const point = 72 / 25.4;

interface LabelsInput {
  readonly title: string;
  readonly lang: string;
  readonly labels: readonly StorageLabel[];
  readonly sheet: LabelSheet;
}

/** Labels as they are stuck on: each at its place on the sheet, nothing beside it. */
export function labelsSheet({ title, lang, labels, sheet }: LabelsInput): Markup {
  const all = labels.flatMap((label) => Array.from({ length: label.copies }, () => label));
  const places = labelPlaces(sheet, all.length);
  const pages = (places[places.length - 1]?.page ?? 0) + 1;
  // Small labels are set smaller, so that all of their words are on them.
  const type = Math.max(6, Math.min(10, (sheet.height * point) / 9, (sheet.width * point) / 19));
  const [width, height] = sheet.paper === 'a4' ? [210, 297] : [215.9, 279.4];
  return page({
    title,
    lang,
    style: `
      @page { size: ${width}mm ${height}mm; margin: 0; }
      html { font: ${type}pt/1.05 ${textFonts}; color: #000; background: #fff; }
      body { margin: 0; }
      .page { position: relative; width: ${width}mm; height: ${height}mm; overflow: hidden;
        break-after: page; }
      .page:last-child { break-after: auto; }
      article { position: absolute; box-sizing: border-box; padding: 2mm; overflow: hidden;
        width: ${sheet.width}mm; height: ${sheet.height}mm; }
      h2, p { margin: 0; font-size: 0.9em; overflow-wrap: anywhere; }
      h2 { font-size: 1.15em; }
      p.note { font-size: 0.8em; }
      .none { padding: 14mm; font-size: 12pt; }`,
    body:
      all.length === 0
        ? html`<p class="none">Nothing is kept or carried home yet.</p>`
        : html`${Array.from(
            { length: pages },
            (_, number) =>
              html`<div class="page">
                ${all.map((label, at) => places[at]!.page === number && labelPart(label, places[at]!))}
              </div>`,
          )}`,
  });
}

function labelPart(
  label: StorageLabel,
  { left, top }: { readonly left: number; readonly top: number },
): Markup {
  return html`<article style="left: ${left}mm; top: ${top}mm">
    <h2>${label.what}</h2>
    <p>${label.place} · made ${label.made}</p>
    <p><strong>Use by ${label.useBy}</strong></p>
    <p>Keep ${label.keepAt}</p>
    <p>${label.allergens}</p>
    <p class="note">${label.note}</p>
  </article>`;
}
