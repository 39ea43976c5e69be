import { Button, ListBox, ListBoxItem, Popover, Select, SelectValue } from 'react-aria-components';
import { ChevronDown } from 'lucide-react';
import styled from 'styled-components';
import { box, HiddenLabel, StyledLabel } from './Field.js';

const SelectButton = styled(Button)`
  ${box} display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 6px;
  text-align: left;
  cursor: pointer;
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
`;
export const FloatingList = styled(Popover)`
  min-width: var(--trigger-width);
  max-height: 320px;
  overflow: auto;
  background: ${({ theme }) => theme.colour.sheet};
  border: 1px solid ${({ theme }) => theme.colour.hairline};
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 6px 20px rgb(24 35 30 / 16%);
`;
export const ListChoice = styled(ListBoxItem)`
  padding: 6px 12px;
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: ${({ theme }) => theme.colour.basilPale};
  }
  &[data-selected] {
    font-weight: 700;
  }
`;

interface ChoiceProps<T extends string> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  options: readonly { readonly id: T; readonly name: string }[];
  hideLabel?: boolean;
}

/** One of a short list. */
export function Choice<T extends string>({ label, value, onChange, options, hideLabel }: ChoiceProps<T>) {
  return (
    <Select value={value} onChange={(key) => onChange(key as T)}>
      {hideLabel ? <HiddenLabel>{label}</HiddenLabel> : <StyledLabel>{label}</StyledLabel>}
      <SelectButton>
        <SelectValue />
        <ChevronDown size={15} aria-hidden />
      </SelectButton>
      <FloatingList>
        <ListBox items={options}>{(option) => <ListChoice id={option.id}>{option.name}</ListChoice>}</ListBox>
      </FloatingList>
    </Select>
  );
}
