import { Checkbox, CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';

const Group = styled(CheckboxGroup)`
  grid-column: 1 / -1;
  > span {
    display: block;
    color: ${({ theme }) => theme.colour.quiet};
    font-size: ${({ theme }) => theme.size.small};
  }
  > div {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.5rem;
    margin-top: 0.25rem;
  }
`;
const Box = styled(Checkbox)`
  padding: 2px 0.625rem;
  border: 1px solid ${({ theme }) => theme.colour.quiet};
  border-radius: 13px;
  font-size: ${({ theme }) => theme.size.small};
  cursor: pointer;
  &[data-selected] {
    background: ${({ theme }) => theme.colour.beetPale};
    border-color: ${({ theme }) => theme.colour.beet};
  }
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
`;

interface ChipGroupProps<Id extends string> {
  label: string;
  options: readonly Id[];
  chosen: readonly Id[];
  onChange: (chosen: Id[]) => void;
}

/** Several of a list, as chips. */
export function ChipGroup<Id extends string>({ label, options, chosen, onChange }: ChipGroupProps<Id>) {
  return (
    <Group value={[...chosen]} onChange={(ids) => onChange(ids as Id[])}>
      <Label>{label}</Label>
      <div>
        {options.map((id) => (
          <Box key={id} value={id}>
            {id}
          </Box>
        ))}
      </div>
    </Group>
  );
}
