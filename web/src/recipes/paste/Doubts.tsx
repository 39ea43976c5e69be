import { useState } from 'react';
import type { Answers, Doubt } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../../parts/Button.js';
import { Field } from '../../parts/Field.js';
import { Quietly } from '../../parts/states.js';

const Grid = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 17.5rem), 1fr));
  gap: 1rem 2rem;
  padding-bottom: 1rem;
  border-bottom: 2px solid ${({ theme }) => theme.colour.ink};
`;
const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 0.75rem;
  margin: 1rem 0 0.5rem;
`;
const Question = styled.p`
  margin-bottom: 0.375rem;
  font-weight: 600;
  overflow-wrap: anywhere;
`;
const Answers = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.375rem;
  button {
    white-space: normal;
    text-align: left;
  }
`;
const Other = styled.form`
  display: flex;
  gap: 0.375rem;
  align-items: end;
  max-width: 12.5rem;
`;

/** More at once are not read. */
const mostShown = 5;
const mostServings = 500;

interface DoubtsProps {
  doubts: readonly Doubt[];
  answers: Answers;
  answer: (id: string, value: string) => void;
  takeBack: () => void;
}

/** What is not sure of a text, the worst first, each answered with one press. */
export function Doubts({ doubts, answers, answer, takeBack }: DoubtsProps) {
  const answered = Object.keys(answers).length;
  if (doubts.length === 0 && answered === 0) return null;
  const more = doubts.length - mostShown;
  return (
    <section aria-label="Questions about this text">
      <Head>
        <h2>
          {doubts.length === 0
            ? 'No questions left'
            : doubts.length === 1
              ? '1 question'
              : `${doubts.length} questions`}
        </h2>
        {doubts.length > 0 ? <Quietly>The marked answer counts until you choose another.</Quietly> : null}
        {answered > 0 ? (
          <Button look="quiet" onPress={takeBack}>
            Take back the last answer
          </Button>
        ) : null}
      </Head>
      <Grid>
        {doubts.slice(0, mostShown).map((doubt) => (
          <li key={doubt.id}>
            <Question>{doubt.question}</Question>
            <Answers role="group" aria-label={doubt.question}>
              {doubt.candidates.map(({ value, label }) => (
                <Button
                  key={value}
                  look={value === doubt.guess ? 'act' : 'plain'}
                  onPress={() => answer(doubt.id, value)}
                >
                  {label}
                </Button>
              ))}
              {doubt.id.startsWith('serves|') ? (
                <OtherNumber onAnswer={(value) => answer(doubt.id, value)} />
              ) : null}
            </Answers>
          </li>
        ))}
      </Grid>
      {more > 0 ? (
        <Quietly>{more === 1 ? '1 more question follows.' : `${more} more questions follow.`}</Quietly>
      ) : null}
    </section>
  );
}

function OtherNumber({ onAnswer }: { onAnswer: (value: string) => void }) {
  const [typed, setTyped] = useState('');
  const count = Number(typed);
  const isCount = Number.isInteger(count) && count > 0 && count <= mostServings;
  return (
    <Other
      onSubmit={(event) => {
        event.preventDefault();
        if (isCount) onAnswer(typed.trim());
      }}
    >
      <Field
        label="Another number"
        hideLabel
        placeholder="Other"
        value={typed}
        onChange={setTyped}
        maxLength={3}
        problem={typed !== '' && !isCount ? `Enter a number from 1 to ${mostServings}.` : undefined}
      />
      <Button type="submit" isDisabled={!isCount}>
        Set
      </Button>
    </Other>
  );
}
