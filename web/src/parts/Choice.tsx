import { type KeyboardEvent, useId, useRef, useState } from 'react';
import { ChevronDown } from 'lucide-react';
import styled from 'styled-components';
import { choiceButton, type ChoiceProps } from './choice-style.js';
import { HiddenLabel, StyledLabel } from './Field.js';
import { later } from './later.js';

const Closed = styled.button`
  ${choiceButton}
`;

/** Most choices stay as they are: the list of one comes with the first press. */
const OpenedChoice = later<ChoiceProps<string>>(
  () => import('./OpenedChoice.js').then((module) => module.OpenedChoice),
  ClosedChoice,
);

/** One of a short list. */
export function Choice<T extends string>(props: ChoiceProps<T>) {
  const [wasPressed, setPressed] = useState(false);
  return wasPressed ? (
    <OpenedChoice {...(props as unknown as ChoiceProps<string>)} />
  ) : (
    <ClosedChoice {...(props as unknown as ChoiceProps<string>)} onOpen={() => setPressed(true)} />
  );
}

function ClosedChoice({
  label,
  value,
  options,
  hideLabel,
  onOpen,
}: ChoiceProps<string> & { onOpen?: () => void }) {
  const id = useId();
  const button = useRef<HTMLButtonElement>(null);
  const openByArrow = (event: KeyboardEvent) => {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    event.preventDefault();
    onOpen?.();
  };
  const Label = hideLabel ? HiddenLabel : StyledLabel;
  return (
    <div>
      <Label elementType="span" id={`${id}label`} onClick={() => button.current?.focus()}>
        {label}
      </Label>
      <Closed
        ref={button}
        type="button"
        aria-haspopup="listbox"
        aria-expanded={false}
        aria-labelledby={`${id}value ${id}label`}
        onClick={onOpen}
        onKeyDown={openByArrow}
      >
        <span id={`${id}value`}>{options.find((option) => option.id === value)?.name}</span>
        <ChevronDown size={15} aria-hidden />
      </Closed>
    </div>
  );
}
