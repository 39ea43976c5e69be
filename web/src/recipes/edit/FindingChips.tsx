import { Plus, X } from 'lucide-react';
import { acceptFinding, declineFinding, hasFinding, offeredFindings, type Recipe } from '@fornax/core';
import { Chip, Chips } from './chips.js';
import type { StepEditorProps } from './step-editor-props.js';

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
}: Pick<StepEditorProps, 'step' | 'index' | 'findings' | 'notes' | 'onChange'> & {
  lines: Recipe['lines'];
}) {
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
