import styled from 'styled-components';
import type { DishMaking, DishPortions, Maker, PortionCell, PortionLine, Rational } from '@fornax/core';
import { capital, showRational } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { OpenLines } from '../classes/OpenLines.js';
import { AmountText } from '../parts/AmountText.js';
import { Quietly } from '../parts/states.js';
import { figuresAreOneStop } from '../parts/one-stop.js';
import { Figure } from '../parts/workings.js';
import { walkFigures } from '../parts/walk-figures.js';
import { BowlDrawing } from './BowlDrawing.js';
import { Dressings } from './Dressings.js';
import type { Show } from './show.js';
import { NotFor } from './NotFor.js';
import { type Columns, ColumnSwitch, useColumns } from './OneColumn.js';
import { Offers } from './Offers.js';
import { Vessels } from './Vessels.js';
import { SmallNote } from '../parts/kit.js';

const Sheet = styled.section`
  margin: 0.75rem 0 2rem;
  /* A dish is on one page, where it fits on one. */
  @media print {
    break-inside: avoid;
    margin: 0 0 12pt;
    font-size: 11pt;
    line-height: 1.2;
  }
  h2 span {
    font: 400 0.875rem/1.25rem ${({ theme }) => theme.font.text};
    letter-spacing: 0;
  }
`;
/** The bowl stands beside the sheet where there is room, else below it. */
const stacked = 'flex-direction: column; > :first-child { width: 100%; } > figure { margin-top: 0.5rem; }';
const Beside = styled.div<{ $narrow: boolean }>`
  display: flex;
  gap: 1.25rem;
  align-items: flex-start;
  > :first-child {
    flex: 1;
    min-width: 0;
  }
  > figure {
    margin-top: 2.5rem;
    /* On paper the words of the vessels say it in less room. */
    @media print {
      display: none;
    }
  }
  ${({ $narrow }) => ($narrow ? stacked : `@media (max-width: 73.75em) { ${stacked} }`)}
`;
/** Positioned, so that hidden text in wide columns is clipped with them. */
const Scroll = styled.div`
  position: relative;
  overflow-x: auto;
  padding-right: 0.25rem;
`;
const Table = styled.table`
  min-width: 100%;
  margin-top: 0.25rem;
  th,
  td {
    padding: 0.375rem 0.75rem 0.375rem 0;
    text-align: right;
    vertical-align: top;
    @media print {
      padding: 1.5pt 8pt 1.5pt 0;
    }
  }

  th:first-child,
  td:first-child {
    padding-right: 1.5rem;
    text-align: left;
    width: 34%;
    min-width: 11.875rem;
  }
  thead th {
    border-bottom: 1.5px solid ${({ theme }) => theme.colour.ink};
    font-weight: 700;
    vertical-align: bottom;
    min-width: 7rem;
  }
  thead th:first-child {
    font-weight: 400;
  }
  thead small {
    display: block;
    font-size: ${({ theme }) => theme.size.body};
    font-weight: 400;
    color: ${({ theme }) => theme.colour.quiet};
  }
  tbody tr {
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  tbody tr:last-child {
    border-bottom: 1px solid ${({ theme }) => theme.colour.ink};
  }
  tbody th {
    padding-top: 0.75rem;
    font-weight: 700;
  }
`;
const Advice = styled(SmallNote)`
  color: ${({ theme }) => theme.colour.emberText};
  font-weight: 600;
`;
const Unknown = styled(SmallNote)`
  color: ${({ theme }) => theme.colour.lemonText};
  font-weight: 600;
`;

const makerWords: Record<Maker, string> = {
  'every station': 'every station',
  'some stations': 'some stations',
  'in rotation': 'in rotation',
  'one big batch': 'one big batch',
  demonstration: 'demonstration only',
  'made ahead': 'made ahead',
};

