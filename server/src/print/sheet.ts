import { headStyles } from '@fornax/core';
import { fontSheets, headingFonts, textFonts } from './fonts.js';
import { html, Markup } from './markup.js';

export type Paper = 'a4' | 'letter';

/** Pages that have a running head of their own. */
interface Section {
  readonly head: string;
  readonly body: Markup;
}

interface SheetInput {
  readonly title: string;
  /** Language of its words, "en-GB". */
  readonly lang: string;
  readonly paper: Paper;
  readonly sections: readonly Section[];
}

const look = `
  html { font: 12.5pt/1.25 ${textFonts}; color: #000; background: #fff; }
  body { margin: 0; }
  h1, h2, h3 { font-family: ${headingFonts}; line-height: 1.15; break-after: avoid; overflow-wrap: anywhere; }
  h1 { font-size: 24pt; margin: 0 0 2pt; }
  h2 { font-size: 17pt; margin: 8pt 0 2pt; }
  h3 { font-size: 13pt; margin: 8pt 0 2pt; }
  p { margin: 2pt 0; overflow-wrap: anywhere; }
  section + section { break-before: page; }
  /* A running head is set in fonts that something on the page has asked for. */
  .heads { position: absolute; inset: 0 auto auto 0; width: 1px; height: 1px; overflow: hidden;
    visibility: hidden; font-size: 10pt; }
  ul, ol { margin: 2pt 0; padding-left: 18pt; }
  li { break-inside: avoid; margin: 2pt 0; overflow-wrap: anywhere; }
  table { width: 100%; border-collapse: collapse; break-inside: avoid; }
  th, td { padding: 2pt 8pt 1.5pt 0; border-bottom: 0.5pt solid #777; text-align: start; vertical-align: top;
    font-weight: 400; overflow-wrap: anywhere; }
  th { width: 36%; font-weight: 700; }
  small { font-size: 11pt; font-weight: 400; }
  .quiet { font-size: 11pt; }
  .steps { list-style: none; padding: 0; }
  .steps > li { position: relative; margin: 6pt 0; padding-inline-start: 26pt; font-size: 14pt; }
  .steps > li > b { position: absolute; inset-inline-start: 0; font: 700 17pt/1.1 ${headingFonts}; }
  .steps p { font-size: 12pt; }
  .boxes { list-style: none; padding: 0; }
  .boxes > li::before { content: ''; display: inline-block; width: 9pt; height: 9pt; margin-inline-end: 7pt;
    border: 0.8pt solid #000; }
  .marks { table-layout: fixed; }
  .marks th, .marks td { border: 0.7pt solid #000; padding: 4pt; width: auto; }
  .marks tbody tr { height: 56pt; }
`;

/**
 * A document to print: each section begins a page, and every page of it says in its running head what it is;
 * at the foot stands which page it is of how many.
 */
export function sheetHtml({ title, lang, paper, sections }: SheetInput): Markup {
  const size = paper === 'a4' ? 'A4' : 'letter';
  const pages = `
    @page { size: ${size}; margin: 24mm 14mm 17mm;
      @top-left { width: 100%; font: 10pt/1.25 ${textFonts}; vertical-align: bottom; padding-bottom: 4mm; }
      @bottom-right { content: "Page " counter(page) " of " counter(pages); font: 10pt ${textFonts}; } }
    ${headStyles(sections.map(({ head }) => head))}`;
  return page({
    title,
    lang,
    style: `${look}${pages}`,
    body: html`<div class="heads">${sections.map(({ head }) => head)}</div>
      ${sections.map(({ body }, at) => html`<section class="s${at}">${body}</section>`)}`,
  });
}

interface PageInput {
  readonly title: string;
  readonly lang: string;
  readonly style: string;
  readonly body: Markup;
}

/** A whole page with the shipped fonts, which may do nothing but stand there. */
export function page({ title, lang, style, body }: PageInput): Markup {
  const policy = "default-src 'none'; style-src 'unsafe-inline' file:; font-src file:";
  return html`<!doctype html>
    <html lang="${lang}">
      <head>
        <meta charset="utf-8" />
        <meta http-equiv="Content-Security-Policy" content="${policy}" />
        <title>${title}</title>
        ${fontSheets.map((href) => html`<link rel="stylesheet" href="${href}" />`)}
        <style>
          ${new Markup(style)}
        </style>
      </head>
      <body>
        ${body}
      </body>
    </html>`;
}
