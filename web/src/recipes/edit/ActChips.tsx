import { RotateCcw, X } from 'lucide-react';
import styled from 'styled-components';
import { actInWords, actsOf, readAgain, verbsToChoose, withAct, withoutAct } from '@fornax/core';
import { Button } from '../../parts/Button.js';
import { Choice } from '../../parts/Choice.js';
import { Chip, Chips } from './chips.js';
import type { StepEditorProps } from './step-editor-props.js';

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.25rem 0.5rem;
  margin-top: 0.375rem;
  font-size: ${({ theme }) => theme.size.small};
  color: ${({ theme }) => theme.colour.quiet};
  > ul {
    margin-top: 0;
  }
`;

const toAdd = [{ id: '', name: 'Add what is done …' }, ...verbsToChoose.map((id) => ({ id, name: id }))];

/** What the step was read to do. What a person takes off or adds stays so, whatever the words say. */
export function ActChips({ step, index, recipe, onChange }: ActChipsProps) {
  const named = actsOf(step)
    .map((act, at) => ({ at, label: actInWords(act, recipe.lines) }))
    .filter(({ label }) => label !== '');
  return (
    <Row>
      <span>Read as:</span>
      <Chips aria-label={`What step ${index + 1} does`}>
        {named.map(({ at, label }) => (
          <li key={at}>
            <Chip
              type="button"
              $held
              aria-label={`Not done: ${label}`}
              onClick={() => onChange(withoutAct(step, at))}
            >
              {label}
              <X size={12} aria-hidden />
            </Chip>
          </li>
        ))}
      </Chips>
      <Choice
        label={`Add what step ${index + 1} does`}
        hideLabel
        value=""
        options={toAdd}
        onChange={(verb) => {
          if (verb) onChange(withAct(step, verb));
        }}
      />
      {step.actsCorrected ? (
        <Button look="quiet" onPress={() => onChange(readAgain(step, recipe.lines))}>
          <RotateCcw size={13} aria-hidden /> Read again
        </Button>
      ) : null}
    </Row>
  );
}

type ActChipsProps = Pick<StepEditorProps, 'step' | 'index' | 'recipe' | 'onChange'>;
