import { Checkbox } from 'react-aria-components';
import { Check } from 'lucide-react';
import styled from 'styled-components';

const Box = styled(Checkbox)`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  width: 32px;
  height: 32px;
  cursor: pointer;
  border-radius: ${({ theme }) => theme.radius};
  > span {
    display: flex;
    align-items: center;
    justify-content: center;
    width: 20px;
    height: 20px;
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
    width: 18px;
    height: 15px;
    > span {
      width: 12px;
      height: 12px;
    }
  }
  @media (pointer: coarse) {
    width: 44px;
    height: 44px;
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
