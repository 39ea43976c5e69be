import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import type { Workings } from '@fornax/core';
import styled from 'styled-components';
import { AmountText } from './AmountText.js';
import { noRoomBeside } from './useMedia.js';
import { SmallNote } from './kit.js';

interface Selection {
  readonly key: string;
  readonly workings: Workings;
}
interface Panel {
  readonly selected: Selection | null;
  select: (selection: Selection | null) => void;
  /** Explains nothing any more; what was explained has the focus. */
  dismiss: () => void;
}

const PanelContext = createContext<Panel>({
  selected: null,
  select: () => undefined,
  dismiss: () => undefined,
});

/** Holds which figure is explained in the Workings panel. */
export function WorkingsProvider({ children }: { children: ReactNode }) {
  const [selected, setSelected] = useState<Selection | null>(null);
  const from = useRef<HTMLElement | SVGElement | null>(null);
  const select = useCallback((selection: Selection | null) => {
    const active = document.activeElement;
    if (selection && (active instanceof HTMLElement || active instanceof SVGElement)) from.current = active;
    setSelected(selection);
  }, []);
  const dismiss = useCallback(() => {
    // What has the focus is explained: so the focus comes first.
    from.current?.focus();
    setSelected(null);
  }, []);
  const value = useMemo(() => ({ selected, select, dismiss }), [selected, select, dismiss]);
  return <PanelContext value={value}>{children}</PanelContext>;
}

export function useWorkings(): Panel {
  return useContext(PanelContext);
}

const FigureButton = styled.button<{ $estimate: boolean; $chosen: boolean }>`
  display: inline-block;
  max-width: 100%;
  padding: 1px 0.25rem;
  margin: -1px -0.25rem;
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
  @media ${noRoomBeside} {
    /* Its workings open over the foot of the page, not over itself. */
    scroll-margin-bottom: 60vh;
  }
  @media print {
    > span:first-child {
      border-bottom: 0;
    }
  }
  @media (pointer: coarse) {
    min-width: 2.75rem;
    min-height: 2.75rem;
  }
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
        <SmallNote>
          <AmountText text={beside} />
        </SmallNote>
      ) : null}
    </FigureButton>
  );
}
