import {
  type CardDish,
  type CardLine,
  type CardStep,
  type MarkingSheet,
  needsTitle,
  pagesOfCard,
  runningHead,
  type StationCard,
} from '@fornax/core';
import { html, type Markup } from '../print/markup.js';
import { type Paper, sheetHtml } from '../print/sheet.js';

interface CardsInput {
  readonly title: string;
  readonly lang: string;
  readonly paper: Paper;
  readonly cards: readonly StationCard[];
  readonly sheets?: readonly MarkingSheet[];
}

/**
 * Station cards to print: black on white, in type that is read at arm's length, no step and no list of
 * amounts split over two pages; and a sheet to mark for each tasting flight, with its key.
 */
export function cardsSheet({ title, lang, paper, cards, sheets = [] }: CardsInput): Markup {
  const sections = [...cards.flatMap(cardSections), ...sheets.flatMap(markingSections)];
  return sheetHtml({
    title,
    lang,
    paper,
    sections:
      sections.length > 0 ? sections : [{ head: title, body: html`<p>No dishes are on the menu yet.</p>` }],
  });
}

function cardSections(card: StationCard) {
  const pages = pagesOfCard(card);
  return pages.map(({ dishes, head }, at) => ({
    head,
    body: html`
      <h1>${card.place}</h1>
      ${
        at === 0
          ? [
              card.stations > 1
                ? html`<p class="quiet">${card.stations} stations, same card: print ${card.stations}</p>`
                : null,
              list(needsTitle(card), card.needs),
            ]
          : null
      }
      ${dishes.map(dishPart)}
      ${
        at === pages.length - 1
          ? [
              list('Set out in', card.containers),
              list('Before you go on', card.checks, 'boxes'),
              list('Take care', card.cautions),
            ]
          : null
      }
    `,
  }));
}

function dishPart(dish: CardDish): Markup {
  return html`
    <h2>${dish.title}</h2>
    <p class="quiet">${[dish.batch, dish.contents, dish.credit].filter(Boolean).join(' · ')}</p>
    ${dish.components.map(amounts)}
    ${
      dish.fromOnce.length > 0
        ? html`<p><strong>From the batch made once: ${dish.fromOnce.join('; ')}</strong></p>`
        : null
    }
    ${
      dish.doneBefore.length > 0
        ? html`<p class="quiet"><em>Done before class: ${dish.doneBefore.join(' ')}</em></p>`
        : null
    }
    ${
      dish.steps.length > 0
        ? html`<ol class="steps">
            ${dish.steps.map(stepPart)}
          </ol>`
        : null
    }
  `;
}

function amounts({ name, lines }: CardDish['components'][number]): Markup {
  return html`
    <table>
      <caption style="text-align: start; font-weight: 700; padding-top: 5pt">
        ${name}
      </caption>
      <tbody>
        ${lines.map(
          (line) =>
            html`<tr>
              <th scope="row">${line.amount}${line.beside ? html` <small>${line.beside}</small>` : null}</th>
              <td>${lineWords(line)}</td>
            </tr>`,
        )}
      </tbody>
    </table>
  `;
}

function lineWords({ name, note, advice, kept }: CardLine): string {
  const notes = [note, advice, kept].filter(Boolean).join('; ');
  return notes ? `${name}, ${notes}` : name;
}

function stepPart(step: CardStep): Markup {
  const small = [step.minutes, step.vessel].filter(Boolean).join(' · ');
  return html`<li>
    <b>${step.number}</b> ${step.text}
    ${step.until ? html`<p><strong>Ready: ${step.until}</strong></p>` : null}
    ${small ? html`<p>${small}</p>` : null} ${step.notes.map((note) => html`<p><em>${note}</em></p>`)}
    ${step.caution ? html`<p><strong>Caution: ${step.caution}</strong></p>` : null}
  </li>`;
}

function list(title: string, items: readonly string[], look = ''): Markup | null {
  if (items.length === 0) return null;
  return html`
    <h3>${title}</h3>
    <ul class="${look}">
      ${items.map((item) => html`<li>${item}</li>`)}
    </ul>
  `;
}

function markingSections(sheet: MarkingSheet) {
  const { title, copies, questions, rows, key } = sheet;
  return [
    {
      head: runningHead('Sheet to mark', sheet, [title]),
      body: html`
        <h1>${title}</h1>
        <p class="quiet">A sheet to mark for each of ${copies} people: print ${copies}</p>
        <p>Name ______________________________</p>
        <table class="marks">
          <thead>
            <tr>
              <th scope="col">Bowl</th>
              ${questions.map((question) => html`<th scope="col">${question}</th>`)}
            </tr>
          </thead>
          <tbody>
            ${rows.map(
              ({ letter, name }) =>
                html`<tr>
                  <th scope="row">${letter} <small>${name}</small></th>
                  ${questions.map(() => html`<td></td>`)}
                </tr>`,
            )}
          </tbody>
        </table>
        <p>Write down your marks before you talk. A clean spoon or a clean piece for every taste.</p>
      `,
    },
    {
      head: runningHead('Key to a sheet', sheet, [title]),
      body: html`
        <h1>${title}: key</h1>
        <p class="quiet">For you alone, until everybody has marked.</p>
        <ul>
          ${key.map((line) => html`<li>${line}</li>`)}
        </ul>
      `,
    },
  ];
}
