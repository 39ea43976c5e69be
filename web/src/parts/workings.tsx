import {
  createContext,
  useContext,
  useEffect,
  useMemo,
  useState,
  type KeyboardEvent,
  type ReactNode,
} from 'react';
import type { Workings } from '@fornax/core';
import styled from 'styled-components';
import { AmountText } from './AmountText.js';

interface Selection {
  readonly key: string;
  readonly workings: Workings;
}
interface Panel {
  readonly selected: Selection | null;
  select: (selection: Selection | null) => void;
}

const PanelContext = createContext<Panel>({ selected: null, select: () => undefined });

/** Holds which figure is explained in the Workings panel. */
export function WorkingsProvider({ children }: { children: ReactNode }) {
  const [selected, select] = useState<Selection | null>(null);
  const value = useMemo(() => ({ selected, select }), [selected]);
  return <PanelContext value={value}>{children}</PanelContext>;
}

export function useWorkings(): Panel {
  return useContext(PanelContext);
}

const FigureButton = styled.button<{ $estimate: boolean; $chosen: boolean }>`
  display: inline-block;
  max-width: 100%;
  padding: 1px 4px;
  margin: -1px -4px;
  border: 0;
  border-radius: ${({ theme }) => theme.radius};
  background: transparent;
  text-align: inherit;
  cursor: pointer;
  font-variant-numeric: tabular-nums;
  > span:first-child {
    ${({ $estimate, theme }) => ($estimate ? `border-bottom: 1px dotted ${theme.colour.quiet};` : '')}
  }
  &:hover {
    background: ${({ theme }) => theme.colour.basilPale};
  }
  ${({ $chosen, theme }) => ($chosen ? `box-shadow: 0 0 0 2px ${theme.colour.basil};` : '')}
  &:focus-visible {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 1px;
  }
`;
const Beside = styled.span`
  display: block;
  color: ${({ theme }) => theme.colour.quiet};
  font-size: 13px;
  line-height: 18px;
`;

interface FigureProps {
  /** Stable name of the figure, so that the panel follows it through changes. */
  id: string;
  workings: Workings;
  text: string;
  beside?: string | null;
  label?: string;
  tabIndex?: number;
}

/** A computed figure: focus or press it, and the Workings panel says how it came about. */
export function Figure({ id, workings, text, beside, label, tabIndex }: FigureProps) {
  const { selected, select } = useWorkings();
  const chosen = selected?.key === id;
  const stale = chosen && selected.workings !== workings;
  useEffect(() => {
    if (stale) select({ key: id, workings });
  }, [stale, id, workings, select]);
  return (
    <FigureButton
      type="button"
      data-figure
      $estimate={workings.estimated}
      $chosen={chosen}
      tabIndex={tabIndex}
      aria-label={label ? `${label}: ${text}${workings.estimated ? ', an estimate' : ''}` : undefined}
      onFocus={() => select({ key: id, workings })}
      onClick={() => select({ key: id, workings })}
    >
      <span>
        <AmountText text={text} />
      </span>
      {beside ? (
        <Beside>
          <AmountText text={beside} />
        </Beside>
      ) : null}
    </FigureButton>
  );
}

/** Lets the arrow keys walk the figures of a table; the table is one stop for Tab. */
export function walkFigures(event: KeyboardEvent<HTMLElement>): void {
  const steps: Record<string, [number, number]> = {
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
  };
  const step = steps[event.key];
  const cell = (event.target as HTMLElement).closest('td');
  if (!step || !cell) return;
  const rows = [...event.currentTarget.querySelectorAll('tr')].filter((row) =>
    row.querySelector('[data-figure]'),
  );
  const rowIndex = rows.indexOf(cell.closest('tr')!) + step[0];
  const column = cell.cellIndex + step[1];
  const next = rows[rowIndex]?.cells[column]?.querySelector<HTMLElement>('[data-figure]');
  if (!next) return;
  event.preventDefault();
  next.focus();
}

const Aside = styled.aside`
  width: ${({ theme }) => theme.workingsWidth};
  flex: none;
  padding: 20px 24px 24px 22px;
  border-left: 1px solid ${({ theme }) => theme.colour.hairline};
  background: ${({ theme }) => theme.colour.ground};
  h2 {
    margin: 8px 0 12px;
  }
  @media (max-width: 900px) {
    width: auto;
    border-left: 0;
    border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  @media print {
    display: none;
  }
`;
const Kicker = styled.p`
  color: ${({ theme }) => theme.colour.quiet};
  font-size: 12px;
  line-height: 16px;
  font-weight: 600;
`;
const Step = styled.div`
  padding: 7px 0;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  > div {
    display: flex;
    justify-content: space-between;
    gap: 12px;
  }
  dd {
    flex: none;
    max-width: 62%;
    font-weight: 700;
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  p {
    color: ${({ theme }) => theme.colour.quiet};
    font-size: 13px;
    line-height: 18px;
  }
`;
const Result = styled(Step)`
  border-top: 2px solid ${({ theme }) => theme.colour.ink};
  dt {
    font-weight: 700;
  }
`;
const Note = styled.p`
  margin-top: 12px;
  color: ${({ theme }) => theme.colour.quiet};
  font-size: 13px;
  line-height: 18px;
`;

/** The panel at the right that explains the chosen figure. */
export function WorkingsPanel({ children }: { children?: ReactNode }) {
  const { selected } = useWorkings();
  return (
    <Aside aria-label="Workings">
      <Kicker>Workings</Kicker>
      {selected ? (
        <Explanation workings={selected.workings} />
      ) : (
        <Note>Choose any figure to see how it came about.</Note>
      )}
      {children}
    </Aside>
  );
}

function Explanation({ workings }: { workings: Workings }) {
  return (
    <div aria-live="polite">
      <h2>
        <AmountText text={workings.title} />
      </h2>
      <dl>
        {workings.steps.map((step, index) => (
          <Step key={index}>
            <div>
              <dt>
                <AmountText text={step.label} />
              </dt>
              <dd>
                <AmountText text={step.value} />
              </dd>
            </div>
            {step.note ? (
              <p>
                <AmountText text={step.note} />
              </p>
            ) : null}
          </Step>
        ))}
        <Result>
          <div>
            <dt>Result</dt>
            <dd>
              <AmountText text={workings.result} />
            </dd>
          </div>
        </Result>
      </dl>
      {workings.estimated ? (
        <Note>~ An estimate has a part in this. Your own figure would replace it.</Note>
      ) : null}
    </div>
  );
}