/** One dish: its lines by component, a column for each set of equal batches, and the total. */
export function DishSheet({
  dish,
  show,
  onMaking,
}: {
  dish: DishPortions;
  show: Show;
  onMaking: (making: DishMaking) => void;
}) {
  const columns = useColumns(dish);
  return (
    <Sheet aria-label={dish.title}>
      <h2>
        {dish.title}{' '}
        <Quietly>
          {dish.portion} portion · {makerWords[dish.maker]} · {dish.servesAsWritten}
        </Quietly>
      </h2>
      <ColumnSwitch dish={dish} columns={columns} />
      <Beside $narrow={dish.batches.length > 3}>
        <Scroll>
          <Table ref={figuresAreOneStop} onKeyDown={walkFigures}>
            <Headings dish={dish} columns={columns} />
            {dish.components.map((component) => (
              <tbody key={component.name}>
                {dish.components.length > 1 ? (
                  <tr>
                    <th scope="rowgroup" colSpan={columns.batches.length + (columns.total ? 2 : 1)}>
                      {component.name}
                    </th>
                  </tr>
                ) : null}
                {component.lines.map((line) => (
                  <Line key={line.lineId} dish={dish} line={line} show={show} columns={columns} />
                ))}
              </tbody>
            ))}
          </Table>
        </Scroll>
        {dish.section ? <BowlDrawing section={dish.section} dishTitle={dish.title} /> : null}
      </Beside>
      <Offers dish={dish} onTake={onMaking} />
      <Dressings dishId={dish.dishId} />
      <Vessels dish={dish} />
    </Sheet>
  );
}

function Headings({ dish, columns }: { dish: DishPortions; columns: Columns }) {
  return (
    <thead>
      <tr>
        <th scope="col">Line</th>
        {columns.batches
          .map((index) => dish.batches[index]!)
          .map((batch) => (
            <th key={batch.id} scope="col">
              {batch.heading}
              <small>
                <Figure
                  id={`batch:${batch.id}`}
                  workings={batch.workings}
                  text={batch.subheading}
                  label={batch.heading}
                />
              </small>
            </th>
          ))}
        {columns.total ? (
          <th scope="col">
            In all
            <small>
              <AmountText text={showBatches(dish.batchesInAll)} />
            </small>
          </th>
        ) : null}
      </tr>
    </thead>
  );
}

interface LineProps {
  dish: DishPortions;
  line: PortionLine;
  show: Show;
  columns: Columns;
}

function Line({ dish, line, show, columns }: LineProps) {
  return (
    <tr>
      <td>
        {capital(line.name)}
        {line.note ? <Quietly>, {line.note}</Quietly> : null}
        {line.advice ? <Advice>{line.advice}</Advice> : null}
        {line.keptBack ? <SmallNote>{line.keptBack}</SmallNote> : null}
        <NotFor dishId={dish.dishId} line={line} />
        {line.inLarder ? null : <NotInLarder dish={dish} line={line} />}
      </td>
      {columns.batches.map((index) => (
        <td key={dish.batches[index]!.id}>
          <Amount
            id={`${dish.dishId}:${line.lineId}:${index}`}
            cell={line.cells[index]!}
            show={show}
            measure={line.measure}
            label={`${line.name}, ${dish.batches[index]!.heading}`}
          />
        </td>
      ))}
      {columns.total ? (
        <td>
          <Amount
            id={`${dish.dishId}:${line.lineId}:all`}
            cell={line.total}
            show={show}
            measure={line.measure}
            label={`${line.name}, in all`}
            plain
          />
        </td>
      ) : null}
    </tr>
  );
}

/** What nobody knows is marked; what the class chooses itself can be chosen here. */
function NotInLarder({ dish, line }: { dish: DishPortions; line: PortionLine }) {
  const { plan } = useOpenClass();
  const open = plan.alternatives.filter(
    ({ dishId, lineId, group }) => dishId === dish.dishId && lineId === line.lineId && group !== '',
  );
  return open.length > 0 ? <OpenLines lines={open} /> : <Unknown>not in the larder</Unknown>;
}

function Amount({
  id,
  cell,
  show,
  measure,
  label,
  plain = false,
}: {
  id: string;
  cell: PortionCell;
  show: Show;
  measure: PortionLine['measure'];
  label: string;
  plain?: boolean;
}) {
  const shown = cell[show === 'kitchen' ? measure : show];
  if (cell.absent) return <Figure id={id} workings={cell.workings} text={shown.lead} label={label} />;
  return (
    <Figure
      id={id}
      workings={cell.workings}
      text={shown.lead}
      beside={
        plain
          ? null
          : [shown.beside, cell.kept ? `${cell.isKeptWithin ? 'of it' : '+'} ${cell.kept} kept back` : '']
              .filter(Boolean)
              .join('; ') || null
      }
      label={label}
    />
  );
}

function showBatches(batches: Rational): string {
  return `${showRational(batches)} ${batches === '1' ? 'batch' : 'batches'}`;
}
