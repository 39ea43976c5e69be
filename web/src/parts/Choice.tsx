import { type KeyboardEvent, useId, useRef, useState } from 'react';
import { ChevronDown } from 'lucide-react';
import styled from 'styled-components';
import { choiceButton, type ChoiceProps } from './choice-style.js';
import { HiddenLabel, StyledLabel } from './Field.js';
import { lazyPart } from './lazy-part.js';

const Closed = styled.button`
  ${choiceButton}
`;

/** Most choices stay as they are: the list of one comes with the first press. */
const OpenedChoice = lazyPart<ChoiceProps<string>>(
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

/** As with its list: up and down open it, left and right and a first letter choose without opening. */
function ClosedChoice({
  label,
  value,
  options,
  onChange,
  hideLabel,
  onOpen,
}: ChoiceProps<string> & { onOpen?: () => void }) {
  const id = useId();
  const button = useRef<HTMLButtonElement>(null);
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const isToOpen = event.key === 'ArrowDown' || event.key === 'ArrowUp';
    const chosen = chosenByKey(event.key, value, options);
    if (!isToOpen && !chosen) return;
    event.preventDefault();
    if (chosen) onChange(chosen);
    else onOpen?.();
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
        onKeyDown={onKeyDown}
      >
        <span id={`${id}value`}>{options.find((option) => option.id === value)?.name}</span>
        <ChevronDown size={15} aria-hidden />
      </Closed>
    </div>
  );
}

/** The option before or after with the arrows, the next one that begins with a letter; undefined for none. */
function chosenByKey(
  key: string,
  value: string,
  options: ChoiceProps<string>['options'],
): string | undefined {
  const at = options.findIndex(({ id }) => id === value);
  if (key === 'ArrowLeft') return options[at - 1]?.id;
  if (key === 'ArrowRight') return options[at + 1]?.id;
  if (!/^\p{L}$/u.test(key)) return undefined;
  const onwards = [...options.slice(at + 1), ...options.slice(0, Math.max(0, at))];
  return onwards.find(({ name }) => name.toLowerCase().startsWith(key.toLowerCase()))?.id;
}
