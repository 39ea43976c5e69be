import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import styled from 'styled-components';
import { sessionQuery, signInOptionsQuery } from '../api/queries.js';
import { Button } from '../parts/Button.js';
import { Field } from '../parts/Field.js';
import { Failed, Loading } from '../parts/states.js';
import { Mark } from '../parts/Mark.js';
import { PageHeading } from '../parts/page.js';
import { Form, type FormProps, OpenDemo, problemOf, SignIn, Unplaced, useEntering } from './Entering.js';

const Page = styled.main`
  max-width: 26.25rem;
  margin: 0 auto;
  padding: 12vh 1.5rem 1.5rem;
  h1 {
    display: flex;
    align-items: center;
    gap: 0.625rem;
    margin-bottom: 0.5rem;
  }
  > p {
    color: ${({ theme }) => theme.colour.quiet};
    margin-bottom: 1.5rem;
  }
`;
const Rule = styled.hr`
  border: 0;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  margin: 0;
`;
/** Signs in, opens the demo with one button, or makes the first account once. */
export default function SignInPage() {
  const { data: options, error, refetch } = useQuery(signInOptionsQuery);
  const client = useQueryClient();
  const { problem, busy, enter } = useEntering(() =>
    client.invalidateQueries({ queryKey: sessionQuery.queryKey }),
  );
  return (
    <Page>
      <PageHeading names={['Sign in']}>
        <Mark />
        Fornax
      </PageHeading>
      <p>
        Plans hands-on salad, dressing and dip classes: how much goes on each bench, what to buy, what to
        pack, and when everything happens.
      </p>
      {error ? <Failed error={error} onRetry={() => void refetch()} /> : null}
      {!options && !error ? <Loading what="the sign-in" /> : null}
      {options?.demo ? <OpenDemo busy={busy} onEnter={enter} /> : null}
      {options?.firstStart ? (
        <FirstAccount busy={busy} problem={problem} onEnter={(body) => void enter('/accounts', body)} />
      ) : null}
      {options && !options.firstStart ? (
        <>
          <Rule />
          <SignIn busy={busy} problem={problem} onEnter={(body) => void enter('/session', body)} />
        </>
      ) : null}
    </Page>
  );
}

function FirstAccount({ busy, problem, onEnter }: FormProps) {
  const [kitchenName, setKitchenName] = useState('');
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onEnter({ kitchenName, name, email, password });
      }}
    >
      <h2>Make the first account</h2>
      <Field
        label="Name of the kitchen"
        value={kitchenName}
        onChange={setKitchenName}
        problem={problemOf(problem, 'kitchenName')}
      />
      <Field
        label="Your name"
        autoComplete="name"
        value={name}
        onChange={setName}
        problem={problemOf(problem, 'name')}
      />
      <Field
        label="E-mail address"
        type="email"
        autoComplete="username"
        value={email}
        onChange={setEmail}
        problem={problemOf(problem, 'email')}
      />
      <Field
        label="Password"
        type="password"
        autoComplete="new-password"
        value={password}
        onChange={setPassword}
        problem={problemOf(problem, 'password')}
        hint="At least 10 characters."
      />
      <Unplaced problem={problem} />
      <Button look="act" type="submit" isDisabled={busy}>
        Make the account
      </Button>
    </Form>
  );
}
