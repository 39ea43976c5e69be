import type { ReactNode } from 'react';
import { FieldError, Input, Label, Text, TextArea, TextField } from 'react-aria-components';
import styled, { css } from 'styled-components';

/** The frame of every box that is typed into. */
export const box = css`
  width: 100%;
  min-height: 2.125rem;
  padding: 0.3125rem 0.5625rem;
  background: ${({ theme }) => theme.colour.sheet};
  border: 1px solid #98a29b;
  border-radius: ${({ theme }) => theme.radius};
  &[data-focused] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 0;
  }
  &[data-invalid] {
    border-color: ${({ theme }) => theme.colour.beet};
  }
  @media (pointer: coarse) {
    min-height: 2.75rem;
  }
  /* On paper it is what it says. */
  @media print {
    min-height: 0;
    padding: 0;
    border: 0;
    svg {
      display: none;
    }
  }
`;
const StyledInput = styled(Input)`
  ${box}
`;
const StyledArea = styled(TextArea)`
  ${box} min-height: 7.5rem;
  resize: vertical;
  line-height: 1.25rem;
`;
export const StyledLabel = styled(Label)`
  display: block;
  margin-bottom: 2px;
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
`;
export const HiddenLabel = styled(StyledLabel)`
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
`;
export const Sentence = styled(FieldError)`
  display: block;
  margin-top: 2px;
  color: ${({ theme }) => theme.colour.beet};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
`;
export const Hint = styled(Text)`
  display: block;
  margin-top: 2px;
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
`;

interface FieldProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  onBlur?: () => void;
  problem?: string;
  hint?: ReactNode;
  type?: 'text' | 'email' | 'password' | 'search';
  inputMode?: 'numeric' | 'decimal';
  rows?: number;
  autoComplete?: string;
  maxLength?: number;
  placeholder?: string;
  autoFocus?: boolean;
  isRequired?: boolean;
  /** The label is for screen readers only: the place says what is meant. */
  hideLabel?: boolean;
  onEnter?: () => void;
}

/** A labelled text box with its problem in a sentence right below it. */
export function Field({
  label,
  value,
  onChange,
  onBlur,
  problem,
  hint,
  type = 'text',
  inputMode,
  rows,
  autoComplete,
  maxLength,
  placeholder,
  autoFocus,
  isRequired,
  hideLabel,
  onEnter,
}: FieldProps) {
  return (
    <TextField
      value={value}
      onChange={onChange}
      onBlur={onBlur}
      isInvalid={Boolean(problem)}
      type={type}
      inputMode={inputMode}
      autoComplete={autoComplete}
      autoFocus={autoFocus}
      isRequired={isRequired}
      validationBehavior="aria"
      onKeyDown={(event) => {
        if (event.key === 'Enter' && onEnter) {
          event.preventDefault();
          onEnter();
          return;
        }
        // Escape closes what the field is in, and Tab goes on: neither is the field's.
        event.continuePropagation();
      }}
    >
      {hideLabel ? <HiddenLabel>{label}</HiddenLabel> : <StyledLabel>{label}</StyledLabel>}
      {rows ? (
        <StyledArea rows={rows} placeholder={placeholder} />
      ) : (
        <StyledInput maxLength={maxLength} placeholder={placeholder} />
      )}
      {hint ? <Hint slot="description">{hint}</Hint> : null}
      <Sentence>{problem}</Sentence>
    </TextField>
  );
}
