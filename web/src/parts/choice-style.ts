import { css } from 'styled-components';
import { box } from './Field.js';

export interface ChoiceProps<T extends string> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  options: readonly { readonly id: T; readonly name: string }[];
  hideLabel?: boolean;
}

/** How the button of a choice looks, before its list is there and with it. */
export const choiceButton = css`
  ${box} display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 0.375rem;
  font: inherit;
  text-align: left;
  cursor: pointer;
  &[data-focus-visible],
  &:focus-visible {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 0;
  }
`;
