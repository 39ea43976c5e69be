import { type ReactNode } from 'react';
import { Autocomplete, Input, Label, SearchField, useFilter } from 'react-aria-components';
import styled from 'styled-components';
import { VisuallyHidden } from '../theme/visually-hidden.js';
import { useFirstFound } from './useFirstFound.js';

const Box = styled(Input)`
  width: 100%;
  padding: 0.5rem 0.625rem;
  border: 1px solid #98a29b;
  border-radius: ${({ theme }) => theme.radius};
`;

interface SearchProps {
  /** What is searched for, said to screen readers and shown in the empty box. */
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly items: readonly { readonly id: string; readonly name: string }[];
  readonly onOpen: (id: string) => void;
  /** The list that the box narrows. */
  readonly children: ReactNode;
}

/** A box over a list that it narrows; the arrows and Enter act on the list while one types. */
export function Search({ label, text, onText, items, onOpen, children }: SearchProps) {
  const { contains } = useFilter({ sensitivity: 'base' });
  const first = text.trim() === '' ? undefined : items.find(({ name }) => contains(name, text));
  const { ask, forget } = useFirstFound(first?.id, onOpen);
  return (
    <Autocomplete
      filter={contains}
      inputValue={text}
      onInputChange={(typed) => {
        forget();
        onText(typed);
      }}
    >
      <SearchField autoFocus>
        <Label>
          <VisuallyHidden>{label}</VisuallyHidden>
        </Label>
        <Box placeholder={label} onKeyDown={ask} />
      </SearchField>
      {children}
    </Autocomplete>
  );
}
