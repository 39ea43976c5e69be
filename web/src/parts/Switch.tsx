import { Label, Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';

const Group = styled(RadioGroup)`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.25rem 0.625rem;
  margin: 0.25rem 0;
  @media print {
    display: none;
  }
`;
const Option = styled(Radio)`
  display: inline-flex;
  align-items: center;
  min-height: 1.75rem;
  padding: 0.25rem 0 2px;
  cursor: pointer;
  color: ${({ theme }) => theme.colour.quiet};
  border-bottom: 2px solid transparent;
  &[data-selected] {
    color: ${({ theme }) => theme.colour.ink};
    font-weight: 700;
    border-color: ${({ theme }) => theme.colour.ink};
  }
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 2px;
  }
  @media (pointer: coarse) {
    min-height: 2.75rem;
    padding: 0.25rem 0.375rem 2px;
  }
  @media (forced-colors: active) {
    border-color: Canvas;
    &[data-selected] {
      border-color: Highlight;
    }
  }
`;

interface SwitchProps<T extends string> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  options: readonly (readonly [id: T, name: string])[];
}

/** A few ways to see the same, of which one is chosen. */
export function Switch<T extends string>({ label, value, onChange, options }: SwitchProps<T>) {
  return (
    <Group value={value} onChange={(chosen) => onChange(chosen as T)} orientation="horizontal">
      <Label>{label}</Label>
      {options.map(([id, name]) => (
        <Option key={id} value={id}>
          {name}
        </Option>
      ))}
    </Group>
  );
}
