import { Plus, X } from 'lucide-react';
import styled from 'styled-components';
import { acceptFinding, declineFinding, hasFinding, offeredFindings, type Recipe } from '@fornax/core';
import type { StepEditorProps } from './step-editor-props.js';

const Chips = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin-top: 6px;
`;

const Chip = styled.button<{ $held: boolean }>`
  display: inline-flex;
  align-items: center;
  gap: 4px;
  min-height: 26px;
  padding: 1px 8px;
  border-radius: 13px;
  font-size: 13px;
  cursor: pointer;
  border: 1px ${({ $held }) => ($held ? 'solid' : 'dashed')}
    ${({ $held, theme }) => ($held ? theme.colour.basil : theme.colour.quiet)};
  background: ${({ $held, theme }) => ($held ? theme.colour.basilPale : 'transparent')};
  color: ${({ theme }) => theme.colour.ink};
  &:focus-visible {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
    outline-offset: 1px;
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;

/**
 * Solid chips are held by the step, dashed ones only offered. A chip that was declined is gone until its
 * words change.
 */
export function FindingChips({
  step,
  index,
  findings,
  notes,
  lines,
  onChange,
}: Omit<StepEditorProps, 'recipe' | 'onRemove'> & { lines: Recipe['lines'] }) {
  const shown = offeredFindings(step, findings, lines);
  if (shown.length === 0) return null;
  return (
    <Chips aria-label={`Found in step ${index + 1}`}>
      {shown.map((finding) => {
        const held = hasFinding(step, finding);
        const label =
          finding.kind === 'technique'
            ? (notes.find((note) => note.id === finding.technique)?.title ?? finding.label)
            : finding.label;
        return (
          <li key={finding.key}>
            <Chip
              type="button"
              $held={held}
              aria-pressed={held}
              aria-label={`${held ? 'Take off' : 'Accept'}: ${label}`}
              onClick={() => onChange(held ? declineFinding(step, finding) : acceptFinding(step, finding))}
            >
              {label}
              {held ? <X size={12} aria-hidden /> : <Plus size={12} aria-hidden />}
            </Chip>
          </li>
        );
      })}
    </Chips>
  );
}
