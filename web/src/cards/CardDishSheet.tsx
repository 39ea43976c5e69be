import styled from 'styled-components';
import type { CardDish, CardStep } from '@fornax/core';
import { AmountText } from '../parts/AmountText.js';

export const Small = styled.p`
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.body};
  line-height: 1.1875rem;
`;
const Caution = styled.p`
  font-weight: 600;
  color: ${({ theme }) => theme.colour.beet};
  font-size: ${({ theme }) => theme.size.body};
  line-height: 1.1875rem;
`;
const Lines = styled.table`
  width: 100%;
  td {
    padding: 3px 0.75rem 3px 0;
    vertical-align: top;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  td:first-child {
    width: 11.25rem;
    font-weight: 700;
  }
  small {
    font-size: ${({ theme }) => theme.size.small};
    font-weight: 400;
    color: ${({ theme }) => theme.colour.quiet};
  }
`;

const Steps = styled.ol`
  margin-top: 0.5rem;
  li {
    display: grid;
    grid-template-columns: 2rem minmax(0, 1fr);
    padding: 0.4375rem 0;
    break-inside: avoid;
    @media print {
      font-size: 13.5pt;
      line-height: 1.25;
    }
    > b {
      font: 700 1.25rem/1.5rem ${({ theme }) => theme.font.heading};
    }
  }
`;

/** What a card says of one dish: amounts by component, then its steps. */
export function CardDishSheet({ dish }: { dish: CardDish }) {
  return (
    <section>
      <h3>{dish.title}</h3>
      <Small>
        <AmountText text={dish.batch} /> · {dish.contents}
        {dish.credit ? ` · ${dish.credit}` : ''}
      </Small>
      {dish.components.map((component) => (
        <Component key={component.name} component={component} />
      ))}
      {dish.fromOnce.length > 0 ? (
        <p>
          <strong>From the batch made once: {dish.fromOnce.join('; ')}</strong>
        </p>
      ) : null}
      {dish.doneBefore.length > 0 ? (
        <Small>
          <em>Done before class: {dish.doneBefore.join(' ')}</em>
        </Small>
      ) : null}
      <Steps>
        {dish.steps.map((step) => (
          <Step key={step.number} step={step} />
        ))}
      </Steps>
    </section>
  );
}

function Component({ component }: { component: CardDish['components'][number] }) {
  return (
    <div>
      <h4>{component.name}</h4>
      <Lines>
        <tbody>
          {component.lines.map((line, index) => (
            <tr key={index}>
              <td>
                <AmountText text={line.amount} />
                {line.beside ? (
                  <>
                    {' '}
                    <small>
                      <AmountText text={line.beside} />
                    </small>
                  </>
                ) : null}
              </td>
              <td>
                {line.name}
                {[line.note, line.advice, line.kept].filter(Boolean).map((note, at) => (
                  <small key={at}>
                    , <AmountText text={note} />
                  </small>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </Lines>
    </div>
  );
}

function Step({ step }: { step: CardStep }) {
  const small = [step.minutes, step.vessel].filter(Boolean).join(' · ');
  return (
    <li>
      <b>{step.number}</b>
      <div>
        <p>{step.text}</p>
        {step.until ? (
          <p>
            <strong>Ready: {step.until}</strong>
          </p>
        ) : null}
        {small ? <Small>{small}</Small> : null}
        {step.notes.map((note, index) => (
          <Small key={index}>
            <em>{note}</em>
          </Small>
        ))}
        {step.caution ? <Caution>Caution: {step.caution}</Caution> : null}
      </div>
    </li>
  );
}
