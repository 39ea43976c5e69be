import { useEffect, useState } from 'react';
import { Button, ListBox, Select, SelectValue } from 'react-aria-components';
import { ChevronDown } from 'lucide-react';
import styled from 'styled-components';
import { choiceButton, type ChoiceProps } from './choice-style.js';
import { HiddenLabel, StyledLabel } from './Field.js';
import { FloatingList } from './FloatingList.js';
import { ListChoice } from './ListChoice.js';

const SelectButton = styled(Button)`
  ${choiceButton}
`;

/**
 * A choice with its list, open from the start: the first press has asked for it. The button has the focus
 * before the list takes it, so that it comes back there.
 */
export function OpenedChoice({ label, value, onChange, options, hideLabel }: ChoiceProps<string>) {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => setOpen(true), []);
  return (
    <Select
      value={value}
      onChange={(key) => onChange(String(key))}
      isOpen={isOpen}
      onOpenChange={setOpen}
      autoFocus
    >
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
