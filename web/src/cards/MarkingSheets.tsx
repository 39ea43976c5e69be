import type { MarkingSheet } from '@fornax/core';
import styled from 'styled-components';
import { Card } from './Card.js';
import { Small } from './CardDishSheet.js';

const Marks = styled.table`
  width: 100%;
  margin: 0.875rem 0;
  border-collapse: collapse;
  table-layout: fixed;
  th,
  td {
    height: 3.25rem;
    padding: 0.25rem 0.5rem;
    border: 1px solid ${({ theme }) => theme.colour.quiet};
    text-align: left;
    vertical-align: top;
    font-size: ${({ theme }) => theme.size.body};
    line-height: 1.125rem;
    overflow-wrap: anywhere;
  }
  thead th {
    height: auto;
  }
  tbody th {
    font: 700 1.375rem/1.625rem ${({ theme }) => theme.font.heading};
    small {
      display: block;
      font: 400 0.8125rem/1.0625rem ${({ theme }) => theme.font.text};
    }
  }
  @media (max-width: 37.5em) {
    th,
    td {
      padding: 3px;
      font-size: ${({ theme }) => theme.size.tiny};
    }
  }
`;

/** The sheet to mark of a tasting flight, and the key to its letters on a sheet of its own. */
export function MarkingSheets({ sheet, first }: { sheet: MarkingSheet; first: number }) {
  const { title, classTitle, classLine, copies, questions, rows, key } = sheet;
  return (
    <>
      <Card aria-label={`Sheet to mark: ${title}`} className={`s${first}`}>
        <Small>
          {classTitle} · {classLine}
        </Small>
        <h2>{title}</h2>
        <Small>
          A sheet to mark for each of {copies} people: print {copies}
        </Small>
        <p>Name ____________________</p>
        <Marks>
          <thead>
            <tr>
              <th scope="col">Bowl</th>
              {questions.map((question) => (
                <th scope="col" key={question}>
                  {question}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ letter, name }) => (
              <tr key={letter}>
                <th scope="row">
                  {letter}
                  {name ? <small>{name}</small> : null}
                </th>
                {questions.map((question) => (
                  <td key={question} />
                ))}
              </tr>
            ))}
          </tbody>
        </Marks>
        <p>Write down your marks before you talk. A clean spoon or a clean piece for every taste.</p>
      </Card>
      <Card aria-label={`Key: ${title}`} className={`s${first + 1}`}>
        <h2>{title}: key</h2>
        <Small>For you alone, until everybody has marked.</Small>
        <ul>
          {key.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </Card>
    </>
  );
}
