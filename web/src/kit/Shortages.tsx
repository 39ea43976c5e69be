import type { KitShortage } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Button } from '../parts/Button.js';
import { Quietly, Row } from '../parts/states.js';

const List = styled.ul`
  display: grid;
  gap: 0.75rem;
  max-width: 51.25rem;
  margin: 0.5rem 0 1rem;
`;
const Item = styled.li`
  padding-left: 0.625rem;
  border-left: 3px solid ${({ theme }) => theme.colour.ember};
  strong {
    color: ${({ theme }) => theme.colour.emberText};
  }
`;
const Way = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 0.75rem;
  align-items: center;
  margin-top: 0.375rem;
  button {
    white-space: normal;
    text-align: left;
  }
`;

/** What the kitchen has too few of, with the ways out that were worked out: one click takes one. */
export function Shortages() {
  const { plan } = useOpenClass();
  const { shortages, taken } = plan.kit;
  const { decisions, decide } = useDecisions();
  const take = (shortage: KitShortage, way: KitShortage['waysOut'][number]) =>
    decide(
      { kit: [...decisions.kit.filter((each) => each.tool !== way.decision.tool), way.decision] },
      `${shortage.tool}: ${way.sentence.charAt(0).toLowerCase()}${way.sentence.slice(1)}.`,
    );
  return (
    <>
      {shortages.length > 0 ? (
        <List aria-label="Too few">
          {shortages.map((shortage) => (
            <Item key={shortage.id}>
              <strong>{shortage.sentence}.</strong>
              {shortage.waysOut.length === 0
                ? ` Borrow ${shortage.needed - shortage.inKitchen} more, or take a dish off.`
                : null}
              {shortage.waysOut.map((way) => (
                // Another plan may offer another number: then it is another button, so none is pressed that
                // nobody read.
                <Way key={way.action}>
                  <Button onPress={() => take(shortage, way)}>{way.action}</Button>
                  <Quietly>{way.sentence}.</Quietly>
                </Way>
              ))}
            </Item>
          ))}
        </List>
      ) : null}
      {taken.length > 0 ? (
        <section aria-label="Ways out taken">
          {taken.map(({ decision, sentence }) => (
            <Row key={`${decision.tool}:${decision.kind}`}>
              <span>{sentence}.</span>
              <Button
                look="quiet"
                onPress={() =>
                  decide(
                    {
                      kit: decisions.kit.filter(
                        (each) =>
                          each !== decision && (each.tool !== decision.tool || each.kind !== decision.kind),
                      ),
                    },
                    'As it was.',
                  )
                }
              >
                Take it back
              </Button>
            </Row>
          ))}
        </section>
      ) : null}
    </>
  );
}
