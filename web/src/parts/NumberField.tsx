import { useState } from 'react';
import { Field } from './Field.js';

interface NumberFieldProps {
  label: string;
  /** Null shows an empty box. */
  value: number | null;
  /** Called as one types, with a whole number or NaN. */
  onChange: (value: number) => void;
  /** Called when the box is emptied, where that means something. */
  onClear?: () => void;
  problem?: string;
  hint?: string;
  placeholder?: string;
}

/**
 * A whole number that takes effect while it is typed. What is not a number stays in the box with its problem
 * below it.
 */
export function NumberField({
  label,
  value,
  onChange,
  onClear,
  problem,
  hint,
  placeholder,
}: NumberFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const change = (text: string) => {
    setTyped(text);
    if (text.trim() === '' && onClear) onClear();
    else onChange(/^\s*-?\d+\s*$/.test(text) ? Number(text) : Number.NaN);
  };
  const shown =
    typed !== null &&
    (Number.isNaN(Number(typed)) || typed.trim() === '' || Number(typed) === value || problem)
      ? typed
      : value === null
        ? ''
        : String(value);
  return (
    <Field
      label={label}
      value={shown}
      onChange={change}
      onBlur={() => (problem ? undefined : setTyped(null))}
      problem={problem}
      hint={hint}
      placeholder={placeholder}
      inputMode="numeric"
    />
  );
}
