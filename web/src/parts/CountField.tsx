import { Button, Group, Input, NumberField } from 'react-aria-components';
import { Minus, Plus } from 'lucide-react';
import styled from 'styled-components';

const Frame = styled(Group)`
  display: inline-flex;
  align-items: center;
  border: 1px solid transparent;
  border-radius: ${({ theme }) => theme.radius};
  &[data-focus-within] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
  input {
    width: 1.625rem;
    padding: 2px 0;
    border: 0;
    background: transparent;
    text-align: center;
    font-variant-numeric: tabular-nums;
    outline: none;
  }
  button {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    width: 1.5rem;
    height: 1.625rem;
    padding: 0;
    border: 0;
    background: transparent;
    color: ${({ theme }) => theme.colour.quiet};
    cursor: pointer;
  }
  button[data-disabled] {
    opacity: 0.35;
    cursor: default;
  }
  @media (pointer: coarse) {
    button {
      width: 2.5rem;
      height: 2.75rem;
    }
  }
`;

/** A small whole number with a button on each side. */
export function CountField({
  label,
  value,
  most,
  onChange,
}: {
  label: string;
  value: number;
  most: number;
  onChange: (value: number) => void;
}) {
  return (
    <NumberField
      aria-label={label}
      value={value}
      minValue={0}
      maxValue={most}
      onChange={(next) => onChange(Number.isNaN(next) ? 0 : next)}
    >
      <Frame>
        <Button slot="decrement">
          <Minus size={13} aria-hidden />
        </Button>
        <Input />
        <Button slot="increment">
          <Plus size={13} aria-hidden />
        </Button>
      </Frame>
    </NumberField>
  );
}
