import { useState } from 'react';
import type { AllergenNeed, AllergenNeedOf } from '@fornax/core';
import styled from 'styled-components';
import { TickBox } from '../../parts/Boxes.js';
import { Button } from '../../parts/Button.js';
import { Choice } from '../../parts/Choice.js';
import { Row } from '../../parts/states.js';

const List = styled.ul`
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 1rem;
    padding: 2px 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  strong {
    min-width: 7.5rem;
  }
`;
const Add = styled.div`
  width: 13.75rem;
`;

/** What somebody is allergic to, and whether traces matter. */
export function Allergens({
  needs,
  options,
  onChange,
}: {
  needs: readonly AllergenNeed[];
  options: readonly AllergenNeedOf[];
  onChange: (needs: readonly AllergenNeed[]) => void;
}) {
  const left = options.filter((what) => !needs.some((need) => need.what === what));
  const [chosen, setChosen] = useState<AllergenNeedOf>('nuts');
  const what = left.includes(chosen) ? chosen : left[0]!;
  return (
    <section aria-label="Allergies">
      {needs.length > 0 ? (
        <List aria-label="Allergic to">
          {needs.map((need) => (
            <li key={need.what}>
              <strong>{need.what}</strong>
              <TickBox
                isSelected={need.traces}
                onChange={(traces) =>
                  onChange(needs.map((each) => (each.what === need.what ? { ...each, traces } : each)))
                }
              >
                traces of {need.what} matter
              </TickBox>
              <Button
                look="quiet"
                onPress={() => onChange(needs.filter((each) => each.what !== need.what))}
                aria-label={`Remove ${need.what}`}
              >
                Remove
              </Button>
            </li>
          ))}
        </List>
      ) : null}
      <Row style={{ alignItems: 'flex-end' }}>
        <Add>
          <Choice
            label="Allergic to"
            value={what}
            options={left.map((each) => ({ id: each, name: each }))}
            onChange={setChosen}
          />
        </Add>
        <Button onPress={() => onChange([...needs, { what, traces: false }])}>Add this allergy</Button>
      </Row>
    </section>
  );
}
