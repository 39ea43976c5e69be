import { useState } from 'react';
import { canBeNoted, type PlanWarning } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Field } from '../parts/Field.js';
import { Quietly, Row } from '../parts/states.js';
import { without } from '../parts/without.js';
import { useOpenClass } from './class-context.js';
import { useDecisions } from './useDecisions.js';

/** A finding is noted as known; where somebody could come to harm, only with a word why. */
export function NoteIt({ warning }: { warning: PlanWarning }) {
  const { decisions, decide } = useDecisions();
  const [why, setWhy] = useState<string | null>(null);
  if (!canBeNoted(warning)) return null;
  const note = (text: string) =>
    decide({ noted: { ...decisions.noted, [warning.id]: text } }, 'It is noted as known.');
  const isHarm = warning.level === 'harm';
  if (why === null)
    return (
      <Button look="quiet" onPress={() => (isHarm ? setWhy('') : note(''))}>
        Acknowledge
      </Button>
    );
  return (
    <Row $gap={2}>
      <Field
        label="Why it is left as it is"
        value={why}
        maxLength={400}
        onChange={setWhy}
        hint="Who decided it, and by what advice."
      />
      <Button look="plain" isDisabled={why.trim() === ''} onPress={() => note(why.trim())}>
        Note it
      </Button>
      <Button look="quiet" onPress={() => setWhy(null)}>
        Leave it open
      </Button>
    </Row>
  );
}

const List = styled.ul`
  @media print {
    display: none;
  }
  margin: 0.25rem 0 0.75rem;
  li {
    padding: 0.25rem 0;
  }
`;

/** The findings that were noted, with why, and the way back. */
export function Noted() {
  const { plan } = useOpenClass();
  const { decisions, decide } = useDecisions();
  if (plan.noted.length === 0) return null;
  return (
    <details>
      <summary>
        {plan.noted.length === 1 ? '1 finding is' : `${plan.noted.length} findings are`} noted as known
      </summary>
      <List aria-label="Noted as known">
        {plan.noted.map(({ id, sentence, why }) => (
          <li key={id}>
            {sentence}. {why ? <Quietly>{why}</Quietly> : null}{' '}
            <Button
              look="quiet"
              onPress={() => decide({ noted: without(decisions.noted, id) }, 'It is open again.')}
            >
              Open it again
            </Button>
          </li>
        ))}
      </List>
    </details>
  );
}
