import { useEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import type { Workings } from '@fornax/core';
import { PanelRightClose, PanelRightOpen } from 'lucide-react';
import styled from 'styled-components';
import { AmountText } from './AmountText.js';
import { Button } from './Button.js';
import { useKeys } from './useKeys.js';
import { noRoomBeside, useMedia } from './useMedia.js';
import { useWorkings } from './workings.js';

const Aside = styled.aside`
  width: ${({ theme }) => theme.workingsWidth};
  flex: none;
  border-left: 1px solid ${({ theme }) => theme.colour.hairline};
  background: ${({ theme }) => theme.colour.ground};
  h2 {
    margin: 0.5rem 0 0.75rem;
  }
  &[data-folded] {
    width: auto;
  }
  /* Where it has no room beside the sheet it opens over it. */
  &[data-over] {
    position: fixed;
    z-index: 30;
    right: 0;
    bottom: 0;
    width: min(100%, 26.25rem);
    max-height: 58vh;
    overflow: auto;
    border: 1px solid ${({ theme }) => theme.colour.ink};
    box-shadow: 0 -6px 24px rgb(24 35 30 / 20%);
  }
  @media ${noRoomBeside} {
    &:not([data-over]) {
      width: auto;
      border-left: 0;
      border-top: 1px solid ${({ theme }) => theme.colour.hairline};
    }
  }
  @media print {
    display: none;
  }
`;
/** Stays beside what is read, however far down the sheet. */
const Stay = styled.div`
  padding: 0.75rem 1.5rem 1.5rem 1.375rem;
  [data-folded] > & {
    padding: 0.75rem 0.5rem;
  }
  [data-over] > & {
    padding: 0.5rem 1rem 1rem;
  }
  @media not ${noRoomBeside} {
    aside:not([data-over]) > & {
      position: sticky;
      top: 0;
      max-height: 100vh;
      overflow: hidden auto;
    }
  }
`;
const Top = styled.div`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 0.5rem;
`;
const Kicker = styled.p`
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.tiny};
  line-height: 1rem;
  font-weight: 600;
`;
const Step = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) fit-content(62%);
  gap: 0 0.75rem;
  padding: 0.4375rem 0;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  dd {
    font-weight: 700;
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  dd[data-note] {
    grid-column: 1 / -1;
    color: ${({ theme }) => theme.colour.quiet};
    font-weight: 400;
    font-size: ${({ theme }) => theme.size.small};
    line-height: 1.125rem;
    text-align: left;
  }
`;
const Result = styled(Step)`
  border-top: 2px solid ${({ theme }) => theme.colour.ink};
  dt {
    font-weight: 700;
  }
`;
const Note = styled.p`
  margin-top: 0.75rem;
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
`;

const storedFold = 'fornax:workings-folded';

/**
 * The panel that explains the chosen figure, with `children` under it; with none chosen, what stands in
 * `idle`. It can be folded away; then, and where there is no room beside the sheet, it opens over it as a
 * figure is chosen.
 */
export function WorkingsPanel({ idle, children }: { idle?: ReactNode; children?: ReactNode }) {
  const { selected, dismiss } = useWorkings();
  const isNarrow = useMedia(noRoomBeside);
  const folding = useFolding();
  const isOver = selected !== null && (isNarrow || folding.isFolded);
  // The figure it came from has the focus again.
  useKeys(isOver ? { Escape: dismiss } : noKeys);
  if (folding.isFolded && !isNarrow && !isOver)
    return (
      <Aside aria-label="Workings" data-folded="">
        <Stay>
          <FoldButton {...folding} />
        </Stay>
      </Aside>
    );
  return (
    <Aside aria-label="Workings" data-over={isOver ? '' : undefined} tabIndex={isOver ? 0 : undefined}>
      <Stay>
        <Top>
          <Kicker>Workings</Kicker>
          {isOver ? (
            <Button look="quiet" onPress={dismiss}>
              Close
            </Button>
          ) : isNarrow ? null : (
            <FoldButton {...folding} />
          )}
        </Top>
        {selected ? (
          <Explanation workings={selected.workings} />
        ) : (
          <>
            {idle}
            <Note>Choose any figure to see how it came about.</Note>
          </>
        )}
        {selected && idle && !isOver ? (
          <Button look="quiet" onPress={dismiss}>
            Back
          </Button>
        ) : null}
        {selected ? children : null}
      </Stay>
    </Aside>
  );
}

const noKeys = {};

interface Folding {
  readonly isFolded: boolean;
  /** It was just pressed: the button that takes its place has the focus. */
  readonly pressedRef: RefObject<boolean>;
  fold: (folded: boolean) => void;
}

function useFolding(): Folding {
  const [isFolded, setFolded] = useState(() => localStorage.getItem(storedFold) === 'yes');
  const pressedRef = useRef(false);
  const fold = (folded: boolean) => {
    localStorage.setItem(storedFold, folded ? 'yes' : 'no');
    pressedRef.current = true;
    setFolded(folded);
  };
  return { isFolded, pressedRef, fold };
}

function FoldButton({ isFolded, pressedRef, fold }: Folding) {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (pressedRef.current) button.current?.focus();
    pressedRef.current = false;
  }, [isFolded, pressedRef]);
  const Icon = isFolded ? PanelRightOpen : PanelRightClose;
  return (
    <Button
      look="quiet"
      aria-label={isFolded ? 'Show Workings' : 'Fold Workings away'}
      aria-expanded={!isFolded}
      ref={button}
      onPress={() => fold(!isFolded)}
    >
      <Icon size={18} aria-hidden />
    </Button>
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
            <dt>
              <AmountText text={step.label} />
            </dt>
            <dd>
              <AmountText text={step.value} />
            </dd>
            {step.note ? (
              <dd data-note>
                <AmountText text={step.note} />
              </dd>
            ) : null}
          </Step>
        ))}
        <Result>
          <dt>Result</dt>
          <dd>
            <AmountText text={workings.result} />
          </dd>
        </Result>
      </dl>
      {workings.estimated ? (
        <Note>~ An estimate has a part in this. Your own figure would replace it.</Note>
      ) : null}
    </div>
  );
}
