import { Checkbox } from 'react-aria-components';
import { Check } from 'lucide-react';
import styled from 'styled-components';

const Box = styled(Checkbox)`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  width: 2rem;
  height: 2rem;
  cursor: pointer;
  border-radius: ${({ theme }) => theme.radius};
  > span {
    display: flex;
    align-items: center;
    justify-content: center;
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
  &[data-selected] > span {
    background: ${({ theme }) => theme.colour.basil};
    border-color: ${({ theme }) => theme.colour.basil};
    color: #fff;
  }
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
  @media print {
    width: 1.125rem;
    height: 0.9375rem;
    > span {
      width: 0.75rem;
      height: 0.75rem;
    }
  }
  @media (pointer: coarse) {
    width: 2.75rem;
    height: 2.75rem;
  }
`;

export function Tick({
  label,
  isSelected,
  onChange,
}: {
  label: string;
  isSelected: boolean;
  onChange: (ticked: boolean) => void;
}) {
  return (
    <Box aria-label={label} isSelected={isSelected} onChange={onChange}>
      <span>
        <Check size={15} strokeWidth={3} aria-hidden />
      </span>
    </Box>
  );
}
