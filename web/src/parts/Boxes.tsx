import type { ReactNode } from 'react';
import { Checkbox, CheckboxGroup } from 'react-aria-components';
import { Check } from 'lucide-react';
import styled from 'styled-components';

/** Boxes to tick side by side, with what they are about before them. */
export const Boxes = styled(CheckboxGroup)`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 1rem;
  label:first-child:not(:has(input)),
  > span:first-child {
    color: ${({ theme }) => theme.colour.quiet};
  }
`;
const Box = styled(Checkbox)`
  display: inline-flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 2rem;
  cursor: pointer;
  > i {
    display: flex;
    align-items: center;
    justify-content: center;
    flex: none;
    width: 1.25rem;
    height: 1.25rem;
    border: 1.5px solid ${({ theme }) => theme.colour.quiet};
    border-radius: 3px;
    color: transparent;
  }
  /* Colours of one's own would show a tick that is not there. */
  &:not([data-selected]) svg {
    visibility: hidden;
  }
  &[data-selected] > i {
    background: ${({ theme }) => theme.colour.basil};
    border-color: ${({ theme }) => theme.colour.basil};
    color: #fff;
  }
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 2px;
  }
  @media (pointer: coarse) {
    min-height: 2.75rem;
  }
`;

/** A box to tick with its words beside it. */
export function TickBox({
  value,
  isSelected,
  onChange,
  children,
}: {
  value?: string;
  isSelected?: boolean;
  onChange?: (on: boolean) => void;
  children: ReactNode;
}) {
  return (
    <Box value={value} isSelected={isSelected} onChange={onChange}>
      <i>
        <Check size={15} strokeWidth={3} aria-hidden />
      </i>
      {children}
    </Box>
  );
}
